package rustictangle.core.log;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotNull;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.Instant;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import rustictangle.core.Table;

/** What is known of a kind stands in its row, and no cell is missing. Common practice, no published source. */
class TraitsTest {

    /** Handbook's tools: what touches hair is a brush or a comb, and the rest is told apart. */
    @Test
    void everyToolHasARow() {
        for (ToolKind tool : ToolKind.values()) {
            assertNotNull(tool.work(), tool + " has no row");
            assertEquals(tool.isLearned(), Subject.all().contains(tool), tool + "");
        }
        assertEquals(
                EnumSet.of(ToolKind.COMB, ToolKind.ROTATING_COMB, ToolKind.CURVED_COMB),
                all(ToolKind::proves),
                "the comb proves, the brush does not");
        assertEquals(List.of(ToolKind.FLEXIBLE_PIN_BRUSH, ToolKind.WOODEN_PIN_BRUSH), ToolKind.soft());
        assertTrue(all(ToolKind::forAChild).stream().noneMatch(ToolKind::isStiff));
        assertTrue(all(ToolKind::forAChild).stream().noneMatch(tool -> tool.work() == ToolKind.Work.COMB));
        assertTrue(all(ToolKind::isBlade).stream().noneMatch(ToolKind::forTiredHands));
    }

    private static Set<ToolKind> all(Predicate<ToolKind> trait) {
        return Arrays.stream(ToolKind.values()).filter(trait).collect(Collectors.toSet());
    }

    /** Snow wets the legs and the belly, a swim everything; what wets all over is dried to the skin. */
    @Test
    void everyEventHasARow() {
        for (LifeEvent event : LifeEvent.values()) {
            assertNotNull(event.debris(), event + " has no row");
            assertTrue(!event.wetsAllOver() || event.wets());
        }
        assertTrue(LifeEvent.SNOW.wets() && !LifeEvent.SNOW.wetsAllOver());
        assertTrue(LifeEvent.SWAM.wetsAllOver() && LifeEvent.SOAKED.wetsAllOver() && LifeEvent.BATHED.wetsAllOver());
        assertEquals(Optional.of(CareJob.FEET), LifeEvent.SNOW.asksFor());
        assertEquals(Optional.of(CareJob.FEET), LifeEvent.SAND_OR_BURRS.asksFor());
        assertEquals(Optional.of(CareJob.EARS), LifeEvent.SWAM.asksFor());
    }

    @Test
    void aBathIsOneHoweverItIsSaid() {
        assertEquals(Optional.of(BathKind.WHOLE_DOG), Bathed.of(entry(new Happened(LifeEvent.BATHED))));
        assertEquals(Optional.of(BathKind.UNDERCARRIAGE), Bathed.of(entry(new Bathed(BathKind.UNDERCARRIAGE))));
        assertEquals(Optional.empty(), Bathed.of(entry(new Happened(LifeEvent.SWAM))));
    }

    private static Entry entry(Said said) {
        return new Entry(
                UUID.randomUUID(),
                Instant.parse("2026-05-14T09:00:00Z"),
                LocalDate.of(2026, 5, 14),
                Optional.empty(),
                Optional.empty(),
                said);
    }

    /** A new kind of entry that does not say how long it goes on saying something would be forgotten after its day. */
    @Test
    void everyKindOfEntrySaysHowLongItLasts() {
        kinds(Said.class)
                .forEach(kind -> assertNotNull(
                        kind.getAnnotation(Lasts.class), kind.getSimpleName() + " does not say how long it lasts"));
    }

    private static Stream<Class<?>> kinds(Class<?> type) {
        return type.isSealed()
                ? Arrays.stream(type.getPermittedSubclasses()).flatMap(TraitsTest::kinds)
                : Stream.of(type);
    }

    @Test
    void aTableThatForgetsAKindOrHasAnEmptyCellIsRefusedByName() {
        assertThrows(
                IllegalArgumentException.class,
                () -> Table.byConstant(ToolKind.class, LifeEvent.class, "events.txt", 6, row -> row));
        String said = assertThrows(
                        IllegalArgumentException.class,
                        () -> Table.byConstant(Paw.class, TraitsTest.class, "paws.txt", 2, row -> row))
                .getMessage();
        assertTrue(said.contains("HIND_RIGHT has no row"), said);
        said = assertThrows(
                        IllegalArgumentException.class,
                        () -> Table.byConstant(Paw.class, TraitsTest.class, "empty-cell.txt", 2, row -> row))
                .getMessage();
        assertTrue(said.contains("a cell is empty"), said);
    }
}
