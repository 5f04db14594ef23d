package rustictangle.core.plan;

import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.BitSet;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import rustictangle.core.care.CareDue;
import rustictangle.core.log.CareJob;

/**
 * All that is done with the dogs besides brushing.
 *
 * @param open     what is still to be laid out
 * @param today    what is done today, whatever else
 * @param baths    on each day, besides its minutes
 * @param practice on which days it is practised; empty: that is still to be laid out
 */
record Chores(
        List<Chore> open,
        List<CareDays.PlannedJob> today,
        List<List<CareDays.PlannedJob>> baths,
        Optional<PracticeDays> practice) {

    static final Chores NONE = new Chores(List.of(), List.of(), List.of(), Optional.of(PracticeDays.NONE));

    /** So much is a claw or two: a few a day is a routine, too, minutes. */
    private static final double SOME_CLAWS = 2;

    Chores {
        open = List.copyOf(open);
        today = List.copyOf(today);
        baths = baths.stream().map(List::copyOf).toList();
    }

    static Chores of(CareDays.Asked care, List<PracticeDays.Asked> practice) {
        List<Chore> open = new ArrayList<>(small(care, List.of()));
        IntStream.range(0, practice.size())
                .filter(dog -> practice.get(dog).minutes() > 0)
                .mapToObj(dog -> Chore.practice(dog, practice.get(dog)))
                .forEach(open::add);
        return new Chores(open, List.of(), care.baths(Optional.empty()), Optional.empty());
    }

    /** @param today what is done today */
    private static List<Chore> small(CareDays.Asked care, List<CareDays.PlannedJob> today) {
        double most =
                care.minutes().stream().mapToDouble(Double::doubleValue).max().orElse(0);
        List<Chore> small = new ArrayList<>();
        for (int n = 0; n < care.dogs().size(); n++) {
            int dog = n;
            List<Integer> off = care.off().get(dog);
            for (CareDue due : care.dogs().get(dog)) {
                boolean bath = due.job() == CareJob.BATH && !due.learning();
                if (due.next().isPresent() && !bath) {
                    boolean claws = due.job() == CareJob.NAILS && !due.learning() && most >= SOME_CLAWS;
                    double minutes = claws ? Math.min(due.minutes(), most) : due.minutes();
                    int next = (int)
                            ChronoUnit.DAYS.between(care.today(), due.next().get());
                    boolean done = due.doneToday() && next <= 0
                            || today.stream()
                                    .anyMatch(job -> job.dog() == dog
                                            && job.job() == due.job()
                                            && job.learning() == due.learning());
                    small.add(done ? Chore.doneToday(dog, due, minutes, off) : Chore.of(dog, due, next, minutes, off));
                }
            }
        }
        return oneAfterTheOther(small);
    }

    /** Of what was left for long, or never done, each dog has one more a day. Own choice. */
    private static List<Chore> oneAfterTheOther(List<Chore> small) {
        Map<Integer, Integer> before = new HashMap<>();
        return small.stream()
                .map(chore -> chore.neglected() && !chore.ordered()
                        ? chore.notBefore(before.merge(chore.dog(), 1, Integer::sum) - 1)
                        : chore)
                .toList();
    }

    /** The same with what is done today at least, and practice on these days. */
    static Chores atLeast(CareDays.Asked care, List<CareDays.PlannedJob> today, PracticeDays practice) {
        return new Chores(small(care, today), today, care.baths(Optional.empty()), Optional.of(practice));
    }

    /** What comes after today where this and nothing else is done in it, and its minutes are taken off already. */
    static Chores afterToday(CareDays.Asked care, List<CareDays.PlannedJob> today, PracticeDays practice) {
        return new Chores(
                small(care, today).stream().map(chore -> chore.notBefore(1)).toList(),
                List.of(),
                care.baths(Optional.of(today)),
                Optional.of(practice.afterToday()));
    }

    /** The same with practice on these days. */
    Chores practised(PracticeDays days) {
        return new Chores(
                open.stream().filter(chore -> chore.job().isPresent()).toList(), today, baths, Optional.of(days));
    }

    /** What may wait, for the planner. */
    private List<Chore> loose() {
        return open.stream().filter(chore -> !chore.ordered()).toList();
    }

    /**
     * Nothing to set up, and no sitting that it belongs to.
     *
     * @param chosen whether their own minutes cost nothing
     * @return empty: nothing waits
     */
    Optional<DogJobs> jobs(int end, boolean chosen) {
        List<Job> jobs = loose().stream().map(chore -> chore.job(end, chosen)).toList();
        return jobs.isEmpty()
                ? Optional.empty()
                : Optional.of(new DogJobs(
                        jobs, 0, 0, Double.POSITIVE_INFINITY, Double.POSITIVE_INFINITY, false, new double[0]));
    }

    /**
     * @param care     the jobs at the table, and baths
     * @param practice on which days each dog practises
     */
    record Laid(CareDays care, PracticeDays practice) {

        /** What all of it takes on a day. */
        double minutes(int day) {
            return care.minutes(day) + practice.minutes(day);
        }
    }

    /** Where there is time for all of it. */
    Laid asChosen(int end) {
        return laid(loose().stream().map(chore -> chore.asChosen(end)).toList(), end);
    }

    /** What is laid out whatever else. */
    Laid fixed(int end) {
        return laid(loose().stream().map(chore -> new BitSet()).toList(), end);
    }

    /** @param days of each of those that may wait */
    Laid laid(List<BitSet> days, int end) {
        List<List<CareDays.PlannedJob>> table = new ArrayList<>();
        for (int day = 0; day < Math.max(end, baths.size()); day++) {
            table.add(new ArrayList<>(day < baths.size() ? baths.get(day) : List.of()));
        }
        today.stream().filter(job -> !table.get(0).contains(job)).forEach(table.get(0)::add);
        open.stream().filter(Chore::ordered).forEach(chore -> chore.asChosen(end).stream()
                .forEach(day -> table.get(day).add(chore.planned())));
        List<Chore> loose = loose();
        List<BitSet> practised = new ArrayList<>();
        List<Chore> practices = new ArrayList<>();
        for (int i = 0; i < loose.size(); i++) {
            Chore chore = loose.get(i);
            if (chore.job().isPresent()) {
                days.get(i).stream().forEach(day -> table.get(day).add(chore.planned()));
            } else {
                practices.add(chore);
                practised.add(days.get(i));
            }
        }
        table.forEach(day ->
                day.sort(Comparator.comparingInt(CareDays.PlannedJob::dog).thenComparing(CareDays.PlannedJob::job)));
        return new Laid(new CareDays(table), practice.orElseGet(() -> PracticeDays.of(practices, practised)));
    }
}
