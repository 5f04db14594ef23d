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

    /** The one big button of a place in hand: the next layer, or done here. */
    public Locator next() {
        return page.locator(".now > .foot .next");
    }

    public Locator firstStroke() {
        return page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("First stroke"));
    }

    /** Through the checklist. */
    public SessionView start() {
        firstStroke().click();
        next().waitFor();
        return this;
    }

    /** To the comb with the keys alone, whatever layers are left, and then these keys. */
    public SessionView keys(String... keys) {
        next().waitFor();
        page.keyboard().press(page.locator("[aria-keyshortcuts=d]").count() > 0 ? "d" : "Space");
        page.getByText("What does the comb say?").waitFor();
        for (String key : keys) {
            page.keyboard().press(key);
        }
        return this;
    }

    /** Works the current place by touch, without counting layers. */
    public SessionView tap(String... answers) {
        next().waitFor();
        Locator comb = page.locator("[aria-keyshortcuts=d]");
        if (comb.count() > 0) {
            if (!comb.isVisible()) {
                button("More").click();
            }
            comb.click();
        } else {
            next().click();
        }
        for (String answer : answers) {
            page.getByRole(AriaRole.BUTTON)
                    .filter(new Locator.FilterOptions().setHasText(answer))
                    .first()
                    .click();
        }
        return this;
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
