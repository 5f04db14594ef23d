package rustictangle.server.plan;

import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.everyItem;
import static org.hamcrest.Matchers.greaterThan;
import static org.hamcrest.Matchers.hasSize;
import static org.hamcrest.Matchers.lessThanOrEqualTo;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import com.jayway.jsonpath.JsonPath;
import java.time.DayOfWeek;
import java.time.Duration;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.UUID;
import java.util.stream.Collectors;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.http.HttpMethod;
import rustictangle.core.dog.Section;
import rustictangle.server.ServerTest;

/** Today, the week and the thread, over all dogs; in a household of its own, since others' dogs want practice, too. */
class PlanTest extends ServerTest {

    private static final String[] PLACES = {"ARMPIT_LEFT", "BACK", "REAR_TROUSERS"};

    private long dog;

    @BeforeEach
    void aDogWhoseWholeCoatWasCombedToday() throws Exception {
        dog = addKnownDog("Gannet");
        String session = beginSession(
                dog, Arrays.stream(Section.values()).map(Enum::name).toArray(String[]::new));
        for (Section section : Section.values()) {
            post(session + "/events", glides(section.name()));
        }
    }

    @AfterEach
    void noOtherTestHasToPlanForIt() throws Exception {
        send(HttpMethod.DELETE, "/api/dogs/" + dog, "");
        setMinutes("");
    }

    @Test
    void whatIsDueIsTheSameOnEveryScreen() throws Exception {
        daysPass(3);
        String home = body("/api/home");
        String today = JsonPath.read(home, "$.today");
        Set<String> due =
                places(body("/api/dogs/" + dog + "/when"), "$.plan.sections[?(@.next == '" + today + "')].section");
        assertFalse(due.isEmpty());
        assertEquals(due, places(home, "$.day.picks[?(@.dogId == " + dog + ")].sections[*]"));
        assertEquals(due, places(body("/api/week"), "$.days[0].picks[?(@.dogId == " + dog + ")].sections[*]"));
        assertEquals(due, places(body("/api/dogs/" + dog + "/routine"), "$.routine.places[*].section"));
        assertEquals(due, places(body("/api/dogs/" + dog + "/thread"), "$.threads[?(@.brushed[0] == 0)].section"));
        assertEquals(List.of(due.size()), JsonPath.read(home, "$.dogs[?(@.id == " + dog + ")].known.dueCount"));
        int needed = JsonPath.read(home, "$.day.neededMinutes");
        assertEquals(due, places(body("/api/today?minutes=" + needed), "$.picks[*].sections[*]"), "enough for all");
        assertEquals(
                places(body("/api/today?minutes=" + needed / 2), "$.picks[*].sections[*]"),
                places(body("/api/dogs/" + dog + "/routine?minutes=" + needed / 2), "$.routine.places[*].section"),
                "the slider of home and that of the routine");
        read("/api/week").andExpect(jsonPath("$.asItTakes").value(true)).andExpect(jsonPath("$.days", hasSize(14)));
    }

    @Test
    void minutesOfEachWeekdayAreKeptToAndADayWithNoneStaysFree() throws Exception {
        daysPass(2);
        setMinutes(minutes(25, DayOfWeek.WEDNESDAY));
        String week = body("/api/week");
        List<Number> used = JsonPath.read(week, "$.days[*].seconds");
        List<Integer> minutes = JsonPath.read(week, "$.days[*].minutes");
        for (int day = 0; day < used.size(); day++) {
            assertTrue(used.get(day).doubleValue() <= 60 * minutes.get(day) + 0.01, "day " + day);
        }
        assertTrue(used.stream().anyMatch(seconds -> seconds.doubleValue() > 0));
        read("/api/week").andExpect(jsonPath("$.dogs[0].matsIfNothing").value(greaterThan(1.0)));
        double planned = JsonPath.<List<Double>>read(week, "$.dogs[?(@.id == " + dog + ")].matsPlanned")
                .get(0);
        double nothing = JsonPath.<List<Double>>read(week, "$.dogs[?(@.id == " + dog + ")].matsIfNothing")
                .get(0);
        assertTrue(planned < nothing / 4, planned + " mats against " + nothing);
    }

    @Test
    void minutesOfHalfAWeekAreRefusedAndNothingStoredIsLost() throws Exception {
        setMinutes(minutes(20, DayOfWeek.SUNDAY));
        put("/api/household", household("\"MONDAY\": 10"), 400);
        put("/api/household", household(minutes(20, DayOfWeek.SUNDAY).replace("20", "500")), 400);
        read("/api/household")
                .andExpect(jsonPath("$.minutes.MONDAY").value(20))
                .andExpect(jsonPath("$.minutes.SUNDAY").value(0));
    }

    @Test
    void aMissedDayIsPlannedAnewWithoutAnythingToCleanUp() throws Exception {
        daysPass(3);
        List<List<String>> before =
                JsonPath.read(body("/api/week"), "$.days[0].picks[?(@.dogId == " + dog + ")].sections");
        daysPass(1);
        List<List<String>> after =
                JsonPath.read(body("/api/week"), "$.days[0].picks[?(@.dogId == " + dog + ")].sections");
        assertFalse(before.get(0).isEmpty());
        assertTrue(after.get(0).containsAll(before.get(0)), after + " after " + before);
    }

    @Test
    void whatWasBrushedTodayIsTakenOffTodaysMinutes() throws Exception {
        daysPass(3);
        setMinutes(minutes(
                30,
                LocalDate.parse(JsonPath.read(body("/api/home"), "$.today"))
                        .plusDays(1)
                        .getDayOfWeek()));
        int before = JsonPath.read(body("/api/home"), "$.day.minutes");
        assertTrue(before <= 30, before + " minutes");
        String session = beginSession(dog, PLACES);
        later(Duration.ofMinutes(4));
        post(session + "/events", glides("ARMPIT_LEFT"));
        read("/api/home")
                .andExpect(jsonPath("$.day.brushedSeconds").value(480))
                .andExpect(jsonPath("$.day.minutes").value(lessThanOrEqualTo(30 - 8)));
        post(session + "/events", "{\"id\": \"%s\", \"said\": {\"type\": \"STOPPED\"}}".formatted(UUID.randomUUID()));
    }

    /** The day is a promise: done is spent, whatever it was, and brings nothing new (handbook 10.5). */
    @Test
    void whoDoesWhatTheDayAsksForIsAskedForNothingMore() throws Exception {
        setMinutes(minutes(25, DayOfWeek.SUNDAY));
        for (int n = 0; n < 9; n++) {
            daysPass(1);
            String morning = body("/api/today");
            List<Map<String, Object>> care = JsonPath.read(morning, "$.care[?(@.dogId == %d)]".formatted(dog));
            for (Map<String, Object> job : care) {
                post(
                        "/api/dogs/" + dog + "/care/done",
                        "{\"id\": \"%s\", \"job\": \"%s\", \"outcome\": \"DONE\", \"signal\": \"RELAXED\", \"words\": \"\"}"
                                .formatted(UUID.randomUUID(), job.get("job")));
            }
            String after = body("/api/today");
            assertEquals(
                    List.of(),
                    JsonPath.read(after, "$.care[?(@.dogId == %d)]".formatted(dog)),
                    "at the table, day " + n);
            List<String> sections = JsonPath.read(after, "$.picks[*].sections[*]");
            if (!sections.isEmpty()) {
                List<Number> seconds = JsonPath.read(after, "$.picks[*].seconds");
                String session = beginSession(dog, sections.toArray(String[]::new));
                for (String section : sections) {
                    later(Duration.ofSeconds(seconds.get(0).longValue() / sections.size()));
                    post(session + "/events", glides(section));
                }
            }
            String evening = body("/api/today");
            assertEquals(Set.of(), places(evening, "$.picks[*].sections[*]"), "the evening of day " + n);
            assertEquals(List.of(), JsonPath.read(evening, "$.care[?(@.dogId == %d)]".formatted(dog)), "day " + n);
        }
    }

    @Test
    void theThreadEndsAtTheGroomWhichCanBeMovedAndTakenAway() throws Exception {
        LocalDate today = LocalDate.parse(JsonPath.read(body("/api/home"), "$.today"));
        String groom = "/api/dogs/" + dog + "/groom";
        put(groom + "/" + today.plusDays(10), "", 200);
        put(groom + "/" + today.plusDays(12), "", 200);
        read("/api/dogs/" + dog + "/thread")
                .andExpect(jsonPath("$.groom").value(today.plusDays(12).toString()))
                .andExpect(jsonPath("$.threads", hasSize(29)))
                .andExpect(jsonPath("$.threads[*].matsPlanned.length()", everyItem(lessThanOrEqualTo(13))))
                .andExpect(jsonPath("$.threads[0].tanglesPlanned", hasSize(13)))
                .andExpect(jsonPath("$.threads[0].brushed", everyItem(lessThanOrEqualTo(11))));
        send(HttpMethod.PUT, groom + "/" + today, "")
                .andExpect(status().isBadRequest())
                .andExpect(jsonPath("$.fields[0].message", containsString("after today")));
        send(HttpMethod.DELETE, groom, "").andExpect(jsonPath("$.day").doesNotExist());
        read("/api/dogs/" + dog + "/thread")
                .andExpect(jsonPath("$.groom").doesNotExist())
                .andExpect(jsonPath("$.until").exists());
    }

    /** What is kept in memory of the past is read anew once the past is changed. */
    @Test
    void anEntryOfASessionBegunYesterdayThatIsTakenBackTodayIsForgotten() throws Exception {
        daysPass(2);
        String session = beginSession(dog, "BACK", "CHEST");
        post(session + "/events", glides("BACK"));
        daysPass(1);
        String back = "$.plan.sections[?(@.section == 'BACK')].lastClear";
        LocalDate today = LocalDate.parse(JsonPath.read(body("/api/home"), "$.today"));
        assertEquals(List.of(today.minusDays(1).toString()), JsonPath.read(body("/api/dogs/" + dog + "/when"), back));
        post(session + "/events", "{\"id\": \"%s\", \"said\": {\"type\": \"UNDONE\"}}".formatted(UUID.randomUUID()));
        assertEquals(List.of(today.minusDays(3).toString()), JsonPath.read(body("/api/dogs/" + dog + "/when"), back));
    }

    @Test
    void comfortIsToldAsMinutesAndMatsOfTheseDogs() throws Exception {
        String comforts = body("/api/comforts");
        List<Double> minutes = JsonPath.read(comforts, "$[*].dogs[0].minutesAWeek");
        List<Double> mats = JsonPath.read(comforts, "$[*].dogs[0].matsAMonth");
        assertTrue(minutes.get(0) > minutes.get(1) && minutes.get(1) > minutes.get(2), minutes.toString());
        assertTrue(mats.get(0) < mats.get(1) && mats.get(1) < mats.get(2), mats.toString());
    }

    private static Set<String> places(String json, String path) {
        return new TreeSet<>(JsonPath.<List<String>>read(json, path));
    }

    private void put(String path, String json, int status) throws Exception {
        assertEquals(
                status,
                send(HttpMethod.PUT, path, json).andReturn().getResponse().getStatus(),
                path + " " + json);
    }

    private void setMinutes(String minutes) throws Exception {
        put("/api/household", household(minutes), 200);
    }

    private static String minutes(int each, DayOfWeek free) {
        return Arrays.stream(DayOfWeek.values())
                .map(day -> "\"%s\": %d".formatted(day, day == free ? 0 : each))
                .collect(Collectors.joining(", "));
    }

    private static String household(String minutes) {
        return """
                {"name": "", "comfort": "BALANCED", "lengthUnit": "MILLIMETRES", "massUnit": "KILOGRAMS", "weekStart": "MONDAY",
                 "dateFormat": "DAY_MONTH", "latitude": 50, "minutes": {%s}, "currency": "EUR", "quietFrom": "21:00", "quietTo": "08:00"}
                """
                .formatted(minutes);
    }
}
