package rustictangle.server.plan;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.jayway.jsonpath.JsonPath;
import java.time.Duration;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.HttpMethod;
import rustictangle.server.ServerTest;

/** The month says what the week and home say, and tells later what had been asked for. */
class MonthTest extends ServerTest {

    @Autowired
    private AskedDays asked;

    private long dog;

    @BeforeEach
    void aDogThatIsBrushedOften() throws Exception {
        dog = addKnownDog("Gannet");
        send(HttpMethod.PUT, "/api/dogs/" + dog + "/past", "{\"lastCombed\": \"THIS_WEEK\"}");
        keepHousehold(everyDay(15), "");
    }

    @AfterEach
    void nothingIsLeftForTheNext() throws Exception {
        keepHousehold("", "");
        send(HttpMethod.DELETE, "/api/dogs/" + dog, "");
        jdbc.sql("DELETE FROM asked_day").update();
    }

    @Test
    void itsDaysAreTheWeeksAndItsWeeksWhatWasBrushedAgainstWhatWasAskedFor() throws Exception {
        LocalDate first = today();
        double wanted = 0;
        double brushed = 0;
        for (int n = 0; n < 15; n++) {
            String month = body("/api/month");
            List<Object> days = JsonPath.read(month, "$.days");
            List<Object> week = JsonPath.read(body("/api/week"), "$.days");
            int both = Math.min(days.size(), week.size());
            assertTrue(both >= 14, "told at all: " + both);
            assertEquals(week.subList(0, both), days.subList(0, both), "day " + n);

            asked.keep();
            wanted += Math.round(JsonPath.<Double>read(month, "$.days[0].seconds"));
            List<String> sections = JsonPath.read(month, "$.days[0].picks[*].sections[*]");
            if (n % 3 != 2 && !sections.isEmpty()) {
                String session = beginSession(dog, sections.toArray(String[]::new));
                for (String section : sections) {
                    later(Duration.ofSeconds(40));
                    post(session + "/events", glides(section));
                }
                asked.keep();
            }
            brushed += JsonPath.<Number>read(body("/api/home"), "$.day.brushedSeconds")
                    .doubleValue();
            daysPass(1);
        }
        List<Map<String, Object>> behind = JsonPath.read(
                body("/api/month"),
                "$.weeks[?(@.first >= '%s' && @.first <= '%s')]".formatted(first.minusDays(6), today()));
        assertTrue(brushed > 0 && brushed < wanted, brushed + " s brushed of " + wanted);
        assertEquals(
                brushed,
                behind.stream().mapToDouble(week -> number(week, "done")).sum(),
                1);
        double ahead = JsonPath.<List<Map<String, Object>>>read(body("/api/month"), "$.days").stream()
                .limit(ChronoUnit.DAYS.between(today(), LocalDate.parse((String)
                                behind.get(behind.size() - 1).get("first")))
                        + 7)
                .mapToDouble(day -> number(day, "seconds"))
                .sum();
        assertEquals(
                wanted + ahead,
                behind.stream().mapToDouble(week -> number(week, "asked")).sum(),
                2);
    }

    private static double number(Map<String, Object> of, String name) {
        return ((Number) of.get(name)).doubleValue();
    }
}
