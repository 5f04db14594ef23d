package rustictangle.server.trust;

import java.util.Optional;
import rustictangle.core.Reason;
import rustictangle.core.Refused;

/** Says at a door of the API why it is not opened now. */
public final class Doors {

    private Doors() {}

    /**
     * @param why empty: it may be begun
     * @throws Refused with these words
     */
    public static void refuse(Optional<Reason> why) {
        why.ifPresent(reason -> {
            throw new Refused(reason.plain());
        });
    }

    /**
     * The same, of one field.
     *
     * @param where before the words
     */
    public static void refuse(String field, String where, Optional<Reason> why) {
        why.ifPresent(reason -> {
            throw new Refused(field, where + ": " + reason.plain());
        });
    }
}
