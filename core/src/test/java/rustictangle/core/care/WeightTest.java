package rustictangle.core.care;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import rustictangle.core.dog.LifeStage;
import rustictangle.core.log.Entry;
import rustictangle.core.log.Log;
import rustictangle.core.log.TakenBack;
import rustictangle.core.log.Weighed;

/** A dog that lost or gained a tenth is shown to a vet: common practice, no published source. */
class WeightTest {

    private static final LocalDate TODAY = LocalDate.of(2026, 5, 14);

    private final List<Entry> said = new ArrayList<>();

    @ParameterizedTest
    @CsvSource({
        "20, 18.1, ADULT, false",
        "20, 18.0, ADULT, true",
        "20, 22.0, ADULT, true",
        "20, 21.9, ELDERLY, false",
        "6,  9.0,  PUPPY, false",
        "6,  5.4,  PUPPY, true",
        "6,  9.0,  CHANGING_COAT, true"
    })
    void aTenthMoreOrLessAsksForTheVetButAPupIsMeantToGain(double before, double now, LifeStage stage, boolean asks) {
        weighed(90, before, before);
        weighed(0, now, before);
        assertEquals(asks, weight().askTheVet(stage).isPresent());
    }

    @Test
    void aSlowLossOfManyWeeksIsSeenThoughNoSingleWeekShowsIt() {
        for (int weeks = 20; weeks >= 0; weeks--) {
            weighed(7 * weeks, 20 - 0.12 * (20 - weeks), 20);
        }
        assertTrue(weight().askTheVet(LifeStage.ADULT).orElseThrow().text().startsWith("It lost 12 %"));
    }

    @Test
    void whatItWeighedAYearAgoIsForTheNextCheckUp() {
        weighed(365, 25, 25);
        weighed(0, 20, 25);
        assertTrue(weight().askTheVet(LifeStage.ADULT).isEmpty());
    }

    /** The number that the owner gave when the dog was entered has no day; it is heeded all the same. */
    @Test
    void theFirstWeighingIsHeldAgainstWhatTheOwnerTookItToWeigh() {
        weighed(0, 17, 20);
        assertTrue(weight().askTheVet(LifeStage.ADULT).isPresent());
        weighed(-30, 17.5, 17);
        assertTrue(weight().askTheVet(LifeStage.ADULT).isEmpty(), "the scale has said since what it weighs");
    }

    @Test
    void aWrongNumberIsCorrectedTheSameDayOrTakenBack() {
        weighed(30, 20, 20);
        weighed(0, 2, 20);
        weighed(0, 20.2, 2);
        assertEquals(Optional.of(20.2), weight().now());
        assertTrue(weight().askTheVet(LifeStage.ADULT).isEmpty());
        takeBack(2);
        takeBack(1);
        assertEquals(Optional.of(20.0), weight().now());
    }

    @Test
    void aDogThatWasNeverWeighedSaysNothing() {
        assertEquals(new Weight(List.of(), Optional.empty()), weight());
        assertTrue(weight().askTheVet(LifeStage.ADULT).isEmpty());
    }

    private Weight weight() {
        return Weight.of(Log.of(said, TODAY.atStartOfDay().toInstant(ZoneOffset.UTC)));
    }

    private void weighed(int daysAgo, double kilograms, double before) {
        said.add(entry(TODAY.minusDays(daysAgo), Optional.empty(), new Weighed(kilograms, before)));
    }

    private void takeBack(int which) {
        said.add(entry(said.get(which).day(), Optional.of(said.get(which).id()), new TakenBack()));
    }

    private static Entry entry(LocalDate day, Optional<UUID> takesBack, rustictangle.core.log.Said said) {
        Instant at = day.atTime(9, 0).toInstant(ZoneOffset.UTC);
        return new Entry(UUID.randomUUID(), at, day, Optional.empty(), takesBack, said);
    }
}
