package rustictangle.server.visit;

import static org.hamcrest.Matchers.closeTo;
import static org.hamcrest.Matchers.contains;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.empty;
import static org.hamcrest.Matchers.hasSize;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import com.jayway.jsonpath.JsonPath;
import java.time.LocalDate;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.springframework.http.HttpMethod;
import rustictangle.server.ServerTest;

class VisitTest extends ServerTest {

    private static final String VISIT =
            """
            {"leftMillimetres": 20, "price": 58, "remarks": " shy of the dryer ", "found": "a mat", "takeOver": false}
            """;

    @Test
    void aVisitIsKeptWithWhatWasFoundAndTheNextOneIsProposedAsUsual() throws Exception {
        long dog = addKnownDog("Gannet");
        String visits = "/api/dogs/" + dog + "/visits";
        LocalDate today = LocalDate.parse(
                JsonPath.read(read(visits).andReturn().getResponse().getContentAsString(), "$.today"));
        send(HttpMethod.PUT, visits + "/" + today.minusWeeks(8), VISIT).andExpect(status().isOk());
        send(HttpMethod.PUT, visits + "/" + today.minusWeeks(1), VISIT)
                .andExpect(jsonPath("$.past", hasSize(2)))
                .andExpect(jsonPath("$.past[0].weeksSince").value(7))
                .andExpect(jsonPath("$.past[0].remarks").value("shy of the dryer"))
                .andExpect(jsonPath("$.proposed.day").value(today.plusWeeks(6).toString()))
                .andExpect(jsonPath("$.proposed.why.rule").value("visit.interval-curly"));
        send(HttpMethod.PUT, visits + "/" + today.minusWeeks(1), VISIT.replace("20", "25"))
                .andExpect(jsonPath("$.past", hasSize(2)))
                .andExpect(jsonPath("$.past[0].leftMillimetres").value(25.0));
        send(HttpMethod.DELETE, visits + "/" + today.minusWeeks(1), "").andExpect(jsonPath("$.past", hasSize(1)));
        send(HttpMethod.PUT, visits + "/" + today.plusDays(1), VISIT)
                .andExpect(status().isBadRequest())
                .andExpect(jsonPath("$.fields[0].message", containsString("today or earlier")));
        send(HttpMethod.PUT, visits + "/" + today, VISIT.replace("20", "900")).andExpect(status().isBadRequest());
        read(visits).andExpect(jsonPath("$.past", hasSize(1)));
    }

    @Test
    void whatTheGroomerLeftIsTakenOverAndTheCountBeginsAnewEverywhere() throws Exception {
        long dog = addKnownDog("Gannet");
        String session = beginSession(dog, "CHEST");
        post(session + "/events", done(UUID.randomUUID(), "CHEST", "MAT_LEFT", 1, "RELAXED"));
        LocalDate today = LocalDate.parse(
                JsonPath.read(read("/api/home").andReturn().getResponse().getContentAsString(), "$.today"));
        send(HttpMethod.PUT, "/api/dogs/" + dog + "/visits/" + today, VISIT.replace("false", "true"))
                .andExpect(status().isOk());
        read("/api/dogs/" + dog + "/coat")
                .andExpect(jsonPath("$.regions[0].millimetres").value(20.0));
        read("/api/dogs/" + dog + "/visits")
                .andExpect(jsonPath("$.restart.rule").value("visit.restart"));
        read("/api/dogs/" + dog + "/mats").andExpect(jsonPath("$", hasSize(0)));
        read("/api/dogs/" + dog + "/when")
                .andExpect(jsonPath("$.plan.sections[?(@.lastClear == '" + today + "')]", hasSize(29)));
    }

    @Test
    void anAppointmentCountsOnlyOnceSomebodySaysThatItTookPlaceAndUndoTakesAllOfItBack() throws Exception {
        long dog = addKnownDog("Gannet");
        String of = "/api/dogs/" + dog;
        post(beginSession(dog, "CHEST") + "/events", done(UUID.randomUUID(), "CHEST", "MAT_LEFT", 1, "RELAXED"));
        LocalDate groom = today().plusDays(2);
        send(HttpMethod.PUT, of + "/groom/" + groom, "").andExpect(status().isOk());
        daysPass(2);
        read("/api/home")
                .andExpect(jsonPath("$.dogs[?(@.id == " + dog + ")].known.unconfirmed")
                        .value(groom.toString()));
        daysPass(1);
        read(of + "/visits")
                .andExpect(jsonPath("$.unconfirmed[0]").value(groom.toString()))
                .andExpect(jsonPath("$.past", hasSize(0)));
        read(of + "/mats").andExpect(jsonPath("$", hasSize(1)));
        read(of + "/when").andExpect(jsonPath("$.plan.sections[?(@.lastClear == '" + groom + "')]", hasSize(0)));
        // The ruler was at hand that day, before the groomer.
        send(HttpMethod.PUT, of + "/readings/BODY/" + groom, "{\"millimetres\": 41}");
        String before = lengths(of);

        send(HttpMethod.PUT, of + "/visits/" + groom, VISIT.replace("false", "true"))
                .andExpect(jsonPath("$.unconfirmed", hasSize(0)))
                .andExpect(jsonPath("$.past[0].takeOver").value(true));
        read(of + "/mats").andExpect(jsonPath("$", hasSize(0)));
        read(of + "/when").andExpect(jsonPath("$.plan.sections[?(@.lastClear == '" + groom + "')]", hasSize(29)));
        read(of + "/coat").andExpect(jsonPath("$.regions[?(@.millimetres == 20.0)]", hasSize(7)));
        // Kept once more, without the length: that is taken back alone.
        send(HttpMethod.PUT, of + "/visits/" + groom, VISIT)
                .andExpect(jsonPath("$.past[0].takeOver").value(false));
        assertEquals(before, lengths(of));
        send(HttpMethod.PUT, of + "/visits/" + groom, VISIT.replace("false", "true"));

        send(HttpMethod.DELETE, of + "/visits/" + groom, "")
                .andExpect(jsonPath("$.unconfirmed[0]").value(groom.toString()));
        assertEquals(before, lengths(of));
        read(of + "/mats").andExpect(jsonPath("$", hasSize(1)));
        read(of + "/when").andExpect(jsonPath("$.plan.sections[?(@.lastClear == '" + groom + "')]", hasSize(0)));
    }

    @Test
    void anAppointmentThatDidNotTakePlaceIsNotAskedForAgainAndLeavesTheCalendar() throws Exception {
        long dog = addKnownDog("Gannet");
        String of = "/api/dogs/" + dog;
        LocalDate groom = today().plusDays(1);
        send(HttpMethod.PUT, of + "/groom/" + groom, "");
        daysPass(2);
        String calendar = JsonPath.read(text("/api/calendar"), "$.path");
        String written = groom.toString().replace("-", "");
        assertTrue(text(calendar).contains(written), "until somebody says so it may have been");
        send(HttpMethod.PUT, of + "/appointments/" + groom + "/missed", "")
                .andExpect(jsonPath("$.unconfirmed", hasSize(0)));
        assertFalse(text(calendar).contains(written));
        send(HttpMethod.DELETE, of + "/appointments/" + groom + "/missed", "")
                .andExpect(jsonPath("$.unconfirmed", hasSize(1)));
        send(HttpMethod.PUT, of + "/appointments/" + groom.plusDays(1) + "/missed", "")
                .andExpect(status().isNotFound());
        String uid = text(calendar)
                .lines()
                .filter(line -> line.startsWith("UID:visit-"))
                .findFirst()
                .orElseThrow();
        send(HttpMethod.PUT, of + "/visits/" + groom, VISIT);
        assertTrue(text(calendar).contains(uid), "the same event, now that it took place");
        assertEquals(1, text(calendar).split(written, -1).length - 1);
    }

    private String lengths(String dog) throws Exception {
        return text(dog + "/coat") + text(dog + "/readings");
    }

    private String text(String path) throws Exception {
        return read(path).andReturn().getResponse().getContentAsString();
    }

    /** Worked by hand: 8 visits of 64, and 12 × (15 − 10) for the membership: 572. */
    @Test
    void aYearsCostFollowsFromPriceTipCreditAndMembership() throws Exception {
        long dog = addKnownDog("Gannet");
        String price = "/api/dogs/" + dog + "/groom-price";
        send(
                        HttpMethod.PUT,
                        price,
                        "{\"price\": 58, \"tip\": 6, \"credit\": 10, \"membership\": 15, \"surcharge\": 20}")
                .andExpect(status().isOk());
        send(
                        HttpMethod.PUT,
                        price,
                        "{\"price\": -1, \"tip\": 6, \"credit\": 10, \"membership\": 15, \"surcharge\": 20}")
                .andExpect(status().isBadRequest());
        read("/api/dogs/" + dog + "/trade")
                .andExpect(jsonPath("$.clipped").value(true))
                .andExpect(jsonPath("$.weeks[0]").value(4.0))
                .andExpect(jsonPath("$.answer.rows[5].weeks").value(6.5))
                .andExpect(jsonPath("$.answer.rows[5].yearly").value(closeTo(572, 1e-9)))
                .andExpect(jsonPath("$.answer.rows", hasSize(19)));
        read("/api/dogs/" + dog + "/trade?tell=WEEKS&minutes=60&millimetres=20&weeks=6")
                .andExpect(jsonPath("$.answer.text.text", containsString("a year costs about {")));
        read("/api/dogs/" + dog + "/trade?weeks=6.3")
                .andExpect(status().isBadRequest())
                .andExpect(jsonPath("$.fields[0].field").value("weeks"));
    }

    @Test
    void theGroomersSheetSaysWhatWasCombedWhereMatsAreAndWhatTheOwnerWishes() throws Exception {
        long dog = addKnownDog("Gannet");
        String session = beginSession(dog, "BACK", "CHEST");
        post(session + "/events", glides("BACK"));
        post(session + "/events", done(UUID.randomUUID(), "CHEST", "MAT_LEFT", 1, "UNEASY"));
        String sheet = "/api/dogs/" + dog + "/hand-over";
        send(HttpMethod.PUT, sheet, "{\"wish\": \" leave the ears long \", \"health\": \"a stiff hip\"}")
                .andExpect(status().isOk());
        read(sheet)
                .andExpect(jsonPath("$.wish").value("leave the ears long"))
                .andExpect(jsonPath("$.mats[0].section").value("CHEST"))
                .andExpect(jsonPath("$.likely", empty()))
                .andExpect(jsonPath("$.talk[0].rule").value("visit.mats-shown"))
                .andExpect(jsonPath("$.talk[1].rule").value("visit.clip-spot"))
                .andExpect(jsonPath("$.combed[?(@.section == 'BACK')].lastClear", hasSize(1)))
                .andExpect(jsonPath("$.lengths", hasSize(7)));
        send(HttpMethod.PUT, sheet, "{\"wish\": \"" + "x".repeat(1001) + "\", \"health\": \"\"}")
                .andExpect(status().isBadRequest());
        daysPass(60);
        read(sheet)
                .andExpect(jsonPath("$.wish").value("leave the ears long"))
                .andExpect(jsonPath("$.likely", contains("BACK")));
    }

    @Test
    void nothingIsClippedOnACoatThatStopsByItself() throws Exception {
        long dog = addDog("Oakum");
        send(HttpMethod.PUT, "/api/dogs/" + dog + "/coat", coatJson("DOUBLE", "60"));
        read("/api/dogs/" + dog + "/trade").andExpect(jsonPath("$.clipped").value(false));
        read("/api/dogs/" + dog + "/visits").andExpect(jsonPath("$.proposed").doesNotExist());
    }
}
