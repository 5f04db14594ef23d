package rustictangle.e2e.soak;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Duration;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.UUID;
import java.util.concurrent.Callable;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.random.RandomGenerator;
import java.util.random.RandomGeneratorFactory;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIf;
import org.junit.jupiter.api.io.TempDir;
import rustictangle.e2e.RunningApp;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Bad days, one after the other: in CI, and as {@code bin/soak N} asks for them. */
@EnabledIf("isAskedFor")
class SoakTest {

    private static final String MORNING = "2026-05-14T09:00:00Z";

    private static final int ROUNDS = Integer.getInteger("soak.rounds", 3);
    private static final int REQUESTS = Integer.getInteger("soak.requests", 400);
    private static final int BURSTS = Integer.getInteger("soak.bursts", 5);
    private static final int AT_ONCE = 12;
    private static final int LEAST_ANSWERS = 10;
    /** Between two things that one hand says, ms: quicker than any hand, and the rest gets on with its work. */
    private static final int A_BREATH = 100;
    /** In the first and every so many rounds a file is taken over meanwhile. */
    private static final int IMPORT_EVERY = 2;

    @TempDir
    private Path folder;

    private final HttpClient http = HttpClient.newBuilder()
            .version(HttpClient.Version.HTTP_1_1)
            .connectTimeout(Duration.ofSeconds(5))
            .build();
    private final RandomGenerator random =
            RandomGeneratorFactory.of("L64X128MixRandom").create(Long.getLong("soak.seed", 14));

    /** By table and id: whether it was acknowledged. What was under way when the power went may be there or not, once. */
    private final Map<String, Boolean> said = new ConcurrentHashMap<>();

    private final AtomicInteger visits = new AtomicInteger();
    private final AtomicInteger answers = new AtomicInteger();

    static boolean isAskedFor() {
        return System.getenv("CI") != null || System.getProperty("soak.rounds") != null;
    }

    @Test
    void nothingThatWasAcknowledgedIsLostOrDoubledHoweverOftenThePowerGoes() throws Exception {
        Path data = folder.resolve("killed.db");
        int imports = 0;
        for (int round = 0; round <= ROUNDS; round++) {
            RunningApp app = RunningApp.start(data, MORNING, true);
            check(data);
            if (round == ROUNDS) {
                app.close();
                break;
            }
            ExecutorService hands = Executors.newFixedThreadPool(5);
            boolean importing = round % IMPORT_EVERY == 0;
            byte[] everything = importing
                    ? http.send(get(app, "api/export.json"), BodyHandlers.ofByteArray())
                            .body()
                    : null;
            AtomicInteger running = new AtomicInteger(1);
            hands.submit(() -> brush(app, running));
            hands.submit(() -> practise(app, running));
            hands.submit(() -> live(app, running));
            hands.submit(() -> visit(app, running));
            if (importing) {
                imports++;
                hands.submit(() -> http.send(
                        RunningApp.asking(URI.create(app.url() + "api/import.json"))
                                .header("Content-Type", "application/json")
                                .PUT(BodyPublishers.ofByteArray(everything))
                                .build(),
                        BodyHandlers.ofString()));
            }
            awaitAnswers(random.nextInt(LEAST_ANSWERS, 4 * LEAST_ANSWERS));
            TimeUnit.MILLISECONDS.sleep(random.nextInt(importing ? 2500 : 80));
            app.kill();
            running.set(0);
            hands.shutdown();
            assertTrue(hands.awaitTermination(30, TimeUnit.SECONDS));
        }
        long acknowledged = said.values().stream().filter(told -> told).count();
        System.out.printf(
                "%d rounds of SIGKILL, %d of them during an import: %d entries, %d acknowledged, none lost, none doubled%n",
                ROUNDS, imports, said.size(), acknowledged);
        assertTrue(acknowledged >= (long) LEAST_ANSWERS * ROUNDS / 2, acknowledged + " is too few to tell anything");
    }

    /** However slow the machine is: the power goes after so many further answers, in the midst of the next ones. */
    private void awaitAnswers(int more) throws InterruptedException {
        long until = System.nanoTime() + TimeUnit.SECONDS.toNanos(60);
        int enough = answers.get() + more;
        synchronized (answers) {
            while (answers.get() < enough && System.nanoTime() < until) {
                answers.wait(1000);
            }
        }
    }

    private Void brush(RunningApp app, AtomicInteger running) throws Exception {
        JsonNode open = new JsonMapper().readTree(app.get("api/home")).at("/dogs/0/known/openSession");
        String session = open.isMissingNode() ? UUID.randomUUID().toString() : open.asString();
        if (open.isMissingNode()) {
            tell(
                    app,
                    "entry:" + session,
                    "POST",
                    "api/dogs/1/sessions",
                    "{\"id\": \"%s\", \"sections\": [\"BACK\", \"CHEST\"]}".formatted(session));
        }
        while (running.get() > 0) {
            String id = UUID.randomUUID().toString();
            tell(
                    app,
                    "entry:" + id,
                    "POST",
                    "api/dogs/1/sessions/" + session + "/events",
                    "{\"id\": \"%s\", \"said\": {\"type\": \"TREAT_GIVEN\"}}".formatted(id));
        }
        return null;
    }

    private Void practise(RunningApp app, AtomicInteger running) throws Exception {
        while (running.get() > 0) {
            TimeUnit.MILLISECONDS.sleep(A_BREATH);
            String id = UUID.randomUUID().toString();
            tell(
                    app,
                    "entry:" + id,
                    "POST",
                    "api/dogs/4/practice-trials",
                    "{\"id\": \"%s\", \"subject\": \"TABLE\", \"signal\": \"RELAXED\"}".formatted(id));
        }
        return null;
    }

    /** Said twice, it is once. */
    private Void live(RunningApp app, AtomicInteger running) throws Exception {
        while (running.get() > 0) {
            send(app, "PUT", "api/dogs/2/life/2026-05-1" + random.nextInt(5) + "/SWAM", "");
            send(app, "DELETE", "api/dogs/2/life/2026-05-1" + random.nextInt(5) + "/SWAM", "");
        }
        return null;
    }

    private Void visit(RunningApp app, AtomicInteger running) throws Exception {
        while (running.get() > 0) {
            TimeUnit.MILLISECONDS.sleep(A_BREATH);
            LocalDate day = LocalDate.of(2026, 1, 1).minusDays(visits.getAndIncrement());
            tell(
                    app,
                    "visit:" + day,
                    "PUT",
                    "api/dogs/3/visits/" + day,
                    "{\"leftMillimetres\": 60, \"remarks\": \"\", \"found\": \"\", \"takeOver\": true}");
        }
        return null;
    }

    private void tell(RunningApp app, String what, String method, String path, String json) throws Exception {
        said.put(what, false);
        int status = send(app, method, path, json).statusCode();
        // During an import the session may be one that the file does not know; that is said, too.
        assertTrue(status < 300 || status == 404 || status == 409, what + " answered " + status);
        if (status < 300) {
            said.put(what, true);
            synchronized (answers) {
                answers.incrementAndGet();
                answers.notifyAll();
            }
        } else {
            said.remove(what);
        }
    }

    /** What is not in the data is in a copy that was kept when a file took its place. */
    private void check(Path data) throws Exception {
        try (Stream<Path> files = Files.list(data.getParent())) {
            List<Path> all = files.toList();
            assertTrue(
                    all.stream()
                            .noneMatch(file -> file.toString().contains(".tmp-")
                                    || file.toString().endsWith(".replacing")),
                    "left behind: " + all);
            Map<String, Integer> inData = counts(data);
            Map<String, Integer> kept = new TreeMap<>();
            for (Path copy : all.stream()
                    .filter(file -> file.toString().matches(".*\\.before-import-[^-]*(-\\d+)?"))
                    .toList()) {
                kept.putAll(counts(copy));
            }
            said.forEach((what, acknowledged) -> {
                int times = inData.getOrDefault(what, 0);
                assertTrue(times <= 1, what + " is there " + times + " times");
                assertTrue(
                        !acknowledged || times == 1 || kept.containsKey(what), what + " was acknowledged and is lost");
            });
        }
    }

    private static Map<String, Integer> counts(Path file) throws SQLException {
        Map<String, Integer> counts = new TreeMap<>();
        try (Connection opened = DriverManager.getConnection("jdbc:sqlite:" + file)) {
            count(opened, "entry", "SELECT id FROM entry", counts);
            count(
                    opened,
                    "visit",
                    "SELECT day FROM entry WHERE dog_id = 3 AND said ->> '$.type' = 'VISITED'"
                            + " AND id NOT IN (SELECT takes_back FROM entry WHERE takes_back IS NOT NULL)",
                    counts);
            try (ResultSet healthy = opened.createStatement().executeQuery("PRAGMA integrity_check")) {
                assertEquals("ok", healthy.getString(1));
            }
        }
        return counts;
    }

    private static void count(Connection opened, String table, String sql, Map<String, Integer> counts)
            throws SQLException {
        try (PreparedStatement ask = opened.prepareStatement(sql);
                ResultSet row = ask.executeQuery()) {
            while (row.next()) {
                counts.merge(table + ":" + row.getString(1), 1, Integer::sum);
            }
        }
    }

    @Test
    void whateverItIsAskedItDoesNotBreakAndWhatItRefusesChangesNothing() throws Exception {
        try (RunningApp app = RunningApp.anew(true);
                Connection watching = DriverManager.getConnection("jdbc:sqlite:" + app.data())) {
            String session = UUID.randomUUID().toString();
            send(
                    app,
                    "POST",
                    "api/dogs/2/sessions",
                    "{\"id\": \"%s\", \"sections\": [\"BACK\", \"CHEST\"]}".formatted(session));
            Map<String, List<String>> known = Map.of(
                    "dogId",
                    List.of("1", "2", "3", "4"),
                    "toolId",
                    List.of("1", "2", "3"),
                    "sessionId",
                    List.of(session),
                    "checkId",
                    List.of("1", "2"),
                    "first",
                    List.of("1", "2"),
                    "second",
                    List.of("3", "4"));
            Fuzz fuzz = new Fuzz(
                    app.url().replaceAll("/$", ""),
                    new JsonMapper().readTree(app.get("api/openapi.json")),
                    known,
                    random);
            Map<Integer, Integer> answers = new TreeMap<>();
            long before = version(watching);
            for (int n = 0; n < REQUESTS; n++) {
                HttpRequest request = fuzz.next();
                HttpResponse<String> answer = http.send(request, BodyHandlers.ofString());
                long after = version(watching);
                String what = request.method() + " " + request.uri() + " "
                        + request.headers().map() + " answered " + answer.statusCode();
                assertTrue(answer.statusCode() < 500, () -> what + ": " + answer.body() + "\n" + app.output());
                assertTrue(
                        !answer.body().contains("rustictangle.")
                                && !answer.body().contains("Exception"),
                        () -> what + ": " + answer.body());
                assertTrue(
                        before == after
                                || answer.statusCode() < 300
                                        && !request.method().equals("GET"),
                        what + " and changed what is stored");
                before = after;
                answers.merge(answer.statusCode(), 1, Integer::sum);
            }
            System.out.printf("%d requests to every operation, by their answers %s%n", REQUESTS, answers);
            assertTrue(
                    answers.getOrDefault(200, 0) > REQUESTS / 20 && answers.getOrDefault(400, 0) > REQUESTS / 20,
                    answers.toString());
        }
    }

    private static long version(Connection watching) throws SQLException {
        try (ResultSet row = watching.createStatement().executeQuery("PRAGMA data_version")) {
            return row.getLong(1);
        }
    }

    @Test
    void everybodyWhoReadsAtOnceGetsAnAnswer() throws Exception {
        try (RunningApp app = RunningApp.anew(true)) {
            var document = new JsonMapper().readTree(app.get("api/openapi.json"));
            List<String> views = IntStream.rangeClosed(1, 4)
                    .boxed()
                    .flatMap(dog -> new Fuzz(app.url().replaceAll("/$", ""), document, Map.of(), random)
                            .views(String.valueOf(dog)).stream())
                    .distinct()
                    .toList();
            ExecutorService many = Executors.newFixedThreadPool(AT_ONCE);
            Map<String, Long> times = new LinkedHashMap<>();
            for (int burst = 0; burst < BURSTS; burst++) {
                List<Callable<Long>> calls = new ArrayList<>();
                for (int n = 0; n < AT_ONCE; n++) {
                    String view = views.get(random.nextInt(views.size()));
                    calls.add(() -> {
                        long begun = System.nanoTime();
                        HttpResponse<String> answer = http.send(get(app, view.substring(1)), BodyHandlers.ofString());
                        assertEquals(200, answer.statusCode(), view + ": " + answer.body());
                        return (System.nanoTime() - begun) / 1_000_000;
                    });
                }
                int at = 0;
                for (Future<Long> call : many.invokeAll(calls)) {
                    times.put(burst + "." + at++, call.get());
                }
            }
            many.shutdown();
            List<Long> sorted = times.values().stream().sorted().toList();
            System.out.printf(
                    "%d bursts of %d over %d views: all 200, half within %d ms, the worst %d ms%n",
                    BURSTS, AT_ONCE, views.size(), sorted.get(sorted.size() / 2), sorted.get(sorted.size() - 1));
        }
    }

    /** Nobody has to wait for a file that is read; what is said meanwhile is in the copy that is kept. */
    @Test
    void theHouseholdWritesOnWhileAFileIsTakenOver() throws Exception {
        try (RunningApp app = RunningApp.anew(true)) {
            byte[] everything = http.send(get(app, "api/export.json"), BodyHandlers.ofByteArray())
                    .body();
            AtomicInteger running = new AtomicInteger(1);
            ExecutorService hands = Executors.newFixedThreadPool(3);
            Future<Void> practice = hands.submit(() -> practise(app, running));
            Future<Void> visiting = hands.submit(() -> visit(app, running));
            Future<Set<String>> told = hands.submit(() -> steps(app, running));
            HttpResponse<String> taken = http.send(
                    RunningApp.asking(URI.create(app.url() + "api/import.json"))
                            .header("Content-Type", "application/json")
                            .PUT(BodyPublishers.ofByteArray(everything))
                            .build(),
                    BodyHandlers.ofString());
            assertEquals(200, taken.statusCode(), taken.body());
            running.set(0);
            practice.get();
            visiting.get();
            assertTrue(
                    told.get().stream().anyMatch(step -> step.startsWith("looking over ")),
                    "how far it is: " + told.get());
            hands.shutdown();
            check(app.data());
            assertTrue(said.values().stream().allMatch(acknowledged -> acknowledged), "every write was taken");
        }
    }

    private static Set<String> steps(RunningApp app, AtomicInteger running) throws Exception {
        Set<String> steps = new TreeSet<>();
        while (running.get() > 0) {
            new JsonMapper()
                    .readTree(app.get("api/progress"))
                    .forEach(work -> steps.add(work.get("step").asString()));
            TimeUnit.MILLISECONDS.sleep(A_BREATH);
        }
        return steps;
    }

    private HttpResponse<String> send(RunningApp app, String method, String path, String json)
            throws IOException, InterruptedException {
        return http.send(
                RunningApp.asking(URI.create(app.url() + path))
                        .header("Content-Type", "application/json")
                        .timeout(Duration.ofSeconds(20))
                        .method(method, BodyPublishers.ofString(json))
                        .build(),
                BodyHandlers.ofString());
    }

    private static HttpRequest get(RunningApp app, String path) {
        return RunningApp.asking(URI.create(app.url() + path))
                .timeout(Duration.ofSeconds(40))
                .build();
    }
}
