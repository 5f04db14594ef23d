package rustictangle.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.google.gson.JsonElement;
import com.google.gson.JsonObject;
import com.google.gson.JsonParser;
import com.microsoft.playwright.Page;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import rustictangle.e2e.views.HomeView;
import rustictangle.e2e.views.SessionView;

/** What hands do: the lesson, a scream over a mat, a fleece from an empty drawer, a week with the comb alone. */
class HandsTest extends Browsing {

    private RunningApp app;

    @AfterEach
    void stop() throws Exception {
        app.close();
    }

    @Test
    void theHandHasItsLessonOnTheKeyboardAloneAndThenSaysPractised() throws Exception {
        app = RunningApp.anew(true);
        Page page = laptop();
        page.navigate(app.url() + "dogs/2/tools/lesson");
        button(page, Pattern.compile("^slicker", Pattern.CASE_INSENSITIVE)).press("Enter");
        assertThat(heading(page, "Hold it so that it almost drops")).isVisible();
        Barriers.assertNone(page, "the first step of the lesson");
        for (String next :
                List.of("Lay it flat", "Down, draw, lift", "On your own forearm", "On a towel", "On a kitchen scale")) {
            page.keyboard().press("Space");
            assertThat(heading(page, next)).isVisible();
        }
        page.keyboard().press("w");
        assertThat(page.getByText("a simulated kitchen scale")).isVisible();
        page.keyboard().press("PageDown");
        assertThat(heading(page, "That was the lesson")).isVisible();
        assertThat(button(page, Pattern.compile("lesson on Thu 14 May"))).isVisible();
        button(page, "Say “practised”").press("Enter");
        assertThat(page.getByText("You have said “practised”.")).isVisible();
        Barriers.assertNone(page, "after the lesson");
        // What it loosens holds for this dog, and is told where one disagrees.
        page.navigate(app.url() + "dogs/2/tools/schools");
        unfold(page);
        assertThat(page.locator("button:has(b:text-is('Practised'))")).hasAttribute("aria-pressed", "true");
        page.navigate(app.url() + "dogs/1/tools/schools");
        unfold(page);
        assertThat(page.locator("button:has(b:text-is('Practised'))")).hasAttribute("aria-pressed", "false");
    }

    /** It cries over a lump: ease off, once more, then it is the groomer's. */
    @Test
    void aScreamOverAMatIsHeardOnceAndTheSecondLeavesItForTheGroomer() throws Exception {
        app = RunningApp.anew(true);
        String id = UUID.randomUUID().toString();
        app.send(
                "POST",
                "api/dogs/2/sessions",
                "{\"id\": \"%s\", \"sections\": [\"THIGH_LEFT\", \"BACK\"]}".formatted(id));
        Page page = phone();
        page.navigate(app.url() + "dogs/2/sessions/" + id);
        SessionView session = new SessionView(page).start();
        session.button("Something else").click();
        session.button("It catches").click();
        session.button("It still holds").click();
        for (String answer : List.of("Sound", "A small lump", "Yes, it passes", "One")) {
            button(page, Pattern.compile("^" + answer, Pattern.CASE_INSENSITIVE))
                    .click();
        }
        session.button("It cries: ease off, once more").click();
        assertThat(session.advice("session.catch-minded")).containsText("hold the hair at its base");
        assertThat(session.button("It cries again: for the groomer")).isVisible();
        Barriers.assertNone(page, "it cried over a mat");
        session.button("It cries again: for the groomer").click();
        assertThat(session.place()).containsText("back", ignoreCase());
        session.ranFree();
        assertThat(page.getByText("1 mat stays in").first()).isVisible();
        assertThat(session.advice("session.next-groomer")).containsText("left thigh");
    }

    @Test
    void aFleeceFromAnEmptyDrawerIsSoldTheSlickerThatLeadsAndProvesItsFirstPlace() throws Exception {
        app = RunningApp.anew(false);
        Page page = laptop();
        HomeView.open(page, app.url())
                .addFirstDog()
                .who("Gannet")
                .looks("fleece")
                .on()
                .length("A hand")
                .on()
                .grooming("Gentle so far")
                .combed("Some weeks ago");
        page.waitForURL("**/dogs/1/first");
        page.navigate(app.url() + "dogs/1/tools/buy");
        assertThat(page.locator("main")).containsText(Pattern.compile("slicker", Pattern.CASE_INSENSITIVE));
        assertThat(page.locator("main")).containsText(Pattern.compile("\\bcomb\\b", Pattern.CASE_INSENSITIVE));
        assertThat(page.locator("main")).containsText(Pattern.compile("conditioning mist", Pattern.CASE_INSENSITIVE));
        for (String tool : List.of(
                "{\"name\": \"\", \"kind\": \"SLICKER\", \"pinMillimetres\": 25, \"tips\": \"COATED\", \"flexible\": true}",
                "{\"name\": \"\", \"kind\": \"COMB\", \"spacing\": \"WIDE_AND_FINE\", \"flexible\": false}",
                "{\"name\": \"\", \"kind\": \"MIST\", \"flexible\": false}")) {
            app.send("POST", "api/tools", tool);
        }
        page.navigate(app.url() + "dogs/1/routine");
        button(page, "Begin").click();
        SessionView session = new SessionView(page).start();
        assertThat(page.locator(".step .tools"))
                .containsText(Pattern.compile(
                        "mist .*slicker .*layer by layer, then comb wide, then fine; lifted against the lie",
                        Pattern.CASE_INSENSITIVE));
        session.ranFree();
        assertThat(page.locator("progress")).hasAttribute("value", "1");
        session.keys("e");
        assertThat(page.getByText(Pattern.compile("\\d places? ran free")).first())
                .isVisible();
    }

    /** Comb only is a daily round, all over; a week of it leaves nothing out and nothing over. */
    @Test
    void aWeekWithTheCombAloneIsARoundOfTheWholeDogEachDay() throws Exception {
        app = RunningApp.anew(true);
        JsonObject household = JsonParser.parseString(app.get("api/household")).getAsJsonObject();
        household.add("minutes", new JsonObject());
        app.send("PUT", "api/household", household.toString());
        app.send(
                "PUT",
                "api/dogs/2/approach",
                "{\"lead\": \"COMB_ONLY\", \"tips\": \"BY_SKIN\", \"mist\": \"BY_SKIN\", \"hand\": \"BEGINNER\"}");
        Page page = laptop();
        Set<String> whole = Set.of();
        for (LocalDate day = LocalDate.of(2026, 5, 15);
                day.isBefore(LocalDate.of(2026, 5, 22));
                day = day.plusDays(1)) {
            app.at(day + "T09:00:00Z");
            List<String> places = asked(2);
            if (!whole.isEmpty()) {
                assertEquals(whole, Set.copyOf(places), "the same round on " + day);
            }
            whole = Set.copyOf(places);
            assertTrue(places.size() > 20, day + ": " + places);
            app.send("POST", "api/dogs/2/sessions/afterwards", told(day, places));
            assertEquals(List.of(), asked(2), "the evening of " + day);
        }
        HomeView home = HomeView.open(page, app.url());
        assertThat(home.dog("Gannet")).not().containsText("places due");
    }

    private List<String> asked(int dog) throws Exception {
        List<String> places = new ArrayList<>();
        for (JsonElement pick : JsonParser.parseString(app.get("api/home"))
                .getAsJsonObject()
                .getAsJsonObject("day")
                .getAsJsonArray("picks")) {
            JsonObject one = pick.getAsJsonObject();
            if (one.get("dogId").getAsInt() == dog) {
                one.getAsJsonArray("sections").forEach(place -> places.add(place.getAsString()));
            }
        }
        return places;
    }

    private static String told(LocalDate day, List<String> places) {
        return "{\"id\": \"%s\", \"day\": \"%s\", \"proved\": true, \"places\": [%s]}"
                .formatted(
                        UUID.randomUUID(),
                        day,
                        places.stream()
                                .map(place ->
                                        "{\"section\": \"%s\", \"tangles\": 0, \"mat\": false, \"signal\": \"RELAXED\"}"
                                                .formatted(place))
                                .collect(Collectors.joining(", ")));
    }
}
