package rustictangle.core.dog;

/** What the dog does on most days that works on its coat. */
public enum Habit {
    SWIMS,
    FIELDS_OR_SAND,
    SNOW
}
