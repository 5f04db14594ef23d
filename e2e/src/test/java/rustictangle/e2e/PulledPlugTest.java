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
    void twoRecordedSectionsAreThereAfterSigkill() throws Exception {
        Path data = folder.resolve("plug.db");
        String session = UUID.randomUUID().toString();
        RunningApp app = RunningApp.start(data, MORNING, true);
        String path = "api/dogs/2/sessions";
        app.send("POST", path, "{\"id\": \"%s\", \"sections\": [\"BACK\", \"CHEST\", \"BELLY\"]}".formatted(session));
        app.send("POST", path + "/" + session + "/events", glides("BACK"));
        app.send("POST", path + "/" + session + "/events", glides("CHEST"));
        app.kill();
        try (RunningApp again = RunningApp.start(data, MORNING, true)) {
            String found = again.get(path + "/" + session);
            assertEquals(
                    2,
                    Pattern.compile("\"outcome\":\"DONE\"")
                            .matcher(found)
                            .results()
                            .count(),
                    found);
            assertEquals(
                    1,
                    Pattern.compile("\"hand\":\\[\"BELLY\"")
                            .matcher(found)
                            .results()
                            .count(),
                    found);
        }
    }

    @Test
    void anAnswerGivenWhileTheServerIsDownIsKeptAndSentOnceItIsBack() throws Exception {
        Path data = folder.resolve("down.db");
        Page page = laptop();
        RunningApp app = RunningApp.start(data, MORNING, true);
        SessionView session = HomeView.open(page, app.url()).begin("Gannet").begin();
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
            assertThat(page.locator("progress")).hasAttribute("value", "2");
            page.reload();
            assertThat(page.locator("progress")).hasAttribute("value", "2");
            HomeView home = HomeView.open(page, again.url());
            assertThat(home.goOn("Gannet").place()).not().hasText(second);
        }
    }

    private static String glides(String section) {
        return """
                {"id": "%s", "said": {"type": "SECTION_DONE", "section": "%s", "comb": "GLIDES", "tangles": 0, "signal": "RELAXED"}}
                """
                .formatted(UUID.randomUUID(), section);
    }
}
