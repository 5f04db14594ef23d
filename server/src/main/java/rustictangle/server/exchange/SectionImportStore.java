package rustictangle.server.exchange;

import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;
import org.springframework.dao.DataAccessException;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;
import rustictangle.server.frame.BadField;

/** Adds what was done at each place out of a table (RFC 4180), whole or not at all; sessions that are known stay as they are. */
@Repository
class SectionImportStore {

    private static final String TABLE = "session_event";
    private static final int MOST_SECONDS = 24 * 60 * 60;

    private final JdbcClient jdbc;

    SectionImportStore(JdbcClient jdbc) {
        this.jdbc = jdbc;
    }

    /**
     * @return how many places were added
     * @throws BadField when the file is damaged or foreign; then nothing was changed
     */
    @Transactional
    public int csv(InputStream file) {
        int line = 1;
        try (CSVParser rows = CSVFormat.RFC4180.builder().setHeader().setSkipHeaderRecord(true).get()
                .parse(new InputStreamReader(file, StandardCharsets.UTF_8.newDecoder()))) {
            if (!rows.getHeaderNames().equals(ExportStore.SECTION_COLUMNS)) {
                throw refused(1, "the first line has to be " + String.join(",", ExportStore.SECTION_COLUMNS));
            }
            Map<String, Boolean> added = new HashMap<>();
            int count = 0;
            for (CSVRecord row : rows) {
                line = (int) rows.getCurrentLineNumber();
                count += add(row, line, added) ? 1 : 0;
            }
            return count;
        } catch (IOException | UncheckedIOException | IllegalStateException | IllegalArgumentException e) {
            throw refused(line, "this is no table in UTF-8 after RFC 4180");
        }
    }

    /** @param added of each session of the file, whether it is new here */
    private boolean add(CSVRecord row, int line, Map<String, Boolean> added) {
        if (row.size() != ExportStore.SECTION_COLUMNS.size()) {
            throw refused(line, "it has " + row.size() + " cells instead of " + ExportStore.SECTION_COLUMNS.size());
        }
        for (String column : List.of("at", "day", "section", "comb", "signal")) {
            Vocabulary.problem(TABLE, column, row.get(column)).ifPresent(problem -> {
                throw refused(line, problem);
            });
        }
        long dog = dog(row.get("dog"), line);
        String session = uuid(row.get("session"), line);
        int tangles = number(row.get("tangles"), 0, 99, line);
        Optional<Integer> seconds = row.get("seconds").isEmpty() ? Optional.empty() : Optional.of(number(row.get("seconds"), 0, MOST_SECONDS, line));
        if (!added.computeIfAbsent(session, id -> begin(id, dog, row.get("at")))) {
            return false;
        }
        try {
            int position = jdbc.sql("SELECT count(*) FROM session_plan WHERE session_id = ?").param(session).query(Integer.class).single();
            jdbc.sql("INSERT INTO session_plan (session_id, position, section, seconds) VALUES (?, ?, ?, ?)")
                    .params(session, position, row.get("section"), seconds.orElse(null)).update();
            jdbc.sql("""
                    INSERT INTO session_event (id, session_id, dog_id, at, day, type, section, comb, tangles, signal, spent)
                    VALUES (?, ?, ?, ?, ?, 'SECTION_DONE', ?, ?, ?, ?, ?)
                    """)
                    .params(UUID.nameUUIDFromBytes((session + position).getBytes(StandardCharsets.UTF_8)).toString(), session, dog, row.get("at"),
                            row.get("day"), row.get("section"), row.get("comb"), tangles, row.get("signal"), seconds.orElse(null)).update();
            jdbc.sql("UPDATE session SET ended_at = max(ended_at, ?) WHERE id = ?").params(row.get("at"), session).update();
            return true;
        } catch (DataAccessException e) {
            throw refused(line, "this cannot be: " + e.getMostSpecificCause().getMessage());
        }
    }

    /** @return whether it is new */
    private boolean begin(String session, long dog, String at) {
        return jdbc.sql("INSERT INTO session (id, dog_id, started_at, ended_at) VALUES (?, ?, ?, ?) ON CONFLICT DO NOTHING")
                .params(session, dog, at, at).update() == 1;
    }

    private long dog(String name, int line) {
        List<Long> dogs = jdbc.sql("SELECT id FROM dog WHERE name = ? AND removed_at IS NULL").param(name).query(Long.class).list();
        if (dogs.size() != 1) {
            throw refused(line, (dogs.isEmpty() ? "there is no dog" : "there is more than one dog") + " of that name here; add or rename it first");
        }
        return dogs.get(0);
    }

    private static String uuid(String text, int line) {
        try {
            return UUID.fromString(text).toString();
        } catch (IllegalArgumentException e) {
            throw refused(line, "the session is no UUID");
        }
    }

    private static int number(String text, int least, int most, int line) {
        if (text.matches("\\d{1,6}") && Integer.parseInt(text) >= least && Integer.parseInt(text) <= most) {
            return Integer.parseInt(text);
        }
        throw refused(line, "a number from " + least + " to " + most + " is expected");
    }

    private static BadField refused(int line, String why) {
        return new BadField("file", "The table was not taken over: line " + line + ": " + why + ". Nothing was changed.");
    }
}
