package rustictangle.core.rhythm;

import java.util.EnumSet;
import java.util.Set;
import java.util.function.IntPredicate;
import rustictangle.core.coat.Coat;
import rustictangle.core.coat.CoatKind;
import rustictangle.core.dog.Part;
import rustictangle.core.dog.Section;

/**
 * What it costs to leave loose hair in the coat, as a part of what a pass takes: brushing is done for it as well as
 * against mats.
 *
 * <p>An undercoat is gone over about weekly, and every two to four days while it lets go; a smooth coat is rubbed down
 * weekly, more often while it sheds. Common practice, no published source; how it is counted is an own estimate.
 */
final class LooseHair {

    /** Days between passes that come of it, and the same while the coat sheds heavily. Own estimates. */
    private static final int UNDERCOAT_DAYS = 7;

    private static final int UNDERCOAT_SHEDDING_DAYS = 4;
    private static final int RUB_DOWN_DAYS = 7;
    private static final int RUB_DOWN_SHEDDING_DAYS = 4;
    /** A pass with its share of setting up, against the pass alone. Own estimate. */
    private static final double WITH_SETTING_UP = 1.25;
    /** What a rub-down that is late costs each day, in rub-downs: dear enough that none is put off. Own estimate. */
    private static final double LATE = 2;

    private static final Set<Part> LIFTED =
            EnumSet.of(Part.BACK, Part.SIDE, Part.SHOULDER, Part.THIGH, Part.CHEST, Part.NECK_RUFF, Part.REAR_TROUSERS);

    private enum Sort {
        NONE,
        UNDERCOAT,
        RUB_DOWN
    }

    private final Sort sort;
    private final IntPredicate sheds;

    private LooseHair(Sort sort, IntPredicate sheds) {
        this.sort = sort;
        this.sheds = sheds;
    }

    /** @param sheds whether the coat sheds heavily on a day, 0 being today */
    static LooseHair at(Section section, Coat coat, IntPredicate sheds) {
        if (coat.at(section).kind() == CoatKind.SMOOTH) {
            return new LooseHair(Sort.RUB_DOWN, sheds);
        }
        return coat.seasonalAt(section) && LIFTED.contains(section.part())
                ? new LooseHair(Sort.UNDERCOAT, sheds)
                : new LooseHair(Sort.NONE, sheds);
    }

    /** What one day more costs, so many days after the last pass; in passes, 0 or more. */
    double of(int day, int daysSince) {
        return switch (sort) {
            case NONE -> 0;
            case RUB_DOWN -> daysSince > (sheds.test(day) ? RUB_DOWN_SHEDDING_DAYS : RUB_DOWN_DAYS) ? LATE : 0;
            case UNDERCOAT -> {
                double days = sheds.test(day) ? UNDERCOAT_SHEDDING_DAYS : UNDERCOAT_DAYS;
                yield 2 * WITH_SETTING_UP * daysSince / (days * days);
            }
        };
    }

    /** What a stretch between two passes costs. */
    double over(int from, int to) {
        double sum = 0;
        for (int day = from + 1; sort != Sort.NONE && day <= to; day++) {
            sum += of(day, day - from);
        }
        return sum;
    }

    boolean rubDown() {
        return sort == Sort.RUB_DOWN;
    }
}
