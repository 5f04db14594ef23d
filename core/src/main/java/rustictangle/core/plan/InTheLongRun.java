package rustictangle.core.plan;

import rustictangle.core.Every;
import rustictangle.core.dog.Section;
import rustictangle.core.rhythm.EveryDay;
import rustictangle.core.rhythm.LongRun;
import rustictangle.core.rhythm.TangleRate;

/**
 * One section by itself in the long run, on ordinary days.
 *
 * @param days     between brushings, as now believed; at least 1
 * @param from     the lower end of a range in which it lies with a probability of two thirds
 * @param to       its upper end
 * @param accepted mats expected by the time it is brushed again
 */
record InTheLongRun(int days, int from, int to, double accepted) {

    static InTheLongRun of(Workload dog, Section section) {
        EveryDay days = dog.forecast().everyDay(section).orElseThrow();
        TangleRate rate = dog.forecast().at(section).orElseThrow().rate();
        double minutes = dog.place(section).minutes() * dog.withSettingUp();
        double best = LongRun.alone(minutes, days, dog.comfort());
        return new InTheLongRun(
                whole(best),
                whole(LongRun.alone(minutes, days.times(rate.high() / rate.factor()), dog.comfort())),
                whole(LongRun.alone(minutes, days.times(rate.low() / rate.factor()), dog.comfort())),
                days.mats(best));
    }

    private static int whole(double days) {
        return (int) Math.max(1, Math.round(days));
    }

    String words() {
        return Every.inWords(days, from, to);
    }
}
