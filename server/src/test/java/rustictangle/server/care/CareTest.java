package rustictangle.server.care;

import static org.hamcrest.Matchers.closeTo;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.everyItem;
import static org.hamcrest.Matchers.hasItem;
import static org.hamcrest.Matchers.hasSize;
import static org.hamcrest.Matchers.is;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import com.jayway.jsonpath.JsonPath;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.springframework.http.HttpMethod;
import org.springframework.test.web.servlet.ResultActions;
import rustictangle.core.dog.Section;
import rustictangle.core.log.DrynessFelt;
import rustictangle.server.ServerTest;

/** What an owner does at the table besides brushing. */
class CareTest extends ServerTest {

    private ResultActions done(long dog, UUID id, String job, String outcome, String signal) throws Exception {
        return post(
                "/api/dogs/" + dog + "/care/done",
                "{\"id\": \"%s\", \"job\": \"%s\", \"outcome\": \"%s\", \"signal\": %s, \"words\": \"\"}"
                        .formatted(id, job, outcome, signal));
    }

    private static String job(String job, String field) {
        return "$.jobs[?(@.job == '" + job + "')]." + field;
    }

    private static String today(long dog, String job) {
        return "$.care[?(@.job == '" + job + "' && @.dogId == " + dog + ")]";
    }

    @Test
    void aJobIsDoneOnceHoweverOftenItIsSentAndCanBeTakenBack() throws Exception {
        long dog = addKnownDog("Gannet");
        read("/api/dogs/" + dog + "/care").andExpect(jsonPath(job("LOOK_OVER", "due"), hasItem(true)));
        UUID id = UUID.randomUUID();
        for (int n = 0; n < 2; n++) {
            done(dog, id, "LOOK_OVER", "DONE", "null")
                    .andExpect(jsonPath(job("LOOK_OVER", "due"), hasItem(false)))
                    .andExpect(jsonPath(job("LOOK_OVER", "doneToday"), hasItem(true)));
        }
        read("/api/today").andExpect(jsonPath(today(dog, "LOOK_OVER"), hasSize(0)));
        send(HttpMethod.DELETE, "/api/dogs/" + dog + "/care/entries/" + id, "")
                .andExpect(jsonPath(job("LOOK_OVER", "due"), hasItem(true)));
        read("/api/today").andExpect(jsonPath(today(dog, "LOOK_OVER"), hasSize(1)));
    }

    @Test
    void theOwnersOwnIntervalIsKeptAndANonsenseOneIsExplained() throws Exception {
        long dog = addKnownDog("Gannet");
        String every = "/api/dogs/" + dog + "/care/NAILS/every";
        send(HttpMethod.PUT, every, "{\"days\": 14}").andExpect(jsonPath(job("NAILS", "every"), hasItem(14)));
        send(HttpMethod.PUT, every, "{\"days\": 0}").andExpect(jsonPath(job("NAILS", "next"), hasSize(0)));
        send(HttpMethod.PUT, every, "{}").andExpect(jsonPath(job("NAILS", "every"), hasItem(24)));
        for (String days : new String[] {"-1", "366", "\"often\""}) {
            send(HttpMethod.PUT, every, "{\"days\": " + days + "}").andExpect(status().isBadRequest());
        }
        send(HttpMethod.PUT, "/api/dogs/" + dog + "/care/WINGS/every", "{}").andExpect(status().isBadRequest());
    }

    /** Of every day: what of its brushing would have to go for what waits is named, and on what day that comes. */
    @Test
    void whyAJobWhoseTurnHasComeIsNotDoneOnADayCanBeAsked() throws Exception {
        long dog = addKnownDog("Gannet");
        keepHousehold(everyDay(5), "").andExpect(status().isOk());
        daysPass(2);
        List<Map<String, Object>> week = JsonPath.read(body("/api/week"), "$.days");
        int instead = 0;
        for (Map<String, Object> day : week) {
            List<Object> table = JsonPath.read(day, "$.care[?(@.dogId == %d)].job".formatted(dog));
            for (Map<String, Object> waits : JsonPath.<List<Map<String, Object>>>read(
                    body("/api/waits/" + day.get("day")), "$[?(@.dogId == %d)]".formatted(dog))) {
                assertFalse(table.contains(waits.get("job")), () -> waits + " on " + day);
                String until = String.valueOf(waits.get("until"));
                assertTrue(until.compareTo(String.valueOf(day.get("day"))) > 0, until);
                List<Map<String, Object>> then = JsonPath.read(week, "$[?(@.day == '%s')]".formatted(until));
                if (!then.isEmpty() && waits.get("job") != null) {
                    assertTrue(JsonPath.<List<Object>>read(then, "$[*].care[?(@.dogId == %d)].job".formatted(dog))
                            .contains(waits.get("job")));
                }
                if ("plan.instead".equals(JsonPath.<String>read(waits, "$.why.rule"))) {
                    instead++;
                    String why = JsonPath.read(waits, "$.why.text");
                    assertTrue(why.contains(" ("), why);
                    assertFalse(JsonPath.<List<Object>>read(day, "$.picks[*].sections[*]")
                            .isEmpty());
                }
            }
        }
        assertTrue(instead > 5, "asked of " + instead);
        keepHousehold("", "");
        read("/api/waits/" + today()).andExpect(jsonPath("$[?(@.why.rule == 'plan.instead')]", hasSize(0)));
        for (String day :
                List.of(today().minusDays(1).toString(), today().plusDays(99).toString(), "someday")) {
            read("/api/waits/" + day).andExpect(status().isBadRequest());
        }
        send(HttpMethod.DELETE, "/api/dogs/" + dog, "");
    }

    /** Of places that are brushed for their loose hair it is not said that they keep mats away (a sentence is true of its number). */
    @Test
    void whatTakesThePlaceOfAJobIsSaidAsItIs() throws Exception {
        long dog = addKnownDog("Oakum");
        send(
                HttpMethod.PUT,
                "/api/dogs/" + dog + "/coat",
                coatJson("DOUBLE", "40")
                        .replace("\"undercoat\": false", "\"undercoat\": true")
                        .replace("\"sheddingHeavily\": false", "\"sheddingHeavily\": true"));
        send(HttpMethod.PUT, "/api/dogs/" + dog + "/past", "{\"lastCombed\": \"THIS_WEEK\"}");
        keepHousehold(everyDay(20), "").andExpect(status().isOk());
        daysPass(6);
        Set<String> said = new HashSet<>();
        for (int day = 0; day < 14; day++) {
            said.addAll(JsonPath.<List<String>>read(
                    body("/api/waits/" + today().plusDays(day)), "$[?(@.why.rule == 'plan.instead')].why.text"));
        }
        assertTrue(said.stream().anyMatch(why -> why.contains("loose hair has to come out")), said.toString());
        keepHousehold("", "");
        send(HttpMethod.DELETE, "/api/dogs/" + dog, "");
    }

    /** With five minutes for a neglected coat the teeth wait; ordered by a vet they come every day. */
    @Test
    void whatAVetHasOrderedNeverSlips() throws Exception {
        long dog = addKnownDog("Gannet");
        keepHousehold(everyDay(5), "").andExpect(status().isOk());
        String every = "/api/dogs/" + dog + "/care/TEETH/every";
        String learned = "$.jobs[?(@.job == 'TEETH')]";
        send(HttpMethod.PUT, every, "{\"days\": 1, \"ordered\": true}")
                .andExpect(jsonPath(learned + ".ordered", hasItem(true)));
        daysPass(1);
        done(dog, UUID.randomUUID(), "TEETH", "DONE", "\"RELAXED\"");
        List<String> without = JsonPath.read(body("/api/week"), "$.days[1:7][?(!('TEETH' in @.care[*].job))].day");
        assertEquals(List.of(), without);
        send(HttpMethod.PUT, every, "{\"ordered\": true}").andExpect(status().isBadRequest());
        send(HttpMethod.PUT, every, "{}").andExpect(jsonPath(learned + ".ordered", hasItem(false)));
        assertNotEquals(
                List.of(),
                JsonPath.<List<String>>read(body("/api/week"), "$.days[1:7][?(!('TEETH' in @.care[*].job))].day"));
        keepHousehold("", "");
        send(HttpMethod.DELETE, "/api/dogs/" + dog, "");
    }

    @Test
    void theBathsGateSendsToTheCombFirstAndDryingStaysOpenOverOneDampArmpit() throws Exception {
        long dog = addKnownDog("Gannet");
        String bath = "/api/dogs/" + dog + "/bath";
        read(bath)
                .andExpect(jsonPath("$.gate.way").value("BRUSH_FIRST"))
                .andExpect(jsonPath("$.gate.first", hasItem("ARMPIT_LEFT")))
                .andExpect(jsonPath("$.mix").doesNotExist());
        String session = beginSession(dog, "ARMPIT_LEFT");
        post(session + "/events", glides("ARMPIT_LEFT"));
        read(bath).andExpect(jsonPath("$.gate.first[?(@ == 'ARMPIT_LEFT')]", hasSize(0)));
        String whole = "{\"id\": \"%s\", \"kind\": \"WHOLE_DOG\"}".formatted(UUID.randomUUID());
        post(bath + "/bathed", whole)
                .andExpect(status().isConflict())
                .andExpect(jsonPath("$.detail", containsString("brush first, today")));
        post(session + "/events", "{\"id\": \"%s\", \"said\": {\"type\": \"STOPPED\"}}".formatted(UUID.randomUUID()));
        combedThrough(dog);
        post(bath + "/bathed", whole)
                .andExpect(jsonPath("$.damp.felt", hasSize(DrynessFelt.STAYS_DAMP.size())))
                .andExpect(jsonPath("$.damp.warning.rule").value("care.damp"))
                .andExpect(jsonPath("$.gate.first", hasItem("ARMPIT_LEFT")));
        for (var section : DrynessFelt.STAYS_DAMP) {
            felt(bath, section.name(), !section.name().equals("ARMPIT_RIGHT")).andExpect(status().isOk());
        }
        read("/api/dogs/" + dog + "/care")
                .andExpect(jsonPath("$.damp.warning.rule").value("care.damp"));
        felt(bath, "ARMPIT_RIGHT", true).andExpect(jsonPath("$.damp.warning").doesNotExist());
        read("/api/dogs/" + dog + "/life").andExpect(jsonPath("$.days[0].events", hasItem("BATHED")));
    }

    private void combedThrough(long dog) throws Exception {
        String places = Stream.of(Section.values())
                .map(section -> "{\"section\": \"%s\", \"tangles\": 0, \"mat\": false, \"signal\": \"RELAXED\"}"
                        .formatted(section))
                .collect(Collectors.joining(", "));
        post(
                        "/api/dogs/" + dog + "/sessions/afterwards",
                        "{\"id\": \"%s\", \"day\": \"%s\", \"proved\": true, \"minutes\": 60, \"places\": [%s]}"
                                .formatted(UUID.randomUUID(), today(), places))
                .andExpect(status().isCreated());
    }

    /** A puppy is not brushed yet: its short hair is gone through with the fingers, and then the water may come. */
    @Test
    void fingersStandForTheCombOnAPuppyAndWhatTheyFeelIsKeptUntilItIsGone() throws Exception {
        long puppy = addKnownDog("Pintle");
        send(
                HttpMethod.PUT,
                "/api/dogs/" + puppy,
                dogJson("Pintle", "4.1").replace("ADULT", "PUPPY").replace("GENTLE", "RAISED_HERE"));
        String bath = "/api/dogs/" + puppy + "/bath";
        read(bath)
                .andExpect(jsonPath("$.gate.way").value("SEARCH_FIRST"))
                .andExpect(jsonPath("$.dryer").value("AIR_FROM_AFAR"))
                .andExpect(jsonPath("$.steps[*].title", hasItem("A warm room")));
        String all = "["
                + Stream.of(Section.values())
                        .map(section -> "\"" + section + "\"")
                        .collect(Collectors.joining(",")) + "]";
        String searched = "{\"id\": \"%s\", \"sections\": " + all + ", \"lumps\": [%s]}";
        post(bath + "/searched", searched.formatted(UUID.randomUUID(), "\"BELLY\""))
                .andExpect(jsonPath("$.gate.way").value("GROOMER"))
                .andExpect(jsonPath("$.gate.mats", hasItem("BELLY")));
        read("/api/dogs/" + puppy + "/hand-over").andExpect(jsonPath("$.mats[*].section", hasItem("BELLY")));
        UUID second = UUID.randomUUID();
        post(bath + "/searched", searched.formatted(second, ""))
                .andExpect(jsonPath("$.gate.way").value("BATHE"));
        send(HttpMethod.DELETE, "/api/dogs/" + puppy + "/care/entries/" + second, "");
        read(bath).andExpect(jsonPath("$.gate.way").value("GROOMER"));
        post(bath + "/searched", searched.formatted(UUID.randomUUID(), "\"WING\""))
                .andExpect(status().isBadRequest());
    }

    private ResultActions felt(String bath, String section, boolean dry) throws Exception {
        return post(
                bath + "/dryness",
                "{\"id\": \"%s\", \"section\": \"%s\", \"dry\": %s}".formatted(UUID.randomUUID(), section, dry));
    }

    @Test
    void theShampooIsMixedByItsLabelAndOneThatCannotBeIsRefused() throws Exception {
        long dog = addKnownDog("Gannet");
        send(HttpMethod.PUT, "/api/supplies/SHAMPOO", "{\"parts\": 9}")
                .andExpect(jsonPath("$[?(@.kind == 'SHAMPOO')].parts", hasItem(9)));
        read("/api/dogs/" + dog + "/bath")
                .andExpect(jsonPath("$.mix.parts").value(9))
                .andExpect(jsonPath("$.tubMinutes").value(closeTo(12.5, 2.5)));
        for (String parts : new String[] {"0", "-3", "101"}) {
            send(HttpMethod.PUT, "/api/supplies/SHAMPOO", "{\"parts\": " + parts + "}")
                    .andExpect(status().isBadRequest())
                    .andExpect(jsonPath("$.fields[0].field").value("parts"))
                    .andExpect(jsonPath("$.fields[0].message", containsString("1 : 1 to 1 : 100")));
        }
        read("/api/dogs/" + dog + "/bath").andExpect(jsonPath("$.mix.parts").value(9));
        send(HttpMethod.PUT, "/api/supplies/TOWELS", "{\"parts\": 3}").andExpect(status().isBadRequest());
        send(HttpMethod.PUT, "/api/supplies/TOWELS", "{}")
                .andExpect(jsonPath("$[?(@.kind == 'TOWELS')].have", hasItem(true)));
        read("/api/dogs/" + dog + "/care")
                .andExpect(jsonPath("$.jobs[?(@.job == 'FEET')].needs[0].have", hasItem("TOWELS")));
        send(HttpMethod.DELETE, "/api/supplies/SHAMPOO", "")
                .andExpect(jsonPath("$[?(@.kind == 'SHAMPOO')].have", hasItem(false)));
    }

    @Test
    void treatsAtTheTableCountInTheDay() throws Exception {
        long dog = addKnownDog("Gannet");
        for (int toe = 1; toe <= 2; toe++) {
            post(
                            "/api/dogs/" + dog + "/claws",
                            "{\"id\": \"%s\", \"paw\": \"FRONT_LEFT\", \"toe\": %d, \"result\": \"DONE\"}"
                                    .formatted(UUID.randomUUID(), toe))
                    .andExpect(status().isOk());
        }
        post(
                "/api/dogs/" + dog + "/care/done",
                "{\"id\": \"%s\", \"job\": \"TEETH\", \"outcome\": \"DONE\", \"words\": \"\"}"
                        .formatted(UUID.randomUUID()));
        read("/api/dogs/" + dog + "/trust").andExpect(jsonPath("$.treats.given").value(3));
    }

    @Test
    void eachClawHasItsMarkAndDewClawsAreSaid() throws Exception {
        long dog = addKnownDog("Gannet");
        String claws = "/api/dogs/" + dog + "/claws";
        read(claws)
                .andExpect(jsonPath("$.claws", hasSize(18)))
                .andExpect(jsonPath("$.claws[*].due", everyItem(is(true))))
                .andExpect(jsonPath("$.how[0].rule").value("care.claw-light"));
        send(HttpMethod.PUT, claws, "{\"frontDew\": true, \"hindDew\": true, \"dark\": true}")
                .andExpect(jsonPath("$.claws", hasSize(20)))
                .andExpect(jsonPath("$.how[0].rule").value("care.claw-dark"));
        post(
                        claws,
                        "{\"id\": \"%s\", \"paw\": \"HIND_LEFT\", \"toe\": 2, \"result\": \"TOO_SHORT\"}"
                                .formatted(UUID.randomUUID()))
                .andExpect(jsonPath("$.claws[?(@.paw == 'HIND_LEFT' && @.toe == 2)].last", hasItem("TOO_SHORT")));
        String took = "{\"id\": \"%s\", \"paw\": \"HIND_LEFT\", \"toe\": 2, \"result\": \"TOO_SHORT\", "
                + "\"signal\": \"%s\", \"with\": \"%s\"}";
        post(claws, took.formatted(UUID.randomUUID(), "UNEASY", "TOOTHBRUSH"))
                .andExpect(status().isBadRequest())
                .andExpect(jsonPath("$.fields[0].field").value("with"));
        String grinder = "/api/dogs/" + dog + "/practice?subject=NAIL_GRINDER";
        post(claws, took.formatted(UUID.randomUUID(), "AFRAID", "NAIL_GRINDER")).andExpect(status().isOk());
        read(grinder)
                .andExpect(jsonPath("$.doneToday").value(true))
                .andExpect(jsonPath("$.enough.rule").value("trust.in-peace"));
        post(
                        claws,
                        "{\"id\": \"%s\", \"paw\": \"HIND_LEFT\", \"toe\": 5, \"result\": \"DONE\"}"
                                .formatted(UUID.randomUUID()))
                .andExpect(status().isBadRequest());
    }

    @Test
    void whoTakesTheWholeOfItRelaxedHasLearnedItAndTheRowOfDaysOnlyRemembers() throws Exception {
        long dog = addKnownDog("Gannet");
        read("/api/dogs/" + dog + "/care").andExpect(jsonPath(job("TEETH", "learning"), hasItem(true)));
        done(dog, UUID.randomUUID(), "TEETH", "DONE", "\"RELAXED\"")
                .andExpect(jsonPath(job("TEETH", "learning"), hasItem(false)))
                .andExpect(jsonPath("$.teeth", hasSize(28)))
                .andExpect(jsonPath("$.teeth[27].how").value("DONE"));
        read("/api/dogs/" + dog + "/care/TEETH/steps")
                .andExpect(jsonPath("$.steps[0].caution.rule").value("care.human-toothpaste"))
                .andExpect(jsonPath("$.vet.rule").value("care.teeth-vet"));
    }

    @Test
    void afterAGrowlNothingIsDueAtTheTableThatDay() throws Exception {
        long dog = addKnownDog("Gannet");
        post(
                "/api/dogs/" + dog + "/practice-warnings",
                "{\"id\": \"%s\", \"subject\": \"NAIL_CLIPPERS\", \"warning\": \"SNAPPED\"}"
                        .formatted(UUID.randomUUID()));
        read("/api/dogs/" + dog + "/care")
                .andExpect(jsonPath("$.inPeace.rule").value("trust.in-peace-warned"))
                .andExpect(jsonPath("$.jobs[*].due", everyItem(is(false))));
        read("/api/today").andExpect(jsonPath("$.care[?(@.dogId == %d)]".formatted(dog), hasSize(0)));
    }
}
