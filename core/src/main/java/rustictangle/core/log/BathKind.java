package rustictangle.core.log;

import java.util.EnumSet;
import java.util.Set;
import rustictangle.core.Choice;
import rustictangle.core.dog.Part;
import rustictangle.core.dog.Section;

/** How much of the dog is bathed. */
public enum BathKind implements Choice {
    WHOLE_DOG("the whole dog", "", EnumSet.allOf(Section.class)),
    UNDERCARRIAGE(
            "the undercarriage",
            "belly, legs, feet and rear, after mud",
            Section.of(
                    Part.BELLY,
                    Part.FRONT_LEG,
                    Part.HIND_LEG,
                    Part.FRONT_FOOT,
                    Part.HIND_FOOT,
                    Part.ARMPIT,
                    Part.REAR_TROUSERS));

    private final Words words;
    private final Set<Section> wetted;

    BathKind(String label, String hint, Set<Section> wetted) {
        words = new Words(label, hint);
        this.wetted = Set.copyOf(wetted);
    }

    @Override
    public Words words() {
        return words;
    }

    public boolean wets(Section section) {
        return wetted.contains(section);
    }
}
