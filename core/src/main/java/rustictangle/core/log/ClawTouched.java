package rustictangle.core.log;

import java.util.Optional;
import rustictangle.core.Refused;

/**
 * One claw.
 *
 * @param toe    from the inside outward, 1 to 4; 0: the dew claw
 * @param signal how the dog took it, asked where one was cut too short; empty: not asked
 * @param with   what it was done with; empty: as usual
 */
@Lasts(value = Lasts.For.EVER, answer = true)
public record ClawTouched(Paw paw, int toe, ClawResult result, Optional<Signal> signal, Optional<Subject> with)
        implements Said {

    /** Besides the dew claw. */
    public static final int TOES = 4;

    public ClawTouched(Paw paw, int toe, ClawResult result) {
        this(paw, toe, result, Optional.empty(), Optional.empty());
    }

    public ClawTouched {
        Limits.refuseMissing("paw", paw);
        Limits.refuseMissing("result", result);
        if (signal.isPresent() && result != ClawResult.TOO_SHORT) {
            throw new Refused(
                    "signal",
                    "How it took a claw is asked where one was cut too short; leave it empty, the end of the job asks.");
        }
        if (!(toe >= 0 && toe <= TOES)) {
            throw new Refused("toe", "A toe is 1 to " + TOES + ", or 0 for the dew claw; " + toe + " was given.");
        }
    }

    @Override
    public String inWords() {
        return "a claw, " + paw.label() + ": " + result.label()
                + signal.map(how -> ", " + how.label()).orElse("");
    }
}
