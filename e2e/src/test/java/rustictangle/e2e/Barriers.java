package rustictangle.e2e;

import static org.junit.jupiter.api.Assertions.assertEquals;

import com.deque.html.axecore.args.AxeRunOptions;
import com.deque.html.axecore.playwright.AxeBuilder;
import com.deque.html.axecore.results.Rule;
import com.microsoft.playwright.Page;
import java.util.List;

/** Serious barriers for people who cannot see or point well, as axe finds them. */
final class Barriers {

    private Barriers() {}

    static void assertNone(Page page, String where) {
        There.isAll(page);
        assertNone(axe(page), where);
    }

    /** The part that another colour scheme changes: contrast. */
    static void assertReadable(Page page, String where) {
        There.isAll(page);
        assertNone(axe(page).withRules(List.of("color-contrast")), where);
    }

    /** On the page itself: without frames of others there is nothing to put together on a page of its own. */
    private static AxeBuilder axe(Page page) {
        AxeRunOptions options = new AxeRunOptions();
        options.setResultTypes(List.of("violations"));
        return new AxeBuilder(page).setLegacyMode(true).options(options);
    }

    private static void assertNone(AxeBuilder axe, String where) {
        List<String> serious = axe.analyze().getViolations().stream()
                .filter(rule -> List.of("serious", "critical").contains(rule.getImpact()))
                .map(Barriers::describe)
                .toList();
        assertEquals(List.of(), serious, where);
    }

    private static String describe(Rule rule) {
        return rule.getId() + ": "
                + rule.getNodes().stream()
                        .limit(3)
                        .map(node -> node.getHtml() + " " + node.getFailureSummary())
                        .toList();
    }
}
