package rustictangle.core.plan;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import rustictangle.core.Choice;
import rustictangle.core.Reason;
import rustictangle.core.dog.Section;
import rustictangle.core.rhythm.Outlook;

/**
 * How one section is by now, and when the plan brushes it.
 *
 * @param lastClear when a comb last ran free, or a groomer last went through; empty: never recorded
 * @param next      when it is brushed next, today or later; empty: not within the days that are planned
 * @param burrs     the chance of a mat against what the owner accepts, in [0, 4]: 3 is as much, 4 a mat likely or left
 * @param tangles   expected in the coat this evening if nothing is brushed, mats among them
 * @param mats      the same
 * @param everyDays between brushings in the long run, as now believed; at least 1
 * @param every     the same in words; empty where nothing is brushed
 * @param fromDays  in two cases of three the true interval lies between this
 * @param toDays    and this, by what is known so far
 * @param checks    comb checks recorded here
 * @param nobodyKnows whether nothing can be said of what is in the hair: tangles and mats are only reckoned with
 */
public record SectionPlan(
        Section section,
        State state,
        Optional<LocalDate> lastClear,
        Optional<LocalDate> next,
        int burrs,
        double tangles,
        double mats,
        int everyDays,
        String every,
        int fromDays,
        int toDays,
        int checks,
        boolean nobodyKnows,
        List<Reason> reasons) {

    /** What a section is waiting for. */
    public enum State implements Choice {
        FRESH("fresh"),
        WAITS("can wait"),
        /** Not today, though a mat by its turn is not unlikely. */
        COMES("has its turn"),
        /** The same where minutes are short. */
        NO_MINUTES("no minutes sooner"),
        DUE("due"),
        MAT_LIKELY("mat likely"),
        UNKNOWN("not known yet"),
        MAT_LEFT("a mat is left"),
        /** A vet or a groomer must see it first. */
        CLOSED("closed"),
        /** Practised, not brushed. */
        IN_TRAINING("in training"),
        /** Cords or bare skin. */
        NOT_BRUSHED("left in peace");

        private final Words words;

        State(String label) {
            words = new Words(label);
        }

        @Override
        public Words words() {
            return words;
        }
    }

    public SectionPlan {
        reasons = List.copyOf(reasons);
    }

    /** Whether the plan brushes it today. */
    public boolean due(LocalDate today) {
        return next.filter(today::equals).isPresent();
    }

    /** Whether a mat is in, or likely by now. */
    public boolean matLikely() {
        return state == State.MAT_LEFT || mats >= Outlook.MAT_LIKELY && !nobodyKnows;
    }
}
