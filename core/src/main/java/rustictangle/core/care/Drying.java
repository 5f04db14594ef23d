package rustictangle.core.care;

import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import rustictangle.core.Reason;
import rustictangle.core.coat.Coat;
import rustictangle.core.coat.CoatKind;
import rustictangle.core.coat.RegionCoat;
import rustictangle.core.dog.BodySurface;
import rustictangle.core.dog.Dog;
import rustictangle.core.dog.LifeStage;
import rustictangle.core.dog.Section;
import rustictangle.core.log.BathKind;

/** How long it takes until it is dry to the skin, and where it stays damp. */
public final class Drying {

    /** What dries it. */
    public enum With {
        TOWEL,
        /** Towel and a warm room: its noise, or its air, is not learned yet. */
        AIR_FROM_AFAR,
        HOUSEHOLD_DRYER,
        FORCED_AIR
    }

    /**
     * Minutes a square metre with a household dryer, hair of {@link #SATURATED_MM} of medium density. Own estimate, so
     * that a long fleece of 16 kg takes up to an hour (common practice, no published source).
     */
    private static final double MINUTES_A_SQUARE_METRE = 93.6;

    private static final double SATURATED_MM = 100;
    /** Skin and the shortest hair hold water like so much length. */
    private static final double SKIN_MM = 8;

    private static final double UNDERCOAT = 1.2;
    private static final double FORCED_AIR = 0.5;
    /** Hair up to this is dry from the towel in part of the time; longer hair is never left to the air. */
    private static final double TOWEL = 0.6;

    private Drying() {}

    /** Minutes for all that gets wet, greater than 0. */
    public static double minutes(Dog dog, Coat coat, BathKind kind, With with) {
        BodySurface surface = BodySurface.of(dog.mass());
        double sum = 0;
        for (Section section : Section.values()) {
            if (kind.wets(section)) {
                sum += surface.squareMetresOf(section) * perSquareMetre(coat.at(section));
            }
        }
        return sum * speed(with, coat);
    }

    private static double perSquareMetre(RegionCoat hair) {
        double length = Math.min(SATURATED_MM, hair.length().millimetres());
        return MINUTES_A_SQUARE_METRE
                * (SKIN_MM + length)
                / (SKIN_MM + SATURATED_MM)
                * density(hair)
                * (hair.undercoat() ? UNDERCOAT : 1);
    }

    private static double density(RegionCoat hair) {
        return switch (hair.density()) {
            case SPARSE -> 0.8;
            case MEDIUM -> 1;
            case DENSE -> 1.2;
        };
    }

    private static double speed(With with, Coat coat) {
        return with == With.FORCED_AIR ? FORCED_AIR : with == With.TOWEL && smooth(coat) ? TOWEL : 1;
    }

    /** Whether a towel will do. */
    public static boolean smooth(Coat coat) {
        return coat.regions().values().stream().allMatch(hair -> hair.kind() == CoatKind.SMOOTH);
    }

    /**
     * What is the fastest of these that the dog accepts.
     *
     * @param learned whether it has learned a dryer; its noise is not used on a dog that has not
     */
    public static With with(Collection<Supply> supplies, boolean forcedAir, Coat coat, boolean learned) {
        boolean dryer = forcedAir || supplies.contains(Supply.HOUSEHOLD_DRYER);
        if (smooth(coat) && !(dryer && learned)) {
            return With.TOWEL;
        }
        if (!learned) {
            return With.AIR_FROM_AFAR;
        }
        return forcedAir ? With.FORCED_AIR : With.HOUSEHOLD_DRYER;
    }

    /** What to heed while it is dried. Common practice, no published source. */
    public static List<Reason> heed(Dog dog, Coat coat, With with) {
        List<Reason> heed = new ArrayList<>();
        if (with == With.AIR_FROM_AFAR) {
            heed.add(new Reason(
                    "care.dry-afar",
                    "It has not learned the dryer: not on this bath. Towel, a warm room, and cool air from afar, as long "
                            + "as it eats. The dryer has a ladder of its own, long before the next bath."));
        }
        if (CareStep.chills(dog)) {
            heed.add(CareCaution.of("care.bath-chills"));
        }
        boolean overheats = dog.flatFace()
                || dog.lifeStage() == LifeStage.ELDERLY
                || coat.regions().values().stream().anyMatch(RegionCoat::undercoat);
        heed.add(
                overheats
                        ? new Reason(
                                "care.dry-overheats",
                                "Cool or unheated air only: flat faces, thick coats and old dogs overheat. Watch for panting, "
                                        + "and stop at it.")
                        : new Reason(
                                "care.dry-cool", "Cool or unheated air only, the brush following. Watch for panting."));
        return List.copyOf(heed);
    }
}
