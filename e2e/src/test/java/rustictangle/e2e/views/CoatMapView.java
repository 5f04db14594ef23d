package rustictangle.e2e.views;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import java.util.List;

/** The drawn dog, whose places are pointed at where they are seen. */
public final class CoatMapView {

    /** The point of a place that is nearest to the middle of what shows of it. */
    private static final String SEEN =
            """
            el => {
                const box = el.ownerSVGElement.getBoundingClientRect()
                const seen = []
                for (let y = box.top + 1; y < box.bottom; y += 4)
                    for (let x = box.left + 1; x < box.right; x += 4)
                        if (document.elementFromPoint(x, y) === el) seen.push([x, y])
                const mean = k => seen.reduce((sum, at) => sum + at[k], 0) / seen.length
                const [mx, my] = [mean(0), mean(1)]
                return seen.sort((a, b) => Math.hypot(a[0] - mx, a[1] - my) - Math.hypot(b[0] - mx, b[1] - my))[0]
            }""";

    private CoatMapView() {}

    public static void point(Page page, String section) {
        List<Double> at = middle(page, section);
        page.mouse().click(at.get(0), at.get(1));
    }

    /** Where in the window the place shows: x and y. */
    public static List<Double> middle(Page page, String section) {
        Locator place = page.locator("[data-section=" + section + "]").first();
        place.waitFor();
        page.locator("svg.side")
                .filter(new Locator.FilterOptions().setHas(place))
                .first()
                .scrollIntoViewIfNeeded();
        return ((List<?>) place.evaluate(SEEN))
                .stream().map(number -> ((Number) number).doubleValue()).toList();
    }
}
