package rustictangle.core.kit;

import java.util.Objects;
import java.util.Optional;
import rustictangle.core.Refused;
import rustictangle.core.log.ToolKind;

/**
 * One tool by what can be measured and seen of it. What was not measured is absent.
 *
 * @param id               the owner's tool; 0 for a tool in general, to be bought
 * @param name             what its owner calls it, may be empty
 * @param pinMillimetres   pin or wire length from pad to tip, or of a comb's teeth, in (0, 60]
 * @param headMillimetres  width of the head across the stroke, in [5, 250]
 * @param flexible         whether a slicker's head gives way
 * @param handle           what it is held by; it has no part in the match
 * @param check            the latest look-over
 */
public record Tool(
        long id,
        String name,
        ToolKind kind,
        Optional<Double> pinMillimetres,
        Optional<PadKind> pad,
        Optional<Tips> tips,
        Optional<HeadShape> head,
        Optional<Double> headMillimetres,
        Optional<Spacing> spacing,
        boolean flexible,
        Optional<Handle> handle,
        Optional<ToolCheck> check) {

    public static final double LONGEST_PIN_MM = PinWindow.LONGEST_PIN_MM;
    public static final double NARROWEST_HEAD_MM = 5;
    public static final double WIDEST_HEAD_MM = 250;

    public Tool {
        Objects.requireNonNull(kind, "kind");
        pinMillimetres.ifPresent(mm -> {
            if (!(mm > 0 && mm <= LONGEST_PIN_MM)) {
                throw new IllegalArgumentException("pin length " + mm + " mm, need (0, " + LONGEST_PIN_MM + "]");
            }
        });
        headMillimetres.ifPresent(mm -> {
            if (!(mm >= NARROWEST_HEAD_MM && mm <= WIDEST_HEAD_MM)) {
                throw new IllegalArgumentException(
                        "head width " + mm + " mm, need [" + NARROWEST_HEAD_MM + ", " + WIDEST_HEAD_MM + "]");
            }
        });
    }

    /** A tool of this kind of which nothing else is known. */
    public static Tool of(ToolKind kind) {
        return new Tool(
                0,
                "",
                kind,
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                false,
                Optional.empty(),
                Optional.empty());
    }

    /** A brush in general. */
    public static Tool brush(
            ToolKind kind, double pinMillimetres, Optional<PadKind> pad, Tips tips, HeadShape head, boolean flexible) {
        return new Tool(
                0,
                "",
                kind,
                Optional.of(pinMillimetres),
                pad,
                Optional.of(tips),
                Optional.of(head),
                Optional.empty(),
                Optional.empty(),
                flexible,
                Optional.empty(),
                Optional.empty());
    }

    /** A comb in general. */
    public static Tool comb(ToolKind kind, Spacing spacing) {
        return new Tool(
                0,
                "",
                kind,
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.of(spacing),
                false,
                Optional.empty(),
                Optional.empty());
    }

    /** What its owner calls it, else its kind. */
    public String shownName() {
        return name.isBlank() ? kind.label() : name;
    }

    /** Whether it failed its latest check: put aside until replaced. */
    public boolean putAside() {
        return check.filter(ToolCheck::failed).isPresent();
    }

    /**
     * The tool after a look-over.
     *
     * @throws Refused when it failed before: a scratch does not heal, only a new tool helps
     */
    public Tool checked(ToolCheck next) {
        if (putAside()) {
            throw new Refused("The " + shownName() + " failed on " + check.get().day()
                    + " and stays aside until it is replaced. If that was a mistake, take that check back first.");
        }
        return with(pinMillimetres, head, Optional.of(next));
    }

    /** The same with pins or wires of another length, in (0, 60] mm. */
    public Tool withPins(double millimetres) {
        return with(Optional.of(millimetres), head, check);
    }

    /** The same with a head of another shape. */
    public Tool withHead(HeadShape shape) {
        return with(pinMillimetres, Optional.of(shape), check);
    }

    private Tool with(Optional<Double> pins, Optional<HeadShape> shape, Optional<ToolCheck> checked) {
        return new Tool(id, name, kind, pins, pad, tips, shape, headMillimetres, spacing, flexible, handle, checked);
    }
}
