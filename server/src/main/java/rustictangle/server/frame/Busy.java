package rustictangle.server.frame;

/** The turn did not come in time; nothing was changed, and the same again will do. */
public class Busy extends RuntimeException {

    private static final long serialVersionUID = 1L;

    Busy() {
        this("Something else is being written just now. Nothing was changed; try again in a moment.");
    }

    /** @param message for the owner: what goes on, and that nothing was changed */
    public Busy(String message) {
        super(message);
    }
}
