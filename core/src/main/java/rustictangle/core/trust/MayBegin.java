package rustictangle.core.trust;

import java.time.LocalDate;
import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;
import rustictangle.core.Reason;
import rustictangle.core.coat.Coat;
import rustictangle.core.dog.Dog;
import rustictangle.core.dog.Section;
import rustictangle.core.kit.Hand;
import rustictangle.core.kit.Kit;
import rustictangle.core.log.BathKind;
import rustictangle.core.log.CareJob;
import rustictangle.core.log.Exercise;
import rustictangle.core.log.Log;
import rustictangle.core.rhythm.Closed;
import rustictangle.core.rhythm.ClosedJob;

/**
 * What may be begun with a dog now, where, and by whom: the one rule that every door asks, of brushing, of practice, and
 * of each job at the table. Common practice, no published source.
 *
 * @param notAChild  why a child does not brush this dog at all; empty: no child brushes, or it may
 * @param child      whether the hand that brushes is a child's
 * @param closed     for the gravest reason
 * @param jobs       that are closed
 * @param trust      where it is practised, not brushed; empty: nowhere
 * @param water      what is known of the coat before it gets wet
 */
public record MayBegin(
        Peace peace,
        boolean child,
        Optional<Reason> notAChild,
        Map<Section, Closed> closed,
        Map<CareJob, ClosedJob> jobs,
        Optional<Trust> trust,
        BathGate.Basis water) {

    /** Nothing was said that forbids anything. */
    public static final MayBegin ANYTHING = new MayBegin(
            Peace.NONE, false, Optional.empty(), Map.of(), Map.of(), Optional.empty(), BathGate.Basis.NOTHING);

    public MayBegin {
        closed = Map.copyOf(closed);
        jobs = Map.copyOf(jobs);
    }

    /** @param hand that holds the brush */
    public static MayBegin of(Dog dog, Coat coat, Kit kit, Trust trust, Log log, Hand hand, LocalDate today) {
        Map<Section, Closed> closed = new EnumMap<>(Section.class);
        Closed.of(log, today).forEach(place -> closed.putIfAbsent(place.section(), place));
        Map<CareJob, ClosedJob> jobs = new EnumMap<>(CareJob.class);
        ClosedJob.of(log, today).forEach(job -> jobs.put(job.job(), job));
        boolean warned =
                closed.values().stream().anyMatch(place -> place.warning().isPresent())
                        || jobs.values().stream().anyMatch(job -> job.warning().isPresent());
        boolean child = hand == Hand.CHILD;
        return new MayBegin(
                Peace.of(log, today),
                child,
                child ? notAChild(dog, trust, warned) : Optional.empty(),
                closed,
                jobs,
                Optional.of(trust),
                BathGate.Basis.of(coat, kit, trust, log, today));
    }

    private static Optional<Reason> notAChild(Dog dog, Trust trust, boolean warned) {
        if (warned) {
            return Optional.of(new Reason(
                    "trust.child-warned",
                    "It has growled, snapped or bitten, and nobody has opened that again: no child’s hands on this dog. "
                            + "Choose an adult’s hand."));
        }
        return dog.mayBeFrightened() || !trust.readyEverywhere()
                ? Optional.of(new Reason(
                        "trust.child-training",
                        "It is still learning to be brushed, or may be afraid: that is an adult’s work, a child watches. "
                                + "Choose an adult’s hand."))
                : Optional.empty();
    }

    /** Why nothing is brushed now, whatever the place; empty: it may be. */
    public Optional<Reason> brushing() {
        return peace.brushing().or(() -> notAChild);
    }

    /** Why it is not brushed at this place now; empty: it may be. */
    public Optional<Reason> brushing(Section section) {
        return brushing()
                .or(() -> keptFrom(section))
                .or(() -> trust.filter(standing -> !standing.readyAt(section)).isPresent()
                        ? Optional.of(new Reason(
                                "trust.not-ready",
                                "The dog does not accept real brushing here yet: it is practised, not brushed. If you must hold "
                                        + "it hard, you are at the wrong step."))
                        : Optional.empty());
    }

    /** Why it is not brushed there, today or tomorrow, until somebody says something; empty: nothing keeps hands away. */
    public Optional<Reason> keptFrom(Section section) {
        return notAChild.or(() -> closedAt(section)).or(() -> childsPlaces()
                .filter(why -> !Hand.CHILD.reaches(section)));
    }

    /** Where a child brushes; empty: an adult does. */
    public Optional<Reason> childsPlaces() {
        return child
                ? Optional.of(new Reason(
                        "trust.child-places",
                        "A child’s hand: the back and the sides only, with a brush that cannot scratch, five minutes at "
                                + "most, an adult beside. The rest is an adult’s."))
                : Optional.empty();
    }

    /** Why nobody has any business there before somebody has looked; empty: it is not closed. */
    public Optional<Reason> closedAt(Section section) {
        return Optional.ofNullable(closed.get(section)).map(Closed::why);
    }

    /** Why this is not practised now; empty: it may be. */
    public Optional<Reason> practice(Spot spot) {
        return peace.brushing()
                .or(() -> child
                        ? Optional.of(new Reason(
                                "trust.child-practice", "Practice is an adult’s work. Choose an adult’s hand."))
                        : Optional.empty())
                .or(() -> spot.section()
                        .flatMap(section -> Optional.ofNullable(closed.get(section)))
                        .filter(place -> !place.practised())
                        .map(Closed::why))
                .or(() -> Optional.of(spot.subject())
                        .filter(Exercise.class::isInstance)
                        .flatMap(exercise -> ((Exercise) exercise).job())
                        .flatMap(job -> Optional.ofNullable(jobs.get(job)))
                        .filter(job -> !job.practised())
                        .map(ClosedJob::why))
                .or(() -> everywhere())
                .or(() -> wets(spot).flatMap(kind -> gate(kind).shutTo(water, kind)));
    }

    /** How much of the coat the rung of this ladder wets; empty: it stays dry. */
    public Optional<BathKind> wets(Spot spot) {
        return trust.flatMap(
                standing -> Ladder.of(spot.subject()).wets(standing.at(spot).rung()));
    }

    /** What stands between the coat and the water, as it is now. */
    public BathGate gate(BathKind kind) {
        return BathGate.of(water, kind);
    }

    /** Why it is not bathed now; empty: it may be. */
    public Optional<Reason> bath(BathKind kind) {
        return care(CareJob.BATH, false).or(() -> gate(kind).shut());
    }

    /** A bite at no place in particular closes every exercise, too. */
    private Optional<Reason> everywhere() {
        return closed.values().stream()
                .filter(place -> place.everywhere() && !place.practised())
                .findFirst()
                .map(Closed::why);
    }

    /**
     * Why this job is not done now; empty: it may be.
     *
     * @param learning whether only the next step of its ladder is the job
     */
    public Optional<Reason> care(CareJob job, boolean learning) {
        return (learning ? peace.brushing() : peace.care()).or(() -> Optional.ofNullable(jobs.get(job))
                .filter(closing -> jobClosed(job, learning))
                .map(ClosedJob::why));
    }

    /** Whether hands stay off this job until somebody says something. */
    public boolean jobClosed(CareJob job, boolean learning) {
        return Optional.ofNullable(jobs.get(job))
                .filter(closing -> !(learning && closing.practised()))
                .isPresent();
    }
}
