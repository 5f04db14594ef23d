package rustictangle.core.trust;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Collections;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.concurrent.ConcurrentHashMap;
import rustictangle.core.dog.Dog;
import rustictangle.core.dog.Section;
import rustictangle.core.kit.Kit;
import rustictangle.core.kit.SectionKit;
import rustictangle.core.log.Log;
import rustictangle.core.log.Signal;
import rustictangle.core.log.Subject;

/**
 * Where the dog stands on every ladder: a fold of its answers.
 *
 * <p>A ladder that was never tried begins where the dog's history lets it, or a few rungs below the best ladder that
 * is its neighbour: another tool at the same place, or the same tool at a place the dog minds about as much.
 */
public final class Trust {

    /** First rung where the dog minds little, by history. Own estimates. */
    private static final int START_GENTLE = 10;

    private static final int START_ROUGH_GROOM = 4;
    private static final int START_UNKNOWN = 3;
    private static final int START_PUPPY = 1;
    /** A tool or position that does not lead anywhere yet begins so many rungs lower than the tool that does. */
    private static final int LOWER_FOR_ANOTHER_SUBJECT = 4;
    /** Rungs below a neighbour. Own estimates. */
    private static final int BELOW_SAME_TOOL_NEXT_PLACE = 2;

    private static final int BELOW_OTHER_TOOL_SAME_PLACE = 3;
    /** Places whose sensitivity ranks differ by no more than this are neighbours. Own estimate. */
    private static final int NEIGHBOUR_RANKS = 1;

    /** What the answers on another ladder say of this one. Own estimate. */
    private static final double SHARE_OF_OTHER_LADDERS = 0.2;

    /** So far back answers still say something, days. Own estimate. */
    private static final int REMEMBERED_DAYS = 3 * 365;
    /** The newest of one tool at one place that still say something: four times what the whole ladder takes. Own estimate. */
    private static final int REMEMBERED_ANSWERS = 120;

    /**
     * @param last the day of the last answer
     * @param nos  how often it was a no on that day
     * @param answers below the rung where a place is brushed
     */
    private record Tried(Standing standing, LocalDate last, int nos, List<Turn> turns, Readiness.Answers answers) {}

    /** Where a ladder stood at the end of a day on which it moved. */
    public record Turn(LocalDate day, Rung rung) {}

    private final Dog dog;
    private final Map<Section, Subject> leads;
    private final Map<Spot, Tried> tried;
    private final LocalDate today;
    /** Reckoned when it is asked for. */
    private final Map<Section, Readiness> readiness = new ConcurrentHashMap<>();

    private Trust(Dog dog, Map<Section, Subject> leads, Map<Spot, Tried> tried, LocalDate today) {
        this.dog = dog;
        this.leads = leads;
        this.tried = new LinkedHashMap<>(tried);
        this.today = today;
    }

    /**
     * @param kit    which tool leads where
     * @param trials the dog's answers, oldest first
     */
    public static Trust of(Dog dog, Kit kit, List<Trial> trials, LocalDate today) {
        return new Trust(dog, leads(kit), Map.of(), today).after(trials);
    }

    /** Where it stands after more answers, oldest first. */
    public Trust after(List<Trial> trials) {
        Trust trust = new Trust(dog, leads, tried, today);
        trials.forEach(trust::hear);
        return trust;
    }

    /**
     * The dog's answers before today that still say something, oldest first: older ones, newer ones have made
     * meaningless.
     */
    public static List<Trial> answersBefore(Log log, LocalDate today) {
        return log.readBefore(Trial.ANSWERS, today, answers -> remembered(answers, today));
    }

    private static List<Trial> remembered(List<Trial> answers, LocalDate today) {
        List<Trial> trials = answers.stream()
                .filter(trial -> !trial.day().isBefore(today.minusDays(REMEMBERED_DAYS)))
                .toList();
        Map<List<Object>, Integer> seen = new HashMap<>();
        List<Trial> newest = new ArrayList<>();
        for (int i = trials.size() - 1; i >= 0; i--) {
            Trial trial = trials.get(i);
            if (seen.merge(List.of(trial.subject(), trial.section()), 1, Integer::sum) <= REMEMBERED_ANSWERS) {
                newest.add(trial);
            }
        }
        Collections.reverse(newest);
        return newest;
    }

    private static Map<Section, Subject> leads(Kit kit) {
        Map<Section, Subject> leads = new EnumMap<>(Section.class);
        for (SectionKit here : kit.sections()) {
            if (here.need().brushed()) {
                Lesson.with(here.need().lead())
                        .ifPresent(subject -> leads.put(here.need().section(), subject));
            }
        }
        return Collections.unmodifiableMap(leads);
    }

    private void hear(Trial trial) {
        Optional<Subject> subject = trial.subject().or(() -> trial.section().map(leads::get));
        if (subject.isEmpty()) {
            return; // Nothing is brushed there any more.
        }
        Spot spot =
                new Spot(subject.get(), Lesson.of(subject.get()).placeByPlace() ? trial.section() : Optional.empty());
        Standing before = standing(spot, trial.day());
        Standing after = before.after(trial.signal());
        List<Turn> turns =
                new ArrayList<>(tried.containsKey(spot) ? tried.get(spot).turns() : List.of());
        if (turns.isEmpty() || turns.get(turns.size() - 1).rung() != after.rung()) {
            turns.removeIf(turn -> turn.day().equals(trial.day()));
            turns.add(new Turn(trial.day(), after.rung()));
        }
        int nos = practisedOn(spot, trial.day()) ? tried.get(spot).nos() : 0;
        Readiness.Answers answers = tried.containsKey(spot) ? tried.get(spot).answers() : Readiness.Answers.NONE;
        tried.put(
                spot,
                new Tried(
                        after,
                        trial.day(),
                        trial.signal().isNo() ? nos + 1 : nos,
                        turns,
                        before.rung().readyForBrushing() ? answers : answers.and(one(trial.signal()), 1)));
    }

    private static Readiness.Answers one(Signal signal) {
        return signal.isNo()
                ? new Readiness.Answers(0, 0, 1)
                : signal == Signal.RELAXED ? new Readiness.Answers(1, 0, 0) : new Readiness.Answers(0, 1, 0);
    }

    /** When a place in training will be ready, practised once a day; empty where it is, or nothing is brushed. */
    public Optional<Readiness> readiness(Section section) {
        return readyAt(section) ? Optional.empty() : Optional.of(readiness.computeIfAbsent(section, this::foretold));
    }

    private Readiness foretold(Section section) {
        Spot spot = Spot.at(leads.get(section), section);
        Readiness.Answers answers = Readiness.Answers.NONE;
        for (Map.Entry<Spot, Tried> other : tried.entrySet()) {
            answers = answers.and(other.getValue().answers(), other.getKey().equals(spot) ? 1 : SHARE_OF_OTHER_LADDERS);
        }
        return Readiness.of(at(spot), answers);
    }

    private Standing standing(Spot spot, LocalDate day) {
        Tried known = tried.get(spot);
        return known == null
                ? Standing.fresh(start(spot))
                : known.standing().afterRest(ChronoUnit.DAYS.between(known.last(), day));
    }

    /** Where a ladder begins: by history, or below its best neighbour, whichever is higher. */
    private Rung start(Spot spot) {
        int begin = startByHistory(spot);
        for (Map.Entry<Spot, Tried> other : tried.entrySet()) {
            begin = Math.max(
                    begin,
                    other.getValue().standing().rung().number()
                            - below(other.getKey(), spot).orElse(Rung.HIGHEST));
        }
        return Rung.numbered(begin);
    }

    private static OptionalInt below(Spot neighbour, Spot spot) {
        if (neighbour.section().isEmpty()
                || spot.section().isEmpty()
                || Lesson.of(neighbour.subject()).ladder()
                        != Lesson.of(spot.subject()).ladder()) {
            return OptionalInt.empty();
        }
        Section here = spot.section().get();
        Section there = neighbour.section().get();
        if (neighbour.subject() == spot.subject()) {
            return Math.abs(here.sensitivityRank() - there.sensitivityRank()) <= NEIGHBOUR_RANKS
                    ? OptionalInt.of(BELOW_SAME_TOOL_NEXT_PLACE)
                    : OptionalInt.empty();
        }
        return here == there ? OptionalInt.of(BELOW_OTHER_TOOL_SAME_PLACE) : OptionalInt.empty();
    }

    private int startByHistory(Spot spot) {
        int begin = dog.isPuppy()
                ? START_PUPPY
                : switch (dog.history()) {
                    case ROUGH_GROOM -> START_ROUGH_GROOM;
                    case UNKNOWN_RESCUE -> START_UNKNOWN;
                    case GENTLE -> START_GENTLE;
                };
        int lower = spot.section().map(section -> stepsDown(section)).orElse(0);
        boolean leading = spot.section()
                .filter(section -> leads.get(section) == spot.subject())
                .isPresent();
        return Math.max(1, begin - lower - (leading ? 0 : LOWER_FOR_ANOTHER_SUBJECT));
    }

    /** A dog handled gently lets itself be brushed; others mind the sensitive places more. */
    private int stepsDown(Section section) {
        int steps = section.sensitivityRank() >= 9 ? 2 : section.sensitivityRank() >= 7 ? 1 : 0;
        return dog.mayBeFrightened() || dog.isPuppy() ? steps : Math.min(1, steps);
    }

    public Standing at(Spot spot) {
        return standing(spot, today);
    }

    /** With the tool that leads there; empty where nothing is brushed. */
    public Optional<Standing> at(Section section) {
        return lead(section).map(subject -> at(Spot.at(subject, section)));
    }

    public Optional<Subject> lead(Section section) {
        return Optional.ofNullable(leads.get(section));
    }

    /** Every section that is brushed, with the tool that leads there. */
    public Map<Section, Standing> standings() {
        Map<Section, Standing> standings = new EnumMap<>(Section.class);
        leads.keySet().forEach(section -> standings.put(section, at(section).orElseThrow()));
        return standings;
    }

    /** Whether real brushing is possible there: a place below that rung is practised, not brushed. */
    public boolean readyAt(Section section) {
        return at(section)
                .filter(standing -> !standing.rung().readyForBrushing())
                .isEmpty();
    }

    public List<Section> notReady(Collection<Section> sections) {
        return sections.stream().filter(section -> !readyAt(section)).toList();
    }

    /** Whether the dog accepts real brushing everywhere. */
    public boolean readyEverywhere() {
        return leads.keySet().stream().allMatch(this::readyAt);
    }

    /** The ladders that were tried, with their turning points, oldest first. */
    public Map<Spot, List<Turn>> turns() {
        Map<Spot, List<Turn>> turns = new HashMap<>();
        tried.forEach((spot, known) -> turns.put(spot, List.copyOf(known.turns())));
        return turns;
    }

    boolean practisedToday(Spot spot) {
        return practisedOn(spot, today);
    }

    private boolean practisedOn(Spot spot, LocalDate day) {
        return tried.containsKey(spot) && tried.get(spot).last().equals(day);
    }

    /** How often the dog said no to this ladder today. */
    int nosToday(Spot spot) {
        return practisedToday(spot) ? tried.get(spot).nos() : 0;
    }

    /** Days since this ladder was practised; empty: never. */
    Optional<Long> daysAtRest(Spot spot) {
        return Optional.ofNullable(tried.get(spot)).map(known -> ChronoUnit.DAYS.between(known.last(), today));
    }
}
