package rustictangle.core.coat;

/**
 * One possible answer to an {@link Observation}, with how many of 100 dogs of each kind would give it.
 *
 * <p>Which observation tells which kind is common practice, no published source; the numbers are own
 * estimates. For each kind the answers to one observation sum to 100. What tells only the density is
 * the same for all kinds.
 */
public enum Answer {
    //                                                                              SMOOTH DOUBLE DROP CURLY WIRE FEATH
    // CORD BARE
    ONE_LAYER(Observation.LAYERS, "One layer", "one layer of hair", 80, 6, 80, 82, 25, 60, 8, 8),
    TWO_LAYERS(Observation.LAYERS, "Coarse hair over soft fluff", "two layers", 18, 92, 18, 16, 73, 38, 10, 1),
    BARE_SKIN(Observation.LAYERS, "Bare skin, no parting to lay", "bare skin", 1, 1, 1, 1, 1, 1, 1, 90),
    ROPES(Observation.LAYERS, "Felted ropes", "felted ropes", 1, 1, 1, 1, 1, 1, 81, 1),

    SPRINGS_BACK(Observation.STRETCH, "Springs back into a curl", "it springs back", 1, 2, 2, 72, 5, 3, 60, 2),
    LOOSE_WAVE(Observation.STRETCH, "Falls into a loose wave", "it falls into a wave", 2, 13, 20, 24, 25, 32, 25, 3),
    STAYS_STRAIGHT(Observation.STRETCH, "Stays straight", "it stays straight", 27, 75, 76, 2, 55, 60, 10, 25),
    TOO_SHORT(Observation.STRETCH, "Too short to stretch", "it is too short to stretch", 70, 10, 2, 2, 15, 5, 5, 70),

    NOWHERE(Observation.WHERE_LONG, "Nowhere", "it is long nowhere", 94, 15, 2, 5, 12, 2, 1, 55),
    ALL_OVER(Observation.WHERE_LONG, "All over, or it would be", "it is long all over", 1, 22, 85, 80, 5, 3, 92, 2),
    FRINGES(
            Observation.WHERE_LONG,
            "Ears, backs of the legs, chest, tail",
            "it hangs in fringes",
            2,
            6,
            10,
            8,
            5,
            86,
            4,
            38),
    BEARD_AND_LEGS(
            Observation.WHERE_LONG, "Beard, brows and legs", "beard and legs are longer", 1, 2, 2, 6, 77, 2, 2, 3),
    RUFF_AND_TROUSERS(
            Observation.WHERE_LONG, "Ruff, trousers and tail", "ruff and trousers are longer", 2, 55, 1, 1, 1, 7, 1, 2),

    SLEEK(Observation.FEEL, "Sleek, like a glove", "it feels sleek", 85, 10, 3, 1, 2, 12, 1, 85),
    HARSH(Observation.FEEL, "Harsh, like a doormat", "it feels harsh", 10, 55, 2, 3, 93, 3, 10, 1),
    SILKY(Observation.FEEL, "Silky, like your own hair", "it feels silky", 4, 8, 85, 10, 1, 78, 3, 12),
    WOOLLY(Observation.FEEL, "Woolly, like a jumper", "it feels woolly", 1, 27, 10, 86, 4, 7, 86, 2),

    SHORT_STIFF(Observation.COMES_OFF, "Short, stiff hairs", "short stiff hairs come off", 80, 10, 2, 3, 35, 25, 2, 5),
    FLUFF(Observation.COMES_OFF, "Soft fluff, in tufts", "fluff comes off", 8, 82, 6, 7, 15, 25, 5, 1),
    FEW_LONG(Observation.COMES_OFF, "A few long hairs", "a few long hairs come off", 2, 5, 72, 15, 10, 42, 8, 4),
    ALMOST_NOTHING(Observation.COMES_OFF, "Almost nothing", "almost nothing comes off", 10, 3, 20, 75, 40, 8, 85, 90),

    UNTIL_CUT(Observation.GROWS, "Yes, until it is cut", "it grows until it is cut", 1, 2, 95, 93, 12, 6, 97, 10),
    STOPS(Observation.GROWS, "No, it stops by itself", "it stops growing by itself", 99, 98, 5, 7, 88, 94, 3, 90),

    RUNS_OFF(Observation.RAIN, "Runs off", "rain runs off", 45, 75, 5, 12, 68, 30, 10, 8),
    SOAKS_SLOWLY(Observation.RAIN, "Soaks in slowly", "rain soaks in slowly", 20, 22, 30, 58, 27, 45, 75, 2),
    WET_AT_ONCE(Observation.RAIN, "Wet to the skin at once", "rain wets it at once", 35, 3, 65, 30, 5, 25, 15, 90),

    AT_ONCE(
            Observation.SKIN_SHOWS,
            "Blowing on it is enough",
            "skin shows when you blow",
            33,
            33,
            33,
            33,
            33,
            33,
            33,
            33),
    WHEN_PARTED(Observation.SKIN_SHOWS, "When I part it", "skin shows in a parting", 34, 34, 34, 34, 34, 34, 34, 34),
    HARDLY(Observation.SKIN_SHOWS, "Hardly, even parted", "skin hardly shows", 33, 33, 33, 33, 33, 33, 33, 33);

    private final Observation to;
    private final String label;
    private final String seen;
    private final int[] ofHundred;

    Answer(Observation to, String label, String seen, int... ofHundred) {
        this.to = to;
        this.label = label;
        this.seen = seen;
        this.ofHundred = ofHundred;
    }

    public Observation to() {
        return to;
    }

    public String label() {
        return label;
    }

    /** The same within a sentence. */
    public String seen() {
        return seen;
    }

    /** Chance in (0, 1) that a dog of this kind shows it. Own estimate. */
    public double chanceFor(CoatKind kind) {
        return ofHundred[kind.ordinal()] / 100.0;
    }
}
