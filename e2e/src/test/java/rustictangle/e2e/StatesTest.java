package rustictangle.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import rustictangle.e2e.views.HomeView;

/** What a page says when it cannot be what was asked for. */
class StatesTest extends Browsing {

    private RunningApp app;

    @BeforeEach
    void start() throws Exception {
        app = RunningApp.anew(true);
    }

    @Test
    void aPageThatCannotBeFetchedIsSpokenOfAtOnceAndComesWhenItCan() {
        Page page = laptop();
        page.navigate(app.url());
        assertThat(new HomeView(page).dog("Gannet")).isVisible();
        page.context().setOffline(true);
        page.getByRole(
                        AriaRole.LINK,
                        new Page.GetByRoleOptions().setName("Week").setExact(true))
                .click();
        Locator gone = page.getByRole(AriaRole.ALERT).filter(new Locator.FilterOptions().setHasText("did not come"));
        assertThat(gone).isVisible();
        assertThat(new HomeView(page).dog("Gannet")).isVisible();
        Barriers.assertNone(page, "a page that did not come");
        button(page, "Try again").click();
        assertThat(gone).containsText("Still no answer");
        page.context().setOffline(false);
        button(page, "Try again").click();
        assertThat(heading(page, "The days to come")).isVisible();
        assertThat(gone).hasCount(0);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {"dogs/999/when", "dogs/1/sessions/00000000-0000-4000-8000-000000000000", "dogs/999/care/nails"})
    void anAddressThatLeadsNowhereHasAWayHome(String address) {
        Page page = laptop();
        page.navigate(app.url() + address);
        assertThat(heading(page, "It is not here")).isVisible();
        assertThat(button(page, "Try again")).hasCount(0);
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("To the dogs"))
                .click();
        assertThat(new HomeView(page).dog("Gannet")).isVisible();
    }

    /** On a phone the reason may be far above the button: it is brought into sight, with the field that it is about. */
    @Test
    void aRefusedFormIsSeenWhereItWasTouched() {
        Page page = phone();
        page.navigate(app.url() + "dogs/1/about");
        Locator weight = page.getByLabel("Weight in kilograms");
        weight.fill("900");
        Locator keep = page.locator("form button[type=submit]");
        keep.scrollIntoViewIfNeeded();
        keep.click();
        assertThat(page.locator(".caution[role=alert]").first()).isInViewport();
        assertThat(weight).isFocused();
        assertThat(weight).isInViewport();
    }

    /** Whoever speaks to the device presses no button by a word (WCAG 2.2, success criterion 2.1.4). */
    @Test
    void singleLettersCanBeSwitchedOff() {
        Page page = laptop();
        page.navigate(app.url() + "settings");
        page.getByLabel("Single letters press buttons").uncheck();
        page.navigate(app.url() + "dogs/2/care/eyes");
        Locator growl = button(page, "Growl or bite");
        assertThat(growl).isVisible();
        assertThat(growl.locator("kbd")).hasCount(0);
        page.keyboard().press("g");
        assertThat(growl).isVisible();
    }
}
