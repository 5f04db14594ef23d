package rustictangle.server.frame;

import java.nio.file.Path;
import java.sql.Connection;
import java.sql.SQLException;
import javax.sql.DataSource;
import org.sqlite.SQLiteConfig;
import org.sqlite.SQLiteDataSource;

/** How SQLite is set. See docs/decisions/0001-sqlite-settings.md. */
final class ConnectionSettings {

    /** Only while another process that has the file open ends does a reader have to wait at all. */
    private static final int READER_WAITS_MS = 4000;

    /** Begins and ends its transactions by hand, so that a BEGIN that fails leaves nothing behind in the driver. */
    Connection writer(Path file) throws SQLException {
        SQLiteConfig config = config();
        config.setJournalMode(SQLiteConfig.JournalMode.WAL);
        config.setSynchronous(SQLiteConfig.SynchronousMode.FULL);
        return config.createConnection(url(file));
    }

    /** To begin a connection with that, whatever it is asked, changes nothing. */
    static final String ONLY_READ = "PRAGMA query_only = 1";

    /** For connections that begin with {@link #ONLY_READ}. */
    DataSource reader(Path file) {
        SQLiteConfig config = config();
        config.setBusyTimeout(READER_WAITS_MS);
        SQLiteDataSource sqlite = new SQLiteDataSource(config);
        sqlite.setUrl(url(file));
        return sqlite;
    }

    /** For one job on a file of its own, or beside all others. */
    Connection plain(Path file) throws SQLException {
        SQLiteConfig config = config();
        config.setBusyTimeout(READER_WAITS_MS);
        return config.createConnection(url(file));
    }

    private static SQLiteConfig config() {
        SQLiteConfig config = new SQLiteConfig();
        config.enforceForeignKeys(true);
        return config;
    }

    private static String url(Path file) {
        return "jdbc:sqlite:" + file;
    }
}
