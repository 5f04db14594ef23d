package rustictangle.core.rhythm;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import rustictangle.core.log.LastCombed;

/** What nobody knows of the time before the first record. */
class StatedCombingTest {

    private static final LocalDate TODAY = LocalDate.of(2026, 5, 14);

    /** A pup of eight weeks cannot have gone uncombed for half a year. */
    @ParameterizedTest
    @EnumSource(LastCombed.class)
    void aPastIsNoLongerThanALife(LastCombed said) {
        StatedCombing told = new StatedCombing(Optional.of(said), TODAY);
        Past ofAPup = told.past(TODAY, Optional.of(56));
        assertTrue(ofAPup.first() >= -56, said + ": " + ofAPup.first());
        Past ofAnAdult = told.past(TODAY, Optional.of(2000));
        assertEquals(told.past(TODAY, Optional.empty()), ofAnAdult);
    }

    @Test
    void withoutAWordTheSame() {
        assertEquals(
                List.of(-3, -10, -20, -20),
                StatedCombing.NOTHING.past(TODAY, Optional.of(20)).days());
    }
}
