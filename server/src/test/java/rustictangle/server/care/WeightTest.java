package rustictangle.server.care;

import static org.hamcrest.Matchers.closeTo;
import static org.hamcrest.Matchers.containsString;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import org.junit.jupiter.api.Test;
import org.springframework.http.HttpMethod;
import org.springframework.test.web.servlet.ResultActions;
import rustictangle.server.ServerTest;

/** A dog put on the scale weighs what the scale said, and a tenth less is told. */
class WeightTest extends ServerTest {

    @Test
    void theScaleIsBelievedUntilWhatItSaidIsTakenBack() throws Exception {
        long id = addDog("Teasel");
        weigh(id, "2026-05-01", "14.1").andExpect(jsonPath("$.askTheVet").doesNotExist());
        weigh(id, "2026-05-14", "12.5")
                .andExpect(jsonPath("$.weighings.length()").value(2))
                .andExpect(jsonPath("$.askTheVet.rule").value("care.weight"));
        read("/api/dogs/" + id).andExpect(jsonPath("$.form.kilograms").value(12.5));
        send(HttpMethod.DELETE, "/api/dogs/" + id + "/weights/2026-05-14", "")
                .andExpect(jsonPath("$.kilograms").value(14.1))
                .andExpect(jsonPath("$.askTheVet").doesNotExist());
        send(HttpMethod.DELETE, "/api/dogs/" + id + "/weights/2026-05-01", "")
                .andExpect(jsonPath("$.kilograms").value(14.0));
        send(HttpMethod.DELETE, "/api/dogs/" + id + "/weights/2026-05-01", "").andExpect(status().isNotFound());
    }

    /** Resting energy is 70 kcal times the 0.75th power of the kilograms: 506.6 for 14 kg, 465.3 for 12.5. */
    @Test
    void theTreatsFollowTheScale() throws Exception {
        long id = addKnownDog("Teasel");
        read("/api/dogs/" + id + "/trust").andExpect(jsonPath("$.allowance.restingKcal", closeTo(506.6, 0.1)));
        weigh(id, "2026-05-14", "12.5").andExpect(status().isOk());
        read("/api/dogs/" + id + "/trust").andExpect(jsonPath("$.allowance.restingKcal", closeTo(465.3, 0.1)));
    }

    @Test
    void aWeightOfTomorrowOrOfNoDogIsRefused() throws Exception {
        long id = addDog("Teasel");
        weigh(id, today().plusDays(1).toString(), "14")
                .andExpect(status().isBadRequest())
                .andExpect(jsonPath("$.fields[0].message", containsString("still to come")));
        weigh(id, "2026-05-14", "140")
                .andExpect(status().isBadRequest())
                .andExpect(jsonPath("$.fields[0].message", containsString("0.3 to 120 kg")));
    }

    private ResultActions weigh(long id, String day, String kilograms) throws Exception {
        return send(HttpMethod.PUT, "/api/dogs/" + id + "/weights/" + day, "{\"kilograms\": " + kilograms + "}");
    }
}
