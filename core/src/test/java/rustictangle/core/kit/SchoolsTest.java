package rustictangle.core.kit;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import rustictangle.core.Dogs;
import rustictangle.core.coat.Coat;
import rustictangle.core.coat.CoatKind;
import rustictangle.core.coat.Density;
import rustictangle.core.coat.Texture;
import rustictangle.core.dog.Section;
import rustictangle.core.log.ToolKind;

/** Where practitioners disagree: handbook 15, common practice, no published source. */
class SchoolsTest {

    private static final Coat CURLS = Dogs.allOver(Dogs.hair(CoatKind.CURLY, 60, Density.DENSE, Texture.CURLY));
    private static final Ways WAYS = Ways.USUAL;

    @ParameterizedTest
    @EnumSource(SchoolQuestion.class)
    void ofEveryQuestionOneSchoolStandsAndEveryOtherCanBeChosen(SchoolQuestion question) {
        List<SchoolQuestion.Option> options = question.options(Approach.USUAL);
        assertEquals(1, options.stream().filter(SchoolQuestion.Option::stands).count());
        assertTrue(options.size() >= 2);
        for (SchoolQuestion.Option option : options) {
            List<SchoolQuestion.Option> then = question.options(option.approach());
            assertEquals(
                    option.value(),
                    then.stream()
                            .filter(SchoolQuestion.Option::stands)
                            .findFirst()
                            .orElseThrow()
                            .value());
            for (SchoolQuestion other : SchoolQuestion.values()) {
                if (other != question) {
                    assertEquals(
                            stands(other, Approach.USUAL),
                            stands(other, option.approach()),
                            question + " moves " + other);
                }
            }
        }
    }

    private static Optional<String> stands(SchoolQuestion question, Approach approach) {
        return question.options(approach).stream()
                .filter(SchoolQuestion.Option::stands)
                .findFirst()
                .orElseThrow()
                .value();
    }

    @Test
    void nothingIsMistedByThoseWhoDoNot() {
        assertTrue(has(with(WAYS), Section.SIDE_LEFT, ToolKind.MIST));
        for (MistWhen when : List.of(MistWhen.WHEN_NEEDED, MistWhen.NEVER)) {
            Match match = with(WAYS.with(SchoolQuestion.MIST_WHEN, when));
            for (Section section : Section.values()) {
                assertFalse(has(match, section, ToolKind.MIST), when + " " + section);
            }
            assertTrue(rules(match.at(Section.SIDE_LEFT)).contains("kit.mist-school"));
        }
    }

    @Test
    void curlsAreLiftedUnlessTheirOwnerLaysThem() {
        assertEquals(Finish.LIFTED, with(WAYS).at(Section.SIDE_LEFT).finish());
        assertEquals(
                Finish.LAID,
                with(WAYS.with(SchoolQuestion.FINISH, FinishSchool.LAID))
                        .at(Section.SIDE_LEFT)
                        .finish());
    }

    /** Never a beginner's, never a child's, never on thin hair, and never at the muzzle. */
    @Test
    void aSlickerComesToTheCrownOnlyInAPractisedHandThatChoseIt() {
        Ways lightly = WAYS.with(SchoolQuestion.CROWN, CrownSchool.LIGHTLY);
        for (Hand hand : Hand.values()) {
            for (CrownSchool school : CrownSchool.values()) {
                Approach approach = Approach.USUAL.withHand(hand).withWays(WAYS.with(SchoolQuestion.CROWN, school));
                Match match = Match.of(Dogs.adult(20), CURLS, approach);
                boolean may = hand == Hand.EXPERIENCED && school == CrownSchool.LIGHTLY;
                assertEquals(may, has(match, Section.CROWN, ToolKind.SLICKER), hand + " " + school);
                assertEquals(
                        !may, match.at(Section.CROWN).forbids(ToolKind.SLICKER).isPresent(), hand + " " + school);
                assertTrue(match.at(Section.MUZZLE).forbids(ToolKind.SLICKER).isPresent());
            }
        }
        Need crown = Match.of(
                        Dogs.adult(20),
                        CURLS,
                        Approach.USUAL.withHand(Hand.EXPERIENCED).withWays(lightly))
                .at(Section.CROWN);
        assertTrue(Drawers.fit(Drawers.slicker(25, Tips.COATED, false), crown)
                .verdict()
                .serves());
        Fit bare = Drawers.fit(Drawers.slicker(25, Tips.GROUND, true), crown);
        assertEquals(Verdict.NEVER_HERE, bare.verdict());
        assertTrue(
                bare.reasons().get(0).text().contains("coated"), bare.reasons().toString());
        Match thin = Match.of(
                Dogs.adult(20),
                Dogs.allOver(Dogs.hair(CoatKind.CURLY, 60)),
                Approach.USUAL.withHand(Hand.EXPERIENCED).withWays(lightly));
        assertFalse(has(thin, Section.CROWN, ToolKind.SLICKER));
    }

    /** A double coat is worked as its owner chose; thin skin, ears and face keep the one way that is safe there. */
    @ParameterizedTest
    @EnumSource(DirectionSchool.class)
    void theBrushGoesTheWayThatWasChosenWhereEveryWayIsSafe(DirectionSchool school) {
        Coat pelt = Dogs.allOver(Dogs.hair(CoatKind.DOUBLE, 60));
        Match usual = Match.of(Dogs.adult(20), pelt, Approach.USUAL);
        Match match =
                Match.of(Dogs.adult(20), pelt, Approach.USUAL.withWays(WAYS.with(SchoolQuestion.DIRECTION, school)));
        Manner expected =
                switch (school) {
                    case BY_COAT, AGAINST -> Manner.AGAINST_LIE;
                    case WITH_LIE -> Manner.LIE_IN_STRIPS;
                    case EVERY_WAY -> Manner.EVERY_WAY_IN_STRIPS;
                };
        assertEquals(expected, match.at(Section.BACK).leadingManner());
        for (Section section : Section.values()) {
            if (PlaceUse.at(section).direction() != PlaceUse.Direction.EVERY_WAY) {
                assertEquals(usual.at(section).order(), match.at(section).order(), section + "");
            }
        }
    }

    @Test
    void aLayerIsOpenedFromItsEndsWhereThatWasChosenAndIsStillALayer() {
        Need ends =
                with(WAYS.with(SchoolQuestion.STROKE, StrokeSchool.ENDS_FIRST)).at(Section.SIDE_LEFT);
        Need root = with(WAYS).at(Section.SIDE_LEFT);
        assertEquals(Manner.LAYERS, root.leadingManner());
        assertEquals(Manner.LAYERS_FROM_THE_ENDS, ends.leadingManner());
        assertEquals(root.parting(), ends.parting());
        assertTrue(ends.reasons().get(0).text().contains("from the ends inward"));
    }

    /** What equals most hands' way is no choice: two owners who mean the same are alike. */
    @Test
    void choosingWhatStandsAnywayChangesNothing() {
        for (SchoolQuestion question : SchoolQuestion.values()) {
            Approach again = question.choose(Approach.USUAL, question.school(Approach.USUAL));
            assertEquals(Approach.USUAL, again, question + "");
        }
    }

    private static Match with(Ways ways) {
        return Match.of(Dogs.adult(20), CURLS, Approach.USUAL.withWays(ways));
    }

    private static boolean has(Match match, Section section, ToolKind tool) {
        return match.at(section).order().stream().anyMatch(step -> step.tool() == tool);
    }

    private static List<String> rules(Need need) {
        return need.reasons().stream().map(reason -> reason.rule()).toList();
    }
}
