package rustictangle.server.session;

/** A scale on which combed-out hair is weighed. */
public interface KitchenScale {

    /** What lies on it now, grams, 0 or more. */
    double grams();

    /** How much presses on it now, as a brush does, grams, 0 or more. */
    double pressed();

    /** Whether it is only a stand-in for a real one; the interface says so. */
    boolean simulated();
}
