package rustictangle.core.kit;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.Arrays;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import rustictangle.core.Dogs;
import rustictangle.core.coat.Coat;
import rustictangle.core.coat.CoatKind;
import rustictangle.core.coat.Colour;
import rustictangle.core.coat.Density;
import rustictangle.core.coat.HairLength;
import rustictangle.core.coat.RegionCoat;
import rustictangle.core.coat.Texture;
import rustictangle.core.dog.History;
import rustictangle.core.dog.LifeStage;
import rustictangle.core.dog.Region;
import rustictangle.core.dog.Section;
import rustictangle.core.log.ToolKind;

/** Pin windows, pads and orders against the handbook's check values: common practice, no published source. */
class MatchTest {

    @ParameterizedTest(name = "{0} of {1} mm: pins {2} to {3} mm, {4} pad")
    @CsvSource({
        "CURLY, 38, 16, 22, firm",
        "FLEECE, 30, 16, 22, firm",
        "FLEECE, 60, 22, 27, medium",
        "DROP, 20, 16, 22, firm",
        "DROP, 50, 22, 27, medium",
        "DROP, 80, 22, 27, medium",
        "DROP, 125, 22, 27, medium",
        "DOUBLE, 30, 16, 22, medium to firm",
        "DOUBLE, 90, 16, 22, medium to firm",
        "WIRE, 25, 16, 22, firm",
        "WIRE, 70, 18, 22, firm",
        "FEATHERED, 30, 16, 22, firm",
        "FEATHERED, 80, 24.5, 27, soft to medium",
    })
    void theHairAsksForThePinsOfCommonPractice(CoatKind kind, double mm, double min, double max, String pad) {
        Need need = ruffedBack(Dogs.hair(kind, mm));
        assertEquals(new PinWindow(min, max), need.pins().orElseThrow());
        assertEquals(pad, need.pad().orElseThrow().words());
    }

    @Test
    void veryLongMatureSilkTakesSoftPinsOfAboutThirtyFiveMillimetres() {
        Need need = backOf(Dogs.hair(CoatKind.DROP, 180));
        assertEquals(35, need.pins().orElseThrow().middleMillimetres(), 1);
        assertEquals("soft", need.pad().orElseThrow().words());
    }

    /** Bristle or short 16 mm pins, firm; a light rake in the season: common practice, no published source. */
    @Test
    void aPlushCoatTakesShortFirmPinsAndALightRakeInTheSeason() {
        RegionCoat plush = new RegionCoat(
                CoatKind.SMOOTH, new HairLength(18), Density.MEDIUM, Texture.SOFT, true, false, Colour.GOLD);
        Need need = backOf(plush);
        assertEquals(new PinWindow(16, 18), need.pins().orElseThrow());
        assertEquals("firm", need.pad().orElseThrow().words());
        assertTrue(need.forbids(ToolKind.PIN_BRUSH).isEmpty());
        assertTrue(need.forbids(ToolKind.SLICKER).isPresent());
        Match season = Match.of(Dogs.adult(10), Dogs.shedding(plush), Approach.USUAL);
        assertEquals(
                List.of(ToolKind.RUBBER_CURRY, ToolKind.UNDERCOAT_RAKE, ToolKind.BRISTLE_BRUSH),
                season.at(Section.BACK).order().stream().map(ToolStep::tool).toList());
        assertEquals(
                List.of(ToolKind.CLOTH),
                season.at(Section.BELLY).order().stream().map(ToolStep::tool).toList());
    }

    /** Head and width for tired or young hands: common practice, no published source. */
    @Test
    void aHandThatTiresTakesASmallNarrowHead() {
        Approach tires = new Approach(Optional.empty(), TipSchool.BY_SKIN, MistSchool.BY_SKIN, Hand.TIRES);
        Coat coat = Dogs.allOver(Dogs.fleece(60));
        Need tired = Match.of(Dogs.adult(30), coat, tires).at(Section.BACK);
        Need other = Match.of(Dogs.adult(30), coat, Approach.USUAL).at(Section.BACK);
        assertEquals(HeadShape.SMALL_OVAL, tired.head());
        ToolStep step = tired.order().stream()
                .filter(each -> each.tool() == tired.lead())
                .findFirst()
                .orElseThrow();
        Tool broad = Tool.brush(step.tool(), 25, Optional.of(PadKind.MEDIUM), Tips.GROUND, HeadShape.OVAL, false);
        Tool wide = new Tool(
                1,
                "",
                broad.kind(),
                broad.pinMillimetres(),
                broad.pad(),
                broad.tips(),
                broad.head(),
                Optional.of(120.0),
                broad.spacing(),
                false,
                broad.handle(),
                broad.check());
        assertTrue(Fit.of(wide, step, tired).score() < Fit.of(wide, step, other).score());
    }

    /** Long and shaggy all over goes by length, 22–27 mm on a medium pad: common practice, no published source. */
    @ParameterizedTest(name = "{0} mm all over: pins {1} to {2} mm")
    @CsvSource({"60, 16, 22", "80, 19, 24.5", "100, 22, 27", "120, 22, 27"})
    void aShaggyDoubleCoatGoesByItsLength(double mm, double min, double max) {
        Need need = backOf(Dogs.hair(CoatKind.DOUBLE, mm, Density.DENSE, Texture.HARSH));
        assertEquals(new PinWindow(min, max), need.pins().orElseThrow());
        assertEquals(
                mm < 100 ? "medium to firm" : "medium", need.pad().orElseThrow().words());
    }

    /** The same hair on a dog whose legs are short, as ordinary double coats are. */
    private static Need ruffedBack(RegionCoat hair) {
        Map<Region, RegionCoat> regions = new EnumMap<>(Dogs.allOver(hair).regions());
        regions.put(
                Region.LEGS,
                hair.ofLength(new HairLength(Math.min(30, hair.length().millimetres()))));
        return Match.of(Dogs.adult(10), new Coat(regions, false, false), Approach.USUAL)
                .at(Section.BACK);
    }

    @Test
    void onlyAnExtremeThickManeOfADoubleCoatTakesLongPins() {
        assertEquals(
                new PinWindow(35, 40),
                ruffedBack(Dogs.hair(CoatKind.DOUBLE, 180, Density.DENSE, Texture.HARSH))
                        .pins()
                        .orElseThrow());
        assertEquals(
                new PinWindow(16, 22),
                ruffedBack(Dogs.hair(CoatKind.DOUBLE, 110, Density.DENSE, Texture.HARSH))
                        .pins()
                        .orElseThrow());
    }

    @ParameterizedTest
    @EnumSource(
            value = CoatKind.class,
            names = {"SMOOTH", "CORDED", "HAIRLESS"},
            mode = EnumSource.Mode.EXCLUDE)
    void longerHairNeverAsksForShorterPinsNorJumps(CoatKind kind) {
        for (Section section : new Section[] {Section.BACK, Section.FRONT_FOOT_LEFT}) {
            for (Density density : Density.values()) {
                for (Texture texture : Texture.values()) {
                    PinWindow before = at(section, Dogs.hair(kind, 1, density, texture))
                            .pins()
                            .orElseThrow();
                    for (double mm = 2; mm <= HairLength.MAX_MILLIMETRES; mm += 1) {
                        PinWindow now = at(section, Dogs.hair(kind, mm, density, texture))
                                .pins()
                                .orElseThrow();
                        assertTrue(now.minMillimetres() >= before.minMillimetres(), kind + " at " + mm);
                        assertTrue(now.maxMillimetres() >= before.maxMillimetres(), kind + " at " + mm);
                        assertTrue(now.middleMillimetres() - before.middleMillimetres() < 1, kind + " jumps at " + mm);
                        before = now;
                    }
                }
            }
        }
    }

    @ParameterizedTest
    @EnumSource(
            value = CoatKind.class,
            names = {"SMOOTH", "CORDED", "HAIRLESS"},
            mode = EnumSource.Mode.EXCLUDE)
    void denserHairNeverAsksForASofterPad(CoatKind kind) {
        for (Texture texture : Texture.values()) {
            for (double mm = 1; mm <= HairLength.MAX_MILLIMETRES; mm += 1) {
                double sparse = firmness(kind, mm, Density.SPARSE, texture);
                double medium = firmness(kind, mm, Density.MEDIUM, texture);
                double dense = firmness(kind, mm, Density.DENSE, texture);
                assertTrue(sparse <= medium && medium <= dense, kind + " at " + mm);
            }
        }
    }

    @Test
    void aSmoothCoatTakesRubberAndBristleAndNoPinsAtAll() {
        Need need = backOf(Dogs.hair(CoatKind.SMOOTH, 15));
        assertEquals(List.of(ToolKind.RUBBER_CURRY, ToolKind.BRISTLE_BRUSH), tools(need));
        assertTrue(need.pins().isEmpty());
        assertTrue(need.proof().isEmpty());
        assertTrue(neverTools(need).containsAll(Set.of(ToolKind.PIN_BRUSH, ToolKind.SLICKER)));
    }

    @Test
    void aSheddingDoubleCoatIsLoosenedWithRubberBeforeAnythingElse() {
        Need need = Match.of(Dogs.adult(17), Dogs.shedding(Dogs.hair(CoatKind.DOUBLE, 60)), Approach.USUAL)
                .at(Section.BACK);
        assertEquals(
                List.of(ToolKind.RUBBER_CURRY, ToolKind.SLICKER, ToolKind.UNDERCOAT_RAKE, ToolKind.COMB), tools(need));
    }

    @Test
    void theRakeStaysAwayFromEarsArmpitsBellyAndFeetEvenInTheSheddingSeason() {
        Match match = Match.of(Dogs.adult(17), Dogs.shedding(Dogs.hair(CoatKind.DOUBLE, 60)), Approach.USUAL);
        for (Section section :
                EnumSet.of(Section.EAR_LEFT, Section.ARMPIT_RIGHT, Section.BELLY, Section.HIND_FOOT_LEFT)) {
            assertFalse(tools(match.at(section)).contains(ToolKind.UNDERCOAT_RAKE), section.label());
            assertTrue(neverTools(match.at(section)).contains(ToolKind.UNDERCOAT_RAKE), section.label());
        }
    }

    @Test
    void curlsAreBrushedInLayersAndProvedWithBothEndsOfTheComb() {
        Need need = backOf(Dogs.hair(CoatKind.CURLY, 50));
        assertEquals(ToolKind.SLICKER, need.lead());
        assertEquals(
                List.of(Manner.SEARCH, Manner.LIGHTLY, Manner.LAYERS, Manner.PROVE_WIDE, Manner.PROVE_FINE),
                need.order().stream().map(ToolStep::manner).toList());
    }

    @Test
    void aWiryDogHasBristleOnTheJacketAndPinsOnTheFurnishings() {
        assertEquals(
                ToolKind.BRISTLE_BRUSH, backOf(Dogs.hair(CoatKind.WIRE, 30)).lead());
        assertEquals(ToolKind.PIN_BRUSH, backOf(Dogs.hair(CoatKind.WIRE, 60)).lead());
    }

    @Test
    void aPuppyBeginsWithTheSoftestBrushAndNotWithASlicker() {
        Need need = Match.of(
                        Dogs.with(LifeStage.PUPPY, History.GENTLE),
                        Dogs.allOver(Dogs.hair(CoatKind.CURLY, 40)),
                        Approach.USUAL)
                .at(Section.SIDE_LEFT);
        assertEquals(ToolKind.WOODEN_PIN_BRUSH, need.lead());
        assertTrue(neverTools(need).contains(ToolKind.SLICKER));
    }

    @ParameterizedTest
    @EnumSource(
            value = CoatKind.class,
            names = {"SMOOTH", "CORDED", "HAIRLESS"},
            mode = EnumSource.Mode.EXCLUDE)
    void everyCoatButTheSmoothOneIsProvedWithAComb(CoatKind kind) {
        for (Need need : Match.of(Dogs.adult(10), Dogs.allOver(Dogs.hair(kind, 60)), Approach.USUAL)
                .needs()) {
            assertTrue(need.proof().isPresent(), need.section().label());
            assertTrue(tools(need).contains(ToolKind.COMB), need.section().label());
        }
    }

    @ParameterizedTest
    @EnumSource(CoatKind.class)
    void noSectionAsksForAToolItForbids(CoatKind kind) {
        for (LifeStage stage : LifeStage.values()) {
            for (double mm : new double[] {10, 38, 39, 90, 200}) {
                for (Need need : Match.of(
                                Dogs.with(stage, History.GENTLE), Dogs.shedding(Dogs.hair(kind, mm)), Approach.USUAL)
                        .needs()) {
                    Set<ToolKind> both = neverTools(need);
                    both.retainAll(tools(need));
                    assertEquals(Set.of(), both, kind + " " + mm + " mm " + stage + " " + need.section());
                }
            }
        }
    }

    @Test
    void bladesAreNeverMatchedButAlwaysExplained() {
        for (CoatKind kind : CoatKind.values()) {
            Match match = Match.of(Dogs.adult(10), Dogs.allOver(Dogs.hair(kind, 30)), Approach.USUAL);
            assertFalse(match.tools().contains(ToolKind.DESHEDDING_BLADE));
            match.needs()
                    .forEach(need -> assertTrue(
                            neverTools(need).containsAll(Set.of(ToolKind.DESHEDDING_BLADE, ToolKind.DEMATTING_BLADE))));
        }
    }

    @Test
    void nothingIsSaidWithoutAReason() {
        Match match = Match.of(Dogs.adult(10), Dogs.allOver(Dogs.hair(CoatKind.DROP, 90)), Approach.USUAL);
        assertEquals(
                Arrays.asList(Section.values()),
                match.needs().stream().map(Need::section).toList());
        match.needs().forEach(need -> assertFalse(need.reasons().isEmpty()));
        assertTrue(
                match.at(Section.BACK).reasons().stream().anyMatch(r -> r.text().contains("{90 mm}")));
    }

    @Test
    void shortPinsAreAllowedOnTheFeetOfADropCoat() {
        Match match = Match.of(Dogs.adult(10), Dogs.allOver(Dogs.hair(CoatKind.DROP, 90)), Approach.USUAL);
        assertEquals(16, match.at(Section.FRONT_FOOT_LEFT).pins().orElseThrow().minMillimetres());
        assertEquals(22, match.at(Section.BACK).pins().orElseThrow().minMillimetres());
    }

    private static Need backOf(RegionCoat hair) {
        return at(Section.BACK, hair);
    }

    private static Need at(Section section, RegionCoat hair) {
        return new SectionMatch(Dogs.adult(14), Dogs.allOver(hair), section, Approach.USUAL).need();
    }

    private static double firmness(CoatKind kind, double mm, Density density, Texture texture) {
        return backOf(Dogs.hair(kind, mm, density, texture)).pad().orElseThrow().firmness();
    }

    private static List<ToolKind> tools(Need need) {
        return need.order().stream()
                .filter(step -> !step.ifOwned())
                .map(ToolStep::tool)
                .distinct()
                .toList();
    }

    private static Set<ToolKind> neverTools(Need need) {
        return need.never().stream()
                .flatMap(match -> match.tools().stream())
                .collect(Collectors.toCollection(() -> EnumSet.noneOf(ToolKind.class)));
    }
}
