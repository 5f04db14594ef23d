package rustictangle.core.coat;

import rustictangle.core.Choice;

/** How the hair feels. Soft hair of the {@link CoatKind#CURLY} kind is loose fleece. */
public enum Texture implements Choice {
    SILKY("silky"),
    SOFT("soft"),
    CURLY("curled"),
    HARSH("harsh");

    private final Words words;

    Texture(String label) {
        words = new Words(label);
    }

    @Override
    public Words words() {
        return words;
    }
}
