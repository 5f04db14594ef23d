package rustictangle.e2e;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.assertions.LocatorAssertions;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ColorScheme;
import com.microsoft.playwright.options.ReducedMotion;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.io.TempDir;

/** A real browser; any error on a page fails the test that saw it. */
abstract class Browsing {

    static final String MORNING = "2026-05-14T09:00:00Z";

    private static final int PATIENCE_MS = 60_000;

    @TempDir
    static Path folder;

    private final List<BrowserContext> contexts = new ArrayList<>();
    private final List<String> pageErrors = new ArrayList<>();

    /** One browser for all classes: each test has its own storage in it. */
    private static final class Opened {

        private static final Playwright PLAYWRIGHT = playwright();
        private static final Browser BROWSER = open(Path.of("/usr/bin/chromium-headless-shell"));

        private static Playwright playwright() {
            // Generous: a shared machine may give the browser a tenth of its time for a while.
            PlaywrightAssertions.setDefaultAssertionTimeout(PATIENCE_MS);
            Playwright playwright = Playwright.create();
            Runtime.getRuntime().addShutdownHook(new Thread(playwright::close));
            return playwright;
        }

        private static Browser open(Path executable) {
            return PLAYWRIGHT
                    .chromium()
                    .launch(new BrowserType.LaunchOptions()
                            .setExecutablePath(executable)
                            .setArgs(List.of(
                                    "--no-sandbox",
                                    "--disable-gpu",
                                    "--no-first-run",
                                    "--disable-background-networking",
                                    "--disable-component-update",
                                    "--disable-sync")));
        }
    }

    /** A browser that was never let in, on another machine; it goes with the test. */
    BrowserContext elsewhere(Path executable) {
        BrowserContext context = Opened.open(executable)
                .newContext(new Browser.NewContextOptions()
                        .setViewportSize(390, 844)
                        .setIgnoreHTTPSErrors(true)
                        .setReducedMotion(ReducedMotion.REDUCE));
        return watched(context);
    }

    @AfterEach
    void noPageMayHaveFailed() {
        contexts.forEach(BrowserContext::close);
        if (!pageErrors.isEmpty()) {
            throw new AssertionError("errors on the page: " + pageErrors);
        }
    }

    Page laptop() {
        return context(1280, 800).newPage();
    }

    Page phone() {
        return context(390, 844).newPage();
    }

    BrowserContext context(int width, int height) {
        BrowserContext context = Opened.BROWSER.newContext(new Browser.NewContextOptions()
                .setViewportSize(width, height)
                .setColorScheme(ColorScheme.LIGHT)
                .setReducedMotion(ReducedMotion.REDUCE)
                .setExtraHTTPHeaders(Map.of("Authorization", RunningApp.BEARER)));
        // A download bears cookies, and no headers of a test.
        context.addCookies(RunningApp.cookies());
        return watched(context);
    }

    private BrowserContext watched(BrowserContext context) {
        contexts.add(context);
        context.setDefaultTimeout(2 * PATIENCE_MS);
        context.onPage(page -> page.onPageError(pageErrors::add));
        return context;
    }

    /** Opens whatever is folded. */
    static void unfold(Page page) {
        There.isAll(page);
        page.evaluate("document.querySelectorAll('details').forEach((one) => (one.open = true))");
    }

    static void tabTo(Page page, String name) {
        tabUntil(
                page,
                "(e, name) => (e.getAttribute('aria-label') ?? (e.labels?.[0]?.textContent || e.textContent)).replace(/\\s+/g, ' ').trim() === name",
                name);
    }

    static void tabToSection(Page page) {
        tabUntil(page, "(e) => e.hasAttribute('data-shape')", "");
    }

    private static void tabUntil(Page page, String test, String argument) {
        for (int i = 0; i < 60; i++) {
            page.keyboard().press("Tab");
            if (Boolean.TRUE.equals(page.evaluate("name => (" + test + ")(document.activeElement, name)", argument))) {
                return;
            }
        }
        throw new AssertionError("60 tabs do not reach " + argument);
    }

    /** Reaches the button or link of this name by tabbing, and presses it. */
    static void press(Page page, String name) {
        tabTo(page, name);
        page.keyboard().press("Enter");
    }

    /** What has this role, and a name in which this stands: a text in any case, or a pattern. */
    private static Locator named(Page page, AriaRole role, Object name, boolean exact) {
        Page.GetByRoleOptions by = new Page.GetByRoleOptions().setExact(exact);
        return page.getByRole(role, name instanceof Pattern like ? by.setName(like) : by.setName((String) name));
    }

    static Locator button(Page page, Object name) {
        return named(page, AriaRole.BUTTON, name, false);
    }

    static Locator exactButton(Page page, String name) {
        return named(page, AriaRole.BUTTON, name, true);
    }

    static Locator link(Page page, Object name) {
        return named(page, AriaRole.LINK, name, false);
    }

    static Locator heading(Page page, Object name) {
        return named(page, AriaRole.HEADING, name, false);
    }

    static Locator group(Page page, Object name) {
        return named(page, AriaRole.GROUP, name, false);
    }

    static LocatorAssertions.ContainsTextOptions ignoreCase() {
        return new LocatorAssertions.ContainsTextOptions().setIgnoreCase(true);
    }
}
