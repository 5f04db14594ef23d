package rustictangle.server.rhythm;

import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.hasItem;
import static org.hamcrest.Matchers.hasSize;
import static org.hamcrest.Matchers.lessThan;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.time.LocalDate;
import org.junit.jupiter.api.Test;
import org.springframework.http.HttpMethod;
import rustictangle.server.ServerTest;

class LifeTest extends ServerTest {

    @Test
    void aSwimIsLoggedWithOneTapBringsBrushingForwardAndCanBeTakenBack() throws Exception {
        long dog = addKnownDog("Gannet");
        String session = beginSession(dog, "ARMPIT_LEFT");
        post(session + "/events", glides("ARMPIT_LEFT"));
        daysPass(1);
        double dry = chance(dog);
        String today = "/api/dogs/" + dog + "/life/" + today() + "/SWAM";
        send(HttpMethod.PUT, today, "")
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.days[0].events", hasItem("SWAM")));
        send(HttpMethod.PUT, today, "").andExpect(jsonPath("$.days[0].events", hasSize(1)));
        assertTrue(chance(dog) > dry);
        send(HttpMethod.DELETE, today, "").andExpect(jsonPath("$.days[0].events", hasSize(0)));
        assertEquals(dry, chance(dog), 1e-12);
    }

    @Test
    void wetDaysAreProposedAndADayToComeOrLongGoneIsRefused() throws Exception {
        LocalDate today = today();
        // Any weather can take the simulated one's place.
        itRained(today.minusDays(1));
        long dog = addKnownDog("Gannet");
        String life = "/api/dogs/" + dog + "/life";
        read(life)
                .andExpect(jsonPath("$.days[0].wet").value(false))
                .andExpect(jsonPath("$.days[1].wet").value(true))
                .andExpect(jsonPath("$.days", hasSize(7)));
        send(HttpMethod.PUT, life + "/" + today.plusDays(1) + "/SWAM", "")
                .andExpect(status().isBadRequest())
                .andExpect(jsonPath("$.fields[0].message", containsString(today.minusDays(6) + " to today")));
        send(HttpMethod.PUT, life + "/" + today.minusDays(7) + "/SWAM", "").andExpect(status().isBadRequest());
        send(HttpMethod.PUT, life + "/" + today + "/FLEW", "").andExpect(status().is(lessThan(500)));
    }

    private double chance(long dog) throws Exception {
        String json =
                read("/api/dogs/" + dog + "/when").andReturn().getResponse().getContentAsString();
        return Double.parseDouble(
                json.replaceAll("(?s).*?\"section\":\"ARMPIT_LEFT\".*?\"tangles\":([0-9.Ee-]+).*", "$1"));
    }
}
