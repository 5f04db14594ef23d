package rustictangle.core.dog;

import static rustictangle.core.dog.Side.LEFT;
import static rustictangle.core.dog.Side.MIDDLE;
import static rustictangle.core.dog.Side.RIGHT;

import java.util.Arrays;
import java.util.Collections;
import java.util.EnumSet;
import java.util.Set;

/** A place on the dog that is worked, recorded and scheduled on its own: a part and its side. */
public enum Section {
    BACK(Part.BACK, MIDDLE),
    SIDE_LEFT(Part.SIDE, LEFT),
    SIDE_RIGHT(Part.SIDE, RIGHT),
    THIGH_LEFT(Part.THIGH, LEFT),
    THIGH_RIGHT(Part.THIGH, RIGHT),
    SHOULDER_LEFT(Part.SHOULDER, LEFT),
    SHOULDER_RIGHT(Part.SHOULDER, RIGHT),
    CHEST(Part.CHEST, MIDDLE),
    NECK_RUFF(Part.NECK_RUFF, MIDDLE),
    THROAT(Part.THROAT, MIDDLE),
    BEHIND_EAR_LEFT(Part.BEHIND_EAR, LEFT),
    BEHIND_EAR_RIGHT(Part.BEHIND_EAR, RIGHT),
    EAR_LEFT(Part.EAR, LEFT),
    EAR_RIGHT(Part.EAR, RIGHT),
    CROWN(Part.CROWN, MIDDLE),
    ARMPIT_LEFT(Part.ARMPIT, LEFT),
    ARMPIT_RIGHT(Part.ARMPIT, RIGHT),
    BELLY(Part.BELLY, MIDDLE),
    FRONT_LEG_LEFT(Part.FRONT_LEG, LEFT),
    FRONT_LEG_RIGHT(Part.FRONT_LEG, RIGHT),
    HIND_LEG_LEFT(Part.HIND_LEG, LEFT),
    HIND_LEG_RIGHT(Part.HIND_LEG, RIGHT),
    FRONT_FOOT_LEFT(Part.FRONT_FOOT, LEFT),
    FRONT_FOOT_RIGHT(Part.FRONT_FOOT, RIGHT),
    HIND_FOOT_LEFT(Part.HIND_FOOT, LEFT),
    HIND_FOOT_RIGHT(Part.HIND_FOOT, RIGHT),
    REAR_TROUSERS(Part.REAR_TROUSERS, MIDDLE),
    MUZZLE(Part.MUZZLE, MIDDLE),
    TAIL_WHOLE(Part.TAIL, MIDDLE);

    private final Part part;
    private final Side side;

    Section(Part part, Side side) {
        this.part = part;
        this.side = side;
    }

    public Part part() {
        return part;
    }

    public Side side() {
        return side;
    }

    /** @throws IllegalArgumentException when this part is not on that side */
    public static Section of(Part part, Side side) {
        return Arrays.stream(values())
                .filter(section -> section.part == part && section.side == side)
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("no " + part + " on side " + side));
    }

    /** Every section of these parts, both sides. */
    public static Set<Section> of(Part... parts) {
        Set<Part> named = Set.of(parts);
        EnumSet<Section> sections = EnumSet.noneOf(Section.class);
        Arrays.stream(values()).filter(section -> named.contains(section.part)).forEach(sections::add);
        return Collections.unmodifiableSet(sections);
    }

    /** The same place on the dog's other side; itself where there is only one. */
    public Section otherSide() {
        return switch (side) {
            case LEFT -> of(part, RIGHT);
            case RIGHT -> of(part, LEFT);
            case MIDDLE -> this;
        };
    }

    /** The name to show, with its side, in lower case. */
    public String label() {
        return part.label(side);
    }

    /** The same within a sentence: "the left hind leg", "the place behind the left ear". */
    public String within() {
        String name = label().split(",")[0];
        return "the " + (name.startsWith("behind ") ? "place " : "") + name;
    }

    /** See {@link Part#region}. */
    public Region region() {
        return part.region();
    }

    /** See {@link Part#friction}. */
    public Friction friction() {
        return part.friction();
    }

    /** See {@link Part#sensitivityRank}. */
    public int sensitivityRank() {
        return part.sensitivityRank();
    }

    /** See {@link Part#oftenSkipped}. */
    public boolean oftenSkipped() {
        return part.oftenSkipped();
    }

    /** See {@link Part#thinSkinned}. */
    public boolean thinSkinned() {
        return part.thinSkinned();
    }

    /** See {@link Part#priority}. */
    public boolean priority() {
        return part.priority();
    }

    /** See {@link Part#areaShare}. */
    public double areaShare() {
        return part.areaShare();
    }

    /** See {@link Part#heightToWidth}. */
    public double heightToWidth() {
        return part.heightToWidth();
    }
}
