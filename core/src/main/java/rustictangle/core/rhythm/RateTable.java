package rustictangle.core.rhythm;

import static rustictangle.core.coat.Line.row;

import rustictangle.core.coat.HairLength;
import rustictangle.core.coat.Line;
import rustictangle.core.coat.RegionCoat;
import rustictangle.core.dog.Friction;
import rustictangle.core.dog.Region;
import rustictangle.core.dog.Section;

/**
 * How often tangles arise, and how long they take to become mats, before the owner's own checks say better.
 *
 * <p>Own estimates. With four minutes of setting up and the comforts of {@link Comfort} they give the intervals of
 * common practice (no published source): long drop and curly hair daily, a long fleece every third day, silky and well
 * kept twice a week, medium lengths two or three times a week, double and wire about weekly, a clip of 15 mm every four
 * to seven days and one of 6 mm hardly ever.
 */
enum RateTable {
    FLEECE(
            line(
                    row(5, 0),
                    row(10, .008),
                    row(15, .02),
                    row(30, .045),
                    row(60, .065),
                    row(120, .08),
                    row(200, .175),
                    row(300, .25)),
            line(row(5, 6))),
    CURLY(
            line(row(5, 0), row(15, .025), row(30, .075), row(45, .125), row(80, .20), row(100, .3), row(150, .4)),
            line(row(20, 6), row(45, 4), row(80, 4), row(100, 3))),
    DROP(
            line(row(10, 0), row(25, .025), row(60, .06), row(100, .08), row(130, .175), row(160, .3), row(300, .45)),
            line(row(90, 6), row(150, 3))),
    FEATHERED(line(row(10, 0), row(25, .025), row(60, .06), row(125, .08), row(150, .1)), line(row(10, 6))),
    DOUBLE(line(row(10, 0), row(25, .02), row(60, .03), row(100, .045), row(150, .06)), line(row(10, 12))),
    WIRE(line(row(10, 0), row(25, .02), row(40, .03), row(70, .06)), line(row(10, 11)));

    /** White hair tangles sooner: common practice, reason unknown; the factor is an own estimate. */
    private static final double PALE_FACTOR = 1.25;
    /** Ears rub only where long hair hangs from them: from here, mm, as any place of the middle, to there as they do. */
    private static final Line EAR_FRICTION = line(row(30, Friction.MEDIUM.factor()), row(60, Friction.HIGH.factor()));

    private final Line tangles;
    private final Line hardening;

    /**
     * @param tangles   that arise in an ordinary day where friction is 1, by mm of hair
     * @param hardening mean ordinary days from tangle to mat where friction is 1, by mm of hair
     */
    RateTable(Line tangles, Line hardening) {
        this.tangles = tangles;
        this.hardening = hardening;
    }

    private static Line line(Line.Row... rows) {
        return Line.through(rows);
    }

    static RateTable of(RegionCoat hair) {
        return switch (hair.kind()) {
            case DOUBLE -> DOUBLE;
            case DROP -> DROP;
            case CURLY -> CURLY;
            case FLEECE -> FLEECE;
            case WIRE -> WIRE;
            case FEATHERED -> FEATHERED;
            case SMOOTH, CORDED, HAIRLESS ->
                throw new IllegalArgumentException(hair.kind().label() + " hair is not kept free of tangles");
        };
    }

    /** Tangles that arise in an ordinary day at this section while its hair has that length, 0 or more. */
    double tangles(Section section, RegionCoat hair, HairLength length) {
        return tangles.at(length)
                * friction(section, length)
                * hair.density().tangleFactor()
                * (hair.pale() ? PALE_FACTOR : 1);
    }

    /** How they harden there: sooner where it rubs more. */
    Hardening hardening(Section section, HairLength length) {
        return new Hardening(hardening.at(length) / Math.sqrt(friction(section, length)));
    }

    private static double friction(Section section, HairLength length) {
        return section.region() == Region.EARS
                ? EAR_FRICTION.at(length)
                : section.friction().factor();
    }
}
