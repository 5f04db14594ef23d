package rustictangle.core.kit;

import static rustictangle.core.dog.Section.ARMPIT_LEFT;
import static rustictangle.core.dog.Section.ARMPIT_RIGHT;
import static rustictangle.core.dog.Section.BEHIND_EAR_LEFT;
import static rustictangle.core.dog.Section.BEHIND_EAR_RIGHT;
import static rustictangle.core.dog.Section.CHEST;
import static rustictangle.core.dog.Section.CROWN;
import static rustictangle.core.dog.Section.EAR_LEFT;
import static rustictangle.core.dog.Section.EAR_RIGHT;
import static rustictangle.core.dog.Section.FRONT_FOOT_LEFT;
import static rustictangle.core.dog.Section.FRONT_FOOT_RIGHT;
import static rustictangle.core.dog.Section.FRONT_LEG_LEFT;
import static rustictangle.core.dog.Section.FRONT_LEG_RIGHT;
import static rustictangle.core.dog.Section.HIND_FOOT_LEFT;
import static rustictangle.core.dog.Section.HIND_FOOT_RIGHT;
import static rustictangle.core.dog.Section.HIND_LEG_LEFT;
import static rustictangle.core.dog.Section.HIND_LEG_RIGHT;
import static rustictangle.core.dog.Section.MUZZLE;
import static rustictangle.core.dog.Section.NECK_RUFF;
import static rustictangle.core.dog.Section.REAR_TROUSERS;
import static rustictangle.core.dog.Section.SHOULDER_LEFT;
import static rustictangle.core.dog.Section.SHOULDER_RIGHT;
import static rustictangle.core.dog.Section.SIDE_LEFT;
import static rustictangle.core.dog.Section.SIDE_RIGHT;
import static rustictangle.core.dog.Section.TAIL_WHOLE;
import static rustictangle.core.dog.Section.THIGH_LEFT;
import static rustictangle.core.dog.Section.THIGH_RIGHT;
import static rustictangle.core.dog.Section.THROAT;

import java.util.Arrays;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import rustictangle.core.dog.Section;
import rustictangle.core.dog.Side;

/** Places that hands do in one grip, from the foot up. Own estimate, after how hands work. */
public enum Grip {
    FRONT_LEFT("left front leg", Joins.FRONT, FRONT_FOOT_LEFT, FRONT_LEG_LEFT, ARMPIT_LEFT),
    FRONT_RIGHT("right front leg", Joins.FRONT, FRONT_FOOT_RIGHT, FRONT_LEG_RIGHT, ARMPIT_RIGHT),
    HIND_LEFT("left hind leg", Joins.HIND, HIND_FOOT_LEFT, HIND_LEG_LEFT, THIGH_LEFT),
    HIND_RIGHT("right hind leg", Joins.HIND, HIND_FOOT_RIGHT, HIND_LEG_RIGHT, THIGH_RIGHT),
    FLANK_LEFT("left side and shoulder", Joins.BODY, SIDE_LEFT, SHOULDER_LEFT),
    FLANK_RIGHT("right side and shoulder", Joins.BODY, SIDE_RIGHT, SHOULDER_RIGHT),
    BACK("back", Joins.BODY, Section.BACK),
    NECK("chest, throat and neck", Joins.NECK, CHEST, THROAT, NECK_RUFF),
    EARS("both ears", Joins.HEAD, BEHIND_EAR_LEFT, EAR_LEFT, BEHIND_EAR_RIGHT, EAR_RIGHT),
    HEAD("head and face", Joins.HEAD, CROWN, MUZZLE),
    BELLY("belly and groin", Joins.BELLY, Section.BELLY),
    REAR("rear and tail", Joins.REAR, REAR_TROUSERS, TAIL_WHOLE);

    /** Grips that are one where each takes little. */
    enum Joins {
        FRONT("both front legs"),
        HIND("both hind legs"),
        BODY("back, sides and shoulders"),
        NECK(""),
        HEAD("ears, head and face"),
        BELLY(""),
        REAR("");

        private final String label;

        Joins(String label) {
            this.label = label;
        }
    }

    private final String label;
    private final Joins joins;
    private final List<Section> places;

    Grip(String label, Joins joins, Section... places) {
        this.label = label;
        this.joins = joins;
        this.places = List.of(places);
    }

    public static Grip of(Section section) {
        return Arrays.stream(values())
                .filter(grip -> grip.places.contains(section))
                .findFirst()
                .orElseThrow();
    }

    /** From the foot up. */
    public List<Section> places() {
        return places;
    }

    /** Whether its places lie one above the other, so that who comes from the head meets them the other way round. */
    boolean goesUp() {
        return switch (this) {
            case FRONT_LEFT, FRONT_RIGHT, HIND_LEFT, HIND_RIGHT, FLANK_LEFT, FLANK_RIGHT, NECK -> true;
            case BACK, EARS, HEAD, BELLY, REAR -> false;
        };
    }

    /** The thigh behind a side: gentlest first it belongs to that, long before its leg. */
    Optional<Section> thigh() {
        return switch (this) {
            case FLANK_LEFT -> Optional.of(THIGH_LEFT);
            case FLANK_RIGHT -> Optional.of(THIGH_RIGHT);
            default -> Optional.empty();
        };
    }

    /**
     * Whether hands go on from one place to another without taking another grip.
     *
     * @param first with which they began
     */
    public static boolean together(Section first, Section next) {
        return of(first) == of(next) || of(first).thigh().equals(Optional.of(next));
    }

    public Joins joins() {
        return joins;
    }

    /** What these places are called together, all of grips that may be joined. */
    public static String label(Collection<Section> places) {
        Section first = places.iterator().next();
        if (places.size() == 1) {
            return first.label();
        }
        Grip grip = of(first);
        if (grip.thigh().filter(places::contains).isPresent()) {
            return places.size() == 2 ? first.label() + " and thigh" : grip.label.replace(" and", ", thigh and");
        }
        Set<Side> sides = places.stream().map(Section::side).collect(Collectors.toSet());
        if (places.stream().anyMatch(place -> of(place) != grip)) {
            return grip.joins == Joins.BODY && !sides.containsAll(List.of(Side.LEFT, Side.RIGHT))
                    ? "back and " + (sides.contains(Side.LEFT) ? FLANK_LEFT : FLANK_RIGHT).label
                    : grip.joins.label;
        }
        boolean oneSide = places.stream().allMatch(place -> place.side() == first.side());
        return grip == EARS && oneSide ? first.side() == Side.LEFT ? "left ear" : "right ear" : grip.label;
    }
}
