package rustictangle.core.routine;

import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import rustictangle.core.coat.Coat;
import rustictangle.core.coat.LengthBand;
import rustictangle.core.coat.RegionCoat;
import rustictangle.core.dog.BodySurface;
import rustictangle.core.dog.Dog;
import rustictangle.core.dog.Part;
import rustictangle.core.dog.Section;
import rustictangle.core.kit.Grip;
import rustictangle.core.kit.Manner;
import rustictangle.core.kit.Need;
import rustictangle.core.kit.Parting;
import rustictangle.core.kit.PinWindow;
import rustictangle.core.kit.SectionKit;
import rustictangle.core.kit.Structure;
import rustictangle.core.kit.ToolStep;
import rustictangle.core.log.ToolKind;

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
    /** Strokes on one spot of delicate skin, against the ordinary 2–3. */
    private static final double DELICATE_STROKES = 2.0;

    /** Between these lengths hair that was only gone over passes to hair that is parted, mm. Own estimates. */
    private static final double FIRST_PARTED_MM = 18;

    private static final double PARTED_MM = 50;
    /** Between these, hair that is parted anyway passes to more tools, mm. Own estimates. */
    private static final double MORE_TOOLS_MM = 14;

    private static final double ALL_TOOLS_MM = 54;
    /** Nobody does a foot with its toes, both faces of an ear or a beard in less, seconds with the brush, and as much with the comb. Own estimate. */
    private static final double SMALL_PLACE_SECONDS = 8;

    private static final Set<Part> SMALL_PLACES =
            EnumSet.of(Part.EAR, Part.FRONT_FOOT, Part.HIND_FOOT, Part.MUZZLE, Part.BEHIND_EAR);
    /** A neglected coat is opened from the ends inward; there is nothing to open in hair as short as this, mm. Own estimates. */
    private static final double NOTHING_TO_OPEN_MM = 10;

    private static final double ALL_TO_OPEN_MM = 60;

    /** To lay one tool down and take up another, seconds. Own estimate. */
    private static final double CHANGE_SECONDS = 8;
    /** In hair that is only gone over the next tool waits in the other hand; in hair as long as this that hand holds hair, mm. Own estimate. */
    private static final double OTHER_HAND_FREE_MM = 26;

    private static final double BOTH_HANDS_FULL_MM = 80;

    private final Dog dog;
    private final SectionKit here;
    private final Section section;
    private final RegionCoat hair;
    private final double shaggy;
    private final boolean delicate;
    private final Structure structure;
    private final double height;
    private final double width;

    private WorkTime(Dog dog, Coat coat, SectionKit here, boolean delicate, Structure structure) {
        this.dog = dog;
        this.here = here;
        this.section = here.need().section();
        this.hair = here.need().hair();
        this.shaggy = coat.shagginess();
        this.delicate = delicate;
        this.structure = structure;
        this.height = BodySurface.of(dog.mass()).heightMillimetres(section);
        this.width = height / section.heightToWidth();
    }

    /** Seconds for one section, the changes of tool among them, greater than 0. */
    static double seconds(Dog dog, Coat coat, SectionKit here, boolean delicate, Structure structure) {
        WorkTime time = new WorkTime(dog, coat, here, delicate, structure);
        double seconds = time.seconds();
        return seconds + time.changing(seconds);
    }

    /**
     * What changing tools costs here. Place by place each is taken up once in every step: a place bears its part of that,
     * by the places of its grip, or of so many small ones as are one step. Tool by tool each is taken up once.
     */
    private double changing(double seconds) {
        long tools = here.need().order().stream()
                .filter(this::used)
                .map(ToolStep::tool)
                .filter(tool -> tool.work() != ToolKind.Work.HAND && tool.work() != ToolKind.Work.MIST)
                .distinct()
                .count();
        if (tools < 2) {
            return 0;
        }
        double part = structure == Structure.TOOL_BY_TOOL
                ? 1.0 / Section.values().length
                : Math.min(1.0 / Grip.of(section).places().size(), seconds / RoutineStep.JOINED_SECONDS);
        return CHANGE_SECONDS * bothHandsFull() * tools * part;
    }

    private double seconds() {
        Need need = here.need();
        double strokes = need.acrossTheBand().equals(need.order())
                ? strokes(need.order(), false)
                : between(need.order(), need.acrossTheBand());
        double seconds = strokes
                * (SECONDS_PER_STROKE + SECONDS_PER_MILLIMETRE * hair.length().millimetres());
        return SMALL_PLACES.contains(section.part())
                ? Math.max(seconds, SMALL_PLACE_SECONDS * (need.proof().isPresent() ? 2 : 1))
                : seconds;
    }

    private double bothHandsFull() {
        double full = (hair.length().millimetres() - OTHER_HAND_FREE_MM) / (BOTH_HANDS_FULL_MM - OTHER_HAND_FREE_MM);
        return Math.max(0, Math.min(1, full));
    }

    private boolean used(ToolStep step) {
        return !step.ifOwned()
                || here.steps().stream().anyMatch(one -> one.step().equals(step) && one.there());
    }

    /** Where other tools take over as the hair grows, they do it little by little, in the same proportion with each mm. */
    private double between(List<ToolStep> order, List<ToolStep> across) {
        boolean isShort = hair.length().band() == LengthBand.SHORT;
        List<ToolStep> ofShort = isShort ? order : across;
        // What was never parted is parted as the others take over; what is parted anyway needs a longer way.
        boolean begins = Need.parting(ofShort) == Parting.NONE;
        double from = begins ? FIRST_PARTED_MM : MORE_TOOLS_MM;
        double to = begins ? PARTED_MM : ALL_TOOLS_MM;
        double grown = Math.max(0, Math.min(1, (hair.length().millimetres() - from) / (to - from)));
        double fewer = strokes(ofShort, false);
        double more = strokes(isShort ? across : order, begins && isShort);
        return fewer * Math.pow(Math.max(1, more / fewer), grown);
    }

    private double strokes(List<ToolStep> order, boolean fully) {
        double reach = here.reachMillimetres()
                .or(() -> here.need().pins().map(PinWindow::middleMillimetres))
                .map(pins -> fully ? Math.min(pins, hair.length().millimetres() / 2) : pins)
                .orElse(Double.MAX_VALUE);
        double rows = Layers.rows(order, hair, reach, shaggy, height);
        return order.stream()
                .filter(this::used)
                .mapToDouble(step -> strokes(step, rows))
                .sum();
    }

    private double strokes(ToolStep step, double partedRows) {
        Manner manner = step.manner();
        double rows = manner.inPartings() ? partedRows : height / STROKE_LENGTH_MM;
        boolean fewer = delicate && (manner == Manner.LAYERS || manner == Manner.LAYERS_FROM_THE_ENDS);
        double perSpot = fewer ? DELICATE_STROKES : manner.strokes();
        if (manner == Manner.ENDS_INWARD) {
            double toOpen = (hair.length().millimetres() - NOTHING_TO_OPEN_MM) / (ALL_TO_OPEN_MM - NOTHING_TO_OPEN_MM);
            perSpot *= Math.max(0, Math.min(1, toOpen));
        }
        return rows * width / toolWidth(dog) * perSpot;
    }

    /** Smaller dogs are brushed with smaller tools. */
    private static double toolWidth(Dog dog) {
        double scaled = TOOL_WIDTH_MM * Math.cbrt(dog.mass().kilograms() / REFERENCE_KG);
        return Math.max(NARROWEST_TOOL_MM, Math.min(WIDEST_TOOL_MM, scaled));
    }
}
