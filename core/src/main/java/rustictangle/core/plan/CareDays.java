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
 * The small jobs of all dogs laid out over the days, and baths. A bath comes on the roomiest day of the week from its turn
 * on, one that is owed by its day, besides the day's minutes: nobody fits an hour into a quarter of one. Own choices.
 *
 * @param days what is done on each, 0 being today
 */
public record CareDays(List<List<PlannedJob>> days) {

    /** As the gate asks for it, and brushed on the very day or the day before: there is then time for what it finds. */
    static final int PROOF_HOLDS_DAYS = 1;

    private static final int BATH_WITHIN_DAYS = 7;

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

        /** The days on which a dog is bathed. */
        public List<Integer> baths(int dog) {
            List<List<PlannedJob>> baths = baths(Optional.empty());
            return IntStream.range(0, baths.size())
                    .filter(day -> baths.get(day).stream().anyMatch(bath -> bath.dog() == dog))
                    .boxed()
                    .toList();
        }

        /**
         * The baths of each day.
         *
         * @param settled what is done today; empty: whatever is due
         */
        List<List<PlannedJob>> baths(Optional<List<PlannedJob>> settled) {
            List<List<PlannedJob>> days = new ArrayList<>();
            minutes.forEach(day -> days.add(new ArrayList<>()));
            for (int dog = 0; dog < dogs.size(); dog++) {
                for (CareDue due : dogs.get(dog)) {
                    PlannedJob bath = new PlannedJob(dog, due.job(), due.minutes(), due.learning());
                    if (due.next().isPresent() && bath.bath()) {
                        boolean today = settled.filter(
                                        jobs -> jobs.stream().anyMatch(job -> job.dog == bath.dog && job.bath()))
                                .isPresent();
                        int next = (int)
                                ChronoUnit.DAYS.between(this.today, due.next().get());
                        int turn = today || due.doneToday() && next <= 0
                                ? due.gap() == 0 && today ? minutes.size() : Math.max(1, due.gap())
                                : next;
                        bathed(bath, due, turn, settled.isPresent() ? 1 : 0, days);
                    }
                }
            }
            return days;
        }

        private void bathed(PlannedJob bath, CareDue due, int next, int first, List<List<PlannedJob>> days) {
            int turn = Math.max(first, next);
            int on = due.owed()
                    ? roomiest(bath.dog, first, turn)
                    : roomiest(bath.dog, turn, turn + BATH_WITHIN_DAYS - 1);
            while (on < minutes.size()) {
                days.get(on).add(bath);
                if (due.gap() == 0) {
                    return;
                }
                turn = on + due.gap();
                on = roomiest(bath.dog, turn, turn + BATH_WITHIN_DAYS - 1);
            }
        }

        /**
         * Of the days from one to another the first with most minutes; where all of them are off, the first that is not;
         * one past the last where the plan ends before.
         */
        private int roomiest(int dog, int from, int to) {
            return IntStream.rangeClosed(from, Math.min(to, minutes.size() - 1))
                    .filter(day -> !off.get(dog).contains(day))
                    .boxed()
                    .max(Comparator.comparingDouble((Integer day) -> minutes.get(day))
                            .thenComparing(Comparator.reverseOrder()))
                    .orElseGet(() -> IntStream.range(Math.min(from, minutes.size()), minutes.size())
                            .filter(day -> !off.get(dog).contains(day))
                            .findFirst()
                            .orElse(minutes.size()));
        }
    }

    public CareDays {
        days = days.stream().map(List::copyOf).toList();
    }

    /** Minutes of small jobs that were done today. */
    static double done(List<List<CareDue>> dogs) {
        return dogs.stream()
                .flatMap(List::stream)
                .filter(due -> due.doneToday() && (due.job() != CareJob.BATH || due.learning()))
                .mapToDouble(CareDue::minutes)
                .sum();
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
}
