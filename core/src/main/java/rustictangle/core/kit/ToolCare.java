package rustictangle.core.kit;

import java.time.LocalDate;
import java.util.Optional;
import rustictangle.core.Reason;
import rustictangle.core.log.ToolKind;

/**
 * How a tool is kept fit for use, and when it is due again.
 *
 * @param how what is done
 */
public record ToolCare(Reason how) {

    /** Between two washes of a tool that is in use, days. Own estimate. */
    private static final int DAYS = 14;

    /** @return empty: nothing is to be cleaned of it */
    public static Optional<ToolCare> of(ToolKind kind) {
        return switch (kind.cleaning()) {
            case COMB ->
                care(
                        "kit.care-comb",
                        "Wash it in warm water with a little soap, dry it, and run a fingertip along the teeth: a rough one catches.");
            case BRUSH ->
                care(
                        "kit.care-brush",
                        "Clear the hair out after every session: a full brush stops working. Now and then wash it in warm "
                                + "water with a little soap, and let it dry with the pins down. Look along the tips: none bent, none missing.");
            case PLAIN -> care("kit.care-plain", "Clear the hair out after every session, and rinse it now and then.");
            case NONE -> Optional.empty();
        };
    }

    private static Optional<ToolCare> care(String rule, String how) {
        return Optional.of(new ToolCare(new Reason(rule, how)));
    }

    /** When it is due again, two weeks after the last time; nobody is reminded of a tool that was never cleaned. */
    public static LocalDate due(LocalDate cleaned) {
        return cleaned.plusDays(DAYS);
    }
}
