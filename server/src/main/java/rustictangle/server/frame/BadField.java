package rustictangle.server.frame;

/** A field that cannot be taken as it is; the message names the limit and the fix. */
public class BadField extends RuntimeException {

    private static final long serialVersionUID = 1L;
    private final String field;

    public BadField(String field, String message) {
        super(message);
        this.field = field;
    }

    public String field() {
        return field;
    }
}
