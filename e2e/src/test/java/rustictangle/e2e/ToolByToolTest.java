package rustictangle.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import rustictangle.e2e.views.Fields;
import rustictangle.e2e.views.SessionView;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** One tool over the whole dog, then the next; the comb comes last and proves place by place. */
class ToolByToolTest extends Browsing {

    private RunningApp app;

    @BeforeEach
    void start() throws Exception {
        app = RunningApp.anew(true);
    }

    @AfterEach
    void stop() throws Exception {
        app.close();
    }

    /** A double coat in the season: rubber, slicker, rake, and the comb. */
    @Test
    void aDoubleCoatGoesRoundWithOnePedalOfflineInTheMiddle() throws Exception {
        Page page = laptop();
        page.navigate(app.url() + "dogs/1/tools/schools");
        unfold(page);
        Locator school = page.locator("button:has(b:text-is('Tool by tool'))");
        assertThat(school).containsText("then the comb place by place");
        school.click();
        assertThat(school).hasAttribute("aria-pressed", "true");

        page.navigate(app.url() + "dogs/1/routine");
        button(page, "Show the whole dog instead")
                .or(button(page, "Brush the whole dog all the same"))
                .click();
        assertThat(page.locator("[data-rule='routine.structure-chosen']")).isVisible();
        List<String> tools = page.getByRole(
                        AriaRole.LIST, new Page.GetByRoleOptions().setName("One tool after the other"))
                .locator("b")
                .allTextContents();
        assertTrue(tools.size() >= 3, tools.toString());
        button(page, "Begin").click();

        SessionView session = new SessionView(page);
        session.start();
        int passes = tools.size() - 1;
        assertThat(session.place()).containsText(tools.get(0), ignoreCase());
        assertThat(session.next()).containsText("Next: " + tools.get(1));
        Barriers.assertNone(page, "a tool that goes over the whole dog");
        assertNextIsInSight(page, session);

        // A handful asks for another round, a pinch is enough; a tangle on the way ends nothing.
        button(page, "a handful").click();
        assertThat(session.advice("session.another-pass")).isVisible();
        assertThat(session.place()).containsText(tools.get(0), ignoreCase());
        session.keys("1");
        assertThat(session.place()).containsText(tools.get(1), ignoreCase());
        assertThat(session.advice("session.enough-hair")).isVisible();

        session.keys("c");
        Fields.choose(page, "Where", "chest");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("2").setExact(true))
                .or(button(page, "2"))
                .first()
                .click();
        assertThat(session.place()).containsText(tools.get(1), ignoreCase());
        assertThat(page.locator("progress")).hasAttribute("value", "1");
        assertThat(session.next()).isEnabled();

        // The shed has no reception: the tools go on, one taken back among them.
        page.context().setOffline(true);
        for (int pass = 1; pass < passes; pass++) {
            assertThat(session.place()).containsText(tools.get(pass), ignoreCase());
            session.keys("PageDown");
        }
        assertThat(session.waiting()).isVisible();
        assertThat(page.locator("progress")).hasAttribute("value", String.valueOf(passes));
        session.keys("u");
        assertThat(session.place()).containsText(tools.get(passes - 1), ignoreCase());
        session.keys("PageDown");
        assertThat(page.locator("progress")).hasAttribute("value", String.valueOf(passes));
        page.context().setOffline(false);
        assertThat(session.waiting()).not().isVisible();

        int steps = session.steps();
        for (int i = passes; i < steps; i++) {
            assertThat(page.locator("progress")).hasAttribute("value", String.valueOf(i));
            session.keys("PageDown");
        }
        assertThat(session.heading("All done")).isVisible();
        assertThat(page.getByText("2 tangles out").first()).isVisible();

        // All of it arrived, in order, and each place knows its time.
        JsonNode said = new JsonMapper()
                .readTree(app.get("api" + page.url().substring(page.url().indexOf("/dogs"))))
                .get("said");
        List<String> types = new ArrayList<>();
        said.forEach(entry -> types.add(entry.get("type").asString()));
        assertEquals(passes, types.stream().filter("PASS_DONE"::equals).count(), types.toString());
        assertEquals(1, types.stream().filter("PASS_REPEATED"::equals).count());
        assertTrue(types.lastIndexOf("PASS_DONE") < types.indexOf("STEP_DONE"), types.toString());
        page.navigate(app.url() + "dogs/1/when/history");
        assertThat(page.getByText("Hair that came out")).isVisible();
        assertThat(page.locator("main").getByText(Pattern.compile("a handful")).first())
                .isVisible();
    }

    /** The dog has had enough when only the comb is left: brushed, and not proved. */
    @Test
    void enoughBeforeTheCombIsToldAsBrushedAndNotProved() throws Exception {
        app.send(
                "PUT",
                "api/dogs/1/approach",
                """
                {"tips": "BY_SKIN", "mist": "BY_SKIN", "hand": "BEGINNER", "structure": "TOOL_BY_TOOL"}
                """);
        Page page = phone();
        page.navigate(app.url() + "dogs/1/routine");
        button(page, "Show the whole dog instead")
                .or(button(page, "Brush the whole dog all the same"))
                .click();
        page.locator("[data-rule='routine.structure-chosen']").waitFor();
        button(page, "Begin").click();
        SessionView session = new SessionView(page).start();
        assertNextIsInSight(page, session);
        while (session.next().textContent().contains("Next: ")) {
            String tool = session.place().textContent();
            session.next().click();
            assertThat(session.place()).not().hasText(tool);
        }
        session.next().click();
        assertThat(session.next()).containsText("It ran free");
        page.keyboard().press("e");
        assertThat(page.getByText(Pattern.compile("\\d+ places brushed, not proved"))
                        .first())
                .isVisible();
        assertThat(session.advice("session.next-comb")).isVisible();
        Barriers.assertNone(page, "brushed, not proved");
    }

    private static void assertNextIsInSight(Page page, SessionView session) {
        assertTrue(
                session.next().boundingBox().y + session.next().boundingBox().height <= page.viewportSize().height + 1,
                "the one big button lies on the screen");
    }
}
