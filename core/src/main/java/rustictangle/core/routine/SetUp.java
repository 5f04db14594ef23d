package rustictangle.core.routine;

/** What a session takes besides its brushing: fetching dog, tools, treats and mist, and the look beforehand. */
public final class SetUp {

    /** Until the owner's own sessions say better, minutes. Own estimate. */
    public static final double MINUTES = 4;

    private SetUp() {}
}
