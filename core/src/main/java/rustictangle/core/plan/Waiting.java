package rustictangle.core.plan;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.BitSet;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.IntPredicate;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import rustictangle.core.Reason;
import rustictangle.core.Sure;
import rustictangle.core.dog.Section;
import rustictangle.core.log.CareJob;
import rustictangle.core.rhythm.Outlook;

/**
 * What has come to its turn by a day, and waits on it: why not that day?
 *
 * @param dog   by its position
 * @param job   at the table; empty: practice that leads to brushing
 * @param until when it comes; empty: not in the days that are planned
 * @param why   what takes its place
 */
public record Waiting(int dog, Optional<CareJob> job, Optional<LocalDate> until, Reason why) {

    /**
     * Something that waits, and minutes that it takes.
     *
     * @param bath whether it comes besides the day's minutes
     */
    private record Asked(int dog, Optional<CareJob> job, double minutes, boolean bath) {}

    /** So many places are named. */
    private static final int NAMED = 3;

    /**
     * A place that is brushed on the day.
     *
     * @param worth what a minute of it saves until its next turn, minutes
     * @param mats  what it saves in mats, minutes
     * @param loose the same in loose hair
     */
    private record Kept(int dog, Section section, double minutes, double worth, double mats, double loose) {}

    /** @param day of those that are planned, 0 being today */
    public static List<Waiting> on(PlanToday now, int day) {
        List<Kept> kept = now.plan().on(day).stream()
                .map(place -> kept(now, place, day))
                .sorted(Comparator.comparingDouble(Kept::worth))
                .toList();
        return (day == 0 ? today(now) : later(now, day))
                .stream()
                        .map(asked -> new Waiting(
                                asked.dog,
                                asked.job,
                                next(now, asked, day).map(now.today()::plusDays),
                                why(now, asked, day, kept)))
                        .toList();
    }

    private static List<Asked> today(PlanToday now) {
        List<Asked> all = new ArrayList<>();
        for (int dog = 0; dog < now.dogs().size(); dog++) {
            int here = dog;
            PlannedDog of = now.dogs().get(dog);
            if (of.backOn().isPresent()) {
                continue;
            }
            of.care().stream()
                    .filter(due -> due.due(now.today())
                            && of.may().care(due.job(), due.learning()).isEmpty()
                            && now.care().on(0).stream()
                                    .noneMatch(turn -> turn.dog() == here && turn.job() == due.job()))
                    .map(due -> new Asked(
                            here, Optional.of(due.job()), due.minutes(), due.job() == CareJob.BATH && !due.learning()))
                    .forEach(all::add);
            if (of.practices().stream().anyMatch(each -> each.leadsToBrushing() && !each.doneToday())) {
                all.addAll(practice(now, dog, 0));
            }
        }
        return all;
    }

    private static List<Asked> later(PlanToday now, int day) {
        List<Asked> all = new ArrayList<>();
        for (Chore chore : now.settled().chores().open()) {
            IntPredicate on = other -> planned(now, chore.dog(), chore.job(), other);
            int last = IntStream.iterate(day, other -> other >= 0, other -> other - 1)
                    .filter(on)
                    .findFirst()
                    .orElse(-1);
            int turn = last < 0 ? chore.next() : chore.gap() == 0 ? Integer.MAX_VALUE : last + chore.gap();
            if (turn <= day && !chore.off().contains(day)) {
                all.add(new Asked(chore.dog(), chore.job(), chore.minutes(), false));
            }
        }
        for (int dog = 0; dog < now.dogs().size(); dog++) {
            if (!now.dogs().get(dog).work().off().contains(day)) {
                all.addAll(practice(now, dog, day));
            }
        }
        return all;
    }

    private static List<Asked> practice(PlanToday now, int dog, int day) {
        PracticeDays practice = now.promise().practice();
        return Optional.ofNullable(practice.dogs().get(dog))
                .filter(of -> !practice.on(dog, day))
                .map(of -> new Asked(dog, Optional.empty(), of.minutes(), false))
                .stream()
                .toList();
    }

    private static boolean planned(PlanToday now, int dog, Optional<CareJob> job, int day) {
        return job.map(at -> now.care().on(day).stream().anyMatch(turn -> turn.dog() == dog && turn.job() == at))
                .orElseGet(() -> now.promise().practice().on(dog, day));
    }

    private static Optional<Integer> next(PlanToday now, Asked asked, int day) {
        return IntStream.range(day + 1, now.care().days().size())
                .filter(other -> planned(now, asked.dog, asked.job, other))
                .boxed()
                .findFirst();
    }

    private static Reason why(PlanToday now, Asked asked, int day, List<Kept> kept) {
        if (asked.bath) {
            return new Reason("plan.roomy-day", "A bath takes its time beside the day’s: it comes on a roomy day.");
        }
        double spare = now.spare(day);
        if (spare >= asked.minutes) {
            return new Reason("plan.room-for-it", "There are minutes for it: do it if you like.");
        }
        List<Kept> gone = new ArrayList<>();
        for (Kept place : kept) {
            if (spare < asked.minutes) {
                gone.add(place);
                spare += place.minutes;
            }
        }
        String whose = day == 0 ? "Today’s" : "That day’s";
        return spare < asked.minutes
                ? new Reason(
                        "plan.cannot-wait-as-long",
                        whose
                                + " minutes are too few for it beside what cannot wait as long. Whoever has more time may do "
                                + "it all the same.")
                : new Reason(
                        "plan.instead",
                        whose + " minutes go to "
                                + IntStream.range(0, now.dogs().size())
                                        .filter(dog -> gone.stream().anyMatch(place -> place.dog == dog))
                                        .mapToObj(dog -> now.dogs().get(dog).name() + " (" + places(gone, dog) + ")")
                                        .collect(Collectors.joining(" and "))
                                + what(gone) + ".");
    }

    private static String places(List<Kept> gone, int dog) {
        List<String> places = gone.stream()
                .filter(place -> place.dog == dog)
                .map(place -> place.section.label())
                .toList();
        int more = places.size() - NAMED;
        return places.stream().limit(NAMED).collect(Collectors.joining("; "))
                + (more > 0 ? " and " + more + " more" : "");
    }

    /** What they save most. */
    private static String what(List<Kept> gone) {
        double mats = gone.stream().mapToDouble(Kept::mats).sum();
        double loose = gone.stream().mapToDouble(Kept::loose).sum();
        return mats >= loose ? ", where they keep mats from forming" : ", where loose hair has to come out";
    }

    private static Kept kept(PlanToday now, HouseholdPlan.PlannedPlace place, int day) {
        Workload work = now.dogs().get(place.dog()).work();
        BitSet days = Sure.at(now.plan().of(place.dog()), place.section());
        int before = days.previousSetBit(day - 1);
        int next = days.nextSetBit(day + 1);
        int end = next < 0 ? work.days() : next;
        Outlook outlook = work.forecast().at(place.section()).orElseThrow();
        return new Kept(
                place.dog(),
                place.section(),
                place.minutes(),
                work.leaving(place.section(), before, day, end) / place.minutes(),
                work.comfort().minutesPerMat()
                        * (mats(outlook, before, end) - mats(outlook, before, day) - outlook.mats(day, end)),
                place.minutes()
                        * work.comfort().looseHair()
                        * (loose(outlook, before, end) - loose(outlook, before, day) - outlook.looseHair(day, end)));
    }

    /** That form from one day on which it is brushed, or from now on, to another. */
    private static double mats(Outlook outlook, int from, int to) {
        return from < 0 ? outlook.mats(to) - outlook.mats(0) : outlook.mats(from, to);
    }

    private static double loose(Outlook outlook, int from, int to) {
        return from < 0 ? outlook.looseHair(to) : outlook.looseHair(from, to);
    }
}
