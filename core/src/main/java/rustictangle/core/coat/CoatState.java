package rustictangle.core.coat;

import rustictangle.core.dog.Dog;
import rustictangle.core.dog.LifeStage;
import rustictangle.core.dog.Section;

/** What state the hair of a section is in, as far as it changes the tools. */
public enum CoatState {
    ORDINARY("in an ordinary week"),
    /** The undercoat lets go of the skin while the guard hair stays. */
    HEAVY_SHEDDING("while it sheds heavily"),
    /** The puppy coat gives way to the adult one: tangles much more. */
    PUPPY_CHANGE("while the puppy coat changes"),
    /** Not combed to the skin for weeks. */
    NEGLECTED("after weeks without a comb to the skin");

    private final String label;

    CoatState(String label) {
        this.label = label;
    }

    public String label() {
        return label;
    }

    /** Neglect outweighs the season, the season outweighs the change of coat. Own estimate. */
    public static CoatState of(Dog dog, Coat coat, Section section) {
        if (!coat.at(section).kind().mats()) {
            return coat.shedsAt(section) ? HEAVY_SHEDDING : ORDINARY;
        }
        if (coat.neglectedAt(section)) {
            return NEGLECTED;
        }
        if (coat.shedsAt(section)) {
            return HEAVY_SHEDDING;
        }
        return dog.lifeStage() == LifeStage.CHANGING_COAT ? PUPPY_CHANGE : ORDINARY;
    }
}
