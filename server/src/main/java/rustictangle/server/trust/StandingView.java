package rustictangle.server.trust;

import rustictangle.core.dog.Section;
import rustictangle.core.trust.Rung;
import rustictangle.core.trust.Standing;

/** Where the dog stands at one section, with the words to show. */
public record StandingView(Section section, Rung rung, int rungNumber, String rungLabel, int relaxedInRow,
        boolean readyForBrushing) {

    static StandingView of(Section section, Standing standing) {
        Rung rung = standing.rung();
        return new StandingView(section, rung, rung.number(), rung.label(), standing.relaxedInRow(),
                rung.readyForBrushing());
    }
}
