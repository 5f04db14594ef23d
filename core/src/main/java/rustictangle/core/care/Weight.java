package rustictangle.core.care;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.NavigableMap;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Stream;
import rustictangle.core.Reason;
import rustictangle.core.dog.LifeStage;
import rustictangle.core.log.Log;
import rustictangle.core.log.Weighed;

/**
 * What the scale said of a dog, day by day.
 *
 * @param weighings oldest first, the last that was said of each day
 * @param first     what it was taken to weigh before the first of them, kg; empty: it was never weighed
 */
public record Weight(List<Weighing> weighings, Optional<Double> first) {

    /** A change of this share asks for the vet. Common practice, no published source. */
    private static final double ASKS_FOR_THE_VET = 0.1;

    private static final double ROUNDING = 1e-9;
    /** Slower changes are slow enough for the next check-up. Own estimate. */
    private static final int WITHIN_DAYS = 183;

    public record Weighing(LocalDate day, double kilograms) {}

    private record Of(LocalDate day, Weighed said) {}

    private static final Log.Reading<Of> WEIGHED = log -> log.stream()
            .flatMap(entry -> entry.as(Weighed.class).map(said -> new Of(entry.day(), said)).stream())
            .toList();

    public static Weight of(Log log) {
        return log.workedOut("weight", Weight::readOff);
    }

    private static Weight readOff(Log log) {
        NavigableMap<LocalDate, Of> days = new TreeMap<>();
        List<Of> said = log.read(WEIGHED);
        said.forEach(weighed -> days.put(weighed.day, weighed));
        return new Weight(
                days.values().stream()
                        .map(weighed -> new Weighing(weighed.day, weighed.said.kilograms()))
                        .toList(),
                said.stream().min(Comparator.comparing(Of::day)).map(weighed -> weighed.said.before()));
    }

    /** What it weighs, kg; empty: it was never weighed. */
    public Optional<Double> now() {
        return newest().map(Weighing::kilograms);
    }

    private Optional<Weighing> newest() {
        return weighings.isEmpty() ? Optional.empty() : Optional.of(weighings.get(weighings.size() - 1));
    }

    /**
     * Said when it has lost or gained a tenth within half a year; a pup is meant to gain.
     *
     * @param stage of the dog
     */
    public Optional<Reason> askTheVet(LifeStage stage) {
        return newest().flatMap(now -> before(now)
                .filter(before -> changed(before, now) >= ASKS_FOR_THE_VET - ROUNDING)
                .filter(before -> stage != LifeStage.PUPPY || now.kilograms < before)
                .max(Comparator.comparingDouble(before -> changed(before, now)))
                .map(before -> reason(before, now)));
    }

    /** What it weighed in the half-year before; at the first weighing, what it was taken to weigh. */
    private Stream<Double> before(Weighing now) {
        LocalDate since = now.day.minusDays(WITHIN_DAYS);
        return weighings.size() == 1
                ? first.stream()
                : weighings.stream()
                        .filter(weighed -> weighed.day.isBefore(now.day) && !weighed.day.isBefore(since))
                        .map(Weighing::kilograms);
    }

    private static double changed(double before, Weighing now) {
        return Math.abs(now.kilograms - before) / before;
    }

    private static Reason reason(double before, Weighing now) {
        return new Reason(
                "care.weight",
                "It " + (now.kilograms < before ? "lost" : "gained") + " "
                        + Reason.percent(changed(before, now)) + " within half a year, from " + Reason.kg(before)
                        + " to " + Reason.kg(now.kilograms) + ". Ask your vet about it.");
    }
}
