package rustictangle.core.log;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import rustictangle.core.dog.Section;

/**
 * One entry of the log, as it was said. Entries are only ever added.
 *
 * @param id        the sender's own, so that a repeat does no harm
 * @param at        when it was said
 * @param day       that it is about, where the dog lives
 * @param session   that it belongs to; empty: to none
 * @param takesBack the entry that does not stand any more because of this one; empty: none
 */
public record Entry(UUID id, Instant at, LocalDate day, Optional<UUID> session, Optional<UUID> takesBack, Said said) {

    public Entry {
        Objects.requireNonNull(id, "id");
        Objects.requireNonNull(at, "at");
        Objects.requireNonNull(day, "day");
        Objects.requireNonNull(said, "said");
        boolean back = said instanceof TakenBack || said instanceof SessionEvent.Undone;
        if (back != takesBack.isPresent()) {
            throw new IllegalArgumentException("entry " + id + (back ? " takes nothing back" : " takes back another"));
        }
        boolean ofSession =
                said instanceof SessionEvent || said instanceof SessionBegun || said instanceof SessionNoted;
        if (ofSession != session.isPresent()) {
            throw new IllegalArgumentException("entry " + id + (ofSession ? " is of no session" : " is of a session"));
        }
    }

    public Moment moment() {
        return new Moment(day, at);
    }

    /** What was done at each place by it. */
    public List<SessionEvent.SectionDone> done() {
        return said instanceof SessionEvent event ? event.done() : List.of();
    }

    /** Where it was brushed by it, and is still to be proved. */
    public List<Section> brushed() {
        return said instanceof SessionEvent event ? event.brushed() : List.of();
    }

    /** @return what it says, where it is of that kind */
    public <T extends Said> Optional<T> as(Class<T> kind) {
        return kind.isInstance(said) ? Optional.of(kind.cast(said)) : Optional.empty();
    }
}
