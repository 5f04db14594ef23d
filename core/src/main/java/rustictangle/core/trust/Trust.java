package rustictangle.core.trust;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.Collections;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.concurrent.ConcurrentHashMap;
import rustictangle.core.Sure;
import rustictangle.core.dog.Dog;
import rustictangle.core.dog.History;
import rustictangle.core.dog.Section;
import rustictangle.core.kit.Fit;
import rustictangle.core.kit.Kit;
import rustictangle.core.kit.Need;
import rustictangle.core.kit.SectionKit;
import rustictangle.core.log.Log;
import rustictangle.core.log.Subject;
import rustictangle.core.log.ToolKind;

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
    /** Also whoever was a puppy here, and every position and noise: only what was practised is known. */
    private static final int START_UNTAUGHT = 1;
    /** A brush or comb that does not lead anywhere yet begins so many rungs lower than the tool that does. */
    private static final int LOWER_FOR_ANOTHER_SUBJECT = 4;
    /** A tool that the dog greets is not laid on the floor again for the next place. Common practice, no published source. */
    private static final int START_KNOWN_TOOL = 5;
    /** The same at the side of a place that is ready. Common practice, no published source. */
    private static final int START_BESIDE_READY = 6;
    /** Rungs below another tool. Own estimate. */
    static final int BELOW_OTHER_TOOL_SAME_PLACE = 3;
    /** Places whose sensitivity ranks differ by no more than this are neighbours. Own estimate. */
    private static final int NEIGHBOUR_RANKS = 1;

    /** What the answers on another ladder say of this one. Own estimate. */
    private static final double SHARE_OF_OTHER_LADDERS = 0.2;

    /** So far back answers still say something, days. Own estimate. */
    private static final int REMEMBERED_DAYS = 3 * 365;
    /** The newest of one tool at one place that still say something: four times what the whole ladder takes. Own estimate. */
    private static final int REMEMBERED_ANSWERS = 120;

    /** Where a ladder stood at the end of a day on which it moved. */
    public record Move(LocalDate day, Rung rung) {}

    private final Dog dog;
    private final Map<Section, Subject> leads;
    private final Map<Section, Subject> softer;
    private final Map<Spot, TrialRecord> tried;
    private final LocalDate today;
    private final Agreed agreed;
    /** Reckoned when it is asked for. */
    private final Map<Section, Readiness> readiness = new ConcurrentHashMap<>();

    private Trust(Trust before, List<Trial> more) {
        dog = before.dog;
        leads = before.leads;
        softer = before.softer;
        today = before.today;
        agreed = before.agreed;
        tried = new LinkedHashMap<>(before.tried);
        more.forEach(this::count);
    }

    private Trust(Dog dog, Kit kit, LocalDate today) {
        this.dog = dog;
        this.leads = leads(kit);
        this.softer = dog.introducedSoftly() ? softer(kit) : Map.of();
        this.tried = Map.of();
        this.today = today;
        this.agreed = Agreed.NOTHING;
    }

    private Trust(Trust before, Agreed agreed) {
        dog = before.dog;
        leads = before.leads;
        softer = before.softer;
        today = before.today;
        tried = before.tried;
        this.agreed = agreed;
    }

    /**
     * @param kit    which tool leads where
     * @param trials the dog's answers, oldest first
     */
    public static Trust of(Dog dog, Kit kit, List<Trial> trials, LocalDate today) {
        return new Trust(dog, kit, today).after(trials);
    }

    /** The same, with what is agreed with the dog. */
    public Trust with(Agreed words) {
        return new Trust(this, words);
    }

    public Agreed agreed() {
        return agreed;
    }

    /** Where it stands after more answers, oldest first. */
    public Trust after(List<Trial> trials) {
        return new Trust(this, trials);
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
                Optional.of(here.need().lead())
                        .filter(ToolKind::isLearned)
                        .ifPresent(tool -> leads.put(here.need().section(), tool));
            }
        }
        return Collections.unmodifiableMap(leads);
    }

    /** Where another brush leads, one of the drawer that feels like stroking, the softest first. */
    private static Map<Section, Subject> softer(Kit kit) {
        Map<Section, Subject> softer = new EnumMap<>(Section.class);
        for (SectionKit here : kit.sections()) {
            Need need = here.need();
            boolean another =
                    need.brushed() && !need.lead().isSoft() && need.lead().work() == ToolKind.Work.BRUSH;
            ToolKind.soft().stream()
                    .filter(kind -> another && need.forbids(kind).isEmpty() && inDrawer(here, kind))
                    .findFirst()
                    .ifPresent(kind -> softer.put(need.section(), kind));
        }
        return Collections.unmodifiableMap(softer);
    }

    private static boolean inDrawer(SectionKit here, ToolKind kind) {
        return here.fits().stream().map(Fit::tool).anyMatch(tool -> tool.kind() == kind && !tool.putAside());
    }

    private void count(Trial trial) {
        Optional<Subject> subject = trial.subject().or(() -> trial.section().map(leads::get));
        if (subject.isEmpty()) {
            return; // Nothing is brushed there any more.
        }
        Spot spot = new Spot(subject.get(), subject.get().placeByPlace() ? trial.section() : Optional.empty());
        Standing before = standing(spot, trial.day());
        TrialRecord known =
                tried.containsKey(spot) ? tried.get(spot).on(trial.day()) : TrialRecord.never(before, trial.day());
        tried.put(spot, known.after(before, trial));
    }

    /** When a place in training will be ready, practised once a day; empty where it is, or nothing is brushed. */
    public Optional<Readiness> readiness(Section section) {
        return readyAt(section) ? Optional.empty() : Optional.of(readiness.computeIfAbsent(section, this::foretold));
    }

    private Readiness foretold(Section section) {
        Spot spot = Spot.at(Sure.at(leads, section), section);
        Readiness.Answers answers = Readiness.Answers.NONE;
        for (Map.Entry<Spot, TrialRecord> other : tried.entrySet()) {
            answers = answers.and(other.getValue().answers(), other.getKey().equals(spot) ? 1 : SHARE_OF_OTHER_LADDERS);
        }
        Optional<Standing> soft =
                practised(section).filter(first -> !first.equals(spot)).map(this::at);
        return Readiness.of(dog, soft, at(spot), answers);
    }

    boolean introduces(Spot spot) {
        return spot.section()
                .filter(section -> softer.get(section) == spot.subject())
                .isPresent();
    }

    /**
     * Which ladder is practised at a place next: that of a softer brush until the dog takes it, where the brush that
     * leads would not touch it yet; empty where nothing is brushed.
     */
    Optional<Spot> practised(Section section) {
        return lead(section).map(lead -> {
            Spot leading = Spot.at(lead, section);
            return Optional.ofNullable(softer.get(section))
                    .map(soft -> Spot.at(soft, section))
                    .filter(soft -> at(leading).rung().compareTo(Rung.EDGE_TOUCHES) < 0
                            && !at(soft).rung().readyForBrushing())
                    .orElse(leading);
        });
    }

    private Standing standing(Spot spot, LocalDate day) {
        TrialRecord known = tried.get(spot);
        if (known == null) {
            return Standing.fresh(start(spot));
        }
        Standing rested =
                known.standing().afterRest(ChronoUnit.DAYS.between(lastBrushed(spot, known), day), fadesAfter(spot));
        boolean keeps = ofHair(spot)
                && dog.history() == History.GENTLE
                && !dog.isPuppy()
                && known.standing().rung().readyForBrushing();
        // A gentle adult does not lose by time alone what it knows: it gets a slower first minute.
        return keeps && !rested.rung().readyForBrushing() ? Standing.fresh(Rung.WHOLE_SECTION) : rested;
    }

    /**
     * A place that is brushed with another tool meanwhile does not grow reluctant of one that it knows; and brushing with
     * a tool keeps all places fresh for it that the dog minds as little. Own estimates.
     */
    private LocalDate lastBrushed(Spot spot, TrialRecord known) {
        return !known.standing().rung().readyForBrushing() || !ofHair(spot)
                ? known.last()
                : tried.entrySet().stream()
                        .filter(other -> keepsFresh(other.getKey(), spot)
                                && other.getValue().standing().rung().readyForBrushing())
                        .map(other -> other.getValue().last())
                        .max(Comparator.naturalOrder())
                        .orElse(known.last());
    }

    private static boolean keepsFresh(Spot brushed, Spot spot) {
        boolean minded = brushed.section().isPresent()
                && brushed.section().get().sensitivityRank()
                        >= spot.section().orElseThrow().sensitivityRank();
        return ofHair(brushed)
                && (brushed.section().equals(spot.section()) || brushed.subject() == spot.subject() && minded);
    }

    private static int fadesAfter(Spot spot) {
        return spot.subject().isCare() ? Standing.DAYS_TO_FADE_CARE : Standing.DAYS_TO_FADE;
    }

    /** Brush or comb: only these may be known from before. */
    private static boolean ofHair(Spot spot) {
        return spot.subject().touchesHair();
    }

    /** Where a ladder begins: by history, or by what the dog knows of the tool and of the place, whichever is higher. */
    private Rung start(Spot spot) {
        int begin = startByHistory(spot);
        for (Map.Entry<Spot, TrialRecord> other : tried.entrySet()) {
            begin = Math.max(
                    begin,
                    startBeside(other.getKey(), other.getValue().standing().rung(), spot));
        }
        return Rung.numbered(begin);
    }

    /** What one ladder lets another begin with; 0: nothing follows. */
    private static int startBeside(Spot known, Rung rung, Spot spot) {
        if (known.section().isEmpty()
                || spot.section().isEmpty()
                || !known.subject().ladder().equals(spot.subject().ladder())) {
            return 0;
        }
        Section here = spot.section().get();
        Section there = known.section().get();
        if (known.subject() != spot.subject()) {
            return here == there ? rung.number() - BELOW_OTHER_TOOL_SAME_PLACE : 0;
        }
        boolean neighbours = Math.abs(here.sensitivityRank() - there.sensitivityRank()) <= NEIGHBOUR_RANKS;
        return neighbours && rung.readyForBrushing() ? START_BESIDE_READY : Math.min(START_KNOWN_TOOL, rung.number());
    }

    private int startByHistory(Spot spot) {
        if (!ofHair(spot) || dog.isPuppy() || dog.history() == History.RAISED_HERE) {
            return START_UNTAUGHT;
        }
        int begin = dog.history() == History.GENTLE
                ? START_GENTLE
                : dog.history() == History.ROUGH_GROOM ? START_ROUGH_GROOM : START_UNKNOWN;
        boolean leading = spot.section()
                .filter(section -> leads.get(section) == spot.subject() || softer.get(section) == spot.subject())
                .isPresent();
        return Math.max(1, begin - stepsDown(spot.section().orElseThrow()) - (leading ? 0 : LOWER_FOR_ANOTHER_SUBJECT));
    }

    /** A dog handled gently lets itself be brushed; others mind the sensitive places more. */
    private int stepsDown(Section section) {
        int steps = section.sensitivityRank() >= 9 ? 2 : section.sensitivityRank() >= 7 ? 1 : 0;
        return dog.mayBeFrightened() ? steps : Math.min(1, steps);
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

    /** Whether the dog has learned a dryer anywhere on its body: its noise is not used on one that has not. */
    public boolean knowsTheDryer() {
        return Arrays.stream(Section.values()).anyMatch(section -> at(new Spot(ToolKind.DRYER, Optional.of(section)))
                .rung()
                .readyForBrushing());
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
    public Map<Spot, List<Move>> turns() {
        Map<Spot, List<Move>> turns = new HashMap<>();
        tried.forEach(
                (spot, known) -> turns.put(spot, TrialRecord.turned(known.turns(), new Move(today, at(spot).rung()))));
        return turns;
    }

    LocalDate today() {
        return today;
    }

    boolean practisedToday(Spot spot) {
        return practisedOn(spot, today);
    }

    private boolean practisedOn(Spot spot, LocalDate day) {
        return tried.containsKey(spot) && tried.get(spot).last().equals(day);
    }

    /** How often the dog said no to this ladder today. */
    int noesToday(Spot spot) {
        return practisedToday(spot) ? Sure.at(tried, spot).noes() : 0;
    }

    /** How often in a row it was uneasy on this ladder today. */
    int uneasyToday(Spot spot) {
        return practisedToday(spot) ? Sure.at(tried, spot).uneasy() : 0;
    }

    /** Whether a practice today ended because the dog had said so. */
    boolean endedToday() {
        return tried.keySet().stream().anyMatch(spot -> Practice.ended(this, spot));
    }

    /** Days since it was practised or brushed there, where that has cost a rung; empty: it has not. */
    Optional<Long> faded(Spot spot) {
        return Optional.ofNullable(tried.get(spot))
                .map(known -> ChronoUnit.DAYS.between(lastBrushed(spot, known), today))
                .filter(days -> days >= fadesAfter(spot));
    }

    /** Days since any place was brushed or practised with a brush or comb; empty: never. */
    public Optional<Long> daysUnbrushed() {
        return tried.entrySet().stream()
                .filter(known -> ofHair(known.getKey()))
                .map(known -> known.getValue().last())
                .max(Comparator.naturalOrder())
                .map(last -> ChronoUnit.DAYS.between(last, today));
    }

    /** Days since any of the ladders of these practices was practised; empty: never. */
    public OptionalInt atRest(List<Practice> practices) {
        return practices.stream()
                .filter(Practice::leadsToBrushing)
                .flatMap(practice -> daysAtRest(practice.spot()).stream())
                .mapToInt(Long::intValue)
                .min();
    }

    /** Days since this ladder was practised; empty: never. */
    Optional<Long> daysAtRest(Spot spot) {
        return Optional.ofNullable(tried.get(spot)).map(known -> ChronoUnit.DAYS.between(known.last(), today));
    }
}
