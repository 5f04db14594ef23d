package rustictangle.core.kit;

import static rustictangle.core.kit.Grip.BACK;
import static rustictangle.core.kit.Grip.BELLY;
import static rustictangle.core.kit.Grip.EARS;
import static rustictangle.core.kit.Grip.FLANK_LEFT;
import static rustictangle.core.kit.Grip.FLANK_RIGHT;
import static rustictangle.core.kit.Grip.FRONT_LEFT;
import static rustictangle.core.kit.Grip.FRONT_RIGHT;
import static rustictangle.core.kit.Grip.HEAD;
import static rustictangle.core.kit.Grip.HIND_LEFT;
import static rustictangle.core.kit.Grip.HIND_RIGHT;
import static rustictangle.core.kit.Grip.NECK;
import static rustictangle.core.kit.Grip.REAR;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import rustictangle.core.Choice;
import rustictangle.core.dog.Section;

/**
 * The order in which a dog is worked: an order of grips, and within a grip as the school goes. Four schools, common
 * practice, no published source; where a school leaves the exact place open, the sequence is this project's own.
 */
public enum Order implements Choice {
    /** Feet, legs, … back, head last: line brushing. */
    TOES_UP(
            "toes up",
            "for long, curly and woolly coats, brushed in lines.",
            fromTheFootUp(
                    HIND_LEFT,
                    HIND_RIGHT,
                    FRONT_LEFT,
                    FRONT_RIGHT,
                    BELLY,
                    REAR,
                    FLANK_LEFT,
                    FLANK_RIGHT,
                    BACK,
                    NECK,
                    EARS,
                    HEAD)),
    /** Head, neck, … tail: comb-led daily work. */
    HEAD_DOWN(
            "head down",
            "for daily work led by the comb.",
            fromAbove(
                    HEAD,
                    EARS,
                    NECK,
                    FRONT_LEFT,
                    FRONT_RIGHT,
                    BACK,
                    FLANK_LEFT,
                    FLANK_RIGHT,
                    BELLY,
                    HIND_LEFT,
                    HIND_RIGHT,
                    REAR)),
    /** The grips of the priority group, then the rest, the body last. */
    HOT_SPOTS_FIRST(
            "hot spots first",
            "for little time, or known trouble.",
            fromTheFootUp(
                    HIND_LEFT,
                    HIND_RIGHT,
                    FRONT_LEFT,
                    FRONT_RIGHT,
                    EARS,
                    NECK,
                    REAR,
                    BELLY,
                    HEAD,
                    FLANK_LEFT,
                    FLANK_RIGHT,
                    BACK)),
    /** What the dog minds least comes first, the tail last: the thigh with its side, and a hand comes to a foot from above. */
    GENTLEST_FIRST(
            "gentlest first",
            "for puppies, training and frightened dogs.",
            gentlestFirst(
                    BACK,
                    FLANK_LEFT,
                    FLANK_RIGHT,
                    NECK,
                    EARS,
                    BELLY,
                    HIND_LEFT,
                    HIND_RIGHT,
                    FRONT_LEFT,
                    FRONT_RIGHT,
                    HEAD,
                    REAR));

    private final Words words;
    private final List<Section> sequence;

    Order(String label, String suits, List<Section> sequence) {
        words = new Words(label, suits);
        this.sequence = sequence;
    }

    @Override
    public Words words() {
        return words;
    }

    /** Every section once, those of a grip one after the other. */
    public List<Section> sequence() {
        return sequence;
    }

    private static List<Section> fromTheFootUp(Grip... grips) {
        return Stream.of(grips).flatMap(grip -> grip.places().stream()).toList();
    }

    private static List<Section> fromAbove(Grip... grips) {
        List<Section> sequence = new ArrayList<>();
        for (Grip grip : grips) {
            List<Section> places = new ArrayList<>(grip.places());
            if (grip.goesUp()) {
                Collections.reverse(places);
            }
            sequence.addAll(places);
        }
        return List.copyOf(sequence);
    }

    private static List<Section> gentlestFirst(Grip... grips) {
        Set<Section> sequence = new LinkedHashSet<>();
        for (Grip grip : grips) {
            Stream.concat(grip.places().stream(), grip.thigh().stream())
                    .sorted(Comparator.comparingInt(Section::sensitivityRank))
                    .forEach(sequence::add);
        }
        return List.copyOf(sequence);
    }
}
