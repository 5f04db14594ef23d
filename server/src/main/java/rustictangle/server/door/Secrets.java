package rustictangle.server.door;

import java.security.SecureRandom;
import java.util.Base64;
import java.util.stream.Collectors;

/** What nobody can guess. */
final class Secrets {

    private static final SecureRandom RANDOM = new SecureRandom();
    /** None that is taken for another when it is read off a screen. */
    private static final String LETTERS = "ABCDEFGHJKMNPQRSTUVWXYZ23456789";

    private Secrets() {}

    /** So many bytes, in letters that fit an address. */
    static String fresh(int bytes) {
        byte[] secret = new byte[bytes];
        RANDOM.nextBytes(secret);
        return Base64.getUrlEncoder().withoutPadding().encodeToString(secret);
    }

    /** To be typed by hand: just under five bits a letter. */
    static String code(int letters) {
        return RANDOM.ints(letters, 0, LETTERS.length())
                .mapToObj(at -> LETTERS.substring(at, at + 1))
                .collect(Collectors.joining());
    }
}
