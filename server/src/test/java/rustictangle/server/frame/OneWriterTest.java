package rustictangle.server.frame;

import static org.hamcrest.Matchers.containsString;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.header;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.Callable;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.HttpMethod;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.transaction.support.TransactionTemplate;
import rustictangle.server.ServerTest;

/** Whoever writes too long, here or in another process, takes nothing away from the others. */
class OneWriterTest extends ServerTest {

    private static final List<String> VIEWS = List.of(
            "/api/home",
            "/api/week",
            "/api/household",
            "/api/comforts",
            "/api/tools",
            "/api/messages",
            "/api/dogs/%d/when",
            "/api/dogs/%d/thread",
            "/api/dogs/%d/routine",
            "/api/today?minutes=10",
            "/api/dogs/%d/routine?minutes=10",
            "/api/dogs/%d/kit",
            "/api/dogs/%d/trust",
            "/api/dogs/%d/visits",
            "/api/dogs/%d/trade",
            "/api/dogs/%d/hand-over",
            "/api/dogs/%d/history",
            "/api/dogs/%d/coat");

    @Autowired
    private JdbcClient ours;

    @Autowired
    private TransactionTemplate writing;

    @Test
    void exactlyTheRefusedWriteIsMissingWhenAnotherProcessHoldsTheFileForSevenSeconds() throws Exception {
        long dog = addKnownDog("Gannet");
        String session = beginSession(dog, "BACK", "CHEST", "BELLY");
        UUID refused = UUID.randomUUID();
        Process other = HeldLock.in(data.file(), 7000);
        Future<?> reads = reading(dog);
        post(session + "/events", done(refused, "BACK", "GLIDES", 0, "RELAXED"))
                .andExpect(status().isServiceUnavailable())
                .andExpect(header().exists("Retry-After"))
                .andExpect(jsonPath("$.type").value("urn:rustic-tangle:busy"))
                .andExpect(jsonPath("$.detail", containsString("Nothing was changed")));
        reads.get();
        assertEquals(0, other.waitFor());
        assertEquals(0, stored(refused));
        for (String section : List.of("BACK", "CHEST", "BELLY")) {
            UUID id = UUID.randomUUID();
            for (int n = 0; n < 2; n++) {
                post(session + "/events", done(id, section, "GLIDES", 0, "RELAXED"))
                        .andExpect(status().isOk());
            }
            assertEquals(1, stored(id), section);
        }
        // A write that fails half-way leaves nothing behind, and the next one works.
        assertThrows(
                IllegalStateException.class,
                () -> writing.executeWithoutResult(status -> {
                    ours.sql("UPDATE household SET name = 'half'").update();
                    throw new IllegalStateException("killed in the middle");
                }));
        assertEquals(
                "", jdbc.sql("SELECT name FROM household").query(String.class).single());
        read(session).andExpect(jsonPath("$.entries").value(3));
    }

    @Test
    void aWriteWaitsWhereAnotherProcessHoldsTheFileForOneSecond() throws Exception {
        long dog = addKnownDog("Gannet");
        Process other = HeldLock.in(data.file(), 1000);
        send(HttpMethod.PUT, "/api/dogs/" + dog + "/life/2026-05-14/SWAM", "").andExpect(status().isOk());
        assertEquals(0, other.waitFor());
        assertEquals(
                1,
                jdbc.sql("SELECT count(*) FROM entry WHERE dog_id = ? AND said ->> '$.event' = 'SWAM'")
                        .param(dog)
                        .query(Integer.class)
                        .single());
    }

    /** Four connections for twelve at once, each question inside another's answer: so it once hung for 30 seconds. */
    @Test
    void manyWhoReadAtOnceAllGetTheirAnswerWhileOthersWrite() throws Exception {
        long dog = addKnownDog("Gannet");
        ExecutorService many = Executors.newFixedThreadPool(12);
        List<Callable<Integer>> burst = new ArrayList<>();
        for (int n = 0; n < 120; n++) {
            String view = VIEWS.get(n % VIEWS.size()).formatted(dog);
            burst.add(
                    n % 10 == 9
                            ? () -> send(HttpMethod.PUT, "/api/dogs/" + dog + "/life/2026-05-14/SNOW", "")
                                    .andReturn()
                                    .getResponse()
                                    .getStatus()
                            : () -> read(view).andReturn().getResponse().getStatus());
        }
        for (Future<Integer> answer :
                many.invokeAll(burst.stream().map(OneWriterTest::again).toList())) {
            assertEquals(200, answer.get());
        }
        many.shutdown();
    }

    /** On a machine that is busy with other things a turn may come too late: the same again will do, as it is told. */
    private static Callable<Integer> again(Callable<Integer> request) {
        return () -> {
            int answer = request.call();
            for (int more = 0; more < 3 && answer == 503; more++) {
                answer = request.call();
            }
            return answer;
        };
    }

    @Test
    void whatOneRequestReadsIsOneState() throws Exception {
        addKnownDog("Gannet");
        CountDownLatch first = new CountDownLatch(1);
        CountDownLatch written = new CountDownLatch(1);
        ExecutorService reader = Executors.newSingleThreadExecutor();
        Future<List<Integer>> counts = reader.submit(() -> data.reading(() -> {
            int before = dogs();
            first.countDown();
            await(written);
            return List.of(before, dogs());
        }));
        await(first);
        addDog("Oakum");
        written.countDown();
        assertEquals(counts.get().get(0), counts.get().get(1));
        assertEquals(counts.get().get(0) + 1, data.reading(this::dogs));
        reader.shutdown();
    }

    @Test
    void nothingCanBeWrittenByWhoeverOnlyReads() {
        assertThrows(
                RuntimeException.class,
                () -> data.reading(
                        () -> ours.sql("UPDATE household SET name = 'x'").update()));
        RuntimeException outside = assertThrows(
                RuntimeException.class,
                () -> ours.sql("SELECT 1").query(Integer.class).single());
        assertTrue(
                outside.getCause().getMessage().contains("outside of a unit"),
                outside.getCause().getMessage());
    }

    @Test
    void aFullDiskIsSaidAndAtWorkAgainWhenThereIsRoom() throws Exception {
        long dog = addKnownDog("Gannet");
        jdbc.sql("VACUUM").update();
        int pages = writing.execute(
                status -> ours.sql("PRAGMA page_count").query(Integer.class).single());
        writing.executeWithoutResult(status -> ours.sql("PRAGMA max_page_count = " + pages)
                .query(Integer.class)
                .single());
        MockHttpServletResponse answer = null;
        for (int n = 0; n < 200 && (answer == null || answer.getStatus() == 201); n++) {
            answer = post("/api/dogs", dogJson("Oakum " + "x".repeat(30), "14"))
                    .andReturn()
                    .getResponse();
        }
        assertEquals(507, answer.getStatus());
        assertTrue(answer.getContentAsString().contains("no room left on the disk"), answer.getContentAsString());
        read("/api/dogs/" + dog + "/when").andExpect(status().isOk());
        writing.executeWithoutResult(status ->
                ours.sql("PRAGMA max_page_count = 1000000").query(Integer.class).single());
        post("/api/dogs", dogJson("Oakum", "14")).andExpect(status().isCreated());
    }

    /** Clocks are set back: in autumn, and by hand. */
    @Test
    void aClockThatWasSetBackStopsNobody() throws Exception {
        long dog = addKnownDog("Gannet");
        String session = beginSession(dog, "BACK", "CHEST");
        later(java.time.Duration.ofMinutes(4));
        post(session + "/events", glides("BACK")).andExpect(status().isOk());
        later(java.time.Duration.ofHours(-1));
        post(session + "/events", glides("CHEST"))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.end").value("ALL_DONE"));
        assertEquals(
                List.of(240, 0),
                jdbc.sql(
                                "SELECT said ->> '$.spent' FROM entry WHERE dog_id = ? AND said ->> '$.type' = 'SECTION_DONE' ORDER BY seq")
                        .param(dog)
                        .query(Integer.class)
                        .list());
        read("/api/dogs/" + dog + "/history")
                .andExpect(jsonPath("$.sessions[0].done").value(2));
        later(java.time.Duration.ofHours(1));
    }

    private Future<?> reading(long dog) {
        ExecutorService reader = Executors.newSingleThreadExecutor();
        Future<?> reads = reader.submit(() -> {
            for (String view : VIEWS) {
                read(view.formatted(dog)).andExpect(status().isOk());
            }
            return null;
        });
        reader.shutdown();
        return reads;
    }

    private int stored(UUID id) {
        return jdbc.sql("SELECT count(*) FROM entry WHERE id = ?")
                .param(id.toString())
                .query(Integer.class)
                .single();
    }

    private int dogs() {
        return ours.sql("SELECT count(*) FROM dog").query(Integer.class).single();
    }

    private static void await(CountDownLatch latch) {
        try {
            latch.await();
        } catch (InterruptedException e) {
            throw new IllegalStateException(e);
        }
    }
}
