package rustictangle.server.care;

import java.time.Clock;
import java.time.LocalDate;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Component;
import rustictangle.core.Reason;
import rustictangle.core.care.CareCaution;
import rustictangle.core.care.CareDiary;
import rustictangle.core.care.CareDue;
import rustictangle.core.care.CareRules;
import rustictangle.core.care.Damp;
import rustictangle.core.care.Supply;
import rustictangle.core.dog.Dog;
import rustictangle.core.dog.Section;
import rustictangle.core.log.BathKind;
import rustictangle.core.log.CareJob;
import rustictangle.core.log.Log;
import rustictangle.core.rhythm.OwedBath;
import rustictangle.core.routine.Sitting;
import rustictangle.core.trust.MayBegin;
import rustictangle.server.coat.KnownDog;
import rustictangle.server.kit.KitLoader;
import rustictangle.server.log.Logs;
import rustictangle.server.trust.Doors;
import rustictangle.server.trust.StandingView;
import rustictangle.server.trust.TrustLoader;

/** Shows what a dog's care asks for. */
@Component
record CareViews(CareLoader care, TrustLoader trusts, KitLoader kits, Logs logs, Clock clock) {

    /**
     * @param jobs     all of them, due or not
     * @param teeth    of the last days, today last
     * @param damp     a dog that is wet, or was not felt dry everywhere; absent: it is dry
     * @param owedBath that gel asks for; absent: none is owed
     * @param sitting  how long one sitting may be; absent: as long as both are at ease
     * @param notAtHome what is left to others
     * @param inPeace  why nothing is done today any more; absent: it may
     */
    record DogCare(
            LocalDate today,
            List<JobView> jobs,
            List<ToothDay> teeth,
            Optional<DampView> damp,
            Optional<Reason> owedBath,
            Optional<Reason> sitting,
            List<Reason> notAtHome,
            Optional<Reason> inPeace) {}

    /**
     * @param due       whether its turn is today
     * @param every     days between two; 0: when it is wanted
     * @param ordered   whether a vet has ordered it
     * @param choosable what there is to choose from instead
     * @param last      absent: never
     * @param next      today or later; absent: when it is wanted
     * @param standing  absent: it has no ladder
     * @param learning  whether the next step of its ladder is the job
     * @param doneToday whether it was done, practised or left today
     * @param child     whether a child may do it, with an adult beside
     * @param needs     of each of these one
     * @param mayNot    why it is not begun now; absent: it may
     * @param wholeMayNot the same of the whole of it, where the dog still learns it
     */
    record JobView(
            CareJob job,
            boolean due,
            int every,
            boolean ordered,
            List<CareRules.Choosable> choosable,
            Optional<LocalDate> last,
            Optional<LocalDate> next,
            double minutes,
            Optional<StandingView> standing,
            boolean learning,
            boolean doneToday,
            boolean child,
            List<CareNeed> needs,
            Optional<Reason> mayNot,
            Optional<Reason> wholeMayNot,
            Reason why) {}

    /**
     * @param have the one of them that lies there; absent: none does
     * @param size which size suits this dog, of each that has sizes
     */
    record CareNeed(List<Supply> any, Optional<Supply> have, Map<Supply, String> size) {}

    /** @param how absent: nothing was said, and nothing is counted against anybody */
    record ToothDay(LocalDate day, Optional<CareDiary.How> how) {}

    /**
     * @param bath absent: it swam or was soaked
     * @param felt place by place in the order in which they stay damp
     */
    record DampView(LocalDate since, Optional<BathKind> bath, List<Felt> felt, Optional<Reason> warning) {

        static DampView of(Damp damp) {
            return new DampView(
                    damp.since().day(),
                    damp.bath(),
                    damp.toFeel().stream()
                            .map(section -> new Felt(
                                    section, Optional.ofNullable(damp.felt().get(section))))
                            .toList(),
                    damp.warning());
        }
    }

    /** @param dry absent: no hand has felt it yet */
    record Felt(Section section, Optional<Boolean> dry) {}

    private static final int TOOTH_DAYS = 28;

    DogCare of(KnownDog known) {
        LocalDate today = LocalDate.now(clock);
        Log log = logs.of(known.id());
        MayBegin may = trusts.may(known);
        CareDiary diary = CareDiary.of(log);
        return new DogCare(
                today,
                care.of(known).stream().map(due -> job(known, due, may, today)).toList(),
                today.minusDays(TOOTH_DAYS - 1L)
                        .datesUntil(today.plusDays(1))
                        .map(day ->
                                new ToothDay(day, diary.on(CareJob.TEETH, day).map(CareDiary.Done::how)))
                        .toList(),
                damp(known),
                OwedBath.of(log, today).map(OwedBath::why),
                Sitting.of(known.dog(), kits.approach(known.id()).hand()).map(Sitting::why),
                CareCaution.notAtHome(),
                may.peace().care());
    }

    /** @throws rustictangle.core.Refused when hands are off this job now */
    void refuseClosed(KnownDog known, CareJob job) {
        Doors.refuse(trusts.may(known).care(job, false));
    }

    Optional<DampView> damp(KnownDog known) {
        return Damp.last(logs.of(known.id()), LocalDate.now(clock)).map(DampView::of);
    }

    private static Map<Supply, String> sizes(List<Supply> any, Dog dog) {
        Map<Supply, String> sizes = new EnumMap<>(Supply.class);
        any.forEach(supply -> supply.size(dog).ifPresent(size -> sizes.put(supply, size)));
        return sizes;
    }

    private JobView job(KnownDog known, CareDue due, MayBegin may, LocalDate today) {
        CareRules rules = CareRules.of(due.job());
        Optional<Reason> mayNot = may.care(due.job(), due.learning());
        Map<Supply, Optional<Integer>> supplies = care.supplies();
        return new JobView(
                due.job(),
                mayNot.isEmpty() && due.due(today),
                due.every(),
                due.ordered(),
                rules.choosable(known.dog(), due.every()),
                due.last(),
                due.next().map(day -> day.isBefore(today) ? today : day),
                due.minutes(),
                due.standing().map(standing -> StandingView.of(due.spot().orElseThrow(), standing)),
                due.learning(),
                due.doneToday(),
                rules.child(),
                rules.needs().stream()
                        .map(any -> new CareNeed(
                                any, any.stream().filter(supplies::containsKey).findFirst(), sizes(any, known.dog())))
                        .toList(),
                mayNot,
                may.care(due.job(), false),
                due.why());
    }
}
