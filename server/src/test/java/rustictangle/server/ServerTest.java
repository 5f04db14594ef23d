package rustictangle.server;

import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.asyncDispatch;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.request;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.DayOfWeek;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.BeforeEach;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.webmvc.test.autoconfigure.AutoConfigureMockMvc;
import org.springframework.boot.webmvc.test.autoconfigure.MockMvcPrint;
import org.springframework.context.annotation.Import;
import org.springframework.http.HttpMethod;
import org.springframework.http.MediaType;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.test.context.DynamicPropertyRegistry;
import org.springframework.test.context.DynamicPropertySource;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.ResultActions;
import org.sqlite.SQLiteDataSource;
import rustictangle.core.coat.CoatKind;
import rustictangle.core.dog.Region;
import rustictangle.server.frame.DataFile;
import rustictangle.server.frame.Schema;

/** The whole server over HTTP on a real SQLite file, one for all classes, with a clock that the test moves. */
@SpringBootTest
@AutoConfigureMockMvc(print = MockMvcPrint.NONE)
@Import(StandIns.class)
public abstract class ServerTest {

    static final Instant MORNING = Instant.parse("2026-05-14T09:00:00Z");

    @Autowired
    protected MockMvc mvc;
    /** Looks into the data file past the server. */
    protected JdbcClient jdbc;

    @Autowired
    protected DataFile data;

    @Autowired
    private StandIns.MovableClock clock;

    @Autowired
    private StandIns.SettableWeather weather;

    @DynamicPropertySource
    static void dataInAFolderOfItsOwn(DynamicPropertyRegistry registry) {
        registry.add("rustictangle.data", () -> {
            try {
                Path data = Files.createTempDirectory("rustic-tangle-test").resolve("test.db");
                Files.writeString(data.resolveSibling("test.db.way-in"), "http://127.0.0.1:1/enter#" + StandIns.KEY);
                return data.toString();
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            }
        });
    }

    private static Class<?> last;

    /** Every class begins in the morning, with an empty file. */
    @BeforeEach
    void anew() throws IOException {
        if (last != getClass()) {
            last = getClass();
            clock.now = MORNING;
            weather.wet.clear();
            Path empty = Files.createTempFile(data.file().getParent(), "empty", ".db");
            Schema.bring(empty);
            Path aside = data.file().resolveSibling("of-the-class-before.db");
            data.replaceBy(empty, aside);
            try (Stream<Path> beside = Files.list(data.file().getParent())) {
                for (Path left : beside.filter(
                                path -> path.getFileName().toString().matches(".*(before-).*"))
                        .toList()) {
                    Files.delete(left);
                }
            }
        }
    }

    @BeforeEach
    void lookPastTheServer() {
        SQLiteDataSource file = new SQLiteDataSource();
        file.setUrl("jdbc:sqlite:" + data.file());
        jdbc = JdbcClient.create(file);
    }

    protected ResultActions read(String path) throws Exception {
        return mvc.perform(get(path));
    }

    protected ResultActions send(HttpMethod method, String path, String json) throws Exception {
        return mvc.perform(
                request(method, path).contentType(MediaType.APPLICATION_JSON).content(json));
    }

    /** What is streamed, whole. */
    protected byte[] streamed(String path) throws Exception {
        return mvc.perform(asyncDispatch(mvc.perform(get(path)).andReturn()))
                .andReturn()
                .getResponse()
                .getContentAsByteArray();
    }

    protected ResultActions sendBytes(String path, byte[] json) throws Exception {
        return mvc.perform(request(HttpMethod.PUT, path)
                .contentType(MediaType.APPLICATION_JSON)
                .content(json));
    }

    protected ResultActions sendTable(byte[] csv) throws Exception {
        return mvc.perform(request(HttpMethod.POST, "/api/import/sections.csv")
                .contentType("text/csv")
                .content(csv));
    }

    protected ResultActions sendCalendar(String path, String file) throws Exception {
        return mvc.perform(
                request(HttpMethod.POST, path).contentType("text/calendar").content(file));
    }

    protected ResultActions post(String path, String json) throws Exception {
        return send(HttpMethod.POST, path, json);
    }

    /** The clock goes on with every test that shares this server. */
    protected LocalDate today() {
        return LocalDate.now(clock);
    }

    protected void itRained(LocalDate day) {
        weather.wet.add(day);
    }

    protected void daysPass(int days) {
        clock.now = clock.now.plus(Duration.ofDays(days));
    }

    protected void later(Duration time) {
        clock.now = clock.now.plus(time);
    }

    /** A grown Lagotto cross of 14 kg named as given, its coat not described yet. */
    protected long addDog(String name) throws Exception {
        String answer =
                post("/api/dogs", dogJson(name, "14")).andReturn().getResponse().getContentAsString();
        return Long.parseLong(answer.replaceAll("(?s).*?\"id\":(\\d+).*", "$1"));
    }

    /** The same with curly hair of 40 mm all over. */
    protected long addKnownDog(String name) throws Exception {
        long id = addDog(name);
        send(HttpMethod.PUT, "/api/dogs/" + id + "/coat", coatJson("CURLY", "40"));
        return id;
    }

    protected static String dogJson(String name, String kilograms) {
        return """
                {"name": "%s", "breed": "", "kilograms": %s, "lifeStage": "ADULT", "flatFace": false, "neutered": true, "skin": "SOUND",
                 "history": "GENTLE", "wears": ["HARNESS"], "habits": []}
                """
                .formatted(name, kilograms);
    }

    protected static String coatJson(String kind, String millimetres) {
        return Arrays.stream(Region.values())
                .map(region ->
                        """
                {"region": "%s", "kind": "%s", "millimetres": %s, "density": "MEDIUM", "texture": "CURLY",
                 "undercoat": false, "clipped": %s}
                """
                                .formatted(
                                        region,
                                        kind,
                                        millimetres,
                                        CoatKind.valueOf(kind).growsOn()))
                .collect(Collectors.joining(
                        ",", "{\"sheddingHeavily\": false, \"neglected\": false, \"regions\": [", "]}"));
    }

    /** What is answered at a path. */
    protected String body(String path) throws Exception {
        return read(path)
                .andExpect(status().isOk())
                .andReturn()
                .getResponse()
                .getContentAsString(StandardCharsets.UTF_8);
    }

    /** Begins a session with these sections and returns its path. */
    protected String beginSession(long dogId, String... sections) throws Exception {
        UUID id = UUID.randomUUID();
        post(
                "/api/dogs/" + dogId + "/sessions",
                "{\"id\": \"%s\", \"sections\": [\"%s\"]}".formatted(id, String.join("\", \"", sections)));
        return "/api/dogs/" + dogId + "/sessions/" + id;
    }

    protected static String done(UUID id, String section, String comb, int tangles, String signal) {
        return """
                {"id": "%s", "said": {"type": "SECTION_DONE", "section": "%s", "comb": "%s", "tangles": %d, "signal": "%s"}}
                """
                .formatted(id, section, comb, tangles, signal);
    }

    protected static String glides(String section) {
        return done(UUID.randomUUID(), section, "GLIDES", 0, "RELAXED");
    }

    /**
     * The household with so many minutes, and more said of it.
     *
     * @param minutes day by day; empty: as many as it takes
     * @param more    fields, a comma before each; empty: none
     */
    protected ResultActions keepHousehold(String minutes, String more) throws Exception {
        return send(
                HttpMethod.PUT,
                "/api/household",
                """
                {"name": "", "comfort": "BALANCED", "lengthUnit": "MILLIMETRES", "massUnit": "KILOGRAMS", "weekStart": "MONDAY",
                 "dateFormat": "DAY_MONTH", "latitude": 50, "minutes": {%s}, "currency": "EUR", "quietFrom": "21:00",
                 "quietTo": "08:00"%s}
                """
                        .formatted(minutes, more));
    }

    /** The same minutes every day. */
    protected static String everyDay(int minutes) {
        return Arrays.stream(DayOfWeek.values())
                .map(day -> "\"%s\": %d".formatted(day, minutes))
                .collect(Collectors.joining(", "));
    }
}
