package rustictangle.core.trust;

import java.util.Arrays;
import java.util.Optional;
import rustictangle.core.kit.ToolKind;

/** What a dog learns to accept: every tool at every place on its own, and positions. */
public enum Subject {
    PIN_BRUSH(Ladder.BRUSH, ToolKind.PIN_BRUSH),
    WOODEN_PIN_BRUSH(Ladder.BRUSH, ToolKind.WOODEN_PIN_BRUSH),
    THICK_PIN_BRUSH(Ladder.BRUSH, ToolKind.THICK_PIN_BRUSH),
    FLEXIBLE_PIN_BRUSH(Ladder.BRUSH, ToolKind.FLEXIBLE_PIN_BRUSH),
    SLICKER(Ladder.BRUSH, ToolKind.SLICKER),
    UNDERCOAT_RAKE(Ladder.BRUSH, ToolKind.UNDERCOAT_RAKE),
    RUBBER_CURRY(Ladder.BRUSH, ToolKind.RUBBER_CURRY),
    BRISTLE_BRUSH(Ladder.BRUSH, ToolKind.BRISTLE_BRUSH),
    COMB(Ladder.COMB, ToolKind.COMB),
    ROTATING_COMB(Ladder.COMB, ToolKind.ROTATING_COMB),
    CURVED_COMB(Ladder.COMB, ToolKind.CURVED_COMB),
    FACE_COMB(Ladder.COMB, ToolKind.FACE_COMB),
    MIST(Ladder.MIST, ToolKind.MIST),
    DRYER(Ladder.DRYER, ToolKind.DRYER),
    TABLE(Ladder.TABLE, "standing on the table"),
    LYING_ON_SIDE(Ladder.LYING, "lying on one side"),
    CHIN_REST(Ladder.CHIN, "chin in the hand"),
    OFFERING_LEG(Ladder.LEG, "offering a leg");

    private final Ladder ladder;
    private final Optional<ToolKind> tool;
    private final String label;

    Subject(Ladder ladder, ToolKind tool) {
        this.ladder = ladder;
        this.tool = Optional.of(tool);
        this.label = tool.label();
    }

    Subject(Ladder ladder, String label) {
        this.ladder = ladder;
        this.tool = Optional.empty();
        this.label = label;
    }

    /** Empty where there is nothing to get used to: hands, gel, cornstarch, a professional's blades. */
    public static Optional<Subject> of(ToolKind kind) {
        return Arrays.stream(values())
                .filter(subject -> subject.tool.filter(kind::equals).isPresent())
                .findFirst();
    }

    public Ladder ladder() {
        return ladder;
    }

    /** Empty for a position. */
    public Optional<ToolKind> tool() {
        return tool;
    }

    public String label() {
        return label;
    }

    /** Whether it is learned place by place; a position is learned once. */
    public boolean placeByPlace() {
        return tool.isPresent();
    }
}
