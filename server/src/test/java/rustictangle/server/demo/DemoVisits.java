package rustictangle.server.demo;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import rustictangle.core.log.Entry;
import rustictangle.core.log.Visited;
import rustictangle.core.visit.GroomPrice;

/** The demo dogs' visits to the groomer, counted back from today; all of it made up. */
final class DemoVisits {

    static final GroomPrice PRICE = new GroomPrice(58, 6, 10, 15, 20);

    private DemoVisits() {}

    /** Oldest first. */
    static List<Entry> of(DemoDog demo, LocalDate today) {
        List<Entry> visits = new ArrayList<>();
        if (demo.clipped()) {
            boolean curly = demo.groomInDays().isEmpty();
            visits.add(visited(
                    demo, today.minusDays(curly ? 101 : 95), curly ? Optional.of(12.0) : Optional.empty(), 55, "", ""));
            visits.add(visited(
                    demo,
                    today.minusDays(curly ? 52 : 24),
                    curly ? Optional.of(12.0) : Optional.empty(),
                    58,
                    curly ? "" : "Left long; the dryer frightened it, a towel went well.",
                    curly ? "Two small mats behind the ears, brushed out." : "A mat under the left armpit."));
        }
        return visits;
    }

    private static Entry visited(
            DemoDog demo, LocalDate day, Optional<Double> left, double price, String remarks, String found) {
        return DemoDog.said(demo, day, new Visited(left, Optional.of(price), remarks, found, false, Map.of()));
    }
}
