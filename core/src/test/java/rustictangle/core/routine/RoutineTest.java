package rustictangle.core.routine;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.LocalDate;
import java.util.Arrays;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import rustictangle.core.Dogs;
import rustictangle.core.coat.Coat;
import rustictangle.core.coat.CoatKind;
import rustictangle.core.coat.Density;
import rustictangle.core.coat.Texture;
import rustictangle.core.dog.Dog;
import rustictangle.core.dog.History;
import rustictangle.core.dog.LifeStage;
import rustictangle.core.dog.Mass;
import rustictangle.core.dog.Section;
import rustictangle.core.dog.Skin;
import rustictangle.core.kit.Approach;
import rustictangle.core.kit.Kit;
import rustictangle.core.kit.LeadSchool;
import rustictangle.core.kit.Match;
import rustictangle.core.rhythm.CombCheck;
import rustictangle.core.rhythm.Comfort;
import rustictangle.core.rhythm.Rhythm;
import rustictangle.core.trust.Trust;

class RoutineTest {

    private static final LocalDate DAY = LocalDate.of(2026, 5, 1);

    @ParameterizedTest
    @EnumSource(Order.class)
    void everyOrderVisitsEverySectionOnce(Order order) {
        assertEquals(Section.values().length, order.sequence().size());
        assertEquals(EnumSet.allOf(Section.class), Set.copyOf(order.sequence()));
    }

    @Test
    void toesUpWorksFromTheFeetAndLeavesTheHeadForLast() {
        List<Section> order = Order.TOES_UP.sequence();
        assertTrue(order.indexOf(Section.HIND_FOOT_LEFT) < order.indexOf(Section.HIND_LEG_LEFT));
        assertTrue(order.indexOf(Section.FRONT_LEG_RIGHT) < order.indexOf(Section.BACK));
        assertEquals(Section.MUZZLE, order.get(order.size() - 1));
    }

    @Test
    void headDownBeginsAtTheHeadAndEndsAtTheTail() {
        assertEquals(Section.MUZZLE, Order.HEAD_DOWN.sequence().get(0));
        assertEquals(Section.TAIL_WHOLE, Order.HEAD_DOWN.sequence().get(28));
    }

    @Test
    void hotSpotsFirstBeginsWithThePriorityGroupAndEndsWithTheBody() {
        List<Section> order = Order.HOT_SPOTS_FIRST.sequence();
        assertTrue(order.subList(0, 10).stream().allMatch(Section::priority));
        assertTrue(order.subList(22, 29).stream().allMatch(s -> s.sensitivityRank() <= 3));
    }

    @Test
    void gentlestFirstClimbsWithWhatTheDogMinds() {
        List<Section> order = Order.GENTLEST_FIRST.sequence();
        assertEquals(
                order.stream()
                        .sorted(Comparator.comparingInt(Section::sensitivityRank))
                        .toList(),
                order);
        assertEquals(Section.TAIL_WHOLE, order.get(28));
    }

    @Test
    void theOrderFitsTheSituation() {
        Coat fleece = Dogs.allOver(Dogs.fleece(80));
        Coat smooth = Dogs.allOver(Dogs.hair(CoatKind.SMOOTH, 12));
        assertEquals(Order.TOES_UP, whole(Dogs.adult(14), fleece).order());
        assertEquals(Order.HEAD_DOWN, whole(Dogs.adult(14), smooth).order());
        assertEquals(
                Order.GENTLEST_FIRST,
                whole(Dogs.with(LifeStage.PUPPY, History.GENTLE), fleece).order());
        assertEquals(
                Order.GENTLEST_FIRST,
                whole(Dogs.with(LifeStage.ADULT, History.ROUGH_GROOM), fleece).order());
    }

    @Test
    void aKnownMatBringsTheHotSpotsForward() {
        Dog dog = Dogs.adult(14);
        Coat coat = Dogs.allOver(Dogs.fleece(80));
        Rhythm rhythm =
                Rhythm.of(dog, coat, Comfort.BALANCED, List.of(new CombCheck(Section.ARMPIT_LEFT, DAY, 1, true)), DAY);
        Routine routine = Routine.of(
                dog,
                coat,
                Dogs.kit(dog, coat),
                Trust.of(dog, Dogs.kit(dog, coat), List.of(), DAY),
                rhythm.sections(),
                EnumSet.allOf(Section.class));
        assertEquals(Order.HOT_SPOTS_FIRST, routine.order());
        assertTrue(routine.cautions().stream().anyMatch(r -> r.rule().equals("routine.mats")));
    }

    @Test
    void hairThePinsReachThroughNeedsNoLayers() {
        Layers layers = Layers.of(Dogs.hair(CoatKind.CURLY, 18), 19, 150);
        assertEquals(1, layers.count());
        assertEquals("routine.one-pass", layers.why().rule());
    }

    /** Layer thickness: 10 mm dense, 15 mm medium, 25 mm sparse; own estimates of the handbook. */
    @Test
    void aHairLongerThanThePinsNeedsLayers() {
        assertEquals(15, layersOf(Density.DENSE));
        assertEquals(10, layersOf(Density.MEDIUM));
        assertEquals(6, layersOf(Density.SPARSE));
    }

    @Test
    void paleOrThinSkinGetsFewerStrokes() {
        Coat coat = Dogs.allOver(Dogs.fleece(80));
        Dog elderly = Dogs.with(LifeStage.ELDERLY, History.GENTLE);
        assertEquals(3, whole(Dogs.adult(10), coat).steps().get(0).strokesAtMost());
        assertEquals(2, whole(elderly, coat).steps().get(0).strokesAtMost());
    }

    /** Common practice: heavy shedding of a medium double coat takes 35 to 40 minutes. */
    @Test
    void aMediumDoubleCoatInSeasonTakesThirtyFiveToFortyMinutes() {
        Coat coat = Dogs.shedding(Dogs.hair(CoatKind.DOUBLE, 60, Density.DENSE, Texture.HARSH));
        double minutes = whole(Dogs.adult(17), coat).totalSeconds() / 60.0;
        assertTrue(minutes >= 33 && minutes <= 42, minutes + " min");
    }

    /** Common practice: a long fleece through three tools takes 60 minutes or more. */
    @Test
    void aLongFleeceThroughThreeToolsTakesAnHour() {
        double minutes = whole(Dogs.adult(15), Dogs.allOver(Dogs.fleece(110))).totalSeconds() / 60.0;
        assertTrue(minutes >= 54 && minutes <= 72, minutes + " min");
    }

    /** Common practice: a long-coated medium dog combed daily takes about 10 minutes. */
    @Test
    void theDailyCombOfALongCoatedMediumDogTakesAboutTenMinutes() {
        Dog dog = Dogs.adult(15);
        Coat coat = Dogs.allOver(Dogs.hair(CoatKind.DROP, 160));
        Kit combOnly = Kit.of(Match.of(dog, coat, Approach.USUAL.leadBy(LeadSchool.COMB_ONLY)), List.of());
        double minutes = whole(dog, coat, combOnly).totalSeconds() / 60.0;
        assertEquals(10, minutes, 2.5);
    }

    @Test
    void combingInsteadOfBrushingStillGoesLayerByLayer() {
        Dog dog = Dogs.adult(15);
        Coat coat = Dogs.allOver(Dogs.hair(CoatKind.CURLY, 60));
        Kit combOnly = Kit.of(Match.of(dog, coat, Approach.USUAL.leadBy(LeadSchool.COMB_ONLY)), List.of());
        RoutineStep back = whole(dog, coat, combOnly).steps().stream()
                .filter(step -> step.section() == Section.BACK)
                .findFirst()
                .orElseThrow();
        assertTrue(back.layers().count() > 1);
    }

    @Test
    void theMinutesOfTheSectionsAddUpToTheWhole() {
        Routine routine = whole(Dogs.adult(9.6), Dogs.allOver(Dogs.hair(CoatKind.DROP, 160)));
        assertEquals(
                routine.totalSeconds(),
                routine.steps().stream().mapToInt(RoutineStep::seconds).sum());
        assertTrue(routine.steps().stream().allMatch(step -> step.seconds() >= 10));
    }

    @Test
    void aBiggerDogTakesLonger() {
        Coat coat = Dogs.allOver(Dogs.fleece(60));
        int before = 0;
        for (double kilograms : new double[] {3, 6, 12, 24, 48}) {
            int seconds = whole(Dogs.adult(kilograms), coat).totalSeconds();
            assertTrue(seconds > before, kilograms + " kg");
            before = seconds;
        }
    }

    @Test
    void aFlatFaceIsWarnedOfBeforeTheFirstStroke() {
        Dog dog = new Dog(new Mass(9), LifeStage.ADULT, true, Skin.SOUND, History.GENTLE, Set.of(), Set.of());
        List<String> rules = whole(dog, Dogs.allOver(Dogs.fleece(40))).cautions().stream()
                .map(reason -> reason.rule())
                .toList();
        assertTrue(rules.contains("routine.flat-face"));
    }

    private static int layersOf(Density density) {
        return Layers.of(Dogs.hair(CoatKind.CURLY, 60, density, Texture.CURLY), 24.5, 150)
                .count();
    }

    private static Routine whole(Dog dog, Coat coat) {
        return whole(dog, coat, Dogs.kit(dog, coat));
    }

    private static Routine whole(Dog dog, Coat coat, Kit kit) {
        Trust trust = Trust.of(dog, kit, List.of(), DAY);
        Rhythm rhythm = Rhythm.of(dog, coat, Comfort.BALANCED, List.of(), DAY);
        return Routine.of(dog, coat, kit, trust, rhythm.sections(), Arrays.asList(Section.values()));
    }
}
