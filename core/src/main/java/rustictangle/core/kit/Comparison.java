package rustictangle.core.kit;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import rustictangle.core.Reason;
import rustictangle.core.log.ToolProperty;

/**
 * Why this tool and not that one: two tools at one step of one section, property by property.
 *
 * @param step what both are held against: the step that the two together serve best
 * @param rows in the order of {@link ToolProperty}, those that play a part for either
 * @param why  the outcome in a sentence
 */
public record Comparison(ToolStep step, Fit first, Fit second, List<Row> rows, Reason why) {

    /** One property of both; a side is empty where it plays no part for that tool. */
    public record Row(ToolProperty property, Optional<FitPart> first, Optional<FitPart> second) {

        /** How far the sides are apart, in [0, 1]. */
        double gap() {
            return Math.abs(first.map(FitPart::value).orElse(1.0)
                    - second.map(FitPart::value).orElse(1.0));
        }
    }

    /** Scores within this are called alike. Own estimate. */
    private static final double ALIKE = 3;

    public Comparison {
        rows = List.copyOf(rows);
    }

    /** Compares them where they can be compared. */
    public static Comparison of(Need need, Tool first, Tool second) {
        ToolStep best = need.order().get(0);
        double most = -1;
        for (ToolStep step : need.order()) {
            double together = Fit.of(first, step, need).score()
                    + Fit.of(second, step, need).score();
            if (together > most) {
                best = step;
                most = together;
            }
        }
        Fit a = Fit.of(first, best, need);
        Fit b = Fit.of(second, best, need);
        List<Row> rows = rows(a, b);
        return new Comparison(best, a, b, rows, why(a, b, rows));
    }

    private static List<Row> rows(Fit a, Fit b) {
        List<Row> rows = new ArrayList<>();
        for (ToolProperty property : ToolProperty.values()) {
            Row row = new Row(property, part(a, property), part(b, property));
            if (row.first.isPresent() || row.second.isPresent()) {
                rows.add(row);
            }
        }
        return rows;
    }

    private static boolean out(Fit fit) {
        return fit.verdict() == Verdict.NEVER_HERE || fit.score() == 0;
    }

    private static Optional<FitPart> part(Fit fit, ToolProperty property) {
        return fit.parts().stream().filter(part -> part.property() == property).findFirst();
    }

    private static Reason why(Fit a, Fit b, List<Row> rows) {
        Fit better = a.score() >= b.score() ? a : b;
        Fit other = better == a ? b : a;
        String here = " where " + a.step().tool().one() + " is asked for";
        if (out(better)) {
            return new Reason(
                    "kit.compare",
                    "Neither is for this place. " + Fit.capital(better.tool().shownName()) + ": "
                            + better.reasons().get(0).text() + " "
                            + Fit.capital(other.tool().shownName()) + ": "
                            + other.reasons().get(0).text());
        }
        if (out(other)) {
            return new Reason(
                    "kit.compare",
                    Fit.capital(other.tool().shownName()) + " is out here. "
                            + other.reasons().get(0).text());
        }
        if (better.score() - other.score() < ALIKE) {
            return new Reason("kit.compare", "Both do about equally well" + here + ".");
        }
        Row decides = rows.stream().reduce((x, y) -> y.gap() > x.gap() ? y : x).orElseThrow();
        String most = decides.property() == ToolProperty.JOB
                ? "it is made for this, the other stands in"
                : "what counts most is the " + decides.property().label();
        return new Reason(
                "kit.compare", Fit.capital(better.tool().shownName()) + " serves better" + here + ": " + most + ".");
    }
}
