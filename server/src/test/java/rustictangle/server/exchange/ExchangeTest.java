package rustictangle.server.exchange;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.jayway.jsonpath.JsonPath;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.random.RandomGenerator;
import java.util.random.RandomGeneratorFactory;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.http.HttpMethod;
import org.springframework.mock.web.MockHttpServletResponse;
import rustictangle.server.ServerTest;

/** Everything out and in again. */
class ExchangeTest extends ServerTest {

    private long dog;
    private byte[] exported;

    @BeforeEach
    void aDogWithAPast() throws Exception {
        dog = addKnownDog("Gannet, the wet one");
        String session = beginSession(dog, "BACK", "CHEST");
        post(session + "/events", glides("BACK"));
        send(
                HttpMethod.PUT,
                "/api/dogs/" + dog + "/groom-price",
                "{\"price\": 58.5, \"tip\": 6, \"credit\": 10, \"membership\": 15}");
        read("/api/calendar");
        exported = streamed("/api/export.json");
    }

    @Test
    void everythingEnteredIsInTheJsonAndEveryPlaceInTheTable() throws Exception {
        String json = new String(exported, StandardCharsets.UTF_8);
        assertEquals("rustic-tangle", JsonPath.read(json, "$.format"));
        for (String table : ExportStore.TABLES) {
            int rows = jdbc.sql("SELECT count(*) FROM " + table)
                    .query(Integer.class)
                    .single();
            boolean leftOut = rows == 0 && ExportStore.LATER.contains(table);
            assertEquals(!leftOut, json.contains("\"" + table + "\":["), table);
            if (!leftOut) {
                assertEquals(
                        rows, JsonPath.<List<?>>read(json, "$.tables." + table).size(), table);
            }
        }
        assertEquals(
                jdbc.sql(
                                "SELECT count(*) FROM sqlite_master WHERE type = 'table' AND name NOT LIKE 'sqlite%' AND name NOT LIKE 'flyway%'")
                        .query(Integer.class)
                        .single(),
                ExportStore.TABLES.size(),
                "no table is forgotten");
        assertFalse(json.contains("calendar_key"));
        try (CSVParser csv = CSVParser.parse(
                new String(streamed("/api/export/sections.csv"), StandardCharsets.UTF_8),
                CSVFormat.RFC4180
                        .builder()
                        .setHeader()
                        .setSkipHeaderRecord(true)
                        .get())) {
            CSVRecord last = csv.getRecords().get((int) csv.getRecordNumber() - 1);
            assertEquals("Gannet, the wet one", last.get("dog"));
            assertEquals("BACK", last.get("section"));
            assertEquals("GLIDES", last.get("comb"));
        }
    }

    @Test
    void whatIsTakenInIsByteForByteWhatWasLetOut() throws Exception {
        String address = JsonPath.read(text("/api/calendar"), "$.path");
        send(HttpMethod.DELETE, "/api/dogs/" + dog, "");
        addDog("Pintle");
        assertFalse(Arrays.equals(exported, streamed("/api/export.json")));
        assertEquals(200, take(exported).getStatus());
        assertArrayEquals(exported, streamed("/api/export.json"));
        assertEquals(
                1,
                JsonPath.<List<?>>read(text("/api/home"), "$.dogs[?(@.id == " + dog + ")]")
                        .size());
        assertEquals(
                address,
                JsonPath.read(text("/api/calendar"), "$.path"),
                "the address of this machine's calendar stays");
        // What is kept in memory is what was taken in.
        assertEquals(
                1,
                JsonPath.<List<?>>read(
                                text("/api/dogs/" + dog + "/when"),
                                "$.plan.sections[?(@.section == 'BACK' && @.lastClear)]")
                        .size());
    }

    /** Truncated, of another version, in another encoding, huge, nested, foreign words, wrong types, lost references. */
    @Test
    void twoHundredDamagedAndForeignFilesAreRefusedWholeWithTheReason() throws Exception {
        RandomGenerator random = RandomGeneratorFactory.of("L64X128MixRandom").create(7);
        List<byte[]> bad = new ArrayList<>();
        for (int n = 0; n < 120; n++) {
            bad.add(Arrays.copyOf(exported, random.nextInt(exported.length - 1)));
        }
        String json = new String(exported, StandardCharsets.UTF_8);
        for (String[] change : new String[][] {
            {"\"version\":1", "\"version\":2"},
            {"\"version\":1", "\"version\":\"1\""},
            {"rustic-tangle", "other"},
            {"BACK", "BAKC"},
            {"\"CURLY\"", "\"=cmd|' /C calc'!A0\""},
            {"\"kilograms\":14.0", "\"kilograms\":\"heavy\""},
            {"\"kilograms\":14.0", "\"kilograms\":1e300"},
            {"\"kilograms\":14.0", "\"kilograms\":[[[[[14]]]]]"},
            {"\"kilograms\":14.0", "\"kilograms\":null"},
            {"\"kilograms\":14.0", "\"weight\":14.0"},
            {"GLIDES", "glides"},
            {"\"day\":\"2026", "\"day\":\"26"},
            {"\"at\":\"20", "\"at\":\"on 20"},
            {"\"dog\":[", "\"dogs\":["},
            {"\"tables\":{", "\"tables\":["},
            {"\"currency\":\"EUR\"", "\"currency\":\"EURO\""}
        }) {
            assertTrue(json.contains(change[0]), change[0]);
            bad.add(json.replace(change[0], change[1]).getBytes(StandardCharsets.UTF_8));
        }
        bad.add(json.replaceFirst("(?s)\"household\":\\[.*?\\]", "\"household\":[]")
                .getBytes(StandardCharsets.UTF_8));
        bad.add(json.replaceFirst("(?s)\"dog\":\\[.*?\\],\"coat\"", "\"dog\":[],\"coat\"")
                .getBytes(StandardCharsets.UTF_8));
        bad.add((json + "{}").getBytes(StandardCharsets.UTF_8));
        bad.add(json.getBytes(StandardCharsets.UTF_16));
        bad.add("[".repeat(100_000).getBytes(StandardCharsets.UTF_8));
        bad.add(("{\"format\":\"" + "x".repeat(3_000_000) + "\"}").getBytes(StandardCharsets.UTF_8));
        bad.add("day;section\n2026-05-14;BACK\n".getBytes(StandardCharsets.UTF_8));
        while (bad.size() < 200) {
            byte[] torn = exported.clone();
            int at = random.nextInt(torn.length - 60);
            Arrays.fill(torn, at, at + 40, (byte) random.nextInt(128, 256));
            bad.add(torn);
        }
        byte[] before = streamed("/api/export.json");
        for (int n = 0; n < bad.size(); n++) {
            MockHttpServletResponse answer = take(bad.get(n));
            assertEquals(400, answer.getStatus(), "file " + n + ": " + answer.getContentAsString());
            assertTrue(answer.getContentAsString().contains("Nothing was changed"), answer.getContentAsString());
        }
        assertArrayEquals(before, streamed("/api/export.json"));
    }

    @AfterEach
    void onlyOneDogOfThatNameAtATime() throws Exception {
        send(HttpMethod.DELETE, "/api/dogs/" + dog, "");
    }

    @Test
    void theTableComesInAgainOnAnotherMachineByteForByteAndASecondTimeAddsNothing() throws Exception {
        byte[] table = streamed("/api/export/sections.csv");
        assertEquals(200, take(cleared()).getStatus());
        assertEquals(
                1,
                new String(streamed("/api/export/sections.csv"), StandardCharsets.UTF_8)
                        .lines()
                        .count());
        String answer = sendTable(table).andReturn().getResponse().getContentAsString();
        assertEquals(
                (int) new String(table, StandardCharsets.UTF_8).lines().count() - 1,
                JsonPath.<Integer>read(answer, "$.places"));
        assertArrayEquals(table, streamed("/api/export/sections.csv"));
        assertEquals(
                0,
                JsonPath.<Integer>read(
                        sendTable(table).andReturn().getResponse().getContentAsString(), "$.places"));
        assertEquals(
                1,
                JsonPath.<List<?>>read(
                                text("/api/dogs/" + dog + "/when"),
                                "$.plan.sections[?(@.section == 'BACK' && @.lastClear)]")
                        .size());
    }

    /** The same household before anything was brushed. */
    private byte[] cleared() {
        String json = new String(exported, StandardCharsets.UTF_8);
        json = json.replaceFirst("(?s)\"entry\":\\[\n.*?\\}\\](,\"appointment)", "\"entry\":[]$1");
        return json.getBytes(StandardCharsets.UTF_8);
    }

    @Test
    void aDamagedOrForeignTableIsRefusedWholeWithTheLine() throws Exception {
        String table = new String(streamed("/api/export/sections.csv"), StandardCharsets.UTF_8);
        String fresh = table.replaceAll(
                "(?m)^(\"Gannet, the wet one\"),[0-9a-f-]{36}", "$1,11111111-2222-3333-4444-555555555555");
        byte[] before = streamed("/api/export.json");
        for (String bad : List.of(
                "",
                "day;section\n",
                table.replace("dog,session", "hund,session"),
                fresh.replace("GLIDES", "=HYPERLINK(1)"),
                fresh.replace("BACK", "BAKC"),
                fresh.replace("\"Gannet, the wet one\"", "Nobody"),
                fresh.replace("11111111", "one"),
                fresh.replace("RELAXED", "RELAXED,more"),
                fresh.replaceAll(",0,RELAXED", ",-1,RELAXED"),
                fresh + "\"open",
                fresh.replaceAll("Z,2026", "Z,26"))) {
            MockHttpServletResponse answer =
                    sendTable(bad.getBytes(StandardCharsets.UTF_8)).andReturn().getResponse();
            assertEquals(400, answer.getStatus(), bad);
            assertTrue(answer.getContentAsString().contains("line "), answer.getContentAsString());
        }
        assertEquals(
                400,
                sendTable(fresh.getBytes(StandardCharsets.UTF_16))
                        .andReturn()
                        .getResponse()
                        .getStatus());
        assertArrayEquals(before, streamed("/api/export.json"));
    }

    @Test
    void theLineIsNamedOnWhichSomethingIsWrong() throws Exception {
        String json = new String(exported, StandardCharsets.UTF_8);
        int line = json.substring(0, json.indexOf("GLIDES")).split("\n", -1).length;
        String said = take(json.replace("GLIDES", "FLIES").getBytes(StandardCharsets.UTF_8))
                .getContentAsString();
        assertTrue(said.contains("line " + line + ": entry: \\\"FLIES\\\" is not known as comb"), said);
    }

    private MockHttpServletResponse take(byte[] file) throws Exception {
        return sendBytes("/api/import.json", file).andReturn().getResponse();
    }

    private String text(String path) throws Exception {
        return read(path).andReturn().getResponse().getContentAsString();
    }
}
