package rustictangle.core.rhythm;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.stream.Stream;
import rustictangle.core.dog.Section;
import rustictangle.core.log.CombResult;
import rustictangle.core.log.Log;
import rustictangle.core.log.Moment;
import rustictangle.core.log.SessionEvent.SectionDone;

/**
 * A place was brushed, and no comb went through: as likely as not the skin was reached. Common practice, no published
 * source: the comb proves, the brush does not; that it counts half is an own estimate.
 */
public record Unproved(Section section, Moment when) {

    /** More of them in a row teach nothing more of when the place was last clear. */
    private static final int MOST = 4;

    /** Places brushed without proof. */
    public static final Log.Reading<Unproved> BRUSHED = log -> log.stream()
            .flatMap(entry -> Stream.concat(
                            entry.brushed().stream(),
                            entry.done().stream()
                                    .filter(done -> done.comb() == CombResult.BRUSHED)
                                    .map(SectionDone::section))
                    .map(section -> new Unproved(section, entry.moment())))
            .toList();

    /**
     * Without those after which a comb went through on the same day: what came out before is in what it told, and half of
     * it must not be thought gone.
     */
    static List<Unproved> besides(List<CombCheck> checks, List<Unproved> brushings) {
        record At(Section section, LocalDate day) {}
        Map<At, Moment> combed = new HashMap<>();
        checks.forEach(check -> combed.merge(
                new At(check.section(), check.date()),
                check.when(),
                (one, other) -> one.compareTo(other) > 0 ? one : other));
        return brushings.stream()
                .filter(brushed -> Optional.ofNullable(combed.get(new At(brushed.section, brushed.when.day())))
                        .filter(comb -> comb.compareTo(brushed.when) >= 0)
                        .isEmpty())
                .toList();
    }

    /**
     * Since when a place has been clear, these brushings among what is known.
     *
     * @param counts which of them
     */
    static Past among(List<Unproved> brushings, Predicate<Moment> counts, Past past, LocalDate today) {
        List<LocalDate> days = brushings.stream()
                .map(Unproved::when)
                .filter(counts)
                .map(Moment::day)
                .distinct()
                .toList();
        Past among = past;
        for (LocalDate day : days.subList(Math.max(0, days.size() - MOST), days.size())) {
            among = among.orSince((int) Math.min(0, ChronoUnit.DAYS.between(today, day)));
        }
        return among;
    }
}
