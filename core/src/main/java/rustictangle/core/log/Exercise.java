package rustictangle.core.log;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/**
 * What a dog learns besides tools: positions, and what a job at the table asks of it. Its ladder goes by its name. Common
 * practice, no published source.
 */
public enum Exercise implements Subject {
    TABLE("standing on the table"),
    LYING_ON_SIDE("lying on one side"),
    CHIN_REST("chin in the hand"),
    /** A position, and all that a look at the feet asks for. */
    OFFERING_LEG("offering a leg", false, CareJob.FEET),
    BATHING("being bathed", true, CareJob.BATH),
    TOOTHBRUSH("having its teeth brushed", true, CareJob.TEETH),
    EYE_PAD("having its eyes wiped", true, CareJob.EYES),
    EAR_WIPE("having its ears wiped", true, CareJob.EARS),
    NAIL_CLIPPERS("nail clippers", true, CareJob.NAILS),
    NAIL_GRINDER("nail grinder", true, CareJob.NAILS);

    private final Words words;
    private final boolean care;
    private final Optional<CareJob> job;

    Exercise(String label) {
        words = new Words(label);
        care = false;
        job = Optional.empty();
    }

    Exercise(String label, boolean care, CareJob job) {
        words = new Words(label);
        this.care = care;
        this.job = Optional.of(job);
    }

    @Override
    public Words words() {
        return words;
    }

    /** Those that a dog takes up on a word of its owner's. */
    public static List<Exercise> positions() {
        return Arrays.stream(values()).filter(exercise -> !exercise.care).toList();
    }

    /** The job at the table that it leads to; empty: none. */
    public Optional<CareJob> job() {
        return job;
    }

    /** What a dog learns for a job at the table, the usual first: one of them will do. None: nothing of its own. */
    public static List<Exercise> leadingTo(CareJob job) {
        return Arrays.stream(values())
                .filter(exercise -> exercise.job.filter(job::equals).isPresent())
                .toList();
    }

    @Override
    public boolean isLearned() {
        return true;
    }

    @Override
    public String ladder() {
        return name();
    }

    @Override
    public boolean placeByPlace() {
        return false;
    }

    @Override
    public boolean isCare() {
        return care;
    }

    @Override
    public boolean touchesHair() {
        return false;
    }
}
