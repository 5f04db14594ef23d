package rustictangle.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.google.gson.JsonArray;
import com.google.gson.JsonElement;
import com.google.gson.JsonObject;
import com.google.gson.JsonParser;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.UUID;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import rustictangle.e2e.views.Fields;
import rustictangle.e2e.views.HomeView;
import rustictangle.e2e.views.SessionView;

/** Days lived through whole: a Saturday in the worst order, and a fortnight away. */
class WholeDaysTest extends Browsing {

    private RunningApp demo;

    @BeforeEach
    void start() throws Exception {
        demo = RunningApp.anew(true);
    }

    /** What the day still asks for, each thing by a name. */
    private Set<String> asked() throws Exception {
        JsonObject day =
                JsonParser.parseString(demo.get("api/home")).getAsJsonObject().getAsJsonObject("day");
        Set<String> asked = new TreeSet<>();
        for (JsonElement pick : day.getAsJsonArray("picks")) {
            JsonObject dog = pick.getAsJsonObject();
            dog.getAsJsonArray("sections").forEach(place -> asked.add(dog.get("dogId") + " " + place.getAsString()));
        }
        for (JsonElement turn : day.getAsJsonArray("care")) {
            JsonObject job = turn.getAsJsonObject();
            asked.add(job.get("dogId") + " at the table " + job.get("job").getAsString());
        }
        return asked;
    }

    private List<JsonObject> of(String what) throws Exception {
        JsonArray all = JsonParser.parseString(demo.get("api/home"))
                .getAsJsonObject()
                .getAsJsonObject("day")
                .getAsJsonArray(what);
        List<JsonObject> reversed = new ArrayList<>();
        all.forEach(each -> reversed.add(each.getAsJsonObject()));
        Collections.reverse(reversed);
        return reversed;
    }

    private void brush(int dog, List<String> places) throws Exception {
        String done = places.stream()
                .map(place -> "{\"section\": \"%s\", \"tangles\": 0, \"mat\": false, \"signal\": \"RELAXED\"}"
                        .formatted(place))
                .collect(Collectors.joining(", "));
        demo.send(
                "POST",
                "api/dogs/" + dog + "/sessions/afterwards",
                "{\"id\": \"%s\", \"day\": \"2026-05-16\", \"proved\": true, \"places\": [%s]}"
                        .formatted(UUID.randomUUID(), done));
    }

    /**
     * The table before the brush, then one dog by its steps, and the others in two goes and from their last place on: nothing comes in by
     * doing, and the evening is empty.
     */
    @Test
    void aFullSaturdayInTheWorstOrderBringsNothingNewAndEndsEmpty() throws Exception {
        demo.at("2026-05-16T09:00:00Z");
        Page page = laptop();
        HomeView.open(page, demo.url());
        Locator today = page.locator("[data-test=today]");
        assertThat(today).containsText(Pattern.compile("about \\d+ min"));
        Set<String> morning = asked();
        assertTrue(morning.size() > 20, "a full day: " + morning);
        for (JsonObject turn : of("care")) {
            demo.send(
                    "POST",
                    "api/dogs/" + turn.get("dogId") + "/care/done",
                    "{\"id\": \"%s\", \"job\": \"%s\", \"outcome\": \"DONE\", \"signal\": \"RELAXED\", \"words\": \"\"}"
                            .formatted(UUID.randomUUID(), turn.get("job").getAsString()));
            assertOnlyPromised(morning);
        }
        page.reload();
        assertThat(page.getByText("At the table")).hasCount(0);
        // One in the browser, step by step; the others are told afterwards, the last one first.
        button(page, Pattern.compile("^Begin with ")).click();
        SessionView session = new SessionView(page).start();
        int steps = session.steps();
        for (int i = 0; i < steps; i++) {
            assertThat(page.locator("progress")).hasAttribute("value", String.valueOf(i));
            session.ranFree();
        }
        assertThat(session.heading("All done")).isVisible();
        assertOnlyPromised(morning);
        for (JsonObject pick : of("picks")) {
            List<String> places = new ArrayList<>();
            pick.getAsJsonArray("sections").forEach(place -> places.add(place.getAsString()));
            Collections.reverse(places);
            brush(pick.get("dogId").getAsInt(), places.subList(0, places.size() / 2));
            assertOnlyPromised(morning);
            brush(pick.get("dogId").getAsInt(), places.subList(places.size() / 2, places.size()));
            assertOnlyPromised(morning);
        }
        // In the browser the steps took seconds: what had made room for the long way round has its minutes again.
        for (JsonObject pick : of("picks")) {
            List<String> places = new ArrayList<>();
            pick.getAsJsonArray("sections").forEach(place -> places.add(place.getAsString()));
            assertOnlyPromised(morning);
            brush(pick.get("dogId").getAsInt(), places);
        }
        assertEquals(Set.of(), asked());
        HomeView.open(page, demo.url());
        assertThat(today).not().containsText("about");
        assertThat(page.locator("[data-rule='plan.added']")).hasCount(0);
        page.navigate(demo.url() + "week");
        assertThat(page.locator(".days .sum").first()).hasText(Pattern.compile("^(rest|½ min|[1-4]½? min)$"));
    }

    private void assertOnlyPromised(Set<String> morning) throws Exception {
        Set<String> now = asked();
        assertTrue(morning.containsAll(now), now + " of " + morning);
    }

    /** Told on the keyboard; nothing is asked for meanwhile; the first words after it are where to search. */
    @Test
    void aFortnightAwayIsPlannedForAndBeginsWithTheFingers() throws Exception {
        Page page = laptop();
        page.navigate(demo.url() + "week");
        assertThat(heading(page, "May and June")).isVisible();
        button(page, "Tell of days off").press("Enter");
        Fields.day(page.getByLabel("From"), "16/05/2026");
        Fields.day(page.getByLabel("To, that day too"), "15/05/2026");
        button(page, "Keep").press("Enter");
        assertThat(page.getByText("before the first")).isVisible();
        Fields.day(page.getByLabel("To, that day too"), "31/05/2026");
        button(page, "Keep").press("Enter");
        assertThat(page.getByText("the days before and after are planned for it"))
                .isVisible();
        assertThat(page.locator(".days .sum").nth(2)).hasText("off");
        assertThat(page.locator(".month .cell.off")).hasCount(16);
        Barriers.assertNone(page, "the week with days off");

        button(page, Pattern.compile("^Take away: All dogs")).click();
        assertThat(page.locator(".month .cell.off")).hasCount(0);
        button(page, "Undo").click();
        assertThat(page.locator(".month .cell.off")).hasCount(16);

        demo.at("2026-05-20T09:00:00Z");
        HomeView.open(page, demo.url());
        assertThat(page.getByText("Off until Mon 1 Jun: nothing is asked for")).hasCount(4);
        assertEquals(Set.of(), asked());

        demo.at("2026-06-01T09:00:00Z");
        HomeView.open(page, demo.url());
        Locator words = page.locator("[data-rule='plan.after-pause']");
        assertThat(words.first()).containsText(Pattern.compile("After 1\\d days without a brush: fingers first"));
        assertThat(words.filter(new Locator.FilterOptions().setHasText("let a groomer look"))
                        .first())
                .isVisible();
        assertThat(button(page, Pattern.compile("^Begin with "))).isVisible();
        Barriers.assertNone(page, "home after a fortnight");
    }

    /** One page for the fridge door: the days, who is brushed, and no keys. */
    @Test
    void theMonthPrintsOnOnePageAndTellsOfEachDayWhatWaits() throws Exception {
        Page page = laptop();
        page.navigate(demo.url() + "week");
        assertThat(heading(page, "May and June")).isVisible();
        assertThat(page.locator(".month svg").first()).isVisible();
        try (PDDocument printed =
                Loader.loadPDF(page.pdf(new Page.PdfOptions().setFormat("A4").setPrintBackground(true)))) {
            assertEquals(1, printed.getNumberOfPages());
            String text = new PDFTextStripper().getText(printed).replaceAll("\\s+", " ");
            for (String said : List.of("May and June at Mooring 14", "Thimble", "groom", "Mats that do not happen")) {
                assertTrue(text.contains(said), said + " in " + text);
            }
            assertTrue(!text.contains("Print it") && !text.contains("Tell of days off"), "no keys on paper: " + text);
        }
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^Tue 26 May: ")))
                .click();
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Tue 26 May")))
                .isVisible();
        button(page, "What waits, and why?").click();
        Locator waits = page.locator(".waits li");
        assertThat(waits.first()).containsText("That day’s minutes go to");
        Barriers.assertNone(page, "what waits on a day");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^Wed 27 May: ")))
                .click();
        assertThat(waits).hasCount(0);
        assertThat(button(page, "What waits, and why?")).isVisible();
    }

    /** A vet's order, a usual hour and the household's own clock are each kept and can be taken back. */
    @Test
    void aVetsOrderAUsualHourAndTheClockAreKept() throws Exception {
        Page page = phone();
        page.navigate(demo.url() + "dogs/2/care");
        Locator order = page.getByLabel("Ears: the vet’s order");
        page.waitForResponse(answer -> answer.url().endsWith("/every"), order::check);
        page.reload();
        assertThat(order).isChecked();
        assertTrue(demo.get("api/dogs/2/care").contains("\"ordered\":true"));
        page.navigate(demo.url() + "settings");
        button(page, "in the evening").click();
        Locator zone = page.getByRole(AriaRole.COMBOBOX, new Page.GetByRoleOptions().setName("Time zone"));
        zone.fill("Pacific/Auckland");
        // By keys: while the list is still being narrowed, a touch can land on a neighbour, or on nothing.
        Locator zones = page.getByRole(AriaRole.OPTION);
        assertThat(zones).hasCount(1);
        page.keyboard().press("ArrowDown");
        assertThat(zones).isFocused();
        page.keyboard().press("Enter");
        assertThat(zone).hasValue("Pacific/Auckland");
        page.waitForResponse(
                answer -> answer.url().endsWith("/api/household")
                        && answer.request().method().equals("PUT"),
                () -> button(page, "Keep").click());
        assertThat(button(page, "Undo")).isVisible();
        Barriers.assertNone(page, "settings");
        assertTrue(demo.get("api/household").contains("\"usualHour\":\"19:00:00\""));
        assertTrue(demo.get("api/household").contains("\"zone\":\"Pacific/Auckland\""));
        button(page, "Undo").click();
        assertThat(zone).not().hasValue("Pacific/Auckland");
    }
}
