package rustictangle.server.door;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.Duration;
import java.time.Instant;
import java.util.HashSet;
import java.util.Locale;
import java.util.Set;
import org.junit.jupiter.api.Test;
import rustictangle.core.Refused;

/** A code lets one device in, once, for five minutes; who guesses waits longer each time. */
class PairingTest {

    private static final Instant NOW = Instant.parse("2026-05-14T09:00:00Z");
    private static final String PHONE = "192.168.1.20";

    private final Pairing pairing = new Pairing();

    @Test
    void aCodeIsGoodOnceHoweverItIsTyped() {
        String code = pairing.offer("the phone", Role.HELPERS, NOW).code();
        String typed = code.substring(0, 5).toLowerCase(Locale.ROOT) + " - " + code.substring(5);
        assertEquals(Role.HELPERS, pairing.redeem(typed, PHONE, NOW).role());
        assertThrows(Refused.class, () -> pairing.redeem(code, PHONE, NOW));
    }

    @Test
    void aCodeIsSpentAfterFiveMinutesOrByTheNextOne() {
        String code = pairing.offer("the phone", Role.OWNERS, NOW).code();
        Instant later = NOW.plus(Pairing.GOOD_FOR);
        assertThrows(Refused.class, () -> pairing.redeem(code, PHONE, later));
        String next = pairing.offer("the phone", Role.OWNERS, later).code();
        assertThrows(Refused.class, () -> pairing.redeem(code, PHONE, later));
        assertEquals("the phone", pairing.redeem(next, PHONE, later).name());
    }

    @Test
    void whoGuessesWaitsLongerEachTimeAndNobodyElseDoes() {
        Instant now = NOW;
        pairing.offer("the phone", Role.OWNERS, now);
        for (int guess = 0; guess < 4; guess++) {
            Instant then = now;
            assertThrows(Refused.class, () -> pairing.redeem("AAAAAAAAAA", PHONE, then));
        }
        Duration pause = Duration.ofSeconds(30);
        for (int guess = 0; guess < 10; guess++) {
            Instant then = now;
            assertThrows(Refused.class, () -> pairing.redeem("AAAAAAAAAA", PHONE, then));
            Instant early = now.plus(pause).minusSeconds(1);
            assertThrows(Pairing.Wait.class, () -> pairing.redeem("AAAAAAAAAA", PHONE, early));
            now = now.plus(pause);
            pause = pause.compareTo(Duration.ofHours(1)) < 0 ? pause.multipliedBy(2) : pause;
        }
        String code = pairing.offer("the phone", Role.OWNERS, now).code();
        assertEquals("the phone", pairing.redeem(code, "192.168.1.21", now).name());
    }

    @Test
    void fiftyWrongOnesFromAnywhereSpendTheCode() {
        String code = pairing.offer("the phone", Role.OWNERS, NOW).code();
        for (int guess = 0; guess < 50; guess++) {
            String from = "192.168.1." + (100 + guess);
            assertThrows(Refused.class, () -> pairing.redeem("AAAAAAAAAA", from, NOW));
        }
        assertThrows(Refused.class, () -> pairing.redeem(code, PHONE, NOW));
        String next = pairing.offer("the phone", Role.OWNERS, NOW).code();
        assertEquals("the phone", pairing.redeem(next, PHONE, NOW).name());
    }

    @Test
    void noTwoCodesAreTheSame() {
        Set<String> codes = new HashSet<>();
        for (int one = 0; one < 1000; one++) {
            codes.add(Secrets.code(10));
        }
        assertEquals(1000, codes.size());
        assertTrue(codes.stream().noneMatch(code -> code.matches(".*[01OIL].*")), "none is taken for another");
        assertNotEquals(Secrets.fresh(32), Secrets.fresh(32));
    }
}
