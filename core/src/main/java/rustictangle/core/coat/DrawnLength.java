package rustictangle.core.coat;

import rustictangle.core.Choice;

/** How long the longest hair looks against a hand, before anybody has measured it. Own choices. */
public enum DrawnLength implements Choice {
    VERY_SHORT("very short", "you see the shape of the dog", 12),
    TWO_FINGERS("two fingers", "your fingers disappear in it", 40),
    A_HAND("a hand", "it falls, or stands far off", 95);

    private final Words words;
    private final double millimetres;

    DrawnLength(String label, String hint, double millimetres) {
        words = new Words(label, hint);
        this.millimetres = millimetres;
    }

    @Override
    public Words words() {
        return words;
    }

    double millimetres() {
        return millimetres;
    }

    /** The nearest by proportion. */
    static DrawnLength of(double millimetres) {
        DrawnLength nearest = VERY_SHORT;
        for (DrawnLength length : values()) {
            if (off(length, millimetres) < off(nearest, millimetres)) {
                nearest = length;
            }
        }
        return nearest;
    }

    private static double off(DrawnLength length, double millimetres) {
        return Math.abs(Math.log(millimetres / length.millimetres));
    }
}
