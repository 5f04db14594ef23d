package rustictangle.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import rustictangle.e2e.views.CoatMapView;
import rustictangle.e2e.views.SessionView;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** A session with both hands busy. Each test has a dog of the demo to itself. */
class BesideTheDogTest extends Browsing {

    private RunningApp app;

    @BeforeEach
    void start() throws Exception {
        app = RunningApp.anew(true);
    }

    @Test
    void aWholeSessionOnTheKeyboardAloneFromTheChecklistToTheNote() throws Exception {
        Page page = laptop();
        SessionView session = open(page, 2, "FRONT_LEG_LEFT", "ARMPIT_LEFT", "CHEST");
        page.keyboard().press("Space");
        session.next().waitFor();
        assertEquals(2, session.steps(), "leg and armpit are one step");
        session.keys("d", "n");
        assertThat(session.advice("session.uneasy")).isVisible();
        session.keys("t");
        session.keys("h");
        assertThat(session.button("Back to the brush")).isVisible();
        page.keyboard().press("w");
        assertThat(page.getByText("a simulated kitchen scale")).isVisible();
        Barriers.assertNone(page, "hair");
        page.keyboard().press("4");
        assertThat(session.advice("session.another-pass")).isVisible();
        page.keyboard().press("?");
        assertThat(page.getByRole(AriaRole.DIALOG)).containsText("The comb's proof");
        Barriers.assertNone(page, "cards");
        page.keyboard().press("b");
        assertThat(page.getByRole(AriaRole.DIALOG)).hasCount(0);
        session.keys("p");
        assertThat(session.heading("Hands off")).isVisible();
        page.keyboard().press("Space");
        session.next().waitFor();
        page.keyboard().press("Space");
        assertThat(session.place()).containsText("chest", ignoreCase());
        page.keyboard().press("Space");
        assertThat(session.heading("All done")).isVisible();
        assertThat(session.advice("session.next-practice")).isVisible();
        assertThat(page.getByText("1 treat today")).isVisible();
        page.getByText("Place by place, and a note").click();
        tabTo(page, "A note");
        page.keyboard().type("Likes the new mat.");
        press(page, "Keep");
        assertThat(page.getByText("Kept")).isVisible();
        page.reload();
        page.getByText("Place by place, and a note").click();
        assertThat(page.getByLabel("A note")).hasValue("Likes the new mat.");
    }

    @Test
    void knotsFeltBeforeTheFirstStrokeAreMarkedOnTheMapAndWorked() throws Exception {
        Page page = phone();
        SessionView session = open(page, 3, "BACK");
        assertThat(session.firstStroke()).isVisible();
        Barriers.assertNone(page, "checklist");
        button(page, "damp or wet").click();
        assertThat(page.getByText("Not yet: dry it to the skin first")).isVisible();
        CoatMapView.point(page, "SIDE_LEFT");
        assertThat(page.getByText("Knots felt: left side.")).isVisible();
        page.reload();
        assertThat(page.getByText("Knots felt: left side.")).isVisible();
        assertThat(page.getByText("Not yet: dry it to the skin first")).isVisible();
        session.start().ranFree();
        assertThat(session.place()).containsText("left side", ignoreCase());
        assertThat(page.getByText("You felt a knot here")).isVisible();
        // By touch: a no, asked once more; a second no ends it well.
        session.button("Something at left side").click();
        session.button("Opted out").click();
        assertThat(session.heading("Hands off; then ask once more")).isVisible();
        page.getByText("It comes back: ask here").click();
        session.button("Something else").click();
        session.button("The dog").click();
        session.button("Opted out").click();
        assertThat(session.heading("The dog has had enough")).isVisible();
    }

    @Test
    void whileTheConnectionIsCutThePlanGoesOnAndEveryEntryArrivesInOrder() throws Exception {
        Page page = laptop();
        List<String> plan = List.of("BACK", "SIDE_LEFT", "SIDE_RIGHT", "CHEST");
        SessionView session = open(page, 1, plan.toArray(String[]::new)).start();
        session.keys("Space");
        assertThat(page.locator("progress")).hasAttribute("value", "1");
        page.context().setOffline(true);
        session.keys("c", "3");
        assertThat(session.waiting()).isVisible();
        assertThat(page.locator("progress")).hasAttribute("value", "2");
        assertThat(session.place()).containsText("right side", ignoreCase());
        page.keyboard().press("t");
        page.keyboard().press("s");
        assertThat(page.getByText("3 entries are kept here")).isVisible();
        assertThat(session.place()).containsText("chest", ignoreCase());
        session.keys("c", "k");
        assertThat(page.getByText("What to do about it needs Rustic Tangle")).isVisible();
        page.keyboard().press("b");
        page.context().setOffline(false);
        assertThat(session.waiting()).hasCount(0);
        page.waitForFunction("() => !Object.keys(localStorage).some((key) => key.startsWith('outbox:'))");
        String stored = app.get(page.url().replaceFirst(".*/dogs/", "api/dogs/"));
        JsonNode places = new JsonMapper().readTree(stored).get("places");
        assertEquals(List.of("DONE", "DONE", "SKIPPED", "WAITING"), places.findValuesAsString("outcome"));
        assertEquals(List.of("0", "3", "0", "0"), places.findValuesAsString("tangles"));
        assertTrue(stored.contains("\"given\":1"), stored);
        assertThat(session.place()).containsText("chest", ignoreCase());
        page.keyboard().press("e");
        assertThat(session.heading("Enough for today")).isVisible();
    }

    @Test
    void twoNosEndASessionAlsoWhileTheServerIsAway() throws Exception {
        Page page = laptop();
        SessionView session = open(page, 4, "BACK", "CHEST").start();
        page.context().setOffline(true);
        session.keys("d", "o");
        assertThat(session.heading("Hands off; then ask once more")).isVisible();
        page.keyboard().press("l");
        assertThat(session.place()).containsText("chest", ignoreCase());
        session.keys("d", "o");
        assertThat(session.heading("It ends here")).isVisible();
        page.context().setOffline(false);
        assertThat(session.heading("The dog has had enough")).isVisible();
    }

    @Test
    void aPageClosedWhileCutOffLosesNothing() throws Exception {
        Page page = laptop();
        open(page, 4, "BACK", "CHEST").start();
        page.context().setOffline(true);
        page.keyboard().press("s");
        assertThat(page.getByText("Your entry is kept here")).isVisible();
        String url = page.url();
        page.close();
        Page again = page.context().newPage();
        page.context().setOffline(false);
        again.navigate(url);
        assertThat(again.locator("progress")).hasAttribute("value", "1");
    }

    /** A session of its own for this dog, its checklist open. */
    private SessionView open(Page page, int dog, String... sections) throws Exception {
        UUID id = UUID.randomUUID();
        app.send(
                "POST",
                "api/dogs/" + dog + "/sessions",
                "{\"id\": \"" + id + "\", \"sections\": [\"" + String.join("\", \"", sections) + "\"]}");
        page.navigate(app.url() + "dogs/" + dog + "/sessions/" + id);
        SessionView session = new SessionView(page);
        session.firstStroke().waitFor();
        return session;
    }
}
