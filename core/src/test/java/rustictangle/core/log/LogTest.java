package rustictangle.core.log;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertNotSame;
import static org.junit.jupiter.api.Assertions.assertSame;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.random.RandomGenerator;
import java.util.random.RandomGeneratorFactory;
import org.junit.jupiter.api.Test;
import rustictangle.core.Refused;
import rustictangle.core.care.Weight;
import rustictangle.core.coat.LengthReading;
import rustictangle.core.dog.Region;
import rustictangle.core.dog.Section;
import rustictangle.core.log.SessionEvent.SectionDone;
import rustictangle.core.log.SessionEvent.Signalled;
import rustictangle.core.log.SessionEvent.Undone;
import rustictangle.core.rhythm.CombCheck;
import rustictangle.core.rhythm.Diary;
import rustictangle.core.rhythm.Life;
import rustictangle.core.rhythm.Mat;
import rustictangle.core.session.SessionLog;
import rustictangle.core.trust.Trial;
import rustictangle.core.visit.Visit;

/** What was said is read once, whole or in parts, and what was taken back is as if it had not been said. */
class LogTest {

    private static final LocalDate TODAY = LocalDate.of(2026, 5, 14);
    private static final Instant MIDNIGHT = TODAY.atStartOfDay().toInstant(ZoneOffset.UTC);

    private final RandomGenerator random =
            RandomGeneratorFactory.of("L64X128MixRandom").create(14);

    @Test
    void aYearReadInTwoPartsSaysTheSameAsReadAtOnce() {
        List<Entry> year = year();
        Log atOnce = Log.of(year, MIDNIGHT.plusSeconds(864_000));
        Log inParts = Log.of(year, MIDNIGHT.minusSeconds(86_400 * 100L));
        assertEquals(facts(atOnce), facts(inParts));
        assertTrue(atOnce.read(CombCheck.CHECKS).size() > 500);
    }

    @Test
    void aLogThatGrowsEntryByEntrySaysTheSameAsOneReadAnew() {
        List<Entry> year = year();
        Log grown = Log.of(year.subList(0, year.size() - 60), MIDNIGHT.minusSeconds(86_400 * 2L));
        for (int i = year.size() - 60; i < year.size(); i++) {
            grown = grown.with(List.of(year.get(i)));
            assertEquals(
                    facts(Log.of(year.subList(0, i + 1), MIDNIGHT.minusSeconds(86_400 * 2L))), facts(grown), "at " + i);
        }
    }

    @Test
    void whatWasBegunBeforeTodayIsNotReadAgainWhenSomethingIsSaid() {
        int[] read = {0};
        Log.Reading<Entry> counting = entries -> {
            read[0] += entries.size();
            return entries;
        };
        Instant tomorrow = MIDNIGHT.plusSeconds(86_400);
        Log log = Log.of(year(), tomorrow);
        int all = log.read(counting).size();
        assertSame(log.read(counting), log.read(counting));
        assertEquals(all, read[0]);
        log.with(List.of(said(tomorrow.plusSeconds(60), new Happened(LifeEvent.SWAM))))
                .read(counting);
        assertEquals(all + 1, read[0]);
    }

    /** Else every stroke of a session would make the whole dog be reckoned anew. */
    @Test
    void whatAnEntrySaysNothingAboutStaysTheSameObject() {
        Log before = Log.of(year(), MIDNIGHT.minusSeconds(86_400 * 2L));
        List<Object> known = facts(before);
        Object diary = Diary.of(before, 50, TODAY);
        Log swum = before.with(List.of(said(MIDNIGHT.plusSeconds(86_000), new Happened(LifeEvent.SWAM))));
        assertSame(known.get(0), swum.read(CombCheck.CHECKS));
        assertSame(known.get(6), Mat.stillIn(swum, TODAY));
        assertSame(known.get(7), Visit.of(swum));
        assertNotSame(diary, Diary.of(swum, 50, TODAY));
        Log practised = swum.with(List.of(said(
                MIDNIGHT.plusSeconds(86_100),
                new Practised(Optional.of(Exercise.TABLE), Optional.empty(), Signal.RELAXED))));
        assertSame(Diary.of(swum, 50, TODAY), Diary.of(practised, 50, TODAY));
        assertNotEquals(known.get(1), practised.read(Trial.ANSWERS));
    }

    @Test
    void anEntryOfLongAgoThatIsTakenBackTodayIsGone() {
        Entry swim = said(MIDNIGHT.minusSeconds(86_400), new Happened(LifeEvent.SWAM));
        Log log = Log.of(List.of(swim), MIDNIGHT);
        assertEquals(1, Life.of(log, LocalDate.MIN).days().size());
        Entry back = new Entry(
                UUID.randomUUID(),
                MIDNIGHT.plusSeconds(9),
                swim.day(),
                Optional.empty(),
                Optional.of(swim.id()),
                new TakenBack());
        assertTrue(Life.of(log.with(List.of(back)), LocalDate.MIN).days().isEmpty());
    }

    /** The hair is as long as was said of that day last; without the visit, as the ruler had said. */
    @Test
    void aVisitTakenBackLeavesWhatTheRulerSaidThatDay() {
        Entry ruler = said(MIDNIGHT, new Measured(Region.BODY, 40, 38));
        Entry visit = said(
                MIDNIGHT.plusSeconds(60),
                new Visited(Optional.of(25.0), Optional.empty(), "", "", true, Map.of(Region.BODY, 40.0)));
        Log log = Log.of(List.of(ruler, visit), MIDNIGHT);
        assertEquals(25, LengthReading.of(log).get(Region.BODY).get(0).length().millimetres());
        Entry back = new Entry(
                UUID.randomUUID(),
                MIDNIGHT.plusSeconds(90),
                visit.day(),
                Optional.empty(),
                Optional.of(visit.id()),
                new TakenBack());
        Log without = log.with(List.of(back));
        assertEquals(
                40, LengthReading.of(without).get(Region.BODY).get(0).length().millimetres());
        assertTrue(Visit.of(without).isEmpty());
    }

    @Test
    void anEntryWhoseEnvelopeDoesNotFitWhatItSaysCannotBe() {
        UUID id = UUID.randomUUID();
        assertThrows(
                IllegalArgumentException.class,
                () -> new Entry(id, MIDNIGHT, TODAY, Optional.of(id), Optional.empty(), new Undone()));
        assertThrows(
                IllegalArgumentException.class,
                () -> new Entry(id, MIDNIGHT, TODAY, Optional.of(id), Optional.empty(), new Happened(LifeEvent.SWAM)));
        assertThrows(Refused.class, () -> new Visited(Optional.of(401.0), Optional.empty(), "", "", false, Map.of()));
        assertThrows(
                Refused.class, () -> new Visited(Optional.empty(), Optional.of(Double.NaN), "", "", false, Map.of()));
        assertThrows(Refused.class, () -> new Measured(Region.BODY, Double.NaN, 1));
        assertThrows(Refused.class, () -> new SessionNoted("a".repeat(1001)));
        assertThrows(Refused.class, () -> new Practised(Optional.empty(), Optional.empty(), Signal.RELAXED));
    }

    private static List<Object> facts(Log log) {
        return List.of(
                log.read(CombCheck.CHECKS),
                log.read(Trial.ANSWERS),
                log.read(Diary.HEAPS),
                log.read(Diary.GROOMS),
                Life.of(log, LocalDate.MIN),
                LengthReading.of(log),
                Mat.stillIn(log, TODAY),
                Visit.of(log),
                Weight.of(log),
                SessionLog.lastDone(log));
    }

    /** Sessions with signals, mats, hair and undos, and all else that may be said of a dog. */
    private List<Entry> year() {
        List<Entry> said = new ArrayList<>();
        for (int back = 200; back >= 0; back--) {
            Instant evening = MIDNIGHT.minusSeconds(86_400L * back).plusSeconds(68_000);
            said.add(said(evening.minusSeconds(900), any()));
            session(said, evening);
        }
        return said;
    }

    private void session(List<Entry> said, Instant begun) {
        UUID id = uuid();
        List<SessionBegun.BegunPlace> plan = new ArrayList<>();
        for (int i = 0; i < 6; i++) {
            Section section = Section.values()[(i * 5 + random.nextInt(5)) % Section.values().length];
            if (plan.stream().noneMatch(place -> place.section() == section)) {
                plan.add(new SessionBegun.BegunPlace(section, Optional.of(60), Optional.of(ToolKind.PIN_BRUSH)));
            }
        }
        Entry first = new Entry(id, begun, day(begun), Optional.of(id), Optional.empty(), new SessionBegun(plan));
        said.add(first);
        SessionLog log = SessionLog.of(List.of(first));
        Instant at = begun;
        while (log.session().state().current().isPresent()) {
            Section here = log.session().state().current().get();
            at = at.plusSeconds(random.nextInt(5, 90));
            SessionEvent event =
                    switch (random.nextInt(6)) {
                        case 0 -> new Signalled(here, Signal.values()[random.nextInt(3)]);
                        case 1 -> new SessionEvent.HairCameOut(here, HairOut.HEAP);
                        case 2 ->
                            log.revision() > 0
                                            && log.session().state().standing().size() > 0
                                    ? new Undone()
                                    : new SessionEvent.Started();
                        default -> done(here);
                    };
            if (event instanceof SessionEvent.Started && !log.session().state().preparing()) {
                continue;
            }
            Entry next = log.next(uuid(), at, ZoneOffset.UTC, event);
            log = log.with(List.of(next));
            said.add(next);
        }
    }

    private SectionDone done(Section here) {
        return switch (random.nextInt(5)) {
            case 0 -> new SectionDone(here, CombResult.TANGLES_CLEARED, 2, Signal.UNEASY);
            case 1 -> new SectionDone(here, CombResult.MAT_LEFT, 1, Signal.RELAXED);
            default -> new SectionDone(here, CombResult.GLIDES, 0, Signal.RELAXED);
        };
    }

    private Said any() {
        return switch (random.nextInt(5)) {
            case 0 -> new Happened(LifeEvent.values()[random.nextInt(LifeEvent.values().length)]);
            case 1 -> new Measured(Region.BODY, 30 + random.nextInt(20), 30);
            case 3 -> new Weighed(20 + random.nextInt(3), 20);
            case 2 -> new Practised(Optional.of(Exercise.TABLE), Optional.empty(), Signal.RELAXED);
            default ->
                random.nextInt(20) == 0
                        ? new Visited(Optional.of(20.0), Optional.empty(), "", "", true, Map.of(Region.LEGS, 30.0))
                        : new Happened(LifeEvent.BATHED);
        };
    }

    private Entry said(Instant at, Said said) {
        return new Entry(uuid(), at, day(at), Optional.empty(), Optional.empty(), said);
    }

    private static LocalDate day(Instant at) {
        return LocalDate.ofInstant(at, ZoneOffset.UTC);
    }

    private UUID uuid() {
        return new UUID(random.nextLong(), random.nextLong());
    }
}
