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
import rustictangle.core.Sure;
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
 * @param price of a minute on each day, besides itself; none: the minutes suffice
 * @param settled what the days to come are planned from while nothing of it is done
 * @param plan    of that
 */
public record Promise(
        List<Set<Section>> dogs,
        List<Set<Section>> added,
        List<CareDays.PlannedJob> care,
        PracticeDays practice,
        List<Double> price,
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
     * @param since    with what happened to the dogs today; empty: nothing did
     */
    public record Basis(
            LocalDate today,
            Map<DayOfWeek, Integer> set,
            List<PracticeDays.Asked> practice,
            Stand begun,
            Optional<Stand> since) {

        private double[] minutes(CareDays care, PracticeDays practised, int days) {
            return IntStream.range(0, days)
                    .mapToDouble(day -> Math.max(0, of(day) - care.minutes(day) - practised.minutes(day)))
                    .toArray();
        }

        /** The same with more on each day that has any, the small jobs at their price. */
        double[] minutes(List<Double> price, int days, int more) {
            double[] minutes = minutes(begun.care.laid(price), PracticeDays.laid(practice, price), days);
            Map<DayOfWeek, Integer> longer = longer(more);
            for (int day = 0; day < days; day++) {
                DayOfWeek weekday = today.plusDays(day).getDayOfWeek();
                minutes[day] += Sure.at(longer, weekday) - Sure.at(set, weekday);
            }
            return minutes;
        }

        /** What was chosen with so many minutes more on each day that has any; on every day where none has. */
        public Map<DayOfWeek, Integer> longer(int more) {
            boolean none = set.values().stream().allMatch(each -> each == 0);
            Map<DayOfWeek, Integer> longer = new EnumMap<>(DayOfWeek.class);
            set.forEach((day, each) -> longer.put(day, none || each > 0 ? each + more : 0));
            return longer;
        }

        private double of(int day) {
            return Sure.at(set, today.plusDays(day).getDayOfWeek());
        }
    }

    public Promise {
        dogs = dogs.stream().map(Set::copyOf).toList();
        added = added.stream().map(Set::copyOf).toList();
        care = List.copyOf(care);
        price = List.copyOf(price);
    }

    /** Minutes that there were for brushing as the day began; infinite: as many as it takes. */
    double minutes() {
        return settled.whole();
    }

    public static Promise of(Basis facts) {
        List<Set<Section>> nothing =
                facts.begun.dogs.stream().map(dog -> Set.<Section>of()).toList();
        CareDays chosen = facts.begun.care.asChosen();
        PracticeDays daily = PracticeDays.laid(facts.practice, List.of());
        HouseholdPlan first = plan(facts, facts.begun.work(nothing), chosen, daily);
        List<Double> price = first.price().stream().map(Promise::rounded).toList();
        CareDays care = facts.begun.care.laid(price);
        PracticeDays practice = PracticeDays.laid(facts.practice, price);
        Stand begun = facts.begun.practised(practice);
        HouseholdPlan plan = care.equals(chosen) && practice.equals(daily)
                ? first
                : plan(facts, begun.work(nothing), care, practice);
        List<Set<Section>> dogs = brushed(plan, begun.dogs.size());
        if (facts.since.isEmpty()) {
            return of(facts, begun.dogs, dogs, nothing, care, practice, price, plan);
        }
        Set<CareDays.PlannedJob> jobs = new LinkedHashSet<>(care.on(0));
        jobs.addAll(facts.since.get().care.laid(price).on(0));
        CareDays more = care.withToday(List.copyOf(jobs));
        Stand since = facts.since.get().practised(practice);
        HouseholdPlan with = plan(facts, since.work(dogs), more, practice);
        List<Set<Section>> all = brushed(with, begun.dogs.size());
        List<Set<Section>> added = new ArrayList<>();
        for (int dog = 0; dog < all.size(); dog++) {
            Set<Section> here = new LinkedHashSet<>(all.get(dog));
            here.removeAll(dogs.get(dog));
            added.add(here);
        }
        return of(facts, since.dogs, all, added, more, practice, price, with);
    }

    private static Promise of(
            Basis facts,
            List<Workload> work,
            List<Set<Section>> dogs,
            List<Set<Section>> added,
            CareDays care,
            PracticeDays practice,
            List<Double> price,
            HouseholdPlan plan) {
        List<Workload> settled = IntStream.range(0, work.size())
                .mapToObj(dog -> work.get(dog).with(Workload.Today.just(dogs.get(dog))))
                .toList();
        Optional<double[]> minutes = facts.set.isEmpty()
                ? Optional.empty()
                : Optional.of(facts.minutes(care, practice, HouseholdPlan.days(settled)));
        return new Promise(
                dogs,
                added,
                care.on(0),
                practice,
                price,
                PlanToday.Settled.of(
                        settled, minutes, minutes.map(each -> each[0]).orElse(Double.POSITIVE_INFINITY)),
                plan);
    }

    /**
     * What a minute is worth on a day, by the brushing in what the small jobs would leave of it at their chosen intervals: at
     * this price they, and practice, are laid out among it. To the nearest doubling, so that a little more or less moves nothing.
     */
    private static double rounded(double price) {
        return price <= 0 ? 0 : Math.pow(2, Math.round(Math.log(price) / Math.log(2)));
    }

    private static HouseholdPlan plan(Basis facts, List<Workload> work, CareDays care, PracticeDays practice) {
        return facts.set.isEmpty()
                ? HouseholdPlan.asItTakes(work)
                : HouseholdPlan.of(work, facts.minutes(care, practice, HouseholdPlan.days(work)));
    }

    private static List<Set<Section>> brushed(HouseholdPlan plan, int dogs) {
        return IntStream.range(0, dogs).mapToObj(dog -> plan.sectionsOn(dog, 0)).toList();
    }
}
