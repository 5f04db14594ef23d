package rustictangle.e2e.views;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;

/** Fields as a hand on the keyboard uses them. */
public final class Fields {

    private static final int MOST_STEPS = 400;

    private Fields() {}

    /** Out of a list that opens: the first choice whose words begin so. */
    public static void choose(Page page, String label, String words) {
        Locator field = page.getByLabel(label);
        // A key pressed on a field that still waits for what it shows goes nowhere.
        assertThat(field).isEnabled();
        field.press("ArrowDown");
        Locator choices = page.getByRole(AriaRole.OPTION);
        choices.first().waitFor();
        Locator wanted = choices.filter(new Locator.FilterOptions().setHasText(words));
        // A long list holds only what is in sight.
        for (int step = 0; step < MOST_STEPS && wanted.count() == 0; step++) {
            page.keyboard().press("ArrowDown");
        }
        wanted.first().click();
        assertThat(choices).hasCount(0);
    }

    /** By the arrows, until it says the number. */
    public static void slide(Page page, String label, int to) {
        Locator thumb = page.getByRole(AriaRole.SLIDER, new Page.GetByRoleOptions().setName(label));
        thumb.focus();
        for (int step = 0; step < MOST_STEPS; step++) {
            int now = (int) Double.parseDouble(thumb.getAttribute("aria-valuenow"));
            if (now == to) {
                return;
            }
            thumb.press(now < to ? "ArrowRight" : "ArrowLeft");
            assertThat(thumb).not().hasAttribute("aria-valuenow", String.valueOf(now));
        }
        throw new AssertionError(label + " does not reach " + to);
    }

    /** As the household writes it, day before month; kept as the field is left. */
    public static void day(Locator field, String typed) {
        field.fill(typed);
        field.press("Tab");
    }
}
