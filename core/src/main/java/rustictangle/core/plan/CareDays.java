package rustictangle.core.plan;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;
import rustictangle.core.care.CareDue;
import rustictangle.core.log.CareJob;

/**
 * The small jobs of all dogs laid out over the days, before the brushing: it gets what minutes they leave.
 *
 * <p>Small jobs take half of a day's minutes at most, but for one of them. What was never done goes first, then what is
 * latest in its own intervals, so that none waits for ever. A bath comes on the roomiest day of the week from its turn
 * on, one that is owed by its day, besides those minutes: nobody fits an hour into a quarter of one. Own choices.
 *
 * @param days what is done on each, 0 being today
 */
public record CareDays(List<List<PlannedJob>> days) {

    /** As the gate asks for it, and brushed on the very day or the day before: there is then time for what it finds. */
    static final int PROOF_HOLDS_DAYS = 1;

    private static final double SHARE_OF_A_DAY = 0.5;
    private static final int BATH_WITHIN_DAYS = 7;
    /** So much is a claw or two: a few a day is a routine, too, minutes. */
    private static final double SOME_CLAWS = 2;

    /**
     * One job of one of the dogs, by the dog's position.
     *
     * @param minutes  that it takes, greater than 0
     * @param learning whether the next step of its ladder is the job
     */
    public record PlannedJob(int dog, CareJob job, double minutes, boolean learning) {

        /** Whether it comes besides the day's minutes, over a coat that was brushed before. */
        boolean bath() {
            return job == CareJob.BATH && !learning;
        }
    }

    /** @param never whether it was never done */
    private record Open(int dog, CareDue due, int next, boolean never) {

        /** How late it is, in its own intervals. */
        double late(int day) {
            return never ? Double.POSITIVE_INFINITY : (double) (day - next) / Math.max(1, due.gap());
        }

        Open after(int day) {
            return new Open(dog, due, due.gap() == 0 ? Integer.MAX_VALUE : day + due.gap(), false);
        }

        PlannedJob taking(double minutes) {
            return new PlannedJob(dog, due.job(), minutes, due.learning());
        }
    }

    public CareDays {
        days = days.stream().map(List::copyOf).toList();
    }

    /**
     * @param dogs    what each of them asks for; none of a dog that is left in peace today
     * @param minutes there are each day; as long as the plan looks ahead
     */
    public static CareDays of(List<List<CareDue>> dogs, LocalDate today, double[] minutes) {
        List<List<PlannedJob>> days = new ArrayList<>();
        IntStream.range(0, minutes.length).forEach(day -> days.add(new ArrayList<>()));
        List<Open> open = new ArrayList<>();
        for (int dog = 0; dog < dogs.size(); dog++) {
            for (CareDue due : dogs.get(dog)) {
                if (due.next().isPresent()) {
                    int next = (int) ChronoUnit.DAYS.between(today, due.next().get());
                    int turn = due.doneToday() && next <= 0 ? Math.max(1, due.gap()) : next;
                    open.add(new Open(dog, due, turn, due.last().isEmpty()));
                }
            }
        }
        List<Open> baths = open.stream().filter(job -> job.taking(0).bath()).toList();
        baths.forEach(bath -> baths(bath, minutes, days));
        open.removeAll(baths);
        for (int day = 0; day < minutes.length; day++) {
            small(open, day, minutes[day], days.get(day));
        }
        return new CareDays(days);
    }

    private static void baths(Open bath, double[] minutes, List<List<PlannedJob>> days) {
        int turn = Math.max(0, bath.next);
        int on = bath.due.owed() ? roomiest(minutes, 0, turn) : roomiest(minutes, turn, turn + BATH_WITHIN_DAYS - 1);
        while (on < minutes.length) {
            days.get(on).add(bath.taking(bath.due.minutes()));
            if (bath.due.gap() == 0) {
                return;
            }
            turn = on + bath.due.gap();
            on = roomiest(minutes, turn, turn + BATH_WITHIN_DAYS - 1);
        }
    }

    /** Of the days from one to another the first with most minutes; one past the last where the plan ends before. */
    private static int roomiest(double[] minutes, int from, int to) {
        return IntStream.rangeClosed(from, Math.min(to, minutes.length - 1))
                .boxed()
                .max(Comparator.comparingDouble((Integer day) -> minutes[day]).thenComparing(Comparator.reverseOrder()))
                .orElse(minutes.length);
    }

    private static void small(List<Open> open, int day, double minutes, List<PlannedJob> turns) {
        double left = SHARE_OF_A_DAY * minutes;
        List<Open> due = open.stream()
                .filter(job -> job.next <= day)
                .sorted(Comparator.comparingDouble((Open job) -> -job.late(day)).thenComparing(job -> job.due.job()))
                .toList();
        boolean any = false;
        for (Open one : due) {
            boolean someClaws = !any && one.due.job() == CareJob.NAILS && !one.due.learning() && minutes >= SOME_CLAWS;
            double takes = someClaws ? Math.min(one.due.minutes(), minutes) : one.due.minutes();
            if (takes <= left || !any && takes <= minutes) {
                turns.add(one.taking(takes));
                left -= takes;
                any = true;
                open.set(open.indexOf(one), one.after(day));
            }
        }
    }

    public List<PlannedJob> on(int day) {
        return day < days.size() ? days.get(day) : List.of();
    }

    /** What the small jobs take on a day, all dogs together. */
    public double minutes(int day) {
        return on(day).stream()
                .filter(turn -> !turn.bath())
                .mapToDouble(PlannedJob::minutes)
                .sum();
    }

    /** The days on which one dog is bathed. */
    public List<Integer> baths(int dog) {
        return IntStream.range(0, days.size())
                .filter(day -> on(day).stream().anyMatch(turn -> turn.dog == dog && turn.bath()))
                .boxed()
                .toList();
    }
}
