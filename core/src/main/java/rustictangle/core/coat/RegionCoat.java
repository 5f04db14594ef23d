package rustictangle.core.coat;

import java.util.Objects;

/**
 * What grows on one region of the dog.
 *
 * @param undercoat a soft layer beneath the guard hair
 * @param pale white hair: tangles sooner, and pale skin shows brush burn sooner (common practice,
 *             reason unknown)
 */
public record RegionCoat(
        CoatKind kind, HairLength length, Density density, Texture texture, boolean undercoat, boolean pale) {

    public RegionCoat {
        Objects.requireNonNull(kind, "kind");
        Objects.requireNonNull(length, "length");
        Objects.requireNonNull(density, "density");
        Objects.requireNonNull(texture, "texture");
    }

    /** The same hair at another length. */
    public RegionCoat ofLength(HairLength other) {
        return new RegionCoat(kind, other, density, texture, undercoat, pale);
    }

    /** Loose fleece: of the curly kind, soft rather than curled. It mats more slowly than wool. */
    public boolean isFleece() {
        return kind == CoatKind.CURLY && texture == Texture.SOFT;
    }

    /** Fleece past the short band. */
    public boolean isLongFleece() {
        return isFleece() && length.band() != LengthBand.SHORT;
    }

    /** The long hair of a {@link CoatKind#FEATHERED} or {@link CoatKind#WIRE} dog, not its jacket. */
    public boolean isFurnishing() {
        return (kind == CoatKind.FEATHERED || kind == CoatKind.WIRE) && length.band() != LengthBand.SHORT;
    }

    /** Long silky drop coat: the only hair that asks for the longest, softest pins. */
    public boolean isMatureSilk() {
        return kind == CoatKind.DROP && texture == Texture.SILKY;
    }
}
