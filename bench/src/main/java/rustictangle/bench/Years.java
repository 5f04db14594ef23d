package rustictangle.bench;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.UUID;
import java.util.concurrent.Callable;
import java.util.random.RandomGenerator;
import java.util.random.RandomGeneratorFactory;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import rustictangle.core.dog.Region;
import rustictangle.core.dog.Section;

/**
 * The demo household, and ten dogs with one, three and ten years of daily records, ten years being some 700,000 places
 * combed: how long the views take over HTTP, the first time, just after something happened to a dog, which changes the
 * plan, and when nothing did, against bare SQL that reads the same facts, and how long the application takes to start.
 *
 * <p>Arguments: the command that starts the application on a data file, without port and file.
 */
public final class Years {

    private static final int DOGS = 10;
    private static final int PLACES_A_DAY = 19;
    /** 0: the demo household, as it is. */
    private static final int[] YEARS = {0, 1, 3, 10};
    /** What changes the plan of a dog. */
    private static final List<String> EVENTS = List.of("SWAM", "SOAKED", "SAND_OR_BURRS", "SNOW");

    private static final int EVENTFUL_DOGS = 4;
    private static final int PORT = 8499;
    private static final String URL = "http://127.0.0.1:" + PORT;
    private static final int WARM_UP = 150;
    private static final int CALLS = 400;
    private static final int BARE_CALLS = 25;
    private static final int STARTS = 3;

    /** A view, and bare SQL for the facts it shows. */
    private enum View {
        HOME("/api/home", Sql.CHECKS + " GROUP BY dog_id, said ->> '$.section'"),
        WEEK("/api/week", Sql.CHECKS + " GROUP BY dog_id, said ->> '$.section'"),
        COMFORTS("/api/comforts", Sql.CHECKS + " GROUP BY dog_id, said ->> '$.section'"),
        WHEN("/api/dogs/1/when", Sql.CHECKS + " AND dog_id = 1 GROUP BY said ->> '$.section'"),
        THREAD("/api/dogs/1/thread", Sql.CHECKS + " AND dog_id = 1 GROUP BY said ->> '$.section'"),
        HISTORY(
                "/api/dogs/1/history",
                """
                SELECT begun.id, count(*), sum(said ->> '$.tangles')
                  FROM (SELECT id FROM entry WHERE dog_id = 1 AND said ->> '$.type' = 'SESSION_BEGUN' ORDER BY at DESC LIMIT 40) AS begun
                  JOIN entry ON session_id = begun.id GROUP BY begun.id""");

        private final String path;
        private final String sql;

        View(String path, String sql) {
            this.path = path;
            this.sql = sql;
        }
    }

    /** Apart from the views, because an enum cannot read its surroundings' constants while it is made. */
    private static final class Sql {
        static final String CHECKS =
                """
                SELECT said ->> '$.section', max(day), count(*), sum(said ->> '$.tangles') FROM entry
                 WHERE said ->> '$.type' = 'SECTION_DONE' AND at >= date('now', '-365 days')""";
    }

    private final List<String> command;
    private final HttpClient http =
            HttpClient.newBuilder().version(HttpClient.Version.HTTP_1_1).build();

    private Years(List<String> command) {
        this.command = command;
    }

    public static void main(String[] args) throws Exception {
        Years years = new Years(List.of(args));
        System.out.printf(
                "%-8s %5s %9s %9s %9s %9s %9s %8s%n",
                "view", "years", "first ms", "happened", "p50 ms", "p99 ms", "SQL ms", "p50/SQL");
        for (int count : YEARS) {
            years.measure(count);
        }
    }

    private void measure(int years) throws Exception {
        Path folder = Files.createTempDirectory("rustic-tangle-years");
        Path file = folder.resolve("years.db");
        OwnersKey.layBeside(file);
        boolean demo = years == 0;
        Process empty = start(file, "--rustictangle.demo=" + demo);
        if (!demo) {
            describeDogs();
        }
        stop(empty);
        int records = demo ? 0 : fill(file, years);
        List<Long> starts = new ArrayList<>();
        for (int i = 1; i < STARTS; i++) {
            long begun = System.nanoTime();
            Process once = start(file);
            starts.add((System.nanoTime() - begun) / 1_000_000);
            stop(once);
        }
        long begun = System.nanoTime();
        Process app = start(file);
        starts.add((System.nanoTime() - begun) / 1_000_000);
        Map<View, Double> first = new TreeMap<>();
        for (View view : View.values()) {
            first.put(view, milliseconds(() -> get(view.path)));
        }
        try (Connection plain = DriverManager.getConnection("jdbc:sqlite:" + file)) {
            for (View view : View.values()) {
                double[] calls = timed(WARM_UP, CALLS, () -> get(view.path));
                double[] bare = timed(3, BARE_CALLS, () -> read(plain, view.sql));
                System.out.printf(
                        "%-8s %5d %9.1f %9.1f %9.1f %9.1f %9.1f %8.1f%n",
                        view,
                        years,
                        first.get(view),
                        afterAnEvent(view),
                        at(calls, 0.5),
                        at(calls, 0.99),
                        at(bare, 0.5),
                        at(calls, 0.5) / at(bare, 0.5));
            }
        }
        stop(app);
        System.out.printf(
                "%s, %d MB; ready after %s ms%n",
                demo ? "the demo household" : records + " places combed", Files.size(file) / 1_000_000, starts);
    }

    /** Half of the calls that come just after something happened to a dog, each time something else, take at most this long. */
    private double afterAnEvent(View view) throws Exception {
        double[] times = new double[EVENTS.size() * EVENTFUL_DOGS];
        for (int i = 0; i < times.length; i++) {
            send("PUT", event(i), "");
            times[i] = milliseconds(() -> get(view.path));
        }
        for (int i = 0; i < times.length; i++) {
            send("DELETE", event(i), "");
        }
        Arrays.sort(times);
        return at(times, 0.5);
    }

    private static String event(int i) {
        return "/api/dogs/" + (1 + i % EVENTFUL_DOGS) + "/life/" + LocalDate.now() + "/"
                + EVENTS.get(i / EVENTFUL_DOGS);
    }

    private Process start(Path file, String... more) throws Exception {
        List<String> whole = new ArrayList<>(command);
        whole.addAll(List.of(more));
        whole.addAll(List.of("--server.port=" + PORT, "--rustictangle.data=" + file, "--logging.level.root=WARN"));
        Process app = new ProcessBuilder(whole)
                .redirectErrorStream(true)
                .redirectOutput(ProcessBuilder.Redirect.DISCARD)
                .start();
        while (app.isAlive()) {
            try {
                get("/api/household");
                return app;
            } catch (IOException notYet) {
                Thread.sleep(10);
            }
        }
        throw new IllegalStateException("the application ended with " + app.exitValue());
    }

    private static void stop(Process app) throws InterruptedException {
        app.destroy();
        app.waitFor();
    }

    private void describeDogs() throws Exception {
        String[] kinds = {"DOUBLE", "CURLY", "DROP", "WIRE", "FEATHERED"};
        for (int dog = 1; dog <= DOGS; dog++) {
            send(
                    "POST",
                    "/api/dogs",
                    """
                    {"name": "Dog %d", "breed": "", "kilograms": 14, "lifeStage": "ADULT", "flatFace": false, "neutered": true,
                     "skin": "SOUND", "history": "GENTLE", "wears": [], "habits": []}"""
                            .formatted(dog));
            String kind = kinds[dog % kinds.length];
            send(
                    "PUT",
                    "/api/dogs/" + dog + "/coat",
                    Arrays.stream(Region.values())
                            .map(region ->
                                    """
                    {"region": "%s", "kind": "%s", "millimetres": 60, "density": "MEDIUM", "texture": "SOFT", "undercoat": false, "clipped": false}"""
                                            .formatted(region, kind))
                            .collect(Collectors.joining(
                                    ",", "{\"sheddingHeavily\": false, \"neglected\": false, \"regions\": [", "]}")));
        }
    }

    /** Every evening each dog's next places in turn, up to yesterday. */
    private static int fill(Path file, int years) throws SQLException {
        RandomGenerator random = RandomGeneratorFactory.of("L64X128MixRandom").create(14);
        LocalDate today = LocalDate.now();
        int records = 0;
        try (Connection plain = DriverManager.getConnection("jdbc:sqlite:" + file)) {
            plain.setAutoCommit(false);
            PreparedStatement entry = plain.prepareStatement(
                    "INSERT INTO entry (id, dog_id, session_id, at, day, said) VALUES (?, ?, ?, ?, ?, ?)");
            for (LocalDate day = today.minusYears(years); day.isBefore(today); day = day.plusDays(1)) {
                for (int dog = 1; dog <= DOGS; dog++) {
                    String session = new UUID(random.nextLong(), random.nextLong()).toString();
                    String begun = day.atTime(LocalTime.of(18, 30))
                                    .atZone(ZoneId.systemDefault())
                                    .toInstant() + "";
                    List<Section> sections = places(day);
                    String plan = sections.stream()
                            .map(section -> "{\"section\":\"%s\",\"seconds\":60}".formatted(section))
                            .collect(Collectors.joining(",", "{\"type\":\"SESSION_BEGUN\",\"plan\":[", "]}"));
                    insert(entry, session, dog, session, begun.replace("Z", ".000Z"), day.toString(), plan);
                    for (int n = 0; n < PLACES_A_DAY; n++) {
                        int tangles = random.nextDouble() < 0.2 ? 1 : 0;
                        insert(
                                entry,
                                new UUID(random.nextLong(), random.nextLong()).toString(),
                                dog,
                                session,
                                begun.replace("Z", ".%03dZ".formatted(n)),
                                day.toString(),
                                """
                                {"type":"SECTION_DONE","section":"%s","comb":"%s","tangles":%d,"signal":"RELAXED","spent":60}"""
                                        .formatted(
                                                sections.get(n), tangles == 0 ? "GLIDES" : "TANGLES_CLEARED", tangles));
                        records++;
                    }
                }
            }
            plain.commit();
        }
        return records;
    }

    private static List<Section> places(LocalDate day) {
        Section[] all = Section.values();
        return IntStream.range(0, PLACES_A_DAY)
                .mapToObj(n -> all[(int) ((day.toEpochDay() * PLACES_A_DAY + n) % all.length)])
                .toList();
    }

    private static void insert(PreparedStatement statement, Object... values) throws SQLException {
        for (int i = 0; i < values.length; i++) {
            statement.setObject(i + 1, values[i]);
        }
        statement.executeUpdate();
    }

    private static int read(Connection plain, String sql) throws SQLException {
        int rows = 0;
        try (ResultSet row = plain.createStatement().executeQuery(sql)) {
            while (row.next()) {
                rows += row.getString(1) == null ? 0 : 1;
            }
        }
        return rows;
    }

    private String get(String path) throws IOException, InterruptedException {
        return send("GET", path, "");
    }

    private String send(String method, String path, String json) throws IOException, InterruptedException {
        var answer = http.send(
                HttpRequest.newBuilder(URI.create(URL + path))
                        .header("Authorization", OwnersKey.BEARER)
                        .header("Content-Type", "application/json")
                        .method(method, BodyPublishers.ofString(json))
                        .build(),
                BodyHandlers.ofString());
        if (answer.statusCode() >= 300) {
            throw new IllegalStateException(path + " answered " + answer.statusCode() + " " + answer.body());
        }
        return answer.body();
    }

    private static double[] timed(int before, int calls, Callable<?> call) throws Exception {
        for (int i = 0; i < before; i++) {
            call.call();
        }
        double[] times = new double[calls];
        for (int i = 0; i < calls; i++) {
            times[i] = milliseconds(call);
        }
        Arrays.sort(times);
        return times;
    }

    private static double milliseconds(Callable<?> call) throws Exception {
        long begun = System.nanoTime();
        call.call();
        return (System.nanoTime() - begun) / 1e6;
    }

    private static double at(double[] sorted, double part) {
        return sorted[(int) Math.min(sorted.length - 1, Math.round(part * (sorted.length - 1)))];
    }
}
