package rustictangle.core.care;

import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeSet;
import java.util.random.RandomGenerator;
import java.util.random.RandomGeneratorFactory;
import org.junit.jupiter.api.Test;
import rustictangle.core.Dogs;
import rustictangle.core.care.Claws.DewClaws;
import rustictangle.core.coat.CoatKind;
import rustictangle.core.dog.Dog;
import rustictangle.core.kit.Kit;
import rustictangle.core.kit.NailSchool;
import rustictangle.core.log.BathKind;
import rustictangle.core.log.Bathed;
import rustictangle.core.log.CareJob;
import rustictangle.core.log.CareOutcome;
import rustictangle.core.log.Cared;
import rustictangle.core.log.Log;
import rustictangle.core.log.Practised;
import rustictangle.core.log.Signal;
import rustictangle.core.plan.CareDays;
import rustictangle.core.plan.Promise;
import rustictangle.core.trust.Trial;
import rustictangle.core.trust.Trust;

/** A year at the table of an owner with two untaught dogs who does what the day asks for: handbook 13. */
class CareYearTest {

    private static final LocalDate FIRST = LocalDate.of(2026, 1, 1);
    private static final int DAYS = 365;
    private static final Dog DOG = Dogs.adult(10);
    private static final Kit KIT = Dogs.kit(DOG, Dogs.allOver(Dogs.hair(CoatKind.SMOOTH, 10)));
    private static final double RELAXED = 0.85;
    private static final int TRIALS = 4;

    /** By job: the days on which it was done, of either dog. */
    private static List<Map<CareJob, TreeSet<Integer>>> year(double minutes, Map<CareJob, CareDue.Chosen> chosen) {
        RandomGenerator random = RandomGeneratorFactory.of("L64X128MixRandom").create(18);
        List<Days> logs = List.of(new Days(), new Days());
        List<Map<CareJob, TreeSet<Integer>>> done = List.of(new EnumMap<>(CareJob.class), new EnumMap<>(CareJob.class));
        List<Double> each = Collections.nCopies(14, minutes);
        Map<DayOfWeek, Integer> there = new EnumMap<>(DayOfWeek.class);
        for (DayOfWeek day : DayOfWeek.values()) {
            there.put(day, (int) minutes);
        }
        for (int day = 0; day < DAYS; day++) {
            LocalDate today = FIRST.plusDays(day);
            List<List<CareDue>> due = new ArrayList<>();
            for (Days said : logs) {
                Log log = said.log();
                Trust trust = Trust.of(DOG, KIT, log.read(Trial.ANSWERS), today);
                Claws claws = Claws.of(log, DewClaws.USUAL);
                due.add(CareDue.of(
                        DOG,
                        trust,
                        CareDiary.of(log),
                        chosen,
                        claws,
                        NailSchool.ALL,
                        25,
                        Optional.empty(),
                        Optional.empty(),
                        today));
            }
            double small = 0;
            Promise promise = Promise.of(new Promise.Basis(
                    today, there, List.of(), new Promise.Stand(List.of(), new CareDays.Asked(due, today, each))));
            for (CareDays.PlannedJob turn : promise.care()) {
                CareDue job = due.get(turn.dog()).get(turn.job().ordinal());
                assertTrue(job.due(today) || turn.job() == CareJob.BATH, "only what is due: " + job);
                small += turn.job() == CareJob.BATH ? 0 : turn.minutes();
                if (job.learning()) {
                    for (int trial = 0; trial < TRIALS; trial++) {
                        Signal signal = random.nextDouble() < RELAXED ? Signal.RELAXED : Signal.UNEASY;
                        logs.get(turn.dog())
                                .on(
                                        today,
                                        new Practised(
                                                Optional.of(
                                                        job.spot().orElseThrow().subject()),
                                                Optional.empty(),
                                                signal));
                    }
                    continue;
                }
                logs.get(turn.dog())
                        .on(
                                today,
                                turn.job() == CareJob.BATH
                                        ? new Bathed(BathKind.WHOLE_DOG)
                                        : new Cared(turn.job(), CareOutcome.DONE, Optional.of(Signal.RELAXED), ""));
                done.get(turn.dog())
                        .computeIfAbsent(turn.job(), first -> new TreeSet<>())
                        .add(day);
            }
            assertTrue(small <= minutes, "day " + day + " takes " + small);
        }
        return done;
    }

    private static int longestGap(TreeSet<Integer> days, int from) {
        int gap = 0;
        int last = from;
        for (int day : days.tailSet(from)) {
            gap = Math.max(gap, day - last);
            last = day;
        }
        return Math.max(gap, DAYS - last);
    }

    private static double longestGap(Map<CareJob, TreeSet<Integer>> done, CareJob job) {
        return longestGap(done.get(job), LEARNED_BY);
    }

    /** By then a dog that takes most steps relaxed has climbed every ladder. */
    private static final int LEARNED_BY = 120;

    @Test
    void withTwentyMinutesADayEveryJobIsLearnedAndThenComesWhenItShould() {
        for (Map<CareJob, TreeSet<Integer>> dog : year(20, MONTHLY_BATH)) {
            for (CareJob job : CareJob.values()) {
                assertTrue(dog.get(job).first() <= LEARNED_BY, job + " first on day " + dog.get(job));
                assertTrue(longestGap(dog, job) <= every(job) + 3, job + " after " + longestGap(dog, job) + " days");
            }
            assertTrue(dog.get(CareJob.TEETH).tailSet(LEARNED_BY).size() >= 0.9 * (DAYS - LEARNED_BY), "teeth daily");
        }
    }

    /** Whoever has five minutes for two dogs does everything more seldom, and nothing never. */
    @Test
    void onShortDaysNothingWaitsForEverAndMoreMinutesAreMoreDone() {
        int before = 0;
        for (double minutes : new double[] {5, 12}) {
            int done = 0;
            for (Map<CareJob, TreeSet<Integer>> dog : year(minutes, MONTHLY_BATH)) {
                for (CareJob job : CareJob.values()) {
                    double waits = longestGap(dog, job) / every(job);
                    assertTrue(waits <= 7, "with " + minutes + " minutes " + job + " waits " + waits + " intervals");
                    done += dog.get(job).size();
                }
            }
            assertTrue(done > before, minutes + " minutes: " + done);
            before = done;
        }
    }

    private static final Map<CareJob, CareDue.Chosen> MONTHLY_BATH =
            Map.of(CareJob.BATH, new CareDue.Chosen(28, false));

    private static int every(CareJob job) {
        return MONTHLY_BATH.containsKey(job)
                ? MONTHLY_BATH.get(job).every()
                : CareRules.of(job).every(DOG);
    }
}
