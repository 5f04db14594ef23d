package rustictangle.core.log;

import rustictangle.core.Refused;

/** What an entry of its kind cannot do without. */
final class Missing {

    private Missing() {}

    static void refuse(String field, Object value) {
        if (value == null) {
            throw new Refused(field, "Missing; this entry needs it.");
        }
    }

    static void refuseLonger(String field, String text, int most) {
        if (text.length() > most) {
            throw new Refused(field, "At most " + most + " characters; shorten it.");
        }
    }
}
