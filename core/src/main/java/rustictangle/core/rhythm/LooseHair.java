package rustictangle.core.rhythm;

import java.util.EnumSet;
import java.util.Set;
import rustictangle.core.coat.Coat;
import rustictangle.core.coat.CoatKind;
import rustictangle.core.dog.Part;
import rustictangle.core.dog.Section;

/**
 * What it costs to leave loose hair in the coat, as a part of what a pass takes: brushing is done for it as well as
 * against mats.
 *
 * <p>An undercoat is gone over about weekly, and every two to four days while it lets go; a smooth coat is rubbed down
 * weekly, more often while it sheds. Common practice, no published source; how it is counted is an own estimate.
 */
final class LooseHair {

    /** Days between passes that come of it, and the same while the coat sheds heavily. Own estimates. */
    private static final int UNDERCOAT_DAYS = 7;

    private static final int UNDERCOAT_SHEDDING_DAYS = 4;
    private static final int RUB_DOWN_DAYS = 7;
    private static final int RUB_DOWN_SHEDDING_DAYS = 4;
    /** A pass with its share of setting up, against the pass alone. Own estimate. */
    private static final double WITH_SETTING_UP = 1.25;
    /** What a rub-down that is late costs each day, in rub-downs: dear enough that none is put off. Own estimate. */
    private static final double LATE = 2;

    private static final Set<Part> LIFTED =
            EnumSet.of(Part.BACK, Part.SIDE, Part.SHOULDER, Part.THIGH, Part.CHEST, Part.NECK_RUFF, Part.REAR_TROUSERS);

    private enum Sort {
        NONE,
        UNDERCOAT,
        RUB_DOWN
    }

    private final Sort sort;
    private final int first;
    /** Days between passes that a day asks for. */
    private final int[] every;
    /** Summed up to each day: what a day costs for each day since the pass, and the same times its number. */
    private final double[] perDay;

    private final double[] perDayTimesDay;

    private LooseHair(Sort sort, int first, int[] every) {
        this.sort = sort;
        this.first = first;
        this.every = every;
        this.perDay = new double[every.length];
        this.perDayTimesDay = new double[every.length];
        for (int i = 1; i < every.length; i++) {
            double cost = undercoat(every[i]);
            perDay[i] = perDay[i - 1] + cost;
            perDayTimesDay[i] = perDayTimesDay[i - 1] + cost * (first + i);
        }
    }

    private static double undercoat(int everyDays) {
        return 2 * WITH_SETTING_UP / ((double) everyDays * everyDays);
    }

    /**
     * @param first the first day to look back to
     * @param sheds whether the coat sheds heavily, by day from the first on
     */
    static LooseHair at(Section section, Coat coat, int first, boolean[] sheds) {
        boolean smooth = coat.at(section).kind() == CoatKind.SMOOTH;
        boolean undercoat = coat.seasonalAt(section) && LIFTED.contains(section.part());
        int[] every = new int[sheds.length];
        for (int i = 0; i < every.length; i++) {
            every[i] = smooth
                    ? sheds[i] ? RUB_DOWN_SHEDDING_DAYS : RUB_DOWN_DAYS
                    : sheds[i] ? UNDERCOAT_SHEDDING_DAYS : UNDERCOAT_DAYS;
        }
        return new LooseHair(smooth ? Sort.RUB_DOWN : undercoat ? Sort.UNDERCOAT : Sort.NONE, first, every);
    }

    /** What one day more costs, so many days after the last pass; in passes, 0 or more. */
    double of(int day, int daysSince) {
        int everyDays = every[at(day)];
        return switch (sort) {
            case NONE -> 0;
            case RUB_DOWN -> daysSince > everyDays ? LATE : 0;
            case UNDERCOAT -> undercoat(everyDays) * daysSince;
        };
    }

    /** What a stretch between two passes costs. */
    double over(int from, int to) {
        if (to <= from || sort == Sort.NONE) {
            return 0;
        }
        if (sort == Sort.UNDERCOAT) {
            return perDayTimesDay[at(to)]
                    - perDayTimesDay[at(from)]
                    - Math.max(from, first) * (perDay[at(to)] - perDay[at(from)]);
        }
        double sum = 0;
        for (int day = from + 1; day <= to; day++) {
            sum += of(day, day - from);
        }
        return sum;
    }

    private int at(int day) {
        return Math.max(0, Math.min(every.length - 1, day - first));
    }

    boolean rubDown() {
        return sort == Sort.RUB_DOWN;
    }
}
