package rustictangle.core.log;

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
                FingerSearched,
                Cared,
                CareWarned,
                ClawTouched,
                Bathed,
                DrynessFelt,
                LookedAt,
                TakenBack {}
