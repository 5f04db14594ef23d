package rustictangle.core.plan;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.LocalDate;
import java.time.LocalTime;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import rustictangle.core.Reason;
import rustictangle.core.kit.Tool;
import rustictangle.core.kit.ToolCheck;
import rustictangle.core.log.CareJob;
import rustictangle.core.log.ToolKind;
import rustictangle.core.plan.Reminder.Kind;

class ReminderTest {

    private static final LocalDate TODAY = LocalDate.of(2026, 5, 14);
    private static final Optional<Reason> SEASON =
            Optional.of(new Reason("rhythm.season-near", "The spring shed is near."));
    private static final Set<Kind> NONE = EnumSet.noneOf(Kind.class);

    @Test
    void theAppointmentComesFirstThenTheSeasonThenBrushing() {
        assertEquals(Optional.of(Kind.APPOINTMENT), kind(TODAY.plusDays(1), SEASON, 4, NONE));
        assertEquals(Optional.of(Kind.APPOINTMENT), kind(TODAY.plusDays(3), SEASON, 4, NONE));
        assertEquals(Optional.of(Kind.SEASON), kind(TODAY.plusDays(2), SEASON, 4, NONE));
        assertEquals(Optional.of(Kind.BRUSHING), kind(TODAY.plusDays(2), SEASON, 4, EnumSet.of(Kind.SEASON)));
        assertEquals(Optional.empty(), kind(TODAY.plusDays(2), Optional.empty(), 0, NONE));
        assertEquals(Optional.empty(), Reminder.ofTools(List.of(), TODAY, NONE));
    }

    /** A bottle scratches nobody's palm; a brush that was looked over lately is not asked for again. */
    @Test
    void thePalmTestIsAskedOnlyOfWhatWorksThroughHairAndWasNotLookedOverLately() {
        Tool bottle = Tool.of(ToolKind.MIST);
        Tool brush = Tool.of(ToolKind.SLICKER);
        Tool lately = brush.checked(new ToolCheck(TODAY.minusDays(19), Set.of()));
        assertEquals(Optional.empty(), Reminder.ofTools(List.of(bottle, lately), TODAY, NONE));
        assertTrue(Reminder.ofTools(List.of(bottle, lately, brush), TODAY, NONE)
                .orElseThrow()
                .text()
                .contains("of a tool in"));
        Tool long1 = brush.checked(new ToolCheck(TODAY.minusDays(61), Set.of()));
        assertTrue(Reminder.ofTools(List.of(long1), TODAY, NONE).isPresent());
    }

    private static Optional<Kind> kind(LocalDate groom, Optional<Reason> season, int due, Set<Kind> lately) {
        return Reminder.ofDog("Oakum", TODAY, Optional.of(groom), season, due, 0, List.of(), lately)
                .map(Reminder::kind);
    }

    @Test
    void jobsAtTheTableAreNamedWhenThereIsNothingToBrush() {
        List<CareJob> care = List.of(CareJob.NAILS, CareJob.EARS);
        Reminder said = Reminder.ofDog("Oakum", TODAY, Optional.empty(), Optional.empty(), 0, 0, care, NONE)
                .orElseThrow();
        assertEquals("Oakum: nails, ears are due at the table.", said.text());
        assertEquals(
                Reminder.Kind.BRUSHING,
                Reminder.ofDog("Oakum", TODAY, Optional.empty(), Optional.empty(), 3, 0, care, NONE)
                        .orElseThrow()
                        .kind());
    }

    /** What is practised, not brushed, goes on tangling: it is said, too. */
    @Test
    void placesInTrainingThatWillMatAreWorthAWord() {
        String both = text(2, 7);
        assertTrue(both.contains("2 places are due") && both.contains("7 places in training mat before"), both);
        assertTrue(text(0, 1).startsWith("Oakum: 1 place in training mats before"), text(0, 1));
    }

    private static String text(int due, int lost) {
        return Reminder.ofDog("Oakum", TODAY, Optional.empty(), Optional.empty(), due, lost, List.of(), NONE)
                .orElseThrow()
                .text();
    }

    @ParameterizedTest
    @CsvSource({
        "21:00, 08:00, 20:59, false",
        "21:00, 08:00, 21:00, true",
        "21:00, 08:00, 03:00, true",
        "21:00, 08:00, 08:00, false",
        "13:00, 15:00, 14:00, true",
        "13:00, 15:00, 15:00, false",
        "09:00, 09:00, 09:00, false"
    })
    void quietHoursMayGoPastMidnight(LocalTime from, LocalTime to, LocalTime now, boolean quiet) {
        assertEquals(quiet, Reminder.quiet(now, from, to));
    }
}
