package rustictangle.core.kit;

import rustictangle.core.Choice;
import rustictangle.core.coat.RegionCoat;
import rustictangle.core.dog.Section;

/** How the hair is left in the end: the coat's to say, not the last tool's. Common practice, no published source. */
public enum Finish implements Choice {
    /** A coat with a strict lie. */
    LAID("laid with the lie", "Coats that lie: drop, feathered, wire and double."),
    /** A coat that stands. */
    LIFTED("lifted against the lie", "Curly coats and fleece stand open, and look full."),
    /** Hair too short to be left one way or the other. */
    AS_IT_IS("as it is", "Hair that lies by itself.");

    /** Shorter curls stand by themselves, mm. Own estimate. */
    private static final double STANDS_BY_ITSELF_MM = 20;

    private final Words words;

    Finish(String label, String hint) {
        words = new Words(label, hint);
    }

    @Override
    public Words words() {
        return words;
    }

    static Finish of(Section section, RegionCoat hair, FinishSchool school) {
        return switch (hair.kind()) {
            case CURLY, FLEECE -> !stands(section, hair) ? AS_IT_IS : school == FinishSchool.LAID ? LAID : LIFTED;
            case DOUBLE, DROP, FEATHERED, WIRE -> LAID;
            case SMOOTH, CORDED, HAIRLESS -> AS_IT_IS;
        };
    }

    /** Nothing is lifted where a brush goes one way only. */
    private static boolean stands(Section section, RegionCoat hair) {
        return hair.length().millimetres() > STANDS_BY_ITSELF_MM
                && PlaceUse.at(section).direction() == PlaceUse.Direction.EVERY_WAY;
    }
}
