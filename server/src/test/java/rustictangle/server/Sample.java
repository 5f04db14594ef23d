package rustictangle.server;

/** How many of many are looked at: all of them where nobody waits, in CI, and else a part. */
public final class Sample {

    private Sample() {}

    public static int of(int few, int all) {
        return System.getenv("CI") == null ? few : all;
    }
}
