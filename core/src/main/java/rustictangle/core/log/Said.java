package rustictangle.core.log;

import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import rustictangle.core.Reason;
import rustictangle.core.dog.Section;

/** What an entry of the log says. A new kind of entry is a new one of these, its fold in its room, and its words. */
public sealed interface Said
        permits SessionEvent,
                SessionBegun,
                SessionNoted,
                Practised,
                PracticeWarned,
                BegunLower,
                Happened,
                Measured,
                Weighed,
                PastTold,
                SeenBy,
                Visited,
                ToolLookedOver,
                ToolReplaced,
                ToolCleaned,
                HandTaught,
                FingerSearched,
                Cared,
                CareWarned,
                ClawTouched,
                Bathed,
                DrynessFelt,
                LookedAt,
                Portrayed,
                TakenBack {

    /** As the owner would say it; quantities stand in braces, as in a {@link Reason}. */
    String inWords();

    /** What it was about: a tool or a job, a place, both, or the whole dog. */
    static String at(Optional<String> what, Optional<Section> section) {
        String words = Stream.of(what, section.map(Section::label))
                .flatMap(Optional::stream)
                .collect(Collectors.joining(", "));
        return words.isEmpty() ? "the whole dog" : words;
    }
}
