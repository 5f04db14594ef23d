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
    /** The same at head and ears: never toward the face. */
    FROM_PALM(false, 0.5, "onto your palm or the comb, never toward the face"),
    /** Loosen in small circles. */
    CIRCLES(false, 2.5, "loosen in small circles"),
    /** One pass the way the hair lies. */
    WITH_LIE(false, 3.8, "with the lie of the hair"),
    /** The ear's own way. */
    ALONG_LEATHER(false, 2.5, "along the leather, from its middle to the edge"),
    /** Against the lie, so that the coat stands open and the brush finds what hides. */
    AGAINST_LIE(
            Parting.STRIPS, 2.5, "against the lie, in strips from below", "against the lie, so the coat stands open"),
    /** Against the lie twice: while the undercoat lets go, each pass brings out more. */
    AGAINST_LIE_TWICE(
            Parting.STRIPS, 5.0, "against the lie, in strips from below, twice over", "against the lie, twice over"),
    /** The same over and over, each time another way. */
    EVERY_WAY_IN_STRIPS(
            Parting.STRIPS, 7.5, "with, against and across, in strips from below", "with, against and every way"),
    /** The same where the skin is thin: strips, but the way the hair lies. */
    LIE_IN_STRIPS(Parting.STRIPS, 2.5, "with the lie, in strips from below", "with the lie of the hair"),
    /** Cool air, the coat standing open. */
    BLOW_OUT(false, 2.5, "cool air against the lie, so that what is loose flies out"),
    /** Only what is already loose, with light pressure. */
    LIFT_LOOSE(false, 5.0, "lift only what is loose, light hand"),
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
            Parting.THICK_LAYERS,
            2.0,
            "layer by layer: the wide end from the ends inward, then the fine end right through",
            "the wide end from the ends inward, then the fine end right through"),
    /** Line brushing: thin layers, from the skin out. */
    LAYERS(
            Parting.LAYERS,
            2.5,
            "part to the skin, layer by layer",
            "to the skin in one pass, the hair lifted a little"),
    /** The same where each layer is opened from its ends, also what holds nothing. */
    LAYERS_FROM_THE_ENDS(
            Parting.LAYERS,
            3.5,
            "part to the skin, layer by layer, each from its ends inward",
            "from the ends inward, to the skin"),
    /** The wide end, from the root, layer by layer. */
    PROVE_WIDE(true, 1.0, "wide end from the root, right through"),
    /** The fine end, in every second parting, since the wide one ran free. */
    PROVE_FINE(true, 0.5, "fine end from the root, right through"),
    /** A wipe over the top of a short coat. */
    WIPE(false, 1.0, "wipe over the top"),
    /** A last wipe over a proved coat, to lay it. */
    LAST_WIPE(false, 1.0, "last of all, a wipe with the lie");

    private final Parting parting;
    private final boolean follows;
    private final double strokes;
    private final String label;
    private final String inOnePass;

    Manner(boolean follows, double strokes, String label) {
        this(Parting.NONE, follows, strokes, label, label);
    }

    Manner(Parting parting, double strokes, String label, String inOnePass) {
        this(parting, true, strokes, label, inOnePass);
    }

    Manner(Parting parting, boolean follows, double strokes, String label, String inOnePass) {
        this.parting = parting;
        this.follows = follows;
        this.strokes = strokes;
        this.label = label;
        this.inOnePass = inOnePass;
    }

    /** Whether it brushes, not only looks, mists, proves or wipes. */
    public boolean brushes() {
        return switch (this) {
            case SEARCH, LIGHTLY, ON_TOOL, FROM_PALM, BLOW_OUT, PROVE_WIDE, PROVE_FINE, WIPE, LAST_WIPE -> false;
            case CIRCLES, WITH_LIE, ALONG_LEATHER, AGAINST_LIE, AGAINST_LIE_TWICE, EVERY_WAY_IN_STRIPS -> true;
            case LIE_IN_STRIPS, LIFT_LOOSE, ALL_WAYS, ENDS_INWARD, FINDER, COMB_OUT, COMB_LAYERS -> true;
            case LAYERS, LAYERS_FROM_THE_ENDS -> true;
        };
    }

    /** Whether it goes another way than the hair lies: not where only skin is beneath. */
    boolean againstOrAcross() {
        return switch (this) {
            case AGAINST_LIE, AGAINST_LIE_TWICE, EVERY_WAY_IN_STRIPS, ALL_WAYS, CIRCLES -> true;
            case SEARCH,
                    LIGHTLY,
                    ON_TOOL,
                    FROM_PALM,
                    BLOW_OUT,
                    WITH_LIE,
                    ALONG_LEATHER,
                    LIFT_LOOSE,
                    ENDS_INWARD,
                    FINDER -> false;
            case COMB_OUT, COMB_LAYERS, LAYERS, LAYERS_FROM_THE_ENDS, LIE_IN_STRIPS, PROVE_WIDE, PROVE_FINE -> false;
            case WIPE, LAST_WIPE -> false;
        };
    }

    /** The same where the owner has chosen which way a brush goes, and how a stroke goes in a layer. */
    Manner by(DirectionSchool direction, StrokeSchool stroke) {
        return switch (this) {
            case AGAINST_LIE, AGAINST_LIE_TWICE ->
                switch (direction) {
                    case BY_COAT, AGAINST -> this;
                    case WITH_LIE -> LIE_IN_STRIPS;
                    case EVERY_WAY -> EVERY_WAY_IN_STRIPS;
                };
            case ALL_WAYS ->
                switch (direction) {
                    case BY_COAT, EVERY_WAY -> this;
                    case WITH_LIE -> WITH_LIE;
                    case AGAINST -> AGAINST_LIE_TWICE;
                };
            case LAYERS -> stroke == StrokeSchool.ENDS_FIRST ? LAYERS_FROM_THE_ENDS : this;
            // Nobody disagrees about the rest.
            default -> this;
        };
    }

    /** How hair longer than the pins reach is parted for it. */
    public Parting parting() {
        return parting;
    }

    /** Whether it goes parting by parting, where the hair is parted: for itself, or since the brush before it did. */
    public boolean inPartings() {
        return follows;
    }

    /** Mean strokes on each tool-width of hair, all passes together. Own estimate. */
    public double strokes() {
        return strokes;
    }

    public String label() {
        return label;
    }

    /**
     * The manner in a word or two, after the tool's name: what hands need beside the dog.
     *
     * @param parted whether the hair is parted here
     */
    public String brief(boolean parted) {
        return switch (this) {
            case SEARCH -> "first";
            case LIGHTLY -> "lightly beneath";
            case ON_TOOL -> "on the tool";
            case FROM_PALM -> "from your palm";
            case CIRCLES -> "in circles";
            case WITH_LIE -> "with the lie";
            case ALONG_LEATHER -> "along the leather";
            case AGAINST_LIE -> parted ? "against the lie in strips" : "against the lie";
            case AGAINST_LIE_TWICE -> parted ? "against the lie in strips, twice" : "against the lie, twice";
            case EVERY_WAY_IN_STRIPS -> parted ? "every way in strips" : "every way";
            case LIE_IN_STRIPS -> parted ? "with the lie in strips" : "with the lie";
            case BLOW_OUT -> "cool, against the lie";
            case LIFT_LOOSE -> "on what is loose";
            case ALL_WAYS -> "every way";
            case ENDS_INWARD -> "from the ends inward";
            case FINDER -> "very lightly";
            case COMB_OUT -> "through the old coat";
            case COMB_LAYERS -> parted ? "layer by layer, wide and fine" : "wide, then fine";
            case LAYERS -> parted ? "layer by layer" : "to the skin";
            case LAYERS_FROM_THE_ENDS -> parted ? "layer by layer, from the ends inward" : "from the ends inward";
            case PROVE_WIDE -> "wide";
            case PROVE_FINE -> "fine";
            case WIPE -> "over it";
            case LAST_WIPE -> "over it with the lie";
        };
    }

    /** The same where the tool reaches through the hair, and nothing is parted. */
    public String inOnePass() {
        return inOnePass;
    }
}
