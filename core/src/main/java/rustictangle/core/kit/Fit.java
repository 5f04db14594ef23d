package rustictangle.core.kit;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import rustictangle.core.Reason;
import rustictangle.core.log.ToolKind;
import rustictangle.core.log.ToolProperty;

/**
 * How well one tool serves one step at one section.
 *
 * @param score in [0, 100]: 100 times the product of its parts; 0 when it must not be used
 */
public record Fit(Tool tool, ToolStep step, Need need, double score, Verdict verdict) {

    private static final ToolProperty[] PROPERTIES = ToolProperty.values();
    /** A property under this is worth naming as a reason. Own estimate. */
    private static final double WORTH_NAMING = 0.97;

    /** The fit of a tool at one step. A tool put aside fits nowhere until it is replaced. */
    public static Fit of(Tool tool, ToolStep step, Need need) {
        return of(tool, step, need, forbidden(tool, need));
    }

    /** The fit of a tool at every step of the need, in their order. */
    static Fit[] atEachStep(Tool tool, Need need) {
        boolean forbidden = forbidden(tool, need);
        Fit[] fits = new Fit[need.order().size()];
        for (int s = 0; s < fits.length; s++) {
            fits[s] = of(tool, need.order().get(s), need, forbidden);
        }
        return fits;
    }

    private static Fit of(Tool tool, ToolStep step, Need need, boolean forbidden) {
        if (forbidden) {
            return new Fit(tool, step, need, 0, Verdict.NEVER_HERE);
        }
        double score = score(tool, step, need);
        return new Fit(tool, step, need, score, Verdict.of(score));
    }

    private static boolean forbidden(Tool tool, Need need) {
        return raw(tool)
                || tool.kind().isBlade()
                || need.forbids(tool.kind()).isPresent()
                || bareBesideTheEyes(tool, need);
    }

    /** Whatever the school and the hand. */
    private static boolean bareBesideTheEyes(Tool tool, Need need) {
        boolean coated = tool.tips()
                .filter(tips -> tips == Tips.COATED || tips == Tips.BALL)
                .isPresent();
        return tool.kind() == ToolKind.SLICKER
                && !coated
                && PlaceUse.at(need.section()).direction() == PlaceUse.Direction.AWAY_FROM_THE_EYES;
    }

    /** The score alone, for tools that are allowed. */
    private static double score(Tool tool, ToolStep step, Need need) {
        if (tool.putAside()) {
            return 0;
        }
        double product = 100;
        for (ToolProperty property : PROPERTIES) {
            if (product > 0 && FitRules.matters(property, tool, step, need)) {
                product *= FitRules.value(property, tool, step, need);
            }
        }
        return product;
    }

    /** Property by property, in the order of {@link ToolProperty}. */
    public List<FitPart> parts() {
        List<FitPart> parts = new ArrayList<>();
        for (ToolProperty property : PROPERTIES) {
            if (FitRules.matters(property, tool, step, need)) {
                parts.add(new FitPart(
                        property,
                        FitRules.value(property, tool, step, need),
                        FitWords.have(property, tool),
                        FitWords.want(property, tool, step, need)));
            }
        }
        return parts;
    }

    /** Why it came out as it did: the harm, the fault, or every property that costs; at least one. */
    public List<Reason> reasons() {
        List<Reason> reasons = new ArrayList<>();
        if (raw(tool)) {
            reasons.add(new Reason("kit.never-raw", "Raw-cut tips scratch, anywhere on any dog."));
        }
        need.forbids(tool.kind()).ifPresent(reasons::add);
        if (need.forbids(tool.kind()).isEmpty() && bareBesideTheEyes(tool, need)) {
            reasons.add(new Reason("kit.never-slicker-face", "Only coated wires come near the eyes."));
        }
        failed().ifPresent(reasons::add);
        if (!reasons.isEmpty()) {
            return reasons;
        }
        if (score == 0) {
            return List.of(new Reason(
                    "kit.no-job",
                    "Nothing in the order here asks for " + tool.kind().one() + ": good for "
                            + tool.kind().hint() + "."));
        }
        for (FitPart part : parts()) {
            if (part.value() < WORTH_NAMING) {
                reasons.add(
                        part.property() == ToolProperty.JOB
                                ? new Reason(
                                        "kit.fit",
                                        "It stands in for " + step.tool().one() + ".")
                                : new Reason(
                                        "kit.fit",
                                        capital(part.property().label()) + " " + part.have() + "; here " + part.want()
                                                + "."));
            }
        }
        if (reasons.isEmpty()) {
            reasons.add(new Reason("kit.fit", "Everything about it suits this place."));
        }
        return reasons;
    }

    private Optional<Reason> failed() {
        return tool.check()
                .filter(ToolCheck::failed)
                .map(check -> new Reason(
                        "kit.put-aside",
                        "Put aside since {" + check.day() + " date}: "
                                + check.faults().iterator().next().label() + ". Not matched until it is replaced."));
    }

    private static boolean raw(Tool tool) {
        return tool.tips().isPresent() && tool.tips().get() == Tips.RAW;
    }

    static String capital(String words) {
        return Character.toUpperCase(words.charAt(0)) + words.substring(1);
    }
}
