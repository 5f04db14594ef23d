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
import java.util.Map;
import java.util.Set;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.springframework.jdbc.core.RowCallbackHandler;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.jdbc.datasource.SingleConnectionDataSource;
import org.springframework.stereotype.Repository;
import rustictangle.core.log.Entry;
import rustictangle.core.log.SessionEvent.SectionDone;
import rustictangle.core.log.SessionEvent.StepDone;
import rustictangle.server.dog.DogStore;
import rustictangle.server.dog.StoredDog;
import rustictangle.server.frame.Backups;
import rustictangle.server.frame.DataFile;
import rustictangle.server.frame.StoredInstant;
import rustictangle.server.frame.Version;
import rustictangle.server.log.Logs;
import tools.jackson.core.JsonGenerator;
import tools.jackson.core.ObjectWriteContext;
import tools.jackson.core.json.JsonFactory;

/** Everything the owner entered, written row by row, so that ten years need no more memory than one. */
@Repository
class ExportStore {

    /** Of the JSON format, kept from version 0.1 on; see docs/format.md. */
    static final int VERSION = 1;
    /** Each after those it refers to. */
    static final List<String> TABLES = List.of(
            "household",
            "day_minutes",
            "dog",
            "coat",
            "region_coat",
            "tool",
            "tool_price",
            "approach",
            "treat",
            "agreed",
            "cue",
            "care_choice",
            "claws",
            "supply",
            "photo",
            "entry",
            "appointment",
            "groom_price",
            "hand_over",
            "day_off",
            "asked_day",
            "message");
    /** Tables that came after 0.1: a file from before has none of them, and they are left out while they are empty. */
    static final Set<String> LATER = Set.of("agreed", "cue", "day_off", "asked_day");
    /** Of the table of what was done at each place. */
    static final List<String> SECTION_COLUMNS =
            List.of("dog", "session", "at", "day", "section", "comb", "tangles", "signal", "seconds");
    /** What opens a door stays at home. */
    private static final String SECRET = "calendar_key";

    private final Backups copies;
    private final DataFile data;
    private final DogStore dogs;
    private final Logs logs;

    ExportStore(Backups copies, DataFile data, DogStore dogs, Logs logs) {
        this.copies = copies;
        this.data = data;
        this.dogs = dogs;
        this.logs = logs;
    }

    /** Reads a copy of one moment, so that nobody has to wait who writes meanwhile. */
    private void fromCopy(Consumer<Connection> read) throws IOException {
        Path copy = copies.take();
        try (Connection opened = DriverManager.getConnection("jdbc:sqlite:" + copy)) {
            read.accept(opened);
        } catch (SQLException e) {
            throw new IOException("the copy cannot be read", e);
        } finally {
            Files.deleteIfExists(copy);
        }
    }

    void json(OutputStream out) throws IOException {
        fromCopy(copy -> json(JdbcClient.create(new SingleConnectionDataSource(copy, true)), out));
    }

    private static void json(JdbcClient jdbc, OutputStream out) {
        try (JsonGenerator json = new JsonFactory().createGenerator(ObjectWriteContext.empty(), out)) {
            json.writeStartObject();
            json.writeStringProperty("format", "rustic-tangle");
            json.writeNumberProperty("version", VERSION);
            json.writeStringProperty("writtenBy", Version.TEXT);
            json.writeObjectPropertyStart("tables");
            for (String table : TABLES) {
                if (LATER.contains(table) && isEmpty(jdbc, table)) {
                    continue;
                }
                json.writeArrayPropertyStart(table);
                jdbc.sql("SELECT * FROM " + table + " ORDER BY 1, 2")
                        .query((RowCallbackHandler) row -> write(json, row));
                json.writeEndArray();
            }
            json.writeEndObject();
            json.writeEndObject();
        }
    }

    private static boolean isEmpty(JdbcClient jdbc, String table) {
        return jdbc.sql("SELECT NOT EXISTS (SELECT 1 FROM " + table + ")")
                .query(Boolean.class)
                .single();
    }

    private static void write(JsonGenerator json, ResultSet row) throws SQLException {
        ResultSetMetaData columns = row.getMetaData();
        json.writeRaw('\n');
        json.writeStartObject();
        for (int i = 1; i <= columns.getColumnCount(); i++) {
            Object value = row.getObject(i);
            String name = columns.getColumnName(i);
            if (value instanceof byte[] bytes) {
                json.writeName(name);
                json.writeBinary(bytes);
            } else if (value instanceof Double number) {
                json.writeNumberProperty(name, number);
            } else if (value instanceof Number number) {
                json.writeNumberProperty(name, number.longValue());
            } else if (name.equals("said")) {
                json.writeName(name);
                json.writeRawValue(value.toString());
            } else if (value != null && !name.equals(SECRET)) {
                json.writeStringProperty(name, value.toString());
            }
        }
        json.writeEndObject();
    }

    /** What was done at each place, oldest first (RFC 4180). */
    void sections(OutputStream out) throws IOException {
        fromCopy(copy -> data.staged(copy, data.newEpoch(), () -> {
            sectionsOf(out);
            return null;
        }));
    }

    private void sectionsOf(OutputStream out) {
        Map<Long, String> names = dogs.all().stream()
                .collect(Collectors.toMap(StoredDog::id, dog -> dog.form().name()));
        Writer writer = new OutputStreamWriter(out, StandardCharsets.UTF_8);
        try (CSVPrinter csv = new CSVPrinter(
                writer,
                CSVFormat.RFC4180
                        .builder()
                        .setHeader(SECTION_COLUMNS.toArray(String[]::new))
                        .get())) {
            logs.eachStanding(
                    (dog, entry) -> {
                        if (names.containsKey(dog)) {
                            entry.done().forEach(done -> print(csv, names.get(dog), entry, done));
                        }
                    },
                    SectionDone.class,
                    StepDone.class);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static void print(CSVPrinter csv, String dog, Entry entry, SectionDone done) {
        try {
            csv.printRecord(
                    CsvText.safe(dog),
                    entry.session().orElseThrow(),
                    StoredInstant.text(entry.at()),
                    entry.day(),
                    done.section(),
                    done.comb(),
                    done.tangles(),
                    done.signal(),
                    done.spent().map(String::valueOf).orElse(""));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
