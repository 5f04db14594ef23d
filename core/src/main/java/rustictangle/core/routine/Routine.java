package rustictangle.core.routine;

import java.util.ArrayList;
import java.util.Collection;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import rustictangle.core.Reason;
import rustictangle.core.coat.Coat;
import rustictangle.core.coat.RegionCoat;
import rustictangle.core.dog.BodySurface;
import rustictangle.core.dog.Dog;
import rustictangle.core.dog.Section;
import rustictangle.core.kit.Kit;
import rustictangle.core.kit.Manner;
import rustictangle.core.kit.Need;
import rustictangle.core.kit.Order;
import rustictangle.core.kit.Parting;
import rustictangle.core.kit.PlaceUse;
import rustictangle.core.kit.SectionKit;
import rustictangle.core.kit.StepKit;
import rustictangle.core.kit.Structure;
import rustictangle.core.kit.ToolStep;
import rustictangle.core.log.CombResult;
import rustictangle.core.log.LifeEvent;
import rustictangle.core.log.ToolKind;
import rustictangle.core.trust.Trust;

/**
 * What to do now: which sections, in which order, how, and how long.
 *
 * @param whyOrder     the reason for the order
 * @param structure    whether a place is finished before the next, or one tool goes everywhere before the next
 * @param whyStructure the reason for that
 * @param places        in that order; empty when nothing was asked for
 * @param totalSeconds the sum of the places' seconds
 * @param fromSeconds  the lower end of a range in which the whole lies with a probability of two thirds
 * @param toSeconds    its upper end
 * @param whyMinutes   how that time was reckoned
 * @param cautions     what can go wrong today, said before it does
 * @param preparation  what comes before the first stroke
 */
public record Routine(
        Order order,
        Reason whyOrder,
        Structure structure,
        Reason whyStructure,
        List<RoutinePlace> places,
        double totalSeconds,
        double fromSeconds,
        double toSeconds,
        Reason whyMinutes,
        List<Reason> cautions,
        Preparation preparation) {

    /** Strokes on one spot before moving on. Common practice, no published source: 2 to 3. */
    private static final int STROKES_AT_MOST = 3;
    /** The same where skin is pale, thin or sensitive. */
    private static final int STROKES_ON_DELICATE_SKIN = 2;

    public Routine {
        places = List.copyOf(places);
        cautions = List.copyOf(cautions);
    }

    /**
     * The routine for these sections. Where nothing is brushed it is only a look with the fingers.
     *
     * @param kit    which tools the sections ask for, and which the owner has
     * @param matted where a mat is known to be
     */
    public static Routine of(
            Dog dog, Coat coat, Kit kit, Trust trust, Collection<Section> matted, Collection<Section> sections) {
        return of(dog, coat, kit, trust, matted, sections, Set.of());
    }

    /** @param happened what the day did to the dog so far */
    static Routine of(
            Dog dog,
            Coat coat,
            Kit kit,
            Trust trust,
            Collection<Section> matted,
            Collection<Section> sections,
            Set<LifeEvent> happened) {
        boolean mats = !matted.isEmpty();
        OrderChoice choice = OrderChoice.of(
                dog, coat, trust, mats, kit.match().approach().ways().order());
        StructureChoice round = StructureChoice.of(dog, kit.match());
        Set<Section> wanted = EnumSet.noneOf(Section.class);
        wanted.addAll(sections);
        List<RoutinePlace> places = choice.order().sequence().stream()
                .filter(wanted::contains)
                .map(kit::at)
                .map(section -> place(dog, coat, trust, section, round.structure()))
                .toList();
        return of(
                choice.order(),
                choice.reason(),
                round.structure(),
                round.reason(),
                places,
                whyMinutes(dog),
                Cautions.of(dog, coat, wanted, mats),
                Preparation.of(
                        dog,
                        coat,
                        places,
                        mats,
                        happened,
                        trust,
                        kit.match().approach().ways().loop()));
    }

    private static Routine of(
            Order order,
            Reason whyOrder,
            Structure structure,
            Reason whyStructure,
            List<RoutinePlace> places,
            Reason whyMinutes,
            List<Reason> cautions,
            Preparation preparation) {
        Pace.Time whole = Pace.together(places);
        return new Routine(
                order,
                whyOrder,
                structure,
                whyStructure,
                places,
                whole.seconds(),
                whole.fromSeconds(),
                whole.toSeconds(),
                whyMinutes,
                cautions,
                preparation);
    }

    /** The same at the pace this owner has shown. */
    public Routine atPace(Pace pace) {
        return of(
                order,
                whyOrder,
                structure,
                whyStructure,
                places.stream().map(place -> place.taking(pace.at(place))).toList(),
                pace.why().orElse(whyMinutes),
                cautions,
                preparation);
    }

    private static RoutinePlace place(Dog dog, Coat coat, Trust trust, SectionKit all, Structure structure) {
        boolean blows = all.need().order().stream().anyMatch(step -> step.tool() == ToolKind.DRYER);
        SectionKit here = blows && !trust.knowsTheDryer() ? all.without(ToolKind.DRYER) : all;
        Need need = here.need();
        Section section = need.section();
        RegionCoat hair = coat.at(section);
        Layers layers =
                Layers.of(here, coat.shagginess(), BodySurface.of(dog.mass()).heightMillimetres(section));
        boolean delicate = dog.delicateSkin() || hair.pale();
        List<Reason> reasons = new ArrayList<>(need.reasons());
        reasons.add(layers.why());
        int strokesAtMost =
                delicate ? STROKES_ON_DELICATE_SKIN : PlaceUse.at(section).strokes();
        reasons.add(strokesGuard(delicate, strokesAtMost));
        double estimate = WorkTime.seconds(dog, coat, here, delicate, structure);
        List<StepKit> inHand = inHand(here);
        boolean parted = layers.count() > 1
                && inHand.stream().anyMatch(tool -> tool.step().manner().parting() != Parting.NONE);
        return new RoutinePlace(
                section,
                inHand,
                here.steps().stream()
                        .filter(StepKit::missing)
                        .map(tool -> tool.step().tool())
                        .distinct()
                        .toList(),
                need.proof().isPresent(),
                here.proves() ? CombResult.GLIDES : CombResult.BRUSHED,
                Misting.at(section, need.order()),
                Hold.at(section, hair, parted ? layers.parting() : Parting.NONE, trust),
                Hold.at(section, hair, Parting.NONE, trust),
                layers,
                parted,
                Passes.of(need),
                strokesAtMost,
                estimate,
                Pace.UNKNOWN.low(estimate),
                Pace.UNKNOWN.high(estimate),
                Method.at(section, need, layers.count() > 1 && layers.parting() != Parting.STRIPS),
                reasons);
    }

    /** What there is of what is asked for; where no brush is, the fingers. */
    private static List<StepKit> inHand(SectionKit here) {
        List<StepKit> there = here.steps().stream().filter(StepKit::there).toList();
        if (!here.need().brushed()) {
            return there;
        }
        List<StepKit> brushes =
                there.stream().filter(tool -> tool.step().manner().brushes()).toList();
        if (brushes.isEmpty()) {
            List<StepKit> withFingers = new ArrayList<>();
            withFingers.add(new StepKit(new ToolStep(ToolKind.FINGERS, Manner.ENDS_INWARD), Optional.empty()));
            there.stream()
                    .filter(tool -> tool.step().tool() != ToolKind.FINGERS)
                    .forEach(withFingers::add);
            return withFingers;
        }
        Manner leading = here.need().leadingManner();
        boolean reached = leading.parting() == Parting.NONE
                || brushes.stream().anyMatch(tool -> tool.step().manner().parting() != Parting.NONE);
        StepKit last = brushes.get(brushes.size() - 1);
        // Without the brush that goes to the skin, the one that there is goes: the top alone is no brushing.
        return reached || !last.step().tool().hasPins()
                ? there
                : there.stream()
                        .map(tool -> tool == last
                                ? new StepKit(new ToolStep(tool.step().tool(), leading), tool.best())
                                : tool)
                        .toList();
    }

    private static Reason whyMinutes(Dog dog) {
        return new Reason(
                "routine.minutes",
                String.format(
                        Locale.ROOT,
                        "An estimate: partings and strokes over "
                                + "the %.2f m² of a dog of %s, at a calm pace. Treats and pauses come on top.",
                        BodySurface.of(dog.mass()).squareMetres(),
                        Reason.kg(dog.mass().kilograms())));
    }

    private static Reason strokesGuard(boolean delicate, int strokesAtMost) {
        if (!delicate && strokesAtMost == STROKES_ON_DELICATE_SKIN) {
            return new Reason(
                    "routine.strokes-thin", "At most 2 strokes on one spot, then move on: the skin is thin here.");
        }
        return delicate
                ? new Reason(
                        "routine.strokes-delicate",
                        "At most 2 strokes on one spot, then move on: this skin burns sooner.")
                : new Reason(
                        "routine.strokes", "2 or 3 strokes on one spot, then move on: more of them burn the skin.");
    }

    /** What can go wrong today, said before it does. */
    private static final class Cautions {

        static List<Reason> of(Dog dog, Coat coat, Set<Section> wanted, boolean mats) {
            List<Reason> list = new ArrayList<>();
            if (mats) {
                list.add(new Reason(
                        "routine.mats",
                        "A mat is waiting: no scissors near it, no bath over it, no comb pulled from the root."));
            }
            if (dog.flatFace()) {
                list.add(new Reason(
                        "routine.flat-face",
                        "A flat-faced dog overheats: cool air only, short turns, watch its breathing."));
            }
            if (dog.delicateSkin()) {
                list.add(new Reason(
                        "routine.delicate-skin",
                        "Delicate skin: light hand. Red, wet, broken or hot skin: stop and ask a vet."));
            }
            if (wanted.stream().anyMatch(coat::shedsAt)) {
                list.add(new Reason(
                        "routine.shedding", "Lift only what is already loose; never rake at hair that still holds."));
            }
            return list;
        }
    }
}
