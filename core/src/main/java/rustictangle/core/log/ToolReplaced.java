package rustictangle.core.log;

/** A new one of the same kind lies in its place. */
@Lasts(Lasts.For.EVER)
public record ToolReplaced(long tool) implements Said {

    public ToolReplaced {
        Limits.refuseNoId("tool", tool);
    }

    @Override
    public String inWords() {
        return "a tool replaced";
    }
}
