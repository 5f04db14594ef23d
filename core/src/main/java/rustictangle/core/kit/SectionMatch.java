package rustictangle.core.kit;

import static rustictangle.core.Reason.mm;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import rustictangle.core.Reason;
import rustictangle.core.coat.Coat;
import rustictangle.core.coat.CoatKind;
import rustictangle.core.coat.CoatState;
import rustictangle.core.coat.HairLength;
import rustictangle.core.coat.LengthBand;
import rustictangle.core.coat.RegionCoat;
import rustictangle.core.coat.Unbrushed;
import rustictangle.core.dog.Dog;
import rustictangle.core.dog.LifeStage;
import rustictangle.core.dog.Part;
import rustictangle.core.dog.Section;

/** The match of one section's hair to tools. */
final class SectionMatch {

    /** Where short pins serve a drop coat too. Common practice, no published source. */
    private static final Set<Section> SHORT_PINS_ON_DROP =
            Section.of(Part.FRONT_FOOT, Part.HIND_FOOT, Part.MUZZLE, Part.BELLY, Part.FRONT_LEG, Part.HIND_LEG);
    /** Shortest pins of all, mm. Common practice, no published source. */
    private static final double SHORTEST_PINS_MM = 16;
    /** A T-shaped head is for the trousers of double coats on dogs from this mass, kg. Own estimate. */
    private static final double BIG_DOG_KG = 20;
    /** Dogs up to this mass are small: a small oval head. Own estimate. */
    private static final double SMALL_DOG_KG = 6;

    private final Dog dog;
    private final Coat coat;
    private final Section section;
    private final RegionCoat hair;
    private final CoatState state;
    private final Approach approach;
    private final List<Reason> reasons = new ArrayList<>();

    SectionMatch(Dog dog, Coat coat, Section section, Approach approach) {
        this(dog, coat, section, approach, coat.at(section));
    }

    private SectionMatch(Dog dog, Coat coat, Section section, Approach approach, RegionCoat hair) {
        this.dog = dog;
        this.coat = coat;
        this.section = section;
        this.hair = hair;
        this.state = CoatState.of(dog, coat, section);
        this.approach = approach;
    }

    Need need() {
        return hair.kind().brushed() ? brushed() : handsOnly();
    }

    private Need handsOnly() {
        reasons.add(Unbrushed.limits(hair.kind()));
        return new Need(
                section,
                hair,
                state,
                Optional.empty(),
                ToolKind.FINGERS,
                Optional.empty(),
                Optional.empty(),
                tips(),
                head(),
                gentle(),
                dog.mass().kilograms(),
                List.of(new ToolStep(ToolKind.FINGERS, Manner.SEARCH)),
                List.of(new ToolStep(ToolKind.FINGERS, Manner.SEARCH)),
                Optional.empty(),
                NeverRules.at(dog, section, hair),
                reasons);
    }

    private Need brushed() {
        CoatOrder row = row();
        LeadSchool school = approach.lead().orElse(row.usual());
        reasons.add(new Reason(row.rule(), row.why()));
        if (approach.lead().isPresent() && row.dependsOnSchool()) {
            reasons.add(new Reason("kit.school", "Your choice, " + school.label() + ": " + school.suits()));
        }
        List<ToolStep> brushes = row.brushes(school);
        ToolKind lead = brushes.get(brushes.size() - 1).tool();
        List<ToolStep> order = order(row, brushes);
        // Also where no step asks for pins: a brush that stands in must still suit the hair.
        boolean pinned = hair.kind().mats() && section != Section.MUZZLE;
        Optional<PinWindow> pins = pinned ? Optional.of(pins()) : Optional.empty();
        Optional<Pad> pad = pinned ? Optional.of(pad()) : Optional.empty();
        Optional<ToolKind> proof = Optional.empty();
        if (hair.kind().mats()) {
            proof = Optional.of(section == Section.MUZZLE ? ToolKind.FACE_COMB : ToolKind.COMB);
            reasons.add(new Reason(
                    "kit.comb-proves",
                    "A brush can glide over felt; only a comb from the root, wide end "
                            + "first and then the fine one, shows the skin was reached."));
        }
        Tips tips = tips();
        addCautions();
        return new Need(
                section,
                hair,
                state,
                row.dependsOnSchool() ? Optional.of(school) : Optional.empty(),
                lead,
                pins,
                pad,
                tips,
                head(),
                gentle(),
                dog.mass().kilograms(),
                order,
                shorter(row, order),
                proof,
                NeverRules.at(dog, section, hair),
                reasons);
    }

    private CoatOrder row() {
        if (hair.kind() == CoatKind.SMOOTH) {
            return CoatOrder.SMOOTH;
        }
        if (section == Section.MUZZLE) {
            return CoatOrder.FACE;
        }
        if (dog.isPuppy()) {
            return CoatOrder.PUPPY;
        }
        boolean rakeable = state == CoatState.HEAVY_SHEDDING && !section.thinSkinned();
        return switch (hair.kind()) {
            case DOUBLE -> rakeable ? CoatOrder.DOUBLE_SHEDDING : CoatOrder.DOUBLE;
            case DROP -> CoatOrder.DROP;
            case CURLY -> hair.isLongFleece() ? CoatOrder.FLEECE : CoatOrder.CURLY;
            case WIRE, FEATHERED -> {
                if (hair.isFurnishing()) {
                    yield CoatOrder.FURNISHINGS;
                }
                yield rakeable ? CoatOrder.JACKET_SHEDDING : CoatOrder.JACKET;
            }
            case SMOOTH, CORDED, HAIRLESS -> throw new IllegalStateException(hair.kind() + " has no such row");
        };
    }

    private List<ToolStep> shorter(CoatOrder row, List<ToolStep> order) {
        SectionMatch shorter = new SectionMatch(
                dog, coat, section, approach, hair.ofLength(new HairLength(LengthBand.SHORT_UP_TO_MM)));
        return hair.length().band() == LengthBand.SHORT || shorter.row() == row
                ? order
                : shorter.need().order();
    }

    private List<ToolStep> order(CoatOrder row, List<ToolStep> brushes) {
        List<ToolStep> steps = new ArrayList<>();
        boolean neglected = state == CoatState.NEGLECTED && !dog.isPuppy();
        if (neglected) {
            reasons.add(new Reason(
                    "kit.neglected",
                    "Weeks without a comb: fingers and mist first, then from the "
                            + "ends inward. Mats that are tight or many are for a groomer."));
            steps.add(new ToolStep(ToolKind.FINGERS, Manner.SEARCH));
            steps.add(mist());
            steps.add(new ToolStep(brushes.get(0).tool(), Manner.ENDS_INWARD));
        }
        row.before().stream()
                .map(step -> step.tool() == ToolKind.MIST ? mist() : step)
                .filter(step -> !steps.contains(step))
                .forEach(steps::add);
        steps.addAll(brushes);
        steps.addAll(row.after());
        if (state == CoatState.PUPPY_CHANGE && section != Section.MUZZLE) {
            reasons.add(new Reason(
                    "kit.puppy-change",
                    "The puppy coat gives way and tangles with the new one: comb out the old coat as you go."));
            steps.add(new ToolStep(ToolKind.COMB, Manner.COMB_OUT));
        }
        boolean combed = brushes.stream().anyMatch(step -> step.manner() == Manner.COMB_LAYERS);
        if (!combed) {
            steps.addAll(row.proof());
        }
        return steps;
    }

    private ToolStep mist() {
        boolean onTool = approach.mist() == MistSchool.ON_TOOL
                || approach.mist() == MistSchool.BY_SKIN && (dog.delicateSkin() || dog.mayBeFrightened());
        if (onTool) {
            reasons.add(new Reason(
                    "kit.mist-on-tool",
                    "Mist the tool, not the dog: kinder to sensitive skin and "
                            + "to a dog shy of spray. If the skin reacts, ask a vet."));
        }
        return new ToolStep(ToolKind.MIST, onTool ? Manner.ON_TOOL : Manner.LIGHTLY);
    }

    private PinWindow pins() {
        PinTable table = PinTable.of(hair);
        PinWindow window = table.window(hair);
        reasons.add(new Reason(
                table.rule(),
                "Pins of " + mm(window.minMillimetres()) + " to "
                        + mm(window.maxMillimetres()) + " because the "
                        + hair.kind().label()
                        + " hair there is " + mm(hair.length().millimetres()) + " long."));
        boolean shortAllowed = hair.kind() == CoatKind.DROP && (dog.isPuppy() || SHORT_PINS_ON_DROP.contains(section));
        if (shortAllowed && window.minMillimetres() > SHORTEST_PINS_MM) {
            reasons.add(new Reason(
                    "kit.pins-short-allowed",
                    "Short pins do too on a drop coat's feet, face, belly and lower legs, and on any puppy."));
            return new PinWindow(SHORTEST_PINS_MM, window.maxMillimetres());
        }
        return window;
    }

    private Pad pad() {
        Pad pad = PinTable.of(hair).pad(hair);
        reasons.add(new Reason(
                "kit.pad",
                "A " + pad.words() + " pad because the hair is "
                        + hair.density().label() + " and "
                        + hair.texture().name().toLowerCase(Locale.ROOT)
                        + ": denser asks for firmer, silkier for softer."));
        return pad;
    }

    /** Ball tips for a puppy and thin skin, straight ground ones otherwise, unless the owner chose. */
    private Tips tips() {
        return switch (approach.tips()) {
            case BALL -> Tips.BALL;
            case GROUND -> Tips.GROUND;
            case BY_SKIN -> dog.isPuppy() || section.thinSkinned() || dog.delicateSkin() ? Tips.BALL : Tips.GROUND;
        };
    }

    private HeadShape head() {
        boolean narrow = section.thinSkinned() && section != Section.BELLY;
        if (narrow) {
            return HeadShape.OBLONG;
        }
        double kilograms = dog.mass().kilograms();
        if (section == Section.REAR_TROUSERS && hair.kind() == CoatKind.DOUBLE && kilograms >= BIG_DOG_KG) {
            return HeadShape.T_SHAPE;
        }
        return kilograms <= SMALL_DOG_KG ? HeadShape.SMALL_OVAL : HeadShape.OVAL;
    }

    private boolean gentle() {
        return approach.hand() != Hand.EXPERIENCED || section.thinSkinned() || dog.delicateSkin() || hair.pale();
    }

    private void addCautions() {
        if (section.thinSkinned() && hair.kind().mats()) {
            reasons.add(new Reason(
                    "kit.thin-skin",
                    "Little but skin lies beneath here: the lightest hand, wires lifted before they scrape."));
        }
        if (dog.delicateSkin() || hair.pale()) {
            reasons.add(new Reason(
                    "kit.delicate-skin",
                    "Pale, thin or sensitive skin burns sooner under a brush: smooth or coated tips "
                            + "only, and never on over one spot."));
        }
        if (dog.lifeStage() == LifeStage.ELDERLY && hair.kind().mats()) {
            reasons.add(new Reason(
                    "kit.elderly",
                    "An old dog's skin is thin and fragile: a wooden-pin brush is the kindest, in short turns."));
        }
    }
}
