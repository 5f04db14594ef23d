package rustictangle.core.rhythm;

import java.time.LocalDate;

/**
 * Length of the day, from sunrise to sunset.
 *
 * <p>The CBM model of Forsythe and others, A model comparison for daylength as a function of latitude and day of
 * year (1995); its numbers are quoted from memory and checked against a reference library in the tests.
 */
final class Daylight {

    /** The sun's upper edge on the horizon, refraction included, degrees. */
    private static final double SUNRISE = 0.8333;

    private Daylight() {}

    /**
     * @param latitude degrees in [-90, 90], south below 0
     * @return hours in [0, 24]
     */
    static double hours(double latitude, LocalDate day) {
        if (!(latitude >= -90 && latitude <= 90)) {
            throw new IllegalArgumentException("latitude " + latitude + ", need [-90, 90]");
        }
        double revolution = 0.2163108 + 2 * Math.atan(0.9671396 * Math.tan(0.00860 * (day.getDayOfYear() - 186)));
        double declination = Math.asin(0.39795 * Math.cos(revolution));
        double north = Math.toRadians(latitude);
        double cosine = (Math.sin(Math.toRadians(SUNRISE)) + Math.sin(north) * Math.sin(declination))
                / (Math.cos(north) * Math.cos(declination));
        return 24 - 24 / Math.PI * Math.acos(Math.max(-1, Math.min(1, cosine)));
    }
}
