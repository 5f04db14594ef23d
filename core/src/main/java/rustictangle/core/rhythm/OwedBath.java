package rustictangle.core.rhythm;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import rustictangle.core.Reason;
import rustictangle.core.dog.Section;
import rustictangle.core.log.BathKind;
import rustictangle.core.log.Bathed;
import rustictangle.core.log.Entry;
import rustictangle.core.log.Log;
import rustictangle.core.log.Moment;
import rustictangle.core.log.SessionEvent.GelUsed;
import rustictangle.core.log.Visited;

/**
 * A bath that detangling gel asks for: its residue gathers dirt and mats again. Within two days, common practice, no
 * published source; but never over a mat.
 *
 * @param section where the gel went in last
 * @param by      the day by which it is due
 * @param waits   whether it waits for the groomer, over a mat
 * @param why     what to do, and why
 */
public record OwedBath(Section section, LocalDate by, boolean waits, Reason why) {

    private static final int WITHIN_DAYS = 2;

    /**
     * @param section where gel went in; empty: something was washed
     * @param washed  everything, or only what this kind of bath wets; empty: gel went in
     */
    private record Change(Moment when, Optional<Section> section, Optional<BathKind> washed) {

        boolean washes(Section gel) {
            return washed.filter(kind -> kind.shampoo() && kind.wets(gel)).isPresent();
        }
    }

    private static final Log.Reading<Change> CHANGES =
            log -> log.stream().flatMap(entry -> change(entry).stream()).toList();

    private static Optional<Change> change(Entry entry) {
        return Bathed.of(entry)
                .or(() -> entry.as(Visited.class).flatMap(Visited::washed))
                .map(kind -> new Change(entry.moment(), Optional.empty(), Optional.of(kind)))
                .or(() -> entry.as(GelUsed.class)
                        .map(gel -> new Change(entry.moment(), Optional.of(gel.section()), Optional.empty())));
    }

    /** Empty when none is owed. */
    public static Optional<OwedBath> of(Log log, LocalDate today) {
        List<Mat> mats = Mat.stillIn(log, today);
        List<Change> changes = log.read(CHANGES).stream()
                .sorted(Comparator.comparing(Change::when))
                .toList();
        Optional<Change> owed = Optional.empty();
        for (Change change : changes) {
            owed = change.section().isPresent()
                    ? Optional.of(change)
                    : owed.filter(gel -> !change.washes(gel.section().orElseThrow()));
        }
        return owed.map(gel -> owed(gel.section().orElseThrow(), gel.when().day(), mats));
    }

    private static OwedBath owed(Section section, LocalDate used, List<Mat> mats) {
        LocalDate by = used.plusDays(WITHIN_DAYS);
        return new OwedBath(
                section,
                by,
                !mats.isEmpty(),
                mats.isEmpty()
                        ? new Reason(
                                "rhythm.bath-owed",
                                "A bath is owed by {" + by + " date}: detangling gel is in at " + section.within()
                                        + ", and its rest gathers dirt and mats again. Comb first; dry to the skin.")
                        : new Reason(
                                "rhythm.bath-waits",
                                "Detangling gel is in at " + section.within() + ", and a mat stays in at "
                                        + mats.get(0).section().within()
                                        + ": no bath over it, water tightens it. The groomer sees to both."));
    }
}
