package rustictangle.core.kit;

/**
 * How a tool is led through the hair.
 *
 * <p>The numbers are own estimates, calibrated together to the times of common practice: a
 * long-coated medium dog combed daily about 10 min, a small double coat in heavy shedding 35 to
 * 40 min, a long fleece through three tools about 60 min.
 */
public enum Manner {
    /** Feel through, part what has tangled. */
    SEARCH(false, 0.5, "feel through and part what holds"),
    /** A light mist, hair lifted. */
    LIGHTLY(false, 0.5, "lift the hair and mist lightly"),
    /** The same, the mist on the tool. */
    ON_TOOL(false, 0.5, "mist the tool, not the dog"),
    /** Loosen in small circles. */
    CIRCLES(false, 2.5, "loosen in small circles"),
    /** One pass the way the hair lies. */
    WITH_LIE(false, 2.5, "with the lie of the hair"),
    /** The ear's own way. */
    ALONG_LEATHER(false, 2.5, "along the leather, from its middle to the edge"),
    /** Against the lie, so that the coat stands open and the brush finds what hides. */
    AGAINST_LIE(false, 2.5, "against the lie, so the coat stands open"),
    /** Against the lie twice: while the undercoat lets go, each pass brings out more. */
    AGAINST_LIE_TWICE(false, 12.5, "against the lie, twice over"),
    /** Only what is already loose, with light pressure. */
    LIFT_LOOSE(false, 12.5, "lift only what is loose, light hand"),
    /** With, against and across. */
    ALL_WAYS(false, 7.5, "with, against and every way"),
    /** A neglected coat is opened from the ends, a little deeper each time. */
    ENDS_INWARD(false, 5.0, "from the ends inward, a little deeper each time"),
    /** So lightly that it only finds: where it catches there is a tangle. */
    FINDER(false, 2.5, "very lightly: where it catches, there is a tangle"),
    /** The old puppy coat, a little at a time. */
    COMB_OUT(false, 2.5, "wide end: comb out the old coat, a little at a time"),
    /** Combing instead of brushing, in a coat combed often: its own proof. */
    COMB_LAYERS(
            true,
            0.8,
            "layer by layer: the wide end from the ends inward, then the fine end right through",
            "the wide end from the ends inward, then the fine end right through"),
    /** Line brushing: thin layers, from the skin out. */
    LAYERS(true, 2.5, "part to the skin, layer by layer", "to the skin in one pass, the hair lifted a little"),
    /** The wide end, from the root, layer by layer. */
    PROVE_WIDE(true, 1.0, "wide end from the root, right through"),
    /** The fine end, in every second parting, since the wide one ran free. */
    PROVE_FINE(true, 0.5, "fine end from the root, right through"),
    /** A last wipe over the top. */
    WIPE(false, 1.0, "wipe over the top");

    private final boolean inLayers;
    private final double strokes;
    private final String label;
    private final String inOnePass;

    Manner(boolean inLayers, double strokes, String label) {
        this(inLayers, strokes, label, label);
    }

    Manner(boolean inLayers, double strokes, String label, String inOnePass) {
        this.inLayers = inLayers;
        this.strokes = strokes;
        this.label = label;
        this.inOnePass = inOnePass;
    }

    /** Whether it brushes, not only looks, mists, proves or wipes. */
    public boolean brushes() {
        return switch (this) {
            case SEARCH, LIGHTLY, ON_TOOL, PROVE_WIDE, PROVE_FINE, WIPE -> false;
            case CIRCLES, WITH_LIE, ALONG_LEATHER, AGAINST_LIE, AGAINST_LIE_TWICE, LIFT_LOOSE -> true;
            case ALL_WAYS, ENDS_INWARD, FINDER, COMB_OUT, COMB_LAYERS, LAYERS -> true;
        };
    }

    /** Whether it goes another way than the hair lies: not where only skin is beneath. */
    boolean againstOrAcross() {
        return switch (this) {
            case AGAINST_LIE, AGAINST_LIE_TWICE, ALL_WAYS, CIRCLES -> true;
            case SEARCH, LIGHTLY, ON_TOOL, WITH_LIE, ALONG_LEATHER, LIFT_LOOSE, ENDS_INWARD, FINDER -> false;
            case COMB_OUT, COMB_LAYERS, LAYERS, PROVE_WIDE, PROVE_FINE, WIPE -> false;
        };
    }

    /** Whether the hair is parted into layers for it, when it is longer than the pins reach. */
    public boolean inLayers() {
        return inLayers;
    }

    /** Mean strokes on each tool-width of hair, all passes together. Own estimate. */
    public double strokes() {
        return strokes;
    }

    public String label() {
        return label;
    }

    /** The same where the tool reaches through the hair, and nothing is parted. */
    public String inOnePass() {
        return inOnePass;
    }
}
