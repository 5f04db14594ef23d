package rustictangle.server.frame;

import com.zaxxer.hikari.HikariConfig;
import com.zaxxer.hikari.HikariDataSource;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Duration;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** What is open on the data file: one connection that writes, a few that read, and one that only watches. */
final class Connections implements AutoCloseable {

    private static final int READERS = 8;

    private final Path file;
    private final ConnectionSettings settings = new ConnectionSettings();
    private final HikariDataSource readers;
    private final Connection watcher;
    private @Nullable Connection writer;

    /** @param patience so long a reader waits for a connection to become free */
    Connections(Path file, Duration patience) throws SQLException {
        this.file = file;
        writer = settings.writer(file);
        watcher = settings.reader(file).getConnection();
        HikariConfig pool = new HikariConfig();
        pool.setDataSource(settings.reader(file));
        pool.setConnectionInitSql(ConnectionSettings.ONLY_READ);
        pool.setMaximumPoolSize(READERS);
        pool.setMinimumIdle(1);
        pool.setConnectionTimeout(patience.toMillis());
        pool.setPoolName("readers");
        readers = new HikariDataSource(pool);
    }

    /** Only for whose turn it is. */
    Connection writer() throws SQLException {
        if (writer == null) {
            writer = settings.writer(file);
        }
        return writer;
    }

    /** The same, if it is open already; for whose turn it is. */
    Optional<Connection> writerThatIsOpen() {
        return Optional.ofNullable(writer);
    }

    /** Whatever state the writer is in, the next write has a new one. */
    void abandonWriter() {
        close(writer);
        writer = null;
    }

    /** One that holds one state of the data until it is committed; closed, it goes back to the others. */
    Connection snapshot() throws SQLException {
        Connection reader = readers.getConnection();
        try {
            run(reader, "BEGIN");
            return reader;
        } catch (SQLException e) {
            evict(reader);
            throw e;
        }
    }

    boolean closed() {
        return readers.isClosed();
    }

    /** This one is not to be had again. */
    void evict(Connection reader) {
        readers.evictConnection(reader);
    }

    /** Another one after every commit, whoever's. */
    synchronized long dataVersion() throws SQLException {
        try (Statement ask = watcher.createStatement();
                ResultSet answer = ask.executeQuery("PRAGMA data_version")) {
            return answer.getLong(1);
        }
    }

    @Override
    public void close() {
        readers.close();
        close(watcher);
        checkpoint();
        abandonWriter();
    }

    /** SQLite does so when the last connection is closed; a reader still at work must not leave the file half of the data. */
    private void checkpoint() {
        try {
            if (writer != null) {
                run(writer, "PRAGMA wal_checkpoint(PASSIVE)");
            }
        } catch (SQLException busy) {
            // Whoever opens the file next takes in what is beside it.
        }
    }

    private static void close(@Nullable Connection connection) {
        try {
            if (connection != null) {
                connection.close();
            }
        } catch (SQLException nothingMoreToDo) {
            // The system closes it when we end.
        }
    }

    static void run(Connection connection, String sql) throws SQLException {
        try (Statement statement = connection.createStatement()) {
            statement.execute(sql);
        }
    }
}
