package rustictangle.core.routine;

import java.time.Duration;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import rustictangle.core.Reason;
import rustictangle.core.dog.Dog;
import rustictangle.core.dog.LifeStage;
import rustictangle.core.kit.Hand;

/**
 * How long one sitting may be; the rest is another one. Own estimates.
 *
 * @param atMost of brushing
 */
public record Sitting(Duration atMost, Reason why) {

    private static final Duration PUPPY = Duration.ofMinutes(5);
    private static final Duration CHILD = Duration.ofMinutes(5);
    private static final Duration TIRED_HANDS = Duration.ofMinutes(10);
    private static final Duration FLAT_FACE = Duration.ofMinutes(10);
    private static final Duration ELDERLY = Duration.ofMinutes(15);

    /**
     * The shortest that applies; empty: as long as both are at ease.
     *
     * @param hand that holds the brush
     */
    public static Optional<Sitting> of(Dog dog, Hand hand) {
        return Stream.of(
                        limit(
                                dog.isPuppy(),
                                PUPPY,
                                "routine.sitting-puppy",
                                "A puppy sits still for five minutes at most: the rest is another day's."),
                        limit(
                                hand == Hand.CHILD,
                                CHILD,
                                "routine.sitting-child",
                                "A child brushes for five minutes, an adult beside; the rest is another day's."),
                        limit(
                                hand == Hand.TIRES,
                                TIRED_HANDS,
                                "routine.sitting-hands",
                                "Hands that tire: ten minutes at a time, then a rest."),
                        limit(
                                dog.flatFace(),
                                FLAT_FACE,
                                "routine.sitting-flat-face",
                                "A flat face overheats: ten minutes at a time, in a cool room."),
                        limit(
                                dog.lifeStage() == LifeStage.ELDERLY,
                                ELDERLY,
                                "routine.sitting-elderly",
                                "Old joints: a quarter of an hour at a time, then a rest."))
                .flatMap(Optional::stream)
                .min(Comparator.comparing(Sitting::atMost));
    }

    /** As many of the places, in order, as there is time for in one sitting; the first always. */
    public List<RoutinePlace> fitting(List<RoutinePlace> places) {
        List<RoutinePlace> fit = new ArrayList<>();
        double seconds = 0;
        for (RoutinePlace place : places) {
            seconds += place.seconds();
            if (!fit.isEmpty() && seconds > atMost.toSeconds()) {
                break;
            }
            fit.add(place);
        }
        return fit;
    }

    private static Optional<Sitting> limit(boolean applies, Duration atMost, String rule, String why) {
        return applies ? Optional.of(new Sitting(atMost, new Reason(rule, why))) : Optional.empty();
    }
}
