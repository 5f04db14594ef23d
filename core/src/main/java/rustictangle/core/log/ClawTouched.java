package rustictangle.core.log;

import rustictangle.core.Refused;

/**
 * One claw.
 *
 * @param toe from the inside outward, 1 to 4; 0: the dew claw
 */
@Lasts(Lasts.For.EVER)
public record ClawTouched(Paw paw, int toe, ClawResult result) implements Said {

    /** Besides the dew claw. */
    public static final int TOES = 4;

    public ClawTouched {
        Limits.refuseMissing("paw", paw);
        Limits.refuseMissing("result", result);
        if (!(toe >= 0 && toe <= TOES)) {
            throw new Refused("toe", "A toe is 1 to " + TOES + ", or 0 for the dew claw; " + toe + " was given.");
        }
    }

    @Override
    public String inWords() {
        return "a claw, " + paw.label() + ": " + result.label();
    }
}
