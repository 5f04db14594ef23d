package rustictangle.core.kit;

import java.time.LocalDate;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
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

    /** Kinds that ask for a lesson: whatever is drawn through hair. */
    public static List<ToolKind> kinds() {
        return Arrays.stream(ToolKind.values()).filter(ToolKind::touchesHair).toList();
    }
}
