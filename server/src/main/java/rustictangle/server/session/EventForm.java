package rustictangle.server.session;

import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import rustictangle.core.dog.Section;
import rustictangle.core.session.CombResult;
import rustictangle.core.session.SessionEvent;
import rustictangle.core.trust.Signal;
import rustictangle.server.frame.BadField;

/**
 * One entry of a session as the interface sends it.
 *
 * @param id      the sender's own, so that a repeat does no harm
 * @param section for a section that was done or skipped
 * @param comb    for a section that was done
 * @param tangles found, mats among them; 0 when the comb ran free
 * @param signal  for a section that was done
 */
record EventForm(
        @NotNull(message = "Give the entry an id of its own.") UUID id,
        @NotNull(message = "Name what happened.") Type type,
        @Nullable Section section,
        @Nullable CombResult comb,
        @Min(value = 0, message = "0 to 99 tangles.")
        @Max(value = SessionEvent.SectionDone.MOST_TANGLES, message = "0 to 99 tangles; more is a groomer's coat.")
        int tangles,
        @Nullable Signal signal) {

    enum Type { SECTION_DONE, SECTION_SKIPPED, STOPPED, UNDONE }

    SessionEvent event() {
        return switch (type) {
            case SECTION_DONE -> new SessionEvent.SectionDone(need("section", section), need("comb", comb),
                    tangles, need("signal", signal));
            case SECTION_SKIPPED -> new SessionEvent.SectionSkipped(need("section", section));
            case STOPPED -> new SessionEvent.Stopped();
            case UNDONE -> new SessionEvent.Undone();
        };
    }

    private static <T> T need(String field, @Nullable T value) {
        if (value == null) {
            throw new BadField(field, "Missing; a section that was done needs section, comb and signal.");
        }
        return value;
    }
}
