package rustictangle.server.household;

import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.hasSize;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import biweekly.Biweekly;
import biweekly.component.VEvent;
import com.jayway.jsonpath.JsonPath;
import java.time.Duration;
import java.time.LocalDate;
import java.time.ZoneId;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.springframework.http.HttpMethod;
import rustictangle.server.ServerTest;

/** The clock on the household's wall, and the hour at which its dogs are usually brushed. */
class ZoneAndHourTest extends ServerTest {

    @AfterEach
    void asItWas() throws Exception {
        keepHousehold("", "").andExpect(status().isOk());
    }

    /** At nine in the morning in Greenwich it is nine in the evening in Auckland in May: four hours on it is tomorrow. */
    @Test
    void theDayEndsWhereTheHouseholdLives() throws Exception {
        keepHousehold("", ", \"zone\": \"Pacific/Auckland\"")
                .andExpect(jsonPath("$.zone").value("Pacific/Auckland"));
        String before = JsonPath.read(body("/api/home"), "$.today");
        later(Duration.ofHours(4));
        read("/api/home")
                .andExpect(jsonPath("$.today")
                        .value(LocalDate.parse(before).plusDays(1).toString()));
        keepHousehold("", ", \"zone\": \"America/New_York\"").andExpect(status().isOk());
        read("/api/home").andExpect(jsonPath("$.today").value(before));
        later(Duration.ofHours(-4));
    }

    @Test
    void aZoneThatNoClockGoesByIsExplained() throws Exception {
        keepHousehold("", ", \"zone\": \"Middle/Earth\"")
                .andExpect(status().isBadRequest())
                .andExpect(jsonPath("$.fields[0].message", containsString("such as Europe/London")));
        keepHousehold("", ", \"usualHour\": \"25:00\"").andExpect(status().isBadRequest());
    }

    /** By the reader of another library: at eight in the evening by the clock on the wall, as long as the plan says. */
    @Test
    void theCalendarsDaysWithABrushBeginAtTheUsualHour() throws Exception {
        long dog = addKnownDog("Gannet");
        keepHousehold("", ", \"zone\": \"Europe/Berlin\", \"usualHour\": \"19:30\"")
                .andExpect(jsonPath("$.usualHour").value("19:30:00"));
        String week = body("/api/week");
        VEvent first = Biweekly.parse(body(JsonPath.read(body("/api/calendar"), "$.path"))).first().getEvents().stream()
                .filter(event -> event.getUid().getValue().startsWith("brush-"))
                .findFirst()
                .orElseThrow();
        LocalDate day =
                LocalDate.parse(first.getUid().getValue().substring("brush-".length(), "brush-2026-05-14".length()));
        assertEquals(
                day.atTime(19, 30).atZone(ZoneId.of("Europe/Berlin")).toInstant(),
                first.getDateStart().getValue().toInstant());
        Duration takes = Duration.between(
                first.getDateStart().getValue().toInstant(),
                first.getDateEnd().getValue().toInstant());
        double planned = JsonPath.<java.util.List<Number>>read(week, "$.days[?(@.day == '" + day + "')].seconds")
                .get(0)
                .doubleValue();
        assertTrue(Math.abs(takes.toSeconds() - planned) <= 1, takes + " planned " + planned);
        send(HttpMethod.DELETE, "/api/dogs/" + dog, "");
    }

    /** Eleven in the morning here; what is due is said at noon, an appointment at once. */
    @Test
    void whatIsDueIsSaidAtTheUsualHourAndAnAppointmentAtOnce() throws Exception {
        long dog = addKnownDog("Gannet");
        long seen = addKnownDog("Thimble");
        send(HttpMethod.PUT, "/api/dogs/" + seen + "/groom/" + today().plusDays(3), "")
                .andExpect(status().isOk());
        keepHousehold("", ", \"usualHour\": \"12:00\"").andExpect(status().isOk());
        post("/api/messages", "")
                .andExpect(jsonPath("$.messages", hasSize(1)))
                .andExpect(jsonPath("$.messages[0].kind").value("APPOINTMENT"));
        later(Duration.ofHours(3));
        post("/api/messages", "")
                .andExpect(jsonPath("$.messages", hasSize(2)))
                .andExpect(jsonPath("$.messages[0].kind").value("BRUSHING"));
        // At an hour at which nothing may be said nobody would ever hear of it.
        keepHousehold("", ", \"usualHour\": \"22:00\"").andExpect(status().isOk());
        daysPass(1);
        post("/api/messages", "").andExpect(jsonPath("$.messages[?(@.day == '" + today() + "')]", hasSize(2)));
        send(HttpMethod.DELETE, "/api/dogs/" + dog, "");
        send(HttpMethod.DELETE, "/api/dogs/" + seen, "");
    }
}
