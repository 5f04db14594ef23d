package rustictangle.core.care;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import rustictangle.core.Reason;
import rustictangle.core.dog.Section;
import rustictangle.core.log.BathKind;
import rustictangle.core.log.Bathed;
import rustictangle.core.log.DrynessFelt;
import rustictangle.core.log.Entry;
import rustictangle.core.log.Happened;
import rustictangle.core.log.Log;
import rustictangle.core.log.Moment;

/**
 * A dog that is wet, and is dried to the skin, place by place: the second half of a bath, of a swim, of a soaking.
 *
 * @param since when it got wet
 * @param bath  how much was bathed; empty: it swam or was soaked
 * @param felt  by place, where a hand has felt it: whether it is dry
 */
public record Damp(Moment since, Optional<BathKind> bath, Map<Section, Boolean> felt) {

    /** A bath stays open so long, days; what was not bathed has dried by itself by tomorrow. Own estimate. */
    private static final int BATH_DAYS = 1;

    private record Change(Moment when, Optional<BathKind> bath, Optional<DrynessFelt> felt) {}

    private static final Log.Reading<Change> TURNS =
            log -> log.stream().flatMap(Damp::turn).toList();

    private static Stream<Change> turn(Entry entry) {
        Optional<BathKind> bathed = Bathed.of(entry);
        if (bathed.isPresent()) {
            return Stream.of(new Change(entry.moment(), bathed, Optional.empty()));
        }
        if (entry.said() instanceof DrynessFelt felt) {
            return Stream.of(new Change(entry.moment(), Optional.empty(), Optional.of(felt)));
        }
        boolean soaked =
                entry.said() instanceof Happened happened && happened.event().wetsAllOver();
        return soaked ? Stream.of(new Change(entry.moment(), Optional.empty(), Optional.empty())) : Stream.empty();
    }

    /** The last time it got wet, today, or by a bath of yesterday; empty: it did not. */
    public static Optional<Damp> last(Log log, LocalDate today) {
        List<Change> turns = new ArrayList<>(log.read(TURNS));
        turns.sort(Comparator.comparing(Change::when));
        Optional<Damp> last = Optional.empty();
        for (Change turn : turns) {
            last = turn.felt.isPresent()
                    ? last.map(damp -> damp.with(turn.felt.get()))
                    : Optional.of(new Damp(turn.when, turn.bath, Map.of()));
        }
        return last.filter(damp -> !damp.since.day().isBefore(today.minusDays(damp.bath.isPresent() ? BATH_DAYS : 0)));
    }

    public Damp {
        EnumMap<Section, Boolean> sorted = new EnumMap<>(Section.class);
        sorted.putAll(felt);
        felt = java.util.Collections.unmodifiableMap(sorted);
    }

    private Damp with(DrynessFelt now) {
        Map<Section, Boolean> more = new EnumMap<>(Section.class);
        more.putAll(felt);
        more.put(now.section(), now.dry());
        return new Damp(since, bath, more);
    }

    /** Where a hand has to feel, in the order in which it stays damp. */
    public List<Section> toFeel() {
        return DrynessFelt.STAYS_DAMP.stream()
                .filter(section -> bath.map(kind -> kind.wets(section)).orElse(true))
                .toList();
    }

    /** Whether it is dry to the skin wherever it stays damp. */
    public boolean dry() {
        return toFeel().stream().allMatch(section -> felt.getOrDefault(section, false));
    }

    /** Where it was still damp when last felt. */
    public List<Section> damp() {
        return toFeel().stream()
                .filter(section -> !felt.getOrDefault(section, true))
                .toList();
    }

    /** What to heed while it is not dry everywhere; empty: it is. */
    public Optional<Reason> warning() {
        return dry()
                ? Optional.empty()
                : Optional.of(
                        new Reason(
                                "care.damp",
                                "Damp to the skin it mats three times as fast, and skin that stays wet gets sore. Dry it the same hour."));
    }
}
