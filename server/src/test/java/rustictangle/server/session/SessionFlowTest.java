package rustictangle.server.session;

import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.hasItem;
import static org.hamcrest.Matchers.hasSize;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.UUID;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.springframework.http.HttpMethod;
import rustictangle.core.dog.Section;
import rustictangle.server.ServerTest;

class SessionFlowTest extends ServerTest {

    @Test
    void aSectionIsStoredTheMomentItIsAnsweredAndMovesItsNextDate() throws Exception {
        long dog = addKnownDog("Gannet");
        String session = beginSession(dog, "ARMPIT_LEFT", "BACK");
        post(session + "/events", done(UUID.randomUUID(), "ARMPIT_LEFT", "TANGLES_CLEARED", 2, "RELAXED"))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.hand[0]").value("BACK"))
                .andExpect(jsonPath("$.places[0].tangles").value(2));
        read("/api/dogs/" + dog + "/when")
                .andExpect(jsonPath("$.plan.sections[?(@.section == 'ARMPIT_LEFT')].state")
                        .value("FRESH"))
                .andExpect(jsonPath("$.plan.sections[?(@.section == 'BACK')].state")
                        .value("UNKNOWN"));
    }

    @Test
    void theSameAnswerSentTwiceIsKeptOnce() throws Exception {
        long dog = addKnownDog("Gannet");
        String session = beginSession(dog, "BACK", "CHEST");
        String answer = done(UUID.randomUUID(), "BACK", "GLIDES", 0, "RELAXED");
        post(session + "/events", answer).andExpect(status().isOk());
        post(session + "/events", answer)
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.hand[0]").value("CHEST"));
        assertEquals(
                1,
                jdbc.sql("SELECT count(*) FROM entry WHERE dog_id = ? AND said ->> '$.type' = 'SECTION_DONE'")
                        .param(dog)
                        .query(Integer.class)
                        .single());
    }

    @Test
    void undoTakesTheAnswerOutOfEverythingLearnedFromIt() throws Exception {
        long dog = addKnownDog("Gannet");
        String session = beginSession(dog, "BACK");
        post(session + "/events", glides("BACK")).andExpect(jsonPath("$.end").value("ALL_DONE"));
        post(session + "/events", "{\"id\": \"%s\", \"said\": {\"type\": \"UNDONE\"}}".formatted(UUID.randomUUID()))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.hand[0]").value("BACK"))
                .andExpect(jsonPath("$.entries").value(0));
        read("/api/dogs/" + dog + "/when")
                .andExpect(jsonPath("$.plan.sections[0].checks").value(0));
        read("/api/dogs/" + dog + "/trust")
                .andExpect(jsonPath("$.standings[0].relaxedInRow").value(0));
        // The session is open again, so it can be gone on with.
        post(session + "/events", glides("BACK")).andExpect(status().isOk());
    }

    @Test
    void oneTapAnswersAWholeStepAndEachPlaceKeepsItsOwnRecord() throws Exception {
        long dog = addKnownDog("Gannet");
        String session = beginSession(dog, "FRONT_FOOT_LEFT", "FRONT_LEG_LEFT", "ARMPIT_LEFT", "BACK");
        read(session)
                .andExpect(jsonPath("$.steps[0].label").value("left front leg"))
                .andExpect(jsonPath("$.hand", hasSize(3)));
        later(Duration.ofMinutes(6));
        post(session + "/events", stepDone("FRONT_FOOT_LEFT", "FRONT_LEG_LEFT", "ARMPIT_LEFT"))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.hand[0]").value("BACK"))
                .andExpect(jsonPath("$.entries").value(1));
        List<Integer> spent = com.jayway.jsonpath.JsonPath.read(
                read(session).andReturn().getResponse().getContentAsString(), "$.said[0].places[*].spent");
        assertEquals(360, spent.stream().mapToInt(Integer::intValue).sum(), 2);
        read("/api/dogs/" + dog + "/when")
                .andExpect(jsonPath("$.plan.sections[?(@.section == 'ARMPIT_LEFT')].checks")
                        .value(1));
        String csv = new String(streamed("/api/export/sections.csv"), StandardCharsets.UTF_8);
        assertEquals(
                3,
                csv.lines()
                        .filter(line -> line.contains(session.substring(session.lastIndexOf('/') + 1)))
                        .count(),
                csv);
        post(session + "/events", "{\"id\": \"%s\", \"said\": {\"type\": \"UNDONE\"}}".formatted(UUID.randomUUID()))
                .andExpect(jsonPath("$.hand", hasSize(3)));
    }

    @Test
    void aStepBrushedWithoutACombIsNoCombCheck() throws Exception {
        long dog = addKnownDog("Gannet");
        String session = beginSession(dog, "BACK");
        post(session + "/events", done(UUID.randomUUID(), "BACK", "BRUSHED", 0, "RELAXED"))
                .andExpect(jsonPath("$.end").value("ALL_DONE"));
        read("/api/dogs/" + dog + "/when")
                .andExpect(jsonPath("$.plan.sections[0].checks").value(0))
                .andExpect(jsonPath("$.plan.sections[0].lastClear").doesNotExist());
    }

    @Test
    void aBrushingDoneWithoutTheSessionIsToldAfterwardsAndTakenBackAsAWhole() throws Exception {
        long dog = addKnownDog("Gannet");
        String of = "/api/dogs/" + dog;
        LocalDate today = LocalDate.parse(com.jayway.jsonpath.JsonPath.read(
                read("/api/home").andReturn().getResponse().getContentAsString(), "$.today"));
        String yesterday = today.minusDays(1).toString();
        UUID id = UUID.randomUUID();
        String told =
                """
                {"id": "%s", "day": "%s", "proved": true, "minutes": 12, "places": [
                 {"section": "BACK", "tangles": 0, "mat": false, "signal": "RELAXED"},
                 {"section": "CHEST", "tangles": 2, "mat": false, "signal": "RELAXED"}]}"""
                        .formatted(id, yesterday);
        post(of + "/sessions/afterwards", told)
                .andExpect(status().isCreated())
                .andExpect(jsonPath("$.end").value("ALL_DONE"));
        post(of + "/sessions/afterwards", told).andExpect(status().isCreated());
        String chest = "$.plan.sections[?(@.section == 'CHEST')]";
        read(of + "/when")
                .andExpect(jsonPath(chest + ".lastClear").value(yesterday))
                .andExpect(jsonPath(chest + ".checks").value(1));
        read("/api/home")
                .andExpect(jsonPath("$.dogs[?(@.id == " + dog + ")].known.lastBrushed")
                        .value(yesterday));
        post(
                        of + "/sessions/afterwards",
                        told.replace(id.toString(), UUID.randomUUID() + "").replace(yesterday, today.plusDays(1) + ""))
                .andExpect(status().isBadRequest())
                .andExpect(jsonPath("$.fields[0].field").value("day"));
        post(
                        of + "/sessions/afterwards",
                        told.replace(id.toString(), UUID.randomUUID() + "")
                                .replace("\"minutes\": 12", "\"minutes\": 400"))
                .andExpect(status().isBadRequest())
                .andExpect(jsonPath("$.fields[0].field").value("minutes"));
        send(HttpMethod.DELETE, of + "/sessions/" + id, "").andExpect(status().isNoContent());
        send(HttpMethod.DELETE, of + "/sessions/" + id, "").andExpect(status().isNoContent());
        read(of + "/when").andExpect(jsonPath(chest + ".checks").value(0));
        read(of + "/history").andExpect(jsonPath("$.sessions", hasSize(0)));
    }

    @Test
    void aGrowlEndsItClosesThePlacesInHandAndAnAdultOpensThemAgain() throws Exception {
        long dog = addKnownDog("Gannet");
        String session = beginSession(dog, "BACK", "CHEST");
        post(session + "/events", warned("GROWLED"))
                .andExpect(jsonPath("$.end").value("WARNED"))
                .andExpect(jsonPath("$.review.nextTime.rule").value("session.next-growl"));
        post(session + "/events", warned("BIT"))
                .andExpect(jsonPath("$.review.nextTime.rule").value("session.next-bite"));
        read("/api/dogs/" + dog + "/when").andExpect(jsonPath("$.closed[0].who").value("TRAINER"));
        post(session + "/events", "{\"id\": \"%s\", \"said\": {\"type\": \"UNDONE\"}}".formatted(UUID.randomUUID()))
                .andExpect(jsonPath("$.end").value("WARNED"));
        read("/api/dogs/" + dog + "/when")
                .andExpect(jsonPath("$.closed[0].why.rule").value("rhythm.closed-growl"))
                .andExpect(jsonPath("$.plan.sections[?(@.section == 'BACK')].state")
                        .value("CLOSED"));
        read("/api/dogs/" + dog + "/hand-over")
                .andExpect(jsonPath("$.closed[0].section").value("BACK"));
        send(HttpMethod.PUT, "/api/dogs/" + dog + "/closed/BACK/seen", "{\"who\": \"ADULT\", \"words\": \"\"}")
                .andExpect(jsonPath("$.closed", hasSize(0)));
    }

    private static String warned(String how) {
        return "{\"id\": \"%s\", \"said\": {\"type\": \"WARNED\", \"sections\": [\"BACK\"], \"warning\": \"%s\"}}"
                .formatted(UUID.randomUUID(), how);
    }

    private static String stepDone(String... sections) {
        return "{\"id\": \"%s\", \"said\": {\"type\": \"STEP_DONE\", \"places\": [%s]}}"
                .formatted(
                        UUID.randomUUID(),
                        Arrays.stream(sections)
                                .map(section ->
                                        "{\"type\": \"SECTION_DONE\", \"section\": \"%s\", \"comb\": \"GLIDES\", \"tangles\": 0, \"signal\": \"RELAXED\"}"
                                                .formatted(section))
                                .collect(Collectors.joining(", ")));
    }

    @Test
    void anAnswerThatDoesNotFitIsRefusedAndTheLogIsUnchanged() throws Exception {
        long dog = addKnownDog("Gannet");
        String session = beginSession(dog, "BACK", "CHEST");
        post(session + "/events", glides("CHEST"))
                .andExpect(status().isConflict())
                .andExpect(jsonPath("$.detail", containsString("the session is at back")));
        post(session + "/events", done(UUID.randomUUID(), "BACK", "TANGLES_CLEARED", 0, "RELAXED"))
                .andExpect(status().isBadRequest())
                .andExpect(jsonPath("$.fields[0].message", containsString("1 to 99")));
        post(session + "/events", done(UUID.randomUUID(), "BACK", "TANGLES_CLEARED", 100, "RELAXED"))
                .andExpect(status().isBadRequest())
                .andExpect(jsonPath("$.fields[0].field").value("tangles"));
        read(session)
                .andExpect(jsonPath("$.hand[0]").value("BACK"))
                .andExpect(jsonPath("$.entries").value(0));
    }

    @Test
    void oneDogHasOneSessionAtATime() throws Exception {
        long dog = addKnownDog("Gannet");
        beginSession(dog, "BACK");
        post(
                        "/api/dogs/" + dog + "/sessions",
                        "{\"id\": \"%s\", \"sections\": [\"CHEST\"]}".formatted(UUID.randomUUID()))
                .andExpect(status().isConflict());
        read("/api/home").andExpect(jsonPath("$.dogs[?(@.id == %d)].known.openSession".formatted(dog), hasSize(1)));
    }

    @Test
    void aSecondNoEndsTheSessionForToday() throws Exception {
        long dog = addKnownDog("Gannet");
        String session = beginSession(dog, "BACK", "CHEST", "BELLY");
        post(session + "/events", done(UUID.randomUUID(), "BACK", "NOT_COMBED", 0, "OPTED_OUT"))
                .andExpect(jsonPath("$.advice[0].rule").value("session.first-no"));
        post(session + "/events", done(UUID.randomUUID(), "CHEST", "NOT_COMBED", 0, "OPTED_OUT"))
                .andExpect(jsonPath("$.end").value("OPTED_OUT_TWICE"));
    }

    @Test
    void theProductLearnsThatAPlaceTanglesMoreThanTheTableSays() throws Exception {
        long dog = addKnownDog("Gannet");
        int table = 0;
        for (int visit = 0; visit < 6; visit++) {
            String session = beginSession(dog, "BACK");
            post(session + "/events", done(UUID.randomUUID(), "BACK", "TANGLES_CLEARED", 3, "RELAXED"))
                    .andExpect(status().isOk());
            daysPass(2);
            table = visit == 0 ? interval(dog) : table;
        }
        assertTrue(interval(dog) < table, interval(dog) + " days against " + table);
    }

    @Test
    void homeTellsWhatIsDueAndThatAllIsWellAfterwards() throws Exception {
        long dog = addKnownDog("Gannet");
        String known = "$.dogs[?(@.id == %d)].known.".formatted(dog);
        read("/api/home").andExpect(jsonPath(known + "dueCount").value(29));
        String[] all = Arrays.stream(Section.values()).map(Enum::name).toArray(String[]::new);
        String session = beginSession(dog, all);
        for (String section : all) {
            post(session + "/events", glides(section)).andExpect(status().isOk());
        }
        read("/api/home")
                .andExpect(jsonPath(known + "dueCount").value(0))
                .andExpect(jsonPath(known + "openSession", hasSize(0)));
        read("/api/dogs/" + dog + "/routine").andExpect(jsonPath("$.routine.places", hasSize(0)));
        read("/api/dogs/" + dog + "/routine?scope=WHOLE").andExpect(jsonPath("$.routine.places", hasSize(29)));
    }

    private int interval(long dog) throws Exception {
        String json =
                read("/api/dogs/" + dog + "/when").andReturn().getResponse().getContentAsString();
        return Integer.parseInt(json.replaceAll("(?s).*?\"section\":\"BACK\".*?\"everyDays\":(\\d+).*", "$1"));
    }

    @Test
    void whatCatchesIsAdvisedOnRememberedAndCanBeTakenBack() throws Exception {
        long dog = addKnownDog("Gannet");
        String session = beginSession(dog, "ARMPIT_LEFT", "BACK");
        post(session + "/events", caught("SOUND", "UP_TO_10_MM", "FREE"))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.caught.todo").value("TEASE_DRY"))
                .andExpect(jsonPath("$.caught.never[*].rule", hasItem("session.never-scissors")))
                .andExpect(jsonPath("$.hand[0]").value("ARMPIT_LEFT"));
        // The armpit's skin is thin: after one try it is left for later.
        post(session + "/events", teased(60))
                .andExpect(jsonPath("$.caught.todo").value("LEAVE_AND_COME_BACK"));
        post(session + "/events", "{\"id\": \"%s\", \"said\": {\"type\": \"UNDONE\"}}".formatted(UUID.randomUUID()))
                .andExpect(jsonPath("$.caught.todo").value("TEASE_DRY"));
        post(
                        session + "/events",
                        "{\"id\": \"%s\", \"said\": {\"type\": \"SECTION_POSTPONED\", \"section\": \"ARMPIT_LEFT\"}}"
                                .formatted(UUID.randomUUID()))
                .andExpect(jsonPath("$.hand[0]").value("BACK"))
                .andExpect(jsonPath("$.caught").doesNotExist());
    }

    @Test
    void aSkinSignAlwaysLeadsToTheVetAndAHalfLookIsRefused() throws Exception {
        long dog = addKnownDog("Gannet");
        String session = beginSession(dog, "ARMPIT_LEFT");
        post(session + "/events", caught("WET_OR_BROKEN", "NONE", "FREE"))
                .andExpect(jsonPath("$.caught.todo").value("CALL_A_VET"));
        post(
                        session + "/events",
                        "{\"id\": \"%s\", \"said\": {\"type\": \"CAUGHT\", \"section\": \"ARMPIT_LEFT\", \"found\": {\"skin\": \"RED\"}}}"
                                .formatted(UUID.randomUUID()))
                .andExpect(status().isBadRequest())
                .andExpect(jsonPath("$.fields[*].field", hasItem("lump")));
        post(session + "/events", teased(1801))
                .andExpect(status().isBadRequest())
                .andExpect(jsonPath("$.fields[0].field").value("seconds"));
    }

    @Test
    void theHistoryTellsWhatWasDoneAndWhereItKeepsTangling() throws Exception {
        long dog = addKnownDog("Gannet");
        String first = beginSession(dog, "ARMPIT_LEFT", "BACK");
        later(Duration.ofMinutes(4));
        post(first + "/events", done(UUID.randomUUID(), "ARMPIT_LEFT", "TANGLES_CLEARED", 3, "UNEASY"));
        later(Duration.ofMinutes(2));
        post(first + "/events", glides("BACK"));
        daysPass(1);
        String second = beginSession(dog, "BACK");
        read("/api/dogs/" + dog + "/history")
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.sessions", hasSize(2)))
                .andExpect(jsonPath("$.sessions[0].minutes").doesNotExist())
                .andExpect(jsonPath("$.sessions[1].minutes").value(6))
                .andExpect(jsonPath("$.sessions[1].done").value(2))
                .andExpect(jsonPath("$.sessions[1].tangles").value(3))
                .andExpect(jsonPath("$.sessions[1].uneasy").value(1))
                .andExpect(jsonPath("$.places[?(@.section == 'ARMPIT_LEFT')].tangles", hasItem(3)))
                .andExpect(jsonPath("$.more").value(false));
        // The older session cannot be reopened while another goes on.
        post(first + "/events", "{\"id\": \"%s\", \"said\": {\"type\": \"UNDONE\"}}".formatted(UUID.randomUUID()))
                .andExpect(status().isConflict())
                .andExpect(jsonPath("$.detail", containsString("end it before reopening")));
        post(second + "/events", "{\"id\": \"%s\", \"said\": {\"type\": \"STOPPED\"}}".formatted(UUID.randomUUID()))
                .andExpect(status().isOk());
    }

    private static String caught(String skin, String lump, String beneath) {
        return """
                {"id": "%s", "said": {"type": "CAUGHT", "section": "ARMPIT_LEFT",
                 "found": {"skin": "%s", "lump": "%s", "beneath": "%s", "spread": "ONE"}}}
                """
                .formatted(UUID.randomUUID(), skin, lump, beneath);
    }

    private static String teased(int seconds) {
        return """
                {"id": "%s", "said": {"type": "TEASED", "section": "ARMPIT_LEFT", "seconds": %d, "signal": "RELAXED"}}
                """
                .formatted(UUID.randomUUID(), seconds);
    }
}
