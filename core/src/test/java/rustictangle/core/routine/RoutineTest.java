package rustictangle.core.routine;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;
import rustictangle.core.Dogs;
import rustictangle.core.Reason;
import rustictangle.core.Sample;
import rustictangle.core.coat.Coat;
import rustictangle.core.coat.CoatKind;
import rustictangle.core.coat.Colour;
import rustictangle.core.coat.Density;
import rustictangle.core.coat.HairLength;
import rustictangle.core.coat.RegionCoat;
import rustictangle.core.coat.Texture;
import rustictangle.core.dog.Dog;
import rustictangle.core.dog.History;
import rustictangle.core.dog.LifeStage;
import rustictangle.core.dog.Mass;
import rustictangle.core.dog.Section;
import rustictangle.core.dog.Skin;
import rustictangle.core.kit.Approach;
import rustictangle.core.kit.DirectionSchool;
import rustictangle.core.kit.Grip;
import rustictangle.core.kit.Kit;
import rustictangle.core.kit.LeadSchool;
import rustictangle.core.kit.Match;
import rustictangle.core.kit.Order;
import rustictangle.core.kit.Parting;
import rustictangle.core.kit.SchoolQuestion;
import rustictangle.core.kit.StrokeSchool;
import rustictangle.core.kit.Ways;
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
        assertEquals(Section.CROWN, Order.HEAD_DOWN.sequence().get(0));
        List<Section> down = Order.HEAD_DOWN.sequence();
        assertTrue(
                down.indexOf(Section.ARMPIT_LEFT) < down.indexOf(Section.FRONT_LEG_LEFT)
                        && down.indexOf(Section.FRONT_LEG_LEFT) < down.indexOf(Section.FRONT_FOOT_LEFT),
                "within a leg from above to the foot");
        assertTrue(down.indexOf(Section.NECK_RUFF) < down.indexOf(Section.CHEST));
        assertEquals(Section.TAIL_WHOLE, Order.HEAD_DOWN.sequence().get(28));
    }

    @Test
    void hotSpotsFirstBeginsWithThePriorityGroupAndEndsWithTheBody() {
        List<Section> order = Order.HOT_SPOTS_FIRST.sequence();
        int lastHot = order.stream()
                .filter(Section::priority)
                .mapToInt(order::indexOf)
                .max()
                .orElseThrow();
        assertTrue(order.subList(lastHot + 1, 29).stream().noneMatch(Section::priority));
        assertTrue(order.subList(24, 29).stream().allMatch(s -> s.sensitivityRank() <= 3));
    }

    @Test
    void gentlestFirstClimbsWithWhatTheDogMindsFromGripToGripAndWithinEach() {
        List<Section> order = Order.GENTLEST_FIRST.sequence();
        List<List<Section>> grips = new ArrayList<>();
        for (Section section : order) {
            if (!grips.isEmpty() && Grip.together(grips.get(grips.size() - 1).get(0), section)) {
                grips.get(grips.size() - 1).add(section);
            } else {
                grips.add(new ArrayList<>(List.of(section)));
            }
        }
        assertEquals(12, grips.size(), "no more grips than in any other order");
        int most = 0;
        for (List<Section> grip : grips) {
            List<Integer> ranks = grip.stream().map(Section::sensitivityRank).toList();
            assertEquals(ranks.stream().sorted().toList(), ranks, grip + ": the gentlest first within it, too");
            int worst = ranks.get(ranks.size() - 1);
            assertTrue(worst >= most, grip + " comes too late");
            most = worst;
        }
        assertTrue(
                order.indexOf(Section.THIGH_LEFT) < order.indexOf(Section.HIND_LEG_LEFT)
                        && order.indexOf(Section.HIND_LEG_LEFT) < order.indexOf(Section.HIND_FOOT_LEFT),
                "the thigh long before its leg, the leg before its foot");
        assertEquals(Section.TAIL_WHOLE, order.get(28));
    }

    /** Rubber with the lie, bristle or a cloth elsewhere: common practice, no published source. */
    @Test
    void aSmoothDogIsNotToldToPartMistOrComb() {
        for (boolean plush : new boolean[] {false, true}) {
            RegionCoat hair = new RegionCoat(
                    CoatKind.SMOOTH, new HairLength(14), Density.MEDIUM, Texture.SOFT, plush, false, Colour.GOLD);
            for (RoutinePlace step : whole(Dogs.adult(14), Dogs.allOver(hair)).places()) {
                String said = step.hold()
                        + step.reasons().stream().map(Reason::text).collect(Collectors.joining(" "))
                        + step.passes().why().text();
                for (String word : List.of("parting", "Part in", "part to", "mist", "comb", "Hold up")) {
                    assertFalse(said.contains(word), step.section() + ": " + said);
                }
                assertTrue(step.mist().isEmpty() && !step.asksForProof() && !step.parted());
            }
        }
    }

    @Test
    void theOrderFitsTheSituation() {
        Coat fleece = Dogs.allOver(Dogs.fleece(80));
        Coat smooth = Dogs.allOver(Dogs.hair(CoatKind.SMOOTH, 12));
        assertEquals(Order.TOES_UP, whole(Dogs.adult(14), fleece).order());
        assertEquals(Order.GENTLEST_FIRST, whole(Dogs.adult(14), smooth).order());
        assertEquals(
                Order.HEAD_DOWN,
                whole(Dogs.adult(14), Dogs.allOver(Dogs.fleece(15))).order());
        assertEquals(
                Order.GENTLEST_FIRST,
                whole(Dogs.with(LifeStage.PUPPY, History.GENTLE), fleece).order());
        assertEquals(
                Order.GENTLEST_FIRST,
                whole(Dogs.with(LifeStage.ADULT, History.ROUGH_GROOM), fleece).order());
    }

    /** The order is a school, kept for the dog: no situation overrules it. */
    @ParameterizedTest
    @EnumSource(Order.class)
    void theOrderThatWasChosenForTheDogIsKept(Order chosen) {
        Dog dog = Dogs.adult(14);
        for (Coat coat : List.of(Dogs.allOver(Dogs.fleece(80)), Dogs.allOver(Dogs.hair(CoatKind.SMOOTH, 12)))) {
            Approach approach = Approach.USUAL.withWays(Ways.USUAL.with(SchoolQuestion.ORDER, chosen));
            Routine routine = whole(dog, coat, Kit.of(Match.of(dog, coat, approach), List.of()));
            assertEquals(chosen, routine.order());
            assertEquals(
                    chosen.sequence(),
                    routine.places().stream().map(RoutinePlace::section).toList());
        }
    }

    @Test
    void aKnownMatBringsTheHotSpotsForward() {
        Dog dog = Dogs.adult(14);
        Coat coat = Dogs.allOver(Dogs.fleece(80));
        Routine routine = Routine.of(
                dog,
                coat,
                Dogs.kit(dog, coat),
                Trust.of(dog, Dogs.kit(dog, coat), List.of(), DAY),
                List.of(Section.ARMPIT_LEFT),
                EnumSet.allOf(Section.class));
        assertEquals(Order.HOT_SPOTS_FIRST, routine.order());
        assertTrue(routine.cautions().stream().anyMatch(r -> r.rule().equals("routine.mats")));
    }

    @Test
    void hairThePinsReachThroughNeedsNoLayers() {
        Layers layers = Layers.of(Dogs.hair(CoatKind.CURLY, 18), Parting.LAYERS, 19, 0, 150);
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
        assertEquals(3, strokes(Dogs.adult(10), coat, Section.BACK));
        assertEquals(2, strokes(Dogs.adult(10), coat, Section.BELLY));
        assertEquals(2, strokes(elderly, coat, Section.BACK));
    }

    private static int strokes(Dog dog, Coat coat, Section section) {
        return whole(dog, coat).places().stream()
                .filter(step -> step.section() == section)
                .findFirst()
                .orElseThrow()
                .strokesAtMost();
    }

    /** Common practice, no published source: heavy shedding of a small double coat takes 35 to 40 minutes. */
    @Test
    void aSmallDoubleCoatInSeasonTakesThirtyFiveToFortyMinutes() {
        Coat coat = Dogs.shedding(Dogs.hair(CoatKind.DOUBLE, 60, Density.DENSE, Texture.HARSH));
        double minutes = whole(Dogs.adult(9), coat).totalSeconds() / 60;
        assertTrue(minutes >= 33 && minutes <= 42, minutes + " min");
    }

    /** Common practice, no published source: a long fleece through three tools takes 60 minutes or more. */
    @Test
    void aLongFleeceThroughThreeToolsTakesAnHour() {
        double minutes = whole(Dogs.adult(16), Dogs.allOver(Dogs.fleece(120))).totalSeconds() / 60;
        assertTrue(minutes >= 57 && minutes <= 72, minutes + " min");
    }

    /** Common practice, no published source: a long-coated medium dog combed daily takes about 10 minutes. */
    @Test
    void theDailyCombOfALongCoatedMediumDogTakesAboutTenMinutes() {
        Dog dog = Dogs.adult(15);
        Coat coat = Dogs.allOver(Dogs.hair(CoatKind.DROP, 160));
        Kit combOnly = Kit.of(Match.of(dog, coat, Approach.USUAL.leadBy(LeadSchool.COMB_ONLY)), List.of());
        assertEquals(10, whole(dog, coat, combOnly).totalSeconds() / 60, 2.5);
    }

    /** Own estimate of the handbook: 7 to 10 minutes. */
    @ParameterizedTest
    @ValueSource(doubles = {6, 10, 15})
    void aClippedCoatTakesSevenToTenMinutes(double millimetres) {
        double minutes =
                whole(Dogs.adult(12), Dogs.allOver(Dogs.fleece(millimetres))).totalSeconds() / 60;
        assertTrue(minutes >= 6.5 && minutes <= 10.5, minutes + " min");
    }

    /** No millimetre above 10, and no twentieth of the mass, changes the minutes of a place by more than a tenth. */
    @ParameterizedTest
    @EnumSource(
            value = CoatKind.class,
            names = {"CORDED", "HAIRLESS"},
            mode = EnumSource.Mode.EXCLUDE)
    void theMinutesGrowSmoothlyWithHairAndMass(CoatKind kind) {
        for (Density density : List.of(Density.SPARSE, Density.DENSE)) {
            for (Texture texture :
                    kind == CoatKind.CURLY ? List.of(Texture.CURLY, Texture.SOFT) : List.of(kind.usualTexture())) {
                RoutineStepsOf of = new RoutineStepsOf(kind, density, texture);
                for (double kilograms : new double[] {1.5, 15, 85}) {
                    for (int mm = 11; mm <= 300; mm += mm < 80 ? Sample.of(3, 1) : Sample.of(21, 7)) {
                        smooth(of.at(mm - 1, kilograms), of.at(mm, kilograms), kind + " " + mm + " mm " + kilograms);
                    }
                }
                for (double kilograms = 1.5; kilograms < 90; kilograms *= 1.1) {
                    smooth(of.at(60, kilograms), of.at(60, kilograms * 1.05), kind + " " + kilograms + " kg");
                }
            }
        }
    }

    /** The same in every school of direction and stroke; each way more costs more. */
    @Test
    void theMinutesGrowSmoothlyInEverySchoolOfDirectionAndStroke() {
        for (CoatKind kind : List.of(CoatKind.DOUBLE, CoatKind.FLEECE, CoatKind.DROP)) {
            for (DirectionSchool direction : DirectionSchool.values()) {
                for (StrokeSchool stroke : StrokeSchool.values()) {
                    RoutineStepsOf of = new RoutineStepsOf(
                            kind,
                            Density.MEDIUM,
                            kind.usualTexture(),
                            Ways.USUAL.with(SchoolQuestion.DIRECTION, direction).with(SchoolQuestion.STROKE, stroke));
                    String school = kind + " " + direction + " " + stroke + " ";
                    for (int mm = 11; mm <= 200; mm += Sample.of(9, 2)) {
                        smooth(of.at(mm - 1, 15), of.at(mm, 15), school + mm + " mm");
                    }
                    RoutineStepsOf usual = new RoutineStepsOf(kind, Density.MEDIUM, kind.usualTexture(), Ways.USUAL);
                    double more = minutes(of.at(80, 15)) / minutes(usual.at(80, 15));
                    assertTrue(more > 0.75 && more < 2.2, school + "takes " + more + " times as long");
                    if (direction == DirectionSchool.BY_COAT) {
                        assertTrue(more >= 1, school + more);
                    }
                }
            }
        }
    }

    private static double minutes(List<RoutinePlace> places) {
        return places.stream().mapToDouble(RoutinePlace::seconds).sum() / 60;
    }

    private record RoutineStepsOf(CoatKind kind, Density density, Texture texture, Ways ways) {

        RoutineStepsOf(CoatKind kind, Density density, Texture texture) {
            this(kind, density, texture, Ways.USUAL);
        }

        List<RoutinePlace> at(double millimetres, double kilograms) {
            Dog dog = Dogs.adult(kilograms);
            Coat coat = Dogs.allOver(Dogs.hair(kind, millimetres, density, texture));
            return whole(dog, coat, Kit.of(Match.of(dog, coat, Approach.USUAL.withWays(ways)), List.of()))
                    .places();
        }
    }

    private static void smooth(List<RoutinePlace> before, List<RoutinePlace> after, String where) {
        for (int i = 0; i < after.size(); i++) {
            double ratio =
                    seconds(after, before.get(i).section()) / before.get(i).seconds();
            assertTrue(
                    ratio <= 1.1 && ratio >= 0.9999, where + " " + before.get(i).section() + ": " + ratio);
        }
    }

    private static double seconds(List<RoutinePlace> steps, Section section) {
        return steps.stream()
                .filter(step -> step.section() == section)
                .findFirst()
                .orElseThrow()
                .seconds();
    }

    /** Nobody parts twenty millimetres of a double coat into layer upon layer. */
    @Test
    void hairThatIsALittleLongerThanThePinsIsPartedALittle() {
        RegionCoat leg = Dogs.hair(CoatKind.DOUBLE, 20, Density.DENSE, Texture.HARSH);
        assertTrue(Layers.of(leg, Parting.LAYERS, 16, 0, 270).count() <= 3);
        int before = 1;
        for (int mm = 16; mm <= 60; mm++) {
            int count = Layers.of(leg.ofLength(new HairLength(mm)), Parting.LAYERS, 16, 0, 270)
                    .count();
            assertTrue(count >= before && count <= 1.3 * before + 1, mm + " mm: " + count + " after " + before);
            before = count;
        }
        assertEquals(27, before);
    }

    @Test
    void combingInsteadOfBrushingStillGoesLayerByLayer() {
        Dog dog = Dogs.adult(15);
        Coat coat = Dogs.allOver(Dogs.hair(CoatKind.CURLY, 60));
        Kit combOnly = Kit.of(Match.of(dog, coat, Approach.USUAL.leadBy(LeadSchool.COMB_ONLY)), List.of());
        RoutinePlace back = whole(dog, coat, combOnly).places().stream()
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
                routine.places().stream().mapToDouble(RoutinePlace::seconds).sum(),
                1e-9);
    }

    @Test
    void aBiggerDogTakesLonger() {
        Coat coat = Dogs.allOver(Dogs.fleece(60));
        double before = 0;
        for (double kilograms : new double[] {3, 6, 12, 24, 48}) {
            double seconds = whole(Dogs.adult(kilograms), coat).totalSeconds();
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
        return Layers.of(Dogs.hair(CoatKind.CURLY, 60, density, Texture.CURLY), Parting.LAYERS, 24.5, 0, 150)
                .count();
    }

    private static Routine whole(Dog dog, Coat coat) {
        return whole(dog, coat, Dogs.kit(dog, coat));
    }

    private static Routine whole(Dog dog, Coat coat, Kit kit) {
        Trust trust = Trust.of(dog, kit, List.of(), DAY);
        return Routine.of(dog, coat, kit, trust, List.of(), Arrays.asList(Section.values()));
    }
}
