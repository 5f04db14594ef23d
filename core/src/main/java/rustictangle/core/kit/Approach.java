package rustictangle.core.kit;

import java.util.Objects;
import java.util.Optional;

/**
 * What the owner has chosen where practitioners disagree, and how practised the hand is.
 *
 * @param lead empty: as each coat asks
 */
public record Approach(Optional<LeadSchool> lead, TipSchool tips, MistSchool mist, Hand hand) {

    /** Nothing chosen yet, first brushes. */
    public static final Approach USUAL =
            new Approach(Optional.empty(), TipSchool.BY_SKIN, MistSchool.BY_SKIN, Hand.BEGINNER);

    public Approach {
        Objects.requireNonNull(lead, "lead");
        Objects.requireNonNull(tips, "tips");
        Objects.requireNonNull(mist, "mist");
        Objects.requireNonNull(hand, "hand");
    }

    /** The same with this school leading. */
    public Approach leadBy(LeadSchool school) {
        return new Approach(Optional.of(school), tips, mist, hand);
    }
}
