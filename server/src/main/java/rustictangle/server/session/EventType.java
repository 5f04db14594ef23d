package rustictangle.server.session;

import java.util.Arrays;
import rustictangle.core.session.SessionEvent;

/** The name of each kind of event, over HTTP and in the log. */
enum EventType {
    STARTED(SessionEvent.Started.class),
    KNOT_FELT(SessionEvent.KnotFelt.class),
    LAYER_DONE(SessionEvent.LayerDone.class),
    HAIR_OUT(SessionEvent.HairCameOut.class),
    SIGNALLED(SessionEvent.Signalled.class),
    TREAT_GIVEN(SessionEvent.TreatGiven.class),
    PAUSED(SessionEvent.Paused.class),
    RESUMED(SessionEvent.Resumed.class),
    SECTION_DONE(SessionEvent.SectionDone.class),
    SECTION_SKIPPED(SessionEvent.SectionSkipped.class),
    SECTION_POSTPONED(SessionEvent.SectionPostponed.class),
    CAUGHT(SessionEvent.Caught.class),
    TEASED(SessionEvent.Teased.class),
    STOPPED(SessionEvent.Stopped.class),
    UNDONE(SessionEvent.Undone.class);

    private final Class<? extends SessionEvent> of;

    EventType(Class<? extends SessionEvent> of) {
        this.of = of;
    }

    static EventType of(SessionEvent event) {
        return Arrays.stream(values())
                .filter(type -> type.of.isInstance(event))
                .findFirst()
                .orElseThrow();
    }
}
