package rustictangle.core.coat;

import rustictangle.core.Reason;

/** What can and cannot be done for coats that are not brushed. */
public final class Unbrushed {

    private Unbrushed() {}

    /**
     * @param kind one that is not brushed
     * @throws IllegalArgumentException when it is brushed
     */
    public static Reason limits(CoatKind kind) {
        return switch (kind) {
            case CORDED ->
                new Reason(
                        "coat.corded",
                        "Cords are not brushed at all: a brush tears them, and a "
                                + "comb cannot pass. Rustic Tangle keeps this place out of every routine. How cords are "
                                + "parted, washed and dried through is for a groomer who keeps them to show you.");
            case HAIRLESS ->
                new Reason(
                        "coat.hairless",
                        "There is nothing to brush on bare skin. Rustic Tangle "
                                + "keeps this place out of every routine, and looks after the tufts elsewhere. Sun, cold "
                                + "and spots on bare skin are for your vet.");
            default -> throw new IllegalArgumentException(kind + " is brushed, need CORDED or HAIRLESS");
        };
    }
}
