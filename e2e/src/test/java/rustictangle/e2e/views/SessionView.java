package rustictangle.e2e.views;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import com.microsoft.playwright.options.AriaRole;

/** The session: one decision at a time. */
public final class SessionView extends View {

    public SessionView(Page page) {
        super(page);
    }

    public Locator place() {
        return page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setLevel(1));
    }

    /** The one big button of the step in hand. */
    public Locator next() {
        return page.locator(".now > .foot .next");
    }

    public Locator firstStroke() {
        return page.getByRole(
                AriaRole.BUTTON,
                new Page.GetByRoleOptions().setName("First stroke").setExact(true));
    }

    /** At the first stroke, through what is asked before it if anything is. */
    public SessionView start() {
        firstStroke().or(next()).first().waitFor();
        if (firstStroke().isVisible()) {
            firstStroke().click();
        }
        next().waitFor();
        return this;
    }

    /** Answers the step in hand with one touch: it ran free, the dog was relaxed. */
    public SessionView ranFree() {
        next().click();
        return this;
    }

    /** Keys at the step in hand. */
    public SessionView keys(String... keys) {
        // While an answer is on its way, keys are not heeded.
        PlaywrightAssertions.assertThat(next()).isEnabled();
        for (String key : keys) {
            page.keyboard().press(key);
        }
        return this;
    }

    /** By how its name begins or what is in it. */
    @Override
    public Locator button(String name) {
        return page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name))
                .first();
    }

    /** How many steps there are. */
    public int steps() {
        page.locator("progress").waitFor();
        return Integer.parseInt(page.locator("progress").getAttribute("max"));
    }

    /** "2 of 5". */
    public Locator position(int number, int of) {
        return page.getByText(number + " of " + of, new Page.GetByTextOptions().setExact(false))
                .first();
    }

    public Locator waiting() {
        return page.getByText("No answer from Rustic Tangle yet");
    }

    public Locator advice(String rule) {
        return page.locator("[data-rule='" + rule + "']");
    }

    public Locator undo() {
        return page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Undo"));
    }

    public Locator nextDate() {
        return page.locator("[data-test=next-date]");
    }
}
