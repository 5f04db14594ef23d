package rustictangle.core.care;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import rustictangle.core.dog.Section;
import rustictangle.core.log.BathKind;
import rustictangle.core.log.Bathed;
import rustictangle.core.log.DrynessFelt;
import rustictangle.core.log.Happened;
import rustictangle.core.log.LifeEvent;
import rustictangle.core.log.Log;

/** Dry to the skin the same hour, place by place: handbook 12, common practice, no published source. */
class DampTest {

    private static final LocalDate TODAY = LocalDate.of(2026, 5, 14);

    private static Damp damp(Log log) {
        return Damp.last(log, TODAY).orElseThrow();
    }

    @Test
    void aBathStaysOpenUntilEveryPlaceThatStaysDampIsDryToTheSkin() {
        Days days = new Days().on(TODAY, new Bathed(BathKind.WHOLE_DOG));
        for (Section section : DrynessFelt.STAYS_DAMP) {
            Damp before = damp(days.log());
            assertFalse(before.dry(), section + " was not felt yet");
            assertEquals("care.damp", before.warning().orElseThrow().rule());
            days.on(TODAY, new DrynessFelt(section, section != Section.ARMPIT_RIGHT));
        }
        assertEquals(List.of(Section.ARMPIT_RIGHT), damp(days.log()).damp());
        assertFalse(damp(days.log()).dry());
        days.on(TODAY, new DrynessFelt(Section.ARMPIT_RIGHT, true));
        assertTrue(damp(days.log()).dry());
        assertTrue(damp(days.log()).warning().isEmpty());
    }

    @Test
    void armpitsComeFirstAndTheRearLast() {
        List<Section> order =
                damp(new Days().on(TODAY, new Bathed(BathKind.WHOLE_DOG)).log()).toFeel();
        assertEquals(Section.ARMPIT_LEFT, order.get(0));
        assertEquals(Section.REAR_TROUSERS, order.get(order.size() - 1));
        assertEquals(11, order.size());
    }

    @Test
    void anUndercarriageLeavesEarsAndNeckDry() {
        List<Section> feel = damp(new Days()
                        .on(TODAY, new Bathed(BathKind.UNDERCARRIAGE))
                        .log())
                .toFeel();
        assertFalse(feel.contains(Section.BEHIND_EAR_LEFT));
        assertTrue(feel.contains(Section.BELLY));
    }

    @Test
    void aSwimOffersTheSameDryingAndWettingItAgainBeginsAnew() {
        Days days = new Days().on(TODAY, new Happened(LifeEvent.SWAM));
        DrynessFelt.STAYS_DAMP.forEach(section -> days.on(TODAY, new DrynessFelt(section, true)));
        assertTrue(damp(days.log()).dry());
        assertFalse(damp(days.on(TODAY, new Happened(LifeEvent.SOAKED)).log()).dry());
    }

    @Test
    void whatWasWetTheDayBeforeYesterdayHasDriedByItself() {
        assertEquals(
                Optional.empty(),
                Damp.last(
                        new Days()
                                .on(TODAY.minusDays(1), new Happened(LifeEvent.SWAM))
                                .log(),
                        TODAY));
        assertTrue(Damp.last(
                        new Days()
                                .on(TODAY.minusDays(1), new Bathed(BathKind.WHOLE_DOG))
                                .log(),
                        TODAY)
                .isPresent());
        assertEquals(
                Optional.empty(),
                Damp.last(
                        new Days()
                                .on(TODAY.minusDays(2), new Bathed(BathKind.WHOLE_DOG))
                                .log(),
                        TODAY));
        assertEquals(
                Optional.empty(),
                Damp.last(
                        new Days()
                                .on(TODAY, new DrynessFelt(Section.BELLY, true))
                                .log(),
                        TODAY));
    }
}
