package rustictangle.core;

import java.util.Optional;

/**
 * What was said cannot be taken: it does not fit the state of things, or one field of it is out of its limits.
 *
 * <p>The message is for the owner: it names the value, the limit and how to mend it. Nothing was changed. Everything
 * else that is thrown is a defect of ours.
 */
public final class Refused extends RuntimeException {

    private static final long serialVersionUID = 1L;
    private final String field;

    /** Does not fit the state of things. */
    public Refused(String message) {
        super(message);
        this.field = "";
    }

    /** @param field the one at fault, as it is named where it was entered */
    public Refused(String field, String message) {
        super(message);
        this.field = field;
    }

    /** The field at fault; empty: it does not fit the state of things. */
    public Optional<String> field() {
        return Optional.of(field).filter(name -> !name.isEmpty());
    }
}
