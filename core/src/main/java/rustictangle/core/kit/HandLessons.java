package rustictangle.core.kit;

import java.time.LocalDate;
import java.util.Arrays;
import java.util.Collection;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import rustictangle.core.Reason;
import rustictangle.core.log.Entry;
import rustictangle.core.log.HandTaught;
import rustictangle.core.log.Log;
import rustictangle.core.log.ToolKind;

/** With which kinds of tool the household's hand has had its lesson, and when last. */
public final class HandLessons {

    private static final Log.Reading<Entry> TAUGHT = log ->
            log.stream().filter(entry -> entry.said() instanceof HandTaught).toList();

    private final Map<ToolKind, LocalDate> taught = new EnumMap<>(ToolKind.class);

    private HandLessons() {}

    /** @param log of the household */
    public static HandLessons of(Log log) {
        HandLessons lessons = new HandLessons();
        log.read(TAUGHT).forEach(entry -> entry.as(HandTaught.class)
                .ifPresent(said -> lessons.taught.merge(
                        said.tool(), entry.day(), (one, other) -> one.isAfter(other) ? one : other)));
        return lessons;
    }

    /** Empty: not yet. */
    public Optional<LocalDate> taught(ToolKind kind) {
        return Optional.ofNullable(taught.get(kind));
    }

    /**
     * A lesson that a hand should have before it comes to the dog.
     *
     * @param kind with which tool
     */
    public record First(ToolKind kind, Reason why) {}

    /**
     * What a hand that is not practised learns before the first stroke, stiff wires before all else; empty: it may begin.
     * Common practice, no published source.
     *
     * @param inHand what it is about to brush with
     */
    public Optional<First> first(Hand hand, Collection<ToolKind> inHand) {
        return hand != Hand.BEGINNER
                ? Optional.empty()
                : inHand.stream()
                        .filter(kind -> kind.hasPins() && taught(kind).isEmpty())
                        .min(Comparator.comparing((ToolKind kind) -> !kind.isStiff())
                                .thenComparing(Comparator.naturalOrder()))
                        .map(
                                kind -> new First(
                                        kind,
                                        new Reason(
                                                "kit.lesson-first",
                                                "Your hand has had no lesson with the " + kind.label()
                                                        + " yet: five minutes on your arm and a towel, before it comes to the dog.")));
    }

    /** Kinds that ask for a lesson: whatever is drawn through hair. */
    public static List<ToolKind> kinds() {
        return Arrays.stream(ToolKind.values()).filter(ToolKind::touchesHair).toList();
    }
}
