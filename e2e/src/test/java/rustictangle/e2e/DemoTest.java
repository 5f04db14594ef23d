package rustictangle.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.regex.Pattern;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import rustictangle.e2e.views.CoatMapView;
import rustictangle.e2e.views.HomeView;
import rustictangle.e2e.views.RoutineView;
import rustictangle.e2e.views.SessionView;

/** Through the demo household. */
class DemoTest extends Browsing {

    private RunningApp app;

    @BeforeEach
    void start() throws Exception {
        app = RunningApp.anew(true);
    }

    @Test
    void homeShowsEachDogWhatIsDueAndOneButton() {
        HomeView home = HomeView.open(laptop(), app.url());
        for (String dog : List.of("Oakum", "Gannet", "Thimble", "Pintle")) {
            assertThat(home.dog(dog)).containsText("due");
            assertThat(home.dog(dog)).containsText("Practice");
        }
        // Which of them is due depends on what was brushed in the tests before.
        for (String dog : List.of("Oakum", "Gannet", "Thimble", "Pintle")) {
            Locator begin = home.dog(dog).getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Begin"));
            assertThat(begin.or(home.dog(dog).getByText("Nothing due until")).first())
                    .isVisible();
        }
    }

    @Test
    void aWholeSessionByTouchAtPhoneWidthEndsWithTheNextDate() {
        Page page = phone();
        page.navigate(app.url() + "dogs/1/routine");
        RoutineView routine = new RoutineView(page);
        SessionView session = routine.whole().begin();
        int steps = session.steps();
        for (int i = 0; i < steps; i++) {
            assertThat(page.locator("progress")).hasAttribute("value", String.valueOf(i));
            session.ranFree();
        }
        assertThat(session.heading("All done")).isVisible();
        assertThat(session.nextDate()).not().containsText("today");
        page.getByText("Undo the last entry").click();
        assertThat(page.locator("progress")).hasAttribute("value", String.valueOf(steps - 1));
        session.ranFree();
        HomeView home = HomeView.open(page, app.url());
        assertThat(home.dog("Oakum")).containsText("Nothing due until");
    }

    @Test
    void aButtonThatWasPressedIsNotPressedAgainByTheSpaceBar() {
        Page page = laptop();
        page.navigate(app.url() + "dogs/2/routine");
        SessionView session = new RoutineView(page).begin();
        session.button("Something else").click();
        session.button("Leave it for today").click();
        assertThat(page.locator("progress")).hasAttribute("value", "1");
        session.keys("Space");
        assertThat(page.locator("progress")).hasAttribute("value", "2");
        session.keys("u");
        assertThat(page.locator("progress")).hasAttribute("value", "1");
        page.keyboard().press("e");
        assertThat(session.heading("Enough for today")).isVisible();
    }

    @Test
    void withTenMinutesThePlacesThatMatterMostAreChosenAndTheRestIsToldHowLongItCanWait() {
        Page page = laptop();
        page.navigate(app.url() + "dogs/2/routine");
        RoutineView routine = new RoutineView(page);
        routine.places().first().waitFor();
        int all = routine.places().count();
        routine.minutes("8");
        assertThat(page.getByText("8 minutes", new Page.GetByTextOptions().setExact(true)))
                .isVisible();
        assertThat(routine.places()).not().hasCount(all);
        int many = routine.places().count();
        assertThat(page.getByText(Pattern.compile("the " + many + " places that matter most")))
                .isVisible();
        assertThat(page.getByText("These wait")).isVisible();
        assertTrue(many < all, many + " of " + all + " places");
        page.getByText("all of it", new Page.GetByTextOptions().setExact(true)).click();
        assertThat(routine.places()).hasCount(all);
    }

    @Test
    void inchesAndPoundsAreShownWhereTheHouseholdWantsThem() {
        Page page = laptop();
        page.navigate(app.url() + "settings");
        page.getByLabel("Inches").check();
        page.getByLabel("Pounds").check();
        page.getByLabel("Nov 24").check();
        button(page, "Keep").click();
        page.getByText("Kept.").waitFor();
        page.navigate(app.url() + "dogs/1/tools");
        assertThat(page.getByText("38.6 lb")).isVisible();
        assertThat(page.getByText("wires 0.63–0.87 in").first()).isVisible();
        CoatMapView.point(page, "BACK");
        page.getByText("Why?").click();
        assertThat(page.getByText("Pins of 0.63 in to 0.87 in")).isVisible();
        page.navigate(app.url() + "dogs/3/groom");
        assertThat(page.getByLabel("Move it to")).hasValue("06/07/2026");
        page.navigate(app.url() + "settings");
        page.getByLabel("Millimetres").check();
        page.getByLabel("Kilograms").check();
        page.getByLabel("24 Nov", new Page.GetByLabelOptions().setExact(true)).check();
        button(page, "Keep").click();
        page.getByText("Kept.").waitFor();
    }

    @Test
    void theSectionsTileTheDogWithoutGapOrOverlap() {
        Page page = laptop();
        page.navigate(app.url() + "dogs/2/when");
        page.locator("[data-section=BACK]").first().waitFor();
        // Every point well inside the body belongs to exactly one section's area.
        Object wrong = page.evaluate(
                """
                () => {
                  const svg = document.querySelector('svg.side')
                  const outline = svg.querySelector('clipPath path')
                  const areas = [...svg.querySelectorAll('g[clip-path*="-body"] > path.area')]
                  const point = svg.createSVGPoint()
                  const holders = (x, y) => {
                    point.x = x; point.y = y
                    return areas.filter((area) => area.isPointInFill(point)).length
                  }
                  let inside = 0, wrong = 0
                  for (let y = 130; y < 655; y += 4) for (let x = 86; x < 810; x += 4) {
                    point.x = x + 0.37; point.y = y + 0.53
                    if (!outline.isPointInFill(point)) continue
                    inside++
                    // A point that falls on a cut may count for both or neither; its neighbour may not.
                    if (holders(x + 0.37, y + 0.53) !== 1 && holders(x + 0.71, y + 0.97) !== 1) wrong++
                  }
                  return { inside, wrong, areas: areas.length }
                }""");
        Map<?, ?> counted = (Map<?, ?>) wrong;
        assertTrue(((Number) counted.get("inside")).intValue() > 8000, counted.toString());
        assertEquals(0, ((Number) counted.get("wrong")).intValue(), counted.toString());
        // Both sides together offer every section to point at.
        Object names = page.evaluate(
                "() => new Set([...document.querySelectorAll('[data-section]')].map((e) => e.dataset.section)).size");
        assertEquals(29, ((Number) names).intValue());
    }

    @Test
    void theSessionHasNoSeriousBarriersInAnyOfItsQuestions() {
        Page page = laptop();
        page.navigate(app.url() + "dogs/2/routine");
        SessionView session = new RoutineView(page).begin();
        Barriers.assertNone(page, "work");
        session.keys("x");
        assertThat(session.button("It catches")).isVisible();
        Barriers.assertNone(page, "something else");
        page.keyboard().press("c");
        assertThat(session.heading("Tangles, now out")).isVisible();
        Barriers.assertNone(page, "it catches");
        page.keyboard().press("b");
        session.keys("d");
        assertThat(session.button("Opted out")).isVisible();
        Barriers.assertNone(page, "the dog");
        page.keyboard().press("o");
        assertThat(session.advice("session.first-no")).isVisible();
        Barriers.assertNone(page, "a no");
        page.keyboard().press("e");
        assertThat(page.getByText("Enough for today")).isVisible();
        Barriers.assertNone(page, "end");
    }

    @Test
    void whenTheCombCatchesFourLooksLeadToOneThingToDoAndTheTriesAreRemembered() throws Exception {
        // Places with sound, thick skin, whatever else is due: thin skin would be left after one try.
        UUID id = UUID.randomUUID();
        app.send("POST", "api/dogs/1/sessions", "{\"id\": \"" + id + "\", \"sections\": [\"BACK\", \"SIDE_LEFT\"]}");
        Page page = laptop();
        page.navigate(app.url() + "dogs/1/sessions/" + id);
        SessionView session = new SessionView(page);
        session.start();
        session.keys("c", "k");
        assertThat(session.heading("How does the skin look there?")).isVisible();
        Barriers.assertNone(page, "skin");
        page.keyboard().press("1");
        page.keyboard().press("2");
        page.keyboard().press("1");
        page.keyboard().press("1");
        assertThat(session.heading("Soak it and tease it apart")).isVisible();
        Barriers.assertNone(page, "tease");
        assertThat(page.getByText("No scissors near it")).isVisible();
        // Keys are heeded again once the first try is stored.
        page.waitForResponse(answer -> answer.url().endsWith("/events"), () -> page.keyboard()
                .press("2"));
        assertThat(button(page, "Not yet")).isEnabled();
        page.keyboard().press("2");
        assertThat(session.heading("Leave it, and come back")).isVisible();
        page.reload();
        assertThat(session.heading("Leave it, and come back")).isVisible();
        page.keyboard().press("u");
        assertThat(session.heading("Soak it and tease it apart")).isVisible();
        page.keyboard().press("1");
        assertThat(session.heading("It is out: how many were there?")).isVisible();
        page.keyboard().press("1");
        assertThat(page.locator("progress")).hasAttribute("value", "1");
        session.keys("c", "k", "3");
        assertThat(session.heading("Stop, and call a vet")).isVisible();
        page.keyboard().press("1");
        assertThat(session.heading("Enough for today")).isVisible();
    }

    @Test
    void theHistoryShowsWhereItKeepsTanglingAndOneSessionsStory() {
        Page page = laptop();
        page.navigate(app.url() + "dogs/2/when/history");
        assertThat(page.getByText("Where it keeps tangling")).isVisible();
        Locator rows = page.locator("tbody tr");
        assertThat(rows).hasCount(15);
        page.getByText("Show older ones").click();
        assertThat(rows.nth(15)).isVisible();
        CoatMapView.point(page, "ARMPIT_LEFT");
        assertThat(page.getByText(Pattern.compile("found in \\d+ comb checks"))).isVisible();
        rows.nth(1).getByRole(AriaRole.LINK).click();
        assertThat(page.getByText("All that was done")).isVisible();
        assertThat(page.getByText("Undo the last entry")).hasCount(0);
    }

    @Test
    void whatTheDayDidIsSaidWithOneTapBringsBrushingForwardAndIsTakenBackWithAnother() {
        Page page = laptop();
        page.navigate(app.url() + "dogs/3/today");
        Locator soaked = button(page, "got soaked and dried by itself");
        assertThat(page.getByText("It rained yesterday (simulated weather).")).isVisible();
        Locator due = page.getByRole(AriaRole.ARTICLE);
        String before = due.textContent();
        soaked.click();
        assertThat(soaked).hasAttribute("aria-pressed", "true");
        assertThat(due).not().hasText(before);
        page.reload();
        assertThat(soaked).hasAttribute("aria-pressed", "true");
        soaked.click();
        assertThat(soaked).hasAttribute("aria-pressed", "false");
        assertThat(due).hasText(before);
        page.getByText("It got soaked").click();
        group(page, "Day").getByText("yesterday").click();
        assertThat(soaked).hasAttribute("aria-pressed", "true");
        soaked.click();
        assertThat(soaked).hasAttribute("aria-pressed", "false");
    }

    @Test
    void twoDevicesOnOneSessionShowTheSameStep() throws Exception {
        Page shelf = laptop();
        shelf.navigate(app.url() + "dogs/2/routine");
        RoutineView routine = new RoutineView(shelf).whole();
        routine.order("gentlest first");
        assertThat(shelf.getByText("Your choice for this dog, gentlest first")).isVisible();
        SessionView session = routine.begin();
        Page hand = phone();
        hand.navigate(shelf.url());
        SessionView other = new SessionView(hand);
        other.ranFree();
        assertThat(shelf.locator("progress")).hasAttribute("value", "1");
        session.keys("Space");
        assertThat(hand.locator("progress")).hasAttribute("value", "2");
        shelf.keyboard().press("e");
        assertThat(session.heading("Enough for today")).isVisible();
        assertThat(other.heading("Enough for today")).isVisible();
        app.send(
                "PUT", "api/dogs/2/approach", "{\"tips\": \"BY_SKIN\", \"mist\": \"BY_SKIN\", \"hand\": \"BEGINNER\"}");
    }
}
