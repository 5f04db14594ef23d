package rustictangle.core.plan;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.Collections;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import rustictangle.core.Dogs;
import rustictangle.core.Reason;
import rustictangle.core.Sample;
import rustictangle.core.care.CareDue;
import rustictangle.core.coat.CoatKind;
import rustictangle.core.plan.SectionPlan.State;
import rustictangle.core.rhythm.Comfort;
import rustictangle.core.rhythm.Outlook;

/** No sentence of the plan is false of its own number: swept over coats, comforts, minutes and neglect (handbook 10.5). */
class SentencesTest {

    private static final Pattern LATER = Pattern.compile(
            "(?:till|by|on|before) \\{([0-9-]+) date\\}: by then the chance of a mat is (next to none|\\d+)"
                    + "|told: by \\{([0-9-]+) date\\} the chance of a mat is (next to none|\\d+)");

    private static final List<Kept> COATS = List.of(
            Kept.dog(Dogs.adult(16), Dogs.allOver(Dogs.hair(CoatKind.FLEECE, 80))),
            Kept.dog(Dogs.adult(17), Dogs.allOver(Dogs.hair(CoatKind.DOUBLE, 60))),
            Kept.dog(Dogs.adult(14), Dogs.allOver(Dogs.hair(CoatKind.CURLY, 45))),
            Kept.dog(Dogs.adult(9), Dogs.allOver(Dogs.hair(CoatKind.DROP, 120))));

    private static int percent(String chance) {
        return chance.equals("next to none") ? 0 : Integer.parseInt(chance);
    }

    @ParameterizedTest
    @ValueSource(ints = {0, 4, 12, 40, 600})
    void whatCanWaitHasNoMoreThanAFifthOfAChance(int minutes) {
        int said = 0;
        for (Kept coat : COATS) {
            for (Comfort comfort : Sample.of(1, 3) == 1 ? new Comfort[] {Comfort.BALANCED} : Comfort.values()) {
                for (int ago = 0; ago <= 14; ago += Sample.of(7, 3)) {
                    Workload work = coat.provedAgo(ago).comfort(comfort).work();
                    DogPlan plan = HouseholdPlan.of(List.of(work), Kept.everyDay(minutes))
                            .dog(0);
                    for (SectionPlan section : plan.sections()) {
                        said += check(section, work.forecast().at(section.section()));
                    }
                }
            }
        }
        assertTrue(said > 50, said + " sentences");
    }

    static int check(SectionPlan section, Optional<Outlook> outlook) {
        String where = section + " ";
        int said = 0;
        for (Reason reason : section.reasons()) {
            Matcher later = LATER.matcher(reason.text());
            if (!later.find()) {
                assertFalse(reason.text().contains("can wait") || reason.text().contains("little"), where + reason);
                continue;
            }
            said++;
            LocalDate day = LocalDate.parse(later.group(1) == null ? later.group(3) : later.group(1));
            int percent = percent(later.group(1) == null ? later.group(4) : later.group(2));
            int days = (int) (day.toEpochDay() - Kept.TODAY.toEpochDay());
            assertEquals(-100 * Math.expm1(-outlook.orElseThrow().mats(days)), percent, 0.51, where);
            if (reason.text().contains("can wait")) {
                assertTrue(percent <= 20, where + reason);
                assertFalse(section.state() == State.MAT_LIKELY, where);
            } else {
                assertTrue(percent >= 20, where + reason);
            }
            section.next().ifPresent(next -> assertEquals(next, day, where));
        }
        if (section.state() == State.WAITS || section.state() == State.FRESH) {
            assertTrue(
                    section.reasons().stream().anyMatch(reason -> reason.text().contains("can wait")), where);
        }
        return said;
    }

    private static Promise.Basis promised(List<Kept> dogs, int minutes) {
        Map<DayOfWeek, Integer> set = new EnumMap<>(DayOfWeek.class);
        Arrays.stream(DayOfWeek.values()).forEach(day -> set.put(day, minutes));
        return new Promise.Basis(
                Kept.TODAY,
                set,
                Kept.noPractice(dogs.size()),
                new Promise.Stand(
                        dogs.stream().map(dog -> dog.work()).toList(),
                        new CareDays.Asked(
                                dogs.stream().map(dog -> List.<CareDue>of()).toList(),
                                Kept.TODAY,
                                Collections.nCopies(Workload.MOST_DAYS, (double) minutes))));
    }

    private static Optional<NotEnough> notEnough(List<Kept> dogs, int minutes) {
        Promise.Basis facts = promised(dogs, minutes);
        return NotEnough.of(facts, Promise.of(facts));
    }

    /** The figures are the plan's own: so many minutes more do halve the mats, and fewer on the list do not. */
    @Test
    void whereTheMinutesDoNotSufficeThePlanSaysSoAndWhatWould() {
        List<Kept> dogs = List.of(COATS.get(0).provedAgo(2));
        NotEnough not = notEnough(dogs, 5).orElseThrow();
        assertTrue(not.mats() > 2 * not.everyMinute(), not.toString());
        List<Workload> work = List.of(dogs.get(0).work());
        int more = not.more().orElseThrow();
        assertTrue(HouseholdPlan.of(work, Kept.everyDay(5 + more)).matsAMonth(0) <= not.mats() / 2, not.toString());
        assertTrue(more == 5 || HouseholdPlan.of(work, Kept.everyDay(more)).matsAMonth(0) > not.mats() / 2);
        assertEquals(
                "The minutes do not suffice: about " + Math.round(not.mats())
                        + " small mats a month are to be expected of Gannet, about " + Math.round(not.everyMinute())
                        + " with all the time it takes. " + more
                        + " minutes more a day would halve them. Clipped to {24 mm}, the minutes that Gannet has would keep its coat.",
                not.text(List.of("Gannet"), OptionalInt.of(24)).text());
    }

    @Test
    void withNothingForADogThePlanSaysThatItsCoatIsNotKept() {
        NotEnough not = notEnough(List.of(COATS.get(0).provedAgo(2)), 0).orElseThrow();
        assertEquals(List.of(0), not.givenUp());
        assertTrue(
                not.text(List.of("Gannet"), OptionalInt.empty()).text().contains("does not keep the coat of Gannet"));
    }

    @Test
    void whereTheySufficeNothingIsSaid() {
        assertTrue(notEnough(List.of(COATS.get(0).provedAgo(2)), 60).isEmpty());
    }
}
