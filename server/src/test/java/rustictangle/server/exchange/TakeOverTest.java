package rustictangle.server.exchange;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import com.jayway.jsonpath.JsonPath;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.random.RandomGenerator;
import java.util.random.RandomGeneratorFactory;
import org.junit.jupiter.api.Test;
import org.springframework.http.HttpMethod;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.context.TestPropertySource;
import rustictangle.server.ServerTest;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** What comes in has been looked over whole before it counts; what was there is kept. */
@TestPropertySource(properties = "spring.application.name=take-over-test")
class TakeOverTest extends ServerTest {

    /** How many damaged files are tried; bin/soak tries more. */
    private static final int FILES = Integer.getInteger("soak.files", 50);

    private static final JsonMapper JSON = new JsonMapper();
    /** What this version says besides; all else must be let out as it came in. */
    private static final Map<String, Set<String>> NEW_COLUMNS = Map.of(
            "dog",
            Set.of("coat_described", "build", "ears", "tail"),
            "region_coat",
            Set.of("pale", "clipped", "colour"));
    /** What each kind of entry was until the third version. */
    private static final Map<String, Set<String>> OLD_TABLES = Map.of(
            "length_reading", Set.of("MEASURED"),
            "tool_check", Set.of("TOOL_LOOKED_OVER", "TOOL_REPLACED"),
            "session", Set.of("SESSION_BEGUN"),
            "practice_trial", Set.of("PRACTISED"),
            "life_event", Set.of("HAPPENED"),
            "visit", Set.of("VISITED"));

    private static final List<String> VIEWS = List.of(
            "when",
            "thread",
            "routine",
            "kit",
            "purchases",
            "schools",
            "trust",
            "visits",
            "trade",
            "hand-over",
            "history",
            "mats",
            "readings",
            "coat",
            "life");

    /** Written by the version before appointments and visits were two things. */
    @Test
    void aFileOfTheFirstVersionComesInAndNothingDiffersButWhatWasMeantTo() throws Exception {
        JsonNode before = takenIn("format-1");
        JsonNode after = JSON.readTree(streamed("/api/export.json")).get("tables");
        // A row that said nothing of what was done was an appointment all along.
        assertEquals(
                before.get("visit").size(),
                said(after, Set.of("VISITED")) + after.get("appointment").size());
        assertEquals(
                List.of("2026-05-12", "2026-06-20"),
                after.get("appointment")
                        .valueStream()
                        .map(row -> row.get("day").asString())
                        .toList());
        sameViews("format-1", "mats", "readings");
        assertEquals(
                JSON.readTree(fixture("format-1/dogs-1-history")).get("sessions"),
                JSON.readTree(text("/api/dogs/1/history")).get("sessions"));
    }

    /** Written by the version before all that is said was one log. */
    @Test
    void aFileOfTheSecondVersionBecomesOneLogAndItsViewsSayTheSame() throws Exception {
        JsonNode before = takenIn("format-2");
        JsonNode after = JSON.readTree(streamed("/api/export.json")).get("tables");
        OLD_TABLES.forEach((table, kinds) -> {
            long ofVisits = before.get(table)
                    .valueStream()
                    .filter(row -> row.has("of_visit") && row.get("of_visit").asInt() == 1 && !row.has("ruler_mm"))
                    .count();
            assertEquals(before.get(table).size() - ofVisits, said(after, kinds), table);
        });
        assertEquals(before.get("appointment"), after.get("appointment"));
        sameViews("format-2", "mats", "readings", "history", "visits", "life");
    }

    /** Written before care had a room. */
    @Test
    void aFileOfTheFourthVersionComesInWithoutCare() throws Exception {
        assertEquals(200, take(fixture("format-2/export")).getStatus());
        String now = new String(streamed("/api/export.json"), StandardCharsets.UTF_8);
        String old = now.replace("\"version\":5", "\"version\":4")
                .replaceAll("\"(care_choice|claws|supply|photo)\":\\[\\s*\\],", "");
        assertTrue(old.length() < now.length() && !old.contains("photo"), "it looks as it did");
        assertEquals(200, take(old.getBytes(StandardCharsets.UTF_8)).getStatus());
        assertEquals(now, new String(streamed("/api/export.json"), StandardCharsets.UTF_8));
    }

    /** Written before fleece was a kind and hair had a colour. */
    @Test
    void aFileOfTheThirdVersionComesInWithItsFleeceAndItsPaleHair() throws Exception {
        assertEquals(200, take(fixture("format-2/export")).getStatus());
        String old = new String(streamed("/api/export.json"), StandardCharsets.UTF_8)
                .replace("\"version\":5", "\"version\":3")
                .replaceAll(",\"build\":\"\\w+\",\"ears\":\"\\w+\",\"tail\":\"\\w+\"", "")
                .replaceAll(",\"clipped\":\\d,\"colour\":\"\\w+\"", ",\"pale\":1")
                .replaceAll("\"kind\":\"FLEECE\"", "\"kind\":\"CURLY\"")
                .replaceAll("\"(tool_price|care_choice|claws|supply|photo)\":\\[\\s*\\],", "");
        assertTrue(old.contains("\"pale\":1") && !old.contains("FLEECE"), "it looks as it did");
        assertEquals(200, take(old.getBytes(StandardCharsets.UTF_8)).getStatus());
        JsonNode hair = JSON.readTree(streamed("/api/export.json"))
                .get("tables")
                .get("region_coat")
                .get(0);
        assertEquals("PALE", hair.get("colour").asString());
        assertEquals(1, hair.get("clipped").asInt());
    }

    /** @return its tables; what is no entry of the log is let out as it came in, and twice the same */
    private JsonNode takenIn(String folder) throws Exception {
        byte[] old = fixture(folder + "/export");
        assertEquals(200, take(old).getStatus());
        JsonNode before = JSON.readTree(old).get("tables");
        JsonNode after = JSON.readTree(streamed("/api/export.json")).get("tables");
        for (String table : ExportStore.TABLES) {
            if (before.has(table) && !Set.of("entry", "appointment").contains(table)) {
                assertEquals(
                        without(before.get(table), NEW_COLUMNS.getOrDefault(table, Set.of())),
                        without(after.get(table), NEW_COLUMNS.getOrDefault(table, Set.of())),
                        table);
            }
        }
        byte[] now = streamed("/api/export.json");
        assertEquals(200, take(now).getStatus());
        assertArrayEquals(now, streamed("/api/export.json"));
        return before;
    }

    private static long said(JsonNode tables, Set<String> kinds) {
        return tables.get("entry")
                .valueStream()
                .filter(row -> kinds.contains(row.get("said").get("type").asString()))
                .count();
    }

    private void sameViews(String folder, String... views) throws Exception {
        for (String view : views) {
            assertEquals(
                    withoutWhatIsNew(JSON.readTree(fixture(folder + "/dogs-1-" + view))),
                    withoutWhatIsNew(JSON.readTree(text("/api/dogs/1/" + view))),
                    view);
        }
    }

    /** How fast hair grows is reckoned in another way since; what a matted coat costs, and care, were not asked for. */
    private static JsonNode withoutWhatIsNew(JsonNode view) {
        view.forEach(one -> {
            if (one instanceof ObjectNode region) {
                region.remove("growth");
                region.remove("surcharge");
            }
        });
        view.path("past").forEach(visit -> ((ObjectNode) visit).remove("care"));
        return view;
    }

    @Test
    void whatWasThereIsKeptAndCanBePutBack() throws Exception {
        assertEquals(200, take(fixture("format-2/export")).getStatus());
        byte[] mine = streamed("/api/export.json");
        String answer = take(new String(mine, StandardCharsets.UTF_8)
                        .replace("Mooring 14", "Another boat")
                        .getBytes(StandardCharsets.UTF_8))
                .getContentAsString();
        read("/api/household").andExpect(jsonPath("$.name").value("Another boat"));
        post("/api/kept-copies/" + JsonPath.read(answer, "$.keptCopy") + "/restore", "")
                .andExpect(status().isOk());
        assertArrayEquals(mine, streamed("/api/export.json"));
        post("/api/kept-copies/..%2f..%2fetc%2fpasswd/restore", "").andExpect(status().is4xxClientError());
        post("/api/kept-copies/test.db/restore", "").andExpect(status().isNotFound());
        assertTrue(JsonPath.<List<?>>read(text("/api/kept-copies"), "$[*].name").size() >= 2);
    }

    /** Whatever is done to a file: it is refused whole, or all of it can be shown, let out and taken in again. */
    @Test
    void damagedFilesAreRefusedWholeOrAreRight() throws Exception {
        assertEquals(200, take(fixture("format-2/export")).getStatus());
        byte[] whole = streamed("/api/export.json");
        RandomGenerator random = RandomGeneratorFactory.of("L64X128MixRandom").create(13);
        int accepted = 0;
        for (int n = 0; n < FILES; n++) {
            JsonNode file = JSON.readTree(whole);
            List<String> what = new ArrayList<>();
            for (int changes = random.nextInt(1, 3); changes > 0; changes--) {
                what.add(Damage.to((ObjectNode) file.get("tables"), random));
            }
            long epoch = epoch();
            MockHttpServletResponse answer = take(JSON.writeValueAsBytes(file));
            if (answer.getStatus() == 400) {
                assertTrue(answer.getContentAsString().contains("Nothing was changed"), answer.getContentAsString());
                assertFalse(answer.getContentAsString().contains("rustictangle"), answer.getContentAsString());
                assertEquals(epoch, epoch(), what + " was refused");
            } else {
                assertEquals(200, answer.getStatus(), n + " " + what + ": " + answer.getContentAsString());
                accepted++;
                everythingCanBeShownAndTakenInAgain(n + " " + what);
            }
        }
        assertTrue(
                accepted > FILES / 20 && accepted < FILES * 3 / 4,
                accepted + " accepted: the damage is too coarse or too fine to tell anything");
    }

    private void everythingCanBeShownAndTakenInAgain(String what) throws Exception {
        for (int id : JsonPath.<List<Integer>>read(text("/api/dogs"), "$[?(@.coatDescribed == true)].id")) {
            for (String view : VIEWS) {
                assertEquals(
                        200,
                        read("/api/dogs/" + id + "/" + view)
                                .andReturn()
                                .getResponse()
                                .getStatus(),
                        what + " breaks " + view);
            }
        }
        for (String view : List.of("home", "week", "comforts", "tools", "messages", "household")) {
            assertEquals(200, read("/api/" + view).andReturn().getResponse().getStatus(), what + " breaks " + view);
        }
        byte[] out = streamed("/api/export.json");
        MockHttpServletResponse again = take(out);
        assertEquals(200, again.getStatus(), what + ": its own file " + again.getContentAsString());
        assertArrayEquals(out, streamed("/api/export.json"), what);
    }

    @Test
    void aDogsNameIsNoFormulaInASpreadsheetAndComesBackAsItWas() throws Exception {
        assertEquals(200, take(fixture("format-2/export")).getStatus());
        for (String name : List.of("=HYPERLINK(1)", "+1", "-2", "@here", "'=odd", "'quoted'", "plain")) {
            assertEquals(name, CsvText.plain(CsvText.safe(name)));
            assertFalse(CsvText.safe(name).matches("[=+@-].*"), name);
        }
        send(HttpMethod.PUT, "/api/dogs/1", dogJson("=1+1", "14")).andExpect(status().isOk());
        byte[] table = streamed("/api/export/sections.csv");
        assertTrue(
                new String(table, StandardCharsets.UTF_8).contains("'=1+1,"),
                new String(table, StandardCharsets.UTF_8));
        assertEquals(
                0,
                JsonPath.<Integer>read(
                        sendTable(table).andReturn().getResponse().getContentAsString(), "$.places"),
                "all of it is known");
    }

    @Test
    void aDoubledRowAndASessionOfTwoDogsAreRefusedWithTheLine() throws Exception {
        assertEquals(200, take(fixture("format-2/export")).getStatus());
        String head = String.join(",", ExportStore.SECTION_COLUMNS) + "\r\n";
        String row =
                "Gannet,11111111-2222-3333-4444-555555555555,2026-05-02T09:00:00Z,2026-05-02,BACK,GLIDES,0,RELAXED,60\r\n";
        byte[] before = streamed("/api/export.json");
        for (String bad : List.of(
                row + row,
                row + row.replace("Gannet", "Oakum").replace("BACK", "CHEST"),
                row.replace("2026-05-02,", "+999999999-01-01,"),
                row.replace("2026-05-02,", "2026-05-09,"))) {
            String said = sendTable((head + bad).getBytes(StandardCharsets.UTF_8))
                    .andExpect(status().isBadRequest())
                    .andReturn()
                    .getResponse()
                    .getContentAsString();
            assertTrue(said.contains("line "), said);
        }
        assertArrayEquals(before, streamed("/api/export.json"));
        sendTable((head + row).getBytes(StandardCharsets.UTF_8))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.places").value(1));
    }

    private static JsonNode without(JsonNode rows, Set<String> columns) {
        rows.forEach(row -> ((ObjectNode) row).remove(columns));
        return rows;
    }

    private long epoch() {
        return data.reading(() -> data.version().epoch());
    }

    private MockHttpServletResponse take(byte[] file) throws Exception {
        return sendBytes("/api/import.json", file).andReturn().getResponse();
    }

    private String text(String path) throws Exception {
        return read(path).andReturn().getResponse().getContentAsString();
    }

    private static byte[] fixture(String name) throws IOException {
        try (InputStream in = TakeOverTest.class.getResourceAsStream("/" + name + ".json")) {
            return in.readAllBytes();
        }
    }

    /** Something that happens to a file in a careless hand. */
    private static final class Damage {

        private static final List<Object> VALUES = List.of(
                "",
                "1",
                "BACK",
                "GLIDES",
                "2026-05-14",
                "+999999999-01-01",
                "26-5-1",
                "2026-05-14T09:00:00.000Z",
                "2026-05-14T09:00:00Z",
                "11111111-2222-3333-4444-555555555555",
                "NaN",
                "=1+1",
                "\u0000",
                0,
                1,
                -1,
                99,
                7.5,
                1e300,
                Double.POSITIVE_INFINITY,
                Long.MAX_VALUE,
                true);

        static String to(ObjectNode tables, RandomGenerator random) {
            List<String> filled = tables.propertyStream()
                    .filter(table -> table.getValue().size() > 0)
                    .map(Map.Entry::getKey)
                    .toList();
            // Most of a household is its log.
            String table = random.nextBoolean() ? "entry" : filled.get(random.nextInt(filled.size()));
            ArrayNode rows = (ArrayNode) tables.get(table);
            int at = random.nextInt(rows.size());
            ObjectNode row = (ObjectNode) rows.get(at);
            List<String> columns = List.copyOf(new TreeSet<>(row.propertyNames()));
            String column = columns.get(random.nextInt(columns.size()));
            if (random.nextBoolean() && row.path("said") instanceof ObjectNode said) {
                row = said;
                column = List.copyOf(said.propertyNames()).get(random.nextInt(said.size()));
            }
            switch (random.nextInt(7)) {
                case 0 -> rows.remove(at);
                case 1 -> rows.add(row.deepCopy());
                case 2 -> row.remove(column);
                case 3 -> row.set(column, other(rows.get(random.nextInt(rows.size())), column));
                case 4 -> rows.insert(0, rows.remove(rows.size() - 1));
                case 5 ->
                    row.put(
                            column,
                            row.get(column).isNumber()
                                    ? "" + row.get(column)
                                    : row.get(column).asString("") + "x");
                default -> row.set(column, JSON.valueToTree(VALUES.get(random.nextInt(VALUES.size()))));
            }
            return table + "." + column;
        }

        /** What another row says there, or in what was said. */
        private static JsonNode other(JsonNode row, String column) {
            return row.has(column) ? row.path(column) : row.path("said").path(column);
        }
    }
}
