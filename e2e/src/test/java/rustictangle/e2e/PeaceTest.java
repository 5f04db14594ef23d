package rustictangle.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import java.util.UUID;
import java.util.regex.Pattern;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import rustictangle.e2e.views.CoatMapView;
import rustictangle.e2e.views.Fields;
import rustictangle.e2e.views.HomeView;
import rustictangle.e2e.views.SessionView;

/** A nervous owner knows when to stop, wherever a dog is touched; and it stays said. */
class PeaceTest extends Browsing {

    private RunningApp app;

    @BeforeEach
    void theHouseholdOnItsFirstMorning() throws Exception {
        app = RunningApp.anew(true);
    }

    @ParameterizedTest
    @CsvSource({"390, 844", "844, 390", "1280, 800"})
    void aBiteBeforeTheFirstStrokeShutsEveryDoorUntilATrainerHasSeenTheDog(int width, int height) throws Exception {
        Page page = context(width, height).newPage();
        UUID session = UUID.randomUUID();
        app.send("POST", "api/dogs/2/sessions", "{\"id\": \"" + session + "\", \"sections\": [\"BACK\"]}");
        page.navigate(app.url() + "dogs/2/sessions/" + session);
        button(page, "First stroke").waitFor();
        button(page, "Growl or bite").click();
        button(page, "It bit").click();
        Locator nowhere = button(page, "nowhere in particular");
        assertThat(nowhere).hasAttribute("aria-pressed", "true");
        assertThat(page.locator("[data-rule='rhythm.closed-trainer']")).containsText("all of the dog", ignoreCase());
        Barriers.assertNone(page, "a bite");
        HomeView home = HomeView.open(page, app.url());
        assertThat(home.dog("Gannet")).containsText("left in peace until tomorrow");
        assertThat(home.dog("Gannet")).containsText("a trainer or the vet");
        assertThat(home.dog("Gannet").getByText("Begin")).not().isVisible();
        page.navigate(app.url() + "dogs/2/routine");
        assertThat(page.locator("[data-rule='trust.in-peace-warned']")).isVisible();
        assertThat(button(page, "all the same")).not().isVisible();
        page.navigate(app.url() + "dogs/2/care/nails");
        assertThat(heading(page, "Hands off it")).isVisible();
        app.at("2026-05-15T09:00:00Z");
        page.navigate(app.url() + "dogs/2/groom/sheet");
        assertThat(page.getByText("On Thu 14 May it bit.")).isVisible();
        page.navigate(app.url() + "dogs/2/when");
        page.getByPlaceholder("What a trainer or the vet said").fill("Slowly, with treats.");
        button(page, "a trainer or the vet has seen it").click();
        assertThat(page.getByText("Open again: all of the dog.")).isVisible();
        page.navigate(app.url() + "dogs/2/groom/sheet");
        assertThat(page.getByText("Slowly, with treats.")).isVisible();
    }

    /** All the places of the step until it is said where; then that one, with one touch. */
    @ParameterizedTest
    @CsvSource({"390, 844", "844, 390", "1280, 800"})
    void aGrowlInAStepOfSeveralPlacesIsNarrowedToTheOneItWasAt(int width, int height) throws Exception {
        UUID id = UUID.randomUUID();
        app.send(
                "POST",
                "api/dogs/2/sessions",
                "{\"id\": \"" + id
                        + "\", \"sections\": [\"FRONT_FOOT_LEFT\", \"FRONT_LEG_LEFT\", \"ARMPIT_LEFT\", \"BACK\"]}");
        Page page = context(width, height).newPage();
        page.navigate(app.url() + "dogs/2/sessions/" + id);
        SessionView session = new SessionView(page).start();
        session.button("Growl or bite").click();
        assertThat(session.advice("rhythm.closed-growl")).containsText("left front foot", ignoreCase());
        exactButton(page, "left armpit").click();
        assertThat(session.advice("rhythm.closed-growl")).not().containsText("left front foot", ignoreCase());
        assertThat(session.advice("rhythm.closed-growl")).containsText("left armpit", ignoreCase());
        app.at("2026-05-15T09:00:00Z");
        page.navigate(app.url() + "dogs/2/when");
        page.getByPlaceholder("Why it may be opened").fill("It was a burr.");
        button(page, "Open it again").click();
        assertThat(page.getByText("Open again: left armpit.")).isVisible();
        page.navigate(app.url() + "dogs/2/groom/sheet");
        assertThat(page.getByText("It was a burr.")).isVisible();
    }

    /** At a claw: that foot and the nails, and it is asked what and where. */
    @Test
    void aGrowlAtAClawClosesThatFootAndTheNails() throws Exception {
        Page page = phone();
        page.navigate(app.url() + "dogs/2/care/nails");
        whole(page, "It lies ready");
        button(page, "It lies ready").click();
        button(page, "Growl or bite").click();
        assertThat(heading(page, "Hands off. It is left in peace.")).isVisible();
        Barriers.assertNone(page, "a growl at a claw");
        button(page, "It snapped").click();
        assertThat(button(page, "It snapped")).hasAttribute("aria-pressed", "true");
        CoatMapView.point(page, "HIND_FOOT_LEFT");
        link(page, "It is in peace").click();
        assertThat(page.getByText("left in peace until tomorrow").first()).isVisible();
        app.at("2026-05-15T09:00:00Z");
        page.navigate(app.url() + "dogs/2/groom/sheet");
        assertThat(page.getByText("On Thu 14 May it snapped: left hind foot, nails."))
                .isVisible();
        page.navigate(app.url() + "dogs/2/care/nails");
        assertThat(heading(page, "Hands off it")).isVisible();
    }

    /** A slip of the finger: what it was and where are several entries, and none of them stays. */
    @Test
    void backOneTakesAGrowlAtTheTableBackWhole() throws Exception {
        Page page = phone();
        page.navigate(app.url() + "dogs/2/care/nails");
        whole(page, "It lies ready");
        button(page, "It lies ready").click();
        button(page, "Growl or bite").click();
        button(page, "It bit").click();
        CoatMapView.point(page, "HIND_FOOT_LEFT");
        assertThat(page.locator("[data-rule='rhythm.closed-trainer']")
                        .or(page.getByText("left hind foot"))
                        .first())
                .isVisible();
        button(page, "Back one").click();
        assertThat(button(page, "Growl or bite")).isVisible();
        page.waitForCondition(() -> said(page).contains("\"said\":[]"));
        page.navigate(app.url() + "dogs/2/care/teeth");
        assertThat(button(page, "Growl or bite")).isVisible();
    }

    /** Long after the notice has gone, from the history and by one key; and it is as in the morning. */
    @Test
    void aBrushingOfTheMorningIsTakenBackInTheEvening() throws Exception {
        Page page = phone();
        HomeView home = HomeView.open(page, app.url());
        assertThat(home.dog("Gannet")).containsText("places due");
        String morning = home.dog("Gannet").textContent();
        page.navigate(app.url() + "dogs/2/brushed");
        button(page, "Whole dog").click();
        button(page, "Keep: without the comb").click();
        assertThat(page.getByText("Kept: 29 of 29 places.")).isVisible();
        app.at("2026-05-14T19:00:00Z");
        page.navigate(app.url() + "dogs/2/when/history");
        assertThat(page.locator("tbody tr").first()).containsText("not combed");
        assertThat(heading(page, "Said today")).isVisible();
        Barriers.assertNone(page, "what was said today");
        page.keyboard().press("u");
        assertThat(heading(page, "Said today")).hasCount(0);
        HomeView.open(page, app.url());
        assertThat(home.dog("Gannet")).containsText("places due");
        assertEquals(morning, home.dog("Gannet").textContent());
    }

    private String said(Page page) {
        return page.request().get(app.url() + "api/dogs/2/today").text();
    }

    /** A first no is asked once more, the second ends it, at the table as beside the brush. */
    @Test
    void twoNoesAtTheTableEndPracticeAndBrushingForTheDay() throws Exception {
        Page page = phone();
        page.navigate(app.url() + "dogs/2/care/eyes");
        whole(page, "Next");
        page.keyboard().press("o");
        assertThat(heading(page, "It said no, and may. Hands off.")).isVisible();
        button(page, "It comes back: ask").click();
        page.keyboard().press("o");
        assertThat(heading(page, "Left for another day")).isVisible();
        page.navigate(app.url() + "dogs/2/routine");
        assertThat(page.locator("[data-rule='trust.second-no']")).isVisible();
    }

    /** Handbook 14: back and sides, no comb, five minutes, an adult beside; kept by the routine, not only by a page. */
    @Test
    void aChildBrushesTheBackAndTheSidesOnly() throws Exception {
        app.send("PUT", "api/dogs/2/approach", "{\"tips\": \"BY_SKIN\", \"mist\": \"BY_SKIN\", \"hand\": \"CHILD\"}");
        Page page = phone();
        page.navigate(app.url() + "dogs/2/routine");
        assertThat(page.locator("[data-rule='trust.child-places']")).isVisible();
        Locator places = page.locator("ol.places > li");
        button(page, "all the same").or(places).first().waitFor();
        if (button(page, "all the same").isVisible()) {
            button(page, "all the same").click();
        }
        assertThat(places).hasCount(3);
        button(page, "Begin").click();
        new SessionView(page).start();
        assertThat(page.locator("section.now")).not().containsText("slicker");
        assertThat(page.locator("section.now")).not().containsText(Pattern.compile("with the comb|comb from"));
    }

    /** The whole job, whether the dog still learns it or not. */
    private static void whole(Page page, String first) {
        button(page, "The whole job").or(button(page, first)).first().waitFor();
        if (button(page, "The whole job").isVisible()) {
            button(page, "The whole job").click();
        }
    }

    /** Handbook 11: nails only resets no coat. */
    @Test
    void aVisitForNailsOnlyLeavesTheMatInTheCoat() throws Exception {
        app.send("GET", "api/dogs/2", "");
        UUID id = UUID.randomUUID();
        app.send("POST", "api/dogs/2/sessions", "{\"id\": \"" + id + "\", \"sections\": [\"ARMPIT_LEFT\"]}");
        app.send(
                "POST",
                "api/dogs/2/sessions/" + id + "/events",
                "{\"id\": \"" + UUID.randomUUID() + "\", \"said\": {\"type\": \"SECTION_DONE\", \"section\": "
                        + "\"ARMPIT_LEFT\", \"comb\": \"MAT_LEFT\", \"tangles\": 1, \"signal\": \"RELAXED\"}}");
        Page page = laptop();
        page.navigate(app.url() + "dogs/2/groom");
        page.getByText("Keep a visit").click();
        Fields.day(page.getByLabel("Day").last(), "14/05/2026");
        Fields.choose(page, "What was done", "nails only");
        exactButton(page, "Keep").last().click();
        assertThat(page.locator("ul.past")).containsText("nails only");
        page.navigate(app.url() + "dogs/2/groom/sheet");
        assertThat(page.locator("h3:has-text('Mats') + ul")).containsText("left armpit", ignoreCase());
    }
}
