package rustictangle.server.coat;

import static org.hamcrest.Matchers.closeTo;
import static org.hamcrest.Matchers.contains;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.hasSize;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import org.junit.jupiter.api.Test;
import org.springframework.http.HttpMethod;
import rustictangle.server.ServerTest;

/** Finding, questioning and measuring a coat. */
class CoatKeyTest extends ServerTest {

    @Test
    void theKeyAsksAndTheAnswersTellTheCoat() throws Exception {
        read("/api/coat-finder")
                .andExpect(jsonPath("$", hasSize(8)))
                .andExpect(jsonPath("$[0].answers[0]").value("ONE_LAYER"));
        post(
                        "/api/coat-finder/finding",
                        "{\"answers\": [\"TWO_LAYERS\", \"STAYS_STRAIGHT\", \"RUFF_AND_TROUSERS\", \"FLUFF\"]}")
                .andExpect(jsonPath("$.likely[0].kind").value("DOUBLE"))
                .andExpect(jsonPath("$.likely[0].sureness").value("SURE"))
                .andExpect(jsonPath("$.undercoat.value").value(true));
        post("/api/coat-finder/finding", "{\"answers\": [\"ONE_LAYER\", \"STAYS_STRAIGHT\", \"SILKY\"]}")
                .andExpect(jsonPath("$.likely", hasSize(2)))
                .andExpect(jsonPath("$.decider.observation").value("WHERE_LONG"));
        post("/api/coat-finder/finding", "{\"answers\": [\"ONE_LAYER\", \"TWO_LAYERS\"]}")
                .andExpect(status().isBadRequest());
        post("/api/coat-finder/finding", "{\"answers\": [\"PURPLE\"]}").andExpect(status().isBadRequest());
    }

    @Test
    void aWrongCombinationIsQuestionedAndStillMayBeKept() throws Exception {
        String odd = coatJson("DROP", "90")
                .replace("\"undercoat\": false", "\"undercoat\": true")
                .replace("\"CURLY\",", "\"SILKY\",");
        post("/api/coat-doubts", odd)
                .andExpect(status().isOk())
                .andExpect(jsonPath("$", hasSize(7)))
                .andExpect(jsonPath("$[0].question.rule").value("coat.doubt-undercoat"));
        long id = addDog("Thimble");
        send(HttpMethod.PUT, "/api/dogs/" + id + "/coat", odd).andExpect(status().isOk());
        read("/api/dogs/" + id + "/coat")
                .andExpect(jsonPath("$.regions[0].undercoat").value(true));
    }

    @Test
    void aBreedProposesACoatMarkedAsAGuess() throws Exception {
        read("/api/breeds")
                .andExpect(jsonPath("$[?(@.name == 'Keeshond')].coat.regions[0].kind", contains("DOUBLE")))
                .andExpect(jsonPath("$[?(@.name == 'Cockapoo')].parents[1]", contains("Poodle")))
                .andExpect(jsonPath("$[?(@.name == 'Keeshond')].looks.build", contains("SPITZ")))
                .andExpect(jsonPath("$[0].why.text", containsString("guess")));
    }

    @Test
    void readingsBecomeTheLengthAndShowTheGrowth() throws Exception {
        long id = addKnownDog("Gannet");
        String readings = "/api/dogs/" + id + "/readings";
        send(HttpMethod.PUT, readings + "/BODY/2026-04-04", "{\"millimetres\": 50}")
                .andExpect(status().isOk());
        send(HttpMethod.PUT, readings + "/BODY/2026-05-14", "{\"millimetres\": 64}")
                .andExpect(jsonPath("$[?(@.region == 'BODY')].growth.millimetresPerDay", contains(closeTo(0.35, 1e-9))))
                .andExpect(jsonPath("$[?(@.region == 'BODY')].readings.length()", contains(2)));
        read("/api/dogs/" + id + "/coat")
                .andExpect(jsonPath("$.regions[?(@.region == 'BODY')].millimetres", contains(64.0)));
        // An older reading that is entered later does not change today's length.
        send(HttpMethod.PUT, readings + "/BODY/2026-03-01", "{\"millimetres\": 40}")
                .andExpect(status().isOk());
        read("/api/dogs/" + id + "/coat")
                .andExpect(jsonPath("$.regions[?(@.region == 'BODY')].millimetres", contains(64.0)));
        for (String day : new String[] {"2026-03-01", "2026-05-14", "2026-04-04"}) {
            send(HttpMethod.DELETE, readings + "/BODY/" + day, "").andExpect(status().isOk());
        }
        read("/api/dogs/" + id + "/coat")
                .andExpect(jsonPath("$.regions[?(@.region == 'BODY')].millimetres", contains(40.0)));
    }

    @Test
    void aCoatWithARegionTwiceIsRefusedAndTheOneThatStandsStays() throws Exception {
        long id = addKnownDog("Gannet");
        String twice = coatJson("CURLY", "80").replace("\"TAIL\"", "\"BODY\"");
        send(HttpMethod.PUT, "/api/dogs/" + id + "/coat", twice)
                .andExpect(status().isBadRequest())
                .andExpect(jsonPath("$.fields[0].field").value("regions"))
                .andExpect(jsonPath("$.fields[0].message", containsString("described twice")));
        read("/api/dogs/" + id + "/coat")
                .andExpect(jsonPath("$.regions[?(@.region == 'BODY')].millimetres", contains(40.0)));
    }

    @Test
    void aReadingFromTomorrowOrOfAnImpossibleLengthIsRefused() throws Exception {
        long id = addKnownDog("Gannet");
        send(HttpMethod.PUT, "/api/dogs/" + id + "/readings/BODY/" + today().plusDays(1), "{\"millimetres\": 50}")
                .andExpect(status().isBadRequest())
                .andExpect(jsonPath("$.fields[0].message", containsString("still to come")));
        send(HttpMethod.PUT, "/api/dogs/" + id + "/readings/BODY/2026-05-14", "{\"millimetres\": 5000}")
                .andExpect(status().isBadRequest())
                .andExpect(jsonPath("$.fields[0].message", containsString("1 to 400 mm")));
    }
}
