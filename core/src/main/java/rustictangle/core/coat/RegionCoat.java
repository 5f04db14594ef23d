package rustictangle.core.coat;

import java.util.Objects;

/**
 * What grows on one region of the dog.
 *
 * @param undercoat a soft layer beneath the guard hair
 * @param clipped   kept short by a groomer who clips or scissors it, now or once the dog is grown. Not a consequence of
 *                  the kind: wire, feathered and double coats are clipped by many owners, a curly retriever is not
 *                  (common practice, no published source)
 */
public record RegionCoat(
        CoatKind kind,
        HairLength length,
        Density density,
        Texture texture,
        boolean undercoat,
        boolean clipped,
        Colour colour) {

    public RegionCoat {
        Objects.requireNonNull(kind, "kind");
        Objects.requireNonNull(length, "length");
        Objects.requireNonNull(density, "density");
        Objects.requireNonNull(texture, "texture");
        Objects.requireNonNull(colour, "colour");
    }

    /** The same hair at another length. */
    public RegionCoat ofLength(HairLength other) {
        return new RegionCoat(kind, other, density, texture, undercoat, clipped, colour);
    }

    /** The same hair, clipped by a groomer or not. */
    public RegionCoat kept(boolean byGroomer) {
        return new RegionCoat(kind, length, density, texture, undercoat, byGroomer, colour);
    }

    /** White hair: tangles sooner, and pale skin shows brush burn sooner (common practice, reason unknown). */
    public boolean pale() {
        return colour.pale();
    }

    /** Short but thick, with some undercoat: a short-pin or bristle pass and a light rake in season. */
    public boolean isPlush() {
        return kind == CoatKind.SMOOTH && undercoat;
    }

    /**
     * Whether it grows on until it is cut. What a groomer cuts does, as far as anyone can see; curls that nobody cuts and
     * that are short all the same have stopped by themselves.
     */
    public boolean growsOn() {
        boolean stopped = kind == CoatKind.CURLY && length.band() == LengthBand.SHORT;
        return clipped || kind.growsOn() && !stopped;
    }

    /** Fleece past the short band. */
    public boolean isLongFleece() {
        return kind == CoatKind.FLEECE && length.band() != LengthBand.SHORT;
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
