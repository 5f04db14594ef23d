package rustictangle.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import rustictangle.e2e.views.CoatMapView;
import rustictangle.e2e.views.HomeView;
import rustictangle.e2e.views.SessionView;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** One tap a step, none in between: the hands hold a dog. */
class HandsFreeTest extends Browsing {

    /** Counts what the owner's finger does, over every page that is opened. */
    private static final String COUNTING =
            "addEventListener('click', (e) => { if (e.isTrusted) localStorage.taps = 1 + +(localStorage.taps ?? 0) }, true)";
    /** Stands in for the browser's voice: what was said, in order, and when it fell silent. */
    private static final String VOICE =
            """
            window.spoken = JSON.parse(sessionStorage.spoken ?? '[]')
            const note = (what) => { spoken.push(what); sessionStorage.spoken = JSON.stringify(spoken) }
            window.SpeechSynthesisUtterance = class { constructor(text) { this.text = text } }
            let saying
            Object.defineProperty(window, 'speechSynthesis', { value: {
              getVoices: () => [{ name: 'Stand-in', lang: 'en-GB', default: true }],
              speak: (line) => { note(line.text); saying = setTimeout(() => { saying = undefined; line.onend() }, 20) },
              cancel: () => { if (saying) { clearTimeout(saying); saying = undefined; note('(silent)') } },
            } })
            """;

    /** Out of the quiet hours, whenever the test runs. */
    private static final String NOON = "2026-05-14T12:00:00";

    private RunningApp app;

    @BeforeEach
    void start() throws Exception {
        app = RunningApp.anew(true);
    }

    @AfterEach
    void stop() throws Exception {
        app.close();
    }

    @Test
    void aWholeDogWithNothingSpecialTakesOneTapAStepAndOneToBegin() throws Exception {
        Page page = counting(phone());
        for (int dog = 1; dog <= 4; dog++) {
            SessionView session = open(page, dog);
            int before = taps(page);
            session.start();
            int steps = session.steps();
            assertTrue(steps <= 12, steps + " steps");
            for (int i = 0; i < steps; i++) {
                assertThat(page.locator("progress")).hasAttribute("value", String.valueOf(i));
                session.ranFree();
            }
            assertThat(session.heading("All done")).isVisible();
            assertTrue(taps(page) - before <= steps + 2, taps(page) - before + " taps for " + steps + " steps");
            assertFitsTheScreen(page);
        }
    }

    @Test
    void twoTanglesAMatAndAnUneasyPlaceTakeAtMostTwelveTapsMore() throws Exception {
        Page page = counting(phone());
        SessionView session = open(page, 1).start();
        int steps = session.steps();
        int before = taps(page);
        for (int i = 0; i < steps; i++) {
            assertThat(page.locator("progress")).hasAttribute("value", String.valueOf(i));
            if (i < 2) {
                session.button("Something else").click();
                session.button("It catches").click();
                session.button("1").click();
                session.next().waitFor();
            } else if (i == 2) {
                session.button("Something else").click();
                session.button("It catches").click();
                session.button("A mat stays in").click();
                session.next().waitFor();
            } else if (i == 3) {
                session.button("Something else").click();
                session.button("The dog").click();
                session.button("Uneasy").click();
                assertThat(session.advice("session.uneasy")).isVisible();
            }
            // Where a step has one place only, that place has been answered by now.
            if (page.locator("progress").getAttribute("value").equals(String.valueOf(i))) {
                session.ranFree();
            }
        }
        assertThat(session.heading("All done")).isVisible();
        assertTrue(taps(page) - before <= steps + 12, taps(page) - before + " taps for " + steps + " steps");
        assertThat(page.getByText("2 tangles out").first()).isVisible();
        assertThat(page.getByText("uneasy once")).isVisible();
    }

    @Test
    void aBrushingDoneWithoutItIsPaintedInAtMostEightTouchesAndTakenBackWithOne() throws Exception {
        Page page = counting(phone());
        HomeView home = HomeView.open(page, app.url());
        String due = "places due";
        assertThat(home.dog("Gannet")).containsText(due);
        int before = taps(page);
        home.dog("Gannet").getByText("I brushed already").click();
        firstButton(page, "Whole dog").click();
        firstButton(page, "A tangle, now out").click();
        CoatMapView.point(page, "SIDE_LEFT");
        CoatMapView.point(page, "FRONT_LEG_LEFT");
        assertThat(page.getByText("29 of 29 places, 2 tangles out")).isVisible();
        Barriers.assertNone(page, "I brushed already");
        // The page closed in the middle loses nothing.
        page.reload();
        assertThat(page.getByText("29 of 29 places, 2 tangles out")).isVisible();
        firstButton(page, "Keep: it ran free").click();
        firstButton(page, "Undo").click();
        assertTrue(taps(page) - before <= 9, taps(page) - before + " touches, Undo among them");
        // As fast as the offer to undo goes by, whatever the machine: what became of it is asked of the server.
        page.waitForCondition(() -> today(2) == 0);
        assertThat(home.dog("Gannet")).containsText(due);
    }

    @Test
    void aTouchPaintsAStepADragPaintsOnAndTheDayBeforeIsSaid() throws Exception {
        Page page = laptop();
        page.navigate(app.url() + "dogs/1/brushed");
        CoatMapView.point(page, "FRONT_LEG_LEFT");
        assertThat(step(page, "left front leg")).hasAttribute("aria-pressed", "true");
        assertThat(page.getByText("3 of 29 places")).isVisible();
        drag(page, "THIGH_LEFT", "SIDE_LEFT", "SHOULDER_LEFT");
        assertThat(step(page, "left hind leg")).hasAttribute("aria-pressed", "true");
        assertThat(step(page, "left side and shoulder")).hasAttribute("aria-pressed", "true");
        firstButton(page, "Take back the last touch").click();
        assertThat(step(page, "left side and shoulder")).hasAttribute("aria-pressed", "false");
        firstButton(page, "yesterday").click();
        page.getByLabel("It took").fill("400");
        firstButton(page, "Keep: without the comb").click();
        assertThat(page.getByText("1 to 150 minutes")).isVisible();
        assertThat(page.getByText("6 of 29 places").first()).isVisible();
        page.getByLabel("It took").fill("12");
        firstButton(page, "Keep: without the comb").click();
        assertThat(page.getByText("Kept: 6 of 29 places.")).isVisible();
        page.navigate(app.url() + "dogs/1/when/history");
        page.locator("tbody tr").first().getByRole(AriaRole.LINK).click();
        assertThat(page.getByText("6 places brushed, not proved")).isVisible();
    }

    @Test
    void whatIsPaintedWhileTheServerIsAwayWaitsInTheBrowserAndArrivesOnce() throws Exception {
        Page page = phone();
        HomeView home = HomeView.open(page, app.url());
        home.dog("Gannet").getByText("I brushed already").click();
        firstButton(page, "Whole dog").click();
        page.context().setOffline(true);
        firstButton(page, "Keep: it ran free").click();
        assertThat(page.getByText("Kept: 29 of 29 places.")).isVisible();
        page.context().setOffline(false);
        assertThat(home.dog("Gannet")).containsText("Nothing due");
        assertEquals(1, today(2));
    }

    /** How many sessions of this dog there are today. */
    private int today(int dog) {
        try {
            JsonNode history = new JsonMapper().readTree(app.get("api/dogs/" + dog + "/history"));
            return (int) history.get("sessions")
                    .valueStream()
                    .filter(session -> session.get("day").asString().equals("2026-05-14"))
                    .count();
        } catch (Exception e) {
            throw new AssertionError("the history was not told", e);
        }
    }

    @Test
    void aWholeSessionByOneKeyOfAPedalAndAnotherForSomethingElse() throws Exception {
        Page page = laptop();
        SessionView session = open(page, 3);
        page.keyboard().press("PageDown");
        session.next().waitFor();
        int steps = session.steps();
        page.keyboard().press("PageUp");
        assertThat(session.button("It catches")).isVisible();
        page.keyboard().press("PageUp");
        for (int i = 0; i < steps; i++) {
            assertThat(page.locator("progress")).hasAttribute("value", String.valueOf(i));
            session.next().waitFor();
            page.keyboard().press(i % 2 == 0 ? "PageDown" : "Enter");
        }
        assertThat(session.heading("All done")).isVisible();
        assertFitsTheScreen(page);
    }

    @Test
    void theVoiceSaysPlaceHoldToolAndLayersAnnouncesTheCombAndWaitsForOneKey() throws Exception {
        Page page = laptop();
        page.addInitScript(VOICE);
        page.clock().setFixedTime(NOON);
        // As fast as it goes, so that the test need not wait for hands.
        page.addInitScript(
                "localStorage.voice ??= JSON.stringify({ on: true, pace: 400, volume: 0.8, voice: '' }); localStorage.removeItem('quiet')");
        SessionView session =
                open(page, 2, "FRONT_FOOT_LEFT", "FRONT_LEG_LEFT", "CHEST").start();
        String waits = "Press when it runs free.";
        page.waitForFunction("() => spoken.at(-1)?.includes('" + waits + "')");
        List<String> said = spoken(page);
        assertTrue(said.get(0).startsWith("Left front leg. Left front foot. Rest the foot in your hand"), said + "");
        assertTrue(said.stream().anyMatch(line -> line.contains("layers, from the bottom up.")), said + "");
        assertTrue(said.contains("Two or three strokes, next layer."), said + "");
        assertTrue(said.stream().anyMatch(line -> line.startsWith("Left front leg. Support the leg")), said + "");
        assertEquals(1, said.stream().filter(line -> line.contains(waits)).count());
        // What it says is told to a screen reader, too, and shown in large letters.
        assertThat(page.locator(".says")).containsText(waits);
        Barriers.assertNone(page, "walked through");
        page.keyboard().press("Space");
        assertThat(session.place()).containsText("chest", ignoreCase());
        page.waitForFunction("() => spoken.some((line) => line.startsWith('Chest.'))");
        page.keyboard().press("v");
        assertThat(page.locator(".says")).hasCount(0);
        int now = spoken(page).size();
        page.waitForTimeout(300);
        assertEquals(now, spoken(page).size(), "silent at once");
        page.reload();
        session.next().waitFor();
        assertEquals(now, spoken(page).size(), "and remembered");
    }

    /** Nothing passes under the thumb: upright, on its side and on a laptop. */
    @Test
    void aKnotStandsAboveEverythingIsSaidFirstAndNamedOnTheButtonUntilItWasLookedAt() throws Exception {
        Page page = phone();
        page.addInitScript(VOICE);
        page.clock().setFixedTime(NOON);
        page.addInitScript("localStorage.voice ??= JSON.stringify({ on: true, pace: 400, volume: 0.8, voice: '' })");
        SessionView session = open(page, 1, "FRONT_FOOT_LEFT", "FRONT_LEG_LEFT", "ARMPIT_LEFT", "CHEST");
        CoatMapView.point(page, "ARMPIT_LEFT");
        session.start();
        page.waitForFunction("() => spoken.length > 0");
        assertTrue(spoken(page).get(0).startsWith("Heed first. Left armpit: you felt a knot here"), spoken(page) + "");
        page.keyboard().press("v");
        Locator heed = button(page, "Armpit: you felt a knot here");
        for (int[] size : new int[][] {{844, 390}, {1280, 800}, {360, 640}, {390, 844}}) {
            page.setViewportSize(size[0], size[1]);
            assertTrue(heed.boundingBox().y + heed.boundingBox().height < size[1], "in sight at " + size[0]);
            assertTrue(heed.boundingBox().y < page.locator(".step").boundingBox().y, "first of all");
            assertTrue(
                    page.locator(".step").boundingBox().y
                                    + page.locator(".step").boundingBox().height
                            <= session.next().boundingBox().y + 1,
                    "no place lies under the button at " + size[0]);
            assertThat(page.getByText("At most 2 strokes on a spot.").locator("visible=true"))
                    .isVisible();
            assertThat(page.getByText(Pattern.compile("layers|strips"))
                            .locator("visible=true")
                            .first())
                    .isVisible();
        }
        assertThat(session.next()).containsText("the armpit, too?");
        Barriers.assertNone(page, "a step with a warning");
        heed.click();
        button(page, "Nothing: go on").click();
        assertThat(session.next()).not().containsText("too?");
        session.ranFree();
        assertThat(session.place()).containsText("chest", ignoreCase());
    }

    @Test
    void noVoiceOverAFrightenedDogAndOneTouchEndsItWhenItGrowls() throws Exception {
        Page page = phone();
        page.addInitScript(VOICE);
        page.clock().setFixedTime(NOON);
        page.addInitScript("localStorage.voice ??= JSON.stringify({ on: true, pace: 1, volume: 0.8, voice: '' })");
        SessionView session = open(page, 2, "BELLY", "CHEST").start();
        page.waitForFunction("() => spoken.length > 0");
        session.button("Something at belly").click();
        session.button("A fear sign").click();
        assertThat(session.heading("It was afraid: hands off, and no more today"))
                .isVisible();
        int now = spoken(page).size();
        page.getByText("Undo the last entry").click();
        assertThat(session.place()).containsText("belly", ignoreCase());
        page.waitForTimeout(300);
        assertEquals(now, spoken(page).size(), "not a word more in this session");
        session.button("Growl or bite").click();
        assertThat(session.heading("Hands off: it is left in peace")).isVisible();
        assertThat(session.advice("session.next-growl")).isVisible();
        Barriers.assertNone(page, "growl or bite");
        session.button("It bit").click();
        assertThat(session.advice("session.next-bite")).isVisible();
        assertThat(session.advice("rhythm.closed-trainer")).containsText("belly", ignoreCase());
        page.navigate(app.url() + "dogs/2/groom/sheet");
        assertThat(page.getByText("A certified trainer or a vet first").first()).isVisible();
        HomeView home = HomeView.open(page, app.url());
        assertThat(home.dog("Gannet")).containsText("a trainer or the vet");
    }

    @Test
    void aSessionClosedInTheMiddleGoesOnAtItsStepAndOneFinishedElsewhereEndsHereToo() throws Exception {
        Page page = laptop();
        SessionView session = open(page, 4).start();
        session.ranFree();
        assertThat(page.locator("progress")).hasAttribute("value", "1");
        String place = session.place().textContent();
        String url = page.url();
        page.close();
        Page again = phone();
        again.navigate(url);
        SessionView there = new SessionView(again);
        assertThat(there.place()).hasText(place);
        Page shelf = laptop();
        shelf.navigate(url);
        SessionView here = new SessionView(shelf);
        int steps = there.steps();
        for (int i = 1; i < steps; i++) {
            assertThat(again.locator("progress")).hasAttribute("value", String.valueOf(i));
            there.ranFree();
        }
        assertThat(there.heading("All done")).isVisible();
        assertThat(here.heading("All done")).isVisible();
    }

    @Test
    void anEmptyDrawerIsSaidBeforeTheFirstStrokeAndNothingIsClaimed() throws Exception {
        JsonNode drawer = new JsonMapper().readTree(app.get("api/tools"));
        for (JsonNode tool : drawer) {
            app.send("DELETE", "api/tools/" + tool.get("id"), "");
        }
        Page page = phone();
        SessionView session = open(page, 2, "BACK");
        assertThat(session.advice("routine.missing")
                        .or(page.getByText("Not in your drawer"))
                        .first())
                .containsText("Without a comb nothing is proved");
        session.start();
        assertThat(page.getByText("Fingers from the ends inward", new Page.GetByTextOptions().setExact(false)))
                .isVisible();
        assertThat(page.getByText(Pattern.compile("layers|strips"))).hasCount(0);
        session.button("Done, feels free").click();
        assertThat(page.getByText("1 place brushed, not proved")).isVisible();
    }

    private static com.microsoft.playwright.Locator step(Page page, String label) {
        return group(page, "Steps").getByText(label);
    }

    private static void assertFitsTheScreen(Page page) {
        page.locator("[data-test=next-date]").waitFor();
        Object bottom =
                page.evaluate("() => document.querySelector('.acts').getBoundingClientRect().bottom - innerHeight");
        assertTrue(((Number) bottom).doubleValue() <= 0, "the end is " + bottom + " px too long");
    }

    private static void drag(Page page, String... sections) {
        List<double[]> points = new ArrayList<>();
        for (String section : sections) {
            List<Double> at = CoatMapView.middle(page, section);
            points.add(new double[] {at.get(0), at.get(1)});
        }
        page.mouse().move(points.get(0)[0], points.get(0)[1]);
        page.mouse().down();
        IntStream.range(1, points.size()).forEach(i -> page.mouse()
                .move(
                        points.get(i)[0],
                        points.get(i)[1],
                        new com.microsoft.playwright.Mouse.MoveOptions().setSteps(8)));
        page.mouse().up();
    }

    @SuppressWarnings("unchecked")
    private static List<String> spoken(Page page) {
        return (List<String>) page.evaluate("() => window.spoken");
    }

    private static Page counting(Page page) {
        page.addInitScript(COUNTING);
        return page;
    }

    private static int taps(Page page) {
        return ((Number) page.evaluate("() => +(localStorage.taps ?? 0)")).intValue();
    }

    private static Locator firstButton(Page page, String name) {
        return button(page, name).first();
    }

    /** A session of the whole dog, or of these places. */
    private SessionView open(Page page, int dog, String... sections) throws Exception {
        List<String> places = new ArrayList<>(List.of(sections));
        if (places.isEmpty()) {
            JsonNode whole = new JsonMapper().readTree(app.get("api/dogs/" + dog + "/routine?scope=WHOLE"));
            whole.get("routine")
                    .get("places")
                    .forEach(place -> places.add(place.get("section").asString()));
        }
        UUID id = UUID.randomUUID();
        app.send(
                "POST",
                "api/dogs/" + dog + "/sessions",
                "{\"id\": \"" + id + "\", \"sections\": [\"" + String.join("\", \"", places) + "\"]}");
        page.navigate(app.url() + "dogs/" + dog + "/sessions/" + id);
        SessionView session = new SessionView(page);
        session.firstStroke().waitFor();
        return session;
    }
}
