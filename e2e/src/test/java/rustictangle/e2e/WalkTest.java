package rustictangle.e2e;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.microsoft.playwright.Page;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import rustictangle.e2e.views.SessionView;

/** Whoever sees little, or uses no pointer: what is read out, in which order, and where the keys lead. */
class WalkTest extends Browsing {

    private static final int MOST_STOPS = 260;

    /** Where the focus is: its name, whether it is seen, and what shows that it is there. */
    private static final String HERE =
            """
            () => {
              const e = document.activeElement
              if (!e || e === document.body) return { end: true }
              const name = (e.getAttribute('aria-label') || e.labels?.[0]?.textContent || e.textContent || e.title
                || (e.getAttribute('aria-labelledby') || '').split(' ')
                  .map((id) => document.getElementById(id)?.textContent ?? '').join(' ')).trim()
              const ringed = (one) => {
                const style = one && getComputedStyle(one)
                return style && style.outlineStyle !== 'none' && parseFloat(style.outlineWidth) >= 2
              }
              const field = e.closest('.v-field--focused, .v-selection-control--focus-visible, .v-slider-thumb--focused')
              const box = e.getBoundingClientRect()
              return {
                end: false,
                what: e.outerHTML.slice(0, 160),
                named: name.length > 0,
                ring: ringed(e) || field !== null || e.matches('[data-shape]') && parseFloat(getComputedStyle(e).strokeWidth) >= 3 || ringed(e.closest('label')) || ringed(e.parentElement),
                seen: e.matches('input[type=file], input[type=checkbox], input[type=radio]')
                  || box.width > 0 && box.bottom > 0 && box.top < innerHeight,
              }
            }
            """;

    @Test
    @SuppressWarnings("unchecked")
    void everyControlIsReachedByTheTabKeyNamedSeenAndRinged() throws Exception {
        try (RunningApp app = RunningApp.anew(true)) {
            Page page = laptop();
            for (String path : List.of(
                    "",
                    "week",
                    "dogs/3/today",
                    "dogs/3/today/routine",
                    "dogs/2/today/table",
                    "dogs/3/days",
                    "dogs/2/days/groom",
                    "dogs/3/days/history",
                    "dogs/3/kit",
                    "dogs/3/dog",
                    "dogs/3/dog/looks",
                    "dogs/3/dog/coat",
                    "dogs/3/dog/trust",
                    "drawer",
                    "settings",
                    "guide/a-mat")) {
                page.navigate(app.url() + path);
                There.isAll(page);
                int controls = (int)
                        page.evaluate(
                                "() => [...document.querySelectorAll('main a[href], main button:not(:disabled), main summary, main [role=slider]')].filter((e) => e.checkVisibility({ visibilityProperty: true }) && !e.closest('[inert]') && e.tabIndex >= 0).length");
                List<String> faults = new ArrayList<>();
                int stops = 0;
                while (stops < MOST_STOPS) {
                    page.keyboard().press("Tab");
                    Map<String, Object> here = (Map<String, Object>) page.evaluate(HERE);
                    if (Boolean.TRUE.equals(here.get("end"))) {
                        break;
                    }
                    stops++;
                    for (String must : List.of("named", "ring", "seen")) {
                        if (!Boolean.TRUE.equals(here.get(must))) {
                            faults.add("not " + must + ": " + here.get("what"));
                        }
                    }
                }
                assertEquals(List.of(), faults, path);
                assertTrue(
                        stops >= controls && stops < MOST_STOPS,
                        path + ": " + stops + " stops, " + controls + " controls");
            }
        }
    }

    private static void assertReadsInOrder(Page page, String where, String... words) {
        There.isAll(page);
        String read = page.locator("body").ariaSnapshot();
        int from = 0;
        for (String word : words) {
            int at = read.indexOf(word, from);
            assertTrue(at >= 0, where + ": “" + word + "” is not read after what comes before it, in\n" + read);
            from = at + word.length();
        }
    }

    @Test
    void theFirstPathIsReadInTheOrderInWhichItIsAsked() throws Exception {
        try (RunningApp app = RunningApp.anew(false)) {
            Page page = phone();
            page.navigate(app.url() + "dogs/new");
            assertReadsInOrder(
                    page,
                    "who",
                    "1 of 5",
                    "heading \"Who is this dog?\"",
                    "textbox \"Name\"",
                    "combobox \"Breed or cross, if known\"",
                    "It stands",
                    "It is",
                    "button \"Go on\"");
            page.getByLabel("Name").fill("Gannet");
            button(page, "Go on").click();
            heading(page, "Is this about Gannet").waitFor();
            assertReadsInOrder(page, "how long", "2 of 5", "heading \"Is this about Gannet", "button \"Very short");
        }
    }

    /** What is beside a dog is taken without looking: at least 64 points each way. */
    private static final String SMALL =
            """
            () => [...document.querySelectorAll('main button, main a[href], main summary')]
              .filter((e) => e.checkVisibility() && !e.closest('[inert]'))
              .map((e) => [e.getBoundingClientRect(), e.getAttribute('aria-label') ?? e.textContent.trim()])
              .filter(([box]) => box.width && Math.min(box.width, box.height) < 63.5)
              .map(([box, name]) => `${Math.round(box.width)}x${Math.round(box.height)} ${name}`)
            """;

    @Test
    void aSessionIsReadFromWhereItIsToWhatIsToBeDoneAndTakenWithoutLooking() throws Exception {
        try (RunningApp app = RunningApp.anew(true)) {
            Page page = phone();
            page.navigate(app.url());
            There.isAll(page);
            button(page, Pattern.compile("^Begin with ")).click();
            SessionView session = new SessionView(page);
            session.start();
            session.next().waitFor();
            assertReadsInOrder(
                    page, "the first step", "Pause and leave", "steps answered", "Growl or bite", ": now", "heading");
            for (int[] size : new int[][] {{390, 844}, {844, 390}, {1280, 800}}) {
                page.setViewportSize(size[0], size[1]);
                assertEquals(List.of(), page.evaluate(SMALL), "the step at " + size[0]);
                for (String sheet : List.of("c", "d")) {
                    session.keys(sheet);
                    assertEquals(List.of(), page.evaluate(SMALL), "the sheet " + sheet + " at " + size[0]);
                    page.keyboard().press("b");
                }
            }
        }
    }

    /** What home weighs on its way, in bytes as they are sent, and how many ways there are (the issue's own bounds). */
    @Test
    void homeIsLight() throws Exception {
        try (RunningApp app = RunningApp.anew(true)) {
            Page page = phone();
            page.navigate(app.url());
            There.isAll(page);
            assertAtMost(120_000, sent(page, "\\.js$"), "bytes of script");
            assertAtMost(30_000, sent(page, "\\.css$"), "bytes of style");
            assertAtMost(20, (int) page.evaluate("() => performance.getEntriesByType('resource').length"), "requests");
        }
    }

    private static int sent(Page page, String like) {
        return (int) page.evaluate(
                "like => performance.getEntriesByType('resource').filter((one) => new RegExp(like).test(one.name)).reduce((sum, one) => sum + one.encodedBodySize, 0)",
                like);
    }

    private static void assertAtMost(int most, int is, String what) {
        assertTrue(is > 0 && is <= most, is + " " + what + ", at most " + most);
    }
}
