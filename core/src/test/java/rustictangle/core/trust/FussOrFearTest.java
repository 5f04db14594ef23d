package rustictangle.core.trust;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.EnumSet;
import java.util.Set;
import org.junit.jupiter.api.Test;
import rustictangle.core.trust.FussOrFear.Likely;
import rustictangle.core.trust.FussOrFear.Sign;

/** Common practice, no published source (handbook 9.5): if in doubt it is fear. */
class FussOrFearTest {

    @Test
    void overEveryCombinationPainComesFirstAndOnlyThreeClearSignsAreMereDislike() {
        Sign[] signs = Sign.values();
        int dislikes = 0;
        for (int bits = 0; bits < 1 << signs.length; bits++) {
            Set<Sign> seen = EnumSet.noneOf(Sign.class);
            for (Sign sign : signs) {
                if ((bits >> sign.ordinal() & 1) == 1) {
                    seen.add(sign);
                }
            }
            FussOrFear told = FussOrFear.of(seen);
            boolean pain = seen.contains(Sign.SUDDEN) || seen.contains(Sign.CRIES);
            assertEquals(pain, told.answer() == Likely.MIGHT_HURT, seen.toString());
            if (told.answer() == Likely.DISLIKE) {
                dislikes++;
                assertEquals(EnumSet.of(Sign.UNTOUCHED, Sign.EATS, Sign.RECOVERS), seen);
            }
            assertTrue(!told.reasons().isEmpty(), seen.toString());
            assertTrue(!pain || told.reasons().get(0).text().contains("call your vet"), seen.toString());
        }
        assertEquals(1, dislikes);
    }

    @Test
    void nothingSeenIsDoubtAndDoubtIsFear() {
        FussOrFear told = FussOrFear.of(Set.of());
        assertEquals(Likely.FEAR, told.answer());
        assertEquals("trust.in-doubt", told.reasons().get(0).rule());
    }
}
