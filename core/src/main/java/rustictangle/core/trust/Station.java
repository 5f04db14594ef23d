package rustictangle.core.trust;

import java.util.Optional;
import rustictangle.core.Choice;
import rustictangle.core.log.Exercise;

/** Where a dog is brushed. Common practice, no published source. */
public enum Station implements Choice {
    FLOOR("on the floor", ""),
    TABLE("on a table", "your back is straight", Exercise.TABLE),
    LAP("on your lap", "for a small one"),
    ON_ITS_SIDE("lying on its side", "on a mat or the bed", Exercise.LYING_ON_SIDE);

    private final Words words;
    private final Optional<Exercise> learned;

    Station(String label, String hint) {
        words = new Words(label, hint);
        learned = Optional.empty();
    }

    Station(String label, String hint, Exercise learned) {
        words = new Words(label, hint);
        this.learned = Optional.of(learned);
    }

    @Override
    public Words words() {
        return words;
    }

    /** What the dog has to have learned for it; empty: nothing. */
    public Optional<Exercise> learned() {
        return learned;
    }
}
