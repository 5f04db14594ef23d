package rustictangle.server.session;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import rustictangle.core.Refused;
import rustictangle.core.dog.Section;
import rustictangle.core.log.Limits;
import rustictangle.core.log.SessionEvent;
import rustictangle.core.log.Signal;
import rustictangle.core.log.Warning;
import rustictangle.core.routine.RoutinePlace;
import rustictangle.core.session.Afterwards;
import rustictangle.core.session.SessionLog;
import rustictangle.core.trust.MayBegin;
import rustictangle.core.trust.Practice;
import rustictangle.server.coat.DogLoader;
import rustictangle.server.coat.KnownDog;
import rustictangle.server.frame.DeviceNames;
import rustictangle.server.frame.ScreenFacts;
import rustictangle.server.log.Logs;
import rustictangle.server.trust.Doors;
import rustictangle.server.trust.TrustLoader;

@RestController
@RequestMapping("/api/dogs/{dogId}/sessions")
record SessionController(
        SessionService service,
        SessionViews views,
        DogLoader dogs,
        TrustLoader trusts,
        Logs logs,
        DeviceNames devices,
        Clock clock)
        implements ScreenFacts {

    /**
     * @param sections in the order in which they will be done
     * @param atOnce   whether the first stroke comes at once, unless something must be asked before it; absent: it does not
     */
    record SessionForm(
            @NotNull(message = "Give the session an id of its own.") UUID id,
            @NotEmpty(message = "Choose at least one section.") List<@NotNull Section> sections,
            Boolean atOnce) {

        SessionForm {
            atOnce = atOnce != null && atOnce;
        }
    }

    /** @param note what the owner wants to remember; may be empty */
    record NoteForm(
            @NotNull(message = "Send an empty note to remove it.")
                    @Size(max = Limits.LONGEST_TEXT, message = "At most {max} characters; shorten it.")
                    String note) {}

    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    SessionView begin(@PathVariable long dogId, @Valid @RequestBody SessionForm form) {
        KnownDog known = dogs.get(dogId);
        boolean atOnce = form.atOnce() && !views.asks(known, form.sections());
        service.begin(form.id(), dogId, views.planned(known, form.sections()), atOnce, () -> {
            MayBegin may = trusts.may(known);
            Doors.refuse(may.brushing());
            form.sections().forEach(section -> Doors.refuse("sections", section.label(), may.brushing(section)));
        });
        return get(dogId, form.id());
    }

    /** The devices let in from the home on which something of it was said; none: all of it at the machine itself. */
    @GetMapping("/{sessionId}/devices")
    List<String> devices(@PathVariable long dogId, @PathVariable UUID sessionId) {
        service.get(dogId, sessionId);
        return logs.devicesOf(sessionId).stream()
                .flatMap(device -> devices.nameOf(device).stream())
                .toList();
    }

    @GetMapping("/{sessionId}")
    SessionView get(@PathVariable long dogId, @PathVariable UUID sessionId) {
        return views.view(dogs.get(dogId), service.get(dogId, sessionId));
    }

    /** The little that changes by itself, for a screen that looks often. */
    @GetMapping("/{sessionId}/pulse")
    SessionViews.Pulse pulse(@PathVariable long dogId, @PathVariable UUID sessionId) {
        return views.pulse(service.get(dogId, sessionId));
    }

    @PostMapping("/{sessionId}/events")
    SessionView record(@PathVariable long dogId, @PathVariable UUID sessionId, @Valid @RequestBody EntryForm form) {
        SessionEvent event = form.said();
        KnownDog known = dogs.get(dogId);
        if (event instanceof SessionEvent.KnotFelt knot
                && !known.coat().at(knot.section()).kind().brushed()) {
            throw new Refused("section", "Nothing is brushed there; mark a place with hair that is.");
        }
        SessionLog after = service.record(dogId, sessionId, form.id(), event, () -> refuse(known, event));
        return views.view(known, after);
    }

    /** What goes on with hands on the dog asks once more; what is told of it is heard. */
    private void refuse(KnownDog known, SessionEvent event) {
        if (event instanceof SessionEvent.Started || event instanceof SessionEvent.Resumed) {
            Doors.refuse(trusts.may(known).brushing());
        }
        if (event instanceof SessionEvent.KnotFelt knot) {
            Doors.refuse("section", knot.section().label(), trusts.may(known).brushing(knot.section()));
        }
    }

    /**
     * A brushing that was done without the session.
     *
     * @param day     on which it was, today or at most {@link #TOLD_DAYS} before
     * @param proved  whether the comb went through; without it, it counts half
     * @param minutes that it took; absent: nobody looked
     * @param warned  that the dog growled, snapped or bit; absent: it did not
     */
    record AfterwardsForm(
            @NotNull(message = "Give it an id of its own.") UUID id,
            @NotNull(message = "Say on which day, such as 2026-05-14.") LocalDate day,
            boolean proved,
            Optional<@Min(value = 1, message = "At least 1 minute; leave it empty when nobody looked.") Integer>
                    minutes,
            @NotEmpty(message = "Paint at least one place.") List<@Valid @NotNull PaintedForm> places,
            Optional<@Valid WarnedForm> warned) {}

    /** @param sections where hands were; none: nowhere in particular */
    record WarnedForm(
            @NotNull(message = "Say where; none: nowhere in particular.") List<@NotNull Section> sections,
            @NotNull(message = "Say what the dog did.") Warning warning) {}

    /**
     * @param tangles that came out, 0 to 99
     * @param mat     whether one stays in
     */
    record PaintedForm(
            @NotNull(message = "Say which place.") Section section,
            @Min(value = 0, message = "0 to 99 tangles.")
                    @Max(value = SessionEvent.SectionDone.MOST_TANGLES, message = "0 to 99 tangles.")
                    int tangles,
            boolean mat,
            @NotNull(message = "Say how the dog took it.") Signal signal) {}

    /** Longer ago nobody remembers place by place. Own estimate. */
    static final int TOLD_DAYS = 31;

    @PostMapping("/afterwards")
    @ResponseStatus(HttpStatus.CREATED)
    SessionView tell(@PathVariable long dogId, @Valid @RequestBody AfterwardsForm form) {
        KnownDog known = dogs.get(dogId);
        LocalDate today = LocalDate.now(clock);
        if (form.day().isAfter(today) || form.day().isBefore(today.minusDays(TOLD_DAYS))) {
            throw new Refused("day", "From " + today.minusDays(TOLD_DAYS) + " to today, " + today + ".");
        }
        Afterwards told = new Afterwards(
                form.places().stream()
                        .map(place -> new Afterwards.AnsweredPlace(
                                place.section(), place.tangles(), place.mat(), place.signal()))
                        .toList(),
                form.proved(),
                form.minutes().map(minutes -> 60 * minutes),
                form.warned().map(did -> new SessionEvent.Warned(did.sections(), did.warning())));
        List<Section> painted =
                told.places().stream().map(Afterwards.AnsweredPlace::section).toList();
        List<RoutinePlace> how = views.how(known, painted);
        service.tell(
                form.id(),
                dogId,
                form.day(),
                told,
                views.planned(known, how.stream().map(RoutinePlace::section).toList()),
                how,
                () -> {
                    MayBegin may = trusts.may(known);
                    painted.forEach(section -> Doors.refuse("places", section.label(), may.closedAt(section)));
                });
        return get(dogId, form.id());
    }

    /** Takes back all that was said in it. A repeat changes nothing. */
    @DeleteMapping("/{sessionId}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void takeBack(@PathVariable long dogId, @PathVariable UUID sessionId) {
        dogs.get(dogId);
        service.takeBack(dogId, sessionId);
    }

    @PutMapping("/{sessionId}/note")
    SessionView note(@PathVariable long dogId, @PathVariable UUID sessionId, @Valid @RequestBody NoteForm form) {
        dogs.get(dogId);
        service.note(dogId, sessionId, form.note());
        return get(dogId, sessionId);
    }

    @Override
    public Map<String, Object> facts() {
        return Map.of("toldDaysLater", TOLD_DAYS, "noesToEnd", Practice.NOES_TO_END);
    }
}
