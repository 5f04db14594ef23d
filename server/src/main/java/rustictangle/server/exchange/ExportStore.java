package rustictangle.server.exchange;

import java.io.IOException;
import java.io.OutputStream;
import java.io.OutputStreamWriter;
import java.io.UncheckedIOException;
import java.io.Writer;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.ResultSetMetaData;
import java.sql.SQLException;
import java.util.List;
import java.util.function.Consumer;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.springframework.jdbc.core.RowCallbackHandler;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.jdbc.datasource.SingleConnectionDataSource;
import org.springframework.stereotype.Repository;
import rustictangle.server.frame.Backups;
import tools.jackson.core.JsonGenerator;
import tools.jackson.core.ObjectWriteContext;
import tools.jackson.core.json.JsonFactory;

/** Everything the owner entered, written row by row, so that ten years need no more memory than one. */
@Repository
class ExportStore {

    /** Of the JSON format; see docs/format.md. */
    static final int VERSION = 2;
    /** Each after those it refers to. */
    static final List<String> TABLES = List.of(
            "household",
            "day_minutes",
            "dog",
            "coat",
            "region_coat",
            "length_reading",
            "tool",
            "tool_check",
            "approach",
            "treat",
            "session",
            "session_plan",
            "session_event",
            "practice_trial",
            "life_event",
            "appointment",
            "visit",
            "groom_price",
            "hand_over",
            "message");
    /** Of the table of what was done at each place. */
    static final List<String> SECTION_COLUMNS =
            List.of("dog", "session", "at", "day", "section", "comb", "tangles", "signal", "seconds");
    /** What opens a door stays at home. */
    private static final String SECRET = "calendar_key";

    private final Backups copies;

    ExportStore(Backups copies) {
        this.copies = copies;
    }

    /** Reads a copy of one moment, so that nobody has to wait who writes meanwhile. */
    private void fromCopy(Consumer<JdbcClient> read) throws IOException {
        Path copy = copies.take();
        try (Connection opened = DriverManager.getConnection("jdbc:sqlite:" + copy)) {
            read.accept(JdbcClient.create(new SingleConnectionDataSource(opened, true)));
        } catch (SQLException e) {
            throw new IOException("the copy cannot be read", e);
        } finally {
            Files.deleteIfExists(copy);
        }
    }

    void json(OutputStream out) throws IOException {
        fromCopy(jdbc -> json(jdbc, out));
    }

    private static void json(JdbcClient jdbc, OutputStream out) {
        try (JsonGenerator json = new JsonFactory().createGenerator(ObjectWriteContext.empty(), out)) {
            json.writeStartObject();
            json.writeStringProperty("format", "rustic-tangle");
            json.writeNumberProperty("version", VERSION);
            json.writeObjectPropertyStart("tables");
            for (String table : TABLES) {
                json.writeArrayPropertyStart(table);
                jdbc.sql("SELECT * FROM " + table + " ORDER BY 1, 2")
                        .query((RowCallbackHandler) row -> write(json, row));
                json.writeEndArray();
            }
            json.writeEndObject();
            json.writeEndObject();
        }
    }

    private static void write(JsonGenerator json, ResultSet row) throws SQLException {
        ResultSetMetaData columns = row.getMetaData();
        json.writeRaw('\n');
        json.writeStartObject();
        for (int i = 1; i <= columns.getColumnCount(); i++) {
            Object value = row.getObject(i);
            String name = columns.getColumnName(i);
            if (value instanceof Double number) {
                json.writeNumberProperty(name, number);
            } else if (value instanceof Number number) {
                json.writeNumberProperty(name, number.longValue());
            } else if (value != null && !name.equals(SECRET)) {
                json.writeStringProperty(name, value.toString());
            }
        }
        json.writeEndObject();
    }

    /** What was done at each place, oldest first (RFC 4180). */
    void sections(OutputStream out) throws IOException {
        fromCopy(jdbc -> sections(jdbc, out));
    }

    private static void sections(JdbcClient jdbc, OutputStream out) {
        Writer writer = new OutputStreamWriter(out, StandardCharsets.UTF_8);
        try (CSVPrinter csv = new CSVPrinter(
                writer,
                CSVFormat.RFC4180
                        .builder()
                        .setHeader(SECTION_COLUMNS.toArray(String[]::new))
                        .get())) {
            jdbc.sql(
                            """
                    SELECT dog.name, session_id, at, day, section, comb, tangles, signal, spent
                      FROM session_event JOIN dog ON dog.id = dog_id
                     WHERE type = 'SECTION_DONE' AND standing = 1 AND dog.removed_at IS NULL ORDER BY seq
                    """)
                    .query((RowCallbackHandler) row -> print(csv, row));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static void print(CSVPrinter csv, ResultSet row) throws SQLException {
        try {
            for (int i = 1; i <= row.getMetaData().getColumnCount(); i++) {
                csv.print(i == 1 ? CsvText.safe(row.getString(i)) : row.getObject(i));
            }
            csv.println();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
