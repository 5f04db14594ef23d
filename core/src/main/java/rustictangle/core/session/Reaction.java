package rustictangle.core.session;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import rustictangle.core.Choice;
import rustictangle.core.Reason;
import rustictangle.core.dog.Region;
import rustictangle.core.dog.Section;
import rustictangle.core.log.Signal;
import rustictangle.core.trust.Practice;

/**
 * What to do about how the dog takes it just now. Common practice, no published source.
 *
 * @param reasons how, and why
 */
public record Reaction(Response todo, List<Reason> reasons) {

    /** The ways to react, the lightest first. */
    public enum Response implements Choice {
        GO_ON("Good: go on like this"),
        EASE("Ease off"),
        CHANGE_PLACE("Another place first"),
        ASK_ONCE_MORE("Hands off; then ask once more"),
        END_WELL("End it well");

        private final Words words;

        Response(String label) {
            words = new Words(label);
        }

        @Override
        public Words words() {
            return words;
        }
    }

    /** Uneasy at one place this often in a session: the place is changed. Own estimate. */
    static final int UNEASY_TO_CHANGE_PLACE = 2;
    /** So often, wherever it was: a break, also in a short session. Own estimate. */
    private static final int UNEASY_TO_BREAK = 2;
    /** So often in a session, wherever it was: look for what it minds. Own estimate. */
    private static final int UNEASY_TO_ASK_WHY = 3;

    public Reaction {
        reasons = List.copyOf(reasons);
    }

    /**
     * @param uneasyHere   how often it was uneasy at this section in this session, this time included
     * @param uneasyInAll  the same, wherever it was
     * @param optOutsInAll how often it opted out in this session, this time included
     */
    static Reaction to(Signal signal, Section section, int uneasyHere, int uneasyInAll, int optOutsInAll) {
        return switch (signal) {
            case RELAXED ->
                new Reaction(
                        Response.GO_ON,
                        List.of(new Reason(
                                "session.relaxed", "Loose, leans in, eats: a treat now and then keeps it so.")));
            case UNEASY -> uneasy(section, uneasyHere, uneasyInAll);
            case OPTED_OUT, AFRAID -> no(signal, optOutsInAll);
        };
    }

    /**
     * What the next no would mean.
     *
     * @param optedOut when it opts out
     * @param afraid   when it shows a fear sign
     */
    public record IfNo(Reaction optedOut, Reaction afraid) {}

    /** What the first no of a session means, and each after it, wherever it comes; the last one ends the session. */
    public static List<IfNo> toEachNo() {
        return IntStream.rangeClosed(1, Practice.NOES_TO_END)
                .mapToObj(noes -> new IfNo(no(Signal.OPTED_OUT, noes), no(Signal.AFRAID, noes)))
                .toList();
    }

    private static Reaction no(Signal signal, int optOutsInAll) {
        return signal == Signal.AFRAID
                ? new Reaction(
                        Response.END_WELL,
                        List.of(new Reason(
                                "session.fear",
                                "A fear sign ends it for today: hands off, a little distance, and it is left in peace. "
                                        + "This place goes back two rungs and is practised, shorter than before.")))
                : optedOut(optOutsInAll);
    }

    private static Reaction optedOut(int optOutsInAll) {
        return optOutsInAll >= Practice.NOES_TO_END
                ? new Reaction(
                        Response.END_WELL,
                        List.of(new Reason(
                                "session.second-no",
                                "A second no ends it for today. "
                                        + "That is a good decision: something easy, a treat, and done.")))
                : new Reaction(
                        Response.ASK_ONCE_MORE,
                        List.of(new Reason(
                                "session.first-no",
                                "The dog said no, and may. "
                                        + "Pause, let it think, then ask once more, here or at an easier place. A second no ends it "
                                        + "for today.")));
    }

    private static Reaction uneasy(Section section, int uneasyHere, int uneasyInAll) {
        List<Reason> reasons = new ArrayList<>();
        boolean change = uneasyHere >= UNEASY_TO_CHANGE_PLACE;
        if (change) {
            reasons.add(new Reason(
                    "session.change-place",
                    "Uneasy here again: do a place it minds less, then come back "
                            + "to this one with a lighter hand."));
        }
        reasons.add(new Reason(
                "session.uneasy",
                "Uneasy: lighter hand, smaller strokes, a treat in between. A sudden "
                        + "new objection in one place: look for pain."));
        if (uneasyInAll == UNEASY_TO_BREAK) {
            reasons.add(new Reason(
                    "session.uneasy-break",
                    "Hands off for half a minute, a treat, then on: half as quick, and with a low voice."));
        }
        if (uneasyInAll >= UNEASY_TO_ASK_WHY) {
            reasons.add(new Reason(
                    "session.why",
                    "Uneasy for the " + (uneasyInAll == UNEASY_TO_ASK_WHY ? "third" : uneasyInAll + "th")
                            + " time today. Before it is fear it may be the tool, the hand, a tangle or a game."));
        }
        if (section.region() == Region.LEGS) {
            reasons.add(new Reason(
                    "session.leg",
                    "A leg pulled away: go with it, and let it come back. Lift the other, "
                            + "let the dog stand, support it under the chin, or leave it."));
        }
        return new Reaction(change ? Response.CHANGE_PLACE : Response.EASE, reasons);
    }
}
