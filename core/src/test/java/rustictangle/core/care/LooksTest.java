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
import rustictangle.core.log.BodyFinding;
import rustictangle.core.log.CareJob;
import rustictangle.core.log.CareOutcome;
import rustictangle.core.log.Cared;
import rustictangle.core.log.Log;
import rustictangle.core.log.LookedAt;
import rustictangle.core.log.SeenBy;
import rustictangle.core.log.Visited;

/** What is open makes the list for the vet or the groomer: handbook 13. */
class LooksTest {

    private static final LocalDate TODAY = LocalDate.of(2026, 5, 14);
    private static final Cared DONE = new Cared(CareJob.LOOK_OVER, CareOutcome.DONE, Optional.empty(), "");

    private static LookedAt scab(Section section, String words) {
        return new LookedAt(section, words, Optional.empty());
    }

    private static List<String> open(Log log) {
        return Looks.open(log, TODAY).stream().map(Look::words).toList();
    }

    @Test
    void ofEachPlaceTheNewestStaysOpenWhateverIsLookedOverSince() {
        Days days = new Days()
                .on(TODAY.minusDays(14), scab(Section.CHEST, "a scab"), DONE)
                .on(TODAY.minusDays(7), scab(Section.BELLY, "a tick"), DONE)
                .on(TODAY.minusDays(2), scab(Section.CHEST, "larger"), DONE);
        assertEquals(List.of("larger", "a tick"), open(days.log()));
        assertEquals(
                List.of("larger", "a scab"),
                Looks.of(days.log()).at().get(Section.CHEST).stream()
                        .map(Look::words)
                        .toList());
        days.on(TODAY, new LookedAt(Section.CHEST, "", Optional.empty(), Optional.of(BodyFinding.GONE)));
        assertEquals(List.of("a tick"), open(days.log()));
        days.on(TODAY, scab(Section.CHEST, "there again"));
        assertEquals(List.of("there again", "a tick"), open(days.log()));
    }

    @Test
    void aVetWhoHasSeenThePlaceOrTheDogSettlesItAndNobodyElseDoes() {
        Days days = new Days().on(TODAY.minusDays(9), scab(Section.BACK, "a lump"), scab(Section.EAR_LEFT, "red"));
        days.on(TODAY.minusDays(8), new SeenBy(Section.BACK, SeenBy.Who.GROOMER, "felt it, too"));
        assertEquals(2, open(days.log()).size());
        days.on(TODAY.minusDays(7), new SeenBy(Section.BACK, SeenBy.Who.VET, "harmless"));
        assertEquals(List.of("red"), open(days.log()));
        days.on(TODAY.minusDays(1), new SeenBy(Optional.empty(), SeenBy.Who.VET, "all well", Optional.empty()));
        assertEquals(List.of(), open(days.log()));
        assertEquals(
                List.of(),
                open(new Days()
                        .on(TODAY.minusDays(400), scab(Section.BACK, "a lump"))
                        .log()),
                "after a year it says nothing any more");
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
