package rustictangle.core.routine;

import rustictangle.core.dog.BodySurface;
import rustictangle.core.dog.Dog;
import rustictangle.core.dog.Section;
import rustictangle.core.kit.Manner;
import rustictangle.core.kit.Need;
import rustictangle.core.kit.ToolStep;

/**
 * How long a section takes: strokes times the time of a stroke.
 *
 * <p>Own estimates, calibrated together to common practice: a long-coated medium dog combed daily
 * takes about 10 min, a medium double coat in heavy shedding 35 to 40 min, a long fleece through
 * three tools 60 min or more.
 */
final class WorkTime {

    /** One stroke with its return and its lifting of hair, seconds. */
    private static final double SECONDS_PER_STROKE = 1.3;
    /** Width a tool covers on a dog of the reference mass, mm. */
    private static final double TOOL_WIDTH_MM = 80;

    private static final double REFERENCE_KG = 15;
    private static final double NARROWEST_TOOL_MM = 40;
    private static final double WIDEST_TOOL_MM = 110;
    /** Hair covered by one stroke when it is not parted, mm. */
    private static final double STROKE_LENGTH_MM = 100;
    /** Strokes on one spot of delicate skin, against the ordinary 2–3. */
    private static final double DELICATE_STROKES = 2.0;

    private static final int ROUND_TO_SECONDS = 10;

    private WorkTime() {}

    /** Seconds for one section, a multiple of 10, at least 10. */
    static int seconds(Dog dog, Section section, Need need, int layers, boolean delicate) {
        double strokes = need.order().stream()
                .mapToDouble(step -> strokes(dog, section, step, layers, delicate))
                .sum();
        return Math.max(
                ROUND_TO_SECONDS, (int) Math.round(strokes * SECONDS_PER_STROKE / ROUND_TO_SECONDS) * ROUND_TO_SECONDS);
    }

    private static double strokes(Dog dog, Section section, ToolStep step, int layers, boolean delicate) {
        BodySurface surface = BodySurface.of(dog.mass());
        double height = surface.heightMillimetres(section);
        double width = height / section.heightToWidth();
        Manner manner = step.manner();
        double rows = manner.inLayers() && layers > 1 ? layers : height / STROKE_LENGTH_MM;
        double perSpot = manner == Manner.LAYERS && delicate ? DELICATE_STROKES : manner.strokes();
        return rows * width / toolWidth(dog) * perSpot;
    }

    /** Smaller dogs are brushed with smaller tools. */
    private static double toolWidth(Dog dog) {
        double scaled = TOOL_WIDTH_MM * Math.cbrt(dog.mass().kilograms() / REFERENCE_KG);
        return Math.max(NARROWEST_TOOL_MM, Math.min(WIDEST_TOOL_MM, scaled));
    }
}
