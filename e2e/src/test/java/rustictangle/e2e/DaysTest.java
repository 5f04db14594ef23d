package rustictangle.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import javax.imageio.ImageIO;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import rustictangle.e2e.views.Fields;
import rustictangle.e2e.views.HomeView;
import rustictangle.e2e.views.SessionView;

/** Today over all dogs, the week and the thread, as the days go by. */
class DaysTest extends Browsing {

    private static final String THIMBLE = "dogs/3/";

    /** The demo household on its morning. */
    private RunningApp demo;

    @BeforeEach
    void start() throws Exception {
        demo = RunningApp.anew(true);
    }

    @Test
    void todaysMinutesChooseAndOneButtonBegins() throws Exception {
        Page page = laptop();
        page.navigate(demo.url());
        Locator today = page.locator("[data-test=today]");
        assertThat(today).containsText("Gannet");
        assertTrue(minutes(today) > 20, today.textContent());
        button(page, "other minutes").click();
        Fields.slide(page, "I have", 0);
        assertThat(today).containsText("Nothing to brush in that time");
        Fields.slide(page, "I have", 20);
        assertThat(today).containsText(Pattern.compile("about (\\d|1\\d|20)(½)? min"));
        button(page, Pattern.compile("^Begin with ")).click();
        new SessionView(page).start();
        assertThat(page.locator("progress")).hasAttribute("max", Pattern.compile("[1-9]|1[0-2]"));
        HomeView.open(page, demo.url());
        assertThat(link(page, Pattern.compile("^Go on with "))).isVisible();
    }

    private static int minutes(Locator today) {
        return Integer.parseInt(today.textContent().replaceFirst("(?s).*about (\\d+) min.*", "$1"));
    }

    /** Every place with its day, as the days tell it. */
    private String due(Page days) {
        days.navigate(demo.url() + THIMBLE + "days");
        days.locator("tbody").waitFor();
        There.isAll(days);
        return days.locator("tbody").textContent();
    }

    /** It has arrived. */
    private static void said(Page page, Locator what) {
        page.waitForResponse(answer -> !answer.request().method().equals("GET"), what::click);
    }

    @Test
    void aRainyWeekAndAWeekMissedArePlannedAnewWithoutAWordOfBlame() throws Exception {
        combEverywhere(demo);
        demo.at("2026-05-17T09:00:00Z");
        Page page = laptop();
        page.navigate(demo.url() + THIMBLE + "today");
        Locator soaked = button(page, "got soaked and dried by itself");
        soaked.waitFor();
        Page days = page.context().newPage();
        String before = due(days);
        for (String day : List.of("today", "yesterday", "2 days ago")) {
            group(page, "Day").getByText(day).click();
            said(page, soaked);
            assertThat(soaked).hasAttribute("aria-pressed", "true");
        }
        String wet = due(days);
        assertNotEquals(before, wet);
        said(page, soaked);
        assertNotEquals(wet, due(days));
        said(page, soaked);
        assertEquals(wet, due(days));
        Locator bathed = button(page, "was bathed");
        said(page, bathed);
        assertThat(bathed).hasAttribute("aria-pressed", "true");
        assertNotEquals(wet, due(days));
        exactButton(days, "left armpit").click();
        assertThat(days.locator("[data-rule='rhythm.now']")).isVisible();
        demo.at("2026-05-22T09:00:00Z");
        page.navigate(demo.url());
        assertThat(page.locator("[data-test=today]")).containsText(Pattern.compile("about \\d+ min"));
        assertTrue(
                demo.get("api/" + THIMBLE + "when").matches("(?s).*\"next\":\"2026-05-2[23]\".*"),
                "a dog that was wet and not brushed for days waits no longer");
        assertFalse(
                page.locator("main").textContent().matches("(?si).*(missed|late|forgot|should have|neglect).*"),
                "no scolding");
        link(page, "The days to come").click();
        button(page, "So many minutes a day").click();
        Locator first = page.getByLabel(Pattern.compile("^Minutes on ")).first();
        first.fill("15");
        first.press("Enter");
        assertThat(page.getByText("Fri: 15 minutes.")).isVisible();
        assertThat(page.locator(".days .sum").first()).hasText(Pattern.compile("^([0-9]|1[0-5])(½)? min$"));
        button(page, "Undo").click();
        assertThat(first).not().hasValue("15");
        page.reload();
        assertThat(first).not().hasValue("15");
        button(page, "As long as it takes").click();
        assertThat(first).hasCount(0);
    }

    @Test
    void theThreadIsReadByKeyboardAndTheTableSaysTheSame() throws Exception {
        Page page = laptop();
        page.navigate(demo.url() + THIMBLE + "when/thread");
        Locator readout = page.locator(".readout");
        assertThat(heading(page, "Until the groom, in 24 days")).isVisible();
        tabTo(page, "back");
        assertThat(readout).containsText("Thu 14 May");
        page.keyboard().press("ArrowRight");
        page.keyboard().press("ArrowRight");
        assertThat(readout).containsText("Sat 16 May");
        page.keyboard().press("ArrowDown");
        assertThat(readout).containsText("left side", ignoreCase());
        assertThat(page.locator(":focus"))
                .hasAttribute("aria-valuetext", Pattern.compile("Sat 16 May.*with the plan.*if nothing is done"));
        page.keyboard().press("End");
        assertThat(readout).containsText("Sun 7 Jun");
        String end = page.locator(":focus").getAttribute("aria-valuetext");
        String nothing = end.replaceFirst(".* and ([0-9.+]+) mats?$", "$1");
        press(page, "As a table");
        Locator row = page.getByRole(
                AriaRole.ROW,
                new Page.GetByRoleOptions().setName(Pattern.compile("^left side", Pattern.CASE_INSENSITIVE)));
        assertEquals(nothing, row.getByRole(AriaRole.CELL).nth(2).textContent().strip());
        press(page, "no groom");
        assertThat(heading(page, "The next 14 days")).isVisible();
        button(page, "Undo").click();
        assertThat(heading(page, "Until the groom, in 24 days")).isVisible();
        // Neither moving it here nor putting it back loses the hour.
        Fields.day(page.getByLabel("The groomer sees it on"), "08/06/2026");
        assertThat(heading(page, "Until the groom, in 25 days")).isVisible();
        assertTrue(demo.send("GET", "api/dogs/3/visits", "").contains("\"nextHour\":\"10:30"));
        press(page, "Undo");
        assertThat(heading(page, "Until the groom, in 24 days")).isVisible();
        assertTrue(demo.send("GET", "api/dogs/3/visits", "").contains("\"nextHour\":\"10:30"));
        page.navigate(demo.url() + THIMBLE + "when/learned");
        assertThat(page.getByText(Pattern.compile("as often as usual|often than usual"))
                        .first())
                .isVisible();
    }

    @Test
    void theAppointmentIsMovedAndTheThreeWayTradeAnsweredByKeyboard() throws Exception {
        Page page = laptop();
        page.navigate(demo.url() + THIMBLE + "groom");
        assertThat(page.locator("[data-test=groom]")).containsText("Sun 7 Jun");
        Fields.day(page.getByLabel("Move it to"), "10/06/2026");
        assertThat(page.locator("[data-test=groom]")).containsText("Wed 10 Jun");
        button(page, "Undo").click();
        assertThat(page.locator("[data-test=groom]")).containsText("Sun 7 Jun");
        Fields.day(page.getByLabel("Move it to"), "01/05/2026");
        assertThat(page.getByText("The next groom is after today")).isVisible();
        assertThat(page.locator("[data-test=groom]")).containsText("Sun 7 Jun");

        Locator hour = page.getByLabel("at", new Page.GetByLabelOptions().setExact(true));
        hour.fill("1415");
        hour.press("Tab");
        assertThat(page.locator("[data-test=groom]")).containsText("Sun 7 Jun at 14:15");
        button(page, "Undo").click();
        assertThat(page.locator("[data-test=groom]")).containsText("Sun 7 Jun at 10:30");

        page.navigate(demo.url() + "dogs/2/groom");
        Locator answer = page.locator("[data-test=answer]");
        assertThat(answer).containsText("The clip may leave");
        int before = Integer.parseInt(answer.textContent().replaceFirst("(?s).*leave (\\d+) mm.*", "$1"));
        tabTo(page, "Tell me");
        tabTo(page, "Minutes a week");
        for (int i = 0; i < 12; i++) {
            page.keyboard().press("ArrowRight");
        }
        assertThat(answer).not().containsText("leave " + before + " mm");
        int more = Integer.parseInt(answer.textContent().replaceFirst("(?s).*leave (\\d+) mm.*", "$1"));
        assertTrue(more > before, more + " mm after " + before);
        Fields.choose(page, "Tell me", "how long it may be left");
        assertThat(answer).containsText("It may be left for");
        Fields.choose(page, "Tell me", "how many minutes");
        assertThat(answer).containsText("a year costs about €");
        page.getByText("As a table").click();
        assertThat(page.getByRole(AriaRole.ROW, new Page.GetByRoleOptions().setName(Pattern.compile("^6 weeks"))))
                .containsText("€");
    }

    @Test
    void aGroomThatWasIsAskedForAtHomeAndCountsOnlyOnceTheOwnerSaysSo() throws Exception {
        try (RunningApp app = demo.at("2026-06-08T09:00:00Z")) {
            Page page = laptop();
            page.navigate(app.url());
            Locator asked = page.getByText("did it take place?");
            assertThat(asked).isVisible();
            Barriers.assertNone(page, "a groom that was");
            yesOrNo(page, "Yes, a full groom of Thimble on Sun 7 Jun took place");
            assertThat(page.getByText("The groom of Sun 7 Jun counts.")).isVisible();
            assertThat(asked).not().isVisible();
            yesOrNo(page, "Undo");
            assertThat(asked).isVisible();
            page.navigate(app.url() + THIMBLE + "groom");
            yesOrNo(page, "No, the groom on Sun 7 Jun did not take place");
            assertThat(asked).not().isVisible();
            assertThat(page.getByText("No groom on Sun 7 Jun: nothing changes."))
                    .isVisible();
            page.navigate(app.url());
            assertThat(page.locator("[data-test=today]")).isVisible();
            assertThat(asked).not().isVisible();
        }
    }

    private static void yesOrNo(Page page, String name) {
        button(page, name).press("Enter");
    }

    @Test
    void theGroomersSheetPrintsOnOnePageThatCanBeReadAndTheCalendarIsFetchedByAPlainClient() throws Exception {
        Page page = laptop();
        page.navigate(demo.url() + THIMBLE + "groom/sheet");
        page.getByLabel("Your wish").fill("Leave the beard, please.");
        button(page, "Keep").click();
        assertThat(heading(page, "Our wish")).isVisible();
        try (PDDocument printed =
                Loader.loadPDF(page.pdf(new Page.PdfOptions().setFormat("A4").setLandscape(true)))) {
            assertEquals(1, printed.getNumberOfPages());
            String text = new PDFTextStripper().getText(printed);
            for (String said : List.of(
                    "Thimble, for the groomer",
                    "Leave the beard, please.",
                    "Last combed to the skin",
                    "frightened by an earlier groom")) {
                assertTrue(text.replaceAll("\\s+", " ").contains(said), said + " in " + text);
            }
            assertFalse(text.contains("Keep"), "no buttons on paper");
        }
        String path = demo.send("GET", "api/calendar", "").replaceFirst("(?s).*\"path\":\"/([^\"]+)\".*", "$1");
        String calendar = demo.send("GET", path, "");
        assertTrue(calendar.startsWith("BEGIN:VCALENDAR") && calendar.contains("SUMMARY:Groomer: Thimble"), calendar);
    }

    /** A comb has run free at every place: said with joy once it is so, and kept among the days. */
    @Test
    void aRoundThatIsWholeHasItsMomentAndItsMark() throws Exception {
        Page page = phone();
        page.navigate(demo.url() + "dogs/1/today/brushed");
        button(page, "Whole dog").click();
        button(page, "Keep: it ran free").click();
        assertThat(page.getByText("Kept: ")).isVisible();
        page.navigate(demo.url() + "dogs/1/days/history");
        Locator row = page.locator("tbody tr").first();
        assertThat(row).containsText("free all over");
        row.getByRole(AriaRole.LINK).click();
        assertThat(page.locator("[data-test=whole]")).containsText("A comb runs free all over Oakum");
    }

    /** Now and then, before and after the groomer: kept small, shown at its month, and gone when it is taken away. */
    @Test
    void aPhotoOfTheWholeDogStandsInItsMonth() throws Exception {
        Page page = phone();
        page.navigate(demo.url() + "dogs/2/days/months");
        assertThat(heading(page, "Hair, minutes, mats")).isVisible();
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        ImageIO.write(new BufferedImage(640, 480, BufferedImage.TYPE_INT_RGB), "png", bytes);
        page.locator("input[type=file]").setInputFiles(new FilePayload("gannet.png", "image/png", bytes.toByteArray()));
        Locator photo = page.getByAltText("The whole dog, Thu 14 May");
        assertThat(photo).isVisible();
        button(page, "Undo").click();
        assertThat(photo).hasCount(0);
    }

    @Test
    void everythingGoesOutAndComesInAgainAndAForeignFileIsRefused() throws Exception {
        Page page = laptop();
        page.navigate(demo.url() + "settings");
        Path file = folder.resolve("everything.json");
        page.waitForDownload(() -> page.getByText("everything as JSON").click()).saveAs(file);
        demo.send("DELETE", "api/dogs/4", "");
        page.getByLabel("Take over a JSON file", new Page.GetByLabelOptions().setExact(true))
                .setInputFiles(file);
        button(page, "Replace everything by everything.json").click();
        assertThat(page.getByText("Everything is as in the file.")).isVisible();
        page.navigate(demo.url());
        assertThat(new HomeView(page).dog("Pintle")).isVisible();
        page.navigate(demo.url() + "settings");
        Path foreign = Files.writeString(folder.resolve("foreign.json"), "{\"dogs\": []}");
        page.getByLabel("Take over a JSON file", new Page.GetByLabelOptions().setExact(true))
                .setInputFiles(foreign);
        button(page, "Replace everything by foreign.json").click();
        assertThat(page.getByText("Nothing was changed")).isVisible();
        page.navigate(demo.url() + "messages");
        assertThat(page.getByText("simulated one")).isVisible();
        assertThat(page.getByText("Gannet: ").first()).isVisible();
    }

    @Test
    void aCopyTakenWhileEntriesComeInIsPutBackOntoAnEmptyInstallationByOneCommand() throws Exception {
        Path copy = folder.resolve("copy.db");
        AtomicBoolean enough = new AtomicBoolean();
        ExecutorService busy = Executors.newSingleThreadExecutor();
        Future<Integer> entries = busy.submit(() -> {
            int count = 0;
            for (; !enough.get(); count++) {
                demo.send(count % 2 == 0 ? "PUT" : "DELETE", "api/dogs/1/life/2026-05-14/SWAM", "");
            }
            return count;
        });
        Page page = laptop();
        page.navigate(demo.url() + "settings");
        page.waitForDownload(() -> page.getByText("take a copy").click()).saveAs(copy);
        enough.set(true);
        assertTrue(entries.get() > 0);
        busy.shutdown();
        try (RunningApp fresh = RunningApp.restored(
                Files.createDirectories(folder.resolve("fresh")).resolve("own.db"), copy, MORNING)) {
            HomeView home = HomeView.open(laptop(), fresh.url());
            for (String dog : List.of("Oakum", "Gannet", "Thimble", "Pintle")) {
                assertThat(home.dog(dog)).isVisible();
            }
        }
    }

    private void minutesADay(int each) throws Exception {
        String household = demo.get("api/household");
        demo.send("PUT", "api/household", household.replaceAll("(\"[A-Z]+DAY\":)\\d+", "$1" + each));
    }

    /** One sentence with figures, and each way out leads somewhere. */
    @Test
    void whereTheMinutesDoNotSufficeItIsSaidOnceAndEachWayOutIsATouchAway() throws Exception {
        minutesADay(12);
        Page page = phone();
        HomeView.open(page, demo.url());
        Locator said = page.locator("[data-rule='plan.not-enough']");
        assertThat(said).containsText(Pattern.compile("about \\d+ small mats a month"));
        assertThat(said).containsText(Pattern.compile("\\d+ minutes more a day would halve them"));
        Barriers.assertNone(page, "home where the minutes do not suffice");
        String sentence = said.locator("p").first().textContent();
        for (String path : List.of("week", "dogs/2/when/thread")) {
            page.navigate(demo.url() + path);
            assertThat(said.locator("p").first()).hasText(sentence);
        }
        link(page, "A shorter clip").click();
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Length, minutes, money")))
                .isInViewport();
        assertThat(page.locator("[data-test=own-answer]")).containsText("a week for it");
        HomeView.open(page, demo.url());
        link(page, "A groomer sooner").click();
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("The next groom")))
                .isVisible();
        HomeView.open(page, demo.url());
        link(page, "Where they form").click();
        assertThat(page.getByText("mats to expect with the plan")).isVisible();
        HomeView.open(page, demo.url());
        button(page, Pattern.compile("^\\d+ min more a day$")).click();
        assertThat(page.getByText("minutes more a day.").last()).isVisible();
        assertThat(said).not().containsText(sentence);
        button(page, "Undo").click();
        assertThat(said).containsText(sentence);
    }

    /** Five minutes are a short sitting; a day that is done is done, and more comes only when it is asked for. */
    @Test
    void fiveMinutesAreWorthSomethingAndTheEveningOfADoneDayIsEmpty() throws Exception {
        minutesADay(5);
        Page page = phone();
        HomeView.open(page, demo.url());
        Locator today = page.locator("[data-test=today]");
        button(page, Pattern.compile("^Begin with ")).click();
        SessionView session = new SessionView(page).start();
        int steps = session.steps();
        assertTrue(steps <= 3, steps + " steps in a short sitting");
        for (int i = 0; i < steps; i++) {
            assertThat(page.locator("progress")).hasAttribute("value", String.valueOf(i));
            session.ranFree();
        }
        assertThat(session.heading("All done")).isVisible();
        for (int n = 0; n < 30 && demo.get("api/today").contains("\"job\""); n++) {
            String day = demo.get("api/today");
            demo.send(
                    "POST",
                    "api/dogs/" + day.replaceAll("(?s).*?\"care\":\\[\\{\"dogId\":(\\d+).*", "$1") + "/care/done",
                    "{\"id\": \"%s\", \"job\": \"%s\", \"outcome\": \"DONE\", \"signal\": \"RELAXED\", \"words\": \"\"}"
                            .formatted(UUID.randomUUID(), day.replaceAll("(?s).*?\"job\":\"([A-Z_]+)\".*", "$1")));
        }
        HomeView.open(page, demo.url());
        assertThat(today).not().containsText("about");
        assertThat(page.getByText("brushed already:")).isVisible();
        assertFalse(demo.get("api/today").contains("\"sections\""), "nothing comes in by doing");
    }

    /** The whole coat of Thimble, whatever is in training. */
    private static void combEverywhere(RunningApp app) throws Exception {
        String[] sections = app.send("GET", "api/sections", "")
                .replaceAll("(?s)[^A-Z_]*?\"section\":\"([A-Z_]+)\".*?(?=\"section\"|$)", "$1 ")
                .trim()
                .split(" ");
        String places = Stream.of(sections)
                .map(section -> "{\"section\": \"%s\", \"tangles\": 0, \"mat\": false, \"signal\": \"RELAXED\"}"
                        .formatted(section))
                .collect(Collectors.joining(", "));
        app.send(
                "POST",
                "api/" + THIMBLE + "sessions/afterwards",
                "{\"id\": \"%s\", \"day\": \"2026-05-14\", \"proved\": true, \"places\": [%s]}"
                        .formatted(UUID.randomUUID(), places));
    }
}
