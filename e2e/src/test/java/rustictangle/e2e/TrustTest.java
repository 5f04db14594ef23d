package rustictangle.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import rustictangle.e2e.views.SessionView;

/** Winning a dog over, day by day. */
class TrustTest extends Browsing {

    private static final String PRACTICE = "dogs/1/practice?subject=WOODEN_PIN_BRUSH&section=BACK";

    @Test
    void aPuppysFirstThreeDaysAndItsRelapseAfterThreeWeeksPause() throws Exception {
        Page page = laptop();
        RunningApp app = RunningApp.anew(false);
        addDog(app, "PUPPY", "GENTLE", "WIRE", 30);
        page.navigate(app.url() + "dogs/1/trust");
        assertThat(page.locator("[data-test=first]")).containsText("Wooden-pin brush, back", ignoreCase());
        assertThat(page.locator("[data-test=first]")).containsText("15 s");
        page.locator("[data-test=first]").click();
        assertThat(page.getByText("Rung 1 of 10:")).isVisible();
        answers(page, "1", "1");
        // A slip of the finger is taken back.
        answers(page, "3");
        press(page, "Undo u");
        assertThat(page.getByLabel("Rung 1 of 10, 2 relaxed in a row")).isVisible();
        answers(page, "1");
        assertThat(page.getByText("Rung 2 of 10:")).isVisible();
        assertThat(page.getByText("3 treats, within")).isVisible();
        Barriers.assertNone(page, "practice");
        app.at("2026-05-15T09:00:00Z");
        page.navigate(app.url() + PRACTICE);
        assertThat(page.getByText("Rung 2 of 10:")).isVisible();
        answers(page, "1", "1", "2", "1", "1");
        assertThat(page.getByLabel("Rung 2 of 10, 2 relaxed in a row")).isVisible();
        answers(page, "1");
        assertThat(page.getByText("Rung 3 of 10:")).isVisible();
        app.at("2026-05-16T09:00:00Z");
        page.navigate(app.url() + PRACTICE);
        answers(page, "3");
        assertThat(page.getByText("Rung 2 of 10:")).isVisible();
        answers(page, "3");
        assertThat(page.getByText("Enough for today")).isVisible();
        assertThat(page.getByText("End with something easy:")).isVisible();
        page.navigate(app.url() + "dogs/1/trust");
        assertThat(page.getByText("Over the weeks")).isVisible();
        // Two days of catching up to rung 3, then three weeks without.
        app.at("2026-05-17T09:00:00Z");
        page.navigate(app.url() + PRACTICE);
        answers(page, "1", "1", "1", "1", "1", "1");
        assertThat(page.getByText("Rung 3 of 10:")).isVisible();
        app.at("2026-06-08T09:00:00Z");
        page.navigate(app.url() + PRACTICE);
        assertThat(page.getByText("Rung 2 of 10:")).isVisible();
        page.getByText("Why this, and why so short?").click();
        assertThat(page.getByText("After 22 days without it here")).isVisible();
    }

    @Test
    void aFearSignWhileBrushingMovesThatPlaceBackToPractice() throws Exception {
        try (RunningApp app = RunningApp.anew(false)) {
            addDog(app, "ADULT", "GENTLE", "CURLY", 20);
            UUID id = UUID.randomUUID();
            app.send("POST", "api/dogs/1/sessions", "{\"id\": \"" + id + "\", \"sections\": [\"BELLY\", \"BACK\"]}");
            Page page = laptop();
            page.navigate(app.url() + "dogs/1/sessions/" + id);
            SessionView session = new SessionView(page).start();
            session.keys("d", "f");
            assertThat(session.heading("It was afraid: hands off, and no more today"))
                    .isVisible();
            Barriers.assertNone(page, "fear");
            page.navigate(app.url());
            assertThat(page.locator("[data-rule='trust.in-peace']")).isVisible();
            page.navigate(app.url() + "dogs/1/routine");
            assertThat(session.heading("Practised, not brushed")).isVisible();
            page.getByText("rung 7: practise").click();
            assertThat(page.getByText("Rung 7 of 10:")).isVisible();
            page.getByText("Why this, and why so short?").click();
            assertThat(page.getByText("half as long")).isVisible();
        }
    }

    /** A growl in practice: hands off, the place is closed, and nothing else is begun that day; a ladder may begin lower. */
    @Test
    void aGrowlInPracticeEndsTheDayAndALadderMayBeBegunLower() throws Exception {
        try (RunningApp app = RunningApp.anew(false)) {
            addDog(app, "ADULT", "GENTLE", "WIRE", 30);
            Page page = laptop();
            page.navigate(app.url() + "dogs/1/practice?subject=COMB&section=BACK");
            assertThat(page.getByText("Rung 6 of 10:")).isVisible();
            page.getByText("Begin lower").click();
            button(page, "3 touches it with the nose").click();
            assertThat(page.getByText("Rung 3 of 10:")).isVisible();
            page.keyboard().press("g");
            assertThat(page.getByText("Hands off. What was it?")).isVisible();
            Barriers.assertNone(page, "a warning in practice");
            page.keyboard().press("1");
            assertThat(page.locator("[data-rule='trust.in-peace-warned']")).isVisible();
            page.navigate(app.url() + "dogs/1/when");
            assertThat(heading(page, "Closed until somebody has looked")).isVisible();
        }
    }

    /** The owner's own words, kept once, stand and are said where the dog hears them. */
    @Test
    void theWordsThatADogKnowsStandWhereTheyAreSaid() throws Exception {
        try (RunningApp app = RunningApp.anew(false)) {
            addDog(app, "ADULT", "GENTLE", "CURLY", 30);
            Page page = phone();
            page.navigate(app.url() + "dogs/1/trust/hands");
            page.getByLabel("Marker: that was it").fill("yes");
            page.getByLabel("Release: you may go").fill("free");
            page.getByLabel("standing on the table").fill("up");
            button(page, "On a table your back is straight").click();
            page.waitForResponse("**/agreed", () -> button(page, "Keep these").click());
            assertThat(page.locator("[data-rule='trust.station-first']")).containsText("rung 1 of 10");
            Barriers.assertNone(page, "positions and helpers");
            page.navigate(app.url() + "dogs/1/practice?subject=TABLE");
            assertThat(page.getByText("“yes” the moment it happens")).isVisible();
            assertThat(page.getByText("Say “up”")).hasCount(0);
            answers(page, "1", "1", "1", "1", "1", "1", "1", "1", "1");
            assertThat(page.getByText("Rung 4 of 10:")).isVisible();
            assertThat(page.getByText("Say “up” once, just before it does it.")).isVisible();
            UUID id = UUID.randomUUID();
            app.send("POST", "api/dogs/1/sessions", "{\"id\": \"" + id + "\", \"sections\": [\"BACK\"]}");
            page.navigate(app.url() + "dogs/1/sessions/" + id);
            assertThat(page.getByText("First “yes”, then the treat.")).isVisible();
            assertThat(button(page, "on the floor")).hasAttribute("aria-pressed", "true");
            new SessionView(page).start().keys("Space");
            assertThat(page.locator("[data-test=let-go]")).containsText("“free”");
        }
    }

    @Test
    void anAnswerGivenWhileTheServerIsAwayIsKeptAndSent() throws Exception {
        try (RunningApp app = RunningApp.anew(false)) {
            addDog(app, "PUPPY", "GENTLE", "WIRE", 30);
            Page page = phone();
            page.navigate(app.url() + PRACTICE);
            assertThat(page.getByText("Rung 1 of 10:")).isVisible();
            String before = app.get("api/" + PRACTICE);
            List<Route> late = new ArrayList<>();
            page.route("**/api/" + PRACTICE.replaceFirst("\\?.*", "") + "?*", late::add);
            page.context().setOffline(true);
            page.keyboard().press("1");
            assertThat(page.getByText("What you said is kept here")).isVisible();
            page.context().setOffline(false);
            assertThat(page.getByLabel("Rung 1 of 10, 1 relaxed in a row")).isVisible();
            // What was asked for when the line came back is answered last, and as it was before.
            page.waitForCondition(() -> !late.isEmpty());
            page.waitForResponse(answer -> answer.url().contains("/practice?"), () -> late.get(0)
                    .fulfill(new Route.FulfillOptions()
                            .setContentType("application/json")
                            .setBody(before)));
            page.evaluate("() => new Promise((shown) => setTimeout(shown, 300))");
            assertThat(page.getByLabel("Rung 1 of 10, 1 relaxed in a row")).isVisible();
            page.unrouteAll();
            page.reload();
            assertThat(page.getByLabel("Rung 1 of 10, 1 relaxed in a row")).isVisible();
        }
    }

    private static void answers(Page page, String... keys) {
        for (String key : keys) {
            button(page, "Relaxed").waitFor();
            page.waitForResponse(answer -> answer.url().contains("practice-trials"), () -> page.keyboard()
                    .press(key));
            // The next answer is heeded once this one has been stored and shown.
            page.waitForFunction("() => !document.querySelector('.answers button:disabled')");
        }
    }

    /** What is not known is asked once, and the race is told. */
    @Test
    void theRaceIsToldWithTheWaysOut() throws Exception {
        try (RunningApp app = RunningApp.anew(false)) {
            addDog(app, "ADULT", "ROUGH_GROOM", "DROP", 110);
            Page page = laptop();
            page.navigate(app.url() + "dogs/1/when");
            Locator asked = page.getByText("When did a comb last go to Pintle’s skin everywhere?");
            assertThat(asked).isVisible();
            Barriers.assertNone(page, "the past is asked for");
            press(page, "This weekor a groomer did it");
            assertThat(asked).hasCount(0);
            press(page, "Undo");
            assertThat(asked).isVisible();
            press(page, "This weekor a groomer did it");
            assertThat(asked).hasCount(0);
            page.getByText("The race, and the ways out").click();
            assertThat(page.getByText("before the dog is ready. Ways out")).isVisible();
            assertThat(page.locator("[data-rule^='plan.race-trim']")).isVisible();
            Barriers.assertNone(page, "the race");
        }
    }

    @Test
    void whatAVetMustSeeStaysClosedUntilSomebodySaysThatTheyDid() throws Exception {
        try (RunningApp app = RunningApp.anew(false)) {
            addDog(app, "ADULT", "GENTLE", "DROP", 110);
            Page page = laptop();
            UUID id = UUID.randomUUID();
            app.send("POST", "api/dogs/1/sessions", "{\"id\": \"" + id + "\", \"sections\": [\"BELLY\", \"BACK\"]}");
            app.send(
                    "POST",
                    "api/dogs/1/sessions/" + id + "/events",
                    """
                    {"id": "%s", "said": {"type": "CAUGHT", "section": "BELLY", "found":
                     {"skin": "WET_OR_BROKEN", "lump": "NONE", "beneath": "FREE", "spread": "ONE"}}}
                    """
                            .formatted(UUID.randomUUID()));
            app.send(
                    "POST",
                    "api/dogs/1/sessions/" + id + "/events",
                    "{\"id\": \"%s\", \"said\": {\"type\": \"STOPPED\"}}".formatted(UUID.randomUUID()));
            page.navigate(app.url() + "dogs/1/sessions/" + id);
            assertThat(page.locator("[data-rule='session.next-vet']")).containsText("belly and groin");
            assertThat(page.locator("[data-rule='rhythm.closed-vet']")).isVisible();
            page.navigate(app.url());
            assertThat(page.getByText("Closed until the vet has seen it: belly and groin"))
                    .isVisible();
            page.navigate(app.url() + "dogs/1/when");
            assertThat(heading(page, "Closed until somebody has looked")).isVisible();
            Barriers.assertNone(page, "a closed place");
            page.getByLabel("What the vet said of it").fill("A salve, twice a day.");
            page.getByLabel("What the vet said of it").press("Enter");
            assertThat(heading(page, "Closed until somebody has looked")).hasCount(0);
            press(page, "Undo");
            assertThat(heading(page, "Closed until somebody has looked")).isVisible();
        }
    }

    private static void addDog(RunningApp app, String stage, String history, String kind, int millimetres)
            throws Exception {
        app.send(
                "POST",
                "api/dogs",
                """
                {"name": "Pintle", "breed": "", "kilograms": 4.1, "lifeStage": "%s", "flatFace": false, "neutered": true,
                 "skin": "SOUND", "history": "%s", "wears": [], "habits": []}
                """
                        .formatted(stage, history));
        String regions = Stream.of("HEAD", "EARS", "NECK", "BODY", "LEGS", "REAR", "TAIL")
                .map(region ->
                        """
                {"region": "%s", "kind": "%s", "millimetres": %d, "density": "MEDIUM", "texture": "HARSH", "undercoat": false,
                 "clipped": false}"""
                                .formatted(region, kind, millimetres))
                .collect(Collectors.joining(","));
        app.send(
                "PUT",
                "api/dogs/1/coat",
                "{\"sheddingHeavily\": false, \"neglected\": false, \"regions\": [" + regions + "]}");
    }
}
