package rustictangle.server.demo;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import rustictangle.core.dog.Region;
import rustictangle.core.log.Entry;
import rustictangle.core.log.Measured;
import rustictangle.server.coat.CoatForm.RegionForm;

/** A few ruler readings that end at the length the demo dog has today. Invented. */
final class DemoReadings {

    private static final int[] DAYS_BACK = {49, 35, 21, 7};
    /** How far the ruler was off each time, mm. */
    private static final double[] OFF = {1, -1, 0.5, 0};

    private static final double GROWN_PER_DAY = 0.36;

    private DemoReadings() {}

    /** Oldest first. Only hair that grows on and on is worth measuring so often. */
    static List<Entry> of(DemoDog demo, LocalDate today) {
        List<Entry> readings = new ArrayList<>();
        for (RegionForm hair : demo.coat().regions()) {
            boolean measured = hair.region() == Region.BODY || hair.region() == Region.LEGS;
            double before = hair.millimetres();
            for (int i = 0; i < DAYS_BACK.length && measured && demo.clipped(); i++) {
                double then = Math.round(hair.millimetres() - GROWN_PER_DAY * (DAYS_BACK[i] - DAYS_BACK[3]) + OFF[i]);
                readings.add(
                        DemoDog.said(demo, today.minusDays(DAYS_BACK[i]), new Measured(hair.region(), then, before)));
                before = then;
            }
        }
        return readings;
    }
}
