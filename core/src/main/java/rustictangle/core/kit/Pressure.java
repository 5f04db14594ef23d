package rustictangle.core.kit;

import rustictangle.core.Choice;

/** How hard a hand presses, as a scale under the brush tells. Own estimate. */
public enum Pressure implements Choice {
    HARDLY("hardly at all", "the pins would slide over the top"),
    LIGHT("a light hand", "right wherever hair is brushed"),
    FIRM("firm", "for dense hair on sound skin; too much for ears, belly and legs"),
    TOO_HARD("too hard", "this burns the skin: loosen your fingers, and once more");

    private static final double LIGHT_GRAMS = 20;
    private static final double FIRM_GRAMS = 90;
    private static final double TOO_HARD_GRAMS = 220;

    private final Words words;

    Pressure(String label, String hint) {
        words = new Words(label, hint);
    }

    @Override
    public Words words() {
        return words;
    }

    /** @throws IllegalArgumentException when grams is not 0 or more */
    public static Pressure of(double grams) {
        if (!(grams >= 0)) {
            throw new IllegalArgumentException("a pressure of " + grams + " g, need 0 or more");
        }
        return grams >= TOO_HARD_GRAMS ? TOO_HARD : grams >= FIRM_GRAMS ? FIRM : grams >= LIGHT_GRAMS ? LIGHT : HARDLY;
    }
}
