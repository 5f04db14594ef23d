package rustictangle.server.frame;

import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.Arrays;
import java.util.Collection;
import java.util.UUID;

/** What may stand where a value of a type is asked for, in words. */
final class Expected {

    private Expected() {}

    static String of(Class<?> type) {
        if (type.isEnum()) {
            return "Allowed: "
                    + String.join(
                            ", ",
                            Arrays.stream(type.getEnumConstants())
                                    .map(Object::toString)
                                    .toList()) + ".";
        }
        if (type.isSealed()) {
            return "Give one of the words that the API's document names here.";
        }
        if (type == boolean.class || type == Boolean.class) {
            return "Say true or false.";
        }
        if (type.isPrimitive() || Number.class.isAssignableFrom(type)) {
            return type == double.class || type == Double.class
                    ? "Give a number, such as 17.5."
                    : "Give a whole number.";
        }
        if (type == LocalDate.class) {
            return "Give a day from " + Bounds.FIRST_DAY + " to " + Bounds.LAST_DAY + ", such as 2026-05-14.";
        }
        if (type == LocalTime.class) {
            return "Give a time, such as 21:00.";
        }
        if (type == Instant.class) {
            return "Give a moment, such as 2026-05-14T09:00:00Z.";
        }
        if (type == UUID.class) {
            return "Give an id such as 7f3c1c0e-5d0a-4b6e-9a54-2f7d1c0b8e11.";
        }
        if (type == String.class) {
            return "Give text.";
        }
        return Collection.class.isAssignableFrom(type) || type.isArray()
                ? "Give a list."
                : "Give an object with its fields.";
    }
}
