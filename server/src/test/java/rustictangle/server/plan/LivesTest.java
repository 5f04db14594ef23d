package rustictangle.server.plan;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import com.jayway.jsonpath.JsonPath;
import java.time.DayOfWeek;
import java.time.Duration;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
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

    private static final int DAYS = Sample.of(46, 60);
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
        assertTrue(longest <= 21, "longest wait " + longest + " days");
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
        return IntStream.rangeClosed(1, Sample.of(12, 42));
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
        send(
                        HttpMethod.PUT,
                        "/api/household",
                        """
                {"name": "", "comfort": "BALANCED", "lengthUnit": "MILLIMETRES", "massUnit": "KILOGRAMS", "weekStart": "MONDAY",
                 "dateFormat": "DAY_MONTH", "latitude": 50, "minutes": {%s}, "currency": "EUR", "quietFrom": "21:00", "quietTo": "08:00"}
                """
                                .formatted(minutes))
                .andExpect(status().isOk());
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
