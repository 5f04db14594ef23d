package rustictangle.core.log;

import rustictangle.core.Refused;
import rustictangle.core.dog.Region;

/**
 * What the ruler said on the entry's day; the newest of a day counts.
 *
 * @param millimetres in (0, 400]
 * @param before      the length that the region had until then, so that taking it back can be complete
 */
public record Measured(Region region, double millimetres, double before) implements Said {

    /** The longest hair that is taken, mm. */
    public static final double MOST = 400;

    public Measured {
        Missing.refuse("region", region);
        if (!(millimetres > 0 && millimetres <= MOST)) {
            throw new Refused(
                    "millimetres", "Hair is up to " + Math.round(MOST) + " mm long; " + millimetres + " was given.");
        }
    }
}
