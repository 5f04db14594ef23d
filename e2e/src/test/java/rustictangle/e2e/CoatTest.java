package rustictangle.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import rustictangle.e2e.views.CoatView;
import rustictangle.e2e.views.DogView;
import rustictangle.e2e.views.FinderView;
import rustictangle.e2e.views.FirstPathView;

/** An owner who knows nothing about coats ends with a correct coat card. */
class CoatTest extends Browsing {

    private RunningApp app;

    @BeforeEach
    void start() throws Exception {
        app = RunningApp.anew(false);
    }

    @Test
    void fromTheFinderToTheCoatCardOnTheKeyboardAlone() throws Exception {
        Page page = laptop();
        page.navigate(app.url() + "dogs/" + addDog("Oakum", "") + "/coat");
        page.getByText("What grows on Oakum?").waitFor();
        press(page, "Find out by looking and feeling");
        page.getByText("Part the hair to the skin").waitFor();
        FinderView finder = new FinderView(page).keys("2", "3", "5", "2", "2", "2", "1", "3");
        assertThat(finder.question()).hasText("That is all there is to see");
        assertThat(finder.soFar()).containsText("Double", ignoreCase());
        assertThat(finder.soFar()).containsText("two layers");
        press(page, "Take this coat");
        assertThat(page.getByText("What you found is filled in")).isVisible();
        tabTo(page, "Hair length in millimetres");
        page.keyboard().press("Control+a");
        page.keyboard().type("70");
        press(page, "On to the tools");
        page.getByText("Which tool goes where").first().waitFor();
        press(page, "Oakum");
        page.getByText("70 mm on the body").waitFor();
        press(page, "Coatdouble, 70 mm on the body");
        press(page, "Coat card");
        Locator body = page.getByRole(AriaRole.ROW).filter(new Locator.FilterOptions().setHasText("Body"));
        assertThat(body).containsText("70 mm");
        assertThat(body).containsText("double");
        assertThat(body).containsText("dense, harsh, undercoat");
    }

    @Test
    void twoLikelyCoatsStandSideBySideWithWhatWouldDecide() throws Exception {
        Page page = laptop();
        page.navigate(app.url() + "dogs/" + addDog("Thimble", "") + "/coat/finder");
        page.getByText("Part the hair to the skin").waitFor();
        FinderView finder = new FinderView(page).keys("1", "3", "0", "3");
        assertThat(finder.soFar()).containsText("Two are likely");
        assertThat(finder.soFar().getByRole(AriaRole.HEADING)).hasCount(2);
        assertThat(finder.soFar()).containsText("What would decide: Where on the dog is the hair long?");
        // The page is closed half-way: it goes on where it was left.
        page.reload();
        assertThat(finder.soFar()).containsText("Two are likely");
        assertThat(finder.question()).containsText("What comes off in the hand?");
        Barriers.assertNone(page, "two likely coats");
        page.getByText("Look now").click();
        finder.keys("2");
        assertThat(finder.soFar()).containsText("It looks like");
        assertThat(finder.soFar()).containsText("Drop", ignoreCase());
    }

    @Test
    void cordsAreRecognisedAndSaidToBeLeftInPeace() throws Exception {
        Page page = phone();
        page.navigate(app.url() + "dogs/" + addDog("Gannet", "") + "/coat/finder");
        page.getByText("Felted ropes").click();
        page.getByText("Springs back into a curl").click();
        assertThat(new FinderView(page).soFar()).containsText("Cords are not brushed at all");
    }

    @Test
    void aWrongCombinationIsQuestionedNotSilentlyAccepted() throws Exception {
        Page page = laptop();
        long dog = addDog("Thimble", "");
        page.navigate(app.url() + "dogs/" + dog + "/coat");
        CoatView coat = new CoatView(page).kind("hangs straight").length("90");
        page.getByLabel("soft undercoat beneath").check();
        coat.onToTheTools();
        assertThat(page.getByText("Undercoat under silky drop hair?")).isVisible();
        assertThat(page.getByText("(all over)")).isVisible();
        page.getByLabel("soft undercoat beneath").uncheck();
        assertThat(page.getByText("Undercoat under silky drop hair?")).not().isVisible();
        page.getByLabel("soft undercoat beneath").check();
        coat.onToTheTools();
        page.getByText("It is so: keep it").click();
        assertThat(page.getByText("Which tool goes where").first()).isVisible();
    }

    @Test
    void aBreedIsAGuessThatItsOwnerConfirmsAndNothingIsDescribedBefore() throws Exception {
        Page page = laptop();
        long dog = addDog("Oakum", "Golden Retriever");
        page.navigate(app.url() + "dogs/" + dog + "/coat");
        assertThat(page.getByText("A guess from what is usual for the breed")).isVisible();
        page.getByText("Start from this guess").click();
        assertThat(page.getByText("This is the usual Golden Retriever, a guess"))
                .isVisible();
        CoatView coat = new CoatView(page);
        assertThat(coat.region("Body")).containsText("double, 50 mm");
        assertThat(coat.region("Tail")).containsText("feathered, 100 mm");
        assertTrue(app.get("api/dogs/" + dog).contains("\"coatDescribed\":false"));
        page.getByText("Begin again in another way").click();
        assertThat(page.getByText("What grows on Oakum?")).isVisible();
        page.getByText("Start from this guess").click();
        coat.onToTheTools();
        page.getByText("Which tool goes where").first().waitFor();
        assertTrue(app.get("api/dogs/" + dog).contains("\"coatDescribed\":true"));
    }

    /** A small companion walks in the street in a trim; a cross that no table has is guessed from the parent that is known. */
    @Test
    void aCompanionsCrossIsGuessedInItsTrimUnlessItIsKeptLong() throws Exception {
        Page page = laptop();
        page.navigate(app.url() + "dogs/" + addDog("Thimble", "Maltese cross") + "/coat");
        assertThat(page.getByText("The usual Maltese cross")).isVisible();
        assertThat(page.getByText("take after either parent")).isVisible();
        page.getByText("Start from this guess").click();
        CoatView coat = new CoatView(page);
        assertThat(coat.region("Body")).containsText("drop, 26 mm");
        page.getByText("Begin again in another way").click();
        exactButton(page, "Kept long").click();
        page.getByText("Start from this guess").click();
        assertThat(coat.region("Body")).containsText("drop, 114 mm");
        Barriers.assertNone(page, "a coat from a guess");
    }

    /** By its bare family name, with a typing error, and one that nobody knows. */
    @Test
    void aNewcomerTypesABreedAndSeesTheirDogDrawn() {
        Page page = laptop();
        page.navigate(app.url() + "dogs/new");
        Locator breed =
                page.getByRole(AriaRole.COMBOBOX, new Page.GetByRoleOptions().setName("Breed or cross, if known"));
        breed.fill("cockerpoo");
        page.getByRole(AriaRole.OPTION).first().click();
        assertThat(breed).hasValue("Cockapoo");
        breed.fill("black mutt");
        assertThat(page.getByText("Nobody can guess the coat")).isVisible();
        breed.fill("zebra poodle");
        assertThat(page.getByText("Not in the table")).isVisible();
        exactButton(page, "Poodle").click();
        assertThat(breed).hasValue("Poodle");
        FirstPathView path = new FirstPathView(page).who("Gannet").on();
        assertThat(page.getByText("Is this about Gannet’s coat?")).isVisible();
        assertThat(path.answer("Two fingers")).hasAttribute("aria-pressed", "true");
    }

    @Test
    void readingsShowHowFastItGrowsAndAWrongOneIsTakenBack() throws Exception {
        Page page = laptop();
        long dog = addDog("Gannet", "");
        page.navigate(app.url() + "dogs/" + dog + "/coat");
        new CoatView(page).kind("close curls").length("40").onToTheTools();
        heading(page, "Which tool goes where").waitFor();
        page.navigate(app.url() + "dogs/" + dog + "/coat/measure");
        assertThat(page.getByText("Two, some weeks apart")).isVisible();
        measure(page, "2026-04-04", "50");
        measure(page, "2026-05-14", "64");
        assertThat(page.getByText(Pattern.compile("surely \\d+ mm to \\d+ mm"))).isVisible();
        page.getByLabel("Take away the reading of Thu 14 May").click();
        assertThat(page.getByText("0.35 mm a day")).isVisible();
        assertThat(page.getByText("Assumed for ever-growing hair")).hasCount(1);
        assertThat(page.getByText("The reading of Thu 14 May is gone")).isVisible();
        button(page, "Undo").click();
        assertThat(page.getByText(Pattern.compile("surely \\d+ mm to \\d+ mm"))).isVisible();
        measure(page, "2026-05-14", "6400");
        assertThat(page.getByText("Hair is 1 to 400 mm long")).isVisible();
    }

    @Test
    void aDogThatGrewThinIsNoticedWhenItIsWeighedAgain() throws Exception {
        long id = addDog("Sedge", "");
        Page page = laptop();
        DogView about = DogView.open(page, app.url(), id);
        about.weigh("10.6");
        assertThat(page.getByText("It lost 12 %")).isVisible();
        assertThat(page.getByText("10.6 kg, adult")).isVisible();
        page.getByText("Take the last back").click();
        assertThat(page.getByText("12 kg, adult")).isVisible();
        assertThat(about.weight()).hasValue("12");
        about.weigh("120.5");
        assertThat(page.getByText("A dog weighs 0.3 to 120 kg").first()).isVisible();
        about.weigh("11.9");
        assertThat(page.getByText("What you changed about Sedge is kept")).isVisible();
    }

    private static void measure(Page page, String day, String millimetres) {
        page.getByLabel("hair length in").fill(millimetres);
        page.getByLabel("Measured on").fill(day);
        page.getByText("Keep this reading").click();
        page.getByText(Pattern.compile("is kept|Please check")).first().waitFor();
    }

    private long addDog(String name, String breed) throws Exception {
        String answer = app.send(
                "POST",
                "api/dogs",
                """
                {"name": "%s", "breed": "%s", "kilograms": 12, "lifeStage": "ADULT", "flatFace": false, "neutered": true, "skin": "SOUND",
                 "history": "GENTLE", "wears": [], "habits": []}
                """
                        .formatted(name, breed));
        return Long.parseLong(answer.replaceAll("^\\{\"id\":(\\d+).*", "$1"));
    }
}
