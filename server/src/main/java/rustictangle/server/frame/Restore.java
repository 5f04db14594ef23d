package rustictangle.server.frame;

import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Clock;
import java.time.Duration;
import java.util.Optional;
import org.flywaydb.core.api.FlywayException;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/**
 * Puts a copy of the data in the place of the data file, before anything has opened it.
 *
 * <p>The copy is looked over and brought to this version first. What was there is kept beside, damaged or not. The
 * same copy is put back once: a setting that was left on does nothing at later starts.
 */
final class Restore {

    private static final Logger LOG = LoggerFactory.getLogger("rustictangle");
    private static final Duration TELL_EVERY = Duration.ofSeconds(1);
    private static final int CHUNK = 1 << 20;

    private final Path backup;
    private final Path file;
    private final Clock clock;

    private Restore(Path backup, Path file, Clock clock) {
        this.backup = backup;
        this.file = file;
        this.clock = clock;
    }

    /**
     * @param file the data file, locked by us; it need not exist
     * @throws CannotStart when the copy is none; nothing was changed
     */
    static void from(Path backup, Path file, Clock clock) throws IOException {
        new Restore(backup, file, clock).once();
    }

    private void once() throws IOException {
        Path done = file.resolveSibling(file.getFileName() + ".restored");
        if (!Files.isReadable(backup) || Files.isDirectory(backup)) {
            throw refused("it cannot be read");
        }
        String mark = backup + "\n" + Files.size(backup) + "\n"
                + Files.getLastModifiedTime(backup).toMillis() + "\n";
        if (Files.exists(done) && Files.exists(file) && Files.readString(done).equals(mark)) {
            LOG.info(
                    "{} was put back at an earlier start, and is not put back again. To do so all the same, remove {}",
                    backup,
                    done);
            return;
        }
        Path incoming = PrivateFiles.temporary(file, "restore");
        Path aside = ReplacedFile.aside(file, "restore", clock);
        try {
            copy(incoming);
            problem(incoming).ifPresent(why -> {
                throw refused(why);
            });
            ReplacedFile.put(incoming, file, aside);
        } finally {
            Files.deleteIfExists(incoming);
        }
        Files.writeString(PrivateFiles.create(done), mark);
        LOG.info(
                "Restored from {}{}", backup, Files.exists(aside) ? "; what was there before is kept in " + aside : "");
    }

    private void copy(Path incoming) throws IOException {
        long size = Files.size(backup);
        long copied = 0;
        long told = System.nanoTime();
        byte[] chunk = new byte[CHUNK];
        try (InputStream in = Files.newInputStream(backup);
                OutputStream out = Files.newOutputStream(incoming)) {
            for (int n = in.read(chunk); n > 0; n = in.read(chunk)) {
                out.write(chunk, 0, n);
                copied += n;
                if (System.nanoTime() - told > TELL_EVERY.toNanos()) {
                    told = System.nanoTime();
                    LOG.info("Restoring: {} % copied", 100 * copied / size);
                }
            }
        }
    }

    /** What speaks against a copy of the data; else it is brought to this version. */
    static Optional<String> problem(Path copy) {
        try (Connection opened = new ConnectionSettings().plain(copy)) {
            if (!"ok".equals(one(opened, "PRAGMA integrity_check"))
                    || !one(opened, "PRAGMA foreign_key_check").isEmpty()) {
                return Optional.of("it is damaged");
            }
            if (!"1".equals(one(opened, "SELECT count(*) FROM sqlite_schema WHERE name = 'household'"))) {
                return Optional.of("it is not of Rustic Tangle");
            }
            one(opened, "SELECT version FROM flyway_schema_history LIMIT 1");
        } catch (SQLException e) {
            return Optional.of("it is no data file of Rustic Tangle, or damaged");
        }
        try {
            Schema.bring(copy);
            return Optional.empty();
        } catch (Schema.OtherVersion e) {
            return Optional.of(e.getMessage() + "; put it back with that version");
        } catch (FlywayException e) {
            LOG.error("The copy cannot be brought to this version", e);
            return Optional.of("it cannot be brought to this version");
        }
    }

    private static String one(Connection opened, String sql) throws SQLException {
        try (PreparedStatement ask = opened.prepareStatement(sql);
                ResultSet answer = ask.executeQuery()) {
            return answer.next() ? answer.getString(1) : "";
        }
    }

    private CannotStart refused(String why) {
        return new CannotStart(
                "The copy " + backup + " was not put back: " + why + ".",
                "Name a file that was taken with \"A copy of everything\" in the settings.");
    }
}
