package rustictangle.core.log;

import rustictangle.core.Reason;
import rustictangle.core.Refused;
import rustictangle.core.dog.Region;

/**
 * What the ruler said on the entry's day; the newest of a day counts.
 *
 * @param millimetres in [1, 400]
 * @param before      the length that the region had until then, in [1, 400], so that taking it back can be complete
 */
@Lasts(Lasts.For.EVER)
public record Measured(Region region, double millimetres, double before) implements Said {

    /** The shortest and the longest hair that is taken, mm. */
    public static final double LEAST = 1;

    public static final double MOST = 400;

    public Measured {
        Limits.refuseMissing("region", region);
        refuseImpossible("millimetres", millimetres);
        refuseImpossible("before", before);
    }

    /** Hair that is no length of hair. */
    static void refuseImpossible(String field, double millimetres) {
        if (!(millimetres >= LEAST && millimetres <= MOST)) {
            throw new Refused(
                    field,
                    "Hair is " + Math.round(LEAST) + " to " + Math.round(MOST) + " mm long; " + millimetres
                            + " was given. Check number and unit.");
        }
    }

    @Override
    public String inWords() {
        return region.label() + ": hair of " + Reason.mm(millimetres);
    }
}
