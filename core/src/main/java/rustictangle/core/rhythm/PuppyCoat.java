package rustictangle.core.rhythm;

import java.time.LocalDate;
import java.util.Optional;
import rustictangle.core.dog.Dog;

/**
 * How readily the coat of a young dog tangles, against a grown one's: not in its first weeks, while it is a few
 * millimetres long, and hardly before about four months. Common practice, no published source; the figures are own
 * estimates.
 *
 * @param ageUnknown the factor where nobody knows when it was born
 * @param born       empty: nobody knows
 */
record PuppyCoat(double ageUnknown, Optional<LocalDate> born) {

    private static final int NOT_AT_ALL_WEEKS = 8;
    private static final int HARDLY_MONTHS = 4;
    private static final double HARDLY = 0.2;
    /** Of its months as a puppy it hardly tangles in about half. */
    private static final double PUPPY_OF_UNKNOWN_AGE = 0.5;

    static PuppyCoat of(Dog dog) {
        return new PuppyCoat(dog.isPuppy() ? PUPPY_OF_UNKNOWN_AGE : 1, dog.born());
    }

    /** Factor in [0, 1] on a day. */
    double on(LocalDate day) {
        return born.map(first -> day.isBefore(first.plusWeeks(NOT_AT_ALL_WEEKS))
                        ? 0
                        : day.isBefore(first.plusMonths(HARDLY_MONTHS)) ? HARDLY : 1)
                .orElse(ageUnknown);
    }

    /** Whether it is the same on every day from that one on. */
    boolean isSteadyFrom(LocalDate day) {
        return born.filter(first -> day.isBefore(first.plusMonths(HARDLY_MONTHS)))
                .isEmpty();
    }
}
