package rustictangle.core.rhythm;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.function.Predicate;
import rustictangle.core.dog.Section;
import rustictangle.core.log.CombResult;
import rustictangle.core.log.Log;
import rustictangle.core.log.Moment;

/**
 * A place was brushed, and no comb went through: as likely as not the skin was reached. Common practice, no published
 * source: the comb proves, the brush does not; that it counts half is an own estimate.
 */
public record Unproved(Section section, Moment when) {

    /** More of them in a row teach nothing more of when the place was last clear. */
    private static final int MOST = 4;

    /** Places brushed without proof. */
    public static final Log.Reading<Unproved> BRUSHED = log -> log.stream()
            .flatMap(entry -> entry.done().stream()
                    .filter(done -> done.comb() == CombResult.BRUSHED)
                    .map(done -> new Unproved(done.section(), entry.moment())))
            .toList();

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
