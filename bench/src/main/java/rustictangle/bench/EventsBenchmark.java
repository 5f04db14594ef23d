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
import java.sql.Statement;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.TimeUnit;
import java.util.stream.Collectors;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.TearDown;
import org.openjdk.jmh.annotations.Warmup;
import org.springframework.boot.SpringApplication;
import org.springframework.context.ConfigurableApplicationContext;
import rustictangle.core.dog.Region;
import rustictangle.core.dog.Section;
import rustictangle.core.log.SessionBegun;
import rustictangle.core.log.SessionEvent;
import rustictangle.core.log.SessionEvent.LayerDone;
import rustictangle.core.log.SessionEvent.SectionSkipped;
import rustictangle.server.RusticTangle;
import rustictangle.server.session.SessionService;

/**
 * Session entries accepted each second, every one committed durably, against plain JDBC inserts into a table of the
 * same shape in the same file in the same run. A session is 29 sections of six layers, so its log grows to some 200 entries.
 */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.Throughput)
@OutputTimeUnit(TimeUnit.SECONDS)
@Warmup(iterations = 3, time = 3)
@Measurement(iterations = 5, time = 3)
@Fork(1)
public class EventsBenchmark {

    private static final int LAYERS = 6;
    /** What the doors ask has its own measure; here only the writing is. */
    private static final Runnable ANYTHING = () -> {};

    private ConfigurableApplicationContext app;
    private SessionService sessions;
    private Connection plain;
    private PreparedStatement insert;
    private String url;
    private final HttpClient http =
            HttpClient.newBuilder().version(HttpClient.Version.HTTP_1_1).build();
    private long dog;
    private UUID session;
    private int done;

    @Setup
    public void start() throws Exception {
        Path folder = Files.createTempDirectory("rustic-tangle-bench");
        OwnersKey.layBeside(folder.resolve("bench.db"));
        app = SpringApplication.run(
                RusticTangle.class,
                "--server.port=0",
                "--rustictangle.data=" + folder.resolve("bench.db"),
                "--logging.level.root=WARN");
        sessions = app.getBean(SessionService.class);
        url = "http://127.0.0.1:" + app.getEnvironment().getProperty("local.server.port") + "/api/dogs";
        dog = Long.parseLong(send(
                        "POST",
                        url,
                        """
                {"name": "Gannet", "breed": "", "kilograms": 14, "lifeStage": "ADULT", "flatFace": false, "neutered": true, "skin": "SOUND",
                 "history": "GENTLE", "wears": [], "habits": []}
                """)
                .replaceAll("(?s).*?\"id\":(\\d+).*", "$1"));
        send(
                "PUT",
                url + "/" + dog + "/coat",
                Arrays.stream(Region.values())
                        .map(region ->
                                """
                {"region": "%s", "kind": "CURLY", "millimetres": 60, "density": "MEDIUM", "texture": "CURLY",
                 "undercoat": false, "clipped": false}"""
                                        .formatted(region))
                        .collect(Collectors.joining(
                                ",", "{\"sheddingHeavily\": false, \"neglected\": false, \"regions\": [", "]}")));
        plain = DriverManager.getConnection("jdbc:sqlite:" + folder.resolve("bench.db"));
        try (Statement make = plain.createStatement()) {
            make.execute("PRAGMA synchronous = FULL");
            List<String> shape = new ArrayList<>();
            try (ResultSet log =
                    make.executeQuery("SELECT sql FROM sqlite_master WHERE tbl_name = 'entry' AND sql <> ''")) {
                while (log.next()) {
                    shape.add(log.getString(1)
                            .replaceAll("(ON|TABLE|REFERENCES) entry\\b", "$1 plain")
                            .replaceAll("INDEX (\\w+)", "INDEX plain_$1"));
                }
            }
            for (String table : shape) {
                make.execute(table);
            }
        }
        insert = plain.prepareStatement("INSERT INTO plain (id, dog_id, at, day, said) VALUES (?, ?, ?, ?, ?)");
        begin();
    }

    @TearDown
    public void stop() throws SQLException {
        plain.close();
        app.close();
    }

    /** Checked by the core, stored, the session's end kept in step: what an entry costs the server. */
    @Benchmark
    public void entryThroughTheService() {
        SessionEvent event = nextEvent();
        sessions.record(dog, session, UUID.randomUUID(), event, ANYTHING);
    }

    /** The same over HTTP, answered with the whole session as it then stands. */
    @Benchmark
    public String entryOverHttp() throws Exception {
        SessionEvent event = nextEvent();
        return send(
                "POST",
                url + "/" + dog + "/sessions/" + session + "/events",
                """
                {"id": "%s", "said": {"type": "%s", "section": "%s"}}
                """
                        .formatted(
                                UUID.randomUUID(),
                                event instanceof LayerDone ? "LAYER_DONE" : "SECTION_SKIPPED",
                                event.about().get(0)));
    }

    @Benchmark
    public void plainInsert() throws SQLException {
        insert.setString(1, UUID.randomUUID().toString());
        insert.setLong(2, dog);
        insert.setString(3, Instant.now().toString());
        insert.setString(4, LocalDate.now().toString());
        insert.setString(5, "{\"type\":\"LAYER_DONE\",\"section\":\"BACK\"}");
        insert.executeUpdate();
    }

    private SessionEvent nextEvent() {
        if (done == Section.values().length * LAYERS) {
            begin();
        }
        Section section = Section.values()[done / LAYERS];
        done++;
        return done % LAYERS == 0 ? new SectionSkipped(section) : new LayerDone(section);
    }

    private void begin() {
        session = UUID.randomUUID();
        done = 0;
        sessions.begin(
                session,
                dog,
                new SessionBegun(Arrays.stream(Section.values())
                        .map(section -> new SessionBegun.BegunPlace(section, Optional.of(60), Optional.empty()))
                        .toList()),
                false,
                ANYTHING);
    }

    private String send(String method, String to, String json) throws IOException, InterruptedException {
        return http.send(
                        HttpRequest.newBuilder(URI.create(to))
                                .header("Authorization", OwnersKey.BEARER)
                                .header("Content-Type", "application/json")
                                .method(method, BodyPublishers.ofString(json))
                                .build(),
                        BodyHandlers.ofString())
                .body();
    }
}
