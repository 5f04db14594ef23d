package rustictangle.e2e.views;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;

/** Home: each dog, what is due, one button. */
public final class HomeView extends View {

    public HomeView(Page page) {
        super(page);
    }

    public static HomeView open(Page page, String url) {
        page.navigate(url);
        return new HomeView(page);
    }

    public FirstPathView addFirstDog() {
        link("Add your dog").click();
        return new FirstPathView(page);
    }

    public Locator dog(String name) {
        return page.getByRole(
                AriaRole.ARTICLE, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    /** One touch, and the hands begin. */
    public SessionView begin(String dog) {
        dog(dog).getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Begin"))
                .click();
        return new SessionView(page).start();
    }

    public SessionView goOn(String dog) {
        dog(dog).getByRole(AriaRole.LINK, new Locator.GetByRoleOptions().setName("Go on"))
                .click();
        return new SessionView(page);
    }
}
