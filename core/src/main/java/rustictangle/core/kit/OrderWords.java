package rustictangle.core.kit;

import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** An order of tools in one sentence: of what is in it, and of nothing else. */
final class OrderWords {

    private OrderWords() {}

    /** @param coat what about the coat decides */
    static String of(String coat, List<ToolStep> order) {
        Set<String> said = new LinkedHashSet<>();
        order.forEach(step -> phrase(step).ifPresent(said::add));
        return coat + ": " + String.join(", then ", said) + ".";
    }

    /** Empty for what a reason of its own explains. */
    private static Optional<String> phrase(ToolStep step) {
        return Optional.ofNullable(
                switch (step.tool()) {
                    case FINGERS -> "fingers part what holds";
                    case MIST -> "a light mist";
                    case RUBBER_CURRY -> "rubber loosens what is dead";
                    case UNDERCOAT_RAKE -> "the rake lifts only what is loose";
                    case SLICKER -> brushing("the slicker", "s", step.manner());
                    case PIN_BRUSH -> brushing("pins", "", step.manner());
                    case WOODEN_PIN_BRUSH -> brushing("wooden pins", "", step.manner());
                    case BRISTLE_BRUSH ->
                        step.manner() == Manner.WIPE ? "bristle wipes over it" : "bristle follows the lie";
                    case CLOTH -> "a soft cloth, or bristle, follows the lie";
                    case COMB -> combing(step.manner());
                    case FACE_COMB -> "the fine comb proves it";
                    default -> null;
                });
    }

    private static String brushing(String tool, String s, Manner manner) {
        return switch (manner) {
            case AGAINST_LIE -> tool + " open" + s + " it against the lie";
            case AGAINST_LIE_TWICE -> tool + " go" + (s.isEmpty() ? "" : "es") + " against the lie, twice over";
            case ALL_WAYS -> tool + ", every way, bring" + s + " out the loose hair";
            case LAYERS -> tool + " reach" + (s.isEmpty() ? "" : "es") + " the skin in thin layers";
            case FINDER -> tool + ", very lightly, find" + s + " what holds";
            case WITH_LIE -> tool + " follow" + s + " the lie";
            case ALONG_LEATHER -> tool + " follow" + s + " the leather";
            default -> null;
        };
    }

    private static String combing(Manner manner) {
        return switch (manner) {
            case COMB_LAYERS -> "the comb goes to the skin, its own proof";
            case COMB_OUT, PROVE_WIDE, PROVE_FINE -> "the comb proves it";
            default -> null;
        };
    }
}
