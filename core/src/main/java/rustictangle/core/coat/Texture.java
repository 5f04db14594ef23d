package rustictangle.core.coat;

/** How the hair feels. Soft hair of the {@link CoatKind#CURLY} kind is loose fleece. */
public enum Texture {
    SILKY,
    SOFT,
    CURLY,
    HARSH;

    /** As a word to begin a sentence with. */
    static String words(Texture texture) {
        return switch (texture) {
            case SILKY -> "Silky";
            case SOFT -> "Soft";
            case CURLY -> "Curled";
            case HARSH -> "Harsh";
        };
    }
}
