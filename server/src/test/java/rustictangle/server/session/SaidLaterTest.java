package rustictangle.server.session;

import static org.hamcrest.Matchers.hasSize;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import com.jayway.jsonpath.JsonPath;
import java.time.Duration;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.http.MediaType;
import org.springframework.test.web.servlet.ResultActions;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;
import rustictangle.server.ServerTest;

/** What waited in a browser is of the moment in which it was said, not of the one in which it arrived. */
class SaidLaterTest extends ServerTest {

    private ResultActions later(String path, String json, String ago) throws Exception {
        return mvc.perform(MockMvcRequestBuilders.post(path)
                .header("X-Ago", ago)
                .contentType(MediaType.APPLICATION_JSON)
                .content(json));
    }

    private static String ago(Duration waited) {
        return String.valueOf(waited.toMillis());
    }

    private String lastClear(long dog, String section) throws Exception {
        List<String> days = JsonPath.read(
                body("/api/dogs/" + dog + "/when"),
                "$.plan.sections[?(@.section == '%s')].lastClear".formatted(section));
        return days.get(0);
    }

    @Test
    void anAnswerThatArrivesTwoDaysLateIsOfItsOwnDayAndTookItsOwnTime() throws Exception {
        long dog = addKnownDog("Gannet");
        LocalDate day = today();
        String session = beginSession(dog, "BACK", "CHEST");
        post(session + "/events", "{\"id\": \"%s\", \"said\": {\"type\": \"STARTED\"}}".formatted(UUID.randomUUID()));
        daysPass(2);
        Duration sinceBegun = Duration.ofDays(2);
        later(session + "/events", glides("BACK"), ago(sinceBegun.minusSeconds(40)))
                .andExpect(status().isOk());
        later(session + "/events", glides("CHEST"), ago(sinceBegun.minusSeconds(130)))
                .andExpect(jsonPath("$.end").value("ALL_DONE"))
                .andExpect(jsonPath("$.elapsedSeconds").value(130));
        assertEquals(day.toString(), lastClear(dog, "CHEST"));
        read("/api/dogs/" + dog + "/history")
                .andExpect(jsonPath("$.sessions[0].day").value(day.toString()))
                .andExpect(jsonPath("$.sessions[0].minutes").value(2));
    }

    @Test
    void aPracticeOfYesterdayEveningCountsForYesterdayAndLeavesTodayFree() throws Exception {
        long dog = addKnownDog("Gannet");
        daysPass(1);
        String trial = "{\"id\": \"%s\", \"subject\": \"TABLE\", \"signal\": \"OPTED_OUT\"}";
        for (int i = 0; i < 2; i++) {
            later("/api/dogs/" + dog + "/practice-trials", trial.formatted(UUID.randomUUID()), ago(Duration.ofDays(1)))
                    .andExpect(status().isOk());
        }
        read("/api/dogs/" + dog + "/today").andExpect(jsonPath("$.said", hasSize(0)));
        post(beginSession(dog, "BACK") + "/events", glides("BACK")).andExpect(status().isOk());
        read("/api/dogs/" + dog + "/today").andExpect(jsonPath("$.said", hasSize(1)));
    }

    /** Nothing is said before the session began, nor after now, whatever a device claims. */
    @ParameterizedTest
    @ValueSource(strings = {"", "-5", "soon", "99999999999999999999", "864000000", "999999999999999"})
    void aMomentThatCannotBeIsKeptWithinWhatIsPossible(String ago) throws Exception {
        long dog = addKnownDog("Gannet");
        String session = beginSession(dog, "BACK", "CHEST");
        later(session + "/events", glides("BACK"), ago).andExpect(status().isOk());
        assertEquals(today().toString(), lastClear(dog, "BACK"));
    }
}
