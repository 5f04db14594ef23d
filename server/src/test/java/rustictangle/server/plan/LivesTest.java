package rustictangle.server.plan;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import com.jayway.jsonpath.DocumentContext;
import com.jayway.jsonpath.JsonPath;
import java.time.DayOfWeek;
import java.time.Duration;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.TreeSet;
import java.util.UUID;
import java.util.random.RandomGenerator;
import java.util.random.RandomGeneratorFactory;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.springframework.http.HttpMethod;
import rustictangle.core.dog.Region;
import rustictangle.core.dog.Section;
import rustictangle.server.Sample;
import rustictangle.server.ServerTest;

/** Whole weeks with the product, over HTTP: no place is forgotten, and no two screens ever disagree. */
class LivesTest extends ServerTest {

    private static final int DAYS = 46;
    private static final int GROOM_ON = 42;

    @AfterEach
    void nobodyIsLeftForTheNext() throws Exception {
        List<Integer> dogs = JsonPath.read(body("/api/home"), "$.dogs[*].id");
        for (int dog : dogs) {
            send(HttpMethod.DELETE, "/api/dogs/" + dog, "");
        }
        setMinutes("");
    }

    /** Twenty minutes a day for a long fleece in a harness, with rain, and a groom on day 42. */
    @Test
    void weeksOfALongFleeceForgetNoPlaceAndKeepWhatWasPromised() throws Exception {
        long dog = addDog("Gannet");
        send(HttpMethod.PUT, "/api/dogs/" + dog + "/coat", coat("FLEECE", "SOFT", 90, "MEDIUM"))
                .andExpect(status().isOk());
        send(HttpMethod.PUT, "/api/dogs/" + dog + "/past", "{\"lastCombed\": \"THIS_WEEK\"}")
                .andExpect(status().isOk());
        setMinutes(Arrays.stream(DayOfWeek.values())
                .map(day -> "\"%s\": 20".formatted(day))
                .collect(Collectors.joining(", ")));
        LocalDate start = today();
        send(HttpMethod.PUT, "/api/dogs/" + dog + "/groom/" + start.plusDays(GROOM_ON) + "?hour=10:30", "")
                .andExpect(status().isOk());
        double promised = promisedMats(dog);
        double mats = 0;
        Map<Section, LocalDate> combed = new EnumMap<>(Section.class);
        int longest = 0;
        for (int day = 0; day <= DAYS; day++) {
            assertAgree(dog, "day " + day);
            if (day % 9 == 4) {
                send(HttpMethod.PUT, "/api/dogs/" + dog + "/life/" + today() + "/SOAKED", "");
            }
            Set<String> due = due(dog);
            if (day < GROOM_ON) {
                mats += matsIn(dog, due);
            }
            for (String section : due) {
                LocalDate last = combed.put(Section.valueOf(section), today());
                longest = Math.max(longest, (int) ChronoUnit.DAYS.between(last == null ? start : last, today()));
            }
            brush(dog, due);
            if (!due.isEmpty()) {
                assertEquals(Set.of(), due(dog), "still due on the evening of day " + day);
            }
            daysPass(1);
            if (day == GROOM_ON) {
                LocalDate groom = today().minusDays(1);
                combed.replaceAll((section, last) -> groom);
                send(
                                HttpMethod.PUT,
                                "/api/dogs/" + dog + "/visits/" + today().minusDays(1),
                                "{\"remarks\": \"\", \"found\": \"\", \"takeOver\": false}")
                        .andExpect(status().isOk());
            }
        }
        assertEquals(Section.values().length, combed.size(), "every place was brushed: " + combed.keySet());
        assertTrue(longest <= 24, "longest wait " + longest + " days");
        // Rain that nobody foresaw makes it somewhat more.
        assertTrue(mats <= 1.6 * promised + 1 && mats >= 0.4 * promised, mats + " mats, promised " + promised);
    }

    /** A frightened dog: what is practised, not brushed, stands in every total, and the hardest places have their turn. */
    @Test
    void aFrightenedDogsPlacesInTrainingAreInEveryTotal() throws Exception {
        String frightened = dogJson("Thimble", "12").replace("GENTLE", "ROUGH_GROOM");
        long dog = Long.parseLong(post("/api/dogs", frightened)
                .andReturn()
                .getResponse()
                .getContentAsString()
                .replaceAll("(?s).*?\"id\":(\\d+).*", "$1"));
        send(HttpMethod.PUT, "/api/dogs/" + dog + "/coat", coat("FLEECE", "SOFT", 80, "MEDIUM"))
                .andExpect(status().isOk());
        send(HttpMethod.PUT, "/api/dogs/" + dog + "/past", "{\"lastCombed\": \"THIS_WEEK\"}");
        double before = 0;
        Set<String> practised = new TreeSet<>();
        for (int day = 0; day <= 30; day++) {
            assertAgree(dog, "day " + day);
            String when = body("/api/dogs/" + dog + "/when");
            List<Number> now = JsonPath.read(when, "$.races[*].matsNow");
            double training = now.stream().mapToDouble(Number::doubleValue).sum();
            assertFalse(now.isEmpty());
            if (day == 30) {
                assertTrue(training > 5 && training > before, training + " mats in training");
                List<Number> total = JsonPath.read(body("/api/week"), "$.dogs[*].matsPlanned");
                assertTrue(total.get(0).doubleValue() >= training, "the week says " + total);
                List<Boolean> lost = JsonPath.read(when, "$.races[*].lost");
                assertTrue(lost.contains(true));
            }
            before = day == 0 ? training : before;
            practised.addAll(JsonPath.<List<String>>read(
                    body("/api/dogs/" + dog + "/trust"), "$.today[?(@.standing.rungNumber < 9)].standing.section"));
            brush(dog, due(dog));
            daysPass(1);
        }
        assertTrue(
                practised.stream().allMatch(section -> Section.valueOf(section).sensitivityRank() <= 3),
                "the body comes before any armpit, foot or face: " + practised);
    }

    /**
     * Weeks of three dogs short of time, each day's list done in any order, with days missed and weather: the evening is
     * empty, nothing comes in but for what happened, and no more is done than was promised.
     */
    @Test
    void theDayIsAPromiseInWhateverOrderItIsDone() throws Exception {
        long[] dogs = {addDog("Oakum"), addDog("Gannet"), addDog("Thimble")};
        String[] coats = {
            coat("DOUBLE", "SOFT", 60, "DENSE"), coat("CURLY", "SOFT", 30, "MEDIUM"), coat("DROP", "SOFT", 90, "MEDIUM")
        };
        for (int i = 0; i < dogs.length; i++) {
            send(HttpMethod.PUT, "/api/dogs/" + dogs[i] + "/coat", coats[i]).andExpect(status().isOk());
            send(HttpMethod.PUT, "/api/dogs/" + dogs[i] + "/past", "{\"lastCombed\": \"THIS_WEEK\"}");
        }
        setMinutes(Arrays.stream(DayOfWeek.values())
                .map(day -> "\"%s\": %d".formatted(day, day == DayOfWeek.TUESDAY ? 5 : 30))
                .collect(Collectors.joining(", ")));
        RandomGenerator random = RandomGeneratorFactory.of("L64X128MixRandom").create(7);
        int quiet = 0;
        for (int day = 0; day < Sample.of(6, 30); day++) {
            daysPass(1);
            if (random.nextInt(10) == 0) {
                continue;
            }
            String morning = body("/api/home");
            Set<String> promised = asked(morning);
            int minutes = JsonPath.read(morning, "$.day.minutes");
            assertTrue(
                    minutes <= JsonPath.<Integer>read(body("/api/week"), "$.days[0].minutes"),
                    "day " + day + ": " + minutes);
            List<String> order = new ArrayList<>(promised);
            Collections.shuffle(order, new Random(random.nextLong()));
            boolean happened = false;
            double left = minutes;
            for (String one : order) {
                if (!asked(body("/api/home")).contains(one)) {
                    continue;
                }
                doIt(one);
                if (random.nextInt(25) == 0) {
                    send(HttpMethod.PUT, "/api/dogs/" + dogs[random.nextInt(3)] + "/life/" + today() + "/SOAKED", "");
                    happened = true;
                }
                String now = body("/api/home");
                if (!happened) {
                    assertTrue(promised.containsAll(asked(now)), "day " + day + ", after " + one + ": " + asked(now));
                }
                double still = JsonPath.<Integer>read(now, "$.day.minutes");
                assertTrue(still <= left + (happened ? minutes : 0), "day " + day + ", after " + one);
                left = still;
            }
            if (!happened) {
                assertEquals(Set.of(), asked(body("/api/home")), "the evening of day " + day);
                quiet++;
            }
            if (day % 4 == 0) {
                for (long dog : dogs) {
                    assertAgree(dog, "the evening of day " + day);
                }
            }
        }
        assertTrue(quiet >= 2, quiet + " ordinary days");
    }

    /** Each session, and each job at the table, that the day asks for. */
    private static Set<String> asked(String home) {
        Set<String> asked = new TreeSet<>();
        for (Map<String, Object> pick : JsonPath.<List<Map<String, Object>>>read(home, "$.day.picks[*]")) {
            for (Object section : (List<?>) pick.get("sections")) {
                asked.add(pick.get("dogId") + " " + section);
            }
        }
        for (Map<String, Object> turn : JsonPath.<List<Map<String, Object>>>read(
                home, "$.day.care[?(@.job != 'BATH' || @.learning == true)]")) {
            asked.add(turn.get("dogId") + " job " + turn.get("job") + " " + turn.get("learning"));
        }
        return asked;
    }

    /** A place with all that is asked for of the same dog, in one session, as long as it was said to take; or a job. */
    private void doIt(String one) throws Exception {
        String[] words = one.split(" ");
        String dog = words[0];
        if (!words[1].equals("job")) {
            Map<String, Object> pick = JsonPath.<List<Map<String, Object>>>read(
                            body("/api/home"), "$.day.picks[?(@.dogId == " + dog + ")]")
                    .get(0);
            List<?> sections = (List<?>) pick.get("sections");
            String session = beginSession(
                    Long.parseLong(dog), sections.stream().map(Object::toString).toArray(String[]::new));
            double each =
                    (((Number) pick.get("seconds")).doubleValue() - ((Number) pick.get("setUpSeconds")).doubleValue())
                            / sections.size();
            for (Object section : sections) {
                later(Duration.ofMillis((long) (1000 * each)));
                post(session + "/events", glides(section.toString())).andExpect(status().isOk());
            }
        } else if (words[3].equals("true")) {
            String subject = JsonPath.<List<String>>read(
                            body("/api/dogs/" + dog + "/care"),
                            "$.jobs[?(@.job == '" + words[2] + "')].standing.subject")
                    .get(0);
            for (int n = 0; n < 3; n++) {
                post(
                        "/api/dogs/" + dog + "/practice-trials",
                        "{\"id\": \"%s\", \"subject\": \"%s\", \"signal\": \"RELAXED\"}"
                                .formatted(UUID.randomUUID(), subject));
            }
        } else {
            post(
                            "/api/dogs/" + dog + "/care/done",
                            "{\"id\": \"%s\", \"job\": \"%s\", \"outcome\": \"DONE\", \"signal\": \"RELAXED\", \"words\": \"\"}"
                                    .formatted(UUID.randomUUID(), words[2]))
                    .andExpect(status().isOk());
        }
    }

    /** Households of one to three dogs on a day like any other: every kind with every stage, minutes set or not, by pairs. */
    @ParameterizedTest
    @MethodSource("households")
    void noTwoScreensDisagree(int seed) throws Exception {
        List<String> kinds = List.of("SMOOTH", "DOUBLE", "DROP", "CURLY", "FLEECE", "WIRE", "FEATHERED");
        List<String> stages = List.of("ADULT", "PUPPY", "ELDERLY");
        RandomGenerator random = RandomGeneratorFactory.of("L64X128MixRandom").create(seed);
        long[] dogs = new long[1 + seed % 3];
        for (int i = 0; i < dogs.length; i++) {
            String json = dogJson("Dog " + i, String.valueOf(random.nextInt(2, 50)))
                    .replace("ADULT", stages.get((seed / kinds.size() + i) % stages.size()))
                    .replace("GENTLE", (seed + i) % 4 == 0 ? "ROUGH_GROOM" : "GENTLE");
            dogs[i] = Long.parseLong(post("/api/dogs", json)
                    .andReturn()
                    .getResponse()
                    .getContentAsString()
                    .replaceAll("(?s).*?\"id\":(\\d+).*", "$1"));
            String kind = kinds.get((seed + 3 * i) % kinds.size());
            send(
                    HttpMethod.PUT,
                    "/api/dogs/" + dogs[i] + "/coat",
                    coat(kind, random.nextBoolean() ? "SOFT" : "CURLY", random.nextInt(6, 180), "DENSE"));
            if ((seed / 2 + i) % 2 == 0) {
                Set<String> some = Arrays.stream(Section.values())
                        .filter(section -> random.nextInt(5) == 0)
                        .map(Enum::name)
                        .collect(Collectors.toSet());
                brush(dogs[i], some);
            }
            if ((seed + i) % 3 == 0) {
                send(HttpMethod.PUT, "/api/dogs/" + dogs[i] + "/groom/" + today().plusDays(random.nextInt(5, 40)), "");
            }
        }
        setMinutes(
                seed % 2 == 0
                        ? ""
                        : Arrays.stream(DayOfWeek.values())
                                .map(day -> "\"%s\": %d".formatted(day, random.nextInt(0, 60)))
                                .collect(Collectors.joining(", ")));
        daysPass(random.nextInt(1, 6));
        for (long dog : dogs) {
            assertAgree(dog, "household " + seed + ", dog " + dog);
        }
    }

    static IntStream households() {
        return IntStream.rangeClosed(1, Sample.of(12, 30));
    }

    /** Home, routine, week, when, thread, calendar and reminder name the same places for today. */
    private void assertAgree(long dog, String where) throws Exception {
        String home = body("/api/home");
        String today = JsonPath.read(home, "$.today");
        Set<String> due = places(home, "$.day.picks[?(@.dogId == " + dog + ")].sections[*]");
        String when = body("/api/dogs/" + dog + "/when");
        assertEquals(due, places(when, "$.plan.sections[?(@.next == '" + today + "')].section"), where + ": when");
        assertEquals(
                due,
                places(body("/api/week"), "$.days[0].picks[?(@.dogId == " + dog + ")].sections[*]"),
                where + ": week");
        assertEquals(
                due, places(body("/api/dogs/" + dog + "/routine"), "$.routine.places[*].section"), where + ": routine");
        Set<String> mats = places(when, "$.plan.sections[?(@.mats > 0)].section");
        Set<String> thread = places(body("/api/dogs/" + dog + "/thread"), "$.threads[?(@.brushed[0] == 0)].section");
        Set<String> dueAndMats = new TreeSet<>(due);
        dueAndMats.retainAll(mats);
        thread.retainAll(mats);
        assertEquals(dueAndMats, thread, where + ": thread");
        List<Integer> count = JsonPath.read(home, "$.dogs[?(@.id == " + dog + ")].known.dueCount");
        assertEquals(List.of(due.size()), count, where + ": home");
        String calendar = body(JsonPath.read(body("/api/calendar"), "$.path"));
        List<String> names = JsonPath.read(home, "$.dogs[?(@.id == " + dog + ")].name");
        boolean written = calendar.replace("\r\n ", "").matches("(?s).*UID:brush-" + today + "@[^\\n]*\\n.*")
                && calendar.replace("\r\n ", "")
                        .matches("(?s).*BEGIN:VEVENT(?:(?!END:VEVENT).)*DTSTART;VALUE=DATE:" + today.replace("-", "")
                                + "(?:(?!END:VEVENT).)*SUMMARY:Brush[^\\n]*" + names.get(0) + ".*");
        assertEquals(!due.isEmpty(), written, where + ": calendar");
        careAgrees(dog, home, where);
        minutesAgree(dog, home, where);
        daysAgree(dog, where);
        sentencesAgree(when, where);
    }

    /** The same thing takes as many minutes on home, in the week and on the routine; the trade reads the plan. */
    private void minutesAgree(long dog, String home, String where) throws Exception {
        String week = body("/api/week");
        double today = sum(week, "$.days[0].picks[*].seconds")
                + JsonPath.<Integer>read(week, "$.days[0].practiceSeconds")
                + 60 * sum(week, "$.days[0].care[?(@.job != 'BATH' || @.learning == true)].minutes");
        assertEquals(
                sum(week, "$.days[0].picks[*].seconds"),
                JsonPath.<Number>read(week, "$.days[0].seconds").doubleValue(),
                0.01);
        assertEquals(
                (int) Math.ceil(today / 60 - 1e-9), JsonPath.<Integer>read(home, "$.day.minutes"), where + ": minutes");
        String routine = body("/api/dogs/" + dog + "/routine");
        double brushing = sum(routine, "$.routine.places[*].seconds");
        assertEquals(
                sum(home, "$.day.picks[?(@.dogId == " + dog + ")].seconds"),
                brushing == 0
                        ? 0
                        : brushing
                                + JsonPath.<Number>read(routine, "$.setUpSeconds")
                                        .doubleValue(),
                0.01,
                where + ": the routine's minutes");
        if (today().getDayOfWeek() != DayOfWeek.MONDAY) {
            return;
        }
        String own = JsonPath.read(body("/api/dogs/" + dog + "/trade"), "$.own.text");
        long mats = Math.round(sum(week, "$.dogs[?(@.id == " + dog + ")].matsPlanned"));
        assertTrue(
                own.contains(mats == 0 ? "hardly any small mat" : mats == 1 ? "one small mat" : mats + " small mats"),
                where + ": " + own + ", the week " + mats);
        if (JsonPath.<Boolean>read(week, "$.asItTakes")) {
            assertEquals("{}", body("/api/enough"), where);
        }
    }

    /** Week and thread name the same days, of brushing and at the table. */
    private void daysAgree(long dog, String where) throws Exception {
        DocumentContext week = JsonPath.parse(body("/api/week"));
        DocumentContext thread = JsonPath.parse(body("/api/dogs/" + dog + "/thread"));
        Set<String> threads = new TreeSet<>(thread.<List<String>>read("$.threads[*].section"));
        int days = Math.min(14, week.<List<Object>>read("$.days").size());
        for (int day = 0; day < days; day++) {
            Set<String> brushed = new TreeSet<>(
                    week.<List<String>>read("$.days[" + day + "].picks[?(@.dogId == " + dog + ")].sections[*]"));
            brushed.retainAll(threads);
            assertEquals(
                    brushed,
                    new TreeSet<>(thread.<List<String>>read("$.threads[?(" + day + " in @.brushed)].section")),
                    where + ": day " + day + " on the thread");
        }
    }

    /** What can wait has no more than a fifth of a chance, and is never where a mat is likely. */
    private static void sentencesAgree(String when, String where) {
        for (String state : List.of("MAT_LIKELY", "MAT_LEFT", "NO_MINUTES", "COMES")) {
            assertEquals(
                    List.of(),
                    JsonPath.<List<String>>read(when, "$.plan.sections[?(@.state == '" + state + "')].reasons[*].text")
                            .stream()
                            .filter(text -> text.contains("can wait"))
                            .toList(),
                    where + ": " + state);
        }
        JsonPath.<List<String>>read(when, "$.plan.sections[*].reasons[*].text").stream()
                .filter(text -> text.contains("can wait"))
                .forEach(text -> assertTrue(
                        text.matches(".*chance of a mat is (next to none|1?\\d|20)( %)?\\."), where + ": " + text));
    }

    private static double sum(String json, String path) {
        return JsonPath.<List<Number>>read(json, path).stream()
                .mapToDouble(Number::doubleValue)
                .sum();
    }

    /** Home, week and thread name the same jobs at the table for today, and the calendar those that are seldom. */
    private void careAgrees(long dog, String home, String where) throws Exception {
        Set<String> now = places(home, "$.day.care[?(@.dogId == " + dog + ")].job");
        assertEquals(now, places(body("/api/week"), "$.days[0].care[?(@.dogId == " + dog + ")].job"), where + ": care");
        Set<String> seldom = new TreeSet<>(now);
        seldom.remove("TEETH");
        assertEquals(
                seldom,
                places(body("/api/dogs/" + dog + "/thread"), "$.care[?(0 in @.days)].job"),
                where + ": care on the thread");
        Set<String> open = places(body("/api/dogs/" + dog + "/care"), "$.jobs[?(@.due == true)].job");
        assertTrue(open.containsAll(now), where + ": " + now + " of " + open + " due");
    }

    private Set<String> due(long dog) throws Exception {
        return places(body("/api/dogs/" + dog + "/routine"), "$.routine.places[*].section");
    }

    private double promisedMats(long dog) throws Exception {
        List<Number> planned = JsonPath.read(body("/api/week"), "$.dogs[?(@.id == " + dog + ")].matsPlanned");
        return planned.get(0).doubleValue();
    }

    private double matsIn(long dog, Set<String> sections) throws Exception {
        String when = body("/api/dogs/" + dog + "/when");
        double sum = 0;
        for (String section : sections) {
            List<Number> mats = JsonPath.read(when, "$.plan.sections[?(@.section == '" + section + "')].mats");
            sum += mats.get(0).doubleValue();
        }
        return sum;
    }

    /** Where it is brushed at all: not in training, not closed. */
    private void brush(long dog, Set<String> sections) throws Exception {
        sections = new TreeSet<>(sections);
        sections.retainAll(places(body("/api/dogs/" + dog + "/routine?scope=WHOLE"), "$.routine.places[*].section"));
        if (sections.isEmpty()) {
            return;
        }
        String session = beginSession(dog, sections.toArray(String[]::new));
        for (String section : sections) {
            later(Duration.ofSeconds(30));
            post(session + "/events", glides(section)).andExpect(status().isOk());
        }
    }

    private static Set<String> places(String json, String path) {
        return new TreeSet<>(JsonPath.<List<String>>read(json, path));
    }

    private void setMinutes(String minutes) throws Exception {
        keepHousehold(minutes, "").andExpect(status().isOk());
    }

    private static String coat(String kind, String texture, int millimetres, String density) {
        return Arrays.stream(Region.values())
                .map(region ->
                        """
                {"region": "%s", "kind": "%s", "millimetres": %d, "density": "%s", "texture": "%s",
                 "undercoat": %s, "clipped": false}
                """
                                .formatted(region, kind, millimetres, density, texture, kind.equals("DOUBLE")))
                .collect(Collectors.joining(
                        ",", "{\"sheddingHeavily\": false, \"neglected\": false, \"regions\": [", "]}"));
    }
}
