package rustictangle.server.demo;

import static org.hamcrest.Matchers.contains;
import static org.hamcrest.Matchers.lessThanOrEqualTo;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;

import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import rustictangle.server.ServerTest;

/** The household that was made when the product was built, its days counted back from today. */
class DemoHouseholdTest extends ServerTest {

    @Autowired
    private DemoHousehold demo;

    @BeforeEach
    void itMovesIn() throws Exception {
        demo.settle();
    }

    @Test
    void aYearLaterItsDaysHaveMovedOnAndItsCalendarKeepsItsAddress() throws Exception {
        String address = read("/api/calendar").andReturn().getResponse().getContentAsString();
        daysPass(365);
        demo.settle();
        String last = jdbc.sql("SELECT max(day) FROM entry").query(String.class).single();
        assertTrue(
                last.compareTo(today().toString()) < 0
                        && last.compareTo(today().minusDays(4).toString()) > 0,
                last);
        read("/api/dogs/3/visits")
                .andExpect(jsonPath("$.next").value(today().plusDays(24).toString()));
        assertEquals(address, read("/api/calendar").andReturn().getResponse().getContentAsString());
        daysPass(-365);
    }

    @Test
    void fourDogsLiveAtMooringFourteen() throws Exception {
        read("/api/home").andExpect(jsonPath("$.dogs[*].name", contains("Oakum", "Gannet", "Thimble", "Pintle")));
        read("/api/household").andExpect(jsonPath("$.name").value("Mooring 14"));
        read("/api/dogs/4/trust").andExpect(jsonPath("$.today[0].atMostSeconds").value(lessThanOrEqualTo(30)));
    }

    @Test
    void theRecordsCountBackFromTodayAndNoneLiesAhead() {
        String last = jdbc.sql("SELECT max(day) FROM entry WHERE session_id IS NOT NULL")
                .query(String.class)
                .single();
        String first = jdbc.sql("SELECT min(day) FROM entry WHERE session_id IS NOT NULL")
                .query(String.class)
                .single();
        assertTrue(last.compareTo("2026-05-14") < 0 && last.compareTo("2026-05-10") > 0, last);
        assertTrue(first.compareTo("2026-02-01") < 0, first);
    }

    @Test
    void theHistoryIsOneThatTheProductItselfCouldHaveRecorded() throws Exception {
        for (int dog = 1; dog <= 4; dog++) {
            read("/api/home")
                    .andExpect(jsonPath("$.dogs[%d].known.openSession".formatted(dog - 1))
                            .doesNotExist());
        }
        int events = jdbc.sql("SELECT count(*) FROM entry WHERE session_id IS NOT NULL")
                .query(Integer.class)
                .single();
        assertTrue(events > 1000, events + " entries");
        int tangled = jdbc.sql(
                        "SELECT count(*) FROM entry WHERE said ->> '$.type' = 'SECTION_DONE' AND said ->> '$.tangles' > 0")
                .query(Integer.class)
                .single();
        assertTrue(tangled > events / 20 && tangled < events / 2, tangled + " tangled of " + events);
    }
}
