package rustictangle.server.frame;

import java.nio.file.Path;
import java.time.Clock;
import java.time.Instant;
import java.time.ZoneId;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.boot.context.properties.ConfigurationProperties;

/**
 * What can be set from outside.
 *
 * @param data  the SQLite file; empty: {@code rustic-tangle/rustic-tangle.db} in the user's data folder
 * @param clock an ISO instant at which time stands still, or "file:" and where one stands; empty: the machine's clock
 * @param demo  whether an empty file is filled with the demo household
 * @param restore a backup that takes the place of the data file at the start; empty: none
 * @param open   whether the browser is opened once it answers
 */
@ConfigurationProperties("rustictangle")
public record Settings(
        @Nullable String data, @Nullable String clock, boolean demo, @Nullable String restore, boolean open) {

    private static final String IN_A_FILE = "file:";

    public Path dataFile() {
        return data == null || data.isBlank()
                ? userDataFolder().resolve("rustic-tangle").resolve("rustic-tangle.db")
                : Path.of(data).toAbsolutePath();
    }

    Optional<Path> backupToRestore() {
        return restore == null || restore.isBlank()
                ? Optional.empty()
                : Optional.of(Path.of(restore).toAbsolutePath());
    }

    Clock clockOrSystem() {
        if (clock == null || clock.isBlank()) {
            return Clock.systemDefaultZone();
        }
        return clock.startsWith(IN_A_FILE)
                ? new ClockInAFile(Path.of(clock.substring(IN_A_FILE.length())), ZoneId.systemDefault())
                : Clock.fixed(Instant.parse(clock), ZoneId.systemDefault());
    }

    private static Path userDataFolder() {
        String xdg = System.getenv("XDG_DATA_HOME");
        if (xdg != null && !xdg.isBlank()) {
            return Path.of(xdg);
        }
        Path home = Path.of(System.getProperty("user.home"));
        String system = System.getProperty("os.name", "").toLowerCase(java.util.Locale.ROOT);
        if (system.contains("mac")) {
            return home.resolve("Library/Application Support");
        }
        String appData = System.getenv("LOCALAPPDATA");
        return system.contains("win") && appData != null ? Path.of(appData) : home.resolve(".local/share");
    }
}
