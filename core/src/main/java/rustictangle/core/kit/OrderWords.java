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
        order.stream().filter(step -> !step.ifOwned()).forEach(step -> phrase(step)
                .ifPresent(said::add));
        return coat + ": " + String.join(", then ", said) + ".";
    }

    /** Empty for what a reason of its own explains. */
    private static Optional<String> phrase(ToolStep step) {
        return switch (step.tool()) {
            case FINGERS -> Optional.of("fingers part what holds");
            case MIST -> Optional.of("a light mist");
            case RUBBER_CURRY -> Optional.of("rubber loosens what is dead");
            case UNDERCOAT_RAKE -> Optional.of("the rake lifts only what is loose");
            case SLICKER -> brushing("the slicker", "s", step.manner());
            case PIN_BRUSH -> brushing("pins", "", step.manner());
            case WOODEN_PIN_BRUSH -> brushing("wooden pins", "", step.manner());
            case BRISTLE_BRUSH ->
                switch (step.manner()) {
                    case WIPE -> Optional.of("bristle wipes over it");
                    case LAST_WIPE -> Optional.empty();
                    default -> Optional.of("bristle follows the lie");
                };
            case CLOTH -> Optional.of("a soft cloth, or bristle, follows the lie");
            case COMB -> combing(step.manner());
            case FACE_COMB -> Optional.of("the fine comb proves it");
            // What has no words of its own goes by its name.
            default -> Optional.of("the " + step.tool().label());
        };
    }

    private static Optional<String> brushing(String tool, String s, Manner manner) {
        return switch (manner) {
            case AGAINST_LIE -> Optional.of(tool + " open" + s + " it against the lie, in strips from below");
            case AGAINST_LIE_TWICE ->
                Optional.of(tool + " go" + (s.isEmpty() ? "" : "es") + " against the lie, twice over");
            case ALL_WAYS, EVERY_WAY_IN_STRIPS -> Optional.of(tool + ", every way, bring" + s + " out the loose hair");
            case LAYERS -> Optional.of(tool + " reach" + (s.isEmpty() ? "" : "es") + " the skin in thin layers");
            case LAYERS_FROM_THE_ENDS ->
                Optional.of(tool + " open" + s + " thin layers from the ends inward, to the skin");
            case FINDER -> Optional.of(tool + ", very lightly, find" + s + " what holds");
            case WITH_LIE, LIE_IN_STRIPS -> Optional.of(tool + " follow" + s + " the lie");
            case ALONG_LEATHER -> Optional.of(tool + " follow" + s + " the leather");
            case SEARCH, LIGHTLY, ON_TOOL, FROM_PALM, CIRCLES, BLOW_OUT, LIFT_LOOSE, ENDS_INWARD, COMB_OUT ->
                Optional.empty();
            case COMB_LAYERS, PROVE_WIDE, PROVE_FINE, WIPE, LAST_WIPE -> Optional.empty();
        };
    }

    private static Optional<String> combing(Manner manner) {
        return switch (manner) {
            case COMB_LAYERS -> Optional.of("the comb goes to the skin, its own proof");
            case COMB_OUT, PROVE_WIDE, PROVE_FINE -> Optional.of("the comb proves it");
            case SEARCH, LIGHTLY, ON_TOOL, FROM_PALM, CIRCLES, WITH_LIE, LIE_IN_STRIPS, ALONG_LEATHER, AGAINST_LIE ->
                Optional.empty();
            case AGAINST_LIE_TWICE, EVERY_WAY_IN_STRIPS, BLOW_OUT, LIFT_LOOSE, ALL_WAYS, ENDS_INWARD, FINDER ->
                Optional.empty();
            case LAYERS, LAYERS_FROM_THE_ENDS, WIPE, LAST_WIPE -> Optional.empty();
        };
    }
}
