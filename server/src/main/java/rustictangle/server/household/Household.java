package rustictangle.server.household;

import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.DayOfWeek;
import rustictangle.core.rhythm.Comfort;

/**
 * The household and how it likes things shown. Stored values are always metric.
 *
 * @param name up to 60 characters; may be empty
 */
public record Household(
        @NotNull @Size(max = 60, message = "At most 60 characters; shorten it.") String name,
        @NotNull Comfort comfort,
        @NotNull LengthUnit lengthUnit,
        @NotNull MassUnit massUnit,
        @NotNull DayOfWeek weekStart,
        @NotNull DateFormat dateFormat) {

    public enum LengthUnit { MILLIMETRES, INCHES }

    public enum MassUnit { KILOGRAMS, POUNDS }

    /** Which comes first in a date. */
    public enum DateFormat { DAY_MONTH, MONTH_DAY, YEAR_MONTH_DAY }
}
