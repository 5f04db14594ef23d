package rustictangle.server.demo;

import java.time.LocalDate;
import java.util.Optional;
import rustictangle.core.visit.GroomPrice;
import rustictangle.server.visit.VisitStore;

/** The demo dogs' visits to the groomer, counted back from today; all of it made up. */
final class DemoVisits {

    private static final GroomPrice PRICE = new GroomPrice(58, 6, 10, 15);

    private DemoVisits() {}

    static void of(DemoDog demo, long id, LocalDate today, VisitStore visits) {
        if (!demo.growsOn()) {
            return;
        }
        visits.setPrice(id, PRICE);
        boolean curly = demo.groomInDays().isEmpty();
        visits.put(
                id,
                new VisitStore.Visit(
                        today.minusDays(curly ? 52 : 46),
                        curly ? 20.0 : null,
                        58.0,
                        curly ? "" : "Left long; the dryer frightened it, a towel went well.",
                        curly ? "Two small mats behind the ears, brushed out." : "A mat under the left armpit.",
                        false));
        visits.put(
                id, new VisitStore.Visit(today.minusDays(curly ? 101 : 95), curly ? 16.0 : null, 55.0, "", "", false));
        demo.groomInDays().ifPresent(days -> visits.setNext(id, today, Optional.of(today.plusDays(days))));
    }
}
