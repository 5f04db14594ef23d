package rustictangle.server.frame;

/** What was asked for is not (or no longer) stored. */
public class NotThere extends RuntimeException {

    private static final long serialVersionUID = 1L;

    public NotThere(String what, Object id) {
        super("There is no " + what + " " + id + " here. It may have been removed on another screen.");
    }
}
