package rustictangle.server.frame;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.sql.SQLException;
import java.time.Clock;
import org.flywaydb.core.api.FlywayException;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** Opens the one data file, or says why it cannot be opened. */
@Configuration
class Database {

    private static final Logger LOG = LoggerFactory.getLogger("rustictangle");
    private static final String OTHER_FILE = "Put it right, or name another file in RUSTIC_TANGLE_DATA.";

    @Bean(destroyMethod = "close")
    DataFileLock dataFileLock(Settings settings) {
        Path file = settings.dataFile();
        if (Files.isDirectory(file)) {
            throw new CannotStart(
                    "The data file " + file + " is a folder.", "Name a file in RUSTIC_TANGLE_DATA, not a folder.");
        }
        try {
            PrivateFiles.createFolders(PrivateFiles.folder(file));
            return DataFileLock.on(file);
        } catch (IOException e) {
            throw unwritable(file, e);
        }
    }

    @Bean(destroyMethod = "close")
    DataFile dataFile(DataFileLock lock, Settings settings, Clock clock) {
        Path file = lock.file();
        try {
            ReplacedFile.finish(file);
            PrivateFiles.removeLeftovers(file);
            if (settings.backupToRestore().isPresent()) {
                Restore.from(settings.backupToRestore().get(), file, clock);
            }
            if (Files.exists(file)) {
                refuseEmpty(file);
                PrivateFiles.create(file);
                Schema.bringKeepingACopy(file, Schema.OWN);
            } else {
                begin(file);
            }
            DataFile data = new DataFile(file);
            LOG.info("Data is kept in {}", file);
            return data;
        } catch (Schema.OtherVersion e) {
            throw new CannotStart(
                    "The data file " + file + " was not opened: " + e.getMessage() + ".",
                    "Start it with that version, or name another file in RUSTIC_TANGLE_DATA.");
        } catch (IOException e) {
            throw unwritable(file, e);
        } catch (SQLException | FlywayException e) {
            LOG.debug("The data file cannot be opened", e);
            throw new CannotStart(
                    "The data file " + file + " cannot be opened: "
                            + Trouble.of(e).words() + ".",
                    "If it is damaged, put a copy back with --rustictangle.restore=/path/to/the-copy.db; what is there now is kept beside. "
                            + OTHER_FILE);
        }
    }

    /** Whole, or not there: killed in between, the next start begins anew. */
    private static void begin(Path file) throws IOException, SQLException {
        Path fresh = PrivateFiles.temporary(file, "new");
        Schema.bring(fresh);
        Files.move(fresh, file, StandardCopyOption.ATOMIC_MOVE);
    }

    /** A household that became nothing is no new household. */
    private static void refuseEmpty(Path file) throws IOException {
        if (Files.size(file) == 0) {
            throw new CannotStart(
                    "The data file " + file + " is there, and empty: something has cut it to nothing.",
                    "Put a copy back with --rustictangle.restore=/path/to/the-copy.db; or, where there never was a household in "
                            + "it, delete the file and start again. " + OTHER_FILE);
        }
    }

    private static CannotStart unwritable(Path file, IOException e) {
        return new CannotStart(
                "The data file " + file + " cannot be written: " + e.getMessage() + ".",
                "Is the folder yours, writable, and is there room on the disk? " + OTHER_FILE);
    }
}
