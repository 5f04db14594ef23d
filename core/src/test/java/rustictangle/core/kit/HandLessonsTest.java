package rustictangle.core.kit;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import rustictangle.core.log.Entry;
import rustictangle.core.log.HandTaught;
import rustictangle.core.log.Log;
import rustictangle.core.log.ToolKind;

/** New hands practise first: handbook 6.1, common practice. */
class HandLessonsTest {

    private static final List<ToolKind> IN_HAND = List.of(ToolKind.COMB, ToolKind.PIN_BRUSH, ToolKind.SLICKER);

    @Test
    void aBeginnersHandLearnsTheStiffestWiresFirstAndOneToolAfterTheOther() {
        assertEquals(Optional.of(ToolKind.SLICKER), first(Hand.BEGINNER));
        assertEquals(Optional.of(ToolKind.PIN_BRUSH), first(Hand.BEGINNER, ToolKind.SLICKER));
        assertEquals(Optional.empty(), first(Hand.BEGINNER, ToolKind.SLICKER, ToolKind.PIN_BRUSH));
        assertEquals(Optional.empty(), first(Hand.EXPERIENCED));
    }

    private static Optional<ToolKind> first(Hand hand, ToolKind... taught) {
        LocalDate day = LocalDate.of(2026, 5, 1);
        List<Entry> said = Stream.of(taught)
                .map(kind -> new Entry(
                        UUID.randomUUID(),
                        Instant.parse("2026-05-01T08:00:00Z"),
                        day,
                        Optional.empty(),
                        Optional.empty(),
                        new HandTaught(kind)))
                .toList();
        return HandLessons.of(Log.of(said, Instant.parse("2026-05-14T00:00:00Z")))
                .first(hand, IN_HAND)
                .map(HandLessons.First::kind);
    }
}
