package rustictangle.server.plan;

import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.hasSize;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;

import com.jayway.jsonpath.JsonPath;
import java.time.Duration;
import java.time.LocalDate;
import org.junit.jupiter.api.Test;
import org.springframework.http.HttpMethod;
import rustictangle.server.ServerTest;

class ReminderTest extends ServerTest {

    @Test
    void aDogIsWrittenAboutOnceADayAndNeverInTheQuietHours() throws Exception {
        long dog = addKnownDog("Gannet");
        post("/api/messages", "")
                .andExpect(jsonPath("$.simulated").value(true))
                .andExpect(jsonPath("$.messages", hasSize(1)))
                .andExpect(jsonPath("$.messages[0].kind").value("BRUSHING"))
                .andExpect(jsonPath("$.messages[0].dog").value("Gannet"));
        LocalDate today = LocalDate.parse(
                JsonPath.read(read("/api/home").andReturn().getResponse().getContentAsString(), "$.today"));
        send(HttpMethod.PUT, "/api/dogs/" + dog + "/groom/" + today.plusDays(4), "");
        later(Duration.ofHours(2));
        post("/api/messages", "").andExpect(jsonPath("$.messages", hasSize(1)));
        // Past midnight, by the clock of this household, but before eight.
        later(Duration.ofHours(16));
        post("/api/messages", "").andExpect(jsonPath("$.messages", hasSize(1)));
        later(Duration.ofHours(6));
        post("/api/messages", "")
                .andExpect(jsonPath("$.messages", hasSize(2)))
                .andExpect(jsonPath("$.messages[0].kind").value("APPOINTMENT"))
                .andExpect(jsonPath("$.messages[0].text", containsString("in 3 days")));
    }
}
