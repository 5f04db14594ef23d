package rustictangle.e2e;

import static org.junit.jupiter.api.Assertions.assertEquals;

import com.deque.html.axecore.playwright.AxeBuilder;
import com.deque.html.axecore.results.Rule;
import com.microsoft.playwright.Page;
import java.util.List;

/** Serious barriers for people who cannot see or point well, as axe finds them. */
final class Barriers {

    private Barriers() { }

    static void assertNone(Page page, String where) {
        List<String> serious = new AxeBuilder(page).analyze().getViolations().stream()
                .filter(rule -> List.of("serious", "critical").contains(rule.getImpact()))
                .map(Barriers::describe).toList();
        assertEquals(List.of(), serious, where);
    }

    private static String describe(Rule rule) {
        return rule.getId() + ": " + rule.getNodes().stream().limit(3)
                .map(node -> node.getHtml() + " " + node.getFailureSummary()).toList();
    }
}
