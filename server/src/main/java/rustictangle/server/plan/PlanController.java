package rustictangle.server.plan;

import java.time.LocalDate;
import java.util.Arrays;
import java.util.BitSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;
import rustictangle.core.dog.Section;
import rustictangle.core.plan.HouseholdPlan;
import rustictangle.core.plan.SectionThread;
import rustictangle.server.coat.DogLoader;
import rustictangle.server.plan.HomeController.PickView;

/** The days up to the groomers' dates. */
@RestController
class PlanController {

    /**
     * @param asItTakes  whether no minutes were set
     * @param practiceSeconds of every day, besides the minutes for brushing
     * @param gap        the plan is at most so far from the best there is, as a part of its cost
     */
    record WeekView(
            LocalDate today,
            boolean asItTakes,
            int practiceSeconds,
            double gap,
            List<DayPlan> days,
            List<DogEnd> dogs) {}

    /** @param minutes that were set for this day; absent: as many as it takes */
    record DayPlan(LocalDate day, Optional<Integer> minutes, int seconds, List<PickView> picks) {}

    /**
     * What is to be expected of a dog by the end.
     *
     * @param groom absent: nobody said; then it is looked at for some weeks
     */
    record DogEnd(
            long id,
            String name,
            LocalDate until,
            Optional<LocalDate> groom,
            double matsPlanned,
            double matsIfNothing) {}

    /** @param threads of the sections whose hair mats, and that are brushed */
    record ThreadView(LocalDate today, LocalDate until, Optional<LocalDate> groom, List<ThreadLine> threads) {}

    /**
     * One section, day by day from today to the end.
     *
     * @param brushed days on which it is brushed, 0 being today
     * @param knot    the day on which it has matted, rather than not, if nothing is done; absent: not until the end
     */
    record ThreadLine(
            Section section,
            List<Integer> brushed,
            double[] tanglesPlanned,
            double[] matsPlanned,
            double[] tanglesIfNothing,
            double[] matsIfNothing,
            Optional<Integer> knot) {

        static ThreadLine of(SectionThread thread) {
            return new ThreadLine(
                    thread.section(),
                    thread.brushed(),
                    rounded(thread.planned(), true),
                    rounded(thread.planned(), false),
                    rounded(thread.nothing(), true),
                    rounded(thread.nothing(), false),
                    thread.knot());
        }

        private static double[] rounded(List<SectionThread.Expected> days, boolean tangles) {
            return days.stream()
                    .mapToDouble(day -> Math.round(1000 * (tangles ? day.tangles() : day.mats())) / 1000.0)
                    .toArray();
        }
    }

    private final Plans plans;
    private final DogLoader dogs;

    PlanController(Plans plans, DogLoader dogs) {
        this.plans = plans;
        this.dogs = dogs;
    }

    @GetMapping("/api/week")
    WeekView week() {
        Plans.Now now = plans.now();
        int days = HouseholdPlan.days(
                now.members().stream().map(Plans.Member::kept).toList(), now.today());
        return new WeekView(
                now.today(),
                now.minutes().isEmpty(),
                now.members().stream().mapToInt(Plans.Member::practiceSeconds).sum(),
                now.plan().gap(),
                IntStream.range(0, days).mapToObj(day -> day(now, day)).toList(),
                IntStream.range(0, now.members().size())
                        .mapToObj(dog -> end(now, dog))
                        .toList());
    }

    private static DayPlan day(Plans.Now now, int day) {
        List<HouseholdPlan.Place> places = now.plan().on(day);
        LocalDate date = now.today().plusDays(day);
        return new DayPlan(
                date,
                Optional.ofNullable(now.household().minutes().get(date.getDayOfWeek())),
                places.stream().mapToInt(HouseholdPlan.Place::seconds).sum(),
                HomeController.picks(now, places));
    }

    private static DogEnd end(Plans.Now now, int dog) {
        Plans.Member member = now.members().get(dog);
        List<SectionThread> threads = threads(now, dog);
        return new DogEnd(
                member.known().id(),
                member.known().name(),
                member.kept().until(),
                member.groom(),
                threads.stream()
                        .mapToDouble(thread -> last(thread.planned()).mats())
                        .sum(),
                threads.stream()
                        .mapToDouble(thread -> last(thread.nothing()).mats())
                        .sum());
    }

    private static SectionThread.Expected last(List<SectionThread.Expected> days) {
        return days.get(days.size() - 1);
    }

    private static List<SectionThread> threads(Plans.Now now, int dog) {
        Map<Section, BitSet> brushed = now.plan().of(dog);
        return Arrays.stream(Section.values())
                .filter(brushed::containsKey)
                .flatMap(section ->
                        SectionThread.of(now.members().get(dog).kept(), section, brushed.get(section), now.today())
                                .stream())
                .toList();
    }

    @GetMapping("/api/dogs/{dogId}/thread")
    ThreadView thread(@PathVariable long dogId) {
        dogs.get(dogId);
        Plans.Now now = plans.now();
        int dog = IntStream.range(0, now.members().size())
                .filter(i -> now.members().get(i).known().id() == dogId)
                .findFirst()
                .orElseThrow();
        Plans.Member member = now.members().get(dog);
        return new ThreadView(
                now.today(),
                member.kept().until(),
                member.groom(),
                threads(now, dog).stream().map(ThreadLine::of).toList());
    }
}
