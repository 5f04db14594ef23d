package rustictangle.core.kit;

import java.util.Set;
import rustictangle.core.Choice;
import rustictangle.core.dog.Part;
import rustictangle.core.dog.Section;

/** How practised the hand is that holds the brush. */
public enum Hand implements Choice {
    BEGINNER("still learning", "slickers coated or flexible, everywhere"),
    EXPERIENCED("practised", "a stiff slicker is allowed where skin is sound"),
    TIRES("tires soon", "ten minutes at a sitting, then a rest"),
    CHILD("a child’s", "back and sides, five minutes at a sitting, an adult beside");

    /** Common practice, no published source. */
    private static final Set<Section> CHILDS_PLACES = Section.of(Part.BACK, Part.SIDE);

    private final Words words;

    Hand(String label, String hint) {
        words = new Words(label, hint);
    }

    /** Whether it brushes there: a child’s does back and sides. */
    public boolean reaches(Section section) {
        return this != CHILD || CHILDS_PLACES.contains(section);
    }

    @Override
    public Words words() {
        return words;
    }
}
