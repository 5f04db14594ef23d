package rustictangle.core.log;

import rustictangle.core.Choice;

/** A paw with its claws. */
public enum Paw implements Choice {
    FRONT_LEFT("left front paw", true),
    FRONT_RIGHT("right front paw", true),
    HIND_LEFT("left hind paw", false),
    HIND_RIGHT("right hind paw", false);

    private final Words words;
    private final boolean front;

    Paw(String label, boolean front) {
        words = new Words(label);
        this.front = front;
    }

    @Override
    public Words words() {
        return words;
    }

    public boolean front() {
        return front;
    }
}
