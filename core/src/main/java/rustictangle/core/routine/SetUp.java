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

    private SetUp() {}

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
