package rustictangle.e2e;

import static org.junit.jupiter.api.Assertions.assertEquals;

import com.deque.html.axecore.playwright.AxeBuilder;
import com.microsoft.playwright.Page;
import java.util.List;

/** Barriers for people who cannot see or point well, as axe finds them, light ones as well. */
final class Barriers {

    private static final List<String> ALL_RULES = List.of();
    /** In the page, where most of what axe has to say can stay. */
    private static final String FOUND =
            """
            async (rules) => {
              const only = rules.length ? { runOnly: rules } : {}
              const { violations } = await axe.run(document, { resultTypes: ['violations'], ...only })
              return violations.map((rule) =>
                `${rule.id}: ${rule.nodes.slice(0, 3).map((node) => node.html + ' ' + node.failureSummary)}`)
            }
            """;

    private Barriers() {}

    static void assertNone(Page page, String where) {
        assertNone(page, ALL_RULES, where);
    }

    /** The part that another colour scheme changes: contrast. */
    static void assertReadable(Page page, String where) {
        assertNone(page, List.of("color-contrast"), where);
    }

    private static void assertNone(Page page, List<String> rules, String where) {
        There.isAll(page);
        if (page.evaluate("typeof axe").equals("undefined")) {
            page.evaluate(AxeBuilder.getAxeScript());
        }
        assertEquals(List.of(), page.evaluate(FOUND, rules), where);
    }
}
