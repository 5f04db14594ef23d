package rustictangle.core.plan;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import rustictangle.core.Reason;
import rustictangle.core.care.CareDue;
import rustictangle.core.dog.Dog;
import rustictangle.core.dog.Section;
import rustictangle.core.kit.Approach;
import rustictangle.core.kit.LeadSchool;
import rustictangle.core.rhythm.Closed;
import rustictangle.core.rhythm.Comfort;
import rustictangle.core.routine.Picture;
import rustictangle.core.routine.RoutinePlace;
import rustictangle.core.routine.Sitting;
import rustictangle.core.trust.MayBegin;
import rustictangle.core.trust.Practice;
import rustictangle.core.trust.Readiness;

/**
 * One dog in the household's plan.
 *
 * @param order     of everything that is brushed
 * @param races     between trust and tangle, of the places in training, the ones that are lost first
 * @param may       what may be begun with it now
 * @param closed    where somebody must look first
 * @param sitting   the longest there may be; empty: as long as both are at ease
 * @param practices for today, done or not
 * @param care      every job at the table, due or not
 * @param done      where it was brushed today
 * @param brushed   whether it came to a stroke today, in a session that is over
 * @param groom     when a groomer sees it next; empty: nobody said
 * @param backOn    on which day there is time for it again; empty: there is today
 */
public record PlannedDog(
        long id,
        String name,
        Picture picture,
        List<Section> order,
        List<Race> races,
        MayBegin may,
        List<Closed> closed,
        Optional<Sitting> sitting,
        List<Practice> practices,
        List<CareDue> care,
        Set<Section> done,
        boolean brushed,
        Optional<LocalDate> groom,
        Optional<LocalDate> backOn,
        Workload work) {

    /**
     * What a dog's work follows from.
     *
     * @param baths days on which it is bathed, 0 being today
     * @param off   when nothing is done with it
     * @param groom when a groomer sees it next; empty: nobody said
     * @param going whether a session of it is going on
     * @param setUp minutes of a session besides the brushing
     */
    public record WorkBasis(
            LocalDate today,
            Comfort comfort,
            Dog dog,
            Picture picture,
            List<Integer> baths,
            List<DaysOff> off,
            Optional<LocalDate> groom,
            boolean going,
            double setUp,
            Approach approach,
            MayBegin may) {

        /** What it asks for, whether it is left in peace just now or not. */
        public Workload.Basis work() {
            List<RoutinePlace> places = places();
            return new Workload.Basis(
                    picture.forecast(),
                    comfort,
                    PlannedDog.places(places, closed(places), races(places, 1)),
                    new Workload.Sessions(
                            setUp,
                            going,
                            Sitting.of(dog, approach.hand()).map(Sitting::atMost),
                            approach.lead().filter(LeadSchool::daily).isPresent(),
                            approach.ways().amount()),
                    groom.map(day -> (int) ChronoUnit.DAYS.between(today, day)),
                    baths,
                    DaysOff.among(off, today, Workload.MOST_DAYS));
        }

        private List<RoutinePlace> places() {
            return picture.routine(picture.kit().brushed()).places();
        }

        private Map<Section, Reason> closed(List<RoutinePlace> places) {
            Map<Section, Reason> closed = new EnumMap<>(Section.class);
            places.forEach(place -> may.keptFrom(place.section()).ifPresent(why -> closed.put(place.section(), why)));
            return closed;
        }

        private List<Race> races(List<RoutinePlace> places, int every) {
            return PlannedDog.races(picture, closed(places).keySet(), every);
        }
    }

    /**
     * All that a dog's part in the plan follows from.
     *
     * @param work  of it, as it follows from that
     * @param done  where it was brushed today
     * @param worked whether it came to a stroke today
     * @param every  after how many days it practises again
     */
    public record Basis(
            long id,
            String name,
            WorkBasis of,
            Workload work,
            Set<Section> done,
            boolean worked,
            List<Practice> practices,
            int every,
            List<CareDue> care,
            List<Closed> closed) {}

    public static PlannedDog of(Basis facts) {
        WorkBasis of = facts.of;
        List<RoutinePlace> places = of.places();
        Workload work = facts.work.practisedEvery(facts.every);
        return new PlannedDog(
                facts.id,
                facts.name,
                of.picture,
                places.stream().map(RoutinePlace::section).toList(),
                of.races(places, facts.every),
                of.may,
                facts.closed,
                Sitting.of(of.dog, of.approach.hand()),
                facts.practices,
                facts.care,
                Set.copyOf(facts.done),
                facts.worked && !of.going,
                of.groom,
                DaysOff.backOn(of.off, of.today),
                of.may.peace().brushing().isPresent() ? work.with(Workload.Today.NOTHING) : work);
    }

    private boolean inPeace() {
        return may.peace().brushing().isPresent();
    }

    /** What it asks for where this is settled of today; nothing today while it is left in peace. */
    Workload work(Workload.Today settled) {
        return inPeace() ? work : work.with(settled);
    }

    /** Of what was promised for today what is left; what is too little for a session of its own waits. */
    Set<Section> left(Set<Section> promised) {
        Set<Section> left = promised.stream()
                .filter(section -> !inPeace()
                        && !done.contains(section)
                        && work.places().containsKey(section)
                        && work.place(section).today())
                .collect(Collectors.toCollection(LinkedHashSet::new));
        double minutes = left.stream()
                .mapToDouble(section -> work.place(section).minutes())
                .sum();
        return brushed && minutes < work.setUp(0) ? Set.of() : left;
    }

    /** @param every after how many days it practises again */
    private static List<Race> races(Picture picture, Set<Section> closed, int every) {
        List<Race> races = new ArrayList<>();
        // A day holds a few practices: whose turn comes later is ready later.
        int before = 0;
        for (Section section :
                Practice.inTurn(picture.trust().notReady(picture.kit().brushed()))) {
            Readiness readiness = picture.trust().readiness(section).orElseThrow();
            if (!closed.contains(section)) {
                races.add(Race.of(
                        section,
                        picture.forecast().at(section).orElseThrow(),
                        readiness.waiting(before / Practice.MOST_PLACES).practisedEvery(every),
                        picture.trust().at(section).orElseThrow().afterFear()));
            }
            before += readiness.median().orElse(Readiness.LONGEST_DAYS);
        }
        races.sort(Comparator.comparingDouble(Race::matsThen).reversed());
        return Race.together(races);
    }

    private static Map<Section, Workload.PlaceWork> places(
            List<RoutinePlace> places, Map<Section, Reason> closed, List<Race> races) {
        Map<Section, Optional<Integer>> ready = races.stream().collect(Collectors.toMap(Race::section, Race::ready));
        Map<Section, Workload.PlaceWork> work = new EnumMap<>(Section.class);
        for (RoutinePlace place : places) {
            double minutes = place.seconds() / 60;
            work.put(
                    place.section(),
                    closed.containsKey(place.section())
                            ? Workload.PlaceWork.closed(minutes, closed.get(place.section()))
                            : ready.containsKey(place.section())
                                    ? Workload.PlaceWork.inTraining(minutes, ready.get(place.section()))
                                    : Workload.PlaceWork.ready(minutes));
        }
        return work;
    }

    /** Of practice that leads to brushing, done or not; all else takes what is left of the day. */
    int practiceSeconds(boolean done) {
        return practices.stream()
                .filter(practice -> practice.doneToday() == done)
                .mapToInt(Practice::secondsOfTheDay)
                .sum();
    }

    /** Those that are practised, not brushed. */
    public List<Section> inTraining() {
        return races.stream().map(Race::section).toList();
    }
}
