package rustictangle.core.routine;

import rustictangle.core.coat.RegionCoat;
import rustictangle.core.dog.Section;
import rustictangle.core.kit.Parting;
import rustictangle.core.trust.Trust;

/** How to hold the dog or the hair at a section. Common practice, no published source. */
final class Hold {

    private Hold() {}

    /** In the words agreed with the dog, where it has learned the position. */
    static String at(Section section, RegionCoat hair, Parting parting, Trust trust) {
        // What does not mat is not parted, misted or held up.
        String hold = hair.kind().mats() ? matting(section, parting) : lying(section);
        return trust.agreed().ask(section, trust).map(ask -> ask + " " + hold).orElse(hold);
    }

    private static String lying(Section section) {
        return switch (section.part()) {
            case EAR, BEHIND_EAR -> "The ear lying in your palm, a cloth or bristle over it.";
            case ARMPIT, BELLY, THROAT -> "A flat hand beside, a cloth or bristle over it, hardly any weight.";
            case FRONT_LEG, HIND_LEG, FRONT_FOOT, HIND_FOOT ->
                "Support the leg from beneath. If it pulls away, go with it and let it come back.";
            case MUZZLE, CROWN -> "Chin on your palm; a cloth or bristle, away from the eyes.";
            case TAIL -> "Hold the tail gently at its base.";
            case CHEST -> "Feel where a harness or collar rubs, and begin there.";
            case NECK_RUFF -> "Collar off.";
            default -> "A flat hand lies on the dog beside the tool.";
        };
    }

    private static String matting(Section section, Parting parting) {
        return switch (section.part()) {
            case EAR -> "Lay the ear leather in your palm: upper face, flip, under face, flip.";
            case BEHIND_EAR -> "Fold the ear forward over the head and hold the hair at its base.";
            case ARMPIT -> "Lift the front leg a little, forward, never out to the side.";
            case FRONT_LEG, HIND_LEG ->
                "Support the leg from beneath. If it pulls away, go with it and let it come back.";
            case FRONT_FOOT, HIND_FOOT -> "Rest the foot in your hand; look between the toes for twigs first.";
            case BELLY -> "Standing or on its side; flat hand on the flank, very light strokes.";
            case THROAT -> "Lift the chin only a little, with two fingers.";
            case MUZZLE -> "Chin on your palm, fingers over nose and eye; away from the eyes.";
            case CROWN -> "One hand lightly under the chin" + (parting == Parting.NONE ? "." : "; part to the roots.");
            case TAIL -> "Hold the tail gently at its base.";
            case REAR_TROUSERS -> "Lift the tail aside and hold it at its base.";
            case CHEST -> "Feel where a harness or collar rubs, and begin there.";
            case NECK_RUFF -> "Collar off." + (parting == Parting.NONE ? "" : " " + holdingHair(parting));
            default -> holdingHair(parting);
        };
    }

    private static String holdingHair(Parting parting) {
        return switch (parting) {
            case NONE -> "A flat hand lies on the dog beside the tool.";
            case STRIPS -> "Push the hair back with your flat hand; brush the strip below it.";
            case LAYERS, THICK_LAYERS -> "Hold up the hair above with a flat hand; brush what hangs below it.";
        };
    }
}
