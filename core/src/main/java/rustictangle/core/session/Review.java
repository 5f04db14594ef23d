package rustictangle.core.session;

import java.util.Comparator;
import java.util.Optional;
import java.util.stream.Stream;
import rustictangle.core.Reason;
import rustictangle.core.dog.Section;
import rustictangle.core.log.CombResult;
import rustictangle.core.log.SeenBy.Who;
import rustictangle.core.log.SessionEvent.Caught;
import rustictangle.core.log.SessionEvent.SectionDone;
import rustictangle.core.log.SessionEvent.Signalled;
import rustictangle.core.log.SessionEvent.Warned;
import rustictangle.core.log.Signal;
import rustictangle.core.log.Warning;

/**
 * What to make of a session that has ended. Which one thing matters most is this project's own estimate.
 *
 * @param spentSeconds    at work, pauses not counted
 * @param expectedSeconds for the places that were worked
 * @param nextTime        one thing to try
 * @param lastLook        what still belongs to it before the dog goes; empty where it ended because the dog had enough
 */
public record Review(int spentSeconds, int expectedSeconds, Reason nextTime, Optional<Reason> lastLook) {

    /** So many tangles at one place are worth a word. */
    private static final int MANY_TANGLES = 3;
    /** Longer than expected by so much is worth a word. */
    private static final double MUCH_LONGER = 1.25;

    private static final int AT_LEAST_SECONDS_LONGER = 120;

    public static Review of(SessionState state, int spentSeconds, int expectedSeconds) {
        return new Review(
                spentSeconds, expectedSeconds, nextTime(state, spentSeconds, expectedSeconds), lastLook(state));
    }

    private static Optional<Reason> lastLook(SessionState state) {
        boolean atEase = state.end()
                .filter(end -> end == SessionState.End.ALL_DONE || end == SessionState.End.STOPPED)
                .isPresent();
        return !atEase || state.done().isEmpty() && state.brushedOnly().isEmpty()
                ? Optional.empty()
                : Optional.of(new Reason(
                        "session.last-look",
                        "Before it goes: open the hair here and there once more and look at the skin. The last treat, and "
                                + "then something it loves."));
    }

    private static Reason nextTime(SessionState state, int spent, int expected) {
        return warned(state)
                .or(() -> mustBeSeen(state, Who.VET))
                .or(() -> mustBeSeen(state, Who.GROOMER))
                .orElseGet(() -> ownNextTime(state, spent, expected));
    }

    /** The last word on how grave it was counts. */
    private static Optional<Reason> warned(SessionState state) {
        return state.standing().stream()
                .filter(Warned.class::isInstance)
                .map(event -> ((Warned) event).warning())
                .reduce((first, last) -> last)
                .map(warning -> warning == Warning.GROWLED
                        ? new Reason(
                                "session.next-growl",
                                "It said stop, and you listened: that is what keeps it honest. Leave it in peace now. "
                                        + "There it is practised only, until you open it again; look for pain.")
                        : new Reason(
                                "session.next-bite",
                                "Leave it in peace now, and see to any wound. No brushing there until a certified "
                                        + "trainer or a vet has seen the dog; ask for both, it may hurt."));
    }

    /** Where a vet or a groomer looks first nothing is tried next time. */
    private static Optional<Reason> mustBeSeen(SessionState state, Who who) {
        Stream<Section> seen = state.standing().stream()
                .filter(Caught.class::isInstance)
                .map(Caught.class::cast)
                .filter(caught ->
                        caught.found().whoMustSee().filter(who::equals).isPresent())
                .map(Caught::section)
                .filter(section -> who == Who.VET
                        || state.done().stream()
                                .noneMatch(done ->
                                        done.section() == section && done.comb().runsFree()));
        Stream<Section> left = state.done().stream()
                .filter(done -> who == Who.GROOMER && done.comb() == CombResult.FOR_GROOMER)
                .map(SectionDone::section);
        return Stream.concat(seen, left)
                .findFirst()
                .map(section -> who == Who.VET
                        ? new Reason(
                                "session.next-vet",
                                "Nothing at " + section.within() + " until a vet has seen it and you have said so. "
                                        + "Call yours, and tell what you saw.")
                        : new Reason(
                                "session.next-groomer",
                                "Book a groomer for " + section.within()
                                        + ". Until then it is left as it is, kept dry, and not bathed."));
    }

    private static Reason ownNextTime(SessionState state, int spent, int expected) {
        if (state.end().filter(end -> end == SessionState.End.OPTED_OUT_TWICE).isPresent()) {
            return new Reason(
                    "session.next-shorter", "Fewer places, the gentlest first, and end before the dog wants to.");
        }
        return state.done().stream()
                .filter(done -> done.comb() == CombResult.MAT_LEFT)
                .findFirst()
                .map(done -> new Reason(
                        "session.next-mat",
                        "Look at " + done.section().within() + " first, while you both "
                                + "are fresh. No bath before that."))
                .or(() -> unwilling(state))
                .or(() -> mostTangles(state))
                .or(() -> left(state))
                .or(() -> spent > MUCH_LONGER * expected && spent - expected > AT_LEAST_SECONDS_LONGER
                        ? Optional.of(new Reason(
                                "session.next-fewer",
                                "It took longer than reckoned: slide to the minutes "
                                        + "you have, and do fewer places well. The estimate learns from today."))
                        : Optional.empty())
                .or(() -> unproved(state))
                .orElseGet(() -> new Reason(
                        "session.next-like-this",
                        "Just like this. It ended on a good moment, and that is what the dog keeps."));
    }

    private static Optional<Reason> unproved(SessionState state) {
        return Stream.concat(
                        state.brushedOnly().stream(),
                        state.done().stream()
                                .filter(done -> done.comb() == CombResult.BRUSHED)
                                .map(SectionDone::section))
                .findFirst()
                .map(
                        section -> new Reason(
                                "session.next-comb",
                                "A comb at the end, from the root right through: the top can be smooth while the skin's layer felts."));
    }

    private static Optional<Reason> unwilling(SessionState state) {
        return state.standing().stream()
                .filter(event -> event instanceof Signalled seen && seen.signal() != Signal.RELAXED
                        || event.done().stream().anyMatch(done -> done.signal() != Signal.RELAXED))
                .findFirst()
                .map(event -> event.done().stream()
                        .filter(done -> done.signal() != Signal.RELAXED)
                        .map(SectionDone::section)
                        .findFirst()
                        .orElseGet(() -> event.about().get(0)))
                .map(Review::practise);
    }

    private static Reason practise(Section section) {
        return new Reason(
                "session.next-practice",
                "A short practice with treats at " + section.within() + " on another day, before it is brushed again.");
    }

    private static Optional<Reason> mostTangles(SessionState state) {
        return state.done().stream()
                .max(Comparator.comparingInt(SectionDone::tangles))
                .filter(done -> done.tangles() >= MANY_TANGLES)
                .map(done -> new Reason(
                        "session.next-sooner",
                        "Begin with " + done.section().within() + ": it held " + done.tangles()
                                + (done.tangles() == 1 ? " tangle" : " tangles") + ", and now comes round sooner."));
    }

    private static Optional<Reason> left(SessionState state) {
        return state.skipped().stream()
                .findFirst()
                .map(section -> new Reason(
                        "session.next-skipped", "Begin with " + section.within() + ", which was left today."));
    }
}
