package rustictangle.core.plan;

import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.DayOfWeek;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import rustictangle.core.Dogs;
import rustictangle.core.Sample;
import rustictangle.core.care.CareDue;
import rustictangle.core.coat.CoatKind;

/** From a clip of five millimetres to a coat to the floor, and from one dog to six: no leap, nobody given up in silence. */
class HouseholdsSweepTest {

    private static final int[] LENGTHS = {5, 8, 12, 18, 25, 35, 50, 70, 90, 110, 130, 150, 175, 200};

    private static Map<DayOfWeek, Integer> everyDay(int minutes) {
        Map<DayOfWeek, Integer> set = new EnumMap<>(DayOfWeek.class);
        for (DayOfWeek day : DayOfWeek.values()) {
            set.put(day, minutes);
        }
        return set;
    }

    /** What a household is told in the morning, the jobs at the table apart. */
    private static Promise.Basis facts(List<Workload> dogs, int minutes) {
        return new Promise.Basis(
                Kept.TODAY,
                everyDay(minutes),
                Kept.noPractice(dogs.size()),
                new Promise.Stand(
                        dogs,
                        new CareDays.Asked(
                                dogs.stream().map(dog -> List.<CareDue>of()).toList(),
                                Kept.TODAY,
                                IntStream.range(0, Workload.MOST_DAYS)
                                        .mapToObj(day -> (double) minutes)
                                        .toList())));
    }

    /** Every sentence is true of its number, and a dog without a brush is named. */
    private static void assertTold(List<Workload> dogs, Promise.Basis facts, Promise promise, String where) {
        Optional<NotEnough> not = NotEnough.of(facts, promise);
        for (int dog = 0; dog < dogs.size(); dog++) {
            int here = dog;
            for (SectionPlan section : promise.plan().dog(dog).sections()) {
                SentencesTest.check(section, dogs.get(dog).forecast().at(section.section()));
            }
            boolean brushed = promise.plan().minutesAWeek(dog) > 0;
            boolean wanted = HouseholdPlan.asItTakes(dogs).minutesAWeek(dog) > 0;
            assertTrue(
                    brushed
                            || !wanted
                            || not.filter(said -> said.givenUp().contains(here)).isPresent(),
                    where + ": dog " + dog + " is given up in silence");
        }
    }

    /** In twenty minutes a day: the longer the hair the more mats, bit by bit. */
    @ParameterizedTest
    @CsvSource({"FLEECE, 16", "CURLY, 14", "DROP, 9", "FEATHERED, 20", "DOUBLE, 17", "WIRE, 8"})
    void longerHairInTheSameMinutesNeverMatsLessAndNoMillimetreMakesALeap(CoatKind kind, double kilograms) {
        double before = 0;
        for (int i = 0; i < LENGTHS.length; i += Sample.of(2, 1)) {
            List<Workload> dog = List.of(Kept.dog(Dogs.adult(kilograms), Dogs.allOver(Dogs.hair(kind, LENGTHS[i])))
                    .provedAgo(2)
                    .work());
            Promise.Basis facts = facts(dog, 20);
            Promise promise = Promise.of(facts);
            double mats = promise.plan().matsAMonth(0);
            String where = kind + " of " + LENGTHS[i] + " mm: " + mats + " mats a month, before " + before;
            assertTrue(mats >= 0.93 * before - 0.3, where);
            // A leap would be a rule that begins to hold at one length.
            assertTrue(mats <= 3.5 * before + 6, where);
            assertTold(dog, facts, promise, where);
            before = mats;
        }
    }

    /** In forty minutes a day: each dog more is a few mats more for the others, and all of them are seen to. */
    @Test
    void oneDogMoreTakesFromTheOthersAndNobodyIsForgotten() {
        List<Kept> six = List.of(
                Kept.dog(Dogs.adult(17.5), Dogs.allOver(Dogs.hair(CoatKind.DOUBLE, 70))),
                Kept.dog(Dogs.adult(14), Dogs.allOver(Dogs.hair(CoatKind.CURLY, 26))),
                Kept.dog(Dogs.adult(9.6), Dogs.allOver(Dogs.hair(CoatKind.DROP, 110))),
                Kept.dog(Dogs.adult(4.1), Dogs.allOver(Dogs.hair(CoatKind.WIRE, 15))),
                Kept.dog(Dogs.adult(16), Dogs.allOver(Dogs.fleece(60))),
                Kept.dog(Dogs.adult(30), Dogs.allOver(Dogs.hair(CoatKind.FEATHERED, 60))));
        double before = 0;
        for (int count = 1; count <= six.size(); count++) {
            List<Workload> dogs = six.subList(0, count).stream()
                    .map(dog -> dog.provedAgo(2).work())
                    .toList();
            Promise.Basis facts = facts(dogs, 40);
            Promise promise = Promise.of(facts);
            double mats = IntStream.range(0, count)
                    .mapToDouble(promise.plan()::matsAMonth)
                    .sum();
            String where = count + " dogs: " + mats + " mats a month, before " + before;
            assertTrue(mats >= before - 0.2, where);
            double spent = IntStream.range(0, HouseholdPlan.days(dogs))
                    .mapToDouble(promise.plan()::minutes)
                    .max()
                    .orElse(0);
            assertTrue(spent <= 40.01, where + ", " + spent + " min on a day");
            assertTold(dogs, facts, promise, where);
            before = mats;
        }
    }
}
