package rustictangle.server.kit;

import java.util.List;
import rustictangle.core.Reason;
import rustictangle.core.kit.Fit;
import rustictangle.core.kit.Verdict;
import rustictangle.core.log.ToolKind;

/**
 * How well one tool of the drawer fits.
 *
 * @param score in [0, 100]
 */
public record FitView(long toolId, String shownName, ToolKind kind, Verdict verdict, int score, List<Reason> reasons) {

    static FitView of(Fit fit) {
        return new FitView(
                fit.tool().id(),
                fit.tool().shownName(),
                fit.tool().kind(),
                fit.verdict(),
                (int) Math.round(fit.score()),
                fit.reasons());
    }
}
