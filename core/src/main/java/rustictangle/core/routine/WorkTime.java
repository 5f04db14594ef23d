package rustictangle.core.routine;

import java.util.List;
import rustictangle.core.coat.LengthBand;
import rustictangle.core.dog.BodySurface;
import rustictangle.core.dog.Dog;
import rustictangle.core.dog.Section;
import rustictangle.core.kit.Manner;
import rustictangle.core.kit.Need;
import rustictangle.core.kit.ToolStep;

/**
 * How long a section takes: strokes times the time of a stroke. Smooth in the hair's length and in the dog's mass.
 *
 * <p>Own estimates, calibrated together to common practice, no published source: a long-coated medium dog combed daily
 * takes about 10 min, a small double coat in heavy shedding 35 to 40 min, a long fleece through three tools 60 min or
 * more, a clip of 6 to 15 mm 7 to 10 min.
 */
final class WorkTime {

    /** One stroke with its return, seconds, and what each mm of hair to lift and draw through adds. Own estimates. */
    private static final double SECONDS_PER_STROKE = 1.0;

    private static final double SECONDS_PER_MILLIMETRE = 0.004;
    /** Width a tool covers on a dog of the reference mass, mm. */
    private static final double TOOL_WIDTH_MM = 85;

    private static final double REFERENCE_KG = 15;
    private static final double NARROWEST_TOOL_MM = 40;
    private static final double WIDEST_TOOL_MM = 110;
    /** Hair covered by one stroke of a tool that is led over the coat, mm. */
    private static final double STROKE_LENGTH_MM = 100;
    /** Height done at once where the pins reach through, mm, and what a thin layer's thickness adds. */
    private static final double PASS_MM = 45;
    /** Strokes on one spot of delicate skin, against the ordinary 2–3. */
    private static final double DELICATE_STROKES = 2.0;

    /** Past the short band other tools are taken little by little: over so many mm. Own estimate. */
    private static final double OTHER_TOOLS_OVER_MM = 36;

    private WorkTime() {}

    /** Seconds for one section, greater than 0. */
    static double seconds(Dog dog, Section section, Need need, Layers layers, boolean delicate) {
        double strokes = strokes(dog, section, need, need.order(), layers, delicate);
        double grown = (layers.hairMm() - LengthBand.SHORT_UP_TO_MM) / OTHER_TOOLS_OVER_MM;
        if (grown < 1 && !need.shorter().equals(need.order())) {
            double fewer = strokes(dog, section, need, need.shorter(), parted(need.shorter(), layers), delicate);
            strokes = fewer * Math.pow(strokes / fewer, grown);
        }
        return strokes * (SECONDS_PER_STROKE + SECONDS_PER_MILLIMETRE * layers.hairMm());
    }

    private static Layers parted(List<ToolStep> order, Layers layers) {
        return order.stream().anyMatch(step -> step.manner() == Manner.LAYERS || step.manner() == Manner.COMB_LAYERS)
                ? layers
                : new Layers(1, layers.thicknessMm(), 0, layers.hairMm(), layers.why());
    }

    private static double strokes(
            Dog dog, Section section, Need need, List<ToolStep> order, Layers layers, boolean delicate) {
        return order.stream()
                .mapToDouble(step -> strokes(dog, section, step, need, layers, delicate))
                .sum();
    }

    private static double strokes(Dog dog, Section section, ToolStep step, Need need, Layers layers, boolean delicate) {
        double height = BodySurface.of(dog.mass()).heightMillimetres(section);
        double width = height / section.heightToWidth();
        Manner manner = step.manner();
        double rows = manner.inLayers() ? rows(height, need, layers) : height / STROKE_LENGTH_MM;
        double perSpot = manner == Manner.LAYERS && delicate ? DELICATE_STROKES : manner.strokes();
        return rows * width / toolWidth(dog) * perSpot;
    }

    /** From passes to thin layers, in the same proportion with each mm: a straight line would leap at its foot. */
    private static double rows(double height, Need need, Layers layers) {
        double layer = need.hair().density().layerMillimetres();
        double passes = height / (PASS_MM + layer);
        double parted = layers.pinReachMm() > 0 ? Layers.beyondReach(layers.hairMm(), layers.pinReachMm()) : 0;
        return passes * Math.pow(Math.max(1, height / layer / passes), parted);
    }

    /** Smaller dogs are brushed with smaller tools. */
    private static double toolWidth(Dog dog) {
        double scaled = TOOL_WIDTH_MM * Math.cbrt(dog.mass().kilograms() / REFERENCE_KG);
        return Math.max(NARROWEST_TOOL_MM, Math.min(WIDEST_TOOL_MM, scaled));
    }
}
