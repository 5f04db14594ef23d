package rustictangle.server.door;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.time.Duration;
import java.time.Instant;
import java.util.Locale;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import rustictangle.core.Refused;

/**
 * The code with which one device is let in: made at the machine itself, good once, for a few minutes and a few tries. Who
 * guesses waits longer each time; the owner makes another code whenever one is spent.
 */
@Component
final class Pairing {

    static final Duration GOOD_FOR = Duration.ofMinutes(5);

    /** 10 letters of 31: 49 bits, far beyond what so many tries find. */
    private static final int LETTERS = 10;

    private static final int TRIES = 50;
    private static final int FREE_TRIES = 5;
    private static final Duration FIRST_PAUSE = Duration.ofSeconds(30);
    private static final int MOST_DOUBLINGS = 7;

    /** @param until when it is spent, used or not */
    record Offer(String code, String name, Role role, Instant until) {}

    /** @param again when the next try is heard */
    private record Guesser(int wrong, Instant again) {}

    /** Too many tries from one address. */
    static final class Wait extends RuntimeException {

        private static final long serialVersionUID = 1L;

        Wait(Duration pause) {
            super("Too many wrong codes. Wait " + (pause.toSeconds() + 1) + " seconds, and have a new code made.");
        }
    }

    private final Cache<String, Guesser> guessers = Caffeine.newBuilder()
            .maximumSize(1000)
            .expireAfterWrite(Duration.ofDays(1))
            .build();
    private @Nullable Offer offer;
    private int tries;

    /** The one before is good no more. */
    synchronized Offer offer(String name, Role role, Instant now) {
        offer = new Offer(Secrets.code(LETTERS), name, role, now.plus(GOOD_FOR));
        tries = 0;
        return offer;
    }

    synchronized Optional<Offer> offered(Instant now) {
        return Optional.ofNullable(offer).filter(open -> now.isBefore(open.until()));
    }

    synchronized void withdraw() {
        offer = null;
    }

    /**
     * Spends the code.
     *
     * @param from the address that asks
     * @throws Refused when it is not the code, or spent
     * @throws Wait    when too many were wrong
     */
    synchronized Offer redeem(String code, String from, Instant now) {
        Guesser before = guessers.get(from, nobody -> new Guesser(0, now));
        if (now.isBefore(before.again())) {
            throw new Wait(Duration.between(now, before.again()));
        }
        Optional<Offer> open = offered(now).filter(one -> same(one.code(), code));
        if (open.isEmpty()) {
            int wrong = before.wrong() + 1;
            guessers.put(from, new Guesser(wrong, now.plus(pauseAfter(wrong))));
            if (++tries >= TRIES) {
                withdraw();
            }
            throw new Refused("That code is not good, or not any more. Have a new one made at the machine itself.");
        }
        withdraw();
        guessers.invalidate(from);
        return open.get();
    }

    private static Duration pauseAfter(int wrong) {
        return wrong < FREE_TRIES
                ? Duration.ZERO
                : FIRST_PAUSE.multipliedBy(1L << Math.min(MOST_DOUBLINGS, wrong - FREE_TRIES));
    }

    /** However it was typed. */
    private static boolean same(String code, String typed) {
        String plain = typed.replaceAll("[\\s-]", "").toUpperCase(Locale.ROOT);
        return MessageDigest.isEqual(code.getBytes(StandardCharsets.US_ASCII), plain.getBytes(StandardCharsets.UTF_8));
    }
}
