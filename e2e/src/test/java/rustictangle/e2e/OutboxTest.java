package rustictangle.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;

import com.microsoft.playwright.APIResponse;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.Consumer;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import rustictangle.e2e.views.SessionView;

/** What was said beside the dog arrives, whatever the server answers and whichever page is open. */
class OutboxTest extends Browsing {

    private static final String EVENTS = "**/events";

    private RunningApp app;
    private String session;

    @BeforeEach
    void aSessionThatHasBegun() throws Exception {
        app = RunningApp.anew(true);
        session = UUID.randomUUID().toString();
        app.send(
                "POST",
                "api/dogs/2/sessions",
                "{\"id\": \"%s\", \"sections\": [\"BACK\", \"CHEST\"]}".formatted(session));
        app.send(
                "POST",
                "api/dogs/2/sessions/" + session + "/events",
                "{\"id\": \"%s\", \"said\": {\"type\": \"STARTED\"}}".formatted(UUID.randomUUID()));
    }

    @AfterEach
    void itEnds() throws Exception {
        app.send(
                "POST",
                "api/dogs/2/sessions/" + session + "/events",
                "{\"id\": \"%s\", \"said\": {\"type\": \"STOPPED\"}}".formatted(UUID.randomUUID()));
    }

    @Test
    void whateverTheServerAnswersAllArrivesInOrderOnce() throws Exception {
        Page page = laptop();
        Deque<Consumer<Route>> answers = new ArrayDeque<>(List.of(
                fails(500),
                OutboxTest::storesAndGivesHalfAnAnswer,
                Route::resume,
                fails(503),
                Route::resume,
                fails(429),
                Route::resume,
                Route::abort,
                Route::resume));
        page.route(
                EVENTS, route -> (answers.isEmpty() ? (Consumer<Route>) Route::resume : answers.poll()).accept(route));
        SessionView view = open(page);
        page.keyboard().press("t");
        assertThat(view.waiting()).isVisible();
        page.keyboard().press("d");
        press(page, "r", "2 entries");
        press(page, "t", "3 entries");
        press(page, "p", "4 entries");
        page.keyboard().press(" ");
        assertThat(view.waiting()).not().isVisible();
        allHasLeft(page);
        assertEquals(List.of("STARTED", "TREAT_GIVEN", "SIGNALLED", "TREAT_GIVEN", "PAUSED", "RESUMED"), stored());
    }

    @Test
    void whatAClosedPageLeftIsSentFromAnyOtherPage() throws Exception {
        BrowserContext browser = context(1280, 800);
        Page page = browser.newPage();
        page.route(EVENTS, Route::abort);
        SessionView view = open(page);
        page.keyboard().press("t");
        assertThat(view.waiting()).isVisible();
        press(page, "t", "2 entries");
        page.close();
        assertEquals(List.of("STARTED"), stored());

        Page home = browser.newPage();
        home.route(EVENTS, fails(503)::accept);
        home.navigate(app.url());
        assertThat(home.getByText("2 entries wait in this browser")).isVisible();
        home.unroute(EVENTS);
        assertThat(home.getByText("2 entries wait in this browser")).not().isVisible();
        allHasLeft(home);
        assertEquals(List.of("STARTED", "TREAT_GIVEN", "TREAT_GIVEN"), stored());
    }

    /** Until this version a letter did not say where it goes. */
    @Test
    void aFinalNoIsShownInWordsUntilItHasBeenRead() throws Exception {
        Page page = laptop();
        open(page);
        app.send("DELETE", "api/dogs/2", "");
        try {
            page.keyboard().press("t");
            assertThat(page.getByText("This could not be kept: a treat.")).isVisible();
            page.navigate(app.url());
            assertThat(page.getByText("This could not be kept: a treat.")).isVisible();
            page.reload();
            page.getByText("This could not be kept").waitFor();
            Barriers.assertNone(page, "a final no");
            button(page, "I have read it").click();
            assertThat(page.getByText("This could not be kept")).not().isVisible();
        } finally {
            app.send("POST", "api/dogs/2/restore", "");
        }
    }

    private SessionView open(Page page) {
        page.navigate(app.url() + "dogs/2/sessions/" + session);
        SessionView view = new SessionView(page);
        view.next().waitFor();
        return view;
    }

    private static void allHasLeft(Page page) {
        page.waitForCondition(() -> Boolean.TRUE.equals(
                page.evaluate("() => !Object.keys(localStorage).some((key) => key.startsWith('outbox:'))")));
    }

    /** Each key, and what the page says once it has been taken. */
    private static void press(Page page, String key, String then) {
        page.keyboard().press(key);
        assertThat(page.getByText(then)).isVisible();
    }

    private static Consumer<Route> fails(int status) {
        return route -> route.fulfill(new Route.FulfillOptions()
                .setStatus(status)
                .setHeaders(Map.of("Retry-After", "1"))
                .setBody("not now"));
    }

    private static void storesAndGivesHalfAnAnswer(Route route) {
        APIResponse answer = route.fetch();
        route.fulfill(new Route.FulfillOptions()
                .setStatus(answer.status())
                .setContentType("application/json")
                .setBody(answer.text().substring(0, 40)));
    }

    private List<String> stored() throws Exception {
        List<String> types = new ArrayList<>();
        try (Connection opened = DriverManager.getConnection("jdbc:sqlite:" + app.data());
                PreparedStatement ask = opened.prepareStatement(
                        "SELECT said ->> '$.type' FROM entry WHERE session_id = ? AND id <> session_id ORDER BY seq")) {
            ask.setString(1, session);
            try (ResultSet row = ask.executeQuery()) {
                while (row.next()) {
                    types.add(row.getString(1));
                }
            }
        }
        return types;
    }
}
