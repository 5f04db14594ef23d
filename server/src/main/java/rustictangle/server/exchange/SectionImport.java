package rustictangle.server.exchange;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;
import org.springframework.stereotype.Component;
import rustictangle.core.Refused;
import rustictangle.core.Sure;
import rustictangle.core.dog.Section;
import rustictangle.core.log.CombResult;
import rustictangle.core.log.Entry;
import rustictangle.core.log.SessionBegun;
import rustictangle.core.log.SessionEvent.SectionDone;
import rustictangle.core.log.Signal;
import rustictangle.server.frame.DataFile;
import rustictangle.server.frame.Progress;
import rustictangle.server.log.Logs;

/**
 * What was done at each place out of a table (RFC 4180), into a staging file. The table is gone through twice: which
 * places a session had is only known at its end, and a session's log begins with them.
 */
@Component
record SectionImport(Logs logs, DataFile data, Clock clock) {

    private static final String TABLE = "sections";
    private static final int MOST_SECONDS = 24 * 60 * 60;
    private static final int TELL_EVERY_ROWS = 500;

    /** One row, checked. */
    private record Row(long dog, UUID session, Instant at, LocalDate day, SectionDone done) {}

    /** What the whole table says of a session. */
    private static final class Begun {
        private final long dog;
        private Instant at;
        private final List<SessionBegun.BegunPlace> plan = new ArrayList<>();
        private int written;

        Begun(Row first) {
            dog = first.dog;
            at = first.at;
        }
    }

    @FunctionalInterface
    private interface Take {
        void row(Row row, long line);
    }

    /**
     * @param dogs ids by name
     * @throws Refused when the table is damaged or foreign
     */
    void read(Path file, Map<String, List<Long>> dogs, StagingStore.Staging staging, Progress.Running running)
            throws IOException {
        Map<UUID, Begun> sessions = new HashMap<>();
        each(file, dogs, running, "reading it", (row, line) -> plan(sessions, row, line));
        staging.fill(
                data,
                into -> each(
                        file,
                        dogs,
                        running,
                        "putting it together",
                        (row, line) -> into.accept(() -> write(Sure.at(sessions, row.session), row))));
    }

    private static void plan(Map<UUID, Begun> sessions, Row row, long line) {
        Begun begun = sessions.computeIfAbsent(row.session, session -> new Begun(row));
        if (begun.dog != row.dog) {
            throw refused(line, "this session is of another dog in an earlier line");
        }
        Section section = row.done.section();
        if (begun.plan.stream().anyMatch(place -> place.section() == section)) {
            throw refused(line, "this session has this section in an earlier line already");
        }
        begun.plan.add(new SessionBegun.BegunPlace(section, row.done.spent(), Optional.empty()));
        begun.at = row.at.isBefore(begun.at) ? row.at : begun.at;
    }

    private void write(Begun begun, Row row) {
        Optional<UUID> session = Optional.of(row.session);
        if (begun.written == 0) {
            logs.append(
                    row.dog,
                    new Entry(row.session, begun.at, row.day, session, Optional.empty(), new SessionBegun(begun.plan)));
        }
        UUID id = UUID.nameUUIDFromBytes((row.session.toString() + begun.written).getBytes(StandardCharsets.UTF_8));
        logs.append(row.dog, new Entry(id, row.at, row.day, session, Optional.empty(), row.done));
        begun.written++;
    }

    private void each(Path file, Map<String, List<Long>> dogs, Progress.Running running, String what, Take take)
            throws IOException {
        long size = Files.size(file);
        long line = 1;
        Vocabulary vocabulary = new Vocabulary(clock.instant());
        try (CSVParser rows = CSVFormat.RFC4180
                .builder()
                .setHeader()
                .setSkipHeaderRecord(true)
                .get()
                .parse(Utf8.reader(file))) {
            if (!rows.getHeaderNames().equals(ExportStore.SECTION_COLUMNS)) {
                throw refused(1, "the first line has to be " + String.join(",", ExportStore.SECTION_COLUMNS));
            }
            for (CSVRecord row : rows) {
                line = rows.getCurrentLineNumber();
                if (row.getRecordNumber() % TELL_EVERY_ROWS == 0) {
                    running.at(what, row.getCharacterPosition(), size);
                }
                take.row(row(row, dogs, vocabulary, line), line);
            }
        } catch (IOException | UncheckedIOException | IllegalStateException | IllegalArgumentException e) {
            throw refused(line, "this is no table in UTF-8 after RFC 4180");
        }
    }

    private static Row row(CSVRecord row, Map<String, List<Long>> dogs, Vocabulary vocabulary, long line) {
        if (row.size() != ExportStore.SECTION_COLUMNS.size()) {
            throw refused(line, "it has " + row.size() + " cells instead of " + ExportStore.SECTION_COLUMNS.size());
        }
        for (String column : List.of("day", "section", "comb", "signal")) {
            problem(vocabulary.problem(TABLE, column, row.get(column)), line);
        }
        problem(Vocabulary.momentProblem(row.get("at")), line);
        Instant at = Instant.parse(row.get("at")).truncatedTo(ChronoUnit.MILLIS);
        LocalDate day = LocalDate.parse(row.get("day"));
        if (Math.abs(ChronoUnit.DAYS.between(day, LocalDate.ofInstant(at, ZoneOffset.UTC))) > 1) {
            throw refused(line, "the day is not the day of the moment");
        }
        Optional<Integer> seconds = row.get("seconds").isEmpty()
                ? Optional.empty()
                : Optional.of(number(row.get("seconds"), 0, MOST_SECONDS, line));
        try {
            return new Row(
                    dog(dogs, CsvText.plain(row.get("dog")), line),
                    uuid(row.get("session"), line),
                    at,
                    day,
                    new SectionDone(
                            Section.valueOf(row.get("section")),
                            CombResult.valueOf(row.get("comb")),
                            number(row.get("tangles"), 0, SectionDone.MOST_TANGLES, line),
                            Signal.valueOf(row.get("signal")),
                            seconds));
        } catch (Refused e) {
            throw e.field().filter("file"::equals).isPresent()
                    ? e
                    : refused(line, Objects.requireNonNullElse(e.getMessage(), ""));
        }
    }

    private static long dog(Map<String, List<Long>> dogs, String name, long line) {
        List<Long> named = dogs.getOrDefault(name, List.of());
        if (named.size() != 1) {
            throw refused(
                    line,
                    (named.isEmpty() ? "there is no dog" : "there is more than one dog")
                            + " of that name here; add or rename it first");
        }
        return named.get(0);
    }

    private static void problem(Optional<String> problem, long line) {
        problem.ifPresent(why -> {
            throw refused(line, why);
        });
    }

    private static UUID uuid(String text, long line) {
        return UUID.fromString(Vocabulary.uuid(text).orElseThrow(() -> refused(line, "the session is no UUID")));
    }

    private static int number(String text, int least, int most, long line) {
        if (text.matches("\\d{1,6}") && Integer.parseInt(text) >= least && Integer.parseInt(text) <= most) {
            return Integer.parseInt(text);
        }
        throw refused(line, "a number from " + least + " to " + most + " is expected");
    }

    private static Refused refused(long line, String why) {
        return new Refused(
                "file", "The table was not taken over: line " + line + ": " + why + ". Nothing was changed.");
    }
}
