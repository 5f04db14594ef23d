package rustictangle.core.routine;

import static rustictangle.core.routine.Passes.Direction.ACROSS;
import static rustictangle.core.routine.Passes.Direction.AGAINST_LIE;
import static rustictangle.core.routine.Passes.Direction.WITH_LIE;

import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import rustictangle.core.Reason;
import rustictangle.core.coat.CoatKind;
import rustictangle.core.kit.DirectionSchool;
import rustictangle.core.kit.Finish;
import rustictangle.core.kit.Manner;
import rustictangle.core.kit.Need;
import rustictangle.core.kit.PlaceUse;
import rustictangle.core.kit.ToolStep;

/**
 * In which directions a section is gone over, one after the other, and how the hair is left. Common practice, no published
 * source.
 *
 * @param directions at least one
 */
public record Passes(List<Direction> directions, Finish finish, Reason why) {

    /** A direction against the way the hair lies. */
    public enum Direction {
        WITH_LIE,
        AGAINST_LIE,
        ACROSS
    }

    public Passes {
        directions = List.copyOf(directions);
    }

    /** As what is led through the hair here asks, and as is safe here. */
    static Passes of(Need need) {
        Finish finish = need.finish();
        PlaceUse.Direction safe = PlaceUse.at(need.section()).direction();
        if (safe == PlaceUse.Direction.AWAY_FROM_THE_EYES) {
            return passes("routine.passes-face", "One way only: away from the eyes.", finish, WITH_LIE);
        }
        if (safe == PlaceUse.Direction.ALONG_THE_LEATHER) {
            return passes("routine.passes-ear", "One way only: along the leather, to its edge.", finish, WITH_LIE);
        }
        Set<Manner> manners = need.order().stream().map(ToolStep::manner).collect(Collectors.toSet());
        boolean layered = manners.contains(Manner.LAYERS) || manners.contains(Manner.LAYERS_FROM_THE_ENDS);
        boolean everyWay = safe == PlaceUse.Direction.EVERY_WAY;
        if (everyWay && layered && need.direction() != DirectionSchool.BY_COAT) {
            return chosen(need.direction(), finish);
        }
        boolean fluffy = manners.contains(Manner.ALL_WAYS) || stands(need.hair().kind()) && layered;
        if (everyWay && fluffy) {
            return everyWay("Fluffy, loose hair is gone over", finish);
        }
        if (manners.contains(Manner.EVERY_WAY_IN_STRIPS)) {
            return everyWay("Your choice: it is gone over", finish);
        }
        if (manners.contains(Manner.AGAINST_LIE_TWICE)) {
            return passes(
                    "routine.passes-shedding",
                    "Against the lie, and again: each pass brings out more, until it does not. Then laid with the lie.",
                    finish,
                    AGAINST_LIE,
                    WITH_LIE);
        }
        if (manners.contains(Manner.AGAINST_LIE)) {
            return passes(
                    "routine.passes-against",
                    "Against the lie finds what hides: the brush slows. Then laid with the lie.",
                    finish,
                    AGAINST_LIE,
                    WITH_LIE);
        }
        return passes("routine.passes-with", "With the lie here, from first to last.", finish, WITH_LIE);
    }

    private static Passes chosen(DirectionSchool school, Finish finish) {
        return switch (school) {
            case EVERY_WAY -> everyWay("Your choice: it is gone over", finish);
            case AGAINST ->
                passes(
                        "routine.passes-against",
                        "Your choice: against the lie, so that it stands open and the brush finds what hides; then with it.",
                        finish,
                        AGAINST_LIE,
                        WITH_LIE);
            case BY_COAT, WITH_LIE ->
                passes(
                        "routine.passes-with",
                        "Your choice: with the lie, from first to last; the comb finds what hides.",
                        finish,
                        WITH_LIE);
        };
    }

    private static Passes everyWay(String how, Finish finish) {
        return passes(
                "routine.passes-every-way",
                how + " with the lie, against it and across: each way brings out more.",
                finish,
                WITH_LIE,
                AGAINST_LIE,
                ACROSS);
    }

    /** Hair that stands is gone over every way, however its owner leaves it in the end. */
    private static boolean stands(CoatKind kind) {
        return kind == CoatKind.CURLY || kind == CoatKind.FLEECE;
    }

    private static Passes passes(String rule, String why, Finish finish, Direction... directions) {
        return new Passes(List.of(directions), finish, new Reason(rule, why));
    }
}
