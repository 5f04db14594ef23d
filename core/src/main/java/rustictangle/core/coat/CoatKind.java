package rustictangle.core.coat;

import rustictangle.core.Choice;

/** Kinds of coat by how they must be cared for. */
public enum CoatKind implements Choice {
    SMOOTH("smooth", Texture.SOFT, "short, flat, lies close"),
    DOUBLE("double", Texture.HARSH, "coarse guard hair over a dense soft undercoat"),
    DROP("drop", Texture.SILKY, "long and silky, hangs straight from a parting"),
    CURLY("curly", Texture.CURLY, "wool or close curls that spring back when stretched"),
    /** Often of a poodle or water-dog cross; the coat that most often comes to a salon felted beneath. */
    FLEECE("fleece", Texture.SOFT, "loose waves or soft fleece that grows on and on"),
    WIRE("wire", Texture.HARSH, "a harsh, bristly jacket with softer beard and legs"),
    FEATHERED("feathered", Texture.SILKY, "a short jacket with long silky furnishings"),
    /** Hair encouraged to form ropes: recognised, and not brushed at all. */
    CORDED("corded", Texture.CURLY, "felted ropes from the skin to the ends"),
    /** Bare skin: recognised, and nothing to brush. */
    HAIRLESS("hairless", Texture.SOFT, "bare skin, or next to it");

    private final Words words;
    private final Texture usualTexture;

    CoatKind(String label, Texture usualTexture, String recognisedBy) {
        words = new Words(label, recognisedBy);
        this.usualTexture = usualTexture;
    }

    @Override
    public Words words() {
        return words;
    }

    /** What grows, within a sentence: "curly hair". */
    public String hair() {
        return switch (this) {
            case HAIRLESS -> "a hairless dog";
            case CORDED -> "cords";
            case SMOOTH, DOUBLE, DROP, CURLY, FLEECE, WIRE, FEATHERED -> label() + " hair";
        };
    }

    /** The texture to propose when the owner has not felt for it. */
    public Texture usualTexture() {
        return usualTexture;
    }

    /** Whether brush or comb has any job on it. Common practice, no published source: never in cords. */
    public boolean brushed() {
        return this != CORDED && this != HAIRLESS;
    }

    /** Whether it tangles and mats, so that a comb must prove it. */
    public boolean mats() {
        return brushed() && this != SMOOTH;
    }

    /** Whether it grows on until it is cut, as a rule. Common practice, no published source. */
    public boolean growsOn() {
        return this == DROP || this == CURLY || this == FLEECE;
    }

    /** Whether it has a soft undercoat as a rule. */
    public boolean usuallyUndercoat() {
        return this == DOUBLE || this == WIRE;
    }
}
