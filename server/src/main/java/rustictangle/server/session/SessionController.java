package rustictangle.server.session;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.UUID;
import org.springframework.http.HttpStatus;
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
import rustictangle.core.log.SessionEvent;
import rustictangle.core.session.SessionLog;
import rustictangle.server.coat.DogLoader;
import rustictangle.server.coat.KnownDog;

@RestController
@RequestMapping("/api/dogs/{dogId}/sessions")
class SessionController {

    /** @param sections in the order in which they will be done */
    record SessionForm(
            @NotNull(message = "Give the session an id of its own.") UUID id,
            @NotEmpty(message = "Choose at least one section.") List<@NotNull Section> sections) {}

    /** @param note what the owner wants to remember; may be empty */
    record NoteForm(
            @NotNull(message = "Send an empty note to remove it.")
                    @Size(max = 1000, message = "At most {max} characters; shorten it.")
                    String note) {}

    private final SessionService service;
    private final SessionViews views;
    private final DogLoader dogs;

    SessionController(SessionService service, SessionViews views, DogLoader dogs) {
        this.service = service;
        this.views = views;
        this.dogs = dogs;
    }

    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    SessionView begin(@PathVariable long dogId, @Valid @RequestBody SessionForm form) {
        KnownDog known = dogs.get(dogId);
        service.begin(form.id(), dogId, views.planned(known, form.sections()));
        return get(dogId, form.id());
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
        SessionLog after = service.record(
                dogId,
                sessionId,
                form.id(),
                event,
                () -> views.layers(known, event.about().orElseThrow()));
        return views.view(known, after);
    }

    @PutMapping("/{sessionId}/note")
    SessionView note(@PathVariable long dogId, @PathVariable UUID sessionId, @Valid @RequestBody NoteForm form) {
        dogs.get(dogId);
        service.note(dogId, sessionId, form.note());
        return get(dogId, sessionId);
    }
}
