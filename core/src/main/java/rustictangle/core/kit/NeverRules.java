package rustictangle.core.kit;

import java.util.ArrayList;
import java.util.List;
import rustictangle.core.Reason;
import rustictangle.core.coat.CoatKind;
import rustictangle.core.coat.LengthBand;
import rustictangle.core.coat.RegionCoat;
import rustictangle.core.dog.Dog;
import rustictangle.core.dog.Section;

/** What must not be used on a section. Common practice, no published source. */
final class NeverRules {

    private static final NeverHere DESHEDDING = never(ToolKind.DESHEDDING_BLADE,
            "kit.never-deshedding-blade",
            "It cuts guard hair and scratches the skin. Leave it to a professional.");
    private static final NeverHere DEMATTING = never(ToolKind.DEMATTING_BLADE,
            "kit.never-dematting-blade",
            "Curved blades cut, and the pulling burns the skin. Leave it to a professional.");
    private static final NeverHere PINS_ON_SMOOTH = never(ToolKind.PIN_BRUSH, "kit.never-pins-smooth",
            "Close-lying hair lets the pins scratch straight down to the skin.");
    private static final NeverHere SLICKER_ON_SMOOTH = never(ToolKind.SLICKER,
            "kit.never-pins-smooth", "Close-lying hair lets the wires scratch bare skin.");
    private static final NeverHere SLICKER_AT_EYES = never(ToolKind.SLICKER,
            "kit.never-slicker-face", "Wires slip: one could reach the eye.");
    private static final NeverHere SLICKER_ON_PUPPY = never(ToolKind.SLICKER,
            "kit.never-slicker-puppy",
            "Wait until the puppy accepts the soft brush everywhere: one scratch now costs years.");
    private static final NeverHere RAKE = never(ToolKind.UNDERCOAT_RAKE, "kit.never-rake",
            "No undercoat to lift here: the rake breaks long hair and pulls.");
    private static final NeverHere RAKE_ON_THIN_SKIN = never(ToolKind.UNDERCOAT_RAKE,
            "kit.never-rake-thin-skin", "Blunt pins bruise where little but skin lies beneath.");
    private static final NeverHere CURRY = never(ToolKind.RUBBER_CURRY, "kit.never-curry",
            "Circling rubber winds long hair into tangles.");
    private static final NeverHere BRISTLE = never(ToolKind.BRISTLE_BRUSH, "kit.never-bristle",
            "It only polishes the top, and the layer at the skin felts unseen.");

    private NeverRules() { }

    static List<NeverHere> at(Dog dog, Section section, RegionCoat hair) {
        List<NeverHere> list = new ArrayList<>();
        if (hair.kind() == CoatKind.SMOOTH) {
            list.add(PINS_ON_SMOOTH);
            list.add(SLICKER_ON_SMOOTH);
        } else if (section == Section.MUZZLE) {
            list.add(SLICKER_AT_EYES);
        } else if (dog.isPuppy()) {
            list.add(SLICKER_ON_PUPPY);
        }
        boolean singleCoat = hair.kind() == CoatKind.DROP || hair.kind() == CoatKind.CURLY
                || hair.kind() == CoatKind.FEATHERED;
        if (singleCoat) {
            list.add(RAKE);
        } else if (section.thinSkinned() && hair.kind() != CoatKind.SMOOTH) {
            list.add(RAKE_ON_THIN_SKIN);
        }
        boolean longer = hair.kind() != CoatKind.SMOOTH
                && hair.length().band() != LengthBand.SHORT;
        if (longer && hair.kind() != CoatKind.DOUBLE) {
            list.add(CURRY);
        }
        if (longer) {
            list.add(BRISTLE);
        }
        list.add(DESHEDDING);
        list.add(DEMATTING);
        return list;
    }

    private static NeverHere never(ToolKind tool, String rule, String text) {
        return new NeverHere(tool, new Reason(rule, text));
    }
}
