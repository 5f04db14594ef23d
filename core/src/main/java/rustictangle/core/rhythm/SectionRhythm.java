package rustictangle.core.rhythm;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import rustictangle.core.Choice;
import rustictangle.core.Reason;
import rustictangle.core.dog.Section;

/**
 * How soon a section is due again.
 *
 * @param lastClear       when the comb last ran free; empty: never recorded
 * @param due             the day it is due; today when it was never checked or a mat is in it;
 *                        a nominal day four weeks off where nothing is brushed
 * @param overdueFrom     when a mat becomes likely; empty: smooth coat, or nothing recorded yet
 * @param burrs           how due, in [0, 4]: 3 is due, 4 is overdue or matted
 * @param chanceOfTangle  today, in [0, 1]
 * @param chanceOfMat     today, in [0, 1]
 * @param intervalDays    days between brushings as now believed, at least 1
 * @param intervalFrom    two times of three it is at least this, by what is known so far
 * @param intervalTo      and at most this
 * @param tableIntervalDays the same before anything was learned
 * @param checks          comb checks recorded here
 */
public record SectionRhythm(
        Section section,
        State state,
        Optional<LocalDate> lastClear,
        LocalDate due,
        Optional<LocalDate> overdueFrom,
        int burrs,
        double chanceOfTangle,
        double chanceOfMat,
        int intervalDays,
        int intervalFrom,
        int intervalTo,
        int tableIntervalDays,
        int checks,
        List<Reason> reasons) {

    /** What a section is waiting for. */
    public enum State implements Choice {
        RESTING("resting"),
        DUE("due"),
        OVERDUE("overdue"),
        NEVER_CHECKED("not combed yet"),
        MAT_LEFT("a mat is left"),
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

    public SectionRhythm {
        reasons = List.copyOf(reasons);
    }

    /** Whether a mat is in, or likely by now. */
    public boolean overdue() {
        return state == State.OVERDUE || state == State.MAT_LEFT;
    }

    /** Whether it belongs into today's routine. */
    public boolean needsBrushing() {
        return state != State.RESTING && state != State.NOT_BRUSHED;
    }
}
