package rustictangle.core.plan;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import rustictangle.core.care.CareDue;
import rustictangle.core.log.CareJob;

/**
 * The small jobs of all dogs laid out over the days.
 *
 * <p>They are paid with the same minutes as the brushing. A job of {@code c} minutes that may wait {@code J} days costs
 * {@code c·(E/J)²} after {@code E} days; at a price {@code π} of a day's minutes, besides themselves, it is therefore
 * cheapest every {@code J·√π} days. It never comes before its chosen interval, nor after more than twice {@code J}: on days
 * with minutes to spare as chosen, on short ones later, as far as mats would cost more. However many there are, they take
 * half of a day at most, but for one of them. What was never done goes first, then what is latest. A bath comes on the
 * roomiest day of the week from its turn on, one that is owed by its day, besides those minutes: nobody fits an hour into
 * a quarter of one. What a vet has ordered comes on its day, whatever there is time for. Own choices.
 *
 * @param days what is done on each, 0 being today
 */
public record CareDays(List<List<PlannedJob>> days) {

    /** As the gate asks for it, and brushed on the very day or the day before: there is then time for what it finds. */
    static final int PROOF_HOLDS_DAYS = 1;

    /** Who leaves them undone for weeks is still asked to brush. */
    private static final double SHARE_OF_A_DAY = 0.5;
    /** No job waits longer than so many times what it may. */
    private static final double MOST_WAITS = 2;

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

    /**
     * What the household is asked for at the table.
     *
     * @param dogs    what each of them asks for; none of a dog that is left in peace today
     * @param off     by the same, days on which nothing is done, 0 being today
     * @param minutes there are each day; as long as the plan looks ahead
     */
    public record Asked(List<List<CareDue>> dogs, List<List<Integer>> off, LocalDate today, List<Double> minutes) {

        /** Of dogs that are there every day. */
        public Asked(List<List<CareDue>> dogs, LocalDate today, List<Double> minutes) {
            this(dogs, dogs.stream().map(dog -> List.<Integer>of()).toList(), today, minutes);
        }

        public Asked {
            off = off.stream().map(List::copyOf).toList();
            dogs = dogs.stream().map(List::copyOf).toList();
            minutes = List.copyOf(minutes);
        }

        /** @param price of a minute on each day, besides itself; days beyond its end: 0 */
        public CareDays laid(List<Double> price) {
            return CareDays.of(this, price, Optional.empty());
        }

        /** The same where it is settled what is done today. */
        public CareDays laid(List<Double> price, List<PlannedJob> today) {
            return CareDays.of(this, price, Optional.of(today));
        }

        /** As if every day had minutes to spare. */
        public CareDays asChosen() {
            return laid(List.of());
        }
    }

    /**
     * @param off   days on which it is not done
     * @param never whether it was never done
     */
    private record Open(int dog, CareDue due, List<Integer> off, int next, boolean never) {

        /** Days since it was done last. */
        private double waited(int day) {
            return day - next + due.gap();
        }

        /** After how many days its turn is at a price, 1 or more. */
        private double turn(double price) {
            int gap = Math.max(1, due.gap());
            return due.waits() == 0 || due.called()
                    ? gap
                    : Math.max(gap, Math.min(MOST_WAITS * due.waits(), due.waits() * Math.sqrt(price)));
        }

        boolean comes(int day, double price) {
            return next <= day && !off.contains(day) && (never || waited(day) >= Math.floor(turn(price)));
        }

        /** How late it is, in its own turns. */
        double late(int day, double price) {
            return never ? Double.POSITIVE_INFINITY : waited(day) / turn(price);
        }

        boolean is(PlannedJob job) {
            return dog == job.dog && due.job() == job.job && due.learning() == job.learning;
        }

        Open notBefore(int day) {
            return new Open(dog, due, off, Math.max(day, next), never);
        }

        Open after(int day) {
            return new Open(dog, due, off, due.gap() == 0 ? Integer.MAX_VALUE : day + due.gap(), false);
        }

        PlannedJob taking(double minutes) {
            return new PlannedJob(dog, due.job(), minutes, due.learning());
        }
    }

    public CareDays {
        days = days.stream().map(List::copyOf).toList();
    }

    /** @param settled what is done today; empty: whatever is due */
    private static CareDays of(Asked asked, List<Double> price, Optional<List<PlannedJob>> settled) {
        List<List<CareDue>> dogs = asked.dogs;
        List<Double> minutes = asked.minutes;
        List<List<PlannedJob>> days = new ArrayList<>();
        minutes.forEach(day -> days.add(new ArrayList<>()));
        List<Open> open = new ArrayList<>();
        for (int dog = 0; dog < dogs.size(); dog++) {
            for (CareDue due : dogs.get(dog)) {
                if (due.next().isPresent()) {
                    int next = (int)
                            ChronoUnit.DAYS.between(asked.today, due.next().get());
                    int turn = due.doneToday() && next <= 0 ? Math.max(1, due.gap()) : next;
                    open.add(new Open(
                            dog, due, asked.off.get(dog), turn, due.last().isEmpty()));
                }
            }
        }
        settled.ifPresent(jobs -> {
            days.get(0).addAll(jobs);
            open.replaceAll(one -> jobs.stream().anyMatch(one::is) ? one.after(0) : one.notBefore(1));
        });
        List<Open> baths = open.stream().filter(job -> job.taking(0).bath()).toList();
        int first = settled.isPresent() ? 1 : 0;
        baths.forEach(bath -> baths(bath, first, minutes, days));
        open.removeAll(baths);
        for (int day = first; day < minutes.size(); day++) {
            small(
                    open,
                    day,
                    minutes.get(day),
                    day == 0 ? done(dogs) : 0,
                    day < price.size() ? price.get(day) : 0,
                    days.get(day));
        }
        return new CareDays(days);
    }

    private static void baths(Open bath, int first, List<Double> minutes, List<List<PlannedJob>> days) {
        int turn = Math.max(first, bath.next);
        int on = bath.due.owed()
                ? roomiest(bath, minutes, first, turn)
                : roomiest(bath, minutes, turn, turn + BATH_WITHIN_DAYS - 1);
        while (on < minutes.size()) {
            days.get(on).add(bath.taking(bath.due.minutes()));
            if (bath.due.gap() == 0) {
                return;
            }
            turn = on + bath.due.gap();
            on = roomiest(bath, minutes, turn, turn + BATH_WITHIN_DAYS - 1);
        }
    }

    /**
     * Of the days from one to another the first with most minutes; where all of them are off, the first that is not; one
     * past the last where the plan ends before.
     */
    private static int roomiest(Open bath, List<Double> minutes, int from, int to) {
        return IntStream.rangeClosed(from, Math.min(to, minutes.size() - 1))
                .filter(day -> !bath.off.contains(day))
                .boxed()
                .max(Comparator.comparingDouble((Integer day) -> minutes.get(day))
                        .thenComparing(Comparator.reverseOrder()))
                .orElseGet(() -> IntStream.range(Math.min(from, minutes.size()), minutes.size())
                        .filter(day -> !bath.off.contains(day))
                        .findFirst()
                        .orElse(minutes.size()));
    }

    /** Minutes of small jobs that were done today. */
    static double done(List<List<CareDue>> dogs) {
        return dogs.stream()
                .flatMap(List::stream)
                .filter(due -> due.doneToday() && (due.job() != CareJob.BATH || due.learning()))
                .mapToDouble(CareDue::minutes)
                .sum();
    }

    private static void small(
            List<Open> open, int day, double minutes, double done, double price, List<PlannedJob> turns) {
        double left = SHARE_OF_A_DAY * minutes - done;
        List<Open> due = open.stream()
                .filter(job -> job.comes(day, price))
                .sorted(Comparator.comparing((Open job) -> !job.due.ordered())
                        .thenComparingDouble(job -> -job.late(day, price))
                        .thenComparing(job -> job.due.job()))
                .toList();
        boolean any = done > 0;
        for (Open one : due) {
            boolean someClaws = !any && one.due.job() == CareJob.NAILS && !one.due.learning() && minutes >= SOME_CLAWS;
            double takes = someClaws ? Math.min(one.due.minutes(), minutes) : one.due.minutes();
            if (one.due.ordered() || takes <= left || !any && takes <= minutes) {
                turns.add(one.taking(takes));
                left -= takes;
                any = true;
                open.set(open.indexOf(one), one.after(day));
            }
        }
    }

    CareDays withToday(List<PlannedJob> jobs) {
        List<List<PlannedJob>> all = new ArrayList<>(days);
        all.set(0, jobs);
        return new CareDays(all);
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
