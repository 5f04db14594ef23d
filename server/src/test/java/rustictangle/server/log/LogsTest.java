package rustictangle.server.log;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertSame;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Duration;
import java.time.LocalDate;
import java.util.List;
import java.util.TreeSet;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.MediaType;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;
import org.springframework.transaction.support.TransactionTemplate;
import rustictangle.core.dog.Section;
import rustictangle.core.log.Entry;
import rustictangle.core.log.Happened;
import rustictangle.core.log.LifeEvent;
import rustictangle.core.log.Log;
import rustictangle.core.rhythm.CombCheck;
import rustictangle.server.ServerTest;

/** The log is read once; what was said since, besides; and what was rolled back was never said. */
class LogsTest extends ServerTest {

    private static final LocalDate TODAY = LocalDate.of(2026, 5, 14);

    @Autowired
    Logs logs;

    @Autowired
    TransactionTemplate transactions;

    @Test
    void whatWasRolledBackWasNeverSaid() throws Exception {
        long dog = addKnownDog("Gannet");
        assertEquals(0, said(dog));
        assertThrows(
                IllegalStateException.class,
                () -> transactions.executeWithoutResult(status -> {
                    logs.say(UUID.randomUUID(), dog, TODAY, new Happened(LifeEvent.SWAM));
                    assertEquals(1, logs.of(dog).standing().count());
                    throw new IllegalStateException("killed in the middle");
                }));
        assertEquals(0, said(dog));
        // The next entry gets the number that the lost one had.
        logs.say(UUID.randomUUID(), dog, TODAY, new Happened(LifeEvent.SNOW));
        assertEquals(
                new Happened(LifeEvent.SNOW),
                data.reading(() -> logs.of(dog))
                        .standing()
                        .findFirst()
                        .orElseThrow()
                        .said());
    }

    @Test
    void oneDogsLogStaysAsItIsWhenSomethingIsSaidOfAnother() throws Exception {
        long one = addKnownDog("Gannet");
        long other = addKnownDog("Oakum");
        logs.say(UUID.randomUUID(), one, TODAY, new Happened(LifeEvent.SWAM));
        Log before = data.reading(() -> logs.of(one));
        logs.say(UUID.randomUUID(), other, TODAY, new Happened(LifeEvent.SWAM));
        assertSame(before, data.reading(() -> logs.of(one)));
        assertEquals(1, said(other));
    }

    /** Who began to read before something was said reads on as if it were not. */
    @Test
    void whoReadsAnOlderStateSeesNothingNewer() throws Exception {
        long dog = addKnownDog("Gannet");
        data.reading(() -> {
            assertEquals(0, logs.of(dog).standing().count());
            Thread writer = new Thread(() -> {
                logs.say(UUID.randomUUID(), dog, TODAY, new Happened(LifeEvent.SWAM));
                assertEquals(1, said(dog));
            });
            writer.start();
            try {
                writer.join();
            } catch (InterruptedException e) {
                throw new IllegalStateException(e);
            }
            assertEquals(0, logs.of(dog).standing().count());
            return null;
        });
        assertEquals(1, said(dog));
    }

    /** A copy put back from outside, while it runs: what came after it was never said, however much is said anew. */
    @Test
    void whatWasPutBackFromOutsideForgetsWhatCameAfter() throws Exception {
        long dog = addKnownDog("Gannet");
        Path copy = Files.createTempDirectory("copy").resolve("copy.db");
        fromOutside("backup to '" + copy + "'");
        logs.say(UUID.randomUUID(), dog, TODAY, new Happened(LifeEvent.SWAM));
        assertEquals(1, said(dog));
        fromOutside("restore from '" + copy + "'");
        // Nobody reads in between.
        UUID anew = UUID.randomUUID();
        logs.say(anew, dog, TODAY, new Happened(LifeEvent.SNOW));
        assertEquals(
                List.of(anew),
                data.reading(() -> logs.of(dog).standing().map(Entry::id).toList()));
    }

    private void fromOutside(String sql) throws SQLException {
        try (Connection other = DriverManager.getConnection("jdbc:sqlite:" + data.file());
                Statement run = other.createStatement()) {
            run.executeUpdate(sql);
        }
    }

    @Test
    void anEntrySaysOnWhichDeviceItWasSaid() throws Exception {
        long dog = addKnownDog("Gannet");
        for (String device : new String[] {"kitchen-tablet", "=no device!"}) {
            mvc.perform(MockMvcRequestBuilders.post("/api/dogs/" + dog + "/practice-trials")
                    .header("X-Device", device)
                    .contentType(MediaType.APPLICATION_JSON)
                    .content("{\"id\": \"%s\", \"subject\": \"TABLE\", \"signal\": \"RELAXED\"}"
                            .formatted(UUID.randomUUID())));
        }
        assertEquals(List.of("kitchen-tablet", ""), data.reading(() -> jdbc.sql(
                        "SELECT device FROM entry WHERE dog_id = ? ORDER BY seq")
                .param(dog)
                .query(String.class)
                .list()));
    }

    /** A session past midnight, a year ago to the day: its beginning is forgotten, or just not. */
    @Test
    void aSessionAtTheEdgeOfTheYearIsReadOnceAndBreaksNothing() throws Exception {
        long dog = addKnownDog("Gannet");
        later(Duration.ofHours(14).plusMinutes(50));
        String session = beginSession(dog, "BACK", "CHEST");
        post(session + "/events", glides("BACK"));
        later(Duration.ofMinutes(20));
        post(session + "/events", glides("CHEST")).andExpect(jsonPath("$.end").value("ALL_DONE"));
        for (int day = 364; day <= 367; day++) {
            daysPass(day == 364 ? 364 : 1);
            read("/api/dogs/" + dog + "/trust").andExpect(status().isOk());
            List<Section> checked = data.reading(() -> logs.of(dog)).read(CombCheck.CHECKS).stream()
                    .map(CombCheck::section)
                    .toList();
            assertEquals(
                    List.copyOf(new TreeSet<>(checked)),
                    checked.stream().sorted().toList(),
                    "day " + day);
        }
        daysPass(-367);
        later(Duration.ofHours(-15).minusMinutes(10));
    }

    private long said(long dog) {
        return data.reading(() -> logs.of(dog).standing().count());
    }
}
