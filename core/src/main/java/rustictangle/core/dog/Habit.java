package rustictangle.core.dog;

import rustictangle.core.Choice;

/** What the dog does on most days that works on its coat. */
public enum Habit implements Choice {
    SWIMS("swims"),
    FIELDS_OR_SAND("runs in fields or sand"),
    SNOW("walks in snow");

    private final String label;

    Habit(String label) {
        this.label = label;
    }

    @Override
    public String label() {
        return label;
    }
}
