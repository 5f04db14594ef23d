package rustictangle.server.frame;

/** Why the application does not start, and what the owner may do about it. */
class CannotStart extends RuntimeException {

    private static final long serialVersionUID = 1L;
    private final String todo;

    /** @param todo what to do about it */
    CannotStart(String message, String todo) {
        super(message);
        this.todo = todo;
    }

    String todo() {
        return todo;
    }
}
