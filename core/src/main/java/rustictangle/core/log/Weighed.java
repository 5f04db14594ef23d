package rustictangle.core.log;

import rustictangle.core.Reason;
import rustictangle.core.Refused;
import rustictangle.core.dog.Mass;

/**
 * What the scale said of the dog.
 *
 * @param kilograms in [0.3, 120]
 * @param before    what it was taken to weigh until then, in [0.3, 120]
 */
@Lasts(Lasts.For.EVER)
public record Weighed(double kilograms, double before) implements Said {

    public Weighed {
        check("kilograms", kilograms);
        check("before", before);
    }

    private static void check(String field, double kilograms) {
        if (!(kilograms >= Mass.MIN_KILOGRAMS && kilograms <= Mass.MAX_KILOGRAMS)) {
            throw new Refused(field, Mass.LIMITS);
        }
    }

    @Override
    public String inWords() {
        return "on the scale: " + Reason.kg(kilograms);
    }
}
