package rustictangle.server.frame;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;

/** Between which days anything of a dog can be: what lies outside is a slip of the hand or a damaged file. */
public final class Bounds {

    /** No dog alive was born before. */
    public static final LocalDate FIRST_DAY = LocalDate.of(1990, 1, 1);

    public static final LocalDate LAST_DAY = LocalDate.of(2099, 12, 31);

    public static final Instant FIRST_MOMENT = FIRST_DAY.atStartOfDay().toInstant(ZoneOffset.UTC);
    public static final Instant LAST_MOMENT = LAST_DAY.atStartOfDay().toInstant(ZoneOffset.UTC);

    private Bounds() {}

    public static boolean within(LocalDate day) {
        return !day.isBefore(FIRST_DAY) && !day.isAfter(LAST_DAY);
    }

    public static boolean within(Instant moment) {
        return !moment.isBefore(FIRST_MOMENT) && !moment.isAfter(LAST_MOMENT);
    }
}
