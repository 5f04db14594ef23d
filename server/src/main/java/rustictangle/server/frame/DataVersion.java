package rustictangle.server.frame;

import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import javax.sql.DataSource;

/**
 * A number that is another one after every write to the data file, whoever wrote.
 *
 * <p>SQLite tells it to a connection that never writes itself. What is read after asking may be newer than the
 * number, never older: kept under that number, it is thrown away at the next question.
 */
public final class DataVersion implements AutoCloseable {

    private final Connection reader;

    DataVersion(DataSource file) throws SQLException {
        reader = file.getConnection();
    }

    public synchronized long now() {
        try (Statement ask = reader.createStatement(); ResultSet answer = ask.executeQuery("PRAGMA data_version")) {
            return answer.getLong(1);
        } catch (SQLException e) {
            throw new IllegalStateException("the data file does not answer", e);
        }
    }

    @Override
    public void close() throws SQLException {
        reader.close();
    }
}
