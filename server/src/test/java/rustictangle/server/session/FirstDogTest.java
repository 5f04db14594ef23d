package rustictangle.server.session;

import static org.hamcrest.Matchers.containsString;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.springframework.http.HttpMethod;
import rustictangle.server.ServerTest;

/** A new dog by a look at it, and what came of the first touch. */
class FirstDogTest extends ServerTest {

    private static String first(String name, String tools, String rest) {
        return """
                {"dog": {"name": "%s", "breed": "a mixture", "lifeStage": "ADULT", "history": "GENTLE"},
                 "length": "TWO_FINGERS", "tools": [%s]%s}
                """
                .formatted(name, tools, rest);
    }

    private long add(String name, String tools) throws Exception {
        String answer = post("/api/first-dogs", first(name, tools, ", \"kind\": \"CURLY\""))
                .andExpect(status().isCreated())
                .andReturn()
                .getResponse()
                .getContentAsString();
        return Long.parseLong(answer.replaceAll("(?s).*?\"id\":(\\d+).*", "$1"));
    }

    @Test
    void aDogIsThereWithCoatAndToolsAndWeighsWhatItLooksLikeUntilItIsWeighed() throws Exception {
        long id = add("Sedge", "\"COMB\", \"SLICKER\"");
        read("/api/dogs/" + id)
                .andExpect(jsonPath("$.coatDescribed").value(true))
                .andExpect(jsonPath("$.form.weightGuessed").value(true));
        read("/api/dogs/" + id + "/coat")
                .andExpect(jsonPath("$.regions[0].kind").value("CURLY"));
        int tools = body("/api/tools").split("\"shownName\"").length;
        add("Bramble", "\"COMB\"");
        assertEquals(tools, body("/api/tools").split("\"shownName\"").length, "the drawer has that comb already");
        send(HttpMethod.PUT, "/api/dogs/" + id + "/weights/" + today(), "{\"kilograms\": 9.5}")
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.askTheVet").doesNotExist());
        read("/api/dogs/" + id).andExpect(jsonPath("$.form.weightGuessed").value(false));
    }

    /** All of it, or nothing. */
    @Test
    void whatIsRefusedLeavesNoHalfADog() throws Exception {
        String before = body("/api/dogs");
        post("/api/first-dogs", first("Sorrel", "\"FINGERS\"", "")).andExpect(status().isBadRequest());
        post("/api/first-dogs", first("Sorrel", "", ", \"like\": \"Gryphon\""))
                .andExpect(status().isBadRequest())
                .andExpect(jsonPath("$.fields[0].message").value(containsString("No breed of the table")));
        post("/api/first-dogs", first(" ", "", ""))
                .andExpect(status().isBadRequest())
                .andExpect(jsonPath("$.fields[0].field").value("dog.name"));
        assertEquals(before, body("/api/dogs"));
    }

    /** However often it is sent, it is said once. */
    @Test
    void theFirstAnswerProvesThePlaceOnceAndTakesNothingFromTheDay() throws Exception {
        long id = add("Heather", "\"COMB\"");
        read("/api/dogs/" + id + "/first-touch").andExpect(jsonPath("$.way").value("COMB"));
        String answer = "{\"id\": \"" + UUID.randomUUID() + "\", \"outcome\": \"OUT\"}";
        for (int i = 0; i < 2; i++) {
            post("/api/dogs/" + id + "/first-touch", answer).andExpect(status().isNoContent());
        }
        String history = body("/api/dogs/" + id + "/history");
        assertEquals(2, history.split("\"startedAt\"").length, history);
        assertTrue(body("/api/dogs/" + id + "/when").contains("\"lastClear\":\"" + today() + "\""));
        read("/api/home").andExpect(jsonPath("$.day.brushedSeconds").value(0));
    }

    /** Begun at one touch it is at its first stroke, unless the day has wetted the dog: then that is asked. */
    @Test
    void aSessionBegunAtOnceIsAtItsFirstStrokeUnlessTheDayWettedTheDog() throws Exception {
        long id = add("Fern", "\"COMB\"");
        String begin = "{\"id\": \"%s\", \"sections\": [\"BACK\"], \"atOnce\": true}";
        UUID first = UUID.randomUUID();
        post("/api/dogs/" + id + "/sessions", begin.formatted(first))
                .andExpect(status().isCreated())
                .andExpect(jsonPath("$.preparation").doesNotExist())
                .andExpect(jsonPath("$.opening.brief.text").value(containsString("treats in reach")));
        post(
                "/api/dogs/" + id + "/sessions/" + first + "/events",
                "{\"id\": \"" + UUID.randomUUID() + "\", \"said\": {\"type\": \"STOPPED\"}}");
        send(HttpMethod.PUT, "/api/dogs/" + id + "/life/" + today() + "/SWAM", "{}");
        post("/api/dogs/" + id + "/sessions", begin.formatted(UUID.randomUUID()))
                .andExpect(jsonPath("$.preparation.questions[0].id").value("coat"));
    }
}
