package rustictangle.server.frame;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** A whole copy of the data file, taken while it is in use. */
@Repository
public class BackupStore {

    private final JdbcClient jdbc;
    private final Path folder;

    BackupStore(JdbcClient jdbc, Settings settings) {
        this.jdbc = jdbc;
        this.folder = settings.dataFile().getParent();
    }

    /** As of one moment, while others read and write on. The caller deletes it. */
    public Path take() throws IOException {
        Path copy = Files.createTempFile(folder, "backup-", ".db");
        // SQLite itself makes the copy, as of one moment, and wants to make the file, too.
        Files.delete(copy);
        jdbc.sql("VACUUM INTO ?").param(copy.toString()).update();
        return copy;
    }
}
