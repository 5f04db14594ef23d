package rustictangle.core.dog;

import static rustictangle.core.dog.Friction.HIGH;
import static rustictangle.core.dog.Friction.HIGHEST;
import static rustictangle.core.dog.Friction.LOW;
import static rustictangle.core.dog.Friction.MEDIUM;
import static rustictangle.core.dog.Region.BODY;
import static rustictangle.core.dog.Region.EARS;
import static rustictangle.core.dog.Region.HEAD;
import static rustictangle.core.dog.Region.LEGS;
import static rustictangle.core.dog.Region.NECK;
import static rustictangle.core.dog.Region.REAR;
import static rustictangle.core.dog.Region.TAIL;
import static rustictangle.core.dog.Side.LEFT;
import static rustictangle.core.dog.Side.MIDDLE;
import static rustictangle.core.dog.Side.RIGHT;

/**
 * A place on the dog that is worked, recorded and scheduled on its own. Left and right are separate.
 *
 * <p>Sensitivity order: common practice, no published source. Friction, the share of body surface
 * and the sections' shape are this project's own estimates.
 */
public enum Section {
    //          label                 region side   friction rank skipped priority share  height/width
    BACK("back", BODY, MIDDLE, LOW, 1, false, false, 0.085, 0.40),
    SIDE_LEFT("left side", BODY, LEFT, LOW, 1, false, false, 0.080, 0.70),
    SIDE_RIGHT("right side", BODY, RIGHT, LOW, 1, false, false, 0.080, 0.70),
    THIGH_LEFT("left thigh", BODY, LEFT, MEDIUM, 2, false, false, 0.050, 1.20),
    THIGH_RIGHT("right thigh", BODY, RIGHT, MEDIUM, 2, false, false, 0.050, 1.20),
    SHOULDER_LEFT("left shoulder", BODY, LEFT, LOW, 3, false, false, 0.045, 1.20),
    SHOULDER_RIGHT("right shoulder", BODY, RIGHT, LOW, 3, false, false, 0.045, 1.20),
    CHEST("chest", NECK, MIDDLE, MEDIUM, 4, false, false, 0.050, 1.00),
    NECK_RUFF("neck, top and ruff", NECK, MIDDLE, MEDIUM, 5, false, false, 0.050, 0.80),
    THROAT("throat, under the chin and neck", NECK, MIDDLE, MEDIUM, 6, true, true, 0.025, 1.20),
    BEHIND_EAR_LEFT("behind the left ear", EARS, LEFT, HIGH, 7, true, true, 0.010, 1.00),
    BEHIND_EAR_RIGHT("behind the right ear", EARS, RIGHT, HIGH, 7, true, true, 0.010, 1.00),
    EAR_LEFT("left ear, both faces", EARS, LEFT, HIGH, 7, true, false, 0.015, 1.40),
    EAR_RIGHT("right ear, both faces", EARS, RIGHT, HIGH, 7, true, false, 0.015, 1.40),
    CROWN("crown", HEAD, MIDDLE, MEDIUM, 7, false, false, 0.025, 0.80),
    ARMPIT_LEFT("left armpit", BODY, LEFT, HIGHEST, 8, true, true, 0.015, 1.00),
    ARMPIT_RIGHT("right armpit", BODY, RIGHT, HIGHEST, 8, true, true, 0.015, 1.00),
    BELLY("belly and groin", BODY, MIDDLE, HIGH, 8, true, false, 0.055, 0.40),
    FRONT_LEG_LEFT("left front leg", LEGS, LEFT, HIGH, 8, true, true, 0.035, 2.50),
    FRONT_LEG_RIGHT("right front leg", LEGS, RIGHT, HIGH, 8, true, true, 0.035, 2.50),
    HIND_LEG_LEFT("left hind leg, inner side and hock", LEGS, LEFT, HIGH, 8, true, true, 0.035, 2.20),
    HIND_LEG_RIGHT("right hind leg, inner side and hock", LEGS, RIGHT, HIGH, 8, true, true, 0.035, 2.20),
    FRONT_FOOT_LEFT("left front foot", LEGS, LEFT, HIGH, 9, true, false, 0.010, 0.70),
    FRONT_FOOT_RIGHT("right front foot", LEGS, RIGHT, HIGH, 9, true, false, 0.010, 0.70),
    HIND_FOOT_LEFT("left hind foot", LEGS, LEFT, HIGH, 9, true, false, 0.010, 0.70),
    HIND_FOOT_RIGHT("right hind foot", LEGS, RIGHT, HIGH, 9, true, false, 0.010, 0.70),
    REAR_TROUSERS("rear and trousers", REAR, MIDDLE, HIGH, 9, true, true, 0.045, 1.20),
    MUZZLE("muzzle, beard, cheeks and eye corners", HEAD, MIDDLE, HIGH, 9, true, false, 0.030, 0.80),
    TAIL_WHOLE("tail", TAIL, MIDDLE, MEDIUM, 10, false, false, 0.025, 0.30);

    private final String label;
    private final Region region;
    private final Side side;
    private final Friction friction;
    private final int sensitivityRank;
    private final boolean oftenSkipped;
    private final boolean priority;
    private final double areaShare;
    private final double heightToWidth;

    Section(
            String label,
            Region region,
            Side side,
            Friction friction,
            int sensitivityRank,
            boolean oftenSkipped,
            boolean priority,
            double areaShare,
            double heightToWidth) {
        this.label = label;
        this.region = region;
        this.side = side;
        this.friction = friction;
        this.sensitivityRank = sensitivityRank;
        this.oftenSkipped = oftenSkipped;
        this.priority = priority;
        this.areaShare = areaShare;
        this.heightToWidth = heightToWidth;
    }

    /** The name to show, with its side, in lower case. */
    public String label() {
        return label;
    }

    public Region region() {
        return region;
    }

    public Side side() {
        return side;
    }

    /** The same place on the dog's other side; itself where there is only one. */
    public Section otherSide() {
        return switch (side) {
            case LEFT -> valueOf(name().replace("_LEFT", "_RIGHT"));
            case RIGHT -> valueOf(name().replace("_RIGHT", "_LEFT"));
            case MIDDLE -> this;
        };
    }

    /** Rubbing by movement alone; beards rub more, harnesses add their own. */
    public Friction friction() {
        return friction;
    }

    /** 1 = the dog minds least, 10 = last. Common practice, no published source. */
    public int sensitivityRank() {
        return sensitivityRank;
    }

    /** Whether diligent owners are known to leave it out. */
    public boolean oftenSkipped() {
        return oftenSkipped;
    }

    /**
     * Whether little but skin lies beneath: ears, armpits, belly and groin, feet. Own reading of the
     * cautions of common practice about thin leather and thin skin.
     */
    public boolean thinSkinned() {
        return region == EARS
                || this == BELLY
                || this == ARMPIT_LEFT
                || this == ARMPIT_RIGHT
                || this == FRONT_FOOT_LEFT
                || this == FRONT_FOOT_RIGHT
                || this == HIND_FOOT_LEFT
                || this == HIND_FOOT_RIGHT;
    }

    /** All four legs, armpits, throat, behind the ears, rear. Common practice, no published source. */
    public boolean priority() {
        return priority;
    }

    /** Part of the body surface, in (0, 1); the shares of all sections sum to 1. Own estimate. */
    public double areaShare() {
        return areaShare;
    }

    /** Height over width of the section laid flat. Own estimate. */
    public double heightToWidth() {
        return heightToWidth;
    }
}
