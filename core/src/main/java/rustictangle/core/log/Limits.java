package rustictangle.core.log;

import rustictangle.core.Refused;

/** What an entry of any kind is held to. */
public final class Limits {

    /** Of what an owner writes, characters. */
    public static final int LONGEST_TEXT = 1000;
    /** A place that took longer was left open and forgotten: 30 days. Own estimate. */
    static final int MOST_SECONDS = 30 * 24 * 60 * 60;

    /** The highest number that a browser holds exactly, 2^53 - 1 (ECMA-262, MAX_SAFE_INTEGER). */
    private static final long HIGHEST_ID = (1L << 53) - 1;

    private Limits() {}

    static void refuseMissing(String field, Object value) {
        if (value == null) {
            throw new Refused(field, "Missing; this entry needs it.");
        }
    }

    static void refuseLonger(String field, String text, int most) {
        if (text.length() > most) {
            throw new Refused(field, "At most " + most + " characters; shorten it.");
        }
    }

    /** @param least and most, both allowed */
    static void refuseOutside(String field, double number, double least, double most) {
        if (!(number >= least && number <= most)) {
            throw new Refused(field, plain(number) + " was given, need " + plain(least) + " to " + plain(most) + ".");
        }
    }

    static void refuseNoId(String field, long id) {
        if (!(id >= 1 && id <= HIGHEST_ID)) {
            throw new Refused(field, id + " was given, need 1 to " + HIGHEST_ID + ".");
        }
    }

    private static String plain(double number) {
        return number == Math.rint(number) && Math.abs(number) < 1e15
                ? String.valueOf((long) number)
                : String.valueOf(number);
    }
}
