package rustictangle.core.visit;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.TreeMap;
import rustictangle.core.log.Entry;
import rustictangle.core.log.Log;
import rustictangle.core.log.Visited;

/** A groomer saw the dog that day. */
public record Visit(LocalDate day, Visited said) {

    private static final Log.Reading<Entry> VISITS =
            log -> log.stream().filter(entry -> entry.said() instanceof Visited).toList();

    /** The newest first, at most one a day: what was said of it last. */
    public static List<Visit> of(Log log) {
        return log.workedOut("visits", Visit::readOff);
    }

    private static List<Visit> readOff(Log log) {
        TreeMap<LocalDate, Visit> days = new TreeMap<>();
        log.read(VISITS).forEach(entry -> days.put(entry.day(), new Visit(entry.day(), (Visited) entry.said())));
        List<Visit> visits = new ArrayList<>(days.values());
        Collections.reverse(visits);
        return visits;
    }
}
