package rustictangle.core.visit;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import rustictangle.core.Reason;
import rustictangle.core.coat.Coat;
import rustictangle.core.dog.Dog;
import rustictangle.core.dog.History;
import rustictangle.core.dog.LifeStage;
import rustictangle.core.dog.Skin;

/** What a groomer should know before the first touch, in words that the owner can hand over. */
public final class HandOver {

    /** From so many places with a mat on, brushing out is hours of pulling. Own estimate. */
    private static final int MANY_MATS = 4;
    /** So short, mm, and for so long, that a clip is begun again after. Own estimates. */
    private static final double SHORT_CLIP_MM = 20;

    private static final int RESTART_WEEKS = 6;

    private HandOver() {}

    /** Health, age and skin, as the owner knows them; no diagnosis. */
    public static List<Reason> heed(Dog dog) {
        List<Reason> heed = new ArrayList<>();
        if (dog.skin() == Skin.UNDER_VET_CARE) {
            heed.add(new Reason(
                    "visit.vet-care",
                    "A vet is treating the skin: please ask us what was said before any product or clipper."));
        } else if (dog.skin() == Skin.SENSITIVE) {
            heed.add(
                    new Reason("visit.sensitive", "The skin is sensitive: a light hand, and few strokes on one spot."));
        }
        if (dog.lifeStage() == LifeStage.ELDERLY) {
            heed.add(new Reason(
                    "visit.elderly", "An old dog: short turns, a soft floor, and thin skin that tears easily."));
        }
        if (dog.flatFace()) {
            heed.add(new Reason(
                    "visit.flat-face", "A flat face: it overheats quickly. Cool air only, please, and no cage dryer."));
        }
        return heed;
    }

    /** What is known to help this dog along. */
    public static List<Reason> helps(Dog dog) {
        List<Reason> helps = new ArrayList<>();
        if (dog.history() == History.ROUGH_GROOM) {
            helps.add(new Reason(
                    "visit.frightened",
                    "It was frightened by an earlier groom. Please let it see and smell each tool first, and stop at the "
                            + "first sign of fear; half a groom is fine."));
        } else if (dog.history() == History.UNKNOWN_RESCUE) {
            helps.add(new Reason(
                    "visit.unknown",
                    "Nobody knows what it has met before. Slowly at first, please, and tell us what it minded."));
        }
        if (dog.isPuppy()) {
            helps.add(new Reason(
                    "visit.puppy",
                    "A puppy that is still learning: a short visit that ends well is worth more than a perfect trim."));
        }
        helps.add(new Reason("visit.treats", "Treats are welcome; small pieces after each place."));
        return helps;
    }

    /** The honest talk, when mats remain; empty when none do. Common practice, no published source. */
    public static List<Reason> talk(Coat coat, int mats) {
        if (mats == 0) {
            return List.of();
        }
        List<Reason> talk = new ArrayList<>();
        talk.add(new Reason(
                "visit.mats-shown",
                "There " + (mats == 1 ? "is a mat" : "are mats in " + mats + " places")
                        + " that we could not get out without hurting. Please look before we agree on anything."));
        if (mats >= MANY_MATS && coat.growsOn()) {
            talk.add(
                    new Reason(
                            "visit.clip-short",
                            "If it is kinder, clip short: hair grows back, and hours of dematting cost trust that does not. "
                                    + "We know the skin beneath may be red or bruised, and that ears and tail need a gentle eye afterwards."));
        } else {
            talk.add(new Reason(
                    "visit.clip-spot", "If a place can only be cut out, please do so; comfort comes before looks."));
        }
        return talk;
    }

    /**
     * After a short clip: begin again gently. Common practice, no published source; the numbers are own estimates.
     *
     * @param past visits, the newest first
     * @return empty when the last clip was not short, or is long ago
     */
    public static Optional<Reason> restart(Coat coat, List<Visit> past, LocalDate today) {
        // What cuts no hair, such as nails only, leaves what was clipped before as it was.
        return past.stream()
                .filter(visit -> visit.said().left().isPresent())
                .findFirst()
                .flatMap(visit -> visit.said()
                        .left()
                        .filter(left -> coat.growsOn()
                                && left <= SHORT_CLIP_MM
                                && !visit.day().plusWeeks(RESTART_WEEKS).isBefore(today))
                        .map(left -> new Reason(
                                "visit.restart",
                                "After the short clip it grows back. For the first weeks a brush about once a week is enough: use the time "
                                        + "for practice, so that the dog likes it before the coat needs it.")));
    }
}
