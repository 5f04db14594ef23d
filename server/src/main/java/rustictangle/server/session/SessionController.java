package rustictangle.server.session;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import rustictangle.core.dog.Section;
import rustictangle.core.rhythm.SectionRhythm;
import rustictangle.core.session.CatchAdvice;
import rustictangle.core.session.Session;
import rustictangle.core.session.SessionState;
import rustictangle.server.rhythm.Rhythms;
import rustictangle.server.coat.KnownDog;
import rustictangle.server.coat.KnownDogs;
import rustictangle.server.routine.RoutineView;
import rustictangle.server.routine.Routines;
import rustictangle.server.session.SessionStore.StoredSession;

@RestController
@RequestMapping("/api/dogs/{dogId}/sessions")
class SessionController {

    /** @param sections in the order in which they will be done */
    record SessionForm(
            @NotNull(message = "Give the session an id of its own.") UUID id,
            @NotEmpty(message = "Choose at least one section.") List<@NotNull Section> sections) { }

    private final SessionService service;
    private final KnownDogs dogs;
    private final Routines routines;
    private final Rhythms rhythms;

    SessionController(SessionService service, KnownDogs dogs, Routines routines, Rhythms rhythms) {
        this.service = service;
        this.dogs = dogs;
        this.routines = routines;
        this.rhythms = rhythms;
    }

    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    SessionView begin(@PathVariable long dogId, @Valid @RequestBody SessionForm form) {
        dogs.get(dogId);
        service.begin(form.id(), dogId, form.sections());
        return get(dogId, form.id());
    }

    @GetMapping("/{sessionId}")
    SessionView get(@PathVariable long dogId, @PathVariable UUID sessionId) {
        KnownDog known = dogs.get(dogId);
        StoredSession session = service.get(dogId, sessionId);
        Session log = service.session(sessionId);
        SessionState state = log.state();
        return SessionView.of(session, state, caught(known, log),
                RoutineView.of(routines.of(known, state.plan())));
    }

    private Optional<CatchAdvice> caught(KnownDog known, Session log) {
        Optional<Section> here = log.state().current();
        if (here.isEmpty()) {
            return Optional.empty();
        }
        Set<Section> matted = rhythms.of(known).sections().stream()
                .filter(section -> section.state() == SectionRhythm.State.MAT_LEFT)
                .map(SectionRhythm::section).collect(Collectors.toSet());
        int canMat = (int) Arrays.stream(Section.values()).filter(s -> known.coat().at(s).kind().mats()).count();
        boolean tender = known.dog().delicateSkin() || here.get().thinSkinned() || known.coat().at(here.get()).pale();
        return log.catchAdvice(matted, canMat, tender);
    }

    @PostMapping("/{sessionId}/events")
    SessionView record(@PathVariable long dogId, @PathVariable UUID sessionId, @Valid @RequestBody EventForm form) {
        service.record(dogId, sessionId, form.id(), form.event());
        return get(dogId, sessionId);
    }
}
