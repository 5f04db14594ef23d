package rustictangle.core.dog;

import rustictangle.core.Choice;

/** A part of the dog that may carry its own kind and length of hair. */
public enum Region implements Choice {
    HEAD("head"),
    EARS("ears"),
    NECK("neck and chest"),
    BODY("body"),
    LEGS("legs and feet"),
    REAR("rear and trousers"),
    TAIL("tail");

    private final Words words;

    Region(String label) {
        words = new Words(label);
    }

    @Override
    public Words words() {
        return words;
    }
}
