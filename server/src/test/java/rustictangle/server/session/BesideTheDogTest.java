package rustictangle.server.session;

import static org.hamcrest.Matchers.closeTo;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.hasItem;
import static org.hamcrest.Matchers.hasSize;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.time.Duration;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.mockito.Mockito;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.HttpMethod;
import org.springframework.test.context.bean.override.mockito.MockitoBean;
import org.springframework.test.web.servlet.ResultActions;
import rustictangle.core.log.SessionEvent.SectionDone;
import rustictangle.core.trust.Trial;
import rustictangle.server.ServerTest;
import rustictangle.server.log.Logs;

/** The session's log while the hands are on the dog, over HTTP. */
class BesideTheDogTest extends ServerTest {

    /** Any scale can take the simulated one's place. */
    @MockitoBean
    private KitchenScale scale;

    @Autowired
    private Logs logs;

    @Test
    void theChecklistIsThereUntilTheFirstStrokeAndTheTimeBeginsWithIt() throws Exception {
        long dog = addKnownDog("Gannet");
        String session = beginSession(dog, "BACK");
        read(session).andExpect(jsonPath("$.preparation.questions[*].id", hasItem("coat")));
        later(Duration.ofMinutes(10));
        event(session, "STARTED", "").andExpect(jsonPath("$.preparation").doesNotExist());
        later(Duration.ofMinutes(3));
        read(session).andExpect(jsonPath("$.elapsedSeconds").value(180));
    }

    @Test
    void pausesCountNeitherInTheSessionNorInWhatIsLearnedFromIt() throws Exception {
        long dog = addKnownDog("Gannet");
        String session = beginSession(dog, "BACK", "CHEST");
        event(session, "STARTED", "");
        later(Duration.ofMinutes(2));
        event(session, "PAUSED", "");
        later(Duration.ofMinutes(30));
        event(session, "TREAT_GIVEN", "").andExpect(jsonPath("$.elapsedSeconds").value(120));
        later(Duration.ofMinutes(30));
        event(session, "RESUMED", "");
        later(Duration.ofMinutes(1));
        post(session + "/events", glides("BACK"))
                .andExpect(jsonPath("$.elapsedSeconds").value(180));
        assertEquals(180, secondsOf(dog, "BACK"));
    }

    @Test
    void thePlacePutOffKeepsTheTimeSpentOnIt() throws Exception {
        long dog = addKnownDog("Gannet");
        String session = beginSession(dog, "BACK", "CHEST");
        event(session, "STARTED", "");
        later(Duration.ofSeconds(50));
        event(session, "SECTION_POSTPONED", at("BACK"));
        later(Duration.ofSeconds(70));
        post(session + "/events", glides("CHEST"));
        later(Duration.ofSeconds(30));
        post(session + "/events", glides("BACK"))
                .andExpect(jsonPath("$.review.spentSeconds").value(150))
                .andExpect(jsonPath("$.review.nextTime.rule").exists());
        assertEquals(80, secondsOf(dog, "BACK"));
        assertEquals(70, secondsOf(dog, "CHEST"));
    }

    @Test
    void aNoIsAskedOnceMoreAndTheLadderHearsTheWorstOfThePlaceOnce() throws Exception {
        long dog = addKnownDog("Gannet");
        String session = beginSession(dog, "BACK", "CHEST");
        event(session, "SIGNALLED", at("BACK") + ", \"signal\": \"RELAXED\"");
        event(session, "SIGNALLED", at("BACK") + ", \"signal\": \"OPTED_OUT\"")
                .andExpect(jsonPath("$.reaction.todo").value("ASK_ONCE_MORE"))
                .andExpect(jsonPath("$.ifNo[1].optedOut.ends").value(true))
                .andExpect(jsonPath("$.hand[0]").value("BACK"));
        post(session + "/events", glides("BACK"));
        event(session, "SIGNALLED", at("CHEST") + ", \"signal\": \"RELAXED\"");
        assertEquals(
                List.of("BACK OPTED_OUT"),
                data.reading(() -> logs.of(dog).read(Trial.ANSWERS)).stream()
                        .map(trial -> trial.section().orElseThrow() + " "
                                + trial.answer().signal().orElseThrow())
                        .toList(),
                "relaxed at a place that is not done yet is no answer");
    }

    @Test
    void treatsAndUndoAreSeenByEveryScreen() throws Exception {
        long dog = addKnownDog("Gannet");
        String session = beginSession(dog, "BACK");
        event(session, "STARTED", "");
        event(session, "TREAT_GIVEN", "")
                .andExpect(jsonPath("$.treats.given").value(1))
                .andExpect(jsonPath("$.treats.piecesLeft").value(29));
        event(session, "UNDONE", "")
                .andExpect(jsonPath("$.treats.given").value(0))
                .andExpect(jsonPath("$.entries").value(1))
                .andExpect(jsonPath("$.revision").value(3));
        daysPass(1);
        read(session).andExpect(jsonPath("$.treats.given").value(0));
    }

    @Test
    void aKnotIsMarkedOnlyWhereThereIsHairToBrush() throws Exception {
        long dog = addDog("Gannet");
        send(
                HttpMethod.PUT,
                "/api/dogs/" + dog + "/coat",
                coatJson("CURLY", "40").replaceFirst("\"CURLY\"", "\"HAIRLESS\""));
        String session = beginSession(dog, "BACK");
        event(session, "KNOT_FELT", at("CHEST"))
                .andExpect(jsonPath("$.knots[0]").value("CHEST"))
                .andExpect(jsonPath("$.places", hasSize(2)));
        event(session, "KNOT_FELT", at("CROWN"))
                .andExpect(status().isBadRequest())
                .andExpect(jsonPath("$.fields[0].field").value("section"));
        event(session, "KNOT_FELT", "").andExpect(status().isBadRequest());
    }

    @Test
    void hairIsJudgedByEyeOrByWhateverScaleIsThere() throws Exception {
        Mockito.when(scale.grams()).thenReturn(2.4);
        read("/api/kitchen-scale")
                .andExpect(jsonPath("$.grams", closeTo(2.4, 1e-9)))
                .andExpect(jsonPath("$.simulated").value(false));
        long dog = addKnownDog("Gannet");
        String session = beginSession(dog, "BACK");
        event(session, "HAIR_WEIGHED", at("BACK") + ", \"grams\": 2.4")
                .andExpect(jsonPath("$.advice[0].rule").value("session.another-pass"));
        event(session, "HAIR_CAME_OUT", at("BACK") + ", \"hair\": \"PINCH\"")
                .andExpect(jsonPath("$.advice[0].rule").value("session.enough-hair"));
        event(session, "HAIR_CAME_OUT", at("BACK"))
                .andExpect(status().isBadRequest())
                .andExpect(jsonPath("$.fields[0].field").value("hair"));
        event(session, "HAIR_WEIGHED", at("BACK") + ", \"grams\": 501")
                .andExpect(status().isBadRequest())
                .andExpect(jsonPath("$.fields[0].message", containsString("0 to 500 g")));
    }

    @Test
    void aMatLeftStaysOnTheMapWithItsSizeUntilTheCombRunsFree() throws Exception {
        long dog = addKnownDog("Gannet");
        String first = beginSession(dog, "ARMPIT_LEFT");
        event(
                first,
                "CAUGHT",
                at("ARMPIT_LEFT") + ", \"found\": {\"skin\": \"SOUND\", \"lump\": \"UP_TO_10_MM\", "
                        + "\"beneath\": \"FREE\", \"spread\": \"ONE\"}");
        post(first + "/events", done(UUID.randomUUID(), "ARMPIT_LEFT", "MAT_LEFT", 1, "RELAXED"));
        daysPass(2);
        String mats = "/api/dogs/" + dog + "/mats";
        read(mats)
                .andExpect(jsonPath("$[0].section").value("ARMPIT_LEFT"))
                .andExpect(jsonPath("$[0].found.lump").value("UP_TO_10_MM"));
        String second = beginSession(dog, "ARMPIT_LEFT");
        read(second).andExpect(jsonPath("$.heed.mats", hasSize(1)));
        post(second + "/events", done(UUID.randomUUID(), "ARMPIT_LEFT", "TANGLES_CLEARED", 2, "RELAXED"));
        read(mats).andExpect(jsonPath("$", hasSize(0)));
        read("/api/dogs/" + dog + "/history/ARMPIT_LEFT")
                .andExpect(jsonPath("$.checks", hasSize(2)))
                .andExpect(jsonPath("$.checks[0].matLeft").value(true))
                .andExpect(jsonPath("$.checks[1].tangles").value(2));
    }

    @Test
    void aNoteIsKeptWithTheSessionAndAnOverlongOneRefused() throws Exception {
        long dog = addKnownDog("Gannet");
        String session = beginSession(dog, "BACK");
        post(session + "/events", glides("BACK"));
        send(HttpMethod.PUT, session + "/note", "{\"note\": \" Minds the left side. \"}")
                .andExpect(jsonPath("$.note").value("Minds the left side."));
        send(HttpMethod.PUT, session + "/note", "{\"note\": \"%s\"}".formatted("a".repeat(1001)))
                .andExpect(status().isBadRequest())
                .andExpect(jsonPath("$.fields[0].message", containsString("1000")));
        read(session).andExpect(jsonPath("$.note").value("Minds the left side."));
    }

    private ResultActions event(String session, String type, String rest) throws Exception {
        return post(
                session + "/events",
                "{\"id\": \"%s\", \"said\": {\"type\": \"%s\"%s}}"
                        .formatted(UUID.randomUUID(), type, rest.isEmpty() ? "" : ", " + rest));
    }

    private static String at(String section) {
        return "\"section\": \"" + section + "\"";
    }

    private int secondsOf(long dog, String section) {
        return data.reading(() -> logs.of(dog))
                .standing()
                .flatMap(entry -> entry.as(SectionDone.class).stream())
                .filter(done -> done.section().name().equals(section))
                .findFirst()
                .flatMap(SectionDone::spent)
                .orElseThrow();
    }
}
