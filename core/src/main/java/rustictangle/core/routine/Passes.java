package rustictangle.core.routine;

import static rustictangle.core.routine.Passes.Direction.ACROSS;
import static rustictangle.core.routine.Passes.Direction.AGAINST_LIE;
import static rustictangle.core.routine.Passes.Direction.WITH_LIE;

import java.util.List;
import rustictangle.core.Reason;
import rustictangle.core.coat.CoatKind;
import rustictangle.core.coat.RegionCoat;
import rustictangle.core.dog.Section;

/**
 * In which directions a section is gone over, one after the other. Common practice, no published source.
 *
 * @param directions at least one; the last of them finishes
 */
public record Passes(List<Direction> directions, Reason why) {

    /** A direction against the way the hair lies. */
    public enum Direction {
        WITH_LIE,
        AGAINST_LIE,
        ACROSS
    }

    public Passes {
        directions = List.copyOf(directions);
    }

    static Passes at(Section section, RegionCoat hair, boolean sheds) {
        if (section == Section.MUZZLE) {
            return passes("routine.passes-face", "One way only: away from the eyes.", WITH_LIE);
        }
        if (sheds) {
            return passes(
                    "routine.passes-shedding",
                    "Against the lie first, then with it: each pass brings out more, until it does not.",
                    AGAINST_LIE,
                    WITH_LIE);
        }
        if (hair.kind() == CoatKind.CURLY) {
            return passes(
                    "routine.passes-every-way",
                    "Fluffy, loose hair is gone over with the lie, against it and across: "
                            + "each way brings out more.",
                    WITH_LIE,
                    AGAINST_LIE,
                    ACROSS);
        }
        if (hair.kind() == CoatKind.DOUBLE) {
            return passes(
                    "routine.passes-against",
                    "Against the lie finds what hides: the brush slows. Finish with the lie.",
                    AGAINST_LIE,
                    WITH_LIE);
        }
        return passes("routine.passes-with", "This hair has a strict lie: work and finish with it.", WITH_LIE);
    }

    private static Passes passes(String rule, String why, Direction... directions) {
        return new Passes(List.of(directions), new Reason(rule, why));
    }
}
