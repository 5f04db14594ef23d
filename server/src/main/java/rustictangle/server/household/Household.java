package rustictangle.server.household;

import com.fasterxml.jackson.annotation.JsonIgnore;
import jakarta.validation.constraints.AssertTrue;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import java.time.DayOfWeek;
import java.time.LocalTime;
import java.time.ZoneId;
import java.time.temporal.ChronoUnit;
import java.util.Collections;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;
import rustictangle.core.rhythm.Comfort;

/**
 * The household and how it likes things shown. Stored values are always metric.
 *
 * @param name     up to 60 characters; may be empty
 * @param latitude degrees, south below 0
 * @param quietFrom no message is sent from then on
 * @param quietTo  until then, the next day if earlier
 * @param currency in which prices are given, three letters (ISO 4217)
 * @param zone     of the clock on the wall, as "Europe/London"; absent: the machine's
 * @param usualHour when the dogs are usually brushed; absent: at no hour in particular
 * @param minutes  for brushing, each day of the week, in [0, 180]; empty: as many as it takes
 */
public record Household(
        @NotNull @Size(max = LONGEST_NAME, message = "At most {max} characters; shorten it.") String name,
        @NotNull Comfort comfort,
        @NotNull LengthUnit lengthUnit,
        @NotNull MassUnit massUnit,
        @NotNull DayOfWeek weekStart,
        @NotNull DateFormat dateFormat,
        @NotNull(message = "Say how far north or south you live, in degrees.")
                @DecimalMin(value = "-90", message = "Latitude is -90 to 90 degrees; south is below 0.")
                @DecimalMax(value = "90", message = "Latitude is -90 to 90 degrees; south is below 0.")
                Double latitude,
        @NotNull
                Map<
                                DayOfWeek,
                                @NotNull @Min(value = 0, message = MINUTES)
                                @Max(value = MOST_MINUTES, message = MINUTES) Integer>
                        minutes,
        @NotNull @Pattern(regexp = "[A-Z]{3}", message = "Three capital letters, such as EUR, GBP or USD.")
                String currency,
        @NotNull(message = "From when on no message is sent, such as 21:00.") LocalTime quietFrom,
        @NotNull(message = "Until when no message is sent, such as 08:00.") LocalTime quietTo,
        @Nullable String zone,
        @Nullable LocalTime usualHour) {

    public static final int LONGEST_NAME = 60;
    /** That can be set aside for a day. */
    public static final int MOST_MINUTES = 180;

    private static final String MINUTES = "From 0 to " + MOST_MINUTES + " minutes a day.";

    /** Until the owner says otherwise. */
    public static final String CURRENCY = "EUR";
    /** No message at night, until the owner says otherwise. */
    public static final LocalTime QUIET_FROM = LocalTime.of(21, 0);

    public static final LocalTime QUIET_TO = LocalTime.of(8, 0);
    /** A middling latitude of the north, until the owner says where. */
    public static final double LATITUDE = 50;

    public Household {
        usualHour = usualHour == null ? null : usualHour.truncatedTo(ChronoUnit.MINUTES);
        minutes = minutes == null ? null : Collections.unmodifiableMap(new TreeMap<>(minutes));
    }

    @AssertTrue(message = "Give the minutes of every day of the week, or of none.")
    @JsonIgnore
    public boolean isMinutesWhole() {
        return minutes == null || minutes.isEmpty() || minutes.size() == DayOfWeek.values().length;
    }

    @AssertTrue(message = "No clock goes by this zone; choose one such as Europe/London.")
    @JsonIgnore
    public boolean isZoneKnown() {
        return zone == null || ZONES.contains(zone);
    }

    private static final Set<String> ZONES = ZoneId.getAvailableZoneIds();

    /** Whether a zone is that of a place, not only a number of hours. */
    static boolean ofAPlace(String zone) {
        return ZONES.contains(zone) && zone.contains("/") && !zone.startsWith("Etc/");
    }

    /** Absent: the machine's. */
    @Nullable
    ZoneId zoneId() {
        return zone == null ? null : ZoneId.of(zone);
    }

    public enum LengthUnit {
        MILLIMETRES,
        INCHES
    }

    public enum MassUnit {
        KILOGRAMS,
        POUNDS
    }

    /** Which comes first in a date. */
    public enum DateFormat {
        DAY_MONTH,
        MONTH_DAY,
        YEAR_MONTH_DAY
    }
}
