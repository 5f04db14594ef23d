package rustictangle.server.frame;

/**
 * Something that shows what is stored. All of it is opened once before a file takes the place of everything, so that
 * nothing is taken over that could not be shown.
 */
public interface ViewProbe {

    /** Reads and reckons all that it shows of the household; what cannot be shown throws. */
    default void household() {}

    /** The same of one dog whose coat is described. */
    default void dog(long dogId) {}
}
