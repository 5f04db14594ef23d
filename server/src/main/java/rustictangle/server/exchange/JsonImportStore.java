package rustictangle.server.exchange;

import java.io.IOException;
import java.io.Reader;
import java.io.StringWriter;
import java.nio.charset.CharacterCodingException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.PreparedStatement;
import java.sql.SQLException;
import java.time.Clock;
import java.time.Instant;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.LongConsumer;
import org.springframework.stereotype.Repository;
import rustictangle.core.Refused;
import rustictangle.server.care.Photo;
import rustictangle.server.exchange.StagingStore.Staging;
import rustictangle.server.frame.Progress;
import rustictangle.server.log.Logs;
import tools.jackson.core.JacksonException;
import tools.jackson.core.JsonGenerator;
import tools.jackson.core.JsonParser;
import tools.jackson.core.JsonToken;
import tools.jackson.core.ObjectReadContext;
import tools.jackson.core.ObjectWriteContext;
import tools.jackson.core.json.JsonFactory;

/** Reads an exported file, row by row, into a staging file of the same tables; see docs/format.md. */
@Repository
class JsonImportStore {

    private static final String NO_JSON = "this is no whole JSON in UTF-8";

    private final Logs logs;
    private final Clock clock;

    JsonImportStore(Logs logs, Clock clock) {
        this.logs = logs;
        this.clock = clock;
    }

    /**
     * @throws Refused when the file is damaged, foreign or of another version of the format
     */
    void read(Path file, Staging staging, Progress.Running running) throws IOException {
        long size = Files.size(file);
        try (Reader text = Utf8.reader(file);
                JsonParser json = new JsonFactory().createParser(ObjectReadContext.empty(), text)) {
            staging.jdbc.sql("BEGIN").update();
            new Reading(json, staging, logs, clock.instant(), where -> running.at("reading it", where, size)).whole();
            staging.jdbc.sql("COMMIT").update();
        } catch (JacksonException e) {
            throw refused(e.getLocation() == null ? 0 : e.getLocation().getLineNr(), NO_JSON);
        } catch (CharacterCodingException e) {
            throw refused(1, NO_JSON);
        }
    }

    /** One pass over the file. */
    private static final class Reading {

        private static final int TELL_EVERY_ROWS = 500;

        private final JsonParser json;
        private final Staging staging;
        private final Logs logs;
        private final Vocabulary vocabulary;
        /** Is told where in the file the reading is, in characters. */
        private final LongConsumer progress;
        /** Of the table being read: each column's declared type. */
        private final Map<String, String> types = new HashMap<>();
        /** For each set of columns that rows of a table come with. */
        private final Map<Set<String>, PreparedStatement> inserts = new HashMap<>();

        private int rows;

        Reading(JsonParser json, Staging staging, Logs logs, Instant now, LongConsumer progress) {
            this.json = json;
            this.logs = logs;
            this.staging = staging;
            this.vocabulary = new Vocabulary(now);
            this.progress = progress;
        }

        void whole() {
            expect(json.nextToken(), JsonToken.START_OBJECT);
            name("format");
            if (json.nextToken() != JsonToken.VALUE_STRING || !json.getString().equals("rustic-tangle")) {
                throw bad("this is no file of Rustic Tangle");
            }
            name("version");
            if (json.nextToken() != JsonToken.VALUE_NUMBER_INT || json.getValueAsLong(0) != ExportStore.VERSION) {
                throw bad("this is another version of the format than " + ExportStore.VERSION
                        + "; let it out again with this version of Rustic Tangle");
            }
            if (json.nextToken() == JsonToken.PROPERTY_NAME
                    && json.currentName().equals("writtenBy")) {
                // Which version of the program has written it says nothing of what it means: the format does.
                expect(json.nextToken(), JsonToken.VALUE_STRING);
                json.nextToken();
            }
            isName("tables");
            expect(json.nextToken(), JsonToken.START_OBJECT);
            json.nextToken();
            for (String table : ExportStore.TABLES) {
                if (isAt(table) || !ExportStore.LATER.contains(table)) {
                    isName(table);
                    table(table);
                    json.nextToken();
                }
            }
            expect(json.currentToken(), JsonToken.END_OBJECT);
            expect(json.nextToken(), JsonToken.END_OBJECT);
            if (json.nextToken() != null) {
                throw bad("something follows after the end");
            }
        }

        private void table(String table) {
            types.clear();
            inserts.clear();
            // Made together with the tables; the file brings its own.
            staging.jdbc.sql("DELETE FROM " + table).update();
            staging.jdbc
                    .sql("SELECT name, type FROM pragma_table_info(?)")
                    .param(table)
                    .query()
                    .listOfRows()
                    .forEach(column ->
                            types.put(String.valueOf(column.get("name")), String.valueOf(column.get("type"))));
            expect(json.nextToken(), JsonToken.START_ARRAY);
            while (json.nextToken() == JsonToken.START_OBJECT) {
                if (rows++ % TELL_EVERY_ROWS == 0) {
                    progress.accept(json.currentLocation().getCharOffset());
                }
                put(table, row(table));
            }
            expect(json.currentToken(), JsonToken.END_ARRAY);
        }

        private Map<String, Object> row(String table) {
            Map<String, Object> row = new LinkedHashMap<>();
            while (json.nextToken() == JsonToken.PROPERTY_NAME) {
                String column = json.currentName();
                if (!types.containsKey(column) || row.containsKey(column)) {
                    throw bad(table + " has no further column " + (column.length() > 40 ? "of that name" : column));
                }
                row.put(column, value(table, column));
            }
            expect(json.currentToken(), JsonToken.END_OBJECT);
            return row;
        }

        private Object value(String table, String column) {
            JsonToken token = json.nextToken();
            if (table.equals("entry") && column.equals("said")) {
                return said();
            }
            return switch (types.get(column)) {
                case "INTEGER" -> {
                    if (token != JsonToken.VALUE_NUMBER_INT
                            || json.getNumberType() == JsonParser.NumberType.BIG_INTEGER) {
                        throw bad(table + "." + column + " is no whole number");
                    }
                    long number = json.getLongValue();
                    Vocabulary.numberProblem(column, number).ifPresent(problem -> {
                        throw bad(table + ": " + problem);
                    });
                    yield number;
                }
                case "REAL" -> {
                    boolean number = token == JsonToken.VALUE_NUMBER_INT || token == JsonToken.VALUE_NUMBER_FLOAT;
                    if (!number || !Double.isFinite(json.getDoubleValue())) {
                        throw bad(table + "." + column + " is no number, or too large");
                    }
                    yield json.getDoubleValue();
                }
                case "BLOB" -> {
                    if (token != JsonToken.VALUE_STRING) {
                        throw bad(table + "." + column + " is no text in Base64");
                    }
                    yield bytes(table, column);
                }
                default -> {
                    if (token != JsonToken.VALUE_STRING) {
                        throw bad(table + "." + column + " is no text");
                    }
                    String text = json.getString();
                    vocabulary.problem(table, column, text).ifPresent(problem -> {
                        throw bad(table + ": " + problem);
                    });
                    yield text;
                }
            };
        }

        private byte[] bytes(String table, String column) {
            try {
                return Photo.asKept(json.getBinaryValue());
            } catch (JacksonException notBase64) {
                throw bad(table + "." + column + " is no text in Base64");
            } catch (Refused noPicture) {
                throw bad(table + "." + column + ": " + noPicture.getMessage());
            }
        }

        private String said() {
            StringWriter text = new StringWriter();
            try (JsonGenerator copy = new JsonFactory().createGenerator(ObjectWriteContext.empty(), text)) {
                copy.copyCurrentStructure(json);
            }
            try {
                return logs.kept(text.toString());
            } catch (Refused e) {
                throw bad("entry: " + e.field().map(field -> field + ": ").orElse("") + e.getMessage());
            }
        }

        private void put(String table, Map<String, Object> row) {
            if (row.isEmpty()) {
                throw bad("a row of " + table + " is empty");
            }
            try {
                PreparedStatement insert = inserts.get(row.keySet());
                if (insert == null) {
                    insert = staging.connection.prepareStatement(StagingStore.insertInto(table, row));
                    inserts.put(Set.copyOf(row.keySet()), insert);
                }
                int at = 1;
                for (Object value : new TreeMap<>(row).values()) {
                    insert.setObject(at++, value);
                }
                insert.executeUpdate();
            } catch (SQLException e) {
                throw bad(table + ": " + ConstraintWords.of(String.valueOf(e.getMessage()), row));
            }
        }

        private void name(String name) {
            json.nextToken();
            isName(name);
        }

        private boolean isAt(String name) {
            return json.currentToken() == JsonToken.PROPERTY_NAME
                    && json.currentName().equals(name);
        }

        private void isName(String name) {
            if (!isAt(name)) {
                throw bad("\"" + name + "\" is expected here");
            }
        }

        private void expect(JsonToken found, JsonToken wanted) {
            if (found != wanted) {
                throw bad("the file is not built as documented");
            }
        }

        private Refused bad(String why) {
            return refused(json.currentLocation().getLineNr(), why);
        }
    }

    private static Refused refused(int line, String why) {
        return StagingStore.refused(line, why);
    }
}
