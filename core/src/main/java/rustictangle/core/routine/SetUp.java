package rustictangle.core.routine;

import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import rustictangle.core.log.Entry;
import rustictangle.core.log.Log;
import rustictangle.core.log.SessionBegun;
import rustictangle.core.log.SessionEvent;

/** What a session takes besides its brushing: fetching dog, tools, treats and mist, and the look beforehand. */
public final class SetUp {

    /** Until the owner's own sessions say better, minutes. Own estimate. */
    public static final double MINUTES = 4;

    /** What that is worth against the owner's sessions: as much as so many. Own estimate. */
    private static final double WORTH = 3;
    /** Shorter is only tapped through, longer was left lying, minutes. Own estimates. */
    private static final double SHORTEST = 0.5;

    private static final double LONGEST = 15;
    private static final int NEWEST = 30;
    private static final double SECONDS = 60;

    private static final Log.Reading<Entry> BEGINNINGS = log -> log.stream()
            .filter(entry -> entry.said() instanceof SessionBegun || entry.said() instanceof SessionEvent.Started)
            .toList();

    /** Below so many minutes a sitting is a short one: comb in the pocket, on the floor or the lap. Handbook 10.5; own estimate. */
    private static final double SHORT_SITTING = 8;
    /** From so many on nobody hurries. Own choice. */
    private static final double LONG_SITTING = 20;
    /** What fetching the dog takes for a short one, minutes. Own estimate. */
    public static final double OF_A_SHORT_SITTING = 1;
    /** With five minutes it holds one to three hot places; from there on more, so that no minute makes a leap. Own estimates. */
    private static final int PLACES_OF_A_SHORT_SITTING = 3;

    private static final double SHORTEST_WITH_MORE = 5;

    private SetUp() {}

    /**
     * What a session takes besides its brushing on a day with so many minutes: on a short one little, from there on bit
     * by bit more, so that no minute makes a leap.
     *
     * @param setUp   what it takes where there are minutes enough
     * @param minutes there are
     */
    public static double on(double setUp, double minutes) {
        double whole = Math.min(1, Math.max(0, (minutes - SHORT_SITTING) / (LONG_SITTING - SHORT_SITTING)));
        return Math.min(setUp, OF_A_SHORT_SITTING + whole * Math.max(0, setUp - OF_A_SHORT_SITTING));
    }

    /** How many places a session holds on a day with so many minutes: one to three, and from a short one on more and more. */
    public static int mostPlaces(double minutes) {
        if (minutes >= SHORT_SITTING) {
            return Integer.MAX_VALUE;
        }
        double more = Math.max(0, minutes - SHORTEST_WITH_MORE);
        return PLACES_OF_A_SHORT_SITTING + (int) (more * (more + 3) / 2);
    }

    /** From the beginning of a session to the first stroke, on average and mixed with the estimate; minutes, above 0. */
    public static double learned(Log log) {
        return log.workedOut("setting up", SetUp::readOff);
    }

    private static double readOff(Log log) {
        Map<UUID, Instant> begun = new HashMap<>();
        List<Double> took = new ArrayList<>();
        for (Entry entry : log.read(BEGINNINGS)) {
            UUID session = entry.session().orElseThrow();
            if (entry.said() instanceof SessionBegun) {
                begun.put(session, entry.at());
            } else if (begun.containsKey(session)) {
                double minutes =
                        (entry.at().getEpochSecond() - begun.remove(session).getEpochSecond()) / SECONDS;
                if (minutes >= SHORTEST && minutes <= LONGEST) {
                    took.add(minutes);
                }
            }
        }
        List<Double> newest = took.subList(Math.max(0, took.size() - NEWEST), took.size());
        double sum = newest.stream().mapToDouble(seconds -> seconds).sum();
        return (WORTH * MINUTES + sum) / (WORTH + newest.size());
    }
}
