package rustictangle.server.plan;

import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.hasItem;
import static org.hamcrest.Matchers.hasSize;
import static org.hamcrest.Matchers.not;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import com.jayway.jsonpath.JsonPath;
import java.time.LocalDate;
import java.util.List;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.http.HttpMethod;
import org.springframework.test.web.servlet.ResultActions;
import rustictangle.server.ServerTest;

/** Days on which nobody can do anything with a dog: nothing is asked for, and the days around them are planned for it. */
class DaysOffTest extends ServerTest {

    private long dog;

    @BeforeEach
    void aCurlyDog() throws Exception {
        dog = addKnownDog("Gannet");
        send(HttpMethod.PUT, "/api/dogs/" + dog + "/past", "{\"lastCombed\": \"THIS_WEEK\"}");
    }

    @AfterEach
    void nobodyIsLeftForTheNext() throws Exception {
        for (int id : JsonPath.<List<Integer>>read(body("/api/days-off"), "$.off[*].id")) {
            send(HttpMethod.DELETE, "/api/days-off/" + id, "");
        }
        send(HttpMethod.DELETE, "/api/dogs/" + dog, "");
    }

    private ResultActions off(String who, LocalDate first, LocalDate last) throws Exception {
        return post(
                "/api/days-off",
                "{%s\"first\": \"%s\", \"last\": \"%s\", \"why\": \"AWAY\"}".formatted(who, first, last));
    }

    @Test
    void aFortnightAwayAsksForNothingAndBeginsWithTheFingersAfterIt() throws Exception {
        LocalDate first = today().plusDays(3);
        LocalDate last = first.plusDays(15);
        off("", first, last).andExpect(status().isOk()).andExpect(jsonPath("$.off", hasSize(1)));
        off("", first, last).andExpect(jsonPath("$.off", hasSize(1)));
        String week = body("/api/week");
        List<String> free = JsonPath.read(week, "$.days[?(@.off[0])].day");
        assertEquals(first.toString(), free.get(0));
        assertEquals(
                List.of(), JsonPath.read(week, "$.days[?(@.off[0] && (@.seconds > 0 || @.practiceSeconds > 0))].day"));
        assertEquals(List.of(), JsonPath.<List<String>>read(week, "$.days[?(@.off[0])].care[*].job"));
        List<Integer> brushed = JsonPath.read(body("/api/dogs/" + dog + "/thread"), "$.threads[*].brushed[*]");
        assertTrue(brushed.stream().noneMatch(day -> day >= 3 && day <= 18), brushed.toString());
        // The evening before everything goes through the comb once more: it has to last.
        assertTrue(brushed.stream().filter(day -> day == 2).count() > 20, brushed.toString());
        List<String> reasons = JsonPath.read(body("/api/dogs/" + dog + "/when"), "$..rule");
        assertFalse(reasons.contains("plan.no-minutes"), "no minutes are short here");

        daysPass(3);
        for (int day = 0; day < 16; day++) {
            read("/api/home")
                    .andExpect(jsonPath("$.day.minutes").value(0))
                    .andExpect(jsonPath("$.day.picks", hasSize(0)))
                    .andExpect(jsonPath("$.day.care", hasSize(0)))
                    .andExpect(jsonPath("$.dogs[0].known.practice", hasSize(0)))
                    .andExpect(jsonPath("$.dogs[0].known.backOn")
                            .value(last.plusDays(1).toString()));
            post("/api/messages", "").andExpect(jsonPath("$.messages[?(@.day == '" + today() + "')]", hasSize(0)));
            daysPass(1);
        }
        beginSession(dog, "BACK");
        read("/api/home")
                .andExpect(jsonPath("$.dogs[0].known.backOn").doesNotExist())
                .andExpect(jsonPath("$.day.picks", hasSize(1)));
    }

    @Test
    void afterAFortnightWithoutABrushTheFirstWordsAreTheFingers() throws Exception {
        String session = beginSession(dog, "BACK");
        post(session + "/events", glides("BACK")).andExpect(status().isOk());
        daysPass(13);
        read("/api/home").andExpect(jsonPath("$.dogs[0].known.afterPause").doesNotExist());
        daysPass(3);
        read("/api/home")
                .andExpect(jsonPath(
                        "$.dogs[0].known.afterPause.text",
                        containsString("After 16 days without a brush: fingers first")))
                .andExpect(jsonPath("$.dogs[0].known.afterPause.text", containsString("let a groomer look")));
    }

    /** Only one of two dogs is away: the other has all of the minutes. */
    @Test
    void oneDogAwayLeavesTheDayToTheOther() throws Exception {
        long other = addKnownDog("Thimble");
        off("\"dogId\": " + dog + ", ", today(), today().plusDays(2)).andExpect(status().isOk());
        read("/api/home")
                .andExpect(jsonPath("$.day.picks[*].dogId", not(hasItem((int) dog))))
                .andExpect(jsonPath("$.day.picks[*].dogId", hasItem((int) other)));
        send(HttpMethod.DELETE, "/api/dogs/" + other, "");
    }

    @Test
    void whatCannotBeIsExplainedAndNothingIsKept() throws Exception {
        off("", today().plusDays(2), today())
                .andExpect(status().isBadRequest())
                .andExpect(jsonPath("$.fields[0].message", containsString("before the first")));
        off("", today().minusDays(4), today().minusDays(2))
                .andExpect(status().isBadRequest())
                .andExpect(jsonPath("$.fields[0].message", containsString("are over")));
        off("", today(), today().plusDays(400)).andExpect(status().isBadRequest());
        off("\"dogId\": 4711, ", today(), today()).andExpect(status().isNotFound());
        post("/api/days-off", "{\"first\": \"%s\", \"last\": \"%s\"}".formatted(today(), today()))
                .andExpect(jsonPath("$.fields[0].message", containsString("away, ill, or boarding")));
        read("/api/days-off").andExpect(jsonPath("$.off", hasSize(0)));
    }
}
