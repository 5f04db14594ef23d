package rustictangle.core.plan;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import rustictangle.core.dog.Section;

/**
 * What the day asks for, fixed as it begins: it follows from how things stood before anything was done today, so that
 * doing things brings nothing new, and every device and every start of the program finds the same. What happens to a dog
 * adds to it where there are minutes for that, and takes nothing out of it.
 *
 * @param dogs  by the position of the dogs, where each is brushed
 * @param added of that, by the same, what came in for what happened today
 * @param care  what is done at the table
 * @param practice on which days each dog practises
 * @param settled what the days to come are planned from while nothing of it is done
 * @param plan    of that
 */
public record Promise(
        List<Set<Section>> dogs,
        List<Set<Section>> added,
        List<CareDays.PlannedJob> care,
        PracticeDays practice,
        PlanToday.Settled settled,
        HouseholdPlan plan) {

    /**
     * How things stood at one moment of the day, whatever was done in it.
     *
     * @param dogs what each of them asks for
     * @param care the same at the table
     */
    public record Stand(List<Workload> dogs, CareDays.Asked care) {

        public Stand {
            dogs = List.copyOf(dogs);
        }

        /** The same where practice comes as seldom as that. */
        Stand practised(PracticeDays practice) {
            return new Stand(
                    IntStream.range(0, dogs.size())
                            .mapToObj(dog -> dogs.get(dog).practisedEvery(practice.every(dog)))
                            .toList(),
                    care);
        }

        private List<Workload> work(List<Set<Section>> sure) {
            return IntStream.range(0, dogs.size())
                    .mapToObj(dog -> dogs.get(dog).with(Workload.Today.atLeast(sure.get(dog))))
                    .toList();
        }
    }

    /**
     * All that it follows from.
     *
     * @param set      minutes a day that the household has chosen; none: as many as it takes
     * @param practice what each dog practises, as the day began
     * @param begun    as the day began
     */
    public record Basis(LocalDate today, Map<DayOfWeek, Integer> set, List<PracticeDays.Asked> practice, Stand begun) {

        /** @param set minutes of each day of the week; none: as many as it takes */
        private HouseholdPlan plan(
                List<Workload> work, Chores chores, Map<DayOfWeek, Integer> set, Optional<HouseholdPlan> like) {
            return set.isEmpty()
                    ? HouseholdPlan.asItTakes(work, chores)
                    : HouseholdPlan.of(work, chores, PlanToday.minutes(set, today), 0, like);
        }

        /** The plan of the morning with more minutes on each day that has any. */
        HouseholdPlan with(int more, Promise promise) {
            return plan(
                    begun.practised(promise.practice).dogs,
                    Chores.of(begun.care, practice).practised(promise.practice),
                    longer(more),
                    Optional.of(promise.plan));
        }

        /** What was chosen with so many minutes more on each day that has any; on every day where none has. */
        public Map<DayOfWeek, Integer> longer(int more) {
            boolean none = set.values().stream().allMatch(each -> each == 0);
            Map<DayOfWeek, Integer> longer = new EnumMap<>(DayOfWeek.class);
            set.forEach((day, each) -> longer.put(day, none || each > 0 ? each + more : 0));
            return longer;
        }
    }

    public Promise {
        dogs = dogs.stream().map(Set::copyOf).toList();
        added = added.stream().map(Set::copyOf).toList();
        care = List.copyOf(care);
    }

    /** Minutes that there were for brushing as the day began; infinite: as many as it takes. */
    double minutes() {
        return settled.minutes(0);
    }

    public static Promise of(Basis facts) {
        Chores chores = Chores.of(facts.begun.care, facts.practice);
        List<Set<Section>> nothing = nothing(facts.begun);
        HouseholdPlan first = facts.plan(facts.begun.work(nothing), chores, facts.set, Optional.empty());
        PracticeDays practice = first.practice();
        Stand begun = facts.begun.practised(practice);
        HouseholdPlan plan = begun.equals(facts.begun)
                ? first
                : facts.plan(begun.work(nothing), chores.practised(practice), facts.set, Optional.of(first));
        return of(facts, begun, brushed(plan, begun.dogs.size()), nothing, plan);
    }

    private static List<Set<Section>> nothing(Stand stand) {
        return stand.dogs.stream().map(dog -> Set.<Section>of()).toList();
    }

    /**
     * The same with what happened to the dogs since: all that was promised, and more where there are minutes for it.
     *
     * @param facts that this one follows from
     */
    public Promise and(Basis facts, Stand happened) {
        Stand since = happened.practised(practice);
        HouseholdPlan with =
                facts.plan(since.work(dogs), Chores.atLeast(since.care, care, practice), facts.set, Optional.of(plan));
        List<Set<Section>> all = brushed(with, dogs.size());
        List<Set<Section>> more = new ArrayList<>();
        for (int dog = 0; dog < all.size(); dog++) {
            Set<Section> here = new LinkedHashSet<>(all.get(dog));
            here.removeAll(dogs.get(dog));
            more.add(here);
        }
        return of(facts, since, all, more, with);
    }

    private static Promise of(
            Basis facts, Stand stand, List<Set<Section>> dogs, List<Set<Section>> added, HouseholdPlan plan) {
        List<CareDays.PlannedJob> care = plan.care().on(0);
        return new Promise(
                dogs,
                added,
                care,
                plan.practice(),
                new PlanToday.Settled(
                        IntStream.range(0, dogs.size())
                                .mapToObj(dog -> stand.dogs.get(dog).with(Workload.Today.just(dogs.get(dog))))
                                .toList(),
                        Chores.afterToday(stand.care, care, plan.practice()),
                        facts.set,
                        facts.today,
                        plan.care().minutes(0) + plan.practice().minutes(0)),
                plan);
    }

    private static List<Set<Section>> brushed(HouseholdPlan plan, int dogs) {
        return IntStream.range(0, dogs).mapToObj(dog -> plan.sectionsOn(dog, 0)).toList();
    }
}
