package rustictangle.core.care;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import rustictangle.core.log.Entry;
import rustictangle.core.log.Log;
import rustictangle.core.log.Said;

/** A log said day by day, an hour between one thing and the next. */
final class Days {

    private final List<Entry> entries = new ArrayList<>();

    Days on(LocalDate day, Said... said) {
        for (Said one : said) {
            Instant at =
                    day.atStartOfDay().plusHours(8).plusMinutes(entries.size()).toInstant(ZoneOffset.UTC);
            entries.add(new Entry(UUID.randomUUID(), at, day, Optional.empty(), Optional.empty(), one));
        }
        return this;
    }

    Log log() {
        return Log.of(entries, Instant.MIN);
    }
}
