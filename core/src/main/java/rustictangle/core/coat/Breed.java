package rustictangle.core.coat;

import java.util.List;
import java.util.Objects;
import rustictangle.core.Reason;
import rustictangle.core.dog.Looks;

/**
 * A breed or cross with the coat and the looks to start from: a guess that the owner confirms or mends.
 *
 * @param name       the usual name
 * @param alsoCalled other names that people type, its family among them, in lower case
 * @param parents    of a cross, whose puppies take after either, so that the guess is weaker; empty: a breed
 * @param coat       of a grown dog, between two grooms if a groomer clips it
 */
public record Breed(String name, List<String> alsoCalled, List<String> parents, Coat coat, Looks looks) {

    public Breed {
        Objects.requireNonNull(name, "name");
        alsoCalled = List.copyOf(alsoCalled);
        parents = List.copyOf(parents);
        Objects.requireNonNull(coat, "coat");
        Objects.requireNonNull(looks, "looks");
    }

    public boolean cross() {
        return !parents.isEmpty();
    }

    /** What the guess rests on. */
    public Reason why() {
        return new Reason(
                "coat.breed-guess",
                cross()
                        ? "A guess: coats of crosses take after either parent, and may differ within a litter. "
                                + "Look, and measure."
                        : "A guess from what is usual for the breed when grown. Look, and measure.");
    }
}
