package rustictangle.server.exchange;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static org.junit.jupiter.params.provider.Arguments.arguments;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import com.jayway.jsonpath.JsonPath;
import java.io.IOException;
import java.io.InputStream;
import java.io.PipedInputStream;
import java.io.PipedOutputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeSet;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.FutureTask;
import java.util.random.RandomGenerator;
import java.util.random.RandomGeneratorFactory;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.HttpMethod;
import org.springframework.mock.web.MockHttpServletResponse;
import rustictangle.core.Refused;
import rustictangle.server.Sample;
import rustictangle.server.ServerTest;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** What comes in has been looked over whole before it counts; what was there is kept. */
class TakeOverTest extends ServerTest {

    /** How many damaged files are tried; bin/soak tries more. */
    private static final int FILES = Integer.getInteger("soak.files", Sample.of(20, 50));

    private static final JsonMapper JSON = new JsonMapper();
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

    /** A file as version 0.1 let it out: whatever comes later, it is taken in. */
    @Test
    void aFileOfTheFirstVersionComesInAndGoesOutByteForByte() throws Exception {
        byte[] first = fixture("format-1/export");
        assertEquals(200, take(first).getStatus());
        assertArrayEquals(first, streamed("/api/export.json"));
        everythingCanBeShownAndTakenInAgain("the first version's file");
    }

    /** Some programs put a byte-order mark before UTF-8. */
    @Test
    void aByteOrderMarkIsTakenOff() throws Exception {
        String first = new String(fixture("format-1/export"), StandardCharsets.UTF_8);
        assertEquals(
                200, take(("\uFEFF" + first).getBytes(StandardCharsets.UTF_8)).getStatus());
        String table = new String(streamed("/api/export/sections.csv"), StandardCharsets.UTF_8);
        sendTable(("\uFEFF" + table).getBytes(StandardCharsets.UTF_8)).andExpect(status().isOk());
    }

    /** What would be shown wrongly, or let nothing more be said, is refused with row, field and limit, in words. */
    @ParameterizedTest
    @MethodSource("impossible")
    void whatCannotBeIsRefusedInWordsThatAnOwnerCanMend(String from, String to, String said) throws Exception {
        String first = new String(fixture("format-1/export"), StandardCharsets.UTF_8);
        String file = first.replaceFirst(from, to);
        assertNotEquals(first, file, from);
        assertEquals(200, take(first.getBytes(StandardCharsets.UTF_8)).getStatus());
        MockHttpServletResponse answer = take(file.getBytes(StandardCharsets.UTF_8));
        String text = answer.getContentAsString();
        assertEquals(400, answer.getStatus(), text);
        assertTrue(text.contains(said) && text.contains("Nothing was changed"), text);
        assertFalse(text.matches("(?s).*(CHECK|constraint|BETWEEN|length\\(|json_valid|rustictangle).*"), text);
        assertArrayEquals(first.getBytes(StandardCharsets.UTF_8), streamed("/api/export.json"));
    }

    static List<Arguments> impossible() {
        return List.of(
                arguments(
                        "\"entry\":\\[\n\\{\"seq\":\\d+",
                        "\"entry\":[\n{\"seq\":9223372036854775807",
                        "seq is 9223372036854775807"),
                arguments(
                        "\"dog\":\\[\n\\{\"id\":\\d+",
                        "\"dog\":[\n{\"id\":9223372036854775807",
                        "id is 9223372036854775807"),
                arguments("\"kilograms\":14.0", "\"kilograms\":500.0", "kilograms is 500.0, need 0.3 to 120"),
                arguments(
                        "\"name\":\"Gannet\"",
                        "\"name\":\"" + "G".repeat(41) + "\"",
                        "name has to have 1 to 40 characters"),
                arguments("\"flat_face\":0", "\"flat_face\":2", "flat_face is 2, need 0 or 1"),
                arguments("\"life_stage\":\"ADULT\",", "", "life_stage is missing"),
                arguments("\"price\":\\d+\\.\\d+", "\"price\":1e308", "price"),
                arguments("\"millimetres\":\\d+\\.\\d+", "\"millimetres\":1e12", "millimetres"),
                arguments("\"at\":\"2026", "\"at\":\"2099", "still to come"),
                arguments("\"name\":\"Gannet\"", "\"name\":\"Gan\\\\u0000net\"", "NUL"),
                arguments("\"tool\":\\d+", "\"tool\":4711", "tool 4711"));
    }

    @Autowired
    private TakeOver takeOver;

    /** A phone in a dead spot sends for minutes: nobody else waits for its file. */
    @Test
    void whileOneFileStillComesAnotherIsTakenOver() throws Exception {
        PipedOutputStream slow = new PipedOutputStream();
        PipedInputStream sent = new PipedInputStream(slow);
        FutureTask<String> upload = new FutureTask<>(() -> takeOver.everything(sent, -1));
        new Thread(upload, "slow upload").start();
        slow.write('{');
        slow.flush();
        assertEquals(200, take(fixture("format-1/export")).getStatus());
        slow.close();
        ExecutionException refused = assertThrows(ExecutionException.class, upload::get);
        assertTrue(refused.getCause() instanceof Refused, "half a file is refused: " + refused);
    }

    @Test
    void whatWasThereIsKeptAndCanBePutBack() throws Exception {
        assertEquals(200, take(fixture("format-1/export")).getStatus());
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
        assertEquals(200, take(fixture("format-1/export")).getStatus());
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
        assertEquals(200, take(fixture("format-1/export")).getStatus());
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
        assertEquals(200, take(fixture("format-1/export")).getStatus());
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
