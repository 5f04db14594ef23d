package rustictangle.core.routine;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import rustictangle.core.Reason;
import rustictangle.core.dog.Section;
import rustictangle.core.kit.Grip;

/**
 * Places that are worked in one grip and answered together: one step of a session.
 *
 * @param label  what the places are called together, in lower case
 * @param places at least one, in the order in which they are worked
 * @param prompt what hands forget, said before it; empty: nothing
 */
public record RoutineStep(String label, List<RoutinePlace> places, Optional<Reason> prompt) {

    /** Grips that together take no longer than this are one step, seconds. Own estimate. */
    static final double JOINED_SECONDS = 90;

    public RoutineStep {
        places = List.copyOf(places);
    }

    /**
     * The places in their order, put together as hands do them.
     *
     * @param ready whether a place is brushed by now, not in training: those are never one with others
     */
    static List<List<RoutinePlace>> grips(List<RoutinePlace> places, Predicate<Section> ready) {
        List<List<RoutinePlace>> grips = new ArrayList<>();
        for (RoutinePlace place : places) {
            if (!grips.isEmpty() && together(last(grips), place, ready)) {
                last(grips).add(place);
            } else {
                grips.add(new ArrayList<>(List.of(place)));
            }
        }
        List<List<RoutinePlace>> joined = new ArrayList<>();
        for (List<RoutinePlace> grip : grips) {
            if (!joined.isEmpty() && joins(last(joined), grip, ready)) {
                last(joined).addAll(grip);
            } else {
                joined.add(grip);
            }
        }
        return joined;
    }

    private static <T> T last(List<T> list) {
        return list.get(list.size() - 1);
    }

    private static boolean together(List<RoutinePlace> grip, RoutinePlace place, Predicate<Section> ready) {
        Section first = grip.get(0).section();
        return Grip.together(first, place.section()) && ready.test(first) == ready.test(place.section());
    }

    private static boolean joins(List<RoutinePlace> grip, List<RoutinePlace> next, Predicate<Section> ready) {
        return Grip.of(last(grip).section()).joins()
                        == Grip.of(next.get(0).section()).joins()
                && ready.test(last(grip).section())
                && ready.test(next.get(0).section())
                && seconds(grip) + seconds(next) <= JOINED_SECONDS;
    }

    static double seconds(List<RoutinePlace> places) {
        return places.stream().mapToDouble(RoutinePlace::seconds).sum();
    }

    public List<Section> sections() {
        return places.stream().map(RoutinePlace::section).toList();
    }
}
