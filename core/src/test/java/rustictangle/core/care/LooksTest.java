package rustictangle.core.care;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import rustictangle.core.Refused;
import rustictangle.core.care.Looks.Look;
import rustictangle.core.dog.Section;
import rustictangle.core.log.CareJob;
import rustictangle.core.log.CareOutcome;
import rustictangle.core.log.Cared;
import rustictangle.core.log.Log;
import rustictangle.core.log.LookedAt;
import rustictangle.core.log.Visited;

/** What is new since last time makes the list for the vet or the groomer: handbook 13. */
class LooksTest {

    private static final LocalDate TODAY = LocalDate.of(2026, 5, 14);
    private static final Cared DONE = new Cared(CareJob.LOOK_OVER, CareOutcome.DONE, Optional.empty(), "");

    private static LookedAt scab(Section section, String words) {
        return new LookedAt(section, words, Optional.empty());
    }

    private static List<String> changed(Log log) {
        return Looks.of(log).changed(CareDiary.of(log), TODAY).stream()
                .map(Look::words)
                .toList();
    }

    @Test
    void onlyTheNewestOfAPlaceAndOnlyWhatCameSinceTheLastLookOver() {
        Days days = new Days()
                .on(TODAY.minusDays(14), scab(Section.CHEST, "a scab"), DONE)
                .on(TODAY.minusDays(7), scab(Section.BELLY, "a tick"), DONE)
                .on(TODAY.minusDays(2), scab(Section.CHEST, "larger"));
        assertEquals(List.of("larger"), changed(days.log()));
        days.on(TODAY, scab(Section.CHEST, "gone"), scab(Section.EAR_LEFT, "red"), DONE);
        assertEquals(List.of("gone", "red"), changed(days.log()), "today's own end does not empty the list");
        assertEquals(
                List.of("gone", "larger", "a scab"),
                Looks.of(days.log()).at().get(Section.CHEST).stream()
                        .map(Look::words)
                        .toList());
    }

    @Test
    void beforeTheFirstLookOverIsDoneEverythingIsNew() {
        assertEquals(
                List.of("a lump"),
                changed(new Days()
                        .on(TODAY.minusDays(90), scab(Section.BACK, "a lump"))
                        .log()));
    }

    @Test
    void aLookSaysSomethingOrShowsSomething() {
        assertThrows(Refused.class, () -> scab(Section.BACK, "  "));
        LookedAt photo = new LookedAt(Section.BACK, "", Optional.of(UUID.randomUUID()));
        assertEquals(1, Looks.of(new Days().on(TODAY, photo).log()).photos());
    }

    /** What the groomer did counts as done. */
    @Test
    void aVisitSettlesWhatWasDoneThere() {
        Visited visit = new Visited(
                Optional.empty(),
                Optional.empty(),
                "",
                "",
                false,
                Map.of(),
                Optional.of(Set.of(CareJob.BATH, CareJob.EARS)),
                Optional.empty(),
                Optional.empty());
        CareDiary diary = CareDiary.of(new Days().on(TODAY.minusDays(4), visit).log());
        assertEquals(Optional.of(TODAY.minusDays(4)), diary.lastDone(CareJob.BATH));
        assertEquals(Optional.of(TODAY.minusDays(4)), diary.lastDone(CareJob.EARS));
        assertEquals(Optional.empty(), diary.lastDone(CareJob.NAILS));
        Visited silent = new Visited(
                Optional.empty(),
                Optional.empty(),
                "",
                "",
                false,
                Map.of(),
                Optional.of(Set.of()),
                Optional.empty(),
                Optional.empty());
        assertEquals(Optional.empty(), silent.care(), "nothing said is nothing said");
    }
}
