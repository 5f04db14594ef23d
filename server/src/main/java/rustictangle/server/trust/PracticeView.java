package rustictangle.server.trust;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import rustictangle.core.Reason;
import rustictangle.core.log.BathKind;
import rustictangle.core.trust.Ladder;
import rustictangle.core.trust.Practice;
import rustictangle.core.trust.Rung;

/**
 * A short practice, with the words to show.
 *
 * @param howTo         one trial
 * @param timing        when to mark and to treat
 * @param cue           the word for a position, and when it is said; absent: none yet
 * @param atMostSeconds then stop, on a good moment
 * @param trials        about so many
 * @param treatKcal     what its treats may hold together
 * @param endWith       something easy to end on
 * @param doneToday     whether it was practised today already
 * @param rungs         of the ladder, the lowest first
 * @param wets          how much of the coat gets wet on this rung; absent: it stays dry
 * @param enough        why it is enough for today; absent: it is not
 */
public record PracticeView(
        StandingView standing,
        String setUp,
        String howTo,
        String timing,
        Optional<String> cue,
        List<String> slips,
        long atMostSeconds,
        int trials,
        double treatKcal,
        String endWith,
        boolean doneToday,
        List<String> rungs,
        Optional<BathKind> wets,
        Optional<Reason> enough,
        List<Reason> reasons) {

    public static PracticeView of(Practice practice) {
        Ladder ladder = Ladder.of(practice.spot().subject());
        return new PracticeView(
                StandingView.of(practice.spot(), practice.standing()),
                ladder.setUp(),
                ladder.at(practice.standing().rung()).howTo(),
                practice.timing(),
                practice.cue(),
                ladder.slips(),
                practice.atMost().toSeconds(),
                practice.trials(),
                practice.treatKcal(),
                practice.endWith(),
                practice.doneToday(),
                Arrays.stream(Rung.values())
                        .map(rung -> ladder.at(rung).label())
                        .toList(),
                practice.wets(),
                practice.enough(),
                practice.reasons());
    }
}
