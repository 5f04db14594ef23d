package rustictangle.core.dog;

import rustictangle.core.Choice;

/** What the owner knows of the dog's skin. The product never diagnoses. */
public enum Skin implements Choice {
    SOUND("sound", ""),
    SENSITIVE("sensitive", "reddens or itches easily"),
    UNDER_VET_CARE("in a vet’s care", "ask the vet before brushing there");

    private final Words words;

    Skin(String label, String hint) {
        words = new Words(label, hint);
    }

    @Override
    public Words words() {
        return words;
    }
}
