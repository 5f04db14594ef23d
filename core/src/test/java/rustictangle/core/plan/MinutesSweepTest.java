package rustictangle.core.plan;

import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import rustictangle.core.Dogs;
import rustictangle.core.Sample;
import rustictangle.core.coat.CoatKind;
import rustictangle.core.rhythm.Comfort;

/** From no minute a day to two hours: no leap, nothing the wrong way round, nothing given up in silence (handbook 10.4, 10.5). */
class MinutesSweepTest {

    private enum Of {
        FLEECE(16, CoatKind.FLEECE, 80),
        DOUBLE(17, CoatKind.DOUBLE, 60),
        CURLY(14, CoatKind.CURLY, 45),
        SILKY(3, CoatKind.DROP, 70);

        private final Kept kept;

        Of(double kilograms, CoatKind kind, double millimetres) {
            kept = Kept.dog(Dogs.adult(kilograms), Dogs.allOver(Dogs.hair(kind, millimetres)))
                    .provedAgo(1);
        }
    }

    /** @param brushing minutes a week, setting up apart */
    private record Point(double brushing, double mats, int mostPlaces) {

        /** A day, setting up apart. */
        double cost(Comfort comfort) {
            return brushing / 7 + comfort.minutesPerMat() * mats / 30.4;
        }
    }

    private static final int DAYS = Workload.DAYS_WITHOUT_GROOMER;
    private static final int[] FEW = {0, 3, 5, 7, 10, 14, 20, 40, 120};
    private static final int[] ALL = IntStream.concat(
                    IntStream.rangeClosed(0, 20), IntStream.of(25, 30, 40, 60, 90, 120))
            .toArray();

    /** A short sitting takes less to set up, so many a day are a little cheaper than a few long ones. */
    private static final double NEARLY = 0.15;

    private static String what(Of of, Comfort comfort, int minutes, Point here, Point there) {
        return "setting up apart: " + of + ", " + comfort + ", " + minutes + " min a day: " + here + " " + there;
    }

    private static Point at(Kept dog, int minutes) {
        HouseholdPlan plan = HouseholdPlan.of(List.of(dog.work()), Kept.everyDay(minutes));
        return new Point(
                IntStream.range(0, DAYS)
                                .mapToDouble(day -> plan.brushing(0, day))
                                .sum()
                        / DAYS
                        * 7,
                plan.matsAMonth(0),
                IntStream.range(0, DAYS)
                        .map(day -> plan.sectionsOn(0, day).size())
                        .max()
                        .orElse(0));
    }

    @ParameterizedTest
    @EnumSource(Of.class)
    void aMinuteMoreADayIsNeverWorseAndAMoreCarefulOwnerNeverExpectsMoreMats(Of of) {
        Map<Comfort, TreeMap<Integer, Point>> sweep = new EnumMap<>(Comfort.class);
        for (Comfort comfort : Comfort.values()) {
            TreeMap<Integer, Point> points = new TreeMap<>();
            Arrays.stream(Sample.of(1, 2) == 1 ? FEW : ALL)
                    .forEach(minutes -> points.put(minutes, at(of.kept.comfort(comfort), minutes)));
            sweep.put(comfort, points);
            Point plenty = points.lastEntry().getValue();
            points.forEach((minutes, here) -> {
                assertTrue(
                        here.brushing <= 1.05 * plenty.brushing + 3,
                        "more brushing with less time, " + what(of, comfort, minutes, here, plenty));
                points.tailMap(minutes, false)
                        .values()
                        .forEach(there -> assertTrue(
                                there.cost(comfort) <= (1 + NEARLY) * here.cost(comfort) + 0.01,
                                "worse with more time, " + what(of, comfort, minutes, here, there)));
            });
        }
        for (int minutes : sweep.get(Comfort.CAREFUL).keySet()) {
            Point[] by = Stream.of(Comfort.CAREFUL, Comfort.BALANCED, Comfort.EASY_GOING)
                    .map(comfort -> sweep.get(comfort).get(minutes))
                    .toArray(Point[]::new);
            for (int i = 0; i < 2; i++) {
                assertTrue(
                        by[i].mats <= 1.05 * by[i + 1].mats + (minutes < 8 ? 0.7 : 0.05),
                        of + ", " + minutes + " min: " + Arrays.toString(by));
            }
        }
        sweep.forEach((comfort, points) -> points.tailMap(2)
                .forEach((minutes, here) ->
                        assertTrue(here.brushing > 3, of + " is not given up at " + minutes + " min a day: " + here)));
    }

    /** Comb in the pocket: a minute to fetch the dog, one to three hot places. */
    @Test
    void fiveMinutesAreWorthSomething() {
        for (Of of : Of.values()) {
            Point none = at(of.kept, 0);
            Point five = at(of.kept, 5);
            assertTrue(five.mats <= 0.6 * none.mats, of + ": " + none + " " + five);
            assertTrue(five.mostPlaces <= 3, of + ": " + five);
        }
    }
}
