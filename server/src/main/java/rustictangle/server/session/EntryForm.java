package rustictangle.server.session;

import jakarta.validation.constraints.NotNull;
import java.util.UUID;
import rustictangle.core.log.SessionEvent;

/**
 * One entry of a session as the interface sends it.
 *
 * @param id   the sender's own, so that a repeat does no harm
 * @param said what happened
 */
record EntryForm(
        @NotNull(message = "Give the entry an id of its own.") UUID id,
        @NotNull(message = "Say what happened.") SessionEvent said) {}
