package rustictangle.core.trust;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import rustictangle.core.kit.ToolKind;
import rustictangle.core.log.CareJob;
import rustictangle.core.log.Subject;

/**
 * How a subject is learned.
 *
 * @param tool  empty for a position or a job of care
 * @param label to show
 * @param care  whether it is a job of care, which is practised when its turn comes
 */
public record Lesson(Subject subject, Ladder ladder, Optional<ToolKind> tool, String label, boolean care) {

    private static final List<Lesson> ALL = List.of(
            of(Subject.PIN_BRUSH, Ladder.BRUSH, ToolKind.PIN_BRUSH),
            of(Subject.WOODEN_PIN_BRUSH, Ladder.BRUSH, ToolKind.WOODEN_PIN_BRUSH),
            of(Subject.THICK_PIN_BRUSH, Ladder.BRUSH, ToolKind.THICK_PIN_BRUSH),
            of(Subject.FLEXIBLE_PIN_BRUSH, Ladder.BRUSH, ToolKind.FLEXIBLE_PIN_BRUSH),
            of(Subject.SLICKER, Ladder.BRUSH, ToolKind.SLICKER),
            of(Subject.UNDERCOAT_RAKE, Ladder.BRUSH, ToolKind.UNDERCOAT_RAKE),
            of(Subject.RUBBER_CURRY, Ladder.BRUSH, ToolKind.RUBBER_CURRY),
            of(Subject.BRISTLE_BRUSH, Ladder.BRUSH, ToolKind.BRISTLE_BRUSH),
            of(Subject.COMB, Ladder.COMB, ToolKind.COMB),
            of(Subject.ROTATING_COMB, Ladder.COMB, ToolKind.ROTATING_COMB),
            of(Subject.CURVED_COMB, Ladder.COMB, ToolKind.CURVED_COMB),
            of(Subject.FACE_COMB, Ladder.COMB, ToolKind.FACE_COMB),
            of(Subject.MIST, Ladder.MIST, ToolKind.MIST),
            of(Subject.DRYER, Ladder.DRYER, ToolKind.DRYER),
            position(Subject.TABLE, Ladder.TABLE, "standing on the table"),
            position(Subject.LYING_ON_SIDE, Ladder.LYING, "lying on one side"),
            position(Subject.CHIN_REST, Ladder.CHIN, "chin in the hand"),
            position(Subject.OFFERING_LEG, Ladder.LEG, "offering a leg"),
            care(Subject.BATHING, Ladder.BATHING, "being bathed"),
            care(Subject.TOOTHBRUSH, Ladder.TEETH, "having its teeth brushed"),
            care(Subject.EYE_PAD, Ladder.EYES, "having its eyes wiped"),
            care(Subject.EAR_WIPE, Ladder.EARS, "having its ears wiped"),
            care(Subject.NAIL_CLIPPERS, Ladder.CLIPPERS, "nail clippers"),
            care(Subject.NAIL_GRINDER, Ladder.GRINDER, "nail grinder"));

    private static final Map<Subject, Lesson> BY_SUBJECT = new EnumMap<>(Subject.class);

    static {
        ALL.forEach(lesson -> BY_SUBJECT.put(lesson.subject, lesson));
    }

    private static Lesson of(Subject subject, Ladder ladder, ToolKind tool) {
        return new Lesson(subject, ladder, Optional.of(tool), tool.label(), false);
    }

    private static Lesson position(Subject subject, Ladder ladder, String label) {
        return new Lesson(subject, ladder, Optional.empty(), label, false);
    }

    private static Lesson care(Subject subject, Ladder ladder, String label) {
        return new Lesson(subject, ladder, Optional.empty(), label, true);
    }

    public static Lesson of(Subject subject) {
        return BY_SUBJECT.get(subject);
    }

    /** What a dog has to get used to; empty where there is nothing: hands, gel, cornstarch, a professional's blades. */
    public static Optional<Subject> with(ToolKind kind) {
        return ALL.stream()
                .filter(lesson -> lesson.tool.filter(kind::equals).isPresent())
                .map(Lesson::subject)
                .findFirst();
    }

    /** What a dog learns for a job of care, the usual first: one of them will do. None: nothing of its own. */
    public static List<Subject> ofCare(CareJob job) {
        return switch (job) {
            case LOOK_OVER -> List.of();
            case TEETH -> List.of(Subject.TOOTHBRUSH);
            case EYES -> List.of(Subject.EYE_PAD);
            case EARS -> List.of(Subject.EAR_WIPE);
            case FEET -> List.of(Subject.OFFERING_LEG);
            case NAILS -> List.of(Subject.NAIL_CLIPPERS, Subject.NAIL_GRINDER);
            case BATH -> List.of(Subject.BATHING);
        };
    }

    /** Whether it is learned place by place; a position, or a job of care, is learned once. */
    public boolean placeByPlace() {
        return tool.isPresent();
    }
}
