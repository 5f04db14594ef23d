package rustictangle.core.log;

/** The water is off: it is wet, and is dried now. */
public record Bathed(BathKind kind) implements Said {

    public Bathed {
        Missing.refuse("kind", kind);
    }
}
