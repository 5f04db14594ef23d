package rustictangle.core.log;

/** The hand has gone through its lesson with this kind of tool; it may be repeated. */
@Lasts(Lasts.For.EVER)
public record HandTaught(ToolKind tool) implements Said {

    public HandTaught {
        Limits.refuseMissing("tool", tool);
    }

    @Override
    public String inWords() {
        return "a lesson for the hand, " + tool.label();
    }
}
