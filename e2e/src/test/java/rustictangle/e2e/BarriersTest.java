package rustictangle.e2e;

import static org.junit.jupiter.api.Assertions.assertTrue;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.ColorScheme;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Everybody gets in: every view, by day and by night, and as wide as a phone. */
class BarriersTest extends Browsing {

    private static final List<String> VIEWS = List.of(
            "",
            "dogs/new",
            "week",
            "messages",
            "dogs/3/when",
            "dogs/3/when/thread",
            "dogs/3/when/learned",
            "dogs/3/when/history",
            "dogs/3/routine",
            "dogs/3/routine/methods",
            "dogs/3/tools",
            "dogs/3/tools/buy",
            "dogs/3/tools/schools",
            "dogs/3/tools/card",
            "dogs/3/trust",
            "dogs/3/trust/fuss",
            "dogs/3/trust/treats",
            "dogs/3/trust/hands",
            "dogs/4/practice?subject=TABLE",
            "dogs/2/care",
            "dogs/2/care/look-over",
            "dogs/2/care/nails",
            "dogs/2/care/bath",
            "dogs/2/care/teeth",
            "dogs/4/care/teeth",
            "drawer/supplies",
            "dogs/2/groom",
            "dogs/3/groom/sheet",
            "dogs/3/coat",
            "dogs/3/coat/finder",
            "dogs/3/coat/measure",
            "dogs/3/coat/card",
            "dogs/3/about",
            "drawer",
            "settings",
            "nowhere");

    @Test
    void noViewHasSeriousBarriersNorScrollsSidewaysOnAPhone() throws Exception {
        try (RunningApp app = RunningApp.anew(true)) {
            // One browser for all of them: what is fetched once is there for the next view.
            Page page = laptop();
            for (String path : VIEWS) {
                page.setViewportSize(1280, 800);
                page.emulateMedia(new Page.EmulateMediaOptions().setColorScheme(ColorScheme.LIGHT));
                page.navigate(app.url() + path);
                Barriers.assertNone(page, path);
                page.emulateMedia(new Page.EmulateMediaOptions().setColorScheme(ColorScheme.DARK));
                page.locator(".v-theme--byNight").first().waitFor();
                Barriers.assertReadable(page, path + " by night");
                page.setViewportSize(390, 844);
                Object overflow = page.evaluate("() => document.documentElement.scrollWidth - window.innerWidth");
                assertTrue(((Number) overflow).intValue() <= 0, path + " is wider than the phone by " + overflow);
            }
        }
    }
}
