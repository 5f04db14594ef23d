package rustictangle.server.plan;

import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.empty;
import static org.hamcrest.Matchers.everyItem;
import static org.hamcrest.Matchers.hasItem;
import static org.hamcrest.Matchers.hasSize;
import static org.hamcrest.Matchers.is;
import static org.hamcrest.Matchers.not;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import com.jayway.jsonpath.JsonPath;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.http.HttpMethod;
import org.springframework.test.web.servlet.ResultActions;
import rustictangle.server.ServerTest;

/** What the owner tells of a coat besides sessions: how long ago a comb went through, and that a vet has looked. */
class WhenTest extends ServerTest {

    private static final String ARMPIT = "ARMPIT_LEFT";

    private String dog;

    @BeforeEach
    void aDogWhoseCoatIsKnown() throws Exception {
        dog = "/api/dogs/" + addKnownDog("Gannet");
    }

    @AfterEach
    void onlyOneDogAtATime() throws Exception {
        send(HttpMethod.DELETE, dog, "");
    }

    @Test
    void theLongerAgoTheOwnerThinksACombWentThroughTheMoreMatsThereMayBeAndTheAnswerCanBeTakenBack() throws Exception {
        read(dog + "/when")
                .andExpect(jsonPath("$.askPast").value(true))
                .andExpect(jsonPath("$.plan.sections[*].state", everyItem(is("UNKNOWN"))))
                .andExpect(jsonPath("$.plan.sections[0].reasons[0].text", containsString("Not known yet")));
        double before = mats();
        double last = 0;
        for (String answer : List.of("THIS_WEEK", "SOME_WEEKS", "LONGER")) {
            tell(answer)
                    .andExpect(status().isOk())
                    .andExpect(jsonPath("$.askPast").value(false));
            assertTrue(mats() > last, answer);
            last = mats();
        }
        send(HttpMethod.DELETE, dog + "/past", "")
                .andExpect(jsonPath("$.askPast").value(true));
        assertEquals(before, mats(), 1e-9, "as if nothing had been said");
        assertTrue(last > before, "nothing known is between the answers");
    }

    @Test
    void anAnswerThatIsNoneOfThemIsRefusedAndTheOneBeforeStays() throws Exception {
        tell("SOME_WEEKS");
        for (String bad : List.of("{}", "{\"lastCombed\": null}", "{\"lastCombed\": \"YESTERDAY\"}", "")) {
            send(HttpMethod.PUT, dog + "/past", bad).andExpect(status().isBadRequest());
        }
        read(dog + "/when").andExpect(jsonPath("$.past").value("SOME_WEEKS"));
    }

    @Test
    void aPlaceThatAVetMustSeeIsInNoPlanUntilSomebodySaysWhatTheVetSaid() throws Exception {
        String session = beginSession(Long.parseLong(dog.substring("/api/dogs/".length())), ARMPIT);
        post(
                        session + "/events",
                        """
                {"id": "%s", "said": {"type": "CAUGHT", "section": "%s",
                 "found": {"skin": "WET_OR_BROKEN", "lump": "NONE", "beneath": "FREE", "spread": "ONE"}}}
                """
                                .formatted(UUID.randomUUID(), ARMPIT))
                .andExpect(status().isOk());
        post(session + "/events", "{\"id\": \"%s\", \"said\": {\"type\": \"STOPPED\"}}".formatted(UUID.randomUUID()));
        daysPass(60);
        read(dog + "/when")
                .andExpect(jsonPath("$.closed[0].section").value(ARMPIT))
                .andExpect(jsonPath("$.plan.sections[?(@.section == '%s')].state".formatted(ARMPIT), hasItem("CLOSED")))
                .andExpect(jsonPath(
                        "$.plan.sections[?(@.section == '%s')].next".formatted(ARMPIT),
                        not(hasItem(today().toString()))));
        String inRoutine = "$.routine.places[?(@.section == '%s')]".formatted(ARMPIT);
        read(dog + "/routine?scope=WHOLE").andExpect(jsonPath(inRoutine, empty()));
        read("/api/today").andExpect(jsonPath("$.picks[*].sections[*]", not(hasItem(ARMPIT))));
        read(dog + "/hand-over").andExpect(jsonPath("$.closed[*].section", hasItem(ARMPIT)));

        seen("{\"who\": \"GROOMER\", \"words\": \"Looks sore.\"}")
                .andExpect(status().isBadRequest())
                .andExpect(jsonPath("$.fields[0].message", containsString("the vet")));
        for (String bad :
                List.of("{\"words\": \"fine\"}", "{\"who\": \"VET\", \"words\": \"%s\"}".formatted("x".repeat(2001)))) {
            seen(bad).andExpect(status().isBadRequest());
        }
        read(dog + "/when").andExpect(jsonPath("$.closed", hasSize(1)));
        seen("{\"who\": \"VET\", \"words\": \"Healed.\"}").andExpect(jsonPath("$.closed", empty()));
        seen("{\"who\": \"VET\", \"words\": \"Healed.\"}").andExpect(status().isOk());
        read(dog + "/routine?scope=WHOLE").andExpect(jsonPath(inRoutine, hasSize(1)));
        send(HttpMethod.DELETE, dog + "/closed/" + ARMPIT + "/seen", "").andExpect(jsonPath("$.closed", hasSize(1)));
    }

    private ResultActions tell(String answer) throws Exception {
        return send(HttpMethod.PUT, dog + "/past", "{\"lastCombed\": \"%s\"}".formatted(answer));
    }

    private ResultActions seen(String json) throws Exception {
        return send(HttpMethod.PUT, dog + "/closed/" + ARMPIT + "/seen", json);
    }

    private double mats() throws Exception {
        List<Number> mats = JsonPath.read(
                read(dog + "/when").andReturn().getResponse().getContentAsString(), "$.plan.sections[*].mats");
        return mats.stream().mapToDouble(Number::doubleValue).sum();
    }
}
