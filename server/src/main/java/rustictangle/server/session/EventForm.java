package rustictangle.server.session;

import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import rustictangle.core.Refused;
import rustictangle.core.dog.Section;
import rustictangle.core.session.Catch;
import rustictangle.core.session.Catch.Beneath;
import rustictangle.core.session.Catch.Lump;
import rustictangle.core.session.Catch.SkinLook;
import rustictangle.core.session.Catch.Spread;
import rustictangle.core.session.CombResult;
import rustictangle.core.session.HairOut;
import rustictangle.core.session.SessionEvent;
import rustictangle.core.trust.Signal;

/**
 * One entry of a session as the interface sends it.
 *
 * @param id      the sender's own, so that a repeat does no harm
 * @param section for a section that was done or skipped
 * @param comb    for a section that was done
 * @param tangles found, mats among them; absent or 0 when the comb ran free
 * @param signal  for a section that was done, for a try at what caught, and for how the dog takes it just now
 * @param found   for a comb that caught
 * @param seconds for a try at what caught, 1 to 1800
 * @param hair    for what a pass brought out; may be absent when it was weighed
 * @param grams   the same as weighed, 0 to 500
 */
record EventForm(
        @NotNull(message = "Give the entry an id of its own.") UUID id,
        @NotNull(message = "Name what happened.") EventType type,
        @Nullable Section section,
        @Nullable CombResult comb,
        @Min(value = 0, message = "0 to 99 tangles.")
                @Max(
                        value = SessionEvent.SectionDone.MOST_TANGLES,
                        message = "0 to 99 tangles; more is a groomer's coat.")
                @Nullable
                Integer tangles,
        @Nullable Signal signal,
        @Nullable @Valid FoundForm found,
        @Nullable
                @Min(value = 1, message = "A try takes 1 to 1800 seconds.")
                @Max(
                        value = SessionEvent.Teased.MOST_SECONDS,
                        message = "A try takes 1 to 1800 seconds; was the timer forgotten?")
                Integer seconds,
        @Nullable HairOut hair,
        @Nullable
                @DecimalMin(value = "0", message = "0 to 500 g.")
                @DecimalMax(value = "500", message = "0 to 500 g; weigh one pass at a time.")
                Double grams) {

    /** Four quick looks. */
    record FoundForm(
            @NotNull(message = "Look at the skin first.") SkinLook skin,
            @NotNull(message = "Say what is in the hair.") Lump lump,
            @NotNull(message = "Say whether the comb passes beneath.") Beneath beneath,
            @NotNull(message = "Say how many there are.") Spread spread) {}

    SessionEvent event() {
        return switch (type) {
            case STARTED -> new SessionEvent.Started();
            case KNOT_FELT -> new SessionEvent.KnotFelt(need("section", section));
            case LAYER_DONE -> new SessionEvent.LayerDone(need("section", section));
            case HAIR_OUT ->
                new SessionEvent.HairCameOut(need("section", section), hairOut(), Optional.ofNullable(grams));
            case SIGNALLED -> new SessionEvent.Signalled(need("section", section), need("signal", signal));
            case TREAT_GIVEN -> new SessionEvent.TreatGiven();
            case PAUSED -> new SessionEvent.Paused();
            case RESUMED -> new SessionEvent.Resumed();
            case SECTION_DONE ->
                new SessionEvent.SectionDone(
                        need("section", section),
                        need("comb", comb),
                        tangles == null ? 0 : tangles,
                        need("signal", signal));
            case SECTION_SKIPPED -> new SessionEvent.SectionSkipped(need("section", section));
            case SECTION_POSTPONED -> new SessionEvent.SectionPostponed(need("section", section));
            case CAUGHT -> new SessionEvent.Caught(need("section", section), caught(need("found", found)));
            case TEASED ->
                new SessionEvent.Teased(need("section", section), need("seconds", seconds), need("signal", signal));
            case STOPPED -> new SessionEvent.Stopped();
            case UNDONE -> new SessionEvent.Undone();
        };
    }

    private HairOut hairOut() {
        return grams == null ? need("hair", hair) : HairOut.weighing(grams);
    }

    private static Catch caught(FoundForm form) {
        return new Catch(form.skin(), form.lump(), form.beneath(), form.spread());
    }

    private static <T> T need(String field, @Nullable T value) {
        if (value == null) {
            throw new Refused(field, "Missing; this entry needs it.");
        }
        return value;
    }
}
