package rustictangle.server.frame;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Instant;
import java.time.ZoneId;

/** Tells the moment that stands in a file, an ISO instant: whoever tests moves the day while the application runs. */
final class ClockInAFile extends Clock {

    private final Path file;
    private final ZoneId zone;

    ClockInAFile(Path file, ZoneId zone) {
        this.file = file;
        this.zone = zone;
    }

    @Override
    public Instant instant() {
        try {
            return Instant.parse(Files.readString(file).strip());
        } catch (IOException e) {
            throw new UncheckedIOException("the clock cannot be read", e);
        }
    }

    @Override
    public ZoneId getZone() {
        return zone;
    }

    @Override
    public Clock withZone(ZoneId other) {
        return new ClockInAFile(file, other);
    }
}
