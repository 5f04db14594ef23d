package rustictangle.core.kit;

/**
 * How firmly the pins are held. Firmness is continuous; the words are for the owner.
 *
 * @param firmness in [0, 1]: 0 gives way at a touch, 1 does not give
 * @param words    soft, soft to medium, medium, medium to firm, or firm
 */
public record Pad(double firmness, String words) {

    public Pad {
        if (!(firmness >= 0 && firmness <= 1)) {
            throw new IllegalArgumentException("pad firmness " + firmness + ", need [0, 1]");
        }
    }

    /** The pad of this firmness, limited to [0, 1]. */
    static Pad of(double firmness) {
        double limited = Math.max(0, Math.min(1, firmness));
        return new Pad(limited, words(limited));
    }

    private static String words(double firmness) {
        if (firmness < 0.2) {
            return "soft";
        }
        if (firmness < 0.4) {
            return "soft to medium";
        }
        if (firmness <= 0.6) {
            return "medium";
        }
        return firmness < 0.8 ? "medium to firm" : "firm";
    }
}
