package rustictangle.core.plan;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.Collections;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import rustictangle.core.Dogs;
import rustictangle.core.Reason;
import rustictangle.core.dog.Section;
import rustictangle.core.rhythm.Outlook;
import rustictangle.core.trust.Readiness;

class RaceTest {

    private static final Kept FLEECE =
            Kept.dog(Dogs.adult(16), Dogs.allOver(Dogs.fleece(80))).provedAgo(1);

    private static Race race(Section section, Integer ready, boolean fear) {
        Outlook outlook = FLEECE.forecast(Kept.TODAY).at(section).orElseThrow();
        return Race.of(
                section,
                outlook,
                new Readiness(Optional.ofNullable(ready), Optional.ofNullable(ready), Optional.empty()),
                fear);
    }

    @Test
    void aPlaceThatWillBeReadySoonWinsAndOneThatTakesWeeksIsLost() {
        Race soon = race(Section.BACK, 3, false);
        assertFalse(soon.lost());
        assertEquals(List.of("plan.race-won"), rules(soon));
        Race late = race(Section.ARMPIT_LEFT, 21, false);
        assertTrue(late.lost() && late.matsThen() > late.matsNow());
        assertEquals("plan.race-trim", rules(late).get(0), "kinder short than painful");
        List<Race> few = Race.together(Collections.nCopies(6, late));
        assertEquals(few, Collections.nCopies(6, late));
        Race oneOfMany = Race.together(Collections.nCopies(7, late)).get(0);
        assertEquals("plan.race-trim-all", rules(oneOfMany).get(0), "one trim, said once");
        assertEquals(rules(late).size(), rules(oneOfMany).size());
        assertEquals(
                "plan.race-practise", rules(race(Section.ARMPIT_LEFT, 8, false)).get(0));
    }

    @Test
    void afterAFearSignPainIsThoughtOfFirst() {
        assertEquals("plan.race-vet", rules(race(Section.ARMPIT_LEFT, 21, true)).get(0));
    }

    @Test
    void withoutAnEndInSightTheMatsOfMonthsAreTold() {
        Race never = race(Section.ARMPIT_LEFT, null, false);
        assertTrue(never.lost() && never.matsThen() > 5, never.toString());
    }

    private static List<String> rules(Race race) {
        return race.waysOut().stream().map(Reason::rule).toList();
    }

    /** From the day on which it should be ready it is brushed; until then it only counts. */
    @Test
    void thePlanBrushesItFromTheDayOnWhichItShouldBeReady() {
        Map<Section, Workload.PlaceWork> places = new EnumMap<>(FLEECE.places());
        places.computeIfPresent(
                Section.ARMPIT_LEFT,
                (section, place) -> Workload.PlaceWork.inTraining(place.minutes(), Optional.of(9)));
        Workload work = new Workload(
                FLEECE.forecast(Kept.TODAY),
                FLEECE.comfort(),
                places,
                new Workload.Sessions(4, false, Optional.empty()),
                Optional.empty());
        HouseholdPlan plan = HouseholdPlan.asItTakes(List.of(work));
        int first = plan.of(0).get(Section.ARMPIT_LEFT).nextSetBit(0);
        assertTrue(first >= 9 && first <= 11, "day " + first);
        assertEquals(
                SectionPlan.State.IN_TRAINING,
                plan.dog(0).at(Section.ARMPIT_LEFT).state());
    }

    @Test
    void aClosedPlaceIsNotBrushedAndSaysWhy() {
        Map<Section, Workload.PlaceWork> places =
                new EnumMap<>(FLEECE.provedAgo(6).places());
        Reason vet = new Reason("rhythm.closed-vet", "Closed.");
        places.computeIfPresent(
                Section.ARMPIT_LEFT, (section, place) -> Workload.PlaceWork.closed(place.minutes(), vet));
        HouseholdPlan plan = HouseholdPlan.asItTakes(List.of(new Workload(
                FLEECE.provedAgo(6).forecast(Kept.TODAY),
                FLEECE.comfort(),
                places,
                new Workload.Sessions(4, false, Optional.empty()),
                Optional.empty())));
        assertTrue(plan.of(0).get(Section.ARMPIT_LEFT).isEmpty());
        SectionPlan armpit = plan.dog(0).at(Section.ARMPIT_LEFT);
        assertEquals(SectionPlan.State.CLOSED, armpit.state());
        assertEquals(vet, armpit.reasons().get(0));
    }
}
