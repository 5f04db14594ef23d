package rustictangle.core.trust;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import rustictangle.core.Dogs;
import rustictangle.core.Reason;
import rustictangle.core.coat.Coat;
import rustictangle.core.coat.CoatKind;
import rustictangle.core.dog.Dog;
import rustictangle.core.dog.History;
import rustictangle.core.dog.LifeStage;
import rustictangle.core.dog.Section;
import rustictangle.core.kit.Hand;
import rustictangle.core.kit.Kit;
import rustictangle.core.log.CareJob;
import rustictangle.core.log.CareOutcome;
import rustictangle.core.log.CareWarned;
import rustictangle.core.log.Cared;
import rustictangle.core.log.ClawResult;
import rustictangle.core.log.ClawTouched;
import rustictangle.core.log.CombResult;
import rustictangle.core.log.Entry;
import rustictangle.core.log.Exercise;
import rustictangle.core.log.Log;
import rustictangle.core.log.Paw;
import rustictangle.core.log.Practised;
import rustictangle.core.log.Said;
import rustictangle.core.log.SeenBy;
import rustictangle.core.log.SessionEvent;
import rustictangle.core.log.SessionEvent.SectionDone;
import rustictangle.core.log.SessionEvent.Signalled;
import rustictangle.core.log.SessionEvent.Warned;
import rustictangle.core.log.Signal;
import rustictangle.core.log.TakenBack;
import rustictangle.core.log.ToolKind;
import rustictangle.core.log.Warning;

/** Every door with every state of a dog: handbook 9.5, 13 and 14, common practice, no published source. */
class MayBeginTest {

    private static final LocalDate TODAY = LocalDate.of(2026, 5, 14);
    private static final LocalDate YESTERDAY = TODAY.minusDays(1);
    private static final Dog GENTLE = Dogs.adult(10);
    private static final Dog PUPPY = Dogs.with(LifeStage.PUPPY, History.RAISED_HERE);
    private static final Dog FRIGHTENED = Dogs.with(LifeStage.ADULT, History.ROUGH_GROOM);

    private static final Warned BITE = new Warned(List.of(), Warning.BIT);
    private static final Warned GROWL = new Warned(List.of(Section.ARMPIT_LEFT), Warning.GROWLED);
    private static final Signalled NO = new Signalled(Section.BACK, Signal.OPTED_OUT);
    private static final Signalled NO_AT_CHEST = new Signalled(Section.CHEST, Signal.OPTED_OUT);
    private static final Practised PRACTISED_NO =
            new Practised(Optional.of(ToolKind.SLICKER), Optional.of(Section.BACK), Signal.OPTED_OUT);
    private static final SeenBy ADULT = new SeenBy(Section.ARMPIT_LEFT, SeenBy.Who.ADULT, "It was the burr.");
    private static final SeenBy TRAINER =
            new SeenBy(Optional.empty(), SeenBy.Who.TRAINER, "Slowly now.", Optional.empty());

    private static final Map<String, Function<MayBegin, Optional<Reason>>> DOORS = new LinkedHashMap<>();

    static {
        DOORS.put("brush back", may -> may.brushing(Section.BACK));
        DOORS.put("brush armpit", may -> may.brushing(Section.ARMPIT_LEFT));
        DOORS.put("practise armpit", may -> may.practice(Spot.at(ToolKind.SLICKER, Section.ARMPIT_LEFT)));
        DOORS.put("practise table", may -> may.practice(new Spot(Exercise.TABLE, Optional.empty())));
        DOORS.put("nails", may -> may.care(CareJob.NAILS, false));
        DOORS.put("nails step", may -> may.care(CareJob.NAILS, true));
        DOORS.put("teeth", may -> may.care(CareJob.TEETH, false));
    }

    /** Of each state of the dog: what every door says, in their order; a dash: it may be begun. */
    @Test
    void everyDoorSaysTheSameOfAStateOfTheDog() {
        says("nothing said", may(GENTLE, Hand.BEGINNER), "- - - - - - -");
        says("one no", may(GENTLE, Hand.BEGINNER, on(TODAY, NO)), "- - - - - - -");
        says(
                "a second no, wherever",
                may(GENTLE, Hand.BEGINNER, on(TODAY, NO), on(TODAY, PRACTISED_NO)),
                all("trust.second-no", "trust.second-no", "-"));
        says(
                "two noes of yesterday",
                may(GENTLE, Hand.BEGINNER, on(YESTERDAY, NO), on(YESTERDAY, NO_AT_CHEST)),
                "- - - - - - -");
        says(
                "fear at the table",
                may(GENTLE, Hand.BEGINNER, on(TODAY, cared(CareOutcome.LEFT, Signal.AFRAID))),
                all("trust.in-peace", "trust.in-peace", "trust.in-peace"));
        says(
                "a claw cut too short, and it was afraid",
                may(GENTLE, Hand.BEGINNER, on(TODAY, tooShort(Signal.AFRAID))),
                all("trust.in-peace", "trust.in-peace", "trust.in-peace"));
        says(
                "a claw cut too short that it hardly minded",
                may(GENTLE, Hand.BEGINNER, on(TODAY, tooShort(Signal.UNEASY))),
                "- - - - - - -");
        says(
                "a growl, that day",
                may(GENTLE, Hand.BEGINNER, on(TODAY, GROWL)),
                all("trust.in-peace-warned", "trust.in-peace-warned", "trust.in-peace-warned"));
        says(
                "a growl, the day after: practice only, there",
                may(GENTLE, Hand.BEGINNER, on(YESTERDAY, GROWL)),
                "- rhythm.closed-growl - - - - -");
        says(
                "and an adult has opened it; what the ladder lost is practised",
                may(GENTLE, Hand.BEGINNER, on(YESTERDAY, GROWL), on(TODAY, ADULT)),
                "- trust.not-ready - - - - -");
        says(
                "opened on the very day: peace all the same",
                may(GENTLE, Hand.BEGINNER, on(TODAY, GROWL), on(TODAY, ADULT)),
                all("trust.in-peace-warned", "trust.in-peace-warned", "trust.in-peace-warned"));
        says(
                "a bite nowhere in particular, the day after",
                may(GENTLE, Hand.BEGINNER, on(YESTERDAY, BITE)),
                "rhythm.closed-trainer rhythm.closed-trainer rhythm.closed-trainer rhythm.closed-trainer "
                        + "rhythm.job-closed-warning rhythm.job-closed-warning rhythm.job-closed-warning");
        says(
                "and a trainer has seen it",
                may(GENTLE, Hand.BEGINNER, on(YESTERDAY, BITE), on(TODAY, TRAINER)),
                "- - - - - - -");
        says(
                "a growl at a claw, the day after",
                may(
                        GENTLE,
                        Hand.BEGINNER,
                        on(YESTERDAY, new CareWarned(CareJob.NAILS, List.of(Section.ARMPIT_LEFT), Warning.GROWLED))),
                "- rhythm.closed-growl - - rhythm.job-closed-warning - -");
        says(
                "something for the vet at the nails",
                may(GENTLE, Hand.BEGINNER, on(YESTERDAY, cared(CareOutcome.FOR_THE_VET, Signal.RELAXED))),
                "- - - - rhythm.job-closed-vet rhythm.job-closed-vet -");
        says(
                "a mat for the groomer",
                may(
                        GENTLE,
                        Hand.BEGINNER,
                        on(YESTERDAY, new SectionDone(Section.ARMPIT_LEFT, CombResult.FOR_GROOMER, 1, Signal.RELAXED))),
                "- rhythm.closed-groomer rhythm.closed-groomer - - - -");
        says("untaught", may(FRIGHTENED, Hand.BEGINNER), "trust.not-ready trust.not-ready - - - - -");
        says("a puppy", may(PUPPY, Hand.BEGINNER), "trust.not-ready trust.not-ready - - - - -");
        says(
                "a child’s hand",
                may(GENTLE, Hand.CHILD),
                "- trust.child-places trust.child-practice trust.child-practice - - -");
        says(
                "a child’s hand and a frightened dog",
                may(FRIGHTENED, Hand.CHILD),
                "trust.child-training trust.child-training trust.child-practice trust.child-practice - - -");
        says(
                "a child’s hand after a growl",
                may(GENTLE, Hand.CHILD, on(YESTERDAY, GROWL)),
                "trust.child-warned trust.child-warned trust.child-practice trust.child-practice - - -");
        says("hands that tire", may(GENTLE, Hand.TIRES), "- - - - - - -");
    }

    /** A bite in the night is of the day on which it was, though the session began before midnight. */
    @Test
    void peaceIsOfTheDayWhereTheDogLives() {
        UUID session = UUID.randomUUID();
        Entry bite = new Entry(
                UUID.randomUUID(),
                TODAY.atTime(0, 10).toInstant(ZoneOffset.UTC),
                TODAY,
                Optional.of(session),
                Optional.empty(),
                BITE);
        Log log = Log.of(List.of(bite), TODAY.atStartOfDay().toInstant(ZoneOffset.UTC));
        assertEquals(Peace.AFTER_A_WARNING, Peace.of(log, TODAY));
        assertEquals(Peace.NONE, Peace.of(log, TODAY.plusDays(1)));
    }

    /** What was taken back was not so: peace follows what stands. */
    @Test
    void whatIsTakenBackGivesNoPeace() {
        Entry bite = entry(0, on(TODAY, new CareWarned(CareJob.TEETH, List.of(), Warning.GROWLED)));
        Entry back = new Entry(
                UUID.randomUUID(),
                bite.at().plusSeconds(5),
                TODAY,
                Optional.empty(),
                Optional.of(bite.id()),
                new TakenBack());
        assertEquals(Peace.AFTER_A_WARNING, Peace.of(Log.of(List.of(bite), Instant.MIN), TODAY));
        assertEquals(Peace.NONE, Peace.of(Log.of(List.of(bite, back), Instant.MIN), TODAY));
    }

    /** Whoever is sent away hears why, and what is right instead. */
    @Test
    void everyRefusalHasWordsOfItsOwn() {
        Stream.of(Peace.values())
                .flatMap(peace -> peace.brushing().stream())
                .forEach(why -> assertTrue(why.text().contains("until tomorrow"), why.text()));
        assertTrue(may(GENTLE, Hand.CHILD)
                .brushing(Section.MUZZLE)
                .orElseThrow()
                .text()
                .contains("an adult"));
    }

    private record Told(LocalDate day, Said said) {}

    private static Told on(LocalDate day, Said said) {
        return new Told(day, said);
    }

    private static ClawTouched tooShort(Signal signal) {
        return new ClawTouched(
                Paw.HIND_LEFT, 2, ClawResult.TOO_SHORT, Optional.of(signal), Optional.of(Exercise.NAIL_GRINDER));
    }

    private static Cared cared(CareOutcome outcome, Signal signal) {
        return new Cared(CareJob.NAILS, outcome, Optional.of(signal), "");
    }

    /** Brushing and practice, jobs at the table that are learned step by step, and those that it knows. */
    private static String all(String brushing, String step, String job) {
        return String.join(" ", brushing, brushing, brushing, brushing, job, step, job);
    }

    private static void says(String state, MayBegin may, String expected) {
        List<String> said = DOORS.values().stream()
                .map(door -> door.apply(may).map(Reason::rule).orElse("-"))
                .toList();
        Map<String, String> doors = new LinkedHashMap<>();
        Map<String, String> wanted = new LinkedHashMap<>();
        List<String> words = Arrays.asList(expected.split(" "));
        int i = 0;
        for (String door : DOORS.keySet()) {
            doors.put(door, said.get(i));
            wanted.put(door, words.get(i++));
        }
        assertEquals(wanted, doors, state);
    }

    private static Entry entry(int n, Told told) {
        boolean ofSession = told.said instanceof SessionEvent;
        return new Entry(
                UUID.randomUUID(),
                told.day.atTime(10, n).toInstant(ZoneOffset.UTC),
                told.day,
                ofSession ? Optional.of(UUID.randomUUID()) : Optional.empty(),
                Optional.empty(),
                told.said);
    }

    private static MayBegin may(Dog dog, Hand hand, Told... told) {
        List<Entry> entries = new ArrayList<>();
        for (int i = 0; i < told.length; i++) {
            entries.add(entry(i, told[i]));
        }
        Log log = Log.of(entries, TODAY.atStartOfDay().toInstant(ZoneOffset.UTC));
        Coat coat = Dogs.allOver(Dogs.hair(CoatKind.CURLY, 60));
        Kit kit = Dogs.kit(dog, coat);
        return MayBegin.of(dog, coat, kit, Trust.of(dog, kit, log.read(Trial.ANSWERS), TODAY), log, hand, TODAY);
    }
}
