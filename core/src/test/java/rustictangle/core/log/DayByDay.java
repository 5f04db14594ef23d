package rustictangle.core.log;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;

/** A log in which one thing is said each day at ten; all that belongs to a session is of one session. */
public final class DayByDay {

    private DayByDay() {}

    public static Log log(LocalDate first, Said... said) {
        List<Entry> entries = new ArrayList<>();
        UUID session = UUID.randomUUID();
        for (int i = 0; i < said.length; i++) {
            Instant at = first.atStartOfDay().plusHours(10L + 24L * i).toInstant(ZoneOffset.UTC);
            boolean ofSession = said[i] instanceof SessionEvent
                    || said[i] instanceof SessionBegun
                    || said[i] instanceof SessionNoted;
            entries.add(new Entry(
                    UUID.randomUUID(),
                    at,
                    first.plusDays(i),
                    ofSession ? Optional.of(session) : Optional.empty(),
                    Optional.empty(),
                    said[i]));
        }
        return Log.of(entries, Instant.MAX);
    }
}
