package rustictangle.core.coat;

import rustictangle.core.Choice;

/** The colour of the hair of a region: for the drawing, and for what pale hair asks for. */
public enum Colour implements Choice {
    PALE("pale", "white or cream"),
    GOLD("red or gold"),
    BROWN("brown"),
    GREY("grey"),
    DARK("dark", "black or nearly"),
    PATCHED("patched", "pale and coloured in patches");

    private final Words words;

    Colour(String label) {
        this(label, "");
    }

    Colour(String label, String hint) {
        words = new Words(label, hint);
    }

    /** Whether white hair grows there: it tangles sooner and its skin burns sooner. Common practice, reason unknown. */
    public boolean pale() {
        return this == PALE || this == PATCHED;
    }

    @Override
    public Words words() {
        return words;
    }
}
