package rustictangle.core.coat;

import java.util.List;
import java.util.Optional;
import rustictangle.core.Choice;
import rustictangle.core.Reason;

/**
 * What the observations say about a coat.
 *
 * @param likely    the likely kinds, most likely first, at least one
 * @param density   as seen, or medium as a guess
 * @param texture   as felt, or what is usual for the kind
 * @param undercoat as seen, or what is usual for the kind
 * @param decider   the observation that would best tell the two likeliest apart; empty when one kind
 *                  stands clear
 * @param limits    what can and cannot be done for a corded or hairless coat; empty for the others
 */
public record Finding(
        List<Likely> likely,
        Judged<Density> density,
        Judged<Texture> texture,
        Judged<Boolean> undercoat,
        Optional<Decider> decider,
        Optional<Reason> limits) {

    public Finding {
        likely = List.copyOf(likely);
    }

    /** The likeliest kind. */
    public CoatKind kind() {
        return likely.get(0).kind();
    }

    /**
     * A kind, and what speaks for and against it.
     *
     * @param chance in (0, 1], given the answers
     */
    public record Likely(CoatKind kind, double chance, Sureness sureness, Reason why) {}

    /** A value and why it is taken. */
    public record Judged<T>(T value, Sureness sureness, Reason why) {}

    /**
     * The observation that decides between two kinds.
     *
     * @param answered whether it was answered already, so that only a second look can help
     * @param forFirst  what one would see on the first kind
     * @param forSecond what one would see on the second
     */
    public record Decider(Observation observation, boolean answered, Answer forFirst, Answer forSecond) {}

    /** How far an answer can be relied on. */
    public enum Sureness implements Choice {
        SURE("sure"),
        FAIRLY_SURE("fairly sure"),
        GUESS("a guess");

        private final Words words;

        Sureness(String label) {
            words = new Words(label);
        }

        @Override
        public Words words() {
            return words;
        }

        /** From 90 % sure, from 70 % fairly sure. Own estimate. */
        static Sureness of(double chance) {
            if (chance >= 0.9) {
                return SURE;
            }
            return chance >= 0.7 ? FAIRLY_SURE : GUESS;
        }
    }
}
