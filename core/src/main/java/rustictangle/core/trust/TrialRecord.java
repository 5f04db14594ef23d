package rustictangle.core.trust;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import rustictangle.core.log.Signal;
import rustictangle.core.trust.Trust.Move;

/**
 * A ladder that was tried: the fold of its answers.
 *
 * @param last    the day of the last answer
 * @param noes     how often it was a no on that day
 * @param uneasy  how often in a row it was uneasy on that day
 * @param calm    the lowest rung on which it was relaxed; empty: on none
 * @param answers below the rung where a place is brushed
 */
record TrialRecord(
        Standing standing,
        LocalDate last,
        int noes,
        int uneasy,
        Optional<Rung> calm,
        List<Move> turns,
        Readiness.Answers answers) {

    static TrialRecord never(Standing begins, LocalDate day) {
        return new TrialRecord(begins, day, 0, 0, Optional.empty(), List.of(), Readiness.Answers.NONE);
    }

    /** The same as a day begins. */
    TrialRecord on(LocalDate day) {
        return day.equals(last) ? this : new TrialRecord(standing, day, 0, 0, calm, turns, answers);
    }

    /** @param before where it stood then, a rest taken off */
    TrialRecord after(Standing before, Trial trial) {
        Optional<Signal> signal = trial.answer().signal();
        boolean relaxed = signal.filter(Signal.RELAXED::equals).isPresent();
        boolean lowest = relaxed
                && calm.filter(rung -> rung.compareTo(before.rung()) <= 0).isEmpty();
        Standing after = moved(before, trial.answer());
        return new TrialRecord(
                after,
                trial.day(),
                noes + (signal.filter(Signal::isNo).isPresent() ? 1 : 0),
                signal.filter(Signal.UNEASY::equals).isPresent() ? uneasy + 1 : 0,
                lowest ? Optional.of(before.rung()) : calm,
                turned(turns, new Move(trial.day(), after.rung())),
                before.rung().readyForBrushing() || signal.isEmpty() ? answers : answers.and(one(signal.get()), 1));
    }

    private Standing moved(Standing before, Trial.Answer answer) {
        if (answer instanceof Trial.BeginsAt begins) {
            return Standing.fresh(begins.rung());
        }
        if (answer instanceof Trial.TookItAll all) {
            boolean shown = all.how() == Signal.RELAXED && !before.rung().readyForBrushing();
            return shown ? Standing.fresh(Rung.WHOLE_SECTION) : before.after(all.how());
        }
        return answer instanceof Trial.Took took
                ? before.after(took.how())
                : before.afterWarning(calm.orElse(Rung.ON_THE_FLOOR));
    }

    /** One turn a day, where it moved. */
    static List<Move> turned(List<Move> before, Move now) {
        if (!before.isEmpty() && before.get(before.size() - 1).rung() == now.rung()) {
            return before;
        }
        List<Move> turns = new ArrayList<>(before);
        turns.removeIf(turn -> turn.day().equals(now.day()));
        turns.add(now);
        return List.copyOf(turns);
    }

    private static Readiness.Answers one(Signal signal) {
        return signal.isNo()
                ? new Readiness.Answers(0, 0, 1)
                : signal == Signal.RELAXED ? new Readiness.Answers(1, 0, 0) : new Readiness.Answers(0, 1, 0);
    }
}
