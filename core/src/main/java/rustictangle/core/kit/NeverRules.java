package rustictangle.core.kit;

import static rustictangle.core.log.ToolKind.BRISTLE_BRUSH;
import static rustictangle.core.log.ToolKind.DEMATTING_BLADE;
import static rustictangle.core.log.ToolKind.DESHEDDING_BLADE;
import static rustictangle.core.log.ToolKind.RUBBER_CURRY;
import static rustictangle.core.log.ToolKind.SLICKER;
import static rustictangle.core.log.ToolKind.UNDERCOAT_RAKE;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.function.Predicate;
import rustictangle.core.Reason;
import rustictangle.core.coat.CoatKind;
import rustictangle.core.coat.LengthBand;
import rustictangle.core.coat.RegionCoat;
import rustictangle.core.dog.Dog;
import rustictangle.core.dog.Section;
import rustictangle.core.log.ToolKind;

/** What must not be used on a section. Common practice, no published source. */
final class NeverRules {

    private static final NeverHere DESHEDDING = never(
            "kit.never-deshedding-blade",
            "de-shedding blade",
            "It cuts guard hair and scratches the skin. Some use one daily, most warn: left to a professional.",
            DESHEDDING_BLADE);
    private static final NeverHere DEMATTING = never(
            "kit.never-dematting-blade",
            "dematting blade or mat breaker",
            "Curved blades cut, and the pulling burns the skin. Leave it to a professional.",
            DEMATTING_BLADE);
    private static final NeverHere PINS_ON_SMOOTH = never(
            "kit.never-pins-smooth",
            "slicker and pin brushes",
            "Close-lying hair lets wires and pins scratch straight down to the skin.",
            tools(ToolKind::hasPins));
    private static final NeverHere WIRES_ON_PLUSH = never(
            "kit.never-pins-smooth",
            "slicker and stiff pins",
            "Short hair lets wires scratch straight down to the skin, even where it is thick.",
            tools(ToolKind::isStiff));
    private static final NeverHere SLICKER_AT_EYES =
            never("kit.never-slicker-face", "slicker", "Wires slip: one could reach the eye.", SLICKER);
    private static final NeverHere SLICKER_ON_PUPPY = never(
            "kit.never-slicker-puppy",
            "slicker",
            "Wait until the puppy accepts the soft brush everywhere: one scratch now costs years. Some begin with a soft "
                    + "slicker at once; most do not.",
            SLICKER);
    private static final NeverHere RAKE = never(
            "kit.never-rake",
            "undercoat rake",
            "No undercoat to lift here: the rake breaks long hair and pulls.",
            UNDERCOAT_RAKE);
    private static final NeverHere RAKE_HERE = never(
            "kit.never-rake-here",
            "undercoat rake",
            "It is for body, neck, thighs and trousers: here its blunt pins bruise and catch.",
            UNDERCOAT_RAKE);
    private static final NeverHere CURRY = never(
            "kit.never-curry",
            "rubber curry or glove",
            "Circling rubber winds long hair into tangles. Some loosen with it all the same; most do not.",
            RUBBER_CURRY);
    private static final NeverHere CURRY_HERE = never(
            "kit.never-curry-here",
            "rubber curry or glove",
            "Rubber circles on body and thighs only: here it drags at thin skin, eyes or legs.",
            RUBBER_CURRY);
    private static final NeverHere BRISTLE = never(
            "kit.never-bristle",
            "bristle brush",
            "It only polishes the top, and the layer at the skin felts unseen.",
            BRISTLE_BRUSH);
    private static final NeverHere IN_CORDS = never(
            "coat.corded",
            "any brush or comb",
            "It tears the cords and cannot pass them.",
            tools(ToolKind::touchesHair));
    private static final NeverHere ON_BARE_SKIN = never(
            "coat.hairless",
            "brush, comb and rake",
            "Nothing stands between them and the skin: they scratch.",
            tools(ToolKind::touchesHair));

    private NeverRules() {}

    /** @param slickerAtCrown whether this owner's school takes one there */
    static List<NeverHere> at(Dog dog, Section section, RegionCoat hair, boolean slickerAtCrown) {
        List<NeverHere> list = new ArrayList<>();
        switch (hair.kind()) {
            case CORDED -> list.add(IN_CORDS);
            case HAIRLESS -> list.add(ON_BARE_SKIN);
            case SMOOTH -> onSmooth(section, hair, list);
            default -> addWhereItMats(dog, section, hair, slickerAtCrown, list);
        }
        list.add(DESHEDDING);
        list.add(DEMATTING);
        return list;
    }

    private static void onSmooth(Section section, RegionCoat hair, List<NeverHere> list) {
        PlaceUse place = PlaceUse.at(section);
        list.add(hair.isPlush() ? WIRES_ON_PLUSH : PINS_ON_SMOOTH);
        if (!hair.isPlush()) {
            list.add(RAKE);
        } else if (!place.rake()) {
            list.add(RAKE_HERE);
        }
        if (!place.rubber()) {
            list.add(CURRY_HERE);
        }
    }

    private static void addWhereItMats(
            Dog dog, Section section, RegionCoat hair, boolean slickerAtCrown, List<NeverHere> list) {
        PlaceUse place = PlaceUse.at(section);
        if (!place.slicker() && !slickerAtCrown) {
            list.add(SLICKER_AT_EYES);
        } else if (dog.isPuppy()) {
            list.add(SLICKER_ON_PUPPY);
        }
        if (!hair.undercoat() || hair.kind() == CoatKind.DROP) {
            list.add(RAKE);
        } else if (!place.rake()) {
            list.add(RAKE_HERE);
        }
        boolean longer = hair.length().band() != LengthBand.SHORT;
        if (hair.kind() == CoatKind.CURLY
                || hair.kind() == CoatKind.FLEECE
                || longer && hair.kind() != CoatKind.DOUBLE) {
            list.add(CURRY);
        } else if (!place.rubber()) {
            list.add(CURRY_HERE);
        }
        // On a coat that lies it wipes over what is proved.
        if (longer && (hair.kind() == CoatKind.CURLY || hair.kind() == CoatKind.FLEECE)) {
            list.add(BRISTLE);
        }
    }

    private static ToolKind[] tools(Predicate<ToolKind> which) {
        return Arrays.stream(ToolKind.values()).filter(which).toArray(ToolKind[]::new);
    }

    private static NeverHere never(String rule, String label, String text, ToolKind... tools) {
        return new NeverHere(List.of(tools), label, new Reason(rule, text));
    }
}
