package rustictangle.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Page;
import java.nio.file.Path;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import rustictangle.e2e.views.CoatMapView;
import rustictangle.e2e.views.CoatView;
import rustictangle.e2e.views.DogView;
import rustictangle.e2e.views.HomeView;
import rustictangle.e2e.views.RoutineView;
import rustictangle.e2e.views.SessionView;
import rustictangle.e2e.views.ToolsView;

/** An owner begins with nothing and ends with the next brushing date. */
class FirstDogTest extends Browsing {

    private RunningApp app;

    @BeforeEach
    void start() throws Exception {
        app = RunningApp.anew(false);
    }

    @Test
    void fromAnEmptyHomeToTheNextDateAndItIsAllThereAfterARestart() throws Exception {
        Path data = folder.resolve("first.db");
        Page page = laptop();
        CoatView coat = HomeView.open(page, app.url())
                .addFirstDog()
                .describe("Gannet", "14", "wears a harness", "swims")
                .onToTheCoat();
        coat.kind("curly").length("32");
        coat.pointAt("FRONT_LEG_LEFT");
        assertThat(coat.region("Legs and feet")).hasAttribute("aria-pressed", "true");
        coat.length("42");
        assertThat(coat.region("Body")).containsText("32 mm");
        assertThat(coat.region("Legs and feet")).containsText("42 mm");

        ToolsView tools = coat.onToTheTools();
        assertThat(tools.pointAt("SIDE_LEFT", "left side")).containsText("Slicker", ignoreCase());
        assertThat(page.getByText("Never here")).isVisible();

        app.send(
                "POST",
                "api/tools",
                "{\"name\": \"\", \"kind\": \"SLICKER\", \"pinMillimetres\": 24, \"flexible\": true}");
        app.send(
                "POST",
                "api/tools",
                "{\"name\": \"\", \"kind\": \"COMB\", \"spacing\": \"WIDE_AND_FINE\", \"flexible\": false}");
        RoutineView routine = tools.routine();
        assertThat(routine.places()).hasCount(29);
        assertThat(routine.total()).containsText("min");
        SessionView session = routine.begin();
        assertThat(session.place()).containsText("left hind leg", ignoreCase());
        int steps = session.steps();
        assertTrue(steps <= 12, steps + " steps");
        session.ranFree();
        assertThat(session.position(2, steps)).isVisible();
        session.keys("c", "3");
        session.keys("d", "n");
        assertThat(session.advice("session.uneasy")).isVisible();
        session.keys("s");
        assertThat(session.position(3, steps)).isVisible();
        page.keyboard().press("e");
        assertThat(page.getByText("Enough for today")).isVisible();
        assertThat(session.nextDate()).containsText("Thu 14 May");
        assertThat(page.getByText("3 tangles out").first()).isVisible();
        app.copyDataTo(data);
        try (RunningApp again = RunningApp.start(data, "2026-05-15T09:00:00Z", false)) {
            HomeView home = HomeView.open(page, again.url());
            assertThat(home.dog("Gannet")).containsText("places due");
            page.navigate(again.url() + "dogs/1/when");
            CoatMapView.point(page, "HIND_FOOT_LEFT");
            assertThat(page.getByText("The comb ran free on Thu 14 May")).isVisible();
        }
    }

    @Test
    void aWrongWeightIsExplainedAndNothingTypedIsLost() {
        Page page = laptop();
        DogView dog = DogView.openNew(page, app.url()).describe("Oakum", "1750");
        dog.onToTheCoat();
        assertThat(dog.problem("0.3 to 120 kg")).isVisible();
        assertThat(dog.name()).hasValue("Oakum");
        assertThat(dog.weight()).hasValue("1750");
        dog.weight().fill("17,5");
        dog.onToTheCoat();
        assertThat(page.getByText("What grows on Oakum?")).isVisible();
    }

    @Test
    void withoutACoatEveryViewLeadsToTheCoatAndALengthLeftOutIsAskedFor() {
        Page page = laptop();
        DogView.openNew(page, app.url()).describe("Oakum", "17.5").onToTheCoat();
        page.getByText("What grows on Oakum?").waitFor();
        page.navigate(page.url().replace("/coat", "/routine"));
        page.getByText("Describe the coat").click();
        CoatView coat = new CoatView(page).kind("coarse guard hair").length("70");
        coat.region("Tail").click();
        coat.length("");
        coat.onToTheTools();
        assertThat(page.getByText("Hair is 1 to 400 mm long")).containsText("(tail)");
        coat.length("90").onToTheTools();
        assertThat(page.getByText("Which tool goes where")).isVisible();
    }

    @Test
    void aFormThatWasClosedHalfWayIsStillFilledIn() {
        BrowserContext browser = context(390, 844);
        Page first = browser.newPage();
        DogView.openNew(first, app.url()).describe("Thimble", "9.6", "Frightened by an earlier groom");
        first.close();
        Page second = browser.newPage();
        second.navigate(app.url() + "dogs/new");
        DogView dog = new DogView(second);
        assertThat(dog.name()).hasValue("Thimble");
        assertThat(second.getByLabel("Frightened by an earlier groom")).isChecked();
    }

    @Test
    void everythingCanBeDoneOnTheKeyboardAlone() throws Exception {
        Page page = laptop();
        HomeView.open(page, app.url());
        tabTo(page, "Add your dog");
        page.keyboard().press("Enter");
        page.getByLabel("Name", new Page.GetByLabelOptions().setExact(true)).waitFor();
        tabTo(page, "Name");
        page.keyboard().type("Pintle");
        page.keyboard().press("Tab");
        page.keyboard().type("4.1");
        page.keyboard().press("Enter");
        page.getByText("What grows on Pintle?").waitFor();
        tabTo(page, "wirea harsh, bristly jacket with softer beard and legs");
        page.keyboard().press("Enter");
        page.getByLabel("Hair length in").waitFor();
        tabTo(page, "Hair length in millimetres");
        page.keyboard().type("30");
        // The drawing is one stop; arrows move between places, Enter points.
        tabToSection(page);
        page.keyboard().press("ArrowRight");
        page.keyboard().press("Enter");
        assertThat(page.locator("[data-section][aria-pressed=true]").first()).isVisible();
        tabTo(page, "On to the tools");
        page.keyboard().press("Enter");
        assertThat(page.getByText("Which tool goes where")).isVisible();
    }

    @Test
    void aSecondStartOnTheSameFileSaysSoAndHarmsNothing() throws Exception {
        Path data = app.data();
        String said = RunningApp.startExpectingRefusal(data);
        assertTrue(said.contains("already running on " + data), said);
        assertTrue(said.contains("stop it first"), said);
        assertTrue(app.get("api/dogs").startsWith("["));
    }
}
