package rustictangle.core.care;

import rustictangle.core.Refused;
import rustictangle.core.coat.Coat;
import rustictangle.core.dog.BodySurface;
import rustictangle.core.dog.Dog;
import rustictangle.core.dog.Section;
import rustictangle.core.log.BathKind;

/**
 * Shampoo mixed as its label says. Own estimate: about 60 ml of mix for each kg^(2/3) of a short coat, 160 of a long and
 * dense one.
 *
 * @param mix     all of it, ml
 * @param shampoo of that, ml
 * @param water   of that, ml
 */
public record BathMix(double mix, double shampoo, double water) {

    /** A label's 1 : n. */
    public static final int MOST_DILUTED = 100;

    private static final double SHORT = 60;
    private static final double LONG = 160;
    private static final double LONG_FROM_MM = 100;

    /**
     * @param parts of water to one of shampoo; 0 for one that is used as it is
     * @throws Refused when it is no label's
     */
    public static BathMix of(Dog dog, Coat coat, BathKind kind, int parts) {
        if (parts != 0) {
            checkLabel(parts);
        }
        double whole = Math.pow(dog.mass().kilograms(), 2.0 / 3) * perKilogram(coat);
        double mix = whole * share(kind);
        return new BathMix(mix, mix / (parts + 1), mix * parts / (parts + 1));
    }

    /** @throws Refused when it is on no label */
    public static void checkLabel(int parts) {
        if (!(parts >= 1 && parts <= MOST_DILUTED)) {
            throw new Refused(
                    "parts",
                    "A label says 1 : 1 to 1 : " + MOST_DILUTED + "; 1 : " + parts
                            + " was given. Leave it empty for one that is used as it is.");
        }
    }

    private static double perKilogram(Coat coat) {
        double sum = 0;
        for (Section section : Section.values()) {
            double length = Math.min(LONG_FROM_MM, coat.at(section).length().millimetres()) / LONG_FROM_MM;
            double density =
                    switch (coat.at(section).density()) {
                        case SPARSE -> 0.7;
                        case MEDIUM -> 0.85;
                        case DENSE -> 1;
                    };
            sum += section.areaShare() * (SHORT + (LONG - SHORT) * length * density);
        }
        return sum;
    }

    private static double share(BathKind kind) {
        double sum = 0;
        for (Section section : Section.values()) {
            sum += kind.wets(section) ? section.areaShare() : 0;
        }
        return sum;
    }

    /** Minutes in the tub: 10 to 15 for a whole dog (common practice, no published source), by its surface. */
    public static double minutes(Dog dog, BathKind kind) {
        double large = Math.min(1, BodySurface.of(dog.mass()).squareMetres());
        return (10 + 5 * large) * (kind == BathKind.WHOLE_DOG ? 1 : 0.5);
    }
}
