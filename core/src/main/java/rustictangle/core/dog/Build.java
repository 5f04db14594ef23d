package rustictangle.core.dog;

import rustictangle.core.Choice;

/** How a dog is built, as far as a drawing of it must show. Common practice, no published source. */
public enum Build implements Choice {
    SQUARE("square", "as long as it is tall"),
    LONG_AND_LOW("long and low", "short legs, a long back"),
    STOCKY("stocky", "broad, deep and close to the ground"),
    FINE("fine-boned", "small, with thin legs and a round head"),
    SLENDER("slender", "deep in the chest, drawn up behind, long in the leg"),
    FLAT_FACED("flat-faced", "a short muzzle, a broad head"),
    SPITZ("spitz", "a wedge of a head, a short back"),
    HEAVY("large and heavy", "big bones, broad feet");

    private final Words words;

    Build(String label, String hint) {
        words = new Words(label, hint);
    }

    @Override
    public Words words() {
        return words;
    }
}
