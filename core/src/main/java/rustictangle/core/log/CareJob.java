package rustictangle.core.log;

import rustictangle.core.Choice;

/** What is done at the table besides brushing. */
public enum CareJob implements Choice {
    LOOK_OVER("look-over", "skin, eyes, ears, mouth, pads, under the tail"),
    TEETH("teeth", "brushed, or the next step toward it"),
    EYES("eyes", "wiped from the inner corner outward"),
    EARS("ears", "looked into, and wiped where they are waxy"),
    FEET("feet", "between the pads and the toes"),
    NAILS("nails", "each claw on its own"),
    BATH("bath", "and dry to the skin");

    private final Words words;

    CareJob(String label, String hint) {
        words = new Words(label, hint);
    }

    @Override
    public Words words() {
        return words;
    }
}
