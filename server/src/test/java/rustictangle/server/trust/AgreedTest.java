package rustictangle.server.trust;

import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.hasItem;
import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.http.HttpMethod;
import org.springframework.test.web.servlet.ResultActions;
import rustictangle.server.ServerTest;

/** The words that a dog knows, and where it is brushed. */
class AgreedTest extends ServerTest {

    private static final String WORDS =
            """
            {"marker": " yes ", "release": "free", "cues": {"OFFERING_LEG": "paw"}, "station": "TABLE"}
            """;

    private ResultActions agree(long dog, String words) throws Exception {
        return send(HttpMethod.PUT, "/api/dogs/" + dog + "/agreed", words);
    }

    @Test
    void theWordsAreShownWhereTheyAreSaid() throws Exception {
        long dog = addKnownDog("Gannet");
        agree(dog, WORDS)
                .andExpect(jsonPath("$.agreed.form.marker").value("yes"))
                .andExpect(jsonPath("$.agreed.form.cues.OFFERING_LEG").value("paw"))
                .andExpect(jsonPath("$.agreed.today").value("FLOOR"))
                .andExpect(jsonPath("$.agreed.notYet.rule").value("trust.station-first"));
        String leg = "/api/dogs/" + dog + "/practice?subject=OFFERING_LEG";
        read(leg)
                .andExpect(jsonPath("$.timing", containsString("“yes”")))
                .andExpect(jsonPath("$.cue").doesNotExist())
                .andExpect(jsonPath("$.endWith", containsString("“free”")));
        for (int n = 0; n < 27; n++) {
            post(
                    "/api/dogs/" + dog + "/practice-trials",
                    "{\"id\": \"%s\", \"subject\": \"OFFERING_LEG\", \"signal\": \"RELAXED\"}"
                            .formatted(UUID.randomUUID()));
        }
        read(leg).andExpect(jsonPath("$.cue", containsString("“paw”")));
        read(beginSession(dog, "FRONT_LEG_LEFT", "BACK"))
                .andExpect(jsonPath(
                        "$.places[?(@.how.section == 'FRONT_LEG_LEFT')].how.hold", hasItem(containsString("“paw”"))))
                .andExpect(jsonPath("$.preparation.todo[*].text", hasItem(containsString("First “yes”"))))
                .andExpect(jsonPath("$.letGo", containsString("“free”")));
    }

    /** What is left empty is taken away again, and nothing else of the dog changes. */
    @Test
    void whatIsLeftEmptyIsNoLongerAgreed() throws Exception {
        long dog = addKnownDog("Gannet");
        agree(dog, WORDS);
        agree(dog, "{\"cues\": {}}")
                .andExpect(jsonPath("$.agreed.form.marker").doesNotExist())
                .andExpect(jsonPath("$.agreed.form.cues.OFFERING_LEG").doesNotExist())
                .andExpect(jsonPath("$.agreed.form.station").doesNotExist());
    }

    @ParameterizedTest
    @CsvSource({
        "'{\"marker\": \"a word that is much too long to be said\", \"cues\": {}}', marker",
        "'{\"release\": \"  \", \"cues\": {}}', release",
        "'{\"cues\": {\"TEETH\": \"open\"}}', cues",
        "'{\"cues\": {\"BATHING\": \"tub\"}}', cues",
        "'{\"cues\": {}, \"station\": \"ROOF\"}', station"
    })
    void aWrongWordIsRefusedByNameAndNothingIsLost(String words, String field) throws Exception {
        long dog = addKnownDog("Gannet");
        agree(dog, WORDS);
        agree(dog, words)
                .andExpect(status().isBadRequest())
                .andExpect(jsonPath("$.fields[0].field", containsString(field)));
        read("/api/dogs/" + dog + "/trust")
                .andExpect(jsonPath("$.agreed.form.release").value("free"));
    }

    /** They go with the household wherever it goes. */
    @Test
    void theyAreLetOutAndTakenInWithTheRest() throws Exception {
        long dog = addKnownDog("Gannet");
        agree(dog, WORDS);
        byte[] out = streamed("/api/export.json");
        agree(dog, "{\"cues\": {}}");
        assertEquals(
                200,
                sendBytes("/api/import.json", out).andReturn().getResponse().getStatus());
        assertArrayEquals(out, streamed("/api/export.json"));
        read("/api/dogs/" + dog + "/trust")
                .andExpect(jsonPath("$.agreed.form.cues.OFFERING_LEG").value("paw"));
    }
}
