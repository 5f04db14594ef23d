package rustictangle.server.frame;

import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.time.format.DateTimeFormatter;

/** How moments are stored: UTC, always with milliseconds, so that text order is time order. */
public final class StoredInstant {

    private static final DateTimeFormatter FORMAT =
            DateTimeFormatter.ofPattern("yyyy-MM-dd'T'HH:mm:ss.SSS'Z'").withZone(ZoneOffset.UTC);

    private static final int LENGTH = "2026-05-14T09:00:00.000Z".length();

    private StoredInstant() {}

    public static String text(Instant instant) {
        return FORMAT.format(instant);
    }

    /**
     * The moment that is written so, digit by digit: a year has a hundred thousand of them.
     *
     * @throws java.time.DateTimeException when it is no moment
     */
    public static Instant of(String text) {
        if (text.length() != LENGTH) {
            return Instant.parse(text);
        }
        return LocalDateTime.of(
                        number(text, 0, 4),
                        number(text, 5, 7),
                        number(text, 8, 10),
                        number(text, 11, 13),
                        number(text, 14, 16),
                        number(text, 17, 19),
                        number(text, 20, 23) * 1_000_000)
                .toInstant(ZoneOffset.UTC);
    }

    private static int number(String text, int from, int to) {
        return Integer.parseInt(text, from, to, 10);
    }
}
