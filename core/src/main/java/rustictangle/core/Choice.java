package rustictangle.core;

/** One of a few things that an owner can say or be told, with the words for it: nobody else has words of their own. */
public interface Choice {

    /**
     * @param label within a sentence
     * @param title as it stands alone
     * @param hint  by which it is recognised; may be empty. Quantities stand in braces, as in a {@link Reason}
     */
    record Words(String label, String title, String hint) {

        public Words(String label, String hint) {
            this(label, Character.toUpperCase(label.charAt(0)) + label.substring(1), hint);
        }

        public Words(String label) {
            this(label, "");
        }
    }

    Words words();

    default String label() {
        return words().label();
    }

    default String title() {
        return words().title();
    }

    default String hint() {
        return words().hint();
    }
}
