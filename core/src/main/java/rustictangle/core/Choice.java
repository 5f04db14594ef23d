package rustictangle.core;

/** One of a few things that an owner can say or be told, with the words for it: nobody else has words of their own. */
public interface Choice {

    /** Within a sentence. */
    String label();

    /** By which it is recognised; may be empty. Quantities stand in braces, as in a {@link Reason}. */
    default String hint() {
        return "";
    }

    /** As it stands alone. */
    default String title() {
        return Character.toUpperCase(label().charAt(0)) + label().substring(1);
    }
}
