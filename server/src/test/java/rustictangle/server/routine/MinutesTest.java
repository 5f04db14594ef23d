package rustictangle.server.routine;

import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.everyItem;
import static org.hamcrest.Matchers.greaterThan;
import static org.hamcrest.Matchers.hasItem;
import static org.hamcrest.Matchers.hasSize;
import static org.hamcrest.Matchers.is;
import static org.hamcrest.Matchers.lessThan;
import static org.hamcrest.Matchers.not;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.time.Duration;
import org.junit.jupiter.api.Test;
import org.springframework.http.HttpMethod;
import org.springframework.test.web.servlet.ResultActions;
import rustictangle.server.ServerTest;

/** "I have N minutes." */
class MinutesTest extends ServerTest {

    @Test
    void aFewMinutesAreSpentOnAFewPlacesAndTheRestIsToldHowLongItCanWait() throws Exception {
        long id = addKnownDog("Gannet");
        post(beginSession(id, "BACK") + "/events", glides("BACK")).andExpect(status().isOk());
        read("/api/dogs/" + id + "/routine?minutes=12")
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.routine.places.length()", greaterThan(3)))
                .andExpect(jsonPath("$.routine.places.length()", lessThan(28)))
                .andExpect(jsonPath("$.routine.places[*].section", hasItem("ARMPIT_LEFT")))
                .andExpect(jsonPath("$.routine.totalSeconds").value(lessThan(12 * 60.0)))
                .andExpect(jsonPath("$.neededMinutes").value(greaterThan(12)))
                .andExpect(jsonPath("$.waits[*].section", hasItem("BACK")))
                .andExpect(jsonPath("$.waits[*].section", not(hasItem("ARMPIT_LEFT"))));
        read("/api/dogs/" + id + "/routine?minutes=-1").andExpect(status().isBadRequest());
        read("/api/today?minutes=601").andExpect(status().isBadRequest());
    }

    @Test
    void nothingIsPlannedWhereNothingIsBrushed() throws Exception {
        long id = addKnownDog("Gannet");
        send(HttpMethod.PUT, "/api/dogs/" + id + "/coat", coatJson("CORDED", "150"))
                .andExpect(status().isOk());
        read("/api/dogs/" + id + "/routine?minutes=60").andExpect(jsonPath("$.routine.places", hasSize(0)));
        read("/api/dogs/" + id + "/routine?scope=WHOLE").andExpect(jsonPath("$.routine.places", hasSize(0)));
        read("/api/home").andExpect(jsonPath("$.dogs[?(@.id == " + id + ")].known.brushed", hasItem(false)));
    }

    @Test
    void aSwimThatWasLoggedTodayAsksForADryCoatFirst() throws Exception {
        long id = addKnownDog("Gannet");
        String first = "$.routine.preparation.questions[0].options[0].label";
        String routine = "/api/dogs/" + id + "/routine?scope=WHOLE";
        read(routine).andExpect(jsonPath(first).value("dry"));
        send(HttpMethod.PUT, "/api/dogs/" + id + "/life/" + today() + "/SWAM", "")
                .andExpect(status().isOk());
        read(routine).andExpect(jsonPath(first).value("damp or wet"));
        daysPass(1);
        read(routine).andExpect(jsonPath(first).value("dry"));
    }

    @Test
    void nobodyIsToldToPartHairThatTheToolReachesThrough() throws Exception {
        long id = addKnownDog("Gannet");
        String routine = "/api/dogs/" + id + "/routine?scope=WHOLE";
        read(routine)
                .andExpect(jsonPath("$.routine.places[?(@.section == 'BACK')].tools[0].tool")
                        .value("FINGERS"))
                .andExpect(jsonPath("$.routine.preparation.todo[0].rule").value("routine.missing"));
        post("/api/tools", "{\"name\": \"\", \"kind\": \"SLICKER\", \"pinMillimetres\": 20, \"flexible\": true}");
        read(routine)
                .andExpect(jsonPath(
                        "$.routine.places[?(@.section == 'BACK')].tools[*].mannerLabel",
                        hasItem(containsString("layer by layer"))));
        send(HttpMethod.PUT, "/api/dogs/" + id + "/coat", coatJson("CURLY", "16"))
                .andExpect(status().isOk());
        read(routine)
                .andExpect(jsonPath("$.routine.places[*].layers.count", everyItem(is(1))))
                .andExpect(
                        jsonPath("$.routine.places[*].tools[*].mannerLabel", everyItem(not(containsString("layer")))));
    }

    @Test
    void aSessionThatGoesOnWhileTheCoatIsDescribedAnewStillShowsItsStep() throws Exception {
        long id = addKnownDog("Gannet");
        String session = beginSession(id, "BACK");
        send(HttpMethod.PUT, "/api/dogs/" + id + "/coat", coatJson("CORDED", "150"))
                .andExpect(status().isOk());
        read(session)
                .andExpect(jsonPath("$.places[0].how.section").value("BACK"))
                .andExpect(jsonPath("$.places[0].how.tools[0].tool").value("FINGERS"));
    }

    @Test
    void theOwnersOwnMinutesTakeThePlaceOfTheEstimate() throws Exception {
        long id = addKnownDog("Gannet");
        String session = beginSession(id, "BACK", "TAIL_WHOLE");
        later(Duration.ofMinutes(9));
        post(session + "/events", glides("BACK")).andExpect(status().isOk());
        read("/api/dogs/" + id + "/routine?scope=WHOLE")
                .andExpect(jsonPath("$.routine.whyMinutes.rule").value("routine.minutes-learned"))
                .andExpect(jsonPath("$.routine.whyMinutes.text", containsString("1 section ")));
    }

    @Test
    void anyOfTheFourOrdersMayBeChosen() throws Exception {
        long id = addKnownDog("Gannet");
        chooseOrder(id, "HEAD_DOWN").andExpect(status().isOk());
        read("/api/dogs/" + id + "/routine?scope=WHOLE")
                .andExpect(jsonPath("$.routine.order").value("HEAD_DOWN"))
                .andExpect(jsonPath("$.routine.whyOrder.rule").value("routine.order-chosen"))
                .andExpect(jsonPath("$.routine.places[0].section").value("CROWN"));
        read("/api/dogs/" + id + "/schools")
                .andExpect(jsonPath("$.chosen.order").value("HEAD_DOWN"));
        chooseOrder(id, "SIDEWAYS").andExpect(status().isBadRequest());
    }

    private ResultActions chooseOrder(long dog, String order) throws Exception {
        return send(
                HttpMethod.PUT,
                "/api/dogs/" + dog + "/approach",
                "{\"tips\": \"BY_SKIN\", \"mist\": \"BY_SKIN\", \"hand\": \"BEGINNER\", \"order\": \"" + order + "\"}");
    }
}
