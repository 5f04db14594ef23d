package rustictangle.server.visit;

import static org.hamcrest.Matchers.closeTo;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.hasSize;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import com.jayway.jsonpath.JsonPath;
import java.time.LocalDate;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.springframework.http.HttpMethod;
import rustictangle.server.ServerTest;

class VisitTest extends ServerTest {

    private static final String VISIT = """
            {"leftMillimetres": 20, "price": 58, "remarks": " shy of the dryer ", "found": "a mat", "takeOver": false}
            """;

    @Test
    void aVisitIsKeptWithWhatWasFoundAndTheNextOneIsProposedAsUsual() throws Exception {
        long dog = addKnownDog("Gannet");
        String visits = "/api/dogs/" + dog + "/visits";
        LocalDate today = LocalDate.parse(JsonPath.read(read(visits).andReturn().getResponse().getContentAsString(), "$.today"));
        send(HttpMethod.PUT, visits + "/" + today.minusWeeks(8), VISIT).andExpect(status().isOk());
        send(HttpMethod.PUT, visits + "/" + today.minusWeeks(1), VISIT).andExpect(jsonPath("$.past", hasSize(2)))
                .andExpect(jsonPath("$.past[0].weeksSince").value(7)).andExpect(jsonPath("$.past[0].remarks").value("shy of the dryer"))
                .andExpect(jsonPath("$.proposed.day").value(today.plusWeeks(6).toString()))
                .andExpect(jsonPath("$.proposed.why.rule").value("visit.interval-curly"));
        send(HttpMethod.PUT, visits + "/" + today.minusWeeks(1), VISIT.replace("20", "25")).andExpect(jsonPath("$.past", hasSize(2)))
                .andExpect(jsonPath("$.past[0].leftMillimetres").value(25.0));
        send(HttpMethod.DELETE, visits + "/" + today.minusWeeks(1), "").andExpect(jsonPath("$.past", hasSize(1)));
        send(HttpMethod.PUT, visits + "/" + today.plusDays(1), VISIT).andExpect(status().isBadRequest())
                .andExpect(jsonPath("$.fields[0].message", containsString("today or earlier")));
        send(HttpMethod.PUT, visits + "/" + today, VISIT.replace("20", "900")).andExpect(status().isBadRequest());
        read(visits).andExpect(jsonPath("$.past", hasSize(1)));
    }

    @Test
    void whatTheGroomerLeftIsTakenOverAndTheCountBeginsAnewEverywhere() throws Exception {
        long dog = addKnownDog("Gannet");
        String session = beginSession(dog, "CHEST");
        post(session + "/events", done(UUID.randomUUID(), "CHEST", "MAT_LEFT", 1, "RELAXED"));
        LocalDate today = LocalDate.parse(JsonPath.read(read("/api/home").andReturn().getResponse().getContentAsString(), "$.today"));
        send(HttpMethod.PUT, "/api/dogs/" + dog + "/visits/" + today, VISIT.replace("false", "true")).andExpect(status().isOk());
        read("/api/dogs/" + dog + "/coat").andExpect(jsonPath("$.regions[0].millimetres").value(20.0));
        read("/api/dogs/" + dog + "/visits").andExpect(jsonPath("$.restart.rule").value("visit.restart"));
        read("/api/dogs/" + dog + "/mats").andExpect(jsonPath("$", hasSize(0)));
        read("/api/dogs/" + dog + "/rhythm").andExpect(jsonPath("$.rhythm.sections[?(@.lastClear == '" + today + "')]", hasSize(29)));
    }

    /** Worked by hand: a visit every 6.5 weeks is about 8 a year; 8 × 54 + 180 = 612. */
    @Test
    void aYearsCostFollowsFromPriceTipCreditAndMembership() throws Exception {
        long dog = addKnownDog("Gannet");
        String price = "/api/dogs/" + dog + "/groom-price";
        send(HttpMethod.PUT, price, "{\"price\": 58, \"tip\": 6, \"credit\": 10, \"membership\": 15}").andExpect(status().isOk());
        send(HttpMethod.PUT, price, "{\"price\": -1, \"tip\": 6, \"credit\": 10, \"membership\": 15}").andExpect(status().isBadRequest());
        read("/api/dogs/" + dog + "/trade").andExpect(jsonPath("$.clipped").value(true)).andExpect(jsonPath("$.weeks[0]").value(4))
                .andExpect(jsonPath("$.yearly[2]").value(closeTo(8.7 * 54 + 180, 2))).andExpect(jsonPath("$.yearly[3]").value(closeTo(7.45 * 54 + 180, 2)))
                .andExpect(jsonPath("$.minutes", hasSize(10)));
    }

    @Test
    void theGroomersSheetSaysWhatWasCombedWhereMatsAreAndWhatTheOwnerWishes() throws Exception {
        long dog = addKnownDog("Gannet");
        String session = beginSession(dog, "BACK", "CHEST");
        post(session + "/events", glides("BACK"));
        post(session + "/events", done(UUID.randomUUID(), "CHEST", "MAT_LEFT", 1, "UNEASY"));
        String sheet = "/api/dogs/" + dog + "/hand-over";
        send(HttpMethod.PUT, sheet, "{\"wish\": \" leave the ears long \", \"health\": \"a stiff hip\"}").andExpect(status().isOk());
        read(sheet).andExpect(jsonPath("$.wish").value("leave the ears long")).andExpect(jsonPath("$.mats[0].section").value("CHEST"))
                .andExpect(jsonPath("$.talk[0].rule").value("visit.mats-shown")).andExpect(jsonPath("$.talk[1].rule").value("visit.clip-spot"))
                .andExpect(jsonPath("$.combed[?(@.section == 'BACK')].lastClear", hasSize(1)))
                .andExpect(jsonPath("$.lengths", hasSize(7)));
        send(HttpMethod.PUT, sheet, "{\"wish\": \"" + "x".repeat(1001) + "\", \"health\": \"\"}").andExpect(status().isBadRequest());
        read(sheet).andExpect(jsonPath("$.wish").value("leave the ears long"));
    }

    @Test
    void nothingIsClippedOnACoatThatStopsByItself() throws Exception {
        long dog = addDog("Oakum");
        send(HttpMethod.PUT, "/api/dogs/" + dog + "/coat", coatJson("DOUBLE", "60"));
        read("/api/dogs/" + dog + "/trade").andExpect(jsonPath("$.clipped").value(false));
        read("/api/dogs/" + dog + "/visits").andExpect(jsonPath("$.proposed").doesNotExist());
    }
}
