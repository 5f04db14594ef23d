package rustictangle.core.dog;

import rustictangle.core.Choice;

/** What the dog does on most days that works on its coat. */
public enum Habit implements Choice {
    SWIMS("swims"),
    FIELDS_OR_SAND("runs in fields or sand"),
    SNOW("walks in snow");

    private final Words words;

    Habit(String label) {
        words = new Words(label);
    }

    @Override
    public Words words() {
        return words;
    }
}
