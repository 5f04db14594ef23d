package rustictangle.core.kit;

import static rustictangle.core.Reason.mm;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import rustictangle.core.Reason;
import rustictangle.core.coat.Coat;
import rustictangle.core.coat.CoatKind;
import rustictangle.core.coat.CoatState;
import rustictangle.core.coat.Density;
import rustictangle.core.coat.HairLength;
import rustictangle.core.coat.LengthBand;
import rustictangle.core.coat.RegionCoat;
import rustictangle.core.coat.Unbrushed;
import rustictangle.core.dog.Dog;
import rustictangle.core.dog.LifeStage;
import rustictangle.core.dog.Part;
import rustictangle.core.dog.Region;
import rustictangle.core.dog.Section;
import rustictangle.core.log.ToolKind;

/** The match of one section's hair to tools. */
final class SectionMatch {

    /** Where short pins serve a drop coat too. Common practice, no published source. */
    private static final Set<Section> SHORT_PINS_ON_DROP =
            Section.of(Part.FRONT_FOOT, Part.HIND_FOOT, Part.MUZZLE, Part.BELLY, Part.FRONT_LEG, Part.HIND_LEG);
    /** Such hair is never worked dry: it snaps, and what is broken mats sooner. Common practice, no published source. */
    private static final Set<CoatKind> MISTED =
            EnumSet.of(CoatKind.DROP, CoatKind.CURLY, CoatKind.FLEECE, CoatKind.FEATHERED);

    /** Shortest pins of all, mm. Common practice, no published source. */
    private static final double SHORTEST_PINS_MM = 16;
    /** A T-shaped head is for the trousers of double coats on dogs from this mass, kg. Own estimate. */
    private static final double BIG_DOG_KG = 20;
    /** Dogs up to this mass are small: a small oval head. Own estimate. */
    private static final double SMALL_DOG_KG = 6;

    private static final Reason CHILDS = new Reason(
            "kit.child",
            "A child’s hand: rubber, bristle or wooden pins, with the lie, no comb. It stays unproved until an adult combs it.");

    private final Dog dog;
    private final Coat coat;
    private final Section section;
    private final RegionCoat hair;
    private final CoatState state;
    private final PlaceUse place;
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
        this.place = PlaceUse.at(section);
        this.approach = approach;
    }

    Need need() {
        return hair.kind().brushed() ? brushed() : handsOnly();
    }

    private Need handsOnly() {
        reasons.add(Unbrushed.limits(hair.kind()));
        List<ToolStep> look = List.of(new ToolStep(ToolKind.FINGERS, Manner.SEARCH));
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
                soft(),
                weakHand(),
                dog.mass().kilograms(),
                look,
                look,
                Finish.AS_IT_IS,
                DirectionSchool.BY_COAT,
                Optional.empty(),
                NeverRules.at(dog, section, hair, mayTakeSlickerToCrown()),
                reasons);
    }

    private Need brushed() {
        CoatOrder row = row();
        LeadSchool school = school(row);
        boolean childs = approach.hand() == Hand.CHILD && approach.hand().reaches(section);
        List<ToolStep> brushes = childs ? childs() : brushes(row, school);
        List<ToolStep> order = childs ? brushes : order(row, brushes);
        reasons.add(0, new Reason(row.rule(), OrderWords.of(row.coat(), order)));
        boolean schoolsDiffer = Arrays.stream(LeadSchool.values())
                        .map(other -> brushes(row, other))
                        .distinct()
                        .count()
                > 1;
        if (approach.lead().isPresent() && schoolsDiffer) {
            reasons.add(1, new Reason("kit.school", "Your choice, " + school.label() + ". " + school.hint()));
        }
        place.direction().why().filter(why -> hair.kind().mats()).ifPresent(reasons::add);
        // Also where no step asks for pins: a brush that stands in must still suit the hair.
        boolean pinned = (hair.kind().mats() || hair.isPlush()) && (!besideTheEyes() || hangs());
        Optional<PinTable.PinDemand> asked = !pinned
                ? Optional.empty()
                : Optional.of(
                        section == Section.MUZZLE ? PinTable.BESIDE_THE_EYES : PinTable.asked(hair, coat.shagginess()));
        if (softPad()) {
            asked = asked.map(PinTable.PinDemand::onASoftPad);
        }
        Optional<PinWindow> pins = asked.map(this::pins);
        asked.ifPresent(this::addPad);
        Optional<ToolKind> proof = Optional.empty();
        if (hair.kind().mats()) {
            proof = Optional.of(section == Section.MUZZLE ? ToolKind.FACE_COMB : ToolKind.COMB);
            reasons.add(childs ? CHILDS : new Reason("kit.comb-proves", combProves(order)));
        }
        addCautions(order);
        if (weakHand() && order.stream().anyMatch(step -> step.tool().hasPins())) {
            reasons.add(new Reason(
                    "kit.weak-hand", "For a hand that tires: a small head, no broader than it must be, held lightly."));
        }
        return new Need(
                section,
                hair,
                state,
                schoolsDiffer ? Optional.of(school) : Optional.empty(),
                brushes.get(brushes.size() - 1).tool(),
                pins,
                asked.map(PinTable.PinDemand::pad),
                tips(),
                head(),
                gentle(),
                soft(),
                weakHand(),
                dog.mass().kilograms(),
                order,
                childs ? order : acrossTheBand(row, order),
                childs || dog.isPuppy()
                        ? Finish.AS_IT_IS
                        : Finish.of(section, hair, approach.ways().finish()),
                approach.ways().direction(),
                proof,
                NeverRules.at(dog, section, hair, mayTakeSlickerToCrown()),
                reasons);
    }

    private List<ToolStep> childs() {
        ToolKind tool = hair.kind() == CoatKind.SMOOTH
                ? ToolKind.RUBBER_CURRY
                : hair.kind().mats() ? ToolKind.WOODEN_PIN_BRUSH : ToolKind.BRISTLE_BRUSH;
        return List.of(new ToolStep(tool, Manner.WITH_LIE));
    }

    private boolean besideTheEyes() {
        return place.direction() == PlaceUse.Direction.AWAY_FROM_THE_EYES;
    }

    private static String combProves(List<ToolStep> order) {
        boolean wide = order.stream().anyMatch(step -> step.manner() == Manner.PROVE_WIDE);
        boolean fine = order.stream()
                .anyMatch(step -> step.manner() == Manner.PROVE_FINE || step.manner() == Manner.COMB_LAYERS);
        return "A brush can glide over felt; only a comb from the root"
                + (wide && fine ? ", wide end first and then the fine one," : "")
                + " shows the skin was reached.";
    }

    /** Hair at the head that is long enough to tangle: a beard or a top-knot. */
    private boolean hangs() {
        return hair.kind().mats() && hair.length().band() != LengthBand.SHORT;
    }

    private CoatOrder row() {
        boolean sheds = state == CoatState.HEAVY_SHEDDING && place.rake();
        if (hair.kind() == CoatKind.SMOOTH) {
            return !place.rubber() ? CoatOrder.SMOOTH_ELSEWHERE : sheds ? CoatOrder.PLUSH_SHEDDING : CoatOrder.SMOOTH;
        }
        if (besideTheEyes()) {
            if (section == Section.MUZZLE) {
                return hangs() ? CoatOrder.BEARD : CoatOrder.FACE;
            }
            return hangs() ? CoatOrder.TOP_KNOT : CoatOrder.CROWN;
        }
        if (dog.isPuppy()) {
            return CoatOrder.PUPPY;
        }
        return switch (hair.kind()) {
            case DOUBLE -> sheds ? CoatOrder.DOUBLE_SHEDDING : CoatOrder.DOUBLE;
            case DROP -> CoatOrder.DROP;
            case CURLY -> CoatOrder.CURLY;
            case FLEECE -> hair.isLongFleece() ? CoatOrder.FLEECE : CoatOrder.CURLY;
            case WIRE, FEATHERED -> {
                if (hair.isFurnishing()) {
                    yield CoatOrder.FURNISHINGS;
                }
                yield sheds ? CoatOrder.JACKET_SHEDDING : CoatOrder.JACKET;
            }
            case SMOOTH, CORDED, HAIRLESS -> throw new IllegalStateException(hair.kind() + " has no such row");
        };
    }

    /** What brushes here by this school, as it is safe at this place and kind to this skin; the last of it leads. */
    private List<ToolStep> brushes(CoatOrder row, LeadSchool school) {
        List<ToolStep> brushes = row.brushes(school);
        boolean silk = row == CoatOrder.DROP || row == CoatOrder.FURNISHINGS;
        if (silk && section == Section.REAR_TROUSERS && school == LeadSchool.SLICKER_THEN_COMB) {
            // Whoever finds with the slicker brushes the trousers with pins and more mist.
            brushes = row.brushes(LeadSchool.PIN_SLICKER_COMB);
        }
        return Stream.concat(
                        slickerAtTheCrown(row),
                        brushes.stream()
                                .map(this::asChosen)
                                .flatMap(step -> place.fitted(step).stream())
                                .map(this::softened))
                .toList();
    }

    /** The way of a brush is its owner's to choose only where every way is safe. */
    private ToolStep asChosen(ToolStep step) {
        DirectionSchool direction = place.direction() == PlaceUse.Direction.EVERY_WAY
                ? approach.ways().direction()
                : DirectionSchool.BY_COAT;
        return step.led(step.manner().by(direction, approach.ways().stroke()));
    }

    /** A school of practised hands, for a dense top-knot; nobody is sent to buy one for it. */
    private Stream<ToolStep> slickerAtTheCrown(CoatOrder row) {
        return row == CoatOrder.TOP_KNOT && mayTakeSlickerToCrown()
                ? Stream.of(asChosen(new ToolStep(ToolKind.SLICKER, Manner.LAYERS, true)))
                : Stream.empty();
    }

    private boolean mayTakeSlickerToCrown() {
        return section == Section.CROWN
                && approach.ways().crown() == CrownSchool.LIGHTLY
                && approach.hand() == Hand.EXPERIENCED
                && hair.density() == Density.DENSE
                && hangs()
                && !dog.isPuppy();
    }

    /** Thin old skin takes wooden pins, where they get through; a puppy begins with them. */
    private ToolStep softened(ToolStep step) {
        boolean wooden = step.tool() == ToolKind.PIN_BRUSH
                && (dog.isPuppy() || dog.lifeStage() == LifeStage.ELDERLY && hair.density() != Density.DENSE);
        return wooden ? step.with(ToolKind.WOODEN_PIN_BRUSH) : step;
    }

    private List<ToolStep> acrossTheBand(CoatOrder row, List<ToolStep> order) {
        double there = LengthBand.SHORT_UP_TO_MM + (hair.length().band() == LengthBand.SHORT ? 1 : 0);
        SectionMatch across = new SectionMatch(dog, coat, section, approach, hair.ofLength(new HairLength(there)));
        CoatOrder other = across.row();
        return other == row ? order : across.order(other, across.brushes(other, across.school(other)));
    }

    private LeadSchool school(CoatOrder row) {
        return approach.lead().orElse(row.usual());
    }

    private List<ToolStep> order(CoatOrder row, List<ToolStep> brushes) {
        Set<ToolStep> steps = new LinkedHashSet<>();
        if (state == CoatState.NEGLECTED && !dog.isPuppy()) {
            reasons.add(new Reason(
                    "kit.neglected",
                    "Weeks without a comb: fingers "
                            + (approach.ways().mistWhen() == MistWhen.NEVER ? "" : "and mist ")
                            + "first, then from the "
                            + "ends inward. Mats that are tight or many are for a groomer."));
            steps.add(new ToolStep(ToolKind.FINGERS, Manner.SEARCH));
            if (approach.ways().mistWhen() != MistWhen.NEVER) {
                steps.add(mist());
            }
            steps.add(new ToolStep(brushes.get(0).tool(), Manner.ENDS_INWARD));
        }
        addSafe(row.before(), steps);
        if (row == CoatOrder.CROWN && misted()) {
            steps.add(mist());
        }
        steps.addAll(brushes);
        addSafe(row.after(), steps);
        if (state == CoatState.PUPPY_CHANGE && !besideTheEyes()) {
            reasons.add(new Reason(
                    "kit.puppy-change",
                    "The puppy coat gives way and tangles with the new one: comb out the old coat as you go."));
            steps.add(new ToolStep(ToolKind.COMB, Manner.COMB_OUT));
        }
        boolean combed = brushes.stream().anyMatch(step -> step.manner() == Manner.COMB_LAYERS);
        boolean fine = hair.kind() != CoatKind.DOUBLE || hair.density() != Density.DENSE || section.thinSkinned();
        row.proof().stream()
                .filter(step -> !combed || step.tool() != ToolKind.COMB)
                .filter(step -> fine || step.manner() != Manner.PROVE_FINE)
                .forEach(steps::add);
        if (MISTED.contains(hair.kind()) && approach.ways().mistWhen() != MistWhen.ALWAYS) {
            reasons.add(new Reason(
                    "kit.mist-school",
                    approach.ways().mistWhen() == MistWhen.NEVER
                            ? "Your choice, no mist: go slowly, dry hair snaps."
                            : "Your choice, mist only when needed: where the hair is dry, dirty or goes slowly."));
        }
        if (steps.stream().anyMatch(step -> step.manner() == Manner.ON_TOOL)) {
            reasons.add(new Reason(
                    "kit.mist-on-tool",
                    "Mist the tool, not the dog: kinder to sensitive skin and "
                            + "to a dog shy of spray. If the skin reacts, ask a vet."));
        }
        return List.copyOf(steps);
    }

    private void addSafe(List<ToolStep> some, Set<ToolStep> steps) {
        some.stream()
                .filter(step -> step.tool() != ToolKind.MIST || misted())
                .map(step -> step.tool() == ToolKind.MIST ? mist() : step)
                .flatMap(step -> place.fitted(step).stream())
                .forEach(steps::add);
    }

    private boolean misted() {
        return MISTED.contains(hair.kind()) && approach.ways().mistWhen() == MistWhen.ALWAYS;
    }

    private ToolStep mist() {
        if (section.region() == Region.HEAD || section.region() == Region.EARS) {
            return new ToolStep(ToolKind.MIST, Manner.FROM_PALM);
        }
        boolean onTool = approach.mist() == MistSchool.ON_TOOL
                || approach.mist() == MistSchool.BY_SKIN && (dog.delicateSkin() || dog.mayBeFrightened());
        return new ToolStep(ToolKind.MIST, onTool ? Manner.ON_TOOL : Manner.LIGHTLY);
    }

    private PinWindow pins(PinTable.PinDemand asked) {
        PinWindow window = asked.window();
        reasons.add(new Reason(
                asked.rule(),
                "Pins of " + mm(window.minMillimetres()) + " to " + mm(window.maxMillimetres()) + ", " + asked.because()
                        + "."));
        boolean shortAllowed = hair.kind() == CoatKind.DROP && (dog.isPuppy() || SHORT_PINS_ON_DROP.contains(section));
        if (shortAllowed && window.minMillimetres() > SHORTEST_PINS_MM) {
            reasons.add(new Reason(
                    "kit.pins-short-allowed",
                    "Short pins will do, too, on a drop coat’s feet, face, belly and lower legs, and on any puppy."));
            return new PinWindow(SHORTEST_PINS_MM, window.maxMillimetres());
        }
        return window;
    }

    /** Whatever the hair: a dog that learns, or may be afraid. */
    private boolean softPad() {
        return dog.isPuppy() || dog.mayBeFrightened();
    }

    /** Length decides the pad; what makes it firmer or softer than that is said. */
    private void addPad(PinTable.PinDemand asked) {
        if (softPad()) {
            reasons.add(new Reason(
                    "kit.pad-soft",
                    "A soft pad, whatever the hair: "
                            + (dog.isPuppy()
                                    ? "a puppy learns brushing once."
                                    : "this dog may be afraid of a brush.")));
            return;
        }
        if (besideTheEyes() && section == Section.MUZZLE) {
            reasons.add(new Reason("kit.pad-soft", "A soft pad, whatever the hair: it is beside the eyes."));
            return;
        }
        List<String> besides = new ArrayList<>();
        if (hair.density() == Density.DENSE) {
            besides.add("a little firmer because it is dense");
        }
        if (hair.density() == Density.SPARSE) {
            besides.add("a little softer because it is sparse");
        }
        if (PinTable.curls(hair)) {
            besides.add("a little firmer for curls");
        }
        String by = hair.kind() == CoatKind.WIRE || hair.kind() == CoatKind.DOUBLE || hair.isPlush()
                ? hair.kind().label() + " hair"
                : hair.kind().label() + " hair of " + mm(hair.length().millimetres());
        reasons.add(new Reason(
                "kit.pad",
                "A " + asked.pad().words() + " pad, for " + by
                        + (besides.isEmpty() ? "" : "; " + String.join(", ", besides)) + "."));
    }

    /**
     * Ball tips for a puppy and thin skin, straight ground ones otherwise, for the whole dog, unless the owner chose: a
     * thin place asks for a lighter hand, not for another brush.
     */
    private Tips tips() {
        return switch (approach.tips()) {
            case BALL -> Tips.BALL;
            case GROUND -> Tips.GROUND;
            case BY_SKIN -> dog.isPuppy() || dog.delicateSkin() ? Tips.BALL : Tips.GROUND;
        };
    }

    private HeadShape head() {
        boolean narrow = section.thinSkinned() && section != Section.BELLY;
        if (narrow) {
            return HeadShape.OBLONG;
        }
        double kilograms = dog.mass().kilograms();
        if (!weakHand()
                && section == Section.REAR_TROUSERS
                && hair.kind() == CoatKind.DOUBLE
                && kilograms >= BIG_DOG_KG) {
            return HeadShape.T_SHAPE;
        }
        return weakHand() || kilograms <= SMALL_DOG_KG ? HeadShape.SMALL_OVAL : HeadShape.OVAL;
    }

    private boolean weakHand() {
        return approach.hand() == Hand.TIRES || approach.hand() == Hand.CHILD;
    }

    private boolean gentle() {
        return approach.hand() != Hand.EXPERIENCED || section.thinSkinned() || dog.delicateSkin() || hair.pale();
    }

    /** Where a wooden or flexible brush is not a makeshift but the right one. */
    private boolean soft() {
        return dog.isPuppy() || dog.lifeStage() == LifeStage.ELDERLY || dog.mayBeFrightened();
    }

    private void addCautions(List<ToolStep> order) {
        if (hair.kind() == CoatKind.SMOOTH && order.stream().anyMatch(step -> step.tool() == ToolKind.RUBBER_CURRY)) {
            reasons.add(new Reason("kit.rubber-wet", "The same rubber works wet, in the bath."));
        }
        if (section.thinSkinned() && hair.kind().mats()) {
            reasons.add(new Reason(
                    "kit.thin-skin",
                    "Little but skin lies beneath here: the lightest hand, wires lifted before they scrape."));
        }
        if (dog.delicateSkin() || hair.pale()) {
            reasons.add(new Reason(
                    "kit.delicate-skin",
                    "Pale, thin or sensitive skin burns sooner under a brush: smooth or coated tips "
                            + "only, and never on and on at one spot."));
        }
        if (dog.lifeStage() == LifeStage.ELDERLY && hair.kind().mats()) {
            boolean wooden = order.stream().anyMatch(step -> step.tool() == ToolKind.WOODEN_PIN_BRUSH);
            reasons.add(new Reason(
                    "kit.elderly",
                    "An old dog's skin is thin and fragile: "
                            + (wooden
                                    ? "wooden pins are the kindest, in short turns."
                                    : "a light hand, in short turns.")));
        }
    }
}
