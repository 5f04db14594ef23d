package rustictangle.core.kit;

import static rustictangle.core.kit.LeadSchool.COMB_ONLY;
import static rustictangle.core.kit.LeadSchool.NO_SLICKER_YET;
import static rustictangle.core.kit.LeadSchool.PIN_SLICKER_COMB;
import static rustictangle.core.kit.LeadSchool.SLICKER_THEN_COMB;
import static rustictangle.core.kit.Manner.AGAINST_LIE;
import static rustictangle.core.kit.Manner.AGAINST_LIE_TWICE;
import static rustictangle.core.kit.Manner.ALL_WAYS;
import static rustictangle.core.kit.Manner.BLOW_OUT;
import static rustictangle.core.kit.Manner.CIRCLES;
import static rustictangle.core.kit.Manner.COMB_LAYERS;
import static rustictangle.core.kit.Manner.ENDS_INWARD;
import static rustictangle.core.kit.Manner.FINDER;
import static rustictangle.core.kit.Manner.LAST_WIPE;
import static rustictangle.core.kit.Manner.LAYERS;
import static rustictangle.core.kit.Manner.LIFT_LOOSE;
import static rustictangle.core.kit.Manner.LIGHTLY;
import static rustictangle.core.kit.Manner.PROVE_FINE;
import static rustictangle.core.kit.Manner.PROVE_WIDE;
import static rustictangle.core.kit.Manner.SEARCH;
import static rustictangle.core.kit.Manner.WIPE;
import static rustictangle.core.kit.Manner.WITH_LIE;
import static rustictangle.core.log.ToolKind.BRISTLE_BRUSH;
import static rustictangle.core.log.ToolKind.CLOTH;
import static rustictangle.core.log.ToolKind.COMB;
import static rustictangle.core.log.ToolKind.DRYER;
import static rustictangle.core.log.ToolKind.FACE_COMB;
import static rustictangle.core.log.ToolKind.FINGERS;
import static rustictangle.core.log.ToolKind.MIST;
import static rustictangle.core.log.ToolKind.PIN_BRUSH;
import static rustictangle.core.log.ToolKind.RUBBER_CURRY;
import static rustictangle.core.log.ToolKind.SLICKER;
import static rustictangle.core.log.ToolKind.UNDERCOAT_RAKE;
import static rustictangle.core.log.ToolKind.WOODEN_PIN_BRUSH;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import rustictangle.core.Sure;
import rustictangle.core.log.ToolKind;

/**
 * Which tools, in which order, by coat: what prepares, what brushes (by school), what follows, what proves. Common
 * practice, no published source, but for the face, the crown and the shedding jacket, which are this project's reading of
 * the rules around them. What of it is safe at a place is {@link PlaceUse}'s to say.
 */
enum CoatOrder {
    SMOOTH(
            "kit.order-smooth",
            "A smooth coat lies close, and pins have no job here",
            brush(step(RUBBER_CURRY, CIRCLES)),
            steps(),
            steps(step(BRISTLE_BRUSH, WIPE)),
            steps()),
    /** Where no rubber circles. */
    SMOOTH_ELSEWHERE(
            "kit.order-smooth",
            "A smooth coat lies close, and no rubber circles here",
            brush(step(CLOTH, WITH_LIE)),
            steps(),
            steps(),
            steps()),
    PLUSH_SHEDDING(
            "kit.order-plush-shedding",
            "A plush coat letting its undercoat go",
            brush(step(RUBBER_CURRY, CIRCLES)),
            steps(),
            steps(step(UNDERCOAT_RAKE, LIFT_LOOSE), step(BRISTLE_BRUSH, WIPE)),
            steps()),
    DOUBLE(
            "kit.order-double",
            "A double coat hides its tangles beneath the guard hair",
            schools(SLICKER_THEN_COMB, AGAINST_LIE),
            steps(),
            steps(),
            laid()),
    DOUBLE_SHEDDING(
            "kit.order-double-shedding",
            "The undercoat is letting go while the guard hair stays",
            schools(SLICKER_THEN_COMB, AGAINST_LIE_TWICE),
            steps(step(RUBBER_CURRY, CIRCLES), new ToolStep(DRYER, BLOW_OUT, true)),
            steps(step(UNDERCOAT_RAKE, LIFT_LOOSE)),
            laid()),
    DROP("kit.order-drop", "Dry long hair snaps", silkSchools(), steps(step(MIST, LIGHTLY)), steps(), laid()),
    CURLY(
            "kit.order-curly",
            "This hair keeps its dead hair inside",
            schools(SLICKER_THEN_COMB, LAYERS),
            steps(step(FINGERS, SEARCH), step(MIST, LIGHTLY)),
            steps(),
            bothEnds()),
    FLEECE(
            "kit.order-fleece",
            "Long fluffy fleece felts beneath while its top stays open",
            schools(PIN_SLICKER_COMB, LAYERS),
            steps(step(MIST, LIGHTLY)),
            steps(),
            bothEnds()),
    JACKET(
            "kit.order-jacket",
            "A short jacket",
            brush(step(BRISTLE_BRUSH, WITH_LIE)),
            steps(),
            steps(),
            steps(step(COMB, PROVE_WIDE))),
    JACKET_SHEDDING(
            "kit.order-jacket-shedding",
            "A jacket letting its undercoat go",
            brush(step(BRISTLE_BRUSH, WITH_LIE)),
            steps(step(RUBBER_CURRY, CIRCLES), step(UNDERCOAT_RAKE, LIFT_LOOSE)),
            steps(),
            steps(step(COMB, PROVE_WIDE))),
    FURNISHINGS(
            "kit.order-furnishings",
            "Longer furnishings on a short-jacketed dog",
            silkSchools(),
            steps(step(MIST, LIGHTLY)),
            steps(),
            laid()),
    FACE(
            "kit.order-face",
            "Beside the eyes a comb is surest, fingers over the nose",
            brush(step(COMB, COMB_LAYERS)),
            steps(step(FINGERS, SEARCH)),
            steps(),
            steps(step(FACE_COMB, PROVE_FINE))),
    /** A beard, where food and wet make it felt. */
    BEARD(
            "kit.order-face",
            "A beard felts from food and wet, and it hangs beside the eyes",
            combed(ENDS_INWARD),
            steps(step(FINGERS, SEARCH)),
            steps(),
            steps(step(FACE_COMB, PROVE_FINE))),
    CROWN(
            "kit.order-face",
            "Above the eyes a comb is surest",
            brush(step(COMB, COMB_LAYERS)),
            steps(step(FINGERS, SEARCH)),
            steps(),
            steps()),
    TOP_KNOT(
            "kit.order-face",
            "A top-knot felts at its root, above the eyes",
            combed(LAYERS),
            steps(step(FINGERS, SEARCH), step(MIST, LIGHTLY)),
            steps(),
            steps()),
    PUPPY(
            "kit.order-puppy",
            "A puppy begins with the softest brush; other tools follow when it accepts this one everywhere",
            brush(step(WOODEN_PIN_BRUSH, WITH_LIE)),
            steps(),
            steps(),
            steps(step(COMB, PROVE_WIDE)));

    private final String rule;
    private final String coat;
    private final Map<LeadSchool, List<ToolStep>> brushes;
    private final LeadSchool usual;
    private final List<ToolStep> before;
    private final List<ToolStep> after;
    private final List<ToolStep> proof;

    CoatOrder(
            String rule,
            String coat,
            Schools schools,
            List<ToolStep> before,
            List<ToolStep> after,
            List<ToolStep> proof) {
        this.rule = rule;
        this.coat = coat;
        this.brushes = schools.brushes();
        this.usual = schools.usual();
        this.before = before;
        this.after = after;
        this.proof = proof;
    }

    String rule() {
        return rule;
    }

    /** What about the coat decides. */
    String coat() {
        return coat;
    }

    /** The school that this coat asks for when nothing was chosen. */
    LeadSchool usual() {
        return usual;
    }

    List<ToolStep> before() {
        return before;
    }

    /** What brushes, the last of them leading. */
    List<ToolStep> brushes(LeadSchool school) {
        return Sure.at(brushes, school);
    }

    List<ToolStep> after() {
        return after;
    }

    List<ToolStep> proof() {
        return proof;
    }

    private record Schools(LeadSchool usual, Map<LeadSchool, List<ToolStep>> brushes) {}

    /** All schools brush alike here. */
    private static Schools brush(ToolStep step) {
        Map<LeadSchool, List<ToolStep>> brushes = new EnumMap<>(LeadSchool.class);
        for (LeadSchool school : LeadSchool.values()) {
            brushes.put(school, List.of(step));
        }
        return new Schools(SLICKER_THEN_COMB, brushes);
    }

    /** The comb leads, and pins go before it for those who have them; nobody is sent for a brush for the head alone. */
    private static Schools combed(Manner pins) {
        ToolStep comb = step(COMB, COMB_LAYERS);
        Map<LeadSchool, List<ToolStep>> brushes = new EnumMap<>(brush(comb).brushes());
        brushes.replaceAll(
                (school, alone) -> school == COMB_ONLY ? alone : List.of(new ToolStep(PIN_BRUSH, pins, true), comb));
        return new Schools(SLICKER_THEN_COMB, brushes);
    }

    private static Schools schools(LeadSchool usual, Manner manner) {
        Manner first = manner == LAYERS ? ALL_WAYS : manner;
        Map<LeadSchool, List<ToolStep>> brushes = new EnumMap<>(LeadSchool.class);
        brushes.put(COMB_ONLY, steps(step(COMB, COMB_LAYERS)));
        brushes.put(SLICKER_THEN_COMB, steps(step(SLICKER, manner)));
        brushes.put(PIN_SLICKER_COMB, steps(step(PIN_BRUSH, first), step(SLICKER, manner)));
        brushes.put(NO_SLICKER_YET, steps(step(PIN_BRUSH, manner)));
        return new Schools(usual, brushes);
    }

    /** On silky hair the slicker is only a finder, and very lightly. */
    private static Schools silkSchools() {
        Map<LeadSchool, List<ToolStep>> brushes = new EnumMap<>(LeadSchool.class);
        brushes.put(COMB_ONLY, steps(step(COMB, COMB_LAYERS)));
        brushes.put(SLICKER_THEN_COMB, steps(step(SLICKER, FINDER), step(COMB, COMB_LAYERS)));
        brushes.put(PIN_SLICKER_COMB, steps(step(SLICKER, FINDER), step(PIN_BRUSH, LAYERS)));
        brushes.put(NO_SLICKER_YET, steps(step(PIN_BRUSH, LAYERS)));
        return new Schools(NO_SLICKER_YET, brushes);
    }

    private static List<ToolStep> bothEnds() {
        return steps(step(COMB, PROVE_WIDE), step(COMB, PROVE_FINE));
    }

    /** The same, and what lays a coat that lies: a bristle brush, for those who have one. */
    private static List<ToolStep> laid() {
        return steps(step(COMB, PROVE_WIDE), step(COMB, PROVE_FINE), new ToolStep(BRISTLE_BRUSH, LAST_WIPE, true));
    }

    private static List<ToolStep> steps(ToolStep... steps) {
        return List.of(steps);
    }

    private static ToolStep step(ToolKind tool, Manner manner) {
        return new ToolStep(tool, manner);
    }
}
