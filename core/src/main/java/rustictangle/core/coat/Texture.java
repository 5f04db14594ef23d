package rustictangle.core.coat;

/** How the hair feels. Soft hair of the {@link CoatKind#CURLY} kind is loose fleece. */
public enum Texture { SILKY, SOFT, CURLY, HARSH }
