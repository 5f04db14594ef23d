package rustictangle.server.demo;

import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.random.RandomGenerator;
import rustictangle.core.dog.Section;
import rustictangle.core.kit.Kit;
import rustictangle.core.log.Catch;
import rustictangle.core.log.CombResult;
import rustictangle.core.log.Entry;
import rustictangle.core.log.Practised;
import rustictangle.core.log.SessionBegun;
import rustictangle.core.log.SessionEvent;
import rustictangle.core.log.SessionEvent.Caught;
import rustictangle.core.log.SessionEvent.SectionDone;
import rustictangle.core.log.Signal;
import rustictangle.core.rhythm.CombCheck;
import rustictangle.core.rhythm.Comfort;
import rustictangle.core.rhythm.Rhythm;
import rustictangle.core.rhythm.SectionRhythm;
import rustictangle.core.routine.Routine;
import rustictangle.core.routine.RoutineStep;
import rustictangle.core.session.SessionLog;
import rustictangle.core.trust.Practice;
import rustictangle.core.trust.Trial;
import rustictangle.core.trust.Trust;
import rustictangle.server.coat.KnownDog;

/**
 * Lives through one demo dog's last months, day by day, by the product's own rules.
 *
 * <p>Tangles come from a Poisson distribution whose rate differs from the table by up to a factor
 * of 2 either way, section by section; the dog's answers from a logistic tolerance that grows with
 * relaxed trials and falls with how much it minds the place. Invented throughout.
 */
final class DemoMonths {

    private static final double EXPECTED_PER_INTERVAL = 0.357;
    private static final double CHANCE_OF_MAT_PER_TANGLE = 0.03;
    private static final int PRACTICE_TRIALS = 3;
    private static final double CHANCE_OF_PRACTICE = 0.45;

    private final KnownDog known;
    private final DemoDog demo;
    private final Kit kit;
    private final RandomGenerator random;
    private final ZoneId zone;
    private final List<Entry> said = new ArrayList<>();

    private final Map<Section, Double> truth = new EnumMap<>(Section.class);
    private final List<CombCheck> checks = new ArrayList<>();
    private final List<Trial> trials = new ArrayList<>();

    DemoMonths(KnownDog known, DemoDog demo, Kit kit, RandomGenerator random, ZoneId zone) {
        this.known = known;
        this.demo = demo;
        this.kit = kit;
        this.random = random;
        this.zone = zone;
        for (Section section : Section.values()) {
            truth.put(section, Math.pow(2, random.nextDouble(-1, 1)));
        }
    }

    /** Everything up to the evening before today, as it was said, in order. */
    List<Entry> live(LocalDate today) {
        for (LocalDate day = today.minusDays(demo.daysBack()); day.isBefore(today); day = day.plusDays(1)) {
            practise(day);
            boolean yesterday = day.equals(today.minusDays(1));
            if (random.nextDouble() < demo.findsTime() && !yesterday) {
                brush(day);
            }
        }
        return said;
    }

    private void practise(LocalDate day) {
        if (random.nextDouble() >= CHANCE_OF_PRACTICE) {
            return;
        }
        Practice practice = Practice.today(known.dog(), Trust.of(known.dog(), kit, trials, day), List.of())
                .get(0);
        Section section = practice.spot().section().orElseThrow();
        Instant at = day.atTime(LocalTime.of(8, 10)).atZone(zone).toInstant();
        for (int i = 0; i < PRACTICE_TRIALS; i++) {
            Trial trial =
                    new Trial(day, Optional.of(practice.spot().subject()), Optional.of(section), answer(section, 1.5));
            trials.add(trial);
            said.add(new Entry(
                    uuid(),
                    at.plusSeconds(20L * i),
                    day,
                    Optional.empty(),
                    Optional.empty(),
                    new Practised(trial.subject(), trial.section(), trial.signal())));
        }
    }

    private void brush(LocalDate day) {
        Rhythm rhythm = Rhythm.of(known.dog(), known.coat(), Comfort.BALANCED, checks, day);
        Trust trust = Trust.of(known.dog(), kit, trials, day);
        Set<Section> chosen = EnumSet.noneOf(Section.class);
        rhythm.dueSections().stream()
                .filter(due -> trust.readyAt(due.section()))
                .sorted(Comparator.comparingInt(SectionRhythm::burrs).reversed().thenComparing(SectionRhythm::due))
                .limit(demo.sectionsAtMost())
                .forEach(due -> chosen.add(due.section()));
        if (chosen.isEmpty()) {
            return;
        }
        List<RoutineStep> steps = Routine.of(known.dog(), known.coat(), kit, trust, rhythm.sections(), chosen)
                .steps();
        Instant begun = day.atTime(LocalTime.of(18, 30)).atZone(zone).toInstant();
        Instant at = begun;
        UUID id = uuid();
        List<SessionBegun.Place> plan = steps.stream()
                .map(step ->
                        new SessionBegun.Place(step.section(), Optional.of(step.seconds()), trust.lead(step.section())))
                .toList();
        Entry first = new Entry(id, begun, day, Optional.of(id), Optional.empty(), new SessionBegun(plan));
        said.add(first);
        SessionLog session = SessionLog.of(List.of(first));
        while (session.session().state().current().isPresent()) {
            SectionDone done =
                    work(rhythm.at(session.session().state().current().get()), day);
            at = at.plus(taken(steps, done.section()), ChronoUnit.SECONDS);
            List<SessionEvent> events = done.comb() == CombResult.MAT_LEFT
                    ? List.of(new Caught(done.section(), mat()), done)
                    : List.of(done);
            for (SessionEvent event : events) {
                Entry next = session.next(uuid(), at, zone, event);
                session = session.with(List.of(next));
                said.add(next);
            }
            remember(done, day);
        }
    }

    /** Seconds that a hand a little slower than estimated takes, now and then with a pause. */
    private long taken(List<RoutineStep> steps, Section section) {
        int estimate = steps.stream()
                .filter(step -> step.section() == section)
                .findFirst()
                .orElseThrow()
                .seconds();
        double pause = random.nextDouble() < 0.02 ? 240 : 0;
        return Math.round(estimate * Math.exp(0.1 + 0.25 * random.nextGaussian()) + pause);
    }

    private SectionDone work(SectionRhythm due, LocalDate day) {
        Section section = due.section();
        Signal signal = answer(section, 0);
        if (signal == Signal.OPTED_OUT) {
            return new SectionDone(section, CombResult.NOT_COMBED, 0, signal);
        }
        long days =
                due.lastClear().map(last -> ChronoUnit.DAYS.between(last, day)).orElse(3L);
        int tangles = poisson(EXPECTED_PER_INTERVAL * truth.get(section) * days / due.tableIntervalDays());
        if (tangles == 0) {
            return new SectionDone(section, CombResult.GLIDES, 0, signal);
        }
        boolean mat = random.nextDouble() < CHANCE_OF_MAT_PER_TANGLE * tangles;
        return new SectionDone(
                section,
                mat ? CombResult.MAT_LEFT : CombResult.TANGLES_CLEARED,
                Math.min(tangles, SectionDone.MOST_TANGLES),
                signal);
    }

    /** What a mat that stays in looks like: too big, or too tight. */
    private Catch mat() {
        boolean big = random.nextBoolean();
        return new Catch(
                Catch.SkinLook.SOUND,
                big ? Catch.Lump.OVER_20_MM : Catch.Lump.UP_TO_20_MM,
                big ? Catch.Beneath.FREE : Catch.Beneath.TIGHT,
                Catch.Spread.ONE);
    }

    private void remember(SessionEvent.SectionDone done, LocalDate day) {
        trials.add(Trial.at(day, done.section(), done.signal()));
        if (done.comb() != CombResult.NOT_COMBED) {
            checks.add(new CombCheck(done.section(), day, done.tangles(), done.comb() == CombResult.MAT_LEFT));
        }
    }

    private Signal answer(Section section, double easier) {
        long relaxed = trials.stream()
                .filter(trial ->
                        trial.section().filter(section::equals).isPresent() && trial.signal() == Signal.RELAXED)
                .count();
        double odds = demo.ease() + easier + 0.12 * Math.min(20, relaxed) - 0.35 * section.sensitivityRank();
        if (random.nextDouble() < 1 / (1 + Math.exp(-odds))) {
            return Signal.RELAXED;
        }
        return random.nextDouble() < 0.75 ? Signal.UNEASY : Signal.OPTED_OUT;
    }

    private int poisson(double mean) {
        double limit = Math.exp(-mean);
        int count = 0;
        for (double product = random.nextDouble(); product > limit; product *= random.nextDouble()) {
            count++;
        }
        return count;
    }

    private UUID uuid() {
        return new UUID(random.nextLong(), random.nextLong());
    }
}
