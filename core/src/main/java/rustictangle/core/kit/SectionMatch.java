package rustictangle.core.kit;

import static rustictangle.core.Reason.mm;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import rustictangle.core.Reason;
import rustictangle.core.coat.Coat;
import rustictangle.core.coat.CoatKind;
import rustictangle.core.coat.LengthBand;
import rustictangle.core.coat.RegionCoat;
import rustictangle.core.dog.Dog;
import rustictangle.core.dog.Section;

/** The match of one section's hair to tools. */
final class SectionMatch {

    /** Where short pins serve a drop coat too. Common practice, no published source. */
    private static final Set<Section> SHORT_PINS_ON_DROP = EnumSet.of(
            Section.FRONT_FOOT_LEFT, Section.FRONT_FOOT_RIGHT, Section.HIND_FOOT_LEFT,
            Section.HIND_FOOT_RIGHT, Section.MUZZLE, Section.BELLY, Section.FRONT_LEG_LEFT,
            Section.FRONT_LEG_RIGHT, Section.HIND_LEG_LEFT, Section.HIND_LEG_RIGHT);
    /** Shortest pins of all, mm. Common practice, no published source. */
    private static final double SHORTEST_PINS_MM = 16;

    private SectionMatch() { }

    static Need of(Dog dog, Coat coat, Section section) {
        RegionCoat hair = coat.at(section);
        ToolOrders order = orderFor(dog, coat, section);
        List<Reason> reasons = new ArrayList<>();
        reasons.add(new Reason(order.rule(), order.why()));
        Optional<PinWindow> pins = Optional.empty();
        Optional<Pad> pad = Optional.empty();
        Optional<ToolKind> proof = Optional.empty();
        if (order.lead() != ToolKind.COMB && hair.kind() != CoatKind.SMOOTH) {
            pins = Optional.of(pins(dog, section, hair, reasons));
            pad = Optional.of(pad(hair, reasons));
        }
        if (hair.kind() != CoatKind.SMOOTH) {
            proof = Optional.of(section == Section.MUZZLE ? ToolKind.FACE_COMB : ToolKind.COMB);
            reasons.add(new Reason("kit.comb-proves",
                    "A brush can glide over felt; only a comb from the root, wide end "
                            + "first and then the fine one, shows the skin was reached."));
        }
        addCautions(dog, section, hair, reasons);
        return new Need(section, order.lead(), pins, pad, order.steps(), proof,
                NeverRules.at(dog, section, hair), reasons);
    }

    private static ToolOrders orderFor(Dog dog, Coat coat, Section section) {
        RegionCoat hair = coat.at(section);
        if (hair.kind() == CoatKind.SMOOTH) {
            return ToolOrders.SMOOTH;
        }
        if (section == Section.MUZZLE) {
            return ToolOrders.FACE;
        }
        if (dog.isPuppy()) {
            return ToolOrders.PUPPY;
        }
        return switch (hair.kind()) {
            case DOUBLE -> coat.shedsAt(section) && !section.thinSkinned()
                    ? ToolOrders.DOUBLE_SHEDDING : ToolOrders.DOUBLE;
            case DROP -> ToolOrders.DROP;
            case CURLY -> isLongFleece(hair) ? ToolOrders.FLEECE : ToolOrders.CURLY;
            case WIRE, FEATHERED -> hair.isFurnishing() ? ToolOrders.FURNISHINGS : ToolOrders.JACKET;
            case SMOOTH -> ToolOrders.SMOOTH;
        };
    }

    private static boolean isLongFleece(RegionCoat hair) {
        return hair.isFleece() && hair.length().band() != LengthBand.SHORT;
    }

    private static PinWindow pins(Dog dog, Section section, RegionCoat hair, List<Reason> reasons) {
        PinTable table = PinTable.of(hair);
        PinWindow window = table.window(hair);
        reasons.add(new Reason(table.rule(), "Pins of " + mm(window.minMillimetres()) + " to "
                + mm(window.maxMillimetres()) + " because the " + hair.kind().label()
                + " hair there is " + mm(hair.length().millimetres()) + " long."));
        boolean shortAllowed = hair.kind() == CoatKind.DROP
                && (dog.isPuppy() || SHORT_PINS_ON_DROP.contains(section));
        if (shortAllowed && window.minMillimetres() > SHORTEST_PINS_MM) {
            reasons.add(new Reason("kit.pins-short-allowed",
                    "Short pins do too on a drop coat's feet, face, belly and lower legs, "
                            + "and on any puppy."));
            return new PinWindow(SHORTEST_PINS_MM, window.maxMillimetres());
        }
        return window;
    }

    private static Pad pad(RegionCoat hair, List<Reason> reasons) {
        Pad pad = PinTable.of(hair).pad(hair);
        reasons.add(new Reason("kit.pad", "A " + pad.words() + " pad because the hair is "
                + hair.density().label() + " and " + hair.texture().name().toLowerCase()
                + ": denser asks for firmer, silkier for softer."));
        return pad;
    }

    private static void addCautions(Dog dog, Section section, RegionCoat hair, List<Reason> reasons) {
        if (section.thinSkinned() && hair.kind() != CoatKind.SMOOTH) {
            reasons.add(new Reason("kit.thin-skin",
                    "Little but skin lies beneath here: the lightest hand, wires lifted before they scrape."));
        }
        if (dog.delicateSkin() || hair.pale()) {
            reasons.add(new Reason("kit.delicate-skin",
                    "Pale, thin or sensitive skin burns sooner under a brush: smooth or coated tips "
                            + "only, and never on over one spot."));
        }
    }
}
