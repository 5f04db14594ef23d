package rustictangle.e2e.views;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;

/** Who this dog is. */
public final class DogView extends View {

    public DogView(Page page) {
        super(page);
    }

    public static DogView openNew(Page page, String url) {
        page.navigate(url + "dogs/new");
        return new DogView(page);
    }

    public static DogView open(Page page, String url, long dog) {
        page.navigate(url + "dogs/" + dog + "/about");
        return new DogView(page);
    }

    public void weigh(String kilograms) {
        weight().fill(kilograms);
        weight().press("Enter");
    }

    public Locator name() {
        return page.getByLabel("Name", new Page.GetByLabelOptions().setExact(true));
    }

    public Locator weight() {
        return page.getByLabel("Weight in");
    }

    public DogView describe(String name, String kilograms, String... ticks) {
        name().fill(name);
        weight().fill(kilograms);
        for (String tick : ticks) {
            page.getByLabel(tick).check();
        }
        return this;
    }

    public CoatView onToTheCoat() {
        button("On to the coat").click();
        return new CoatView(page);
    }

    public Locator problem(String text) {
        return page.getByText(text);
    }
}
