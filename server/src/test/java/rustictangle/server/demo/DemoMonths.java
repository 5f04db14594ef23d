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
import rustictangle.core.coat.Coat;
import rustictangle.core.coat.LengthOverTime;
import rustictangle.core.coat.LengthReading;
import rustictangle.core.coat.RegionCoat;
import rustictangle.core.dog.Region;
import rustictangle.core.dog.Section;
import rustictangle.core.kit.Hand;
import rustictangle.core.kit.Kit;
import rustictangle.core.log.Catch;
import rustictangle.core.log.CombResult;
import rustictangle.core.log.Entry;
import rustictangle.core.log.LastCombed;
import rustictangle.core.log.Log;
import rustictangle.core.log.PastTold;
import rustictangle.core.log.Practised;
import rustictangle.core.log.SessionBegun;
import rustictangle.core.log.SessionEvent;
import rustictangle.core.log.SessionEvent.Caught;
import rustictangle.core.log.SessionEvent.SectionDone;
import rustictangle.core.log.Signal;
import rustictangle.core.plan.HouseholdPlan;
import rustictangle.core.plan.Workload;
import rustictangle.core.rhythm.Comfort;
import rustictangle.core.rhythm.Diary;
import rustictangle.core.rhythm.Forecast;
import rustictangle.core.rhythm.Outlook;
import rustictangle.core.routine.Routine;
import rustictangle.core.routine.RoutinePlace;
import rustictangle.core.routine.SetUp;
import rustictangle.core.routine.Sitting;
import rustictangle.core.session.SessionLog;
import rustictangle.core.trust.MayBegin;
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

    /** Of the mats that form, those that stay in: the rest are teased out. */
    private static final double MAT_STAYS = 0.12;

    private static final int FORESEEN_DAYS = 21;
    /** In the last days before a pause nothing came in between. */
    private static final int LATELY_DAYS = 4;

    private static final double CHANCE_OF_PRACTICE = 0.45;

    private final KnownDog known;
    private final DemoDog demo;
    private final Kit kit;
    private final RandomGenerator random;
    private final ZoneId zone;
    private final List<Entry> said = new ArrayList<>();

    private final Map<Section, Double> truth = new EnumMap<>(Section.class);
    private final List<Entry> before;
    private Map<Region, LengthOverTime> lengths;
    private final double latitude;
    private final List<Trial> trials = new ArrayList<>();

    /** @param before what ruler and groomer said meanwhile */
    DemoMonths(
            KnownDog known,
            DemoDog demo,
            Kit kit,
            List<Entry> before,
            double latitude,
            RandomGenerator random,
            ZoneId zone) {
        this.known = known;
        this.demo = demo;
        this.kit = kit;
        this.before = before;
        this.latitude = latitude;
        this.random = random;
        this.zone = zone;
        for (Section section : Section.values()) {
            truth.put(section, Math.pow(2, random.nextDouble(-1, 1)));
        }
    }

    /** Everything up to the evening before today, as it was said, in order. */
    List<Entry> live(LocalDate today) {
        said.add(DemoDog.said(demo, today.minusDays(demo.daysBack()), new PastTold(LastCombed.THIS_WEEK)));
        lengths = lengths(today);
        for (LocalDate day = today.minusDays(demo.daysBack()); day.isBefore(today); day = day.plusDays(1)) {
            practise(day);
            boolean paused = !day.isBefore(today.minusDays(demo.pause()));
            boolean lately = day.isAfter(today.minusDays(demo.pause() + LATELY_DAYS));
            if ((random.nextDouble() < demo.findsTime() || lately) && !paused) {
                brush(day);
            }
        }
        return said;
    }

    private Map<Region, LengthOverTime> lengths(LocalDate today) {
        Map<Region, List<LengthReading>> readings = LengthReading.of(Log.of(before, Instant.MAX));
        Map<Region, LengthOverTime> lengths = new EnumMap<>(Region.class);
        known.coat()
                .regions()
                .forEach((region, hair) ->
                        lengths.put(region, LengthOverTime.of(hair, readings.getOrDefault(region, List.of()), today)));
        return lengths;
    }

    /** As long as the ruler says it was then. */
    private Coat coat(LocalDate day) {
        Map<Region, RegionCoat> regions = new EnumMap<>(known.coat().regions());
        regions.replaceAll((region, hair) -> hair.ofLength(lengths.get(region).on(day)));
        return new Coat(
                regions, demo.coatOn(day).sheddingHeavily(), known.coat().neglected());
    }

    private void practise(LocalDate day) {
        if (random.nextDouble() >= CHANCE_OF_PRACTICE) {
            return;
        }
        Instant at = day.atTime(LocalTime.of(8, 10)).atZone(zone).toInstant();
        Trust trust = Trust.of(known.dog(), kit, trials, day);
        List<Practice> today = Practice.today(
                        known.dog(),
                        trust,
                        Practice.spots(known.dog(), trust, List.of(), section -> 1, MayBegin.ANYTHING),
                        MayBegin.ANYTHING)
                .stream()
                .filter(Practice::leadsToBrushing)
                .toList();
        for (Practice practice : today) {
            practise(practice, day, at.plusSeconds(120L * today.indexOf(practice)));
        }
    }

    private void practise(Practice practice, LocalDate day, Instant at) {
        Section section = practice.spot().section().orElseThrow();
        for (int i = 0; i < practice.trials(); i++) {
            Signal how = answer(section, 1.5);
            Trial trial = new Trial(day, Optional.of(practice.spot().subject()), Optional.of(section), how);
            trials.add(trial);
            said.add(new Entry(
                    uuid(),
                    at.plusSeconds(20L * i),
                    day,
                    Optional.empty(),
                    Optional.empty(),
                    new Practised(trial.subject(), trial.section(), how)));
        }
    }

    private Log log(LocalDate day) {
        List<Entry> entries = new ArrayList<>(said);
        before.stream().filter(entry -> entry.day().isBefore(day)).forEach(entries::add);
        entries.sort(Comparator.comparing(Entry::at));
        return Log.of(entries, day.atStartOfDay(zone).toInstant());
    }

    private void brush(LocalDate day) {
        Coat coat = coat(day);
        Forecast forecast = Forecast.of(known.dog(), coat, Diary.of(log(day), latitude, day), day);
        Trust trust = Trust.of(known.dog(), kit, trials, day);
        Set<Section> chosen = planned(coat, forecast, trust);
        if (chosen.isEmpty()) {
            return;
        }
        List<RoutinePlace> steps = Routine.of(known.dog(), coat, kit, trust, forecast.matted(), chosen)
                .places();
        Instant begun = day.atTime(LocalTime.of(18, 30)).atZone(zone).toInstant();
        Instant at = begun;
        UUID id = uuid();
        List<SessionBegun.BegunPlace> plan = steps.stream()
                .map(step -> new SessionBegun.BegunPlace(
                        step.section(), Optional.of(step.wholeSeconds()), trust.lead(step.section())))
                .toList();
        Entry first = new Entry(id, begun, day, Optional.of(id), Optional.empty(), new SessionBegun(plan));
        said.add(first);
        SessionLog session = SessionLog.of(List.of(first));
        while (session.session().state().current().isPresent()) {
            SectionDone done = work(session.session().state().current().get(), forecast);
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
    private long taken(List<RoutinePlace> steps, Section section) {
        int estimate = steps.stream()
                .filter(step -> step.section() == section)
                .findFirst()
                .orElseThrow()
                .wholeSeconds();
        double pause = random.nextDouble() < 0.02 ? 240 : 0;
        return Math.round(estimate * Math.exp(0.1 + 0.25 * random.nextGaussian()) + pause);
    }

    /** What the plan brushes that day. */
    private Set<Section> planned(Coat coat, Forecast forecast, Trust trust) {
        Map<Section, Workload.PlaceWork> places = new EnumMap<>(Section.class);
        Routine.of(known.dog(), coat, kit, trust, forecast.matted(), kit.brushed())
                .places()
                .forEach(step -> places.put(
                        step.section(),
                        trust.readyAt(step.section())
                                ? Workload.PlaceWork.ready(step.seconds() / 60)
                                : Workload.PlaceWork.inTraining(step.seconds() / 60, Optional.empty())));
        Workload work = new Workload(
                forecast,
                Comfort.BALANCED,
                places,
                new Workload.Sessions(
                        SetUp.MINUTES,
                        false,
                        Sitting.of(known.dog(), Hand.BEGINNER).map(Sitting::atMost)),
                Optional.of(FORESEEN_DAYS));
        Set<Section> chosen = EnumSet.noneOf(Section.class);
        HouseholdPlan.asItTakes(List.of(work)).on(0).forEach(place -> chosen.add(place.section()));
        return chosen;
    }

    private SectionDone work(Section section, Forecast forecast) {
        Signal signal = answer(section, 0);
        if (signal == Signal.OPTED_OUT) {
            return new SectionDone(section, CombResult.NOT_COMBED, 0, signal);
        }
        Outlook outlook = forecast.at(section).orElseThrow();
        // What the table expects, whatever was learned of it.
        double against = truth.get(section) / outlook.rate().factor();
        int tangles = poisson(against * outlook.tangles(0));
        if (tangles == 0) {
            return new SectionDone(section, CombResult.GLIDES, 0, signal);
        }
        boolean mat = random.nextDouble() < MAT_STAYS * against * outlook.mats(0);
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
    }

    private Signal answer(Section section, double easier) {
        long relaxed = trials.stream()
                .filter(trial -> trial.section().filter(section::equals).isPresent()
                        && trial.answer()
                                .signal()
                                .filter(Signal.RELAXED::equals)
                                .isPresent())
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
