package rustictangle.core.care;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import rustictangle.core.Every;
import rustictangle.core.Reason;
import rustictangle.core.dog.Dog;
import rustictangle.core.kit.NailSchool;
import rustictangle.core.log.CareJob;
import rustictangle.core.log.Exercise;
import rustictangle.core.trust.Rung;
import rustictangle.core.trust.Spot;
import rustictangle.core.trust.Standing;
import rustictangle.core.trust.Trust;

/**
 * A job of one dog, and when its turn comes.
 *
 * @param every    days between two; 0: when it is wanted
 * @param ordered  whether a vet has ordered it: it does not wait for anything
 * @param last     when it was last done; for a job that is still learned, when it was last practised; empty: never
 * @param next     when its turn comes, or came; empty: when it is wanted
 * @param minutes  that it takes; of one that is still learned, of its practice
 * @param spot     its ladder, of two the one that is further climbed; empty: it has none
 * @param standing where the dog stands on it; empty: it has none
 * @param doneToday whether it was done, or practised, or left, today
 * @param owed     whether the whole of it has to be done, whatever the dog has learned so far: gel is in its coat
 */
public record CareDue(
        CareJob job,
        int every,
        boolean ordered,
        Optional<LocalDate> last,
        Optional<LocalDate> next,
        double minutes,
        Optional<Spot> spot,
        Optional<Standing> standing,
        boolean doneToday,
        boolean owed,
        Reason why) {

    /** A step toward a job is practised so often at least, days. Own estimate. */
    private static final int PRACTISED_EVERY = 3;

    /** A step of a ladder may wait so long when time is short, days. Own estimate. */
    private static final int STEP_WAITS = 4;

    private static final double PRACTICE_MINUTES = 1.5;
    /** What happened asks for a look so long, days. Own estimate: later the usual turn will do. */
    private static final int CALLED_DAYS = 2;
    /** One claw a day is a routine, too. */
    private static final int MOST_EVERY = 365;

    public static final String EVERY_LIMITS = "Give days between two, 1 to " + MOST_EVERY + "; 0: when it is wanted.";

    /**
     * What the owner has said of how often a job comes.
     *
     * @param every   days between two; 0: when it is wanted
     * @param ordered whether a vet has ordered it so
     */
    public record Chosen(int every, boolean ordered) {}

    public static boolean everyFits(int days) {
        return days >= 0 && days <= MOST_EVERY;
    }

    /**
     * Every job, in the order of {@link CareJob}. Of those that were never done only one new one a day comes up.
     *
     * @param chosen  the owner's own intervals; else the usual ones
     * @param claws   of the dog
     * @param nails   how many of them in a day
     * @param minutes that a bath takes, drying and line brushing included
     * @param owed    by when a bath is owed; empty: none is
     * @param dry     why it is not bathed at home as things stand; empty: it may be, if it is combed first
     */
    public static List<CareDue> of(
            Dog dog,
            Trust trust,
            CareDiary diary,
            Map<CareJob, Chosen> chosen,
            Claws claws,
            NailSchool nails,
            double minutes,
            Optional<LocalDate> owed,
            Optional<Reason> dry,
            LocalDate today) {
        List<CareDue> all = new ArrayList<>();
        // Today's new one may be done already: then the next is tomorrow's.
        int newJobs = diary.begunOn(today) ? 1 : 0;
        for (CareJob job : CareJob.values()) {
            Chosen own = chosen.getOrDefault(job, new Chosen(CareRules.of(job).every(dog), false));
            int every = own.every;
            Optional<Spot> spot = furthest(job, trust);
            Optional<Standing> standing = spot.map(trust::at);
            Optional<LocalDate> owes = owed.filter(day -> job == CareJob.BATH);
            boolean learning = owes.isEmpty() && isLearning(standing);
            Optional<LocalDate> worked = diary.lastWorked(job);
            boolean few = job == CareJob.NAILS && !learning && aFew(nails, standing);
            boolean underWay = job == CareJob.NAILS && claws.underWay();
            double whole = job == CareJob.BATH ? minutes : CareRules.of(job).minutes();
            double takes = learning
                    ? PRACTICE_MINUTES
                    : few ? whole * CLAWS_A_DAY / claws.claws().size() : whole;
            Optional<LocalDate> last = learning || few || underWay ? worked : done(job, diary, claws);
            // A puppy meets the tub and the water long before any bath is wanted.
            boolean comesUp = every > 0 || learning && dog.isPuppy();
            int days = learning ? stepEvery(every) : few ? share(every, takes) : underWay ? 1 : every;
            LocalDate turn =
                    worked.isPresent() ? last.map(day -> day.plusDays(days)).orElse(today) : today.plusDays(newJobs);
            newJobs += !comesUp || worked.isPresent() ? 0 : 1;
            Optional<LocalDate> called = diary.calledFor(job)
                    .filter(day -> every > 0 && turn.isAfter(today) && !day.isBefore(today.minusDays(CALLED_DAYS)));
            // The whole of it is not planned over what water would tighten; what it learns of it goes on.
            Optional<Reason> waits = dry.filter(why -> job == CareJob.BATH && !learning);
            Optional<LocalDate> next = waits.isPresent()
                    ? Optional.empty()
                    : Stream.of(Optional.of(turn).filter(day -> comesUp), called, owes)
                            .flatMap(Optional::stream)
                            .min(Comparator.naturalOrder());
            all.add(new CareDue(
                    job,
                    every,
                    own.ordered,
                    last,
                    next,
                    takes,
                    spot,
                    standing,
                    worked.filter(today::equals).isPresent(),
                    owes.isPresent(),
                    waits.or(() -> owes.map(CareDue::whyOwed))
                            .or(() -> called.map(day -> CareRules.of(job).askedFor(day)))
                            .orElse(why(job, own, comesUp, last, learning, few))));
        }
        return List.copyOf(all);
    }

    /** So many of the claws have their turn on a day where not all do. Common practice, no published source. */
    private static final int CLAWS_A_DAY = 2;

    /** On the ladder's last rung but one it gives a few claws, on the last a whole paw and the next. */
    private static boolean aFew(NailSchool school, Optional<Standing> standing) {
        return switch (school) {
            case ALL -> false;
            case A_FEW -> true;
            case BY_RUNG ->
                standing.filter(spot -> spot.rung().number() < Rung.HIGHEST).isPresent();
        };
    }

    /** Days from one of a few to the next, so that all have their turn in time. */
    private static int share(int every, double minutes) {
        return (int) Math.max(
                1, Math.floor(every * minutes / CareRules.of(CareJob.NAILS).minutes()));
    }

    private static Optional<Spot> furthest(CareJob job, Trust trust) {
        return Exercise.leadingTo(job).stream()
                .map(subject -> new Spot(subject, Optional.empty()))
                .reduce((one, other) ->
                        trust.at(other).rung().compareTo(trust.at(one).rung()) > 0 ? other : one);
    }

    private static Optional<LocalDate> done(CareJob job, CareDiary diary, Claws claws) {
        return job == CareJob.NAILS ? claws.allDone().or(() -> diary.lastDone(job)) : diary.lastDone(job);
    }

    private static boolean isLearning(Optional<Standing> standing) {
        return standing.filter(spot -> !spot.rung().readyForBrushing()).isPresent();
    }

    /** Whether its turn is today and it was not done yet. */
    public boolean due(LocalDate today) {
        return !doneToday && next.filter(day -> !day.isAfter(today)).isPresent();
    }

    /** The same with its turn on that day at the earliest. */
    public CareDue notBefore(LocalDate day) {
        return new CareDue(
                job,
                every,
                ordered,
                last,
                next.map(turn -> turn.isBefore(day) ? day : turn),
                minutes,
                spot,
                standing,
                doneToday,
                owed,
                why);
    }

    /** Days from one turn to the next as things stand, 1 or more; 0: only when it is wanted. */
    public int gap() {
        return learning() ? stepEvery(every) : few() ? share(every, minutes) : every;
    }

    /** Whether it is the turn of some claws only. */
    public boolean few() {
        return job == CareJob.NAILS
                && !learning()
                && minutes < CareRules.of(job).minutes();
    }

    /** Days that it may wait when time is short; 0: it does not. */
    public int waits() {
        return ordered
                ? 0
                : learning() || few() ? STEP_WAITS : CareRules.of(job).waits();
    }

    /** Whether what happened asks for it before its turn: such does not wait. */
    public boolean called() {
        return CareRules.of(job).asked().isPresent()
                && next.isPresent()
                && last.filter(day -> next.get().isBefore(day.plusDays(gap()))).isPresent();
    }

    private static int stepEvery(int every) {
        return every == 0 ? PRACTISED_EVERY : Math.min(PRACTISED_EVERY, every);
    }

    /** Whether the dog is still learning it: then the next step of its ladder is the job. */
    public boolean learning() {
        return !owed && isLearning(standing);
    }

    private static Reason whyOwed(LocalDate by) {
        return new Reason(
                "care.owed",
                "Gel went in: it is bathed by {" + by
                        + " date}, whatever it has learned so far. If it is afraid of the tub, "
                        + "do not force it: let the groomer do it.");
    }

    private static Reason why(
            CareJob job, Chosen own, boolean comesUp, Optional<LocalDate> last, boolean learning, boolean few) {
        String when = last.map(day -> " Last on {" + day + " date}.").orElse(" Not done yet.");
        if (!comesUp) {
            return new Reason("care.when-wanted", "It is done when you want it." + when);
        }
        if (few) {
            return new Reason(
                    "care.few-claws",
                    "One or two claws today, the others on other days: each has its turn " + Every.inWords(own.every)
                            + "." + when);
        }
        return learning
                ? new Reason(
                        "care.step-by-step",
                        "It is learned step by step: the next step of its ladder is today's job, every third day at least."
                                + when)
                : new Reason(
                        "care.every",
                        capitalized(Every.inWords(own.every)) + "."
                                + (own.ordered ? " The vet has ordered it: it never slips." : "") + when
                                + (CareRules.of(job).adds().isEmpty()
                                        ? ""
                                        : " " + CareRules.of(job).adds()));
    }

    private static String capitalized(String words) {
        return Character.toUpperCase(words.charAt(0)) + words.substring(1);
    }

    /** Jobs in the order of the enumeration, those whose turn is today. */
    public static List<CareDue> today(List<CareDue> all, LocalDate today) {
        return all.stream().filter(job -> job.due(today)).toList();
    }
}
