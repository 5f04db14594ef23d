package rustictangle.core.log;

/** Cleared of hair and washed, so that it works again. */
@Lasts(Lasts.For.EVER)
public record ToolCleaned(long tool) implements Said {

    public ToolCleaned {
        Limits.refuseNoId("tool", tool);
    }

    @Override
    public String inWords() {
        return "a tool cleaned";
    }
}
