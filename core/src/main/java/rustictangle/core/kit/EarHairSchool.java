package rustictangle.core.kit;

import rustictangle.core.Choice;

/** Schools of hair that grows inside the ear. Common practice, no published source. */
public enum EarHairSchool implements Choice {
    /** The default. */
    LEFT("left alone", "air comes to the ear without it, too"),
    PROFESSIONAL("a groomer’s or a vet’s", "they see what is beneath"),
    PLUCKED(
            "a few hairs at a time, with ear powder",
            "only of an ear that is healthy, and of a dog that does not mind");

    private final Words words;

    EarHairSchool(String label, String hint) {
        words = new Words(label, hint);
    }

    @Override
    public Words words() {
        return words;
    }
}
