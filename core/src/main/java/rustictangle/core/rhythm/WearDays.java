package rustictangle.core.rhythm;

import java.util.function.IntFunction;
import java.util.function.IntToDoubleFunction;

/**
 * What the days do to the coat at one section by the table: how much each wears it, how many tangles arise, and how they
 * harden into mats.
 *
 * <p>Days are numbers, 0 being today. A stretch is from the evening of one day to the evening of another: what the day
 * of a brushing did to the coat, the brushing has undone.
 */
final class WearDays {

    private final int first;
    /** Summed up to the evening of each day, from the evening of the first on. */
    private final double[] wear;

    private final double[] tangles;
    /** Of the tangles of each day. */
    private final double[] perWear;

    private final Hardening[] hardening;
    private final boolean steady;

    private WearDays(int first, int days) {
        this(first, days, false);
    }

    private WearDays(int first, int days, boolean steady) {
        this.first = first;
        this.steady = steady;
        wear = new double[days];
        tangles = new double[days];
        perWear = new double[days];
        hardening = new Hardening[days];
    }

    /**
     * @param first     the first day to look back to; what was before it is not counted
     * @param last      the last day to look ahead to
     * @param wear      of a day, in ordinary days
     * @param tangles   that arise by an ordinary day's wear on that day
     * @param hardening of what arises on that day
     * @param steady    whether the last two are the same every day
     */
    static WearDays of(
            int first,
            int last,
            IntToDoubleFunction wear,
            IntToDoubleFunction tangles,
            IntFunction<Hardening> hardening,
            boolean steady) {
        WearDays days = new WearDays(first, last - first + 1, steady);
        for (int i = 0; i < days.wear.length; i++) {
            double today = i == 0 ? 0 : wear.applyAsDouble(first + i);
            boolean asBefore = steady && i > 0;
            days.perWear[i] = asBefore ? days.perWear[0] : tangles.applyAsDouble(first + i);
            days.hardening[i] = asBefore ? days.hardening[0] : hardening.apply(first + i);
            days.wear[i] = (i == 0 ? 0 : days.wear[i - 1]) + today;
            days.tangles[i] = (i == 0 ? 0 : days.tangles[i - 1]) + today * days.perWear[i];
        }
        return days;
    }

    int last() {
        return first + wear.length - 1;
    }

    /** Ordinary days' wear in a stretch, 0 or more. */
    double wear(int from, int to) {
        return to <= from ? 0 : wear[at(to)] - wear[at(from)];
    }

    /** Tangles expected to arise in a stretch, 0 or more. */
    double tangles(int from, int to) {
        return to <= from ? 0 : tangles[at(to)] - tangles[at(from)];
    }

    /** How many of those are expected to be mats by its end. */
    double mats(int from, int to) {
        if (to <= from) {
            return 0;
        }
        int end = at(to);
        if (steady) {
            return perWear[end] * hardening[end].hardened(wear[end] - wear[at(from)]);
        }
        double mats = 0;
        for (int day = end; day > at(from); day--) {
            mats += matsOf(day, end);
        }
        return mats;
    }

    /** Of every stretch that ends on that day: by the number of days before it, up to {@code days}. */
    double[] matsUpTo(int to, int days) {
        int end = at(to);
        double[] mats = new double[days + 1];
        Hardening last = null;
        double hardened = 0;
        for (int back = 1; back <= days; back++) {
            int day = end - back + 1;
            if (day <= 0) {
                mats[back] = mats[back - 1];
                continue;
            }
            Hardening here = hardening[day];
            double before = here.equals(last) ? hardened : here.hardened(wear[end] - wear[day]);
            last = here;
            hardened = here.hardened(wear[end] - wear[day - 1]);
            mats[back] = mats[back - 1] + perWear[day] * (hardened - before);
        }
        return mats;
    }

    /** What arose on a day and is a mat by the evening of another. */
    private double matsOf(int day, int end) {
        Hardening here = hardening[day];
        return perWear[day] * (here.hardened(wear[end] - wear[day - 1]) - here.hardened(wear[end] - wear[day]));
    }

    private int at(int day) {
        return Math.max(0, Math.min(wear.length - 1, day - first));
    }
}
