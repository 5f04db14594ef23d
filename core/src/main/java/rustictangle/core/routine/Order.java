package rustictangle.core.routine;

import static rustictangle.core.dog.Section.ARMPIT_LEFT;
import static rustictangle.core.dog.Section.ARMPIT_RIGHT;
import static rustictangle.core.dog.Section.BACK;
import static rustictangle.core.dog.Section.BEHIND_EAR_LEFT;
import static rustictangle.core.dog.Section.BEHIND_EAR_RIGHT;
import static rustictangle.core.dog.Section.BELLY;
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
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;
import rustictangle.core.dog.Section;

/**
 * The order in which sections are worked. Four schools, common practice, no published source; where
 * a school leaves the exact place open, the sequence is this project's own.
 */
public enum Order {
    /** Feet, legs, … back, head last: line brushing. */
    TOES_UP(
            "toes up",
            "for long, curly and woolly coats, brushed in lines.",
            List.of(
                    HIND_FOOT_LEFT,
                    HIND_LEG_LEFT,
                    HIND_FOOT_RIGHT,
                    HIND_LEG_RIGHT,
                    FRONT_FOOT_LEFT,
                    FRONT_LEG_LEFT,
                    ARMPIT_LEFT,
                    FRONT_FOOT_RIGHT,
                    FRONT_LEG_RIGHT,
                    ARMPIT_RIGHT,
                    BELLY,
                    REAR_TROUSERS,
                    TAIL_WHOLE,
                    THIGH_LEFT,
                    THIGH_RIGHT,
                    SIDE_LEFT,
                    SIDE_RIGHT,
                    CHEST,
                    SHOULDER_LEFT,
                    SHOULDER_RIGHT,
                    BACK,
                    THROAT,
                    NECK_RUFF,
                    BEHIND_EAR_LEFT,
                    EAR_LEFT,
                    BEHIND_EAR_RIGHT,
                    EAR_RIGHT,
                    CROWN,
                    MUZZLE)),
    /** Head, neck, … tail: comb-led daily work. */
    HEAD_DOWN(
            "head down",
            "for daily work led by the comb.",
            List.of(
                    MUZZLE,
                    CROWN,
                    EAR_LEFT,
                    BEHIND_EAR_LEFT,
                    EAR_RIGHT,
                    BEHIND_EAR_RIGHT,
                    THROAT,
                    NECK_RUFF,
                    CHEST,
                    SHOULDER_LEFT,
                    SHOULDER_RIGHT,
                    ARMPIT_LEFT,
                    FRONT_LEG_LEFT,
                    FRONT_FOOT_LEFT,
                    ARMPIT_RIGHT,
                    FRONT_LEG_RIGHT,
                    FRONT_FOOT_RIGHT,
                    BACK,
                    SIDE_LEFT,
                    SIDE_RIGHT,
                    BELLY,
                    THIGH_LEFT,
                    THIGH_RIGHT,
                    HIND_LEG_LEFT,
                    HIND_FOOT_LEFT,
                    HIND_LEG_RIGHT,
                    HIND_FOOT_RIGHT,
                    REAR_TROUSERS,
                    TAIL_WHOLE)),
    /** The priority group, then the rest, the body last. */
    HOT_SPOTS_FIRST("hot spots first", "for little time, or known trouble.", hotSpotsFirst()),
    /** What the dog minds least comes first, the tail last. */
    GENTLEST_FIRST(
            "gentlest first",
            "for puppies, training and frightened dogs.",
            Arrays.stream(Section.values())
                    .sorted(Comparator.comparingInt(Section::sensitivityRank))
                    .toList());

    private final String label;
    private final String suits;
    private final List<Section> sequence;

    Order(String label, String suits, List<Section> sequence) {
        this.label = label;
        this.suits = suits;
        this.sequence = sequence;
    }

    public String label() {
        return label;
    }

    /** When it is the one to choose, in a line. */
    public String suits() {
        return suits;
    }

    /** Every section once. */
    public List<Section> sequence() {
        return sequence;
    }

    private static List<Section> hotSpotsFirst() {
        List<Section> toesUp = TOES_UP.sequence;
        Stream<Section> hot = toesUp.stream().filter(Section::priority);
        Stream<Section> rest = toesUp.stream().filter(s -> !s.priority() && !easyBody(s));
        Stream<Section> body = toesUp.stream().filter(s -> !s.priority() && easyBody(s));
        return Stream.of(hot, rest, body).flatMap(s -> s).toList();
    }

    private static boolean easyBody(Section section) {
        return section.sensitivityRank() <= 3;
    }
}
