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

import java.util.Locale;

/**
 * A part of the body, whichever side it is on.
 *
 * <p>Sensitivity order: common practice, no published source. Friction, the share of body surface
 * and the parts' shape are this project's own estimates.
 */
public enum Part {
    //          label                 region friction rank skipped priority share  height/width
    BACK("back", BODY, LOW, 1, false, false, 0.085, 0.40),
    SIDE("%s side", BODY, LOW, 1, false, false, 0.080, 0.70),
    THIGH("%s thigh", BODY, MEDIUM, 2, false, false, 0.050, 1.20),
    SHOULDER("%s shoulder", BODY, LOW, 3, false, false, 0.045, 1.20),
    CHEST("chest", NECK, MEDIUM, 4, false, false, 0.050, 1.00),
    NECK_RUFF("neck, top and ruff", NECK, MEDIUM, 5, false, false, 0.050, 0.80),
    THROAT("throat, under the chin and neck", NECK, MEDIUM, 6, true, true, 0.025, 1.20),
    BEHIND_EAR("behind the %s ear", EARS, HIGH, 7, true, true, 0.010, 1.00),
    EAR("%s ear, both faces", EARS, HIGH, 7, true, false, 0.015, 1.40),
    CROWN("crown", HEAD, MEDIUM, 7, false, false, 0.025, 0.80),
    ARMPIT("%s armpit", BODY, HIGHEST, 8, true, true, 0.015, 1.00),
    BELLY("belly and groin", BODY, HIGH, 8, true, false, 0.055, 0.40),
    FRONT_LEG("%s front leg", LEGS, HIGH, 8, true, true, 0.035, 2.50),
    HIND_LEG("%s hind leg, inner side and hock", LEGS, HIGH, 8, true, true, 0.035, 2.20),
    FRONT_FOOT("%s front foot", LEGS, HIGH, 9, true, false, 0.010, 0.70),
    HIND_FOOT("%s hind foot", LEGS, HIGH, 9, true, false, 0.010, 0.70),
    REAR_TROUSERS("rear and trousers", REAR, HIGH, 9, true, true, 0.045, 1.20),
    MUZZLE("muzzle, beard, cheeks and eye corners", HEAD, HIGH, 9, true, false, 0.030, 0.80),
    TAIL("tail", Region.TAIL, MEDIUM, 10, false, false, 0.025, 0.30);

    private final String label;
    private final Region region;
    private final Friction friction;
    private final int sensitivityRank;
    private final boolean oftenSkipped;
    private final boolean priority;
    private final double areaShare;
    private final double heightToWidth;

    /** @param label with a place for the side where there are two */
    Part(
            String label,
            Region region,
            Friction friction,
            int sensitivityRank,
            boolean oftenSkipped,
            boolean priority,
            double areaShare,
            double heightToWidth) {
        this.label = label;
        this.region = region;
        this.friction = friction;
        this.sensitivityRank = sensitivityRank;
        this.oftenSkipped = oftenSkipped;
        this.priority = priority;
        this.areaShare = areaShare;
        this.heightToWidth = heightToWidth;
    }

    /** The name to show, whichever side is meant, in lower case. */
    public String label() {
        return label.replace("%s ", "");
    }

    /** The name to show of that side, in lower case; without its side for what there is once. */
    String label(Side side) {
        return label.formatted(side.name().toLowerCase(Locale.ROOT));
    }

    public Region region() {
        return region;
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
        return switch (this) {
            case EAR, BEHIND_EAR, ARMPIT, BELLY, FRONT_FOOT, HIND_FOOT -> true;
            default -> false;
        };
    }

    public boolean isFoot() {
        return this == FRONT_FOOT || this == HIND_FOOT;
    }

    public boolean isLeg() {
        return this == FRONT_LEG || this == HIND_LEG;
    }

    /** All four legs, armpits, throat, behind the ears, rear. Common practice, no published source. */
    public boolean priority() {
        return priority;
    }

    /** Of one side, part of the body surface, in (0, 1); the shares of all sections sum to 1. Own estimate. */
    public double areaShare() {
        return areaShare;
    }

    /** Height over width of the part laid flat. Own estimate. */
    public double heightToWidth() {
        return heightToWidth;
    }
}
