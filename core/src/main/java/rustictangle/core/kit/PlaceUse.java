package rustictangle.core.kit;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import rustictangle.core.Reason;
import rustictangle.core.Sure;
import rustictangle.core.Table;
import rustictangle.core.dog.Part;
import rustictangle.core.dog.Section;
import rustictangle.core.log.ToolKind;

/**
 * What is safe at a place, whatever the coat: a table that a groomer can proof-read, {@code places.txt}.
 *
 * @param slicker whether its wires may come there
 * @param rake    whether an undercoat rake may
 * @param rubber  whether rubber may circle there
 * @param strokes at most on one spot before moving on
 */
public record PlaceUse(Direction direction, boolean slicker, boolean rake, boolean rubber, int strokes) {

    /** The ways a brush may go. */
    public enum Direction {
        EVERY_WAY(""),
        WITH_THE_LIE("With the lie only, the lightest hand: little but skin lies beneath here."),
        ALONG_THE_LEATHER("Along the leather, from its middle to the edge, the ear lying in your palm."),
        AWAY_FROM_THE_EYES("Away from the eyes, with the lie: nothing stiff comes near them.");

        private final String says;

        Direction(String says) {
            this.says = says;
        }

        /** Why not otherwise; empty where every way is safe. */
        Optional<Reason> why() {
            return says.isEmpty() ? Optional.empty() : Optional.of(new Reason("kit.direction", says));
        }
    }

    private static final int COLUMNS = 6;
    private static final Map<Part, PlaceUse> TABLE =
            Table.byConstant(Part.class, PlaceUse.class, "places.txt", COLUMNS, PlaceUse::use);

    public static PlaceUse at(Section section) {
        return Sure.at(TABLE, section.part());
    }

    /** The same step as it is safe here; empty: not here at all. */
    Optional<ToolStep> fitted(ToolStep step) {
        return allows(step.tool()) ? Optional.of(step.led(fitted(step.manner()))) : Optional.empty();
    }

    private boolean allows(ToolKind tool) {
        return switch (tool.reach()) {
            case ANYWHERE -> true;
            case AS_SLICKER -> slicker;
            case AS_RAKE -> rake;
            case AS_RUBBER -> rubber;
        };
    }

    private Manner fitted(Manner manner) {
        if (!manner.againstOrAcross() || direction == Direction.EVERY_WAY) {
            return manner;
        }
        if (direction == Direction.ALONG_THE_LEATHER) {
            return Manner.ALONG_LEATHER;
        }
        return manner.parting() == Parting.STRIPS && direction == Direction.WITH_THE_LIE
                ? Manner.LIE_IN_STRIPS
                : Manner.WITH_LIE;
    }

    private static PlaceUse use(List<String> row) {
        return new PlaceUse(
                Table.constant(Direction.class, row.get(1)),
                Table.yes(row.get(2)),
                Table.yes(row.get(3)),
                Table.yes(row.get(4)),
                Integer.parseInt(row.get(5)));
    }
}
