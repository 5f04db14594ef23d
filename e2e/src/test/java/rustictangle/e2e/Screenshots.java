package rustictangle.e2e;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.nio.file.Path;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import rustictangle.e2e.views.CoatMapView;
import rustictangle.e2e.views.FinderView;
import rustictangle.e2e.views.RoutineView;
import rustictangle.e2e.views.SessionView;

/** Not a test: takes the pictures of docs/screenshots from the demo with a fixed clock (bin/screenshots). */
class Screenshots extends Browsing {

    private static final Path PICTURES = Path.of("../docs/screenshots");
    private static RunningApp app;
    private static RunningApp empty;

    @BeforeAll
    static void start() throws Exception {
        app = RunningApp.start(folder.resolve("pictures.db"), MORNING, true);
        empty = RunningApp.start(folder.resolve("empty.db"), MORNING, false);
    }

    @AfterAll
    static void stop() throws Exception {
        app.close();
        empty.close();
    }

    @Test
    void takeThemAll() {
        Page laptop = laptop();
        take(laptop, empty.url(), "welcome");
        take(laptop, app.url(), "home");
        take(laptop, app.url() + "dogs/2/coat", "coat");
        laptop.navigate(app.url() + "dogs/3/coat/finder");
        new FinderView(laptop).keys("1", "3");
        laptop.getByText("What would decide").waitFor();
        snap(laptop, "coat-finder");
        take(laptop, app.url() + "drawer", "drawer");
        take(laptop, app.url() + "dogs/3/tools", "tools");
        CoatMapView.point(laptop, "CHEST");
        laptop.getByRole(AriaRole.ARTICLE).waitFor();
        snap(laptop, "tools-one-place");
        take(laptop, app.url() + "dogs/3/when", "when");
        take(laptop, app.url() + "dogs/3/when/thread", "thread");
        take(laptop, app.url() + "week", "week");
        take(laptop, app.url() + "dogs/4/trust", "trust");
        take(laptop, app.url() + "dogs/4/practice?subject=WOODEN_PIN_BRUSH&section=BACK", "practice");
        take(laptop, app.url() + "dogs/2/care", "care");
        laptop.navigate(app.url() + "dogs/3/care/nails");
        laptop.getByText("The whole job").click();
        laptop.getByText("It lies ready").click();
        for (int toe = 0; toe <= 3; toe++) {
            laptop.getByText(toe == 0 ? "Left front paw, dew claw" : "Left front paw, toe " + toe)
                    .waitFor();
            laptop.getByText(toe == 2 ? "Leave this one" : "Its tip is off").click();
        }
        laptop.getByText("Left front paw, toe 4").waitFor();
        snap(laptop, "care-nails");
        take(laptop, app.url() + "dogs/3/routine", "routine");

        Page phone = phone();
        take(phone, app.url(), "phone-home");
        // Out of the quiet hours, whenever the pictures are taken.
        phone.clock().setFixedTime("2026-05-14T12:00:00");
        laptop.clock().setFixedTime("2026-05-14T12:00:00");
        phone.navigate(app.url() + "dogs/2/routine");
        new RoutineView(phone).begin();
        snap(phone, "phone-session");
        laptop.navigate(phone.url());
        new SessionView(laptop).next().waitFor();
        snap(laptop, "session");
        laptop.keyboard().press("c");
        laptop.keyboard().press("k");
        laptop.keyboard().press("1");
        laptop.keyboard().press("2");
        laptop.keyboard().press("1");
        laptop.keyboard().press("1");
        laptop.getByText("Tease it apart").waitFor();
        snap(laptop, "session-catch");
    }

    private static void take(Page page, String url, String name) {
        page.navigate(url);
        page.locator("main h1, main h2").first().waitFor();
        snap(page, name);
    }

    private static void snap(Page page, String name) {
        page.waitForLoadState(com.microsoft.playwright.options.LoadState.NETWORKIDLE);
        page.evaluate("() => document.fonts.ready");
        page.screenshot(new Page.ScreenshotOptions().setPath(PICTURES.resolve(name + ".png")));
    }
}
