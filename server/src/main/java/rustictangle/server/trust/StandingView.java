package rustictangle.server.trust;

import java.util.Optional;
import rustictangle.core.dog.Section;
import rustictangle.core.log.Subject;
import rustictangle.core.trust.Ladder;
import rustictangle.core.trust.Rung;
import rustictangle.core.trust.Spot;
import rustictangle.core.trust.Standing;

/** Where the dog stands on one ladder, with the words to show. */
public record StandingView(
        Subject subject,
        Optional<Section> section,
        int rungNumber,
        String rungLabel,
        String met,
        int relaxedInRow,
        boolean readyForBrushing) {

    public static StandingView of(Spot spot, Standing standing) {
        Rung rung = standing.rung();
        Ladder.Step step = Ladder.of(spot.subject()).at(rung);
        return new StandingView(
                spot.subject(),
                spot.section(),
                rung.number(),
                step.label(),
                step.met(),
                standing.relaxedInRow(),
                rung.readyForBrushing());
    }
}
