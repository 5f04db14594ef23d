package rustictangle.server.exchange;

import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.Reader;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.springframework.dao.DataAccessException;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;
import rustictangle.server.frame.BadField;
import tools.jackson.core.JacksonException;
import tools.jackson.core.JsonParser;
import tools.jackson.core.JsonToken;
import tools.jackson.core.ObjectReadContext;
import tools.jackson.core.json.JsonFactory;

/** Takes an exported file in the place of everything, whole or not at all, row by row. */
@Repository
class ImportStore {

    private final JdbcClient jdbc;

    ImportStore(JdbcClient jdbc) {
        this.jdbc = jdbc;
    }

    /** @throws BadField when the file is damaged, foreign or of another version; then nothing was changed */
    @Transactional
    public void json(InputStream file) {
        String calendarKey = jdbc.sql("SELECT calendar_key FROM household").query(String.class).single();
        jdbc.sql("PRAGMA defer_foreign_keys = ON").update();
        for (int i = ExportStore.TABLES.size() - 1; i >= 0; i--) {
            jdbc.sql("DELETE FROM " + ExportStore.TABLES.get(i)).update();
        }
        // A decoder of its own: the parser alone would also take other encodings, and mend what is broken.
        Reader text = new InputStreamReader(file, StandardCharsets.UTF_8.newDecoder());
        try (JsonParser json = new JsonFactory().createParser(ObjectReadContext.empty(), text)) {
            new Reading(json).whole();
        } catch (JacksonException e) {
            throw refused(e.getLocation() == null ? 0 : e.getLocation().getLineNr(), "this is no whole JSON in UTF-8");
        }
        if (jdbc.sql("SELECT count(*) FROM household").query(Integer.class).single() != 1) {
            throw refused(0, "there must be one household in it");
        }
        List<String> lost = jdbc.sql("SELECT \"table\" FROM pragma_foreign_key_check").query(String.class).list();
        if (!lost.isEmpty()) {
            throw refused(0, "a row of " + lost.get(0) + " refers to one that is missing");
        }
        jdbc.sql("UPDATE household SET calendar_key = ?").param(calendarKey).update();
    }

    private static BadField refused(int line, String why) {
        return new BadField("file", "The file was not taken over: " + (line > 0 ? "line " + line + ": " : "") + why + ". Nothing was changed.");
    }

    /** One pass over the file. */
    private final class Reading {

        private final JsonParser json;
        private final Map<String, Set<String>> columns = new HashMap<>();

        Reading(JsonParser json) {
            this.json = json;
        }

        void whole() {
            expect(json.nextToken(), JsonToken.START_OBJECT);
            name("format");
            if (json.nextToken() != JsonToken.VALUE_STRING || !json.getString().equals("rustic-tangle")) {
                throw bad("this is no file of Rustic Tangle");
            }
            name("version");
            if (json.nextToken() != JsonToken.VALUE_NUMBER_INT || json.getLongValue() != ExportStore.VERSION) {
                throw bad("this is another version of the format than " + ExportStore.VERSION);
            }
            name("tables");
            expect(json.nextToken(), JsonToken.START_OBJECT);
            for (String table : ExportStore.TABLES) {
                name(table);
                table(table);
            }
            expect(json.nextToken(), JsonToken.END_OBJECT);
            expect(json.nextToken(), JsonToken.END_OBJECT);
            if (json.nextToken() != null) {
                throw bad("something follows after the end");
            }
        }

        private void table(String table) {
            columns.put(table, new HashSet<>(jdbc.sql("SELECT name FROM pragma_table_info(?)").param(table).query(String.class).list()));
            expect(json.nextToken(), JsonToken.START_ARRAY);
            while (json.nextToken() == JsonToken.START_OBJECT) {
                insert(table, row(table));
            }
            expect(json.currentToken(), JsonToken.END_ARRAY);
        }

        private Map<String, Object> row(String table) {
            Map<String, Object> row = new LinkedHashMap<>();
            while (json.nextToken() == JsonToken.PROPERTY_NAME) {
                String column = json.currentName();
                if (!columns.get(table).contains(column) || row.containsKey(column)) {
                    throw bad(table + " has no further column " + (column.length() > 40 ? "of that name" : column));
                }
                row.put(column, value(table, column));
            }
            expect(json.currentToken(), JsonToken.END_OBJECT);
            return row;
        }

        private Object value(String table, String column) {
            JsonToken token = json.nextToken();
            if (token == JsonToken.VALUE_NUMBER_INT) {
                return json.getLongValue();
            }
            if (token == JsonToken.VALUE_NUMBER_FLOAT) {
                return json.getDoubleValue();
            }
            if (token != JsonToken.VALUE_STRING) {
                throw bad(table + "." + column + " is neither text nor number");
            }
            String text = json.getString();
            Optional<String> problem = Vocabulary.problem(table, column, text);
            if (problem.isPresent()) {
                throw bad(table + ": " + problem.get());
            }
            return text;
        }

        private void insert(String table, Map<String, Object> row) {
            if (row.isEmpty()) {
                throw bad("a row of " + table + " is empty");
            }
            List<Object> values = new ArrayList<>(row.values());
            try {
                jdbc.sql("INSERT INTO " + table + " (" + String.join(", ", row.keySet()) + ") VALUES (" + "?, ".repeat(values.size() - 1) + "?)")
                        .params(values).update();
            } catch (DataAccessException e) {
                throw bad("a row of " + table + " cannot be: " + String.valueOf(e.getMostSpecificCause().getMessage()).replaceAll("[\\[\\]]", ""));
            }
        }

        private void name(String name) {
            if (json.nextToken() != JsonToken.PROPERTY_NAME || !json.currentName().equals(name)) {
                throw bad("\"" + name + "\" is expected here");
            }
        }

        private void expect(JsonToken found, JsonToken wanted) {
            if (found != wanted) {
                throw bad("the file is not built as documented");
            }
        }

        private BadField bad(String why) {
            return refused(json.currentLocation().getLineNr(), why);
        }
    }
}
