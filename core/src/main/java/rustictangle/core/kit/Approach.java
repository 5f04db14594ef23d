package rustictangle.core.kit;

import java.util.Objects;
import java.util.Optional;

/**
 * What the owner has chosen where practitioners disagree, and how practised the hand is.
 *
 * @param lead empty: as each coat asks
 */
public record Approach(Optional<LeadSchool> lead, TipSchool tips, MistSchool mist, Hand hand, Ways ways) {

    /** Nothing chosen yet, first brushes. */
    public static final Approach USUAL =
            new Approach(Optional.empty(), TipSchool.BY_SKIN, MistSchool.BY_SKIN, Hand.BEGINNER);

    public Approach {
        Objects.requireNonNull(lead, "lead");
        Objects.requireNonNull(tips, "tips");
        Objects.requireNonNull(mist, "mist");
        Objects.requireNonNull(hand, "hand");
        Objects.requireNonNull(ways, "ways");
    }

    /** With nothing chosen but these. */
    public Approach(Optional<LeadSchool> lead, TipSchool tips, MistSchool mist, Hand hand) {
        this(lead, tips, mist, hand, Ways.USUAL);
    }

    /** The same with this school leading. */
    public Approach leadBy(LeadSchool school) {
        return leadBy(Optional.of(school));
    }

    /** @param school empty: as each coat asks */
    Approach leadBy(Optional<LeadSchool> school) {
        return new Approach(school, tips, mist, hand, ways);
    }

    Approach withTips(TipSchool chosen) {
        return new Approach(lead, chosen, mist, hand, ways);
    }

    Approach withMist(MistSchool chosen) {
        return new Approach(lead, tips, chosen, hand, ways);
    }

    Approach withHand(Hand chosen) {
        return new Approach(lead, tips, mist, chosen, ways);
    }

    public Approach withWays(Ways chosen) {
        return new Approach(lead, tips, mist, hand, chosen);
    }
}
