package rustictangle.core.kit;

import rustictangle.core.Choice;
import rustictangle.core.coat.Density;

/** How hair that is longer than the pins reach is worked bit by bit, from the bottom of the place upward. */
public enum Parting implements Choice {
    /** Nothing is parted: one pass reaches the skin. */
    NONE("one pass", 0),
    /** A double coat is pushed back with the flat hand, so that skin shows at each strip. Common practice, no published source. */
    STRIPS("strip", 2),
    /** Thin layers, let down one after the other. */
    LAYERS("layer", 1),
    /** A coat combed daily is open: the comb takes more at once. */
    THICK_LAYERS("thick layer", 3);

    private final Words words;
    private final double thinLayers;

    Parting(String one, double thinLayers) {
        this.words = new Words(one, "");
        this.thinLayers = thinLayers;
    }

    /** One of them, to be counted. */
    @Override
    public Words words() {
        return words;
    }

    /**
     * What is done at once where the hair has outgrown the pins, mm. Own estimate.
     *
     * @param shaggy how far a double coat is long and shaggy all over, in [0, 1]: then it is parted like others
     * @throws IllegalStateException where nothing is parted
     */
    public double millimetres(Density density, double shaggy) {
        if (this == NONE) {
            throw new IllegalStateException("nothing is parted");
        }
        return density.layerMillimetres() * (this == STRIPS ? Math.pow(thinLayers, 1 - shaggy) : thinLayers);
    }
}
