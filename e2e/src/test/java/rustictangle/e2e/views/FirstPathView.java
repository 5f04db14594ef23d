package rustictangle.e2e.views;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;

/** A new dog: four short questions, one place, and its week. */
public final class FirstPathView extends View {

    public FirstPathView(Page page) {
        super(page);
    }

    public static FirstPathView open(Page page, String url) {
        page.navigate(url + "dogs/new");
        return new FirstPathView(page);
    }

    public Locator name() {
        return page.getByLabel("Name", new Page.GetByLabelOptions().setExact(true));
    }

    public FirstPathView who(String name) {
        name().fill(name);
        return this;
    }

    public Locator breed() {
        return page.getByLabel("Breed or cross, if known");
    }

    public FirstPathView breed(String typed) {
        breed().fill(typed);
        page.getByRole(AriaRole.OPTION).first().click();
        return this;
    }

    public Locator byLook() {
        return button("No breed? Choose by its look");
    }

    public FirstPathView looks(String kind) {
        byLook().click();
        answer(kind).click();
        return this;
    }

    /** By how it begins. */
    public Locator answer(String title) {
        return page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName(Pattern.compile("^" + title, Pattern.CASE_INSENSITIVE)))
                .first();
    }

    public FirstPathView on() {
        onward().click();
        return this;
    }

    public Locator onward() {
        return page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^(Go on|I have nothing yet)$")));
    }

    public FirstPathView length(String title) {
        answer(title).click();
        return this;
    }

    public FirstPathView has(String tool) {
        answer(tool).click();
        return this;
    }

    public FirstPathView grooming(String history) {
        answer(history).click();
        return this;
    }

    public FirstPathView combed(String when) {
        answer(when).click();
        return this;
    }
}
