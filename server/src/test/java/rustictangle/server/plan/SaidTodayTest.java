package rustictangle.server.plan;

import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.hasItem;
import static org.hamcrest.Matchers.hasSize;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import com.jayway.jsonpath.JsonPath;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.springframework.http.HttpMethod;
import rustictangle.server.ServerTest;

/** As long as it is of today, everything that was said of a dog can be taken back, and counts nowhere. */
class SaidTodayTest extends ServerTest {

    /** What can be asked of a dog, without what only says how late it is. */
    private String all(long dog) throws Exception {
        StringBuilder all = new StringBuilder();
        for (String view :
                List.of("when", "routine", "care", "trust", "hand-over", "coat", "bath", "life", "mats", "looks")) {
            all.append(body("/api/dogs/" + dog + "/" + view));
        }
        return all.toString();
    }

    @Test
    void whateverWasSaidTodayIsListedAndTakenBackOneAfterTheOtherUntilAllIsAsInTheMorning() throws Exception {
        long dog = addKnownDog("Gannet");
        String of = "/api/dogs/" + dog;
        String morning = all(dog);
        String session = beginSession(dog, "BACK", "CHEST");
        post(session + "/events", done(UUID.randomUUID(), "BACK", "MAT_LEFT", 1, "RELAXED"));
        post(session + "/events", "{\"id\": \"%s\", \"said\": {\"type\": \"STOPPED\"}}".formatted(UUID.randomUUID()));
        post(
                of + "/practice-trials",
                "{\"id\": \"%s\", \"subject\": \"TABLE\", \"signal\": \"UNEASY\"}".formatted(UUID.randomUUID()));
        post(
                of + "/looks",
                "{\"id\": \"%s\", \"section\": \"CHEST\", \"words\": \"\", \"what\": \"SORE\"}"
                        .formatted(UUID.randomUUID()));
        post(
                of + "/bath/searched",
                "{\"id\": \"%s\", \"sections\": [\"BELLY\"], \"lumps\": []}".formatted(UUID.randomUUID()));
        send(HttpMethod.PUT, of + "/life/" + today() + "/SWAM", "").andExpect(status().isOk());
        send(HttpMethod.PUT, of + "/weights/" + today(), "{\"kilograms\": 15}").andExpect(status().isOk());
        send(HttpMethod.PUT, of + "/readings/BODY/" + today(), "{\"millimetres\": 55}")
                .andExpect(status().isOk());
        send(
                        HttpMethod.PUT,
                        of + "/visits/" + today(),
                        "{\"leftMillimetres\": 20, \"remarks\": \"\", \"found\": \"\", \"takeOver\": true}")
                .andExpect(status().isOk());
        post(
                of + "/care/warnings",
                "{\"id\": \"%s\", \"job\": \"NAILS\", \"sections\": [\"HIND_FOOT_LEFT\"], \"warning\": \"BIT\"}"
                        .formatted(UUID.randomUUID()));
        String evening = body(of + "/today");
        List<String> words = JsonPath.read(evening, "$.said[*].words");
        assertEquals(9, words.size(), words + "");
        assertTrue(words.get(0).contains("it bit"), "the newest first: " + words);
        assertTrue(words.contains("a brushing of 2 places") && words.contains("a visit: full groom"), words + "");
        List<String> ids = JsonPath.read(evening, "$.said[*].id");
        for (String id : ids) {
            send(HttpMethod.DELETE, of + "/today/" + id, "").andExpect(status().isOk());
        }
        read(of + "/today").andExpect(jsonPath("$.said", hasSize(0)));
        assertEquals(morning, all(dog));
        // A repeat changes nothing.
        send(HttpMethod.DELETE, of + "/today/" + ids.get(0), "").andExpect(jsonPath("$.said", hasSize(0)));
    }

    @Test
    void whatIsOfYesterdayStaysAndOfOneThingTheRestStands() throws Exception {
        long dog = addKnownDog("Gannet");
        String of = "/api/dogs/" + dog;
        send(HttpMethod.PUT, of + "/life/" + today() + "/SNOW", "");
        List<String> ids = JsonPath.read(body(of + "/today"), "$.said[*].id");
        daysPass(1);
        read(of + "/today").andExpect(jsonPath("$.said", hasSize(0)));
        send(HttpMethod.DELETE, of + "/today/" + ids.get(0), "").andExpect(status().isOk());
        read(of + "/life").andExpect(jsonPath("$.days[*].events[*]", hasItem("SNOW")));
        send(HttpMethod.PUT, of + "/life/" + today() + "/SWAM", "");
        send(HttpMethod.PUT, of + "/life/" + today() + "/SAND_OR_BURRS", "");
        List<String> two = JsonPath.read(body(of + "/today"), "$.said[*].id");
        send(HttpMethod.DELETE, of + "/today/" + two.get(1), "")
                .andExpect(jsonPath("$.said", hasSize(1)))
                .andExpect(jsonPath("$.said[0].words", containsString("sand")));
    }
}
