package rustictangle.core.plan;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import rustictangle.core.Reason;
import rustictangle.core.rhythm.Forecast;
import rustictangle.core.rhythm.Outlook;

/** The first words after a long time without a brush. */
public final class AfterAPause {

    /** So long without a brush is a pause, days. Handbook 10.5. */
    private static final int FROM_DAYS = 14;
    /** From this part of the places that mat on, a groomer looks first. Handbook 10.5. */
    private static final double TOO_MANY = 0.25;

    private static final int NAMED = 4;

    private AfterAPause() {}

    /**
     * @param lastBrushed empty: never
     * @return empty: it is no pause, or the coat has come well through it
     */
    public static Optional<Reason> words(Forecast forecast, Optional<LocalDate> lastBrushed) {
        long days = lastBrushed
                .map(day -> ChronoUnit.DAYS.between(day, forecast.today()))
                .orElse(0L);
        List<Outlook> mat = forecast.sections().stream()
                .flatMap(here -> forecast.at(here.section()).stream())
                .filter(Outlook::mats)
                .toList();
        List<String> likely = forecast.sections().stream()
                .filter(here -> forecast.at(here.section())
                        .filter(outlook ->
                                !outlook.nobodyKnows() && outlook.mats() && outlook.mats(0) >= Outlook.MAT_LIKELY)
                        .isPresent())
                .sorted(Comparator.comparingDouble(
                        here -> -forecast.at(here.section()).orElseThrow().mats(0)))
                .map(here -> here.section().label())
                .toList();
        if (days < FROM_DAYS || likely.isEmpty()) {
            return Optional.empty();
        }
        int others = likely.size() - NAMED;
        return Optional.of(new Reason(
                "plan.after-pause",
                "After " + days + " days without a brush: fingers first. Mats are likely at "
                        + likely.stream().limit(NAMED).collect(Collectors.joining(", "))
                        + (others > 0 ? " and " + others + (others == 1 ? " more place" : " more places") : "")
                        + "."
                        + (likely.size() > TOO_MANY * mat.size()
                                ? " That is more than a quarter of the coat: let a groomer look before you brush it out."
                                : "")));
    }
}
