package rustictangle.server.trust;

import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.greaterThan;
import static org.hamcrest.Matchers.hasItem;
import static org.hamcrest.Matchers.hasSize;
import static org.hamcrest.Matchers.not;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import com.jayway.jsonpath.JsonPath;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.springframework.http.HttpMethod;
import org.springframework.test.web.servlet.ResultActions;
import rustictangle.server.ServerTest;

/** The dog's cooperation over HTTP. */
class PracticeTest extends ServerTest {

    @Test
    void aPracticeAnswerCountsOnceHoweverOftenItIsSentAndCanBeTakenBack() throws Exception {
        long dog = addKnownDog("Gannet");
        UUID id = UUID.randomUUID();
        answer(dog, id, "SLICKER", "BACK", "RELAXED")
                .andExpect(jsonPath("$.standing.relaxedInRow").value(1));
        answer(dog, id, "SLICKER", "BACK", "RELAXED")
                .andExpect(jsonPath("$.standing.relaxedInRow").value(1))
                .andExpect(jsonPath("$.doneToday").value(true));
        read("/api/dogs/" + dog + "/trust").andExpect(jsonPath("$.treats.given").value(1));
        send(HttpMethod.DELETE, "/api/dogs/" + dog + "/practice-trials/" + id + "?subject=SLICKER&section=BACK", "")
                .andExpect(jsonPath("$.standing.relaxedInRow").value(0));
        read("/api/dogs/" + dog + "/trust").andExpect(jsonPath("$.treats.given").value(0));
    }

    @Test
    void aPositionIsPractisedNowhereInParticularAndAToolSomewhere() throws Exception {
        long dog = addKnownDog("Gannet");
        answer(dog, UUID.randomUUID(), "LYING_ON_SIDE", null, "RELAXED")
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.setUp", containsString("hips")));
        answer(dog, UUID.randomUUID(), "LYING_ON_SIDE", "BACK", "RELAXED").andExpect(status().isBadRequest());
        answer(dog, UUID.randomUUID(), "COMB", null, "RELAXED")
                .andExpect(status().isBadRequest())
                .andExpect(jsonPath("$.fields[0].message", containsString("place by place")));
        read("/api/dogs/" + dog + "/trust")
                .andExpect(jsonPath("$.besides[*].subject", hasItem("TABLE")))
                .andExpect(jsonPath("$.turns[?(@.subject == 'LYING_ON_SIDE')]", hasSize(1)));
    }

    @Test
    void aFearSignWhileBrushingMovesThatPlaceBackToPractice() throws Exception {
        long dog = addKnownDog("Gannet");
        String routine = "/api/dogs/" + dog + "/routine";
        read(routine).andExpect(jsonPath("$.inTraining", hasSize(0)));
        String session = beginSession(dog, "ARMPIT_LEFT", "BACK");
        post(
                        session + "/events",
                        """
                {"id": "%s", "said": {"type": "SIGNALLED", "section": "ARMPIT_LEFT", "signal": "AFRAID"}}
                """
                                .formatted(UUID.randomUUID()))
                .andExpect(jsonPath("$.reaction.todo").value("END_WELL"))
                .andExpect(jsonPath("$.end").value("AFRAID"));
        read(routine)
                .andExpect(jsonPath("$.inTraining[0].section").value("ARMPIT_LEFT"))
                .andExpect(jsonPath("$.inTraining[0].rungNumber").value(7))
                .andExpect(jsonPath("$.why.rule").value("routine.in-training"))
                .andExpect(jsonPath("$.routine.order").value("GENTLEST_FIRST"))
                .andExpect(jsonPath("$.routine.places[*].section", not(hasItem("ARMPIT_LEFT"))));
        read(routine + "?scope=WHOLE").andExpect(jsonPath("$.routine.places", hasSize(0)));
        read("/api/home").andExpect(jsonPath("$.dogs[?(@.id == %d)].known.inTraining".formatted(dog), hasItem(1)));
        read(routine + "?minutes=20").andExpect(jsonPath("$.routine.places[*].section", not(hasItem("ARMPIT_LEFT"))));
        read("/api/home")
                .andExpect(
                        jsonPath("$.dogs[?(@.id == %d)].known.inPeace.rule".formatted(dog), hasItem("trust.in-peace")))
                .andExpect(jsonPath("$.dogs[?(@.id == %d)].known.dueCount".formatted(dog), hasItem(0)));
        daysPass(1);
        read(routine + "?scope=WHOLE")
                .andExpect(jsonPath("$.routine.places[*].section", hasItem("BACK")))
                .andExpect(jsonPath("$.routine.places[*].section", not(hasItem("ARMPIT_LEFT"))));
    }

    @Test
    void aGrowlInPracticeClosesThePlaceEndsTheDayAndCanBeTakenBack() throws Exception {
        long dog = addKnownDog("Gannet");
        UUID id = UUID.randomUUID();
        for (int n = 0; n < 2; n++) {
            post(
                            "/api/dogs/" + dog + "/practice-warnings",
                            """
                    {"id": "%s", "subject": "SLICKER", "section": "BACK", "warning": "GROWLED"}
                    """
                                    .formatted(id))
                    .andExpect(jsonPath("$.enough.rule").value("trust.in-peace-warned"))
                    .andExpect(jsonPath("$.standing.rungNumber").value(1));
        }
        read("/api/dogs/" + dog + "/when")
                .andExpect(jsonPath("$.closed[0].section").value("BACK"))
                .andExpect(jsonPath("$.closed[0].who").value("ADULT"));
        send(HttpMethod.DELETE, "/api/dogs/" + dog + "/practice-trials/" + id + "?subject=SLICKER&section=BACK", "")
                .andExpect(jsonPath("$.standing.rungNumber").value(greaterThan(1)));
        read("/api/dogs/" + dog + "/when").andExpect(jsonPath("$.closed", hasSize(0)));
    }

    @Test
    void anyLadderMayBeBegunLowerButNotHigher() throws Exception {
        long dog = addKnownDog("Gannet");
        String start = "{\"id\": \"%s\", \"subject\": \"SLICKER\", \"section\": \"BACK\", \"rung\": %d}";
        post("/api/dogs/" + dog + "/lower-starts", start.formatted(UUID.randomUUID(), 7))
                .andExpect(jsonPath("$.standing.rungNumber").value(7))
                .andExpect(jsonPath("$.rungs", hasSize(10)));
        post("/api/dogs/" + dog + "/lower-starts", start.formatted(UUID.randomUUID(), 8))
                .andExpect(status().isBadRequest())
                .andExpect(jsonPath("$.fields[0].field").value("rung"));
        post("/api/dogs/" + dog + "/lower-starts", start.formatted(UUID.randomUUID(), 0))
                .andExpect(status().isBadRequest());
        read("/api/dogs/" + dog + "/routine").andExpect(jsonPath("$.inTraining[*].section", hasItem("BACK")));
    }

    @Test
    void aPuppyThatIsGrownStartsFromWhatWasPractised() throws Exception {
        long dog = addKnownDog("Pintle");
        String adult = dogJson("Pintle", "4.1");
        send(HttpMethod.PUT, "/api/dogs/" + dog, adult.replace("ADULT", "PUPPY"))
                .andExpect(status().isOk());
        send(HttpMethod.PUT, "/api/dogs/" + dog, adult)
                .andExpect(jsonPath("$.form.history").value("RAISED_HERE"));
        read("/api/dogs/" + dog + "/trust").andExpect(jsonPath("$.standings[?(@.rungNumber > 3)]", hasSize(0)));
        send(HttpMethod.PUT, "/api/dogs/" + dog, adult)
                .andExpect(jsonPath("$.form.history").value("GENTLE"));
    }

    /** What a day asks to practise is fixed as it begins (handbook 10.5): a ladder that is climbed makes room tomorrow. */
    @Test
    void practisingBringsNoOtherPracticeTheSameDay() throws Exception {
        long dog = addKnownDog("Pintle");
        send(HttpMethod.PUT, "/api/dogs/" + dog, dogJson("Pintle", "4.1").replace("GENTLE", "RAISED_HERE"))
                .andExpect(status().isOk());
        List<String> morning = practised(dog);
        assertTrue(morning.size() > 1, morning.toString());
        for (int n = 0; n < 30; n++) {
            answer(dog, UUID.randomUUID(), "SLICKER", "BACK", "RELAXED").andExpect(status().isOk());
        }
        read("/api/dogs/" + dog + "/trust")
                .andExpect(jsonPath("$.standings[?(@.section == 'BACK')].readyForBrushing", hasItem(true)));
        assertEquals(morning, practised(dog));
        daysPass(1);
        assertNotEquals(morning, practised(dog));
    }

    private List<String> practised(long dog) throws Exception {
        return JsonPath.<List<Map<String, ?>>>read(body("/api/dogs/" + dog + "/trust"), "$.today[*].standing").stream()
                .map(standing -> standing.get("subject") + " " + standing.get("section"))
                .toList();
    }

    @Test
    void theLabelOfTheTreatBagIsKeptAndANonsenseOneExplained() throws Exception {
        long dog = addKnownDog("Gannet");
        send(HttpMethod.PUT, "/api/dogs/" + dog + "/treat", "{\"kcalPerGram\": 3.2, \"grams\": 0.5}")
                .andExpect(jsonPath("$.treat.grams").value(0.5))
                .andExpect(jsonPath("$.plan.why.rule").value("trust.pieces"));
        send(HttpMethod.PUT, "/api/dogs/" + dog + "/treat", "{\"kcalPerGram\": 320, \"grams\": 0.5}")
                .andExpect(status().isBadRequest())
                .andExpect(jsonPath("$.fields[0].message", containsString("kcal per 100 g")));
        read("/api/dogs/" + dog + "/trust")
                .andExpect(jsonPath("$.treat.kcalPerGram").value(3.2));
    }

    @Test
    void fussOrFearIsToldFromWhatIsSeen() throws Exception {
        String path = "/api/dogs/" + addKnownDog("Gannet") + "/fuss-or-fear";
        read(path).andExpect(jsonPath("$.answer").value("FEAR"));
        read(path + "?seen=UNTOUCHED,EATS,RECOVERS")
                .andExpect(jsonPath("$.answer").value("DISLIKE"));
        read(path + "?seen=UNTOUCHED,EATS,RECOVERS,SUDDEN")
                .andExpect(jsonPath("$.answer").value("MIGHT_HURT"));
    }

    private ResultActions answer(long dog, UUID id, String subject, String section, String signal) throws Exception {
        return post(
                "/api/dogs/" + dog + "/practice-trials",
                "{\"id\": \"%s\", \"subject\": \"%s\", %s\"signal\": \"%s\"}"
                        .formatted(id, subject, section == null ? "" : "\"section\": \"" + section + "\", ", signal));
    }
}
