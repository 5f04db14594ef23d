package rustictangle.core.log;

import java.util.List;
import java.util.TreeSet;
import rustictangle.core.Choice;
import rustictangle.core.dog.Part;
import rustictangle.core.dog.Section;

/** What is done at the table besides brushing. */
public enum CareJob implements Choice {
    LOOK_OVER("look-over", "skin, eyes, ears, mouth, pads, under the tail"),
    TEETH("teeth", "brushed, or the next step toward it", Part.MUZZLE),
    EYES("eyes", "wiped from the inner corner outward", Part.MUZZLE),
    EARS("ears", "looked into, and wiped where they are waxy", Part.EAR),
    FEET("feet", "between the pads and the toes", Part.FRONT_FOOT, Part.HIND_FOOT),
    NAILS("nails", "each claw on its own", Part.FRONT_FOOT, Part.HIND_FOOT),
    BATH("bath", "and dry to the skin");

    private final Words words;
    private final List<Section> places;

    CareJob(String label, String hint, Part... parts) {
        words = new Words(label, hint);
        places = List.copyOf(new TreeSet<>(Section.of(parts)));
    }

    /** Where hands are in it; none: anywhere. */
    public List<Section> places() {
        return places;
    }

    @Override
    public Words words() {
        return words;
    }
}
