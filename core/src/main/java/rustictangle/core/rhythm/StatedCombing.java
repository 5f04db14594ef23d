package rustictangle.core.rhythm;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import rustictangle.core.log.LastCombed;
import rustictangle.core.log.Log;
import rustictangle.core.log.PastTold;

/**
 * What was said of the time before the first record: when a comb last went to the skin everywhere.
 *
 * @param lastCombed empty: nobody said
 * @param on         the day on which it was said
 */
public record StatedCombing(Optional<LastCombed> lastCombed, LocalDate on) {

    static final StatedCombing NOTHING = new StatedCombing(Optional.empty(), LocalDate.EPOCH);

    private static final Log.Reading<StatedCombing> SAID =
            log -> log.stream()
                    .flatMap(entry -> entry
                            .as(PastTold.class)
                            .map(said -> new StatedCombing(Optional.of(said.lastCombed()), entry.day()))
                            .stream())
                    .toList();

    public static StatedCombing of(Log log) {
        List<StatedCombing> said = log.read(SAID);
        return said.isEmpty() ? NOTHING : said.get(said.size() - 1);
    }

    /**
     * Each of these days is as likely as the others, and none lies before its life. Own estimates.
     *
     * @param ageDays of the dog; empty: nobody knows
     */
    Past past(LocalDate today, Optional<Integer> ageDays) {
        int since = lastCombed.isEmpty() ? 0 : (int) Math.max(0, ChronoUnit.DAYS.between(on, today));
        return Past.either(
                source(),
                Arrays.stream(daysBefore())
                        .map(days -> Math.min(days + since, ageDays.orElse(Integer.MAX_VALUE)))
                        .toArray());
    }

    /** What was combed longer ago, or perhaps never, may hold anything: the days are reckoned with, no more. */
    private Past.Source source() {
        return lastCombed.equals(Optional.of(LastCombed.THIS_WEEK)) ? Past.Source.TOLD : Past.Source.NOBODY;
    }

    private int[] daysBefore() {
        if (lastCombed.isEmpty()) {
            return new int[] {3, 10, 30, 90};
        }
        return switch (lastCombed.get()) {
            case THIS_WEEK -> new int[] {1, 3, 5, 7};
            case SOME_WEEKS -> new int[] {10, 17, 24, 31};
            case LONGER -> new int[] {40, 60, 80, 100};
            case NEVER -> new int[] {60, 120, 180};
        };
    }
}
