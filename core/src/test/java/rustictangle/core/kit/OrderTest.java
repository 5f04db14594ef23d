package rustictangle.core.kit;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.EnumMap;
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
import rustictangle.core.Reason;
import rustictangle.core.coat.Coat;
import rustictangle.core.coat.CoatKind;
import rustictangle.core.coat.CoatState;
import rustictangle.core.coat.Colour;
import rustictangle.core.coat.Density;
import rustictangle.core.coat.HairLength;
import rustictangle.core.coat.RegionCoat;
import rustictangle.core.coat.Texture;
import rustictangle.core.dog.Dog;
import rustictangle.core.dog.History;
import rustictangle.core.dog.LifeStage;
import rustictangle.core.dog.Mass;
import rustictangle.core.dog.Region;
import rustictangle.core.dog.Section;
import rustictangle.core.dog.Skin;
import rustictangle.core.log.ToolKind;

/** Which tools in which order: every row of the handbook's table 5.2. Common practice, no published source. */
class OrderTest {

    @ParameterizedTest(name = "{0} of {1} mm, {2}, {3}: {4}")
    @CsvSource(
            delimiter = '|',
            value = {
                "SMOOTH    |  15 | ORDINARY       |                   | rubber curry or glove CIRCLES > bristle brush WIPE",
                "DOUBLE    |  60 | ORDINARY       |                   | slicker AGAINST_LIE > comb PROVE_WIDE > comb PROVE_FINE > (bristle brush LAST_WIPE)",
                "DOUBLE    |  60 | ORDINARY       | NO_SLICKER_YET    | pin brush AGAINST_LIE > comb PROVE_WIDE > comb PROVE_FINE > (bristle brush LAST_WIPE)",
                "DOUBLE    |  60 | HEAVY_SHEDDING |                   | rubber curry or glove CIRCLES > (forced-air dryer, cool BLOW_OUT) > slicker AGAINST_LIE_TWICE > undercoat rake LIFT_LOOSE > comb PROVE_WIDE > comb PROVE_FINE > (bristle brush LAST_WIPE)",
                "DROP      | 100 | ORDINARY       |                   | conditioning mist LIGHTLY > pin brush LAYERS > comb PROVE_WIDE > comb PROVE_FINE > (bristle brush LAST_WIPE)",
                "DROP      | 100 | ORDINARY       | SLICKER_THEN_COMB | conditioning mist LIGHTLY > slicker FINDER > comb COMB_LAYERS > (bristle brush LAST_WIPE)",
                "CURLY     |  60 | ORDINARY       |                   | fingers SEARCH > conditioning mist LIGHTLY > slicker LAYERS > comb PROVE_WIDE > comb PROVE_FINE",
                "CURLY     |  60 | ORDINARY       | COMB_ONLY         | fingers SEARCH > conditioning mist LIGHTLY > comb COMB_LAYERS",
                "WIRE      |  30 | ORDINARY       |                   | bristle brush WITH_LIE > comb PROVE_WIDE",
                "WIRE      |  60 | ORDINARY       |                   | pin brush LAYERS > comb PROVE_WIDE > comb PROVE_FINE > (bristle brush LAST_WIPE)",
                "FEATHERED |  30 | ORDINARY       |                   | bristle brush WITH_LIE > comb PROVE_WIDE",
                "FEATHERED |  90 | ORDINARY       |                   | conditioning mist LIGHTLY > pin brush LAYERS > comb PROVE_WIDE > comb PROVE_FINE > (bristle brush LAST_WIPE)",
            })
    void eachCoatHasItsOrder(CoatKind kind, double mm, CoatState state, LeadSchool school, String order) {
        Coat coat = new Coat(Dogs.regions(Dogs.hair(kind, mm)), state == CoatState.HEAVY_SHEDDING, false);
        Approach approach =
                new Approach(Optional.ofNullable(school), TipSchool.BY_SKIN, MistSchool.BY_SKIN, Hand.BEGINNER);
        assertEquals(
                order.strip(), told(Match.of(Dogs.adult(14), coat, approach).at(Section.BACK)));
    }

    @Test
    void aLongFleeceGoesThroughPinsEveryWayThenTheSlickerThenBothEndsOfTheComb() {
        Need need = usual(Dogs.adult(15), Dogs.allOver(Dogs.fleece(80))).at(Section.BACK);
        assertEquals(
                "conditioning mist LIGHTLY > pin brush ALL_WAYS > slicker LAYERS > comb PROVE_WIDE > comb PROVE_FINE",
                told(need));
    }

    @Test
    void aPuppyBeginsWithWoodenPins() {
        Need need = usual(Dogs.with(LifeStage.PUPPY, History.GENTLE), Dogs.allOver(Dogs.hair(CoatKind.WIRE, 22)))
                .at(Section.BACK);
        assertEquals("wooden-pin brush WITH_LIE > comb PROVE_WIDE", told(need));
    }

    @Test
    void aNeglectedCoatIsOpenedFromTheEndsAfterFingersAndMist() {
        Coat coat = new Coat(Dogs.regions(Dogs.fleece(80)), false, true);
        Need need = usual(Dogs.adult(15), coat).at(Section.BACK);
        assertEquals(
                List.of(Manner.SEARCH, Manner.LIGHTLY, Manner.ENDS_INWARD),
                need.order().stream().map(ToolStep::manner).limit(3).toList());
        assertTrue(rules(need).contains("kit.neglected"));
    }

    @Test
    void aPuppyCoatThatChangesHasItsOldHairCombedOut() {
        Need need = usual(Dogs.with(LifeStage.CHANGING_COAT, History.GENTLE), Dogs.allOver(Dogs.fleece(50)))
                .at(Section.SIDE_LEFT);
        assertTrue(need.order().contains(new ToolStep(ToolKind.COMB, Manner.COMB_OUT)));
        assertEquals(CoatState.PUPPY_CHANGE, need.state());
    }

    /** Schools of section 15: onto the coat by default, onto the tool for sensitive skin or a spray-shy dog. */
    @Test
    void theMistGoesOnTheToolForADogThatIsShyOrHasTenderSkin() {
        Coat drop = Dogs.allOver(Dogs.hair(CoatKind.DROP, 100));
        assertTrue(manners(usual(Dogs.adult(10), drop).at(Section.BACK)).contains(Manner.LIGHTLY));
        Need shy = usual(Dogs.with(LifeStage.ADULT, History.ROUGH_GROOM), drop).at(Section.BACK);
        assertTrue(manners(shy).contains(Manner.ON_TOOL));
        Approach onCoat = new Approach(Optional.empty(), TipSchool.BY_SKIN, MistSchool.ON_COAT, Hand.BEGINNER);
        assertTrue(manners(Match.of(Dogs.with(LifeStage.ADULT, History.ROUGH_GROOM), drop, onCoat)
                        .at(Section.BACK))
                .contains(Manner.LIGHTLY));
    }

    /** Handbook 5.1: ground for an adult with sound skin, for the whole dog; a thin place asks for a lighter hand. */
    @Test
    void ballTipsAreForPuppiesAndThinSkinUnlessTheOwnerChoseOtherwise() {
        Coat coat = Dogs.allOver(Dogs.fleece(60));
        assertEquals(Tips.GROUND, usual(Dogs.adult(10), coat).at(Section.BACK).tips());
        assertEquals(Tips.GROUND, usual(Dogs.adult(10), coat).at(Section.BELLY).tips());
        assertEquals(
                Tips.BALL,
                usual(Dogs.with(LifeStage.PUPPY, History.GENTLE), coat)
                        .at(Section.BACK)
                        .tips());
        Approach ground = new Approach(Optional.empty(), TipSchool.GROUND, MistSchool.BY_SKIN, Hand.EXPERIENCED);
        assertEquals(
                Tips.GROUND,
                Match.of(Dogs.adult(10), coat, ground).at(Section.BELLY).tips());
    }

    /** Head shapes of 5.1: oval the workhorse, small oval for small dogs, oblong for tight places, T for big trousers. */
    @Test
    void theHeadSuitsThePlaceAndTheSizeOfTheDog() {
        Coat coat = Dogs.allOver(Dogs.hair(CoatKind.DOUBLE, 80));
        assertEquals(
                HeadShape.OVAL, usual(Dogs.adult(17), coat).at(Section.BACK).head());
        assertEquals(
                HeadShape.SMALL_OVAL,
                usual(Dogs.adult(3), coat).at(Section.BACK).head());
        assertEquals(
                HeadShape.OBLONG,
                usual(Dogs.adult(17), coat).at(Section.BEHIND_EAR_LEFT).head());
        assertEquals(
                HeadShape.T_SHAPE,
                usual(Dogs.adult(45), coat).at(Section.REAR_TROUSERS).head());
        assertEquals(
                HeadShape.OVAL,
                usual(Dogs.adult(15), coat).at(Section.REAR_TROUSERS).head());
    }

    @Test
    void aBeginnerAndThinOrPaleSkinGetASlickerThatGivesWay() {
        Coat coat = Dogs.allOver(Dogs.fleece(60));
        Approach practised = new Approach(Optional.empty(), TipSchool.BY_SKIN, MistSchool.BY_SKIN, Hand.EXPERIENCED);
        assertTrue(usual(Dogs.adult(10), coat).at(Section.BACK).gentle());
        assertFalse(Match.of(Dogs.adult(10), coat, practised).at(Section.BACK).gentle());
        assertTrue(
                Match.of(Dogs.adult(10), coat, practised).at(Section.EAR_LEFT).gentle());
        RegionCoat pale = new RegionCoat(
                CoatKind.FLEECE, new HairLength(60), Density.MEDIUM, Texture.SOFT, false, true, Colour.PALE);
        assertTrue(Match.of(Dogs.adult(10), Dogs.allOver(pale), practised)
                .at(Section.BACK)
                .gentle());
        Dog sensitive =
                new Dog(new Mass(10), LifeStage.ADULT, false, Skin.SENSITIVE, History.GENTLE, Set.of(), Set.of());
        assertTrue(Match.of(sensitive, coat, practised).at(Section.BACK).gentle());
    }

    @Test
    void aClippedBodyWithLongLegsIsTwoCoatsOnOneDog() {
        Map<Region, RegionCoat> regions = new EnumMap<>(Dogs.regions(Dogs.fleece(12)));
        regions.put(Region.LEGS, Dogs.fleece(90));
        Match match = usual(Dogs.adult(10), new Coat(regions, false, false));
        assertEquals(new PinWindow(16, 22), match.at(Section.BACK).pins().orElseThrow());
        assertEquals(
                new PinWindow(22, 27), match.at(Section.HIND_LEG_LEFT).pins().orElseThrow());
        assertNotEquals(told(match.at(Section.BACK)), told(match.at(Section.HIND_LEG_LEFT)));
    }

    @ParameterizedTest
    @EnumSource(
            value = CoatKind.class,
            names = {"CORDED", "HAIRLESS"})
    void cordsAndBareSkinAreRecognisedAndLeftInPeace(CoatKind kind) {
        Match match = usual(Dogs.adult(15), Dogs.allOver(Dogs.hair(kind, kind == CoatKind.CORDED ? 150 : 1)));
        assertEquals(Set.of(), match.tools());
        match.needs().forEach(need -> {
            assertTrue(need.forbids(ToolKind.SLICKER).isPresent()
                    && need.forbids(ToolKind.COMB).isPresent());
            assertTrue(rules(need).contains(kind == CoatKind.CORDED ? "coat.corded" : "coat.hairless"));
        });
    }

    @Test
    void anotherSchoolSaysWhatItWouldChange() {
        Coat coat = Dogs.allOver(Dogs.hair(CoatKind.CURLY, 60));
        List<SchoolChange> changes = changes(coat, LeadSchool.NO_SLICKER_YET);
        assertEquals("fingers, conditioning mist, slicker, comb", changes.get(0).from());
        assertEquals(
                "fingers, conditioning mist, pin brush, comb", changes.get(0).to());
        assertTrue(changes.get(0).sections().contains(Section.BACK));
        assertEquals(List.of(), changes(coat, LeadSchool.SLICKER_THEN_COMB));
    }

    private static List<SchoolChange> changes(Coat coat, LeadSchool school) {
        return SchoolChange.between(
                usual(Dogs.adult(14), coat), Match.of(Dogs.adult(14), coat, Approach.USUAL.leadBy(school)));
    }

    private static Match usual(Dog dog, Coat coat) {
        return Match.of(dog, coat, Approach.USUAL);
    }

    private static String told(Need need) {
        return need.order().stream()
                .map(step -> (step.ifOwned() ? "(%s %s)" : "%s %s")
                        .formatted(step.tool().label(), step.manner()))
                .collect(Collectors.joining(" > "));
    }

    private static List<Manner> manners(Need need) {
        return need.order().stream().map(ToolStep::manner).toList();
    }

    private static List<String> rules(Need need) {
        return need.reasons().stream().map(Reason::rule).toList();
    }
}
