package rustictangle.core.kit;

import java.util.List;
import java.util.Optional;
import rustictangle.core.Reason;
import rustictangle.core.coat.CoatState;
import rustictangle.core.coat.Density;
import rustictangle.core.coat.RegionCoat;
import rustictangle.core.dog.Section;
import rustictangle.core.log.ToolKind;

/**
 * What one section asks of the tools.
 *
 * @param hair    what grows there
 * @param state   what state it is in
 * @param school  the school followed here; empty where all schools agree
 * @param lead    the tool that does the brushing; {@link ToolKind#FINGERS} where nothing is brushed
 * @param pins    pin or wire length of any pinned tool used here; empty on a smooth coat, on the
 *                face, and where nothing is brushed
 * @param pad     how firmly those pins are held; empty where pins are
 * @param tips    how pins should end here
 * @param head    the head shape that serves this place best
 * @param gentle  whether a slicker should have coated tips or a flexible head here
 * @param soft    whether a wooden or soft flexible brush is right here wherever pins are asked for: puppies, the
 *                frightened and the old
 * @param weakHand whether the hand tires soon, or is a child's: a broad head is too much for it
 * @param brushKg body mass in kg, to which the width of a brush is fitted
 * @param order   every tool in its turn; only a look with the fingers where nothing is brushed
 * @param acrossTheBand the same if short hair were longer, or longer hair short, where that asks for other tools; else as
 *                {@code order}
 * @param finish  how the hair is left in the end
 * @param direction which way the owner has chosen to brush, where every way is safe
 * @param proof   the comb that shows whether the skin was reached; empty where hair does not mat
 * @param never   what must not be used here
 * @param reasons all of them, in the order of the answers they explain
 */
public record Need(
        Section section,
        RegionCoat hair,
        CoatState state,
        Optional<LeadSchool> school,
        ToolKind lead,
        Optional<PinWindow> pins,
        Optional<Pad> pad,
        Tips tips,
        HeadShape head,
        boolean gentle,
        boolean soft,
        boolean weakHand,
        double brushKg,
        List<ToolStep> order,
        List<ToolStep> acrossTheBand,
        Finish finish,
        DirectionSchool direction,
        Optional<ToolKind> proof,
        List<NeverHere> never,
        List<Reason> reasons) {

    public Need {
        order = List.copyOf(order);
        acrossTheBand = List.copyOf(acrossTheBand);
        never = List.copyOf(never);
        reasons = List.copyOf(reasons);
    }

    /** Where in the order the leading tool's last turn is; -1: it has none. */
    int leading() {
        for (int s = order.size() - 1; s >= 0; s--) {
            if (order.get(s).tool() == lead && order.get(s).manner().brushes()) {
                return s;
            }
        }
        return -1;
    }

    /** Teeth of a comb for long dense hair, mm. Own estimate. */
    public static final double LONG_TEETH_MM = 30;

    private static final double LONG_HAIR_MM = 60;

    /** Whether a comb's teeth should be long: in long dense hair. Common practice, no published source; how long, an own estimate. */
    public boolean asksForLongTeeth() {
        return hair.kind().mats()
                && hair.density() == Density.DENSE
                && hair.length().millimetres() > LONG_HAIR_MM;
    }

    /** How the leading tool is led; where nothing leads, as hands search. */
    public Manner leadingManner() {
        int leading = leading();
        return leading < 0 ? Manner.SEARCH : order.get(leading).manner();
    }

    /** How the hair is parted here when it is longer than the pins reach: as what brushes last asks. */
    public Parting parting() {
        return parting(order);
    }

    /** The same by another order. */
    public static Parting parting(List<ToolStep> order) {
        return order.stream()
                .map(step -> step.manner().parting())
                .filter(parting -> parting != Parting.NONE)
                .reduce(Parting.NONE, (first, last) -> last);
    }

    /** Whether brush or comb has a job here at all. */
    public boolean brushed() {
        return hair.kind().brushed();
    }

    /** The reason this kind must not be used here; empty when it may be. */
    public Optional<Reason> forbids(ToolKind kind) {
        for (NeverHere here : never) {
            if (here.tools().contains(kind)) {
                return Optional.of(here.why());
            }
        }
        return Optional.empty();
    }

    /** How firm the pad of a brush should be: soft where it is soft by its kind, whatever hair it goes through. */
    public double padWanted(Tool tool) {
        return tool.kind().isSoft()
                ? PadKind.SOFT.firmness()
                : pad.orElseThrow().firmness();
    }
}
