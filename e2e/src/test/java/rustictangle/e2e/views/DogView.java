package rustictangle.e2e.views;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;

/** Who this dog is. */
public final class DogView extends View {

    public DogView(Page page) {
        super(page);
    }

    public static DogView open(Page page, String url, long dog) {
        page.navigate(url + "dogs/" + dog + "/about");
        return new DogView(page);
    }

    public void weigh(String kilograms) {
        weight().fill(kilograms);
        weight().press("Enter");
    }

    public Locator weight() {
        return page.getByLabel("Weight in");
    }
}
