package rustictangle.server.kit;

import jakarta.validation.constraints.NotNull;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import rustictangle.core.kit.Approach;
import rustictangle.core.kit.Hand;
import rustictangle.core.kit.LeadSchool;
import rustictangle.core.kit.MistSchool;
import rustictangle.core.kit.TipSchool;

/**
 * What the owner chose where practitioners disagree.
 *
 * @param lead absent: as each coat asks
 */
public record ApproachForm(
        @Nullable LeadSchool lead,
        @NotNull(message = "Choose which tips you trust.") TipSchool tips,
        @NotNull(message = "Choose where the mist goes.") MistSchool mist,
        @NotNull(message = "Say how practised your hand is.") Hand hand) {

    static ApproachForm of(Approach approach) {
        return new ApproachForm(approach.lead().orElse(null), approach.tips(), approach.mist(), approach.hand());
    }

    Approach approach() {
        return new Approach(Optional.ofNullable(lead), tips, mist, hand);
    }
}
