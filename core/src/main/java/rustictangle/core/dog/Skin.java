package rustictangle.core.dog;

import rustictangle.core.Choice;

/** What the owner knows of the dog's skin. The product never diagnoses. */
public enum Skin implements Choice {
    SOUND("sound", ""),
    SENSITIVE("sensitive", "reddens or itches easily"),
    UNDER_VET_CARE("in a vet’s care", "ask the vet before brushing there");

    private final String label;
    private final String hint;

    Skin(String label, String hint) {
        this.label = label;
        this.hint = hint;
    }

    @Override
    public String label() {
        return label;
    }

    @Override
    public String hint() {
        return hint;
    }
}
