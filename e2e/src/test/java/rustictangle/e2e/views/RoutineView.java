package rustictangle.e2e.views;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;

/** Today's routine. */
public final class RoutineView extends View {

    public RoutineView(Page page) {
        super(page);
    }

    public Locator total() {
        return page.locator("[data-test=total]");
    }

    public Locator places() {
        return page.locator(".places > li");
    }

    /** "I have N minutes." */
    public RoutineView minutes(String minutes) {
        Fields.slide(page, "I have", Integer.parseInt(minutes));
        return this;
    }

    public RoutineView order(String name) {
        Fields.choose(page, "Order for this dog", name);
        return this;
    }

    public RoutineView leaveOut(String section) {
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Leave out " + section + " today"))
                .click();
        return this;
    }

    /** Whatever is due today, be it nothing: the whole dog. */
    public RoutineView whole() {
        Locator whole = button("Brush the whole dog all the same");
        whole.or(button("Begin")).first().waitFor();
        if (whole.isVisible()) {
            whole.click();
        }
        return this;
    }

    /** Begins, and goes through the checklist. */
    public SessionView begin() {
        button("Begin").click();
        return new SessionView(page).start();
    }
}
