package rustictangle.e2e.views;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;

/** What grows where, on the coat map. */
public final class CoatView extends View {

    public CoatView(Page page) {
        super(page);
    }

    public CoatView kind(String name) {
        page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("Kind of coat"))
                .getByRole(AriaRole.BUTTON)
                .filter(new Locator.FilterOptions().setHasText(name))
                .click();
        return this;
    }

    public Locator length() {
        return page.getByLabel("Hair length in");
    }

    public CoatView length(String shown) {
        length().fill(shown);
        return this;
    }

    /** Points at a section of the drawing; its whole region is then described. */
    public CoatView pointAt(String section) {
        CoatMapView.point(page, section);
        return this;
    }

    public Locator region(String name) {
        return page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("Region"))
                .getByRole(AriaRole.BUTTON)
                .filter(new Locator.FilterOptions().setHasText(name));
    }

    public ToolsView onToTheTools() {
        button("On to the tools").click();
        return new ToolsView(page);
    }
}
