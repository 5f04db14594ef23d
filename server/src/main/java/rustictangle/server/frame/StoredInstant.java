package rustictangle.server.frame;

import java.time.Instant;
import java.time.ZoneOffset;
import java.time.format.DateTimeFormatter;

/** How moments are stored: UTC, always with milliseconds, so that text order is time order. */
public final class StoredInstant {

    private static final DateTimeFormatter FORMAT =
            DateTimeFormatter.ofPattern("yyyy-MM-dd'T'HH:mm:ss.SSS'Z'").withZone(ZoneOffset.UTC);

    private StoredInstant() {}

    public static String text(Instant instant) {
        return FORMAT.format(instant);
    }
}
