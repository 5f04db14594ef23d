package rustictangle.e2e.views;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;

/** Which tool goes where. */
public final class ToolsView extends View {

    public ToolsView(Page page) {
        super(page);
    }

    public static ToolsView open(Page page, String url, long dog) {
        page.navigate(url + "dogs/" + dog + "/tools");
        return new ToolsView(page);
    }

    public Locator pointAt(String section, String name) {
        heading("Which tool goes where").waitFor();
        CoatMapView.point(page, section);
        return page.getByRole(AriaRole.ARTICLE, new Page.GetByRoleOptions().setName(name));
    }

    public RoutineView routine() {
        link("Routine").click();
        return new RoutineView(page);
    }
}
