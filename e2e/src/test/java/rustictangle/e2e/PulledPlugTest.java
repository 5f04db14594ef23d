package rustictangle.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;

import com.microsoft.playwright.Page;
import java.nio.file.Path;
import java.util.UUID;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import rustictangle.e2e.views.HomeView;
import rustictangle.e2e.views.SessionView;

/** The power may go at any moment. */
class PulledPlugTest extends Browsing {

    @Test
    void whatWasSaidBeforeIsThereAndAnAnswerGivenWhileTheServerIsDownIsKeptAndSentOnceItIsBack() throws Exception {
        Path data = folder.resolve("down.db");
        Page page = laptop();
        RunningApp app = RunningApp.start(data, MORNING, true);
        String path = "api/dogs/1/sessions";
        String acknowledged = path + "/" + UUID.randomUUID();
        app.send(
                "POST",
                path,
                "{\"id\": \"%s\", \"sections\": [\"BACK\", \"CHEST\", \"BELLY\"]}"
                        .formatted(acknowledged.substring(path.length() + 1)));
        app.send("POST", acknowledged + "/events", glides("BACK"));
        app.send("POST", acknowledged + "/events", glides("CHEST"));
        HomeView home = HomeView.open(page, app.url());
        assertThat(page.getByText("This is the demo household: everything in it is made up"))
                .isVisible();
        SessionView session = home.begin("Gannet");
        session.keys("Space");
        assertThat(page.locator("progress")).hasAttribute("value", "1");
        String second = session.place().textContent();
        app.kill();
        session.keys("Space");
        assertThat(session.waiting()).isVisible();
        // The hands need not stop: the plan goes on with what is known here.
        assertThat(page.locator("progress")).hasAttribute("value", "2");
        assertThat(session.place()).not().hasText(second);
        try (RunningApp again = RunningApp.start(data, app.port(), MORNING, true)) {
            String found = again.get(acknowledged);
            assertEquals(2, times("\"outcome\":\"DONE\"", found), found);
            assertEquals(1, times("\"hand\":\\[\"BELLY\"", found), found);
            assertThat(page.locator("progress")).hasAttribute("value", "2");
            page.reload();
            assertThat(page.locator("progress")).hasAttribute("value", "2");
            assertThat(HomeView.open(page, again.url()).goOn("Gannet").place())
                    .not()
                    .hasText(second);
        }
    }

    private static long times(String pattern, String text) {
        return Pattern.compile(pattern).matcher(text).results().count();
    }

    private static String glides(String section) {
        return """
                {"id": "%s", "said": {"type": "SECTION_DONE", "section": "%s", "comb": "GLIDES", "tangles": 0, "signal": "RELAXED"}}
                """
                .formatted(UUID.randomUUID(), section);
    }
}
