package rustictangle.core.routine;

import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import rustictangle.core.Reason;
import rustictangle.core.dog.Section;
import rustictangle.core.log.CombResult;
import rustictangle.core.log.Log;
import rustictangle.core.log.SessionEvent.SectionDone;

/**
 * How long this owner takes against the estimate, learned from the sections recorded.
 *
 * <p>Times are compared as logarithms of their ratio to the estimate. Each section's own mean is shrunk
 * toward the owner's pace on the whole dog, and that toward the estimate: few records move little. A single
 * time counts at most four times longer than estimated, so that a forgotten pause does no harm, and one that is far too
 * short for any work does not count.
 * All of it is this project's own estimate.
 */
public final class Pace {

    /** What the product itself is worth against records: as much as this many. */
    private static final double WORTH_OF_ESTIMATE = 3;
    /** Spread of a time about its mean before anything is known, of its logarithm. */
    private static final double SPREAD = 0.3;
    /** Longest ratio that counts. */
    private static final double MOST = Math.log(4);
    /** What took less than this part of the estimate was not worked, only tapped through. Own estimate. */
    private static final double POSSIBLE = 0.25;
    /** How far the errors of sections go together: a slow day is slow everywhere. */
    private static final double TOGETHER = 0.5;

    static final Ratio UNKNOWN = new Ratio(0, SPREAD);

    /** Older times say little about today's hand and today's coat. */
    private static final int NEWEST = 600;

    private static final Log.Reading<SectionDone> TIMES = log -> log.stream()
            .flatMap(entry -> entry.done().stream())
            .filter(done -> done.comb() != CombResult.NOT_COMBED && done.spent().orElse(0) >= 1)
            .toList();

    private final Map<Section, Ratio> sections;
    private final Ratio elsewhere;
    private final int records;

    private Pace(Map<Section, Ratio> sections, Ratio elsewhere, int records) {
        this.sections = sections;
        this.elsewhere = elsewhere;
        this.records = records;
    }

    /** The newest places that were worked in a known time, oldest first. */
    public static List<SectionDone> times(Log log) {
        return log.workedOut("times at places", all -> newest(all.read(TIMES, NEWEST, Pace::newest)));
    }

    private static List<SectionDone> newest(List<SectionDone> times) {
        return List.copyOf(times.subList(Math.max(0, times.size() - NEWEST), times.size()));
    }

    /**
     * @param estimates the whole dog as estimated
     * @param times     as {@link #times} tells them
     */
    static Pace learned(Routine estimates, List<SectionDone> times) {
        Map<Section, List<Integer>> recorded = new EnumMap<>(Section.class);
        times.forEach(done -> recorded.computeIfAbsent(done.section(), section -> new ArrayList<>())
                .add(done.spent().orElseThrow()));
        recorded.values().forEach(Collections::reverse);
        return learned(estimates, recorded);
    }

    /**
     * @param estimates the whole dog as estimated
     * @param recorded  seconds that sections took, each at least 1
     */
    public static Pace learned(Routine estimates, Map<Section, List<Integer>> recorded) {
        Map<Section, List<Double>> ratios = new EnumMap<>(Section.class);
        List<Double> all = new ArrayList<>();
        for (RoutinePlace place : estimates.places()) {
            List<Double> here = recorded.getOrDefault(place.section(), List.of()).stream()
                    .map(seconds -> seconds / place.seconds())
                    .filter(ratio -> ratio >= POSSIBLE)
                    .map(ratio -> Math.min(MOST, Math.log(ratio)))
                    .toList();
            ratios.put(place.section(), here);
            all.addAll(here);
        }
        Ratio owner = UNKNOWN.after(all);
        Map<Section, Ratio> sections = new EnumMap<>(Section.class);
        ratios.forEach((section, here) -> sections.put(section, new Ratio(owner.mean, SPREAD).after(here)));
        return new Pace(sections, new Ratio(owner.mean, SPREAD), all.size());
    }

    Time at(RoutinePlace place) {
        Ratio spread = sections.getOrDefault(place.section(), elsewhere);
        return new Time(
                place.seconds() * Math.exp(spread.mean), spread.low(place.seconds()), spread.high(place.seconds()));
    }

    /** What the minutes rest on; empty before anything was recorded. */
    Optional<Reason> why() {
        return records == 0
                ? Optional.empty()
                : Optional.of(new Reason(
                        "routine.minutes-learned",
                        "Learned from "
                                + records + (records == 1 ? " section" : " sections")
                                + " you have done on this dog, and estimated from its "
                                + "size, layers and strokes where little is known."));
    }

    /** The places one after the other. */
    static Time together(List<RoutinePlace> places) {
        double seconds = places.stream().mapToDouble(RoutinePlace::seconds).sum();
        double apart = 0;
        double alike = 0;
        for (RoutinePlace place : places) {
            double half = (place.toSeconds() - place.fromSeconds()) / 2.0;
            apart += half * half;
            alike += half;
        }
        double half = Math.sqrt((1 - TOGETHER) * apart + TOGETHER * alike * alike);
        return new Time(seconds, Math.max(0, seconds - half), seconds + half);
    }

    /** A time and the range in which it lies with a probability of two thirds, seconds. */
    record Time(double seconds, double fromSeconds, double toSeconds) {}

    /** Mean and spread of the logarithm of time over estimate. */
    record Ratio(double mean, double sd) {

        Ratio after(List<Double> seen) {
            double sum = seen.stream().mapToDouble(Double::doubleValue).sum();
            double n = seen.size() + WORTH_OF_ESTIMATE;
            double newMean = (WORTH_OF_ESTIMATE * mean + sum) / n;
            double squares = seen.stream()
                    .mapToDouble(x -> (x - newMean) * (x - newMean))
                    .sum();
            return new Ratio(newMean, Math.sqrt((WORTH_OF_ESTIMATE * sd * sd + squares) / n));
        }

        double low(double estimate) {
            return estimate * Math.exp(mean - sd);
        }

        double high(double estimate) {
            return estimate * Math.exp(mean + sd);
        }
    }
}
