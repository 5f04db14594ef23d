package rustictangle.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ColorScheme;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

/** Everybody gets in: every view, by day and by night, and on every size of screen. */
class BarriersTest extends Browsing {

    private static final List<String> VIEWS = List.of(
            "",
            "dogs/new",
            "week",
            "messages",
            "dogs/3/today",
            "dogs/3/today/routine",
            "dogs/3/today/methods",
            "dogs/2/today/table",
            "dogs/3/today/brushed",
            "dogs/3/days",
            "dogs/3/days/thread",
            "dogs/3/days/learned",
            "dogs/3/days/history",
            "dogs/2/days/months",
            "dogs/2/days/groom",
            "dogs/3/kit",
            "dogs/3/kit/buy",
            "dogs/3/kit/schools",
            "dogs/3/kit/lesson",
            "dogs/3/kit/card",
            "dogs/3/dog",
            "dogs/3/dog/coat",
            "dogs/3/dog/coat/finder",
            "dogs/3/dog/coat/measure",
            "dogs/3/dog/coat/card",
            "dogs/3/dog/looks",
            "dogs/3/dog/sheet",
            "dogs/3/dog/trust",
            "dogs/3/dog/trust/why",
            "dogs/3/dog/trust/fuss",
            "dogs/3/dog/trust/treats",
            "dogs/3/dog/trust/hands",
            "dogs/4/practice?subject=TABLE",
            "dogs/2/care/look-over",
            "dogs/2/care/nails",
            "dogs/2/care/bath",
            "dogs/2/care/teeth",
            "dogs/4/care/teeth",
            "drawer/supplies",
            "drawer",
            "settings",
            "nowhere");

    @Test
    void noViewHasABarrierAndEachFitsEverySizeOfScreen() throws Exception {
        try (RunningApp app = RunningApp.anew(true)) {
            // One browser for all of them: what is fetched once is there for the next view.
            Page page = laptop();
            for (String path : VIEWS) {
                page.setViewportSize(1280, 800);
                page.emulateMedia(new Page.EmulateMediaOptions().setColorScheme(ColorScheme.LIGHT));
                page.navigate(app.url() + path);
                Barriers.assertNone(page, path);
                page.emulateMedia(new Page.EmulateMediaOptions().setColorScheme(ColorScheme.DARK));
                page.waitForFunction(
                        "() => getComputedStyle(document.querySelector('.app')).color === 'rgb(239, 230, 214)'");
                Barriers.assertReadable(page, path + " by night");
                page.setViewportSize(390, 844);
                Barriers.assertNone(page, path + " by night on a phone");
                page.emulateMedia(new Page.EmulateMediaOptions().setColorScheme(ColorScheme.LIGHT));
                page.setViewportSize(844, 390);
                Barriers.assertNone(page, path + " on a phone on its side");
                Geometry.assertFits(page, path);
            }
        }
    }

    /** Old addresses lead on: what somebody has printed or kept is found. */
    @Test
    void oldAddressesLeadOn() throws Exception {
        try (RunningApp app = RunningApp.anew(true)) {
            Page page = laptop();
            Map<String, String> moved = Map.of(
                    "when", "days",
                    "when/thread", "days/thread",
                    "routine", "today/routine",
                    "routine/methods", "today/methods",
                    "care", "today/table",
                    "tools/buy", "kit/buy",
                    "groom", "days/groom",
                    "groom/sheet", "dog/sheet",
                    "coat/card", "dog/coat/card",
                    "about", "dog/looks");
            moved.forEach((from, to) -> {
                page.navigate(app.url() + "dogs/3/" + from);
                page.waitForURL("**/dogs/3/" + to);
            });
        }
    }

    /** Ten everyday errands, each within three touches of home (the issue's own bound); letters typed are no touches. */
    @Test
    void everydayErrandsAreThreeTouchesAway() throws Exception {
        try (RunningApp app = RunningApp.anew(true)) {
            Page page = phone();
            errand(page, app, "link:Oakum: its day", "button:got soaked and dried by itself");
            errand(page, app, "link:Oakum: its day", "link:I brushed already", "text:A tangle, now out");
            errand(page, app, "link:Oakum: its day", "link:Days", "text:What was done");
            errand(page, app, "link:Oakum: its day", "link:Days", "link:The groomer");
            errand(page, app, "link:Oakum: its day", "link:Kit", "link:What to buy");
            errand(page, app, "link:Week", "label:Minutes on");
            errand(page, app, "link:Oakum: its day", "link:Something seen or felt?");
            search(page, app, "claw", "Nails");
            search(page, app, "armpit", "left armpit");
            search(page, app, "price", "What to buy");
        }
    }

    private static void errand(Page page, RunningApp app, String... touches) {
        assertTrue(touches.length <= 3);
        page.navigate(app.url());
        There.isAll(page);
        for (String touch : touches) {
            String name = touch.substring(touch.indexOf(':') + 1);
            Locator what = touch.startsWith("link")
                    ? link(page, name).first()
                    : touch.startsWith("button")
                            ? button(page, name).first()
                            : touch.startsWith("label")
                                    ? page.getByLabel(name).first()
                                    : page.getByText(name).first();
            if (touch.startsWith("text") || touch.startsWith("label")) {
                assertThat(what).isVisible();
            } else {
                what.click();
            }
        }
        There.isAll(page);
    }

    private static void search(Page page, RunningApp app, String typed, String found) {
        page.navigate(app.url());
        There.isAll(page);
        button(page, "Search").click();
        page.getByRole(AriaRole.SEARCHBOX).fill(typed);
        page.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("Found"))
                .getByRole(AriaRole.LINK)
                .filter(new Locator.FilterOptions().setHasText(found))
                .first()
                .click();
        assertThat(page.getByRole(AriaRole.DIALOG)).hasCount(0);
        There.isAll(page);
    }
}
