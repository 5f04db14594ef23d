package rustictangle.server.plan;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.temporal.ChronoUnit;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;
import rustictangle.core.Reason;
import rustictangle.core.Refused;
import rustictangle.core.dog.Section;
import rustictangle.core.log.CareJob;
import rustictangle.core.log.Log;
import rustictangle.core.plan.BrushedWeek;
import rustictangle.core.plan.DaysOff;
import rustictangle.core.plan.HouseholdPlan;
import rustictangle.core.plan.PlanToday;
import rustictangle.core.plan.PlannedDog;
import rustictangle.core.plan.SectionThread;
import rustictangle.core.plan.Waiting;
import rustictangle.core.routine.SetUp;
import rustictangle.core.session.SessionLog;
import rustictangle.server.coat.DogLoader;
import rustictangle.server.household.HouseholdLoader;
import rustictangle.server.log.Logs;
import rustictangle.server.plan.HomeController.PickView;
import rustictangle.server.visit.VisitService;

/** The days up to the groomers' dates. */
@RestController
record PlanController(
        Plans plans,
        AskedDayStore asked,
        DaysOffStore daysOff,
        DogLoader dogs,
        Logs logs,
        VisitService visits,
        HouseholdLoader households) {

    /**
     * @param asItTakes  whether no minutes were set
     */
    record WeekView(LocalDate today, boolean asItTakes, List<DayPlan> days, List<DogEnd> dogs) {}

    /**
     * @param minutes that were set for this day; absent: as many as it takes
     * @param seconds of all sessions, setting up included
     * @param practiceSeconds that are still to be practised
     * @param care    the small jobs, and baths
     * @param off     dogs with which nothing is done
     */
    record DayPlan(
            LocalDate day,
            Optional<Integer> minutes,
            double seconds,
            int practiceSeconds,
            List<PickView> picks,
            List<HomeController.CareTurn> care,
            List<Long> off) {}

    /**
     * What is to be expected of a dog by the end.
     *
     * @param groom absent: nobody said; then it is looked at for some weeks
     * @param nobodyKnows places of which nobody knows what is in them: they are in neither sum
     */
    record DogEnd(
            long id,
            String name,
            LocalDate until,
            Optional<LocalDate> groom,
            double matsPlanned,
            double matsIfNothing,
            int nobodyKnows) {}

    /**
     * @param threads of the sections whose hair mats, and that are brushed
     * @param care    the jobs at the table that do not come every day or two
     */
    record ThreadView(
            LocalDate today,
            LocalDate until,
            Optional<LocalDate> groom,
            List<ThreadLine> threads,
            List<CareDay> care) {}

    /**
     * The long view: a calendar's page of weeks, this one the first.
     *
     * @param first of the page; its first days may lie behind
     * @param days  from today to its end
     * @param mats  expected of all dogs by the evening of each of them, rounded
     * @param weeks of brushing, some behind and some ahead
     */
    record MonthView(
            LocalDate today,
            LocalDate first,
            List<DogName> dogs,
            List<DayPlan> days,
            List<HouseholdPlan.Mats> mats,
            List<GroomDay> grooms,
            List<BrushedWeek> weeks) {}

    record DogName(long id, String name) {}

    /** @param hour absent: only the day is known */
    record GroomDay(String dog, LocalDate day, Optional<LocalTime> hour) {}

    /** @param days on which it comes, 0 being today */
    record CareDay(CareJob job, List<Integer> days) {}

    /**
     * One section, day by day from today to the end.
     *
     * @param brushed days on which it is brushed, 0 being today
     * @param nobodyKnows what is in the hair: the figures up to the first brushing are only reckoned with
     * @param knot    the day on which it has matted, rather than not, if nothing is done; absent: not until the end
     */
    record ThreadLine(
            Section section,
            List<Integer> brushed,
            double[] tanglesPlanned,
            double[] matsPlanned,
            double[] tanglesIfNothing,
            double[] matsIfNothing,
            boolean nobodyKnows,
            Optional<Integer> knot) {

        static ThreadLine of(SectionThread thread) {
            return new ThreadLine(
                    thread.section(),
                    thread.brushed(),
                    rounded(thread.planned(), true),
                    rounded(thread.planned(), false),
                    rounded(thread.nothing(), true),
                    rounded(thread.nothing(), false),
                    thread.nobodyKnows(),
                    thread.knot());
        }

        private static double[] rounded(List<SectionThread.Expected> days, boolean tangles) {
            return days.stream()
                    .mapToDouble(day -> PlanController.rounded(tangles ? day.tangles() : day.mats()))
                    .toArray();
        }
    }

    @GetMapping("/api/week")
    WeekView week() {
        PlanToday now = plans.now();
        return new WeekView(
                now.today(),
                now.set().isEmpty(),
                IntStream.range(0, now.daysTold())
                        .mapToObj(day -> day(now, day))
                        .toList(),
                IntStream.range(0, now.dogs().size())
                        .mapToObj(dog -> end(now, dog))
                        .toList());
    }

    /**
     * @param job   absent: practice
     * @param until absent: not in the days that are planned
     */
    record WaitingView(long dogId, Optional<CareJob> job, Optional<LocalDate> until, Reason why) {}

    /** What has come to its turn and waits on a day, and why. */
    @GetMapping("/api/waits/{day}")
    List<WaitingView> waits(@PathVariable LocalDate day) {
        PlanToday now = plans.now();
        long ahead = ChronoUnit.DAYS.between(now.today(), day);
        if (ahead < 0 || ahead >= now.daysPlanned()) {
            throw new Refused(
                    "day",
                    "Choose a day from " + now.today() + " to " + now.today().plusDays(now.daysPlanned() - 1L)
                            + ": these are planned.");
        }
        return Waiting.on(now, (int) ahead).stream()
                .map(one -> new WaitingView(now.dogs().get(one.dog()).id(), one.job(), one.until(), one.why()))
                .toList();
    }

    @GetMapping("/api/month")
    MonthView month() {
        PlanToday now = plans.now();
        DayOfWeek weekStart = households.get().weekStart();
        LocalDate first = BrushedWeek.first(now.today(), weekStart);
        LocalDate end = first.plusWeeks(BrushedWeek.AHEAD);
        int days = (int) ChronoUnit.DAYS.between(now.today(), end);
        return new MonthView(
                now.today(),
                first,
                now.dogs().stream()
                        .map(dog -> new DogName(dog.id(), dog.name()))
                        .toList(),
                IntStream.range(0, days).mapToObj(day -> day(now, day)).toList(),
                now.plan().mats(days).stream()
                        .map(mats -> new HouseholdPlan.Mats(rounded(mats.planned()), rounded(mats.nothing())))
                        .toList(),
                visits.since(now.today()).stream()
                        .filter(visit -> visit.day().isBefore(end))
                        .map(visit -> new GroomDay(visit.dog(), visit.day(), visit.hour()))
                        .toList(),
                BrushedWeek.of(
                        now,
                        now.dogs().stream().map(this::brushed).toList(),
                        asked.since(BrushedWeek.since(now.today(), weekStart)),
                        weekStart));
    }

    private Map<LocalDate, Double> brushed(PlannedDog dog) {
        Log log = logs.of(dog.id());
        return SessionLog.brushedByDay(log, 60 * SetUp.learned(log));
    }

    private static double rounded(double mats) {
        return Math.round(1000 * mats) / 1000.0;
    }

    private DayPlan day(PlanToday now, int day) {
        LocalDate date = now.today().plusDays(day);
        return new DayPlan(
                date,
                Optional.ofNullable(now.set().get(date.getDayOfWeek())),
                60 * now.plan().minutes(day),
                now.practiceSeconds(day),
                HomeController.picks(now, day),
                HomeController.care(now, day),
                now.dogs().stream()
                        .map(PlannedDog::id)
                        .filter(dog -> DaysOff.backOn(daysOff.of(dog), date).isPresent())
                        .toList());
    }

    private static DogEnd end(PlanToday now, int dog) {
        PlannedDog member = now.dogs().get(dog);
        HouseholdPlan.End end = now.plan().end(dog);
        return new DogEnd(
                member.id(),
                member.name(),
                now.today().plusDays(member.work().daysTold()),
                member.groom(),
                end.mats().planned(),
                end.mats().nothing(),
                end.nobodyKnows());
    }

    @GetMapping("/api/dogs/{dogId}/thread")
    ThreadView thread(@PathVariable long dogId) {
        dogs.get(dogId);
        PlanToday now = plans.now();
        int dog = now.position(dogId);
        PlannedDog member = now.dogs().get(dog);
        return new ThreadView(
                now.today(),
                now.today().plusDays(member.work().daysTold()),
                member.groom(),
                now.plan().threads(dog).stream().map(ThreadLine::of).toList(),
                care(now, dogId, member.work().daysTold()));
    }

    private static List<CareDay> care(PlanToday now, long dogId, int days) {
        return Arrays.stream(CareJob.values())
                .map(job -> new CareDay(
                        job,
                        IntStream.range(0, days)
                                .filter(day -> PlanCalendar.worthADay(now, day).stream()
                                        .anyMatch(turn -> turn.dogId() == dogId && turn.job() == job))
                                .boxed()
                                .toList()))
                .filter(line -> !line.days().isEmpty())
                .toList();
    }
}
