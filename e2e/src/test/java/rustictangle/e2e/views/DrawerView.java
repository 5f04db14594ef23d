package rustictangle.e2e.views;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;

/** The household's tools. */
public final class DrawerView extends View {

    public DrawerView(Page page) {
        super(page);
    }

    public static DrawerView open(Page page, String url) {
        page.navigate(url + "drawer");
        return new DrawerView(page);
    }

    /** Picks a kind among the drawn silhouettes. */
    public DrawerView pick(String kind) {
        page.locator(".kinds button")
                .filter(new Locator.FilterOptions()
                        .setHas(page.locator(
                                "b", new Page.LocatorOptions().setHasText(Pattern.compile("^" + kind + "$")))))
                .click();
        return this;
    }

    public DrawerView choose(String property, String value) {
        page.getByRole(
                        AriaRole.GROUP,
                        new Page.GetByRoleOptions().setName(property).setExact(true))
                .getByRole(AriaRole.BUTTON)
                .filter(new Locator.FilterOptions().setHasText(Pattern.compile("^\\s*" + value)))
                .click();
        return this;
    }

    public DrawerView pinLength(String shown) {
        page.getByLabel("length in").fill(shown);
        return this;
    }

    public DrawerView putIn() {
        button("Put it in the drawer").click();
        return this;
    }

    public Locator tool(String name) {
        return page.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("In the drawer"))
                .getByRole(AriaRole.BUTTON)
                .filter(new Locator.FilterOptions().setHasText(name));
    }

    public void press(String name) {
        button(name).click();
    }
}
