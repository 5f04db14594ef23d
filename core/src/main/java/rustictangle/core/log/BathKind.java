package rustictangle.core.log;

import java.util.EnumSet;
import java.util.Set;
import rustictangle.core.Choice;
import rustictangle.core.dog.Part;
import rustictangle.core.dog.Section;

/** How much of the dog is bathed. */
public enum BathKind implements Choice {
    WHOLE_DOG("the whole dog", "", true, EnumSet.allOf(Section.class)),
    UNDERCARRIAGE("the undercarriage", "belly, legs, feet and rear, with shampoo", true, beneath()),
    RINSE("a rinse", "the undercarriage, after mud: water only", false, beneath());

    private final Words words;
    private final boolean shampoo;
    private final Set<Section> wetted;

    BathKind(String label, String hint, boolean shampoo, Set<Section> wetted) {
        words = new Words(label, hint);
        this.shampoo = shampoo;
        this.wetted = Set.copyOf(wetted);
    }

    private static Set<Section> beneath() {
        return Section.of(
                Part.BELLY,
                Part.FRONT_LEG,
                Part.HIND_LEG,
                Part.FRONT_FOOT,
                Part.HIND_FOOT,
                Part.ARMPIT,
                Part.REAR_TROUSERS);
    }

    @Override
    public Words words() {
        return words;
    }

    /** Whether shampoo goes on: it washes out what is in the coat, too. */
    public boolean shampoo() {
        return shampoo;
    }

    public boolean wets(Section section) {
        return wetted.contains(section);
    }
}
