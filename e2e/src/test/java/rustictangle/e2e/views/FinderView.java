package rustictangle.e2e.views;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;

/** The coat finder: look, feel, tap. */
public final class FinderView extends View {

    public FinderView(Page page) {
        super(page);
    }

    /** Answers one question after another with the number keys; 0 cannot tell. */
    public FinderView keys(String... numbers) {
        for (String number : numbers) {
            String before = question().textContent();
            page.keyboard().press(number);
            page.waitForCondition(() -> !question().textContent().equals(before));
        }
        return this;
    }

    public Locator question() {
        return page.locator("#question");
    }

    public Locator soFar() {
        return page.getByRole(AriaRole.COMPLEMENTARY, new Page.GetByRoleOptions().setName("So far"));
    }
}
