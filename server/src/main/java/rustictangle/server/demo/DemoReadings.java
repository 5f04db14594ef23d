package rustictangle.server.demo;

import java.time.LocalDate;
import java.util.EnumMap;
import java.util.Map;
import java.util.TreeMap;
import rustictangle.core.coat.HairLength;
import rustictangle.core.dog.Region;
import rustictangle.server.coat.CoatForm.RegionForm;

/** A few ruler readings that end at the length the demo dog has today. Invented. */
final class DemoReadings {

    private static final int[] DAYS_BACK = {49, 35, 21, 7};
    /** How far the ruler was off each time, mm. */
    private static final double[] OFF = {1, -1, 0.5, 0};

    private static final double GROWN_PER_DAY = 0.36;

    private DemoReadings() {}

    /** Only hair that grows on and on is worth measuring so often. */
    static Map<LocalDate, Map<Region, HairLength>> of(DemoDog demo, LocalDate today) {
        Map<LocalDate, Map<Region, HairLength>> readings = new TreeMap<>();
        for (int i = 0; i < DAYS_BACK.length; i++) {
            Map<Region, HairLength> lengths = new EnumMap<>(Region.class);
            for (RegionForm hair : demo.coat().regions()) {
                boolean measured = hair.region() == Region.BODY || hair.region() == Region.LEGS;
                if (measured && demo.growsOn()) {
                    double then = hair.millimetres() - GROWN_PER_DAY * (DAYS_BACK[i] - DAYS_BACK[3]) + OFF[i];
                    lengths.put(hair.region(), new HairLength(Math.round(then)));
                }
            }
            readings.put(today.minusDays(DAYS_BACK[i]), lengths);
        }
        return readings;
    }
}
