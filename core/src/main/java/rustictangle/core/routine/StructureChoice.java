package rustictangle.core.routine;

import rustictangle.core.Reason;
import rustictangle.core.coat.CoatKind;
import rustictangle.core.coat.LengthBand;
import rustictangle.core.coat.RegionCoat;
import rustictangle.core.dog.Dog;
import rustictangle.core.dog.Section;
import rustictangle.core.kit.Match;
import rustictangle.core.kit.Need;
import rustictangle.core.kit.Structure;
import rustictangle.core.log.ToolKind;

/**
 * Whether the tools go round this dog one after the other, or a place is finished before the next, and why. Common
 * practice, no published source.
 */
record StructureChoice(Structure structure, Reason reason) {

    /** As chosen for this dog, else by what grows on its back. */
    static StructureChoice of(Dog dog, Match match) {
        StructureChoice proposed = proposed(dog, match.at(Section.BACK));
        return match.approach()
                .ways()
                .structure()
                .filter(chosen -> chosen != proposed.structure)
                .map(chosen -> new StructureChoice(
                        chosen,
                        new Reason(
                                "routine.structure-chosen",
                                "Your choice for this dog, " + chosen.label() + ": " + chosen.hint()
                                        + ". Proposed was: " + proposed.structure.label() + ".")))
                .orElse(proposed);
    }

    private static StructureChoice proposed(Dog dog, Need back) {
        if (dog.isPuppy()) {
            return choice(Structure.PLACE_BY_PLACE, "a puppy is done with a place before it has had enough");
        }
        if (goneOver(back)) {
            return choice(
                    Structure.TOOL_BY_TOOL,
                    "this coat is gone over, not parted, and a tool that goes round once is fetched once; the comb comes "
                            + "last and proves each place");
        }
        return choice(
                Structure.PLACE_BY_PLACE,
                back.hair().kind().mats()
                        ? "hair that lies parted is finished while it does"
                        : "so little hair asks for no second way round");
    }

    /** Short double, short silky hair, and fleece that pins lead through. */
    private static boolean goneOver(Need back) {
        RegionCoat hair = back.hair();
        boolean isShort = hair.length().band() == LengthBand.SHORT;
        return isShort && (hair.kind() == CoatKind.DOUBLE || hair.kind() == CoatKind.DROP)
                || hair.kind() == CoatKind.FLEECE && back.lead().hasPins() && back.lead() != ToolKind.SLICKER;
    }

    private static StructureChoice choice(Structure structure, String why) {
        return new StructureChoice(
                structure,
                new Reason(
                        "routine.structure",
                        Character.toUpperCase(structure.label().charAt(0))
                                + structure.label().substring(1) + ", because " + why + "."));
    }
}
