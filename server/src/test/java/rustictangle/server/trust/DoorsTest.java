package rustictangle.server.trust;

import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.hasItem;
import static org.hamcrest.Matchers.hasSize;
import static org.hamcrest.Matchers.not;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import com.jayway.jsonpath.JsonPath;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.springframework.http.HttpMethod;
import org.springframework.test.web.servlet.ResultActions;
import rustictangle.server.ServerTest;

/** The one rule of what may be begun, walked over every door of the API; handbook 9.5, 13 and 14. */
class DoorsTest extends ServerTest {

    /** What happened to the dog before the doors are tried. */
    private interface Happened {
        void to(long dog) throws Exception;
    }

    /** Of each state: which doors are open. Back, armpit; practice at the armpit; a whole job; a claw; and the screens. */
    @Test
    void everyDoorIsOpenOrShutAsTheStateOfTheDogAsks() throws Exception {
        walked("nothing was said", dog -> {}, "back armpit practice teeth claw rinse due");
        walked("one no", dog -> signal(dog, "BACK", "OPTED_OUT"), "back armpit practice teeth claw rinse due");
        walked(
                "a second no",
                dog -> {
                    signal(dog, "BACK", "OPTED_OUT");
                    practised(dog, "SLICKER", "CHEST", "OPTED_OUT");
                },
                "teeth claw rinse");
        walked("fear", dog -> practised(dog, "SLICKER", "CHEST", "AFRAID"), "");
        walked("a bite before the first stroke", dog -> warned(dog, "", "BIT"), "");
        walked(
                "the day after it",
                dog -> {
                    warned(dog, "", "BIT");
                    daysPass(1);
                },
                "");
        walked(
                "a growl at an armpit, the day after",
                dog -> {
                    warned(dog, "\"ARMPIT_LEFT\"", "GROWLED");
                    daysPass(1);
                },
                "back practice teeth claw due");
        walked(
                "a growl at the claws, the day after",
                dog -> {
                    post(
                            "/api/dogs/" + dog + "/care/warnings",
                            "{\"id\": \"%s\", \"job\": \"NAILS\", \"sections\": [], \"warning\": \"GROWLED\"}"
                                    .formatted(UUID.randomUUID()));
                    daysPass(1);
                },
                "back armpit practice teeth rinse due");
        walked(
                "something for the vet at the teeth",
                dog -> cared(dog, "TEETH", "FOR_THE_VET").andExpect(status().isOk()),
                "back armpit practice claw rinse due");
        walked("a child’s hand", dog -> hand(dog, "CHILD"), "back teeth claw rinse due");
    }

    /** Handbook 9.5: an adult opens it after a growl, a trainer or a vet after a bite, and the sheet tells it. */
    @Test
    void afterABiteOnlyATrainerOpensTheDogAgainAndWhoeverTouchesItNextIsTold() throws Exception {
        long dog = addKnownDog("Teasel");
        warned(dog, "", "BIT");
        daysPass(1);
        String path = "/api/dogs/" + dog;
        String seen = "{\"who\": \"%s\", \"words\": \"%s\"}";
        send(HttpMethod.PUT, path + "/closed/seen", seen.formatted("ADULT", "It was nothing."))
                .andExpect(status().isBadRequest())
                .andExpect(jsonPath("$.fields[0].message", containsString("a trainer or the vet")));
        read("/api/home")
                .andExpect(jsonPath("$.dogs[?(@.id == %d)].known.closedJobs[*].job".formatted(dog), hasItem("NAILS")));
        read(path + "/hand-over")
                .andExpect(jsonPath("$.warned[0].warning").value("BIT"))
                .andExpect(jsonPath("$.warned[0].opened").doesNotExist());
        send(HttpMethod.PUT, path + "/closed/seen", seen.formatted("TRAINER", "Slowly, with treats."))
                .andExpect(jsonPath("$.closed", hasSize(0)))
                .andExpect(jsonPath("$.closedJobs", hasSize(0)));
        read(path + "/hand-over").andExpect(jsonPath("$.warned[0].opened.words").value("Slowly, with treats."));
    }

    /** What stays closed is said where it is told, and a session that was paused does not go on after a bite elsewhere. */
    @Test
    void whatHasBegunDoesNotGoOnAfterAWarningElsewhereButWhatHappenedIsHeard() throws Exception {
        long dog = addKnownDog("Teasel");
        String session = beginSession(dog, "BACK", "CHEST");
        event(session, "\"type\": \"STARTED\"").andExpect(status().isOk());
        event(session, "\"type\": \"PAUSED\"").andExpect(status().isOk());
        post(
                "/api/dogs/" + dog + "/practice-warnings",
                "{\"id\": \"%s\", \"subject\": \"TABLE\", \"warning\": \"GROWLED\"}".formatted(UUID.randomUUID()));
        event(session, "\"type\": \"RESUMED\"")
                .andExpect(status().isConflict())
                .andExpect(jsonPath("$.detail", containsString("until tomorrow")));
        event(session, "\"type\": \"STOPPED\"").andExpect(status().isOk());
        practised(dog, "SLICKER", "CHEST", "AFRAID").andExpect(status().isOk());
        claw(dog, "TOO_SHORT").andExpect(status().isOk());
        cared(dog, "TEETH", "LEFT").andExpect(status().isOk());
    }

    private void walked(String state, Happened happened, String open) throws Exception {
        long dog = addKnownDog("Teasel");
        happened.to(dog);
        List<String> opened = new ArrayList<>();
        String routine = body("/api/dogs/" + dog + "/routine?scope=WHOLE");
        List<String> whole = JsonPath.read(routine, "$.routine.places[*].section");
        for (String place : List.of("BACK", "ARMPIT_LEFT")) {
            if (begins(dog, place)) {
                opened.add(place.equals("BACK") ? "back" : "armpit");
            }
            assertEquals(
                    opened.contains(place.equals("BACK") ? "back" : "armpit"),
                    whole.contains(place),
                    state + ": the routine says the same of " + place);
        }
        String practice = body("/api/dogs/" + dog + "/practice?subject=SLICKER&section=ARMPIT_LEFT");
        boolean practised = practised(dog, "SLICKER", "ARMPIT_LEFT", "RELAXED")
                        .andReturn()
                        .getResponse()
                        .getStatus()
                == 200;
        assertEquals(practised, !practice.contains("\"enough\""), state + ": the practice says the same");
        if (practised) {
            opened.add("practice");
        }
        String care = body("/api/dogs/" + dog + "/care");
        List<Object> closed = JsonPath.read(care, "$.jobs[?(@.job == 'TEETH')].wholeMayNot");
        boolean teeth = cared(dog, "TEETH", "DONE").andReturn().getResponse().getStatus() == 200;
        assertEquals(teeth, closed.isEmpty(), state + ": the table says the same");
        if (teeth) {
            opened.add("teeth");
        }
        if (claw(dog, "DONE").andReturn().getResponse().getStatus() == 200) {
            opened.add("claw");
        }
        String gate = body("/api/dogs/" + dog + "/bath?kind=RINSE");
        boolean rinsed = post(
                                "/api/dogs/" + dog + "/bath/bathed",
                                "{\"id\": \"%s\", \"kind\": \"RINSE\"}".formatted(UUID.randomUUID()))
                        .andReturn()
                        .getResponse()
                        .getStatus()
                == 200;
        assertEquals(
                rinsed,
                gate.contains("\"way\":\"BATHE\"") && !gate.contains("\"mayNot\""),
                state + ": the gate says the same");
        if (rinsed) {
            opened.add("rinse");
        }
        String due = "$.dogs[?(@.id == %d)].known.dueCount".formatted(dog);
        List<Integer> places = JsonPath.read(body("/api/home"), due);
        List<Object> week = JsonPath.read(body("/api/week"), "$.days[0].picks[?(@.dogId == %d)]".formatted(dog));
        assertEquals(places.get(0) > 0, !week.isEmpty(), state + ": the week says the same as home");
        if (places.get(0) > 0) {
            opened.add("due");
        }
        assertEquals(open, String.join(" ", opened), state);
        remove(dog);
    }

    private void remove(long dog) throws Exception {
        send(HttpMethod.DELETE, "/api/dogs/" + dog, "");
        read("/api/home").andExpect(jsonPath("$.dogs[*].id", not(hasItem((int) dog))));
    }

    /** Whether it may be begun; then it is ended again at once. */
    private boolean begins(long dog, String section) throws Exception {
        UUID id = UUID.randomUUID();
        int answer = post(
                        "/api/dogs/" + dog + "/sessions",
                        "{\"id\": \"%s\", \"sections\": [\"%s\"]}".formatted(id, section))
                .andReturn()
                .getResponse()
                .getStatus();
        if (answer == 201) {
            event("/api/dogs/" + dog + "/sessions/" + id, "\"type\": \"STOPPED\"");
        }
        return answer == 201;
    }

    private ResultActions event(String session, String said) throws Exception {
        return post(session + "/events", "{\"id\": \"%s\", \"said\": {%s}}".formatted(UUID.randomUUID(), said));
    }

    private void signal(long dog, String section, String signal) throws Exception {
        String session = beginSession(dog, section);
        event(session, "\"type\": \"SIGNALLED\", \"section\": \"%s\", \"signal\": \"%s\"".formatted(section, signal));
        event(session, "\"type\": \"STOPPED\"");
    }

    private void warned(long dog, String sections, String warning) throws Exception {
        String session = beginSession(dog, "BACK", "ARMPIT_LEFT");
        event(session, "\"type\": \"WARNED\", \"sections\": [%s], \"warning\": \"%s\"".formatted(sections, warning))
                .andExpect(jsonPath("$.end").value("WARNED"));
    }

    private ResultActions practised(long dog, String subject, String section, String signal) throws Exception {
        return post(
                "/api/dogs/" + dog + "/practice-trials",
                "{\"id\": \"%s\", \"subject\": \"%s\", \"section\": \"%s\", \"signal\": \"%s\"}"
                        .formatted(UUID.randomUUID(), subject, section, signal));
    }

    private ResultActions cared(long dog, String job, String outcome) throws Exception {
        return post(
                "/api/dogs/" + dog + "/care/done",
                "{\"id\": \"%s\", \"job\": \"%s\", \"outcome\": \"%s\", \"words\": \"\"}"
                        .formatted(UUID.randomUUID(), job, outcome));
    }

    private ResultActions claw(long dog, String result) throws Exception {
        return post(
                "/api/dogs/" + dog + "/claws",
                "{\"id\": \"%s\", \"paw\": \"HIND_LEFT\", \"toe\": 1, \"result\": \"%s\"}"
                        .formatted(UUID.randomUUID(), result));
    }

    private void hand(long dog, String hand) throws Exception {
        send(
                        HttpMethod.PUT,
                        "/api/dogs/" + dog + "/approach",
                        "{\"tips\": \"BY_SKIN\", \"mist\": \"BY_SKIN\", \"hand\": \"%s\"}".formatted(hand))
                .andExpect(status().isOk());
    }
}
