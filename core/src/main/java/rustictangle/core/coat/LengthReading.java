package rustictangle.core.coat;

import java.time.LocalDate;
import java.util.Objects;

/** What the ruler said on one day: one hair stretched from the skin. */
public record LengthReading(LocalDate day, HairLength length) {

    public LengthReading {
        Objects.requireNonNull(day, "day");
        Objects.requireNonNull(length, "length");
    }
}
