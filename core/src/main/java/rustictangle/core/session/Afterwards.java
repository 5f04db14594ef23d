package rustictangle.core.session;

import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import rustictangle.core.Refused;
import rustictangle.core.Sure;
import rustictangle.core.dog.Section;
import rustictangle.core.log.CombResult;
import rustictangle.core.log.Entry;
import rustictangle.core.log.SessionBegun;
import rustictangle.core.log.SessionEvent.SectionDone;
import rustictangle.core.log.SessionEvent.StepDone;
import rustictangle.core.log.SessionEvent.Warned;
import rustictangle.core.log.Signal;
import rustictangle.core.routine.RoutinePlace;

/**
 * A brushing that was done without the session, told afterwards. It is a session like any other: what follows from it is
 * the same as if each step had been answered at the time.
 *
 * @param places  what was done, at least one place
 * @param proved  whether the comb went through; where it did not, it counts half (see {@link CombResult#BRUSHED})
 * @param seconds that it took; 0: it was done in passing, and takes nothing from the day; empty: not known
 * @param warned  that the dog warned or bit, at the end of it; empty: it did not
 */
public record Afterwards(
        List<AnsweredPlace> places, boolean proved, Optional<Integer> seconds, Optional<Warned> warned) {

    /** Longer is not one brushing, seconds: as long as undoing a whole matted coat, which is not done at home. */
    public static final int MOST_SECONDS = 150 * 60;

    /**
     * @param tangles that came out, 0 to {@link SectionDone#MOST_TANGLES}
     * @param mat     whether one stays in
     */
    public record AnsweredPlace(Section section, int tangles, boolean mat, Signal signal) {}

    public Afterwards {
        places = List.copyOf(places);
        if (places.isEmpty()
                || places.stream().map(AnsweredPlace::section).distinct().count() != places.size()) {
            throw new Refused("places", "Paint at least one place, and each only once.");
        }
        if (seconds.filter(took -> took < 0 || took > MOST_SECONDS).isPresent()) {
            throw new Refused("minutes", "1 to " + MOST_SECONDS / 60 + " minutes; leave it empty when nobody looked.");
        }
    }

    /**
     * The session's log, whole.
     *
     * @param id    of the session
     * @param begun with the painted places, by step
     * @param how   each of them is worked
     * @param day   on which it was done
     * @param at    by that day's clock
     * @param ids   for the entries
     */
    public List<Entry> entries(
            UUID id, SessionBegun begun, List<RoutinePlace> how, LocalDate day, Instant at, Supplier<UUID> ids) {
        Map<Section, AnsweredPlace> painted =
                places.stream().collect(Collectors.toMap(AnsweredPlace::section, Function.identity()));
        Map<Section, RoutinePlace> worked =
                how.stream().collect(Collectors.toMap(RoutinePlace::section, Function.identity()));
        double expected = how.stream().mapToDouble(RoutinePlace::seconds).sum();
        List<Entry> entries = new ArrayList<>();
        entries.add(new Entry(id, at, day, Optional.of(id), Optional.empty(), begun));
        for (List<Section> step : begun.steps()) {
            List<SectionDone> done = step.stream()
                    .map(section -> done(Sure.at(painted, section), Sure.at(worked, section), expected))
                    .toList();
            entries.add(new Entry(ids.get(), at, day, Optional.of(id), Optional.empty(), new StepDone(done)));
        }
        warned.ifPresent(said -> entries.add(new Entry(ids.get(), at, day, Optional.of(id), Optional.empty(), said)));
        return entries;
    }

    private SectionDone done(AnsweredPlace place, RoutinePlace how, double expected) {
        // Where no comb is asked for, brushed is as good as proved.
        boolean combed = proved || !how.asksForProof();
        CombResult comb = place.mat
                ? CombResult.MAT_LEFT
                : !combed ? CombResult.BRUSHED : place.tangles > 0 ? CombResult.TANGLES_CLEARED : CombResult.GLIDES;
        int tangles = place.mat ? Math.max(1, place.tangles) : place.tangles;
        SectionDone done = new SectionDone(place.section, comb, tangles, place.signal);
        return seconds.map(all -> done.took((int) Math.round(all * how.seconds() / expected)))
                .orElse(done);
    }
}
