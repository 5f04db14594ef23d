package rustictangle.core.rhythm;

import java.util.Arrays;
import rustictangle.core.coat.HairLength;
import rustictangle.core.coat.LengthBand;
import rustictangle.core.coat.Line;
import rustictangle.core.coat.RegionCoat;
import rustictangle.core.dog.Friction;
import rustictangle.core.dog.Region;
import rustictangle.core.dog.Section;

/**
 * How often tangles arise before the owner's own checks say better.
 *
 * <p>Each row is an interval in days for the places that mat first, at the length named. Common
 * practice, no published source: long drop and curly daily, long fleece every 3rd day, silky and
 * well kept twice a week, medium lengths 2–3 × a week, short and double weekly. The other rows are
 * own estimates between these.
 */
enum RateTable {
    DOUBLE(7, new double[][] {{80, 7}, {150, 5}}),
    DROP(4, new double[][] {{25, 7}, {50, 3.5}, {100, 3.5}, {150, 1}}),
    CURLY(3, new double[][] {{20, 7}, {38, 2.8}, {60, 1}}),
    FLEECE(3, new double[][] {{20, 7}, {50, 3}, {180, 3}, {250, 1}}),
    WIRE(7, new double[][] {{40, 7}, {60, 3.5}}),
    FEATHERED(4, new double[][] {{25, 7}, {60, 2.8}, {125, 2.8}, {150, 2}});

    /** λ × interval at which the chance of a tangle is 30 %: {@code −ln 0.7}, rounded up. */
    static final double EXPECTED_PER_INTERVAL = 0.357;
    /** White hair tangles sooner: common practice, reason unknown; the factor is an own estimate. */
    private static final double PALE_FACTOR = 1.25;

    private final int hardenDays;
    private final Line perDay;

    /**
     * @param lengthAndInterval rows of hair length in mm and days between brushings
     */
    RateTable(int hardenDays, double[][] lengthAndInterval) {
        this.hardenDays = hardenDays;
        this.perDay = Line.through(Arrays.stream(lengthAndInterval)
                .map(row -> new Line.Row(row[0], rateDueAfter(row[1], hardenDays)))
                .toArray(Line.Row[]::new));
    }

    static RateTable of(RegionCoat hair) {
        return switch (hair.kind()) {
            case DOUBLE -> DOUBLE;
            case DROP -> DROP;
            case CURLY -> hair.isFleece() ? FLEECE : CURLY;
            case WIRE -> WIRE;
            case FEATHERED -> FEATHERED;
            case SMOOTH, CORDED, HAIRLESS ->
                throw new IllegalArgumentException(hair.kind().label() + " hair is not kept free of tangles");
        };
    }

    /** Days from tangle to mat: "within a few days" is common practice, each value an own estimate. */
    int hardenDays() {
        return hardenDays;
    }

    /** Expected tangles per day of ordinary exposure at this section. */
    double perDay(Section section, RegionCoat hair) {
        return perDay(section, hair, hair.length());
    }

    /** The same while the hair has another length. */
    double perDay(Section section, RegionCoat hair, HairLength length) {
        return perDay.at(length)
                * friction(section, length)
                * hair.density().tangleFactor()
                * (hair.pale() ? PALE_FACTOR : 1);
    }

    /** Ears rub only where long hair hangs from them. */
    private static double friction(Section section, HairLength length) {
        boolean shortEar = section.region() == Region.EARS && length.band() == LengthBand.SHORT;
        return (shortEar ? Friction.MEDIUM : section.friction()).factor();
    }

    /**
     * The rate at which a balanced owner's brushing is due after just this many days, whether the
     * chance of a tangle says so or, past the time a tangle takes to harden, that of a mat.
     */
    private static double rateDueAfter(double days, int hardenDays) {
        double byTangle = EXPECTED_PER_INTERVAL / days;
        double daysAsMat = days - hardenDays;
        return daysAsMat > 0 ? Math.min(byTangle, -Math.log(1 - Risk.MAT_DUE) / daysAsMat) : byTangle;
    }
}
