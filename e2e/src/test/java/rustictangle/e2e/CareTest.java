package rustictangle.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.LocatorAssertions;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.nio.charset.StandardCharsets;
import java.util.Base64;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import rustictangle.e2e.views.CoatMapView;
import rustictangle.e2e.views.Fields;
import rustictangle.e2e.views.SessionView;

/** At the table: bath, nails, teeth, and what is seen there. */
class CareTest extends Browsing {

    @Test
    void aPuppysFirstBathTakesThreeDays() throws Exception {
        RunningApp app = RunningApp.anew(false);
        addDog(app, "PUPPY", "SMOOTH");
        Page page = laptop();
        for (int day = 14; day <= 16; day++) {
            app.at("2026-05-" + day + "T09:00:00Z");
            page.navigate(app.url() + "dogs/1/care/bath");
            assertThat(heading(page, "Rung " + (day - 13) + " of 10:")).isVisible();
            page.getByText("Practise this step").click();
            button(page, "Relaxed").waitFor();
            for (int n = 0; n < 3; n++) {
                answer(page, "practice-trials", "1");
            }
            assertThat(page.getByText("Rung " + (day - 12) + " of 10:")).isVisible();
            page.navigate(app.url() + "dogs/1/care");
            assertThat(link(page, "Bath")).containsText("practised today");
        }
    }

    /** Gel went in at an ear: the bath is owed, but not over an ear that no comb has proved; and one armpit stays damp. */
    @Test
    void anOwedBathWaitsForTheCombAndDryingForOneDampArmpit() throws Exception {
        try (RunningApp app = RunningApp.anew(false)) {
            addDog(app, "ADULT", "SMOOTH", "EARS");
            app.send("PUT", "api/supplies/SHAMPOO", "{\"parts\": 9}");
            app.send(
                    "POST",
                    "api/tools",
                    "{\"name\": \"\", \"kind\": \"COMB\", \"spacing\": \"WIDE_AND_FINE\", \"flexible\": false}");
            String session = "api/dogs/1/sessions/" + begin(app, "EAR_LEFT", "EAR_RIGHT", "BEHIND_EAR_LEFT");
            say(app, session, "{\"type\": \"STARTED\"}");
            say(app, session, "{\"type\": \"GEL_USED\", \"section\": \"EAR_LEFT\"}");
            for (String place : new String[] {"EAR_LEFT", "EAR_RIGHT", "BEHIND_EAR_LEFT"}) {
                say(
                        app,
                        session,
                        "{\"type\": \"SECTION_DONE\", \"section\": \"%s\", \"comb\": \"GLIDES\", \"tangles\": 0, \"signal\": \"RELAXED\"}"
                                .formatted(place));
            }
            Page page = laptop();
            page.navigate(app.url() + "dogs/1/care");
            page.locator("[data-rule='rhythm.bath-owed']")
                    .getByText("To the bath")
                    .click();
            assertThat(page.locator("[data-rule='care.gate-brush']")).containsText("behind the right ear");
            assertThat(page.locator("[data-rule='care.owed']")).containsText("do not force it");
            Barriers.assertNone(page, "the gate");
            page.getByText("Brush this place now").click();
            new SessionView(page).start().keys("Space");
            assertThat(heading(page, "All done")).isVisible();

            page.navigate(app.url() + "dogs/1/care/bath");
            assertThat(page.locator("[data-rule='care.gate-open']")).isVisible();
            assertThat(page.getByText("(1 : 9)")).isVisible();
            page.keyboard().press("Space");
            assertThat(heading(page, "Towels, the mixed shampoo")).isVisible();
            Barriers.assertNone(page, "a step of the bath");
            Locator next = page.getByRole(
                    AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Next").setExact(false));
            while (next.count() > 0) {
                String step = page.locator("progress").getAttribute("value");
                page.keyboard().press("Space");
                assertThat(page.locator("progress")).not().hasAttribute("value", step);
            }
            answer(page, "bathed", "Space");
            assertThat(heading(page, "left armpit")).isVisible();
            answer(page, "dryness", "d");
            for (int place = 1; place < 11; place++) {
                answer(page, "dryness", "Space");
            }
            assertThat(heading(page, "left armpit")).isVisible();
            assertThat(page.locator("[data-rule='care.damp']")).isVisible();
            Barriers.assertNone(page, "drying");
            page.reload();
            assertThat(heading(page, "left armpit")).isVisible();
            answer(page, "dryness", "Space");
            assertThat(heading(page, "Dry to the skin everywhere")).isVisible();
            page.keyboard().press("Space");
            assertThat(heading(page, "How did the dog take it?")).isVisible();
            answer(page, "done", "1");
            assertThat(heading(page, "Done")).isVisible();
            page.navigate(app.url() + "dogs/1/care");
            assertThat(page.locator("[data-rule='rhythm.bath-owed']")).hasCount(0);
            assertThat(page.locator("[data-rule='care.damp']")).hasCount(0);
        }
    }

    /** An 11-week-old after a walk in the mud: water only, a warm room, no dryer that it does not know; and no bath. */
    @Test
    void aMuddyPuppyIsRinsedBeneathWithWaterOnlyAndItsBathIsStillToCome() throws Exception {
        try (RunningApp app = RunningApp.anew(false)) {
            addDog(app, "PUPPY", "CURLY");
            Page page = phone();
            page.navigate(app.url() + "dogs/1/care/bath");
            button(page, "It is dirty").click();
            assertThat(page.locator("[data-rule='care.gate-open']")).containsText("Water only");
            Barriers.assertNone(page, "a rinse");
            button(page, "The whole dog").click();
            assertThat(page.locator("[data-rule='care.gate-search']")).isVisible();
            page.setViewportSize(844, 390);
            CoatMapView.point(page, "BELLY");
            assertThat(page.getByText("A lump at belly")).isVisible();
            CoatMapView.point(page, "BELLY");
            button(page, "No lump anywhere").click();
            assertThat(page.locator("[data-rule='care.gate-open']")).containsText("fingers found no lump");
            button(page, "A rinse").click();
            button(page, "Begin").click();
            assertThat(heading(page, "Two towels")).isVisible();
            assertThat(page.getByText("with shampoo")).hasCount(0);
            page.keyboard().press("Space");
            assertThat(heading(page, "No draught, and warm")).isVisible();
            answer(page, "bathed", "w");
            page.setViewportSize(390, 844);
            assertThat(page.locator("[data-rule='care.dry-afar']")).isVisible();
            while (heading(page, "Dry to the skin everywhere").count() == 0) {
                answer(page, "dryness", "Space");
            }
            link(page, "Rinsed and dry").click();
            page.navigate(app.url() + "dogs/1/care");
            assertThat(link(page, "Bath")).containsText("in 6 days");
            assertThat(link(page, "Bath")).not().containsText("done today");
        }
    }

    /** Felt while brushing, with one key and one touch; five days and a look-over later it is still on the sheet. */
    @ParameterizedTest
    @CsvSource({"390, 844", "844, 390", "1280, 800"})
    void aLumpFeltOnSundayIsOnTheVetsSheetOnFridayUntilAVetHasSeenIt(int width, int height) throws Exception {
        try (RunningApp app = RunningApp.anew(false)) {
            addDog(app, "ADULT", "CURLY");
            app.at("2026-05-17T09:00:00Z");
            String session = begin(app, "FRONT_LEG_LEFT", "ARMPIT_LEFT", "CHEST");
            Page page = context(width, height).newPage();
            page.navigate(app.url() + "dogs/1/sessions/" + session);
            SessionView view = new SessionView(page).start();
            view.keys("i");
            Locator dialog = page.getByRole(AriaRole.DIALOG);
            dialog.getByText("A lump in the skin").click();
            dialog.getByText("left armpit", new Locator.GetByTextOptions().setExact(true))
                    .click();
            assertThat(heading(page, "Noted: left armpit")).isVisible();
            Barriers.assertNone(page, "something seen");
            dialog.getByText("Go on", new Locator.GetByTextOptions().setExact(true))
                    .click();
            view.ranFree();
            assertThat(view.place())
                    .containsText("chest", new LocatorAssertions.ContainsTextOptions().setIgnoreCase(true));
            app.at("2026-05-22T09:00:00Z");
            page.navigate(app.url() + "dogs/1/groom/sheet");
            assertThat(page.getByText("Sun 17 May: a lump in the skin")).isVisible();
            page.navigate(app.url() + "dogs/1/care/look-over");
            CoatMapView.point(page, "ARMPIT_LEFT");
            button(page, "A vet has seen it").click();
            assertThat(button(page, "A vet has seen it")).hasCount(0);
            page.navigate(app.url() + "dogs/1/groom/sheet");
            assertThat(page.getByText("At the table at home")).isVisible();
            assertThat(page.getByText("a lump in the skin")).hasCount(0);
        }
    }

    /** Where no lump is: the place rests, and the second time a vet looks first. */
    @Test
    void whereItCriesAtATouchThePlaceRestsAndTheSecondTimeAVetLooksFirst() throws Exception {
        try (RunningApp app = RunningApp.anew(false)) {
            addDog(app, "ADULT", "CURLY");
            Page page = phone();
            for (int day = 17; day <= 18; day++) {
                app.at("2026-05-" + day + "T09:00:00Z");
                page.navigate(app.url() + "dogs/1/sessions/" + begin(app, "BELLY", "CHEST"));
                SessionView view = new SessionView(page).start();
                view.button("Something else").click();
                view.button("It cries").click();
                assertThat(page.locator("[data-test='cried']")).containsText("look for pain");
                view.ranFree();
                assertThat(view.heading("All done")).isVisible();
                page.navigate(app.url() + "dogs/1/when");
                assertThat(page.getByText("it cried at a touch, and again")).hasCount(day == 17 ? 0 : 1);
            }
        }
    }

    /** Without a drawer, without a coat that mats: what lies ready is said once, and a swim offers the same drying. */
    @Test
    void whatLiesReadyIsSaidOnceAndASwimIsDriedLikeABath() throws Exception {
        try (RunningApp app = RunningApp.anew(false)) {
            addDog(app, "ADULT", "SMOOTH");
            Page page = phone();
            page.navigate(app.url() + "drawer/supplies");
            page.getByText("Dog shampoo").click();
            Locator parts = page.getByLabel("Parts of water to one of shampoo");
            parts.fill("0");
            parts.press("Tab");
            assertThat(page.getByText("A label says 1 : 1 to 1 : 100")).isVisible();
            parts.fill("4");
            parts.press("Tab");
            assertThat(page.getByText("A label says 1 : 1 to 1 : 100")).hasCount(0);
            Barriers.assertNone(page, "what lies ready");

            app.send("PUT", "api/dogs/1/life/2026-05-14/SWAM", "");
            page.navigate(app.url() + "dogs/1/care");
            page.locator("[data-rule='care.damp']")
                    .getByText("Feel it place by place")
                    .click();
            assertThat(heading(page, "left armpit")).isVisible();
            for (int place = 0; place < 11; place++) {
                answer(page, "dryness", "Space");
            }
            assertThat(heading(page, "Dry to the skin everywhere")).isVisible();

            page.navigate(app.url() + "dogs/1/care");
            Fields.choose(page, "How often: Nails", "every 2 weeks");
            assertThat(page.getByLabel("How often: Nails")).hasValue("every 2 weeks");
            page.reload();
            assertThat(page.getByLabel("How often: Nails")).hasValue("every 2 weeks");
        }
    }

    /** The groomer did the nails: they are off the table, and the visit says so. */
    @Test
    void whatTheGroomerDidIsOffTheTable() throws Exception {
        try (RunningApp app = RunningApp.anew(false)) {
            addDog(app, "ADULT", "SMOOTH");
            Page page = laptop();
            page.navigate(app.url() + "dogs/1/groom");
            page.getByText("Keep a visit").click();
            Fields.day(page.getByLabel("Day").last(), "13/05/2026");
            page.getByLabel("nails", new Page.GetByLabelOptions().setExact(true))
                    .check();
            page.locator("form.visit").getByText("Keep").click();
            assertThat(page.getByText("Also: nails")).isVisible();
            page.navigate(app.url() + "dogs/1/groom/sheet");
            assertThat(page.getByText("Nails: Wed 13 May")).isVisible();
        }
    }

    @Test
    void onePawOfNailsWithOneClawCutTooShort() throws Exception {
        try (RunningApp app = RunningApp.anew(false)) {
            addDog(app, "ADULT", "SMOOTH");
            app.send("PUT", "api/supplies/STYPTIC_GEL", "{}");
            Page page = phone();
            page.navigate(app.url() + "dogs/1/care/nails");
            assertThat(page.locator("[data-test=missing]"))
                    .containsText("nail clippers (a middle-sized one) or nail grinder");
            whole(page);
            assertThat(heading(page, "Styptic lies open")).isVisible();
            assertThat(page.locator("[data-test=missing]")).isVisible();
            assertThat(page.locator("[data-rule='care.hold-hind']")).isVisible();
            Barriers.assertNone(page, "before the first claw");
            page.keyboard().press("Space");
            assertThat(page.getByText("Left front paw, dew claw")).isVisible();
            answer(page, "claws", "Space");
            assertThat(page.getByText("Left front paw, toe 1")).isVisible();
            answer(page, "claws", "x");
            assertThat(heading(page, "It happens. Press, and stay calm.")).isVisible();
            assertThat(page.locator("[data-rule='care.styptic-gel']")).isVisible();
            Barriers.assertNone(page, "a bleeding claw");
            page.reload();
            assertThat(heading(page, "It happens. Press, and stay calm.")).isVisible();
            page.keyboard().press("Space");
            assertThat(heading(page, "How did the dog take that?")).isVisible();
            // One key back: it was not uneasy after all.
            answer(page, "claws", "2");
            whole(page);
            page.keyboard().press("u");
            assertThat(heading(page, "How did the dog take that?")).isVisible();
            answer(page, "claws", "1");
            assertThat(heading(page, "Styptic lies open")).isVisible();
            page.keyboard().press("Space");
            for (int toe = 2; toe <= 4; toe++) {
                assertThat(page.getByText("Left front paw, toe " + toe)).isVisible();
                answer(page, "claws", "Space");
            }
            Barriers.assertNone(page, "the paws");
            // It was asked at the claw, and is not asked again.
            answer(page, "done", "e");
            assertThat(heading(page, "Done")).isVisible();
            assertThat(page.getByText("How did the dog take")).hasCount(0);
            String claws = app.get("api/dogs/1/claws");
            assertEquals(4, claws.split("\"last\":\"DONE\"", -1).length - 1, claws);
            assertEquals(1, claws.split("\"last\":\"TOO_SHORT\"", -1).length - 1, claws);
            page.navigate(app.url() + "dogs/1/groom/sheet");
            assertThat(page.getByText("Cut too short last time: left front paw, toe 1"))
                    .isVisible();
        }
    }

    @Test
    void teethBrushedWhileTheServerIsAwayAreKeptAndSent() throws Exception {
        try (RunningApp app = RunningApp.anew(false)) {
            addDog(app, "ADULT", "SMOOTH");
            Page page = phone();
            page.navigate(app.url() + "dogs/1/care/teeth");
            whole(page);
            assertThat(page.locator("[data-rule='care.human-toothpaste']")).isVisible();
            page.context().setOffline(true);
            for (int step = 0; step < 4; step++) {
                assertThat(page.getByText((step + 1) + " of 4")).isVisible();
                page.keyboard().press("Space");
            }
            assertThat(heading(page, "How did the dog take it?")).isVisible();
            page.keyboard().press("1");
            assertThat(page.getByText("What you said is kept here")).isVisible();
            page.context().setOffline(false);
            assertThat(page.getByText("What you said is kept here")).hasCount(0);
            page.navigate(app.url() + "dogs/1/care");
            assertThat(link(page, "Teeth")).containsText("done today");
            assertThat(page.getByLabel("14 May: brushed")).hasCount(1);
        }
    }

    @Test
    void aPlaceIsPhotographedAndHeldAgainstLastWeeks() throws Exception {
        try (RunningApp app = RunningApp.anew(false)) {
            app.at("2026-05-07T09:00:00Z");
            addDog(app, "ADULT", "SMOOTH");
            app.send(
                    "POST",
                    "api/dogs/1/looks",
                    "{\"id\": \"%s\", \"section\": \"CHEST\", \"words\": \"a small scab\", \"photo\": \"%s\"}"
                            .formatted(UUID.randomUUID(), Base64.getEncoder().encodeToString(picture(500, 400))));
            app.send(
                    "POST",
                    "api/dogs/1/care/done",
                    "{\"id\": \"%s\", \"job\": \"LOOK_OVER\", \"outcome\": \"DONE\", \"words\": \"\"}"
                            .formatted(UUID.randomUUID()));
            app.at(MORNING);
            Page page = laptop();
            page.navigate(app.url() + "dogs/1/care/look-over");
            CoatMapView.point(page, "CHEST");
            assertThat(page.getByText("a small scab")).isVisible();
            Locator file = page.locator("input[type=file]");
            file.setInputFiles(
                    new FilePayload("photo.jpg", "image/jpeg", "no picture at all".getBytes(StandardCharsets.UTF_8)));
            assertThat(page.getByText("no picture that this browser can read")).isVisible();
            file.setInputFiles(new FilePayload("photo.png", "image/png", picture(2400, 1800)));
            assertThat(page.getByAltText("chest, now")).isVisible();
            page.getByLabel("What you see and feel").fill("It has grown.");
            Barriers.assertNone(page, "a place looked at");
            page.getByText("Keep it").click();
            assertThat(page.getByText("It has grown.")).isVisible();
            assertThat(page.locator(".beside img")).hasCount(2);
            Object wide =
                    page.locator(".beside img").first().evaluate("img => img.decode().then(() => img.naturalWidth)");
            assertEquals(1024, ((Number) wide).intValue());
            page.getByText("Back to the dog").click();
            for (int step = 1; step <= 5; step++) {
                assertThat(page.getByText(step + " of 5")).isVisible();
                page.keyboard().press("Space");
            }
            assertThat(page.getByText("Open, for the vet or the groomer")).isVisible();
            assertThat(page.getByText("It has grown.")).isVisible();
            page.getByText("The sheet to hand over").click();
            assertThat(page.getByText("For a vet to see, or to feel for")).isVisible();
            assertTrue(app.get("api/today").contains("\"care\""));
        }
    }

    /** Though the dog still learns it. */
    private static void whole(Page page) {
        assertThat(page.getByText("It is still learning this")).isVisible();
        page.keyboard().press("w");
        assertThat(page.getByText("It is still learning this")).hasCount(0);
    }

    private static Locator heading(Page page, String text) {
        return page.locator("h1").filter(new Locator.FilterOptions().setHasText(text));
    }

    /** Presses a key and waits until what it says is stored and the next answer is heeded. */
    private static void answer(Page page, String path, String key) {
        page.waitForFunction("() => !document.querySelector('main button.big:disabled, .answers button:disabled')");
        page.waitForResponse(answer -> answer.url().endsWith("/" + path), () -> page.keyboard()
                .press(key));
        page.waitForFunction("() => !document.querySelector('main button.big:disabled, .answers button:disabled')");
    }

    private static byte[] picture(int width, int height) throws Exception {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        ImageIO.write(new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB), "png", bytes);
        return bytes.toByteArray();
    }

    private static String begin(RunningApp app, String... sections) throws Exception {
        UUID id = UUID.randomUUID();
        app.send(
                "POST",
                "api/dogs/1/sessions",
                "{\"id\": \"" + id + "\", \"sections\": [\"" + String.join("\", \"", sections) + "\"]}");
        return id.toString();
    }

    private static void say(RunningApp app, String session, String said) throws Exception {
        app.send("POST", session + "/events", "{\"id\": \"" + UUID.randomUUID() + "\", \"said\": " + said + "}");
    }

    /** @param curly regions that mat; the others are smooth */
    private static void addDog(RunningApp app, String stage, String kind, String... curly) throws Exception {
        app.send(
                "POST",
                "api/dogs",
                """
                {"name": "Pintle", "breed": "", "kilograms": 9, "lifeStage": "%s", "flatFace": false, "neutered": true,
                 "skin": "SOUND", "history": "GENTLE", "wears": [], "habits": []}
                """
                        .formatted(stage));
        String regions = Stream.of("HEAD", "EARS", "NECK", "BODY", "LEGS", "REAR", "TAIL")
                .map(region -> {
                    boolean mats = Stream.of(curly).anyMatch(region::equals);
                    return """
                    {"region": "%s", "kind": "%s", "millimetres": %d, "density": "MEDIUM", "texture": "SOFT", "undercoat": false,
                     "clipped": false}"""
                            .formatted(region, mats ? "CURLY" : kind, mats ? 40 : 15);
                })
                .collect(Collectors.joining(","));
        app.send(
                "PUT",
                "api/dogs/1/coat",
                "{\"sheddingHeavily\": false, \"neglected\": false, \"regions\": [" + regions + "]}");
    }
}
