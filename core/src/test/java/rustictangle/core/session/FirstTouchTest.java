package rustictangle.core.session;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import rustictangle.core.Dogs;
import rustictangle.core.coat.Coat;
import rustictangle.core.coat.CoatKind;
import rustictangle.core.dog.Dog;
import rustictangle.core.dog.History;
import rustictangle.core.dog.LifeStage;
import rustictangle.core.dog.Section;
import rustictangle.core.kit.Approach;
import rustictangle.core.kit.Kit;
import rustictangle.core.kit.Match;
import rustictangle.core.kit.Tool;
import rustictangle.core.log.FingerSearched;
import rustictangle.core.log.LookedAt;
import rustictangle.core.log.Practised;
import rustictangle.core.log.Signal;
import rustictangle.core.log.ToolKind;
import rustictangle.core.rhythm.Diary;
import rustictangle.core.rhythm.Forecast;
import rustictangle.core.routine.Picture;
import rustictangle.core.session.FirstTouch.Outcome;
import rustictangle.core.session.FirstTouch.Way;
import rustictangle.core.trust.MayBegin;
import rustictangle.core.trust.Practice;
import rustictangle.core.trust.Spot;
import rustictangle.core.trust.Trust;

/** The first half minute: what the hands have decides, and whatever comes of it something is known. */
class FirstTouchTest {

    private static final LocalDate TODAY = LocalDate.of(2026, 5, 14);
    private static final Dog GENTLE = Dogs.adult(14);
    private static final Coat FLEECE = Dogs.allOver(Dogs.fleece(60));

    private static FirstTouch touch(Dog dog, Coat coat, ToolKind... owned) {
        Kit kit = Kit.of(
                Match.of(dog, coat, Approach.USUAL),
                Stream.of(owned).map(Tool::of).toList());
        Trust trust = Trust.of(dog, kit, List.of(), TODAY);
        Picture picture =
                Picture.of(dog, coat, kit, trust, Forecast.of(dog, coat, Diary.of(List.of()), TODAY), List.of());
        List<Practice> practices = trust
                .lead(Section.SHOULDER_LEFT)
                .map(lead ->
                        Practice.of(dog, trust, new Spot(lead, Optional.of(Section.SHOULDER_LEFT)), MayBegin.ANYTHING))
                .stream()
                .toList();
        return FirstTouch.of(picture, practices);
    }

    /** Common practice, no published source: the comb proves; fingers where there is none; smooth hair is stroked. */
    @Test
    void theCombProvesFingersFeelAndAHandStrokes() {
        assertEquals(Way.COMB, touch(GENTLE, FLEECE, ToolKind.COMB).way());
        assertEquals(Way.FINGERS, touch(GENTLE, FLEECE).way());
        assertEquals(Way.FINGERS, touch(GENTLE, FLEECE, ToolKind.SLICKER).way());
        Coat smooth = Dogs.allOver(Dogs.hair(CoatKind.SMOOTH, 12));
        assertEquals(Way.HAND, touch(GENTLE, smooth, ToolKind.COMB).way());
    }

    /** Whoever has to learn it is not combed before: its first treat. */
    @Test
    void theFrightenedTheUnknownAndThePuppyBeginWithATreat() {
        for (Dog dog : List.of(
                Dogs.with(LifeStage.ADULT, History.ROUGH_GROOM),
                Dogs.with(LifeStage.ADULT, History.UNKNOWN_RESCUE),
                Dogs.with(LifeStage.PUPPY, History.GENTLE))) {
            FirstTouch touch = touch(dog, FLEECE, ToolKind.COMB, ToolKind.SLICKER);
            assertEquals(Way.TREAT, touch.way(), dog + "");
            Practised said = (Practised) touch.written(Outcome.NOT_YET).said().orElseThrow();
            assertEquals(Signal.UNEASY, said.signal());
        }
    }

    @Test
    void eachAnswerIsWrittenOnceAndALumpInTheSkinIsNoMat() {
        FirstTouch comb = touch(GENTLE, FLEECE, ToolKind.COMB);
        assertEquals(4, comb.offers().size());
        for (Outcome outcome : List.of(Outcome.GOOD, Outcome.OUT, Outcome.NOT_YET)) {
            Afterwards told = comb.written(outcome).brushed().orElseThrow();
            assertEquals(outcome == Outcome.OUT ? 1 : 0, told.places().get(0).tangles());
            assertEquals(outcome == Outcome.NOT_YET, told.places().get(0).mat());
            assertTrue(told.proved() && told.seconds().equals(Optional.of(0)));
        }
        FingerSearched lump = (FingerSearched)
                touch(GENTLE, FLEECE).written(Outcome.NOT_YET).said().orElseThrow();
        assertEquals(List.of(Section.SHOULDER_LEFT), lump.lumps());
        FirstTouch hand = touch(GENTLE, Dogs.allOver(Dogs.hair(CoatKind.SMOOTH, 12)));
        assertTrue(hand.written(Outcome.NOT_YET).said().orElseThrow() instanceof LookedAt);
        for (FirstTouch touch : List.of(comb, touch(GENTLE, FLEECE), hand)) {
            Practised left = (Practised) touch.written(Outcome.LEFT).said().orElseThrow();
            assertEquals(Signal.OPTED_OUT, left.signal());
        }
    }
}
