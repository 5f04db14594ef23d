package rustictangle.core.trust;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import rustictangle.core.Choice;
import rustictangle.core.Reason;

/**
 * Dislike, fear, or something that hurts: told from what is seen. In doubt it is fear. Common practice, no published
 * source; it is no diagnosis.
 *
 * @param reasons why, and what to do now
 */
public record FussOrFear(Likely answer, List<Reason> reasons) {

    /** What may be seen. */
    public enum Sign implements Choice {
        SUDDEN("It objects suddenly, in one place, where it did not before"),
        CRIES("It cries or snaps at a touch where there is no mat"),
        WILL_NOT_EAT("It will not eat, not even what it loves"),
        TREMBLES("It trembles, pants, or its pupils are wide"),
        TUCKED("Tail and ears are tucked, it makes itself small or hides"),
        WORSE("It gets worse each time"),
        UNTOUCHED("It protests also when nothing touches it"),
        EATS("It eats the treats in between"),
        RECOVERS("It is itself again at once when you stop");

        private final Words words;

        Sign(String label) {
            words = new Words(label);
        }

        @Override
        public Words words() {
            return words;
        }
    }

    /** The gravest first. */
    public enum Likely implements Choice {
        MIGHT_HURT("It might hurt"),
        FEAR("Fear"),
        DISLIKE("Dislike");

        private final Words words;

        Likely(String label) {
            words = new Words(label);
        }

        @Override
        public Words words() {
            return words;
        }
    }

    private static final Set<Sign> HURT = EnumSet.of(Sign.SUDDEN, Sign.CRIES);
    private static final Set<Sign> FEAR = EnumSet.of(Sign.WILL_NOT_EAT, Sign.TREMBLES, Sign.TUCKED, Sign.WORSE);
    private static final Set<Sign> DISLIKE = EnumSet.of(Sign.UNTOUCHED, Sign.EATS, Sign.RECOVERS);

    public FussOrFear {
        reasons = List.copyOf(reasons);
    }

    /** @param seen may be empty */
    public static FussOrFear of(Set<Sign> seen) {
        List<Reason> reasons = new ArrayList<>();
        if (seen.stream().anyMatch(HURT::contains)) {
            reasons.add(new Reason(
                    "trust.might-hurt",
                    "A sudden objection in one place, or a cry without a mat, may be pain. "
                            + "Part the hair and look, without pressing: skin, ears, nails, joints. Brush nothing there, and call "
                            + "your vet."));
            if (seen.stream().anyMatch(FEAR::contains)) {
                reasons.add(fear());
            }
            return new FussOrFear(Likely.MIGHT_HURT, reasons);
        }
        if (seen.stream().noneMatch(FEAR::contains) && seen.containsAll(DISLIKE)) {
            return new FussOrFear(
                    Likely.DISLIKE,
                    List.of(new Reason(
                            "trust.dislike",
                            "It protests before anything touches it, "
                                    + "eats, and forgets it at once: it would rather not. Stay kind and clear, pay better, keep it short; no "
                                    + "need to go back more than a rung.")));
        }
        if (seen.stream().noneMatch(FEAR::contains)) {
            reasons.add(new Reason(
                    "trust.in-doubt", "Not all three signs of mere dislike were seen. In doubt it is fear."));
        }
        reasons.add(fear());
        return new FussOrFear(Likely.FEAR, reasons);
    }

    private static Reason fear() {
        return new Reason(
                "trust.fear",
                "Hands off, some distance, something easy. Next time two rungs lower and half as long. "
                        + "If it stays or grows, or it bites: a certified trainer or your vet.");
    }
}
