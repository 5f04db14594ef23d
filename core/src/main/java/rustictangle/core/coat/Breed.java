package rustictangle.core.coat;

import rustictangle.core.Reason;

/**
 * A breed or cross with the coat to start from: a guess that the owner confirms or mends.
 *
 * @param name  the usual name
 * @param cross whether its puppies take after either parent, so that the guess is weaker
 * @param coat  of a grown dog not clipped lately
 */
public record Breed(String name, boolean cross, Coat coat) {

    /** What the guess rests on. */
    public Reason why() {
        return new Reason(
                "coat.breed-guess",
                cross
                        ? "A guess: coats of crosses take after either parent, and may differ within a litter. "
                                + "Look, and measure."
                        : "A guess from what is usual for the breed when grown and not clipped lately. Look, and "
                                + "measure.");
    }
}
