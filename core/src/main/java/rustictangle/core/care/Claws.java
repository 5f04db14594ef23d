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
import java.util.stream.Stream;
import rustictangle.core.log.CareJob;
import rustictangle.core.log.ClawResult;
import rustictangle.core.log.ClawTouched;
import rustictangle.core.log.Entry;
import rustictangle.core.log.Log;
import rustictangle.core.log.Moment;
import rustictangle.core.log.Paw;
import rustictangle.core.log.Visited;

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

    /** @param claw empty: the groomer did them all */
    private record Said(Moment when, Optional<ClawTouched> claw) {}

    private static final Log.Reading<Said> TOUCHED =
            log -> log.stream().flatMap(Claws::said).toList();

    private static Stream<Said> said(Entry entry) {
        boolean groomed = entry.as(Visited.class)
                .filter(visited -> visited.jobs().contains(CareJob.NAILS))
                .isPresent();
        return groomed
                ? Stream.of(new Said(entry.moment(), Optional.empty()))
                : entry.as(ClawTouched.class).map(claw -> new Said(entry.moment(), Optional.of(claw))).stream();
    }

    public Claws {
        claws = List.copyOf(claws);
    }

    public static Claws of(Log log, DewClaws dewClaws) {
        Map<List<Object>, Touch> last = new HashMap<>();
        Optional<Touch> groomed = Optional.empty();
        for (Said said : log.read(TOUCHED).stream()
                .sorted(Comparator.comparing(Said::when))
                .toList()) {
            if (said.claw.isEmpty()) {
                last.clear();
                groomed = Optional.of(new Touch(said.when.day(), ClawResult.DONE));
            } else {
                ClawTouched claw = said.claw.get();
                last.put(List.of(claw.paw(), claw.toe()), new Touch(said.when.day(), claw.result()));
            }
        }
        Optional<Touch> all = groomed;
        List<Claw> claws = new ArrayList<>();
        Arrays.stream(Paw.values()).forEach(paw -> IntStream.rangeClosed(dewClaws.on(paw) ? 0 : 1, ClawTouched.TOES)
                .forEach(toe -> claws.add(new Claw(
                        paw,
                        toe,
                        Optional.ofNullable(last.get(List.of(paw, toe))).or(() -> all)))));
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
