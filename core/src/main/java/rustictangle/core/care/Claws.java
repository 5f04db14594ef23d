package rustictangle.core.care;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import rustictangle.core.log.ClawResult;
import rustictangle.core.log.ClawTouched;
import rustictangle.core.log.Log;
import rustictangle.core.log.Moment;
import rustictangle.core.log.Paw;

/**
 * Every claw of a dog, with what was done last.
 *
 * @param claws paw by paw, the dew claw first
 */
public record Claws(List<Claw> claws) {

    /**
     * @param toe  0: the dew claw
     * @param last what was done with it; empty: nothing was said
     */
    public record Claw(Paw paw, int toe, Optional<Touch> last) {}

    public record Touch(LocalDate day, ClawResult result) {}

    /** @param front whether the front paws have dew claws, as most do; hind paws seldom do */
    public record DewClaws(boolean front, boolean hind) {

        public static final DewClaws USUAL = new DewClaws(true, false);

        boolean on(Paw paw) {
            return paw.front() ? front : hind;
        }
    }

    private record Said(Moment when, ClawTouched claw) {}

    private static final Log.Reading<Said> TOUCHED = log -> log.stream()
            .flatMap(entry -> entry.as(ClawTouched.class).map(claw -> new Said(entry.moment(), claw)).stream())
            .toList();

    public Claws {
        claws = List.copyOf(claws);
    }

    public static Claws of(Log log, DewClaws dewClaws) {
        Map<List<Object>, Touch> last = new HashMap<>();
        log.read(TOUCHED).stream()
                .sorted(Comparator.comparing(Said::when))
                .forEach(said -> last.put(
                        List.of(said.claw.paw(), said.claw.toe()), new Touch(said.when.day(), said.claw.result())));
        List<Claw> claws = new ArrayList<>();
        Arrays.stream(Paw.values()).forEach(paw -> IntStream.rangeClosed(dewClaws.on(paw) ? 0 : 1, ClawTouched.TOES)
                .forEach(toe -> claws.add(new Claw(paw, toe, Optional.ofNullable(last.get(List.of(paw, toe)))))));
        return new Claws(claws);
    }

    /**
     * When the job was last done: the day by which every claw has had its turn; empty: some never had.
     */
    public Optional<LocalDate> allDone() {
        return claws.stream().allMatch(claw -> done(claw).isPresent())
                ? claws.stream().map(claw -> done(claw).orElseThrow()).min(Comparator.naturalOrder())
                : Optional.empty();
    }

    /** Whether some have had their turn and others still wait: one claw a day is a routine, too. */
    public boolean underWay() {
        return claws.stream().anyMatch(claw -> claw.last.isPresent())
                && allDone().isEmpty();
    }

    /** Those whose turn it is, the longest ago first. */
    public List<Claw> due(LocalDate today, int everyDays) {
        return claws.stream()
                .filter(claw -> done(claw)
                        .filter(day -> ChronoUnit.DAYS.between(day, today) < everyDays)
                        .isEmpty())
                .sorted(Comparator.comparing(claw -> done(claw).orElse(LocalDate.MIN)))
                .toList();
    }

    /** A claw that was left for another day waits from before. */
    private static Optional<LocalDate> done(Claw claw) {
        return claw.last.filter(touch -> touch.result != ClawResult.LEFT).map(Touch::day);
    }
}
