package rustictangle.core.trust;

import rustictangle.core.log.BegunLower;

/** How far up a ladder, whatever it is the ladder of. Common practice, no published source. */
public enum Rung {
    ON_THE_FLOOR,
    LOOKS_AT_IT,
    TOUCHES_IT,
    NEAR_THE_BODY,
    BACK_OF_TOOL,
    EDGE_TOUCHES,
    ONE_STROKE,
    A_FEW_STROKES,
    WHOLE_SECTION,
    TO_THE_SKIN;

    /** Number of the highest rung. */
    public static final int HIGHEST = BegunLower.HIGHEST;

    private static final Rung EVERY_TIME_UP_TO = ONE_STROKE;
    private static final Rung MARKED_UP_TO = TOUCHES_IT;

    /** 1 for the lowest rung to 10. */
    public int number() {
        return ordinal() + 1;
    }

    /** From here on real brushing of the section is possible. */
    public boolean readyForBrushing() {
        return compareTo(WHOLE_SECTION) >= 0;
    }

    /** Whether its trials are marked. */
    boolean marked() {
        return compareTo(MARKED_UP_TO) <= 0;
    }

    /** When to mark and to treat. */
    public String timing() {
        if (marked()) {
            return "Mark the moment it happens, with a short word that is always the same; treat within a second.";
        }
        return compareTo(EVERY_TIME_UP_TO) <= 0
                ? "One to one: each time a treat, while it happens or at once after."
                : "A treat in between, and one at the end.";
    }

    /** Trials of one practice. Own estimate. */
    public int trials() {
        return compareTo(EVERY_TIME_UP_TO) <= 0 ? 5 : 3;
    }

    /** What one trial takes, its treat and a breath included, s. Own estimate. */
    int secondsATrial() {
        return compareTo(EVERY_TIME_UP_TO) <= 0 ? 5 : 10;
    }

    /** @param number taken to the nearest there is */
    public static Rung numbered(int number) {
        return values()[Math.max(1, Math.min(HIGHEST, number)) - 1];
    }

    Rung up() {
        return numbered(number() + 1);
    }

    Rung down() {
        return numbered(number() - 1);
    }
}
