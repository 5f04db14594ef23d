package rustictangle.e2e.views;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;

/** The session: one decision at a time. */
public final class SessionView extends View {

    public SessionView(Page page) {
        super(page);
    }

    public Locator place() {
        return page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setLevel(1));
    }

    public Locator doneHere() {
        return page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Done here"));
    }

    /** "2 of 5". */
    public Locator position(int number, int of) {
        return page.getByText(number + " of " + of, new Page.GetByTextOptions().setExact(false)).first();
    }

    /** Works the current place with the keys alone. */
    public SessionView keys(String... keys) {
        doneHere().waitFor();
        for (String key : keys) {
            page.keyboard().press(key);
        }
        return this;
    }

    /** Works the current place by touch. */
    public SessionView tap(String... answers) {
        doneHere().click();
        for (String answer : answers) {
            page.getByRole(AriaRole.BUTTON).filter(new Locator.FilterOptions().setHasText(answer)).first().click();
        }
        return this;
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
