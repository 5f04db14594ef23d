package rustictangle.server.session;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import rustictangle.core.dog.Section;
import rustictangle.core.log.Said;
import rustictangle.core.routine.RoutinePlace;
import rustictangle.core.session.Afterwards;
import rustictangle.core.session.FirstTouch;
import rustictangle.core.trust.MayBegin;
import rustictangle.core.trust.Spot;
import rustictangle.server.coat.DogLoader;
import rustictangle.server.coat.KnownDog;
import rustictangle.server.frame.ViewProbe;
import rustictangle.server.log.Logs;
import rustictangle.server.routine.RoutineLoader;
import rustictangle.server.trust.Doors;
import rustictangle.server.trust.TrustLoader;

/** The first half minute with a new dog. */
@RestController
@RequestMapping("/api/dogs/{dogId}/first-touch")
record FirstTouchController(
        DogLoader dogs,
        RoutineLoader routines,
        TrustLoader trusts,
        SessionViews views,
        SessionService sessions,
        Logs logs,
        Clock clock)
        implements ViewProbe {

    /** @param id the sender's own, so that a repeat does no harm */
    record FirstTouchForm(
            @NotNull(message = "Give the answer an id of its own.") UUID id,
            @NotNull(message = "Say what came of it.") FirstTouch.Outcome outcome) {}

    @GetMapping
    FirstTouch get(@PathVariable long dogId) {
        return of(dogs.get(dogId));
    }

    private FirstTouch of(KnownDog known) {
        return FirstTouch.of(routines.picture(known), trusts.today(known));
    }

    @PostMapping
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void answer(@PathVariable long dogId, @Valid @RequestBody FirstTouchForm form) {
        KnownDog known = dogs.get(dogId);
        if (logs.has(form.id())) {
            return;
        }
        FirstTouch touch = of(known);
        FirstTouch.Written written = touch.written(form.outcome());
        written.brushed().ifPresent(told -> brushed(known, form.id(), told));
        written.said().ifPresent(said -> said(known, form, touch, said));
    }

    private void brushed(KnownDog known, UUID id, Afterwards told) {
        List<Section> sections =
                told.places().stream().map(Afterwards.AnsweredPlace::section).toList();
        List<RoutinePlace> how = views.how(known, sections);
        sessions.tell(id, known.id(), LocalDate.now(clock), told, views.planned(known, sections), how, () -> {
            MayBegin may = trusts.may(known);
            sections.forEach(section -> Doors.refuse("section", section.label(), may.closedAt(section)));
        });
    }

    /** A no is heard whatever was said before. */
    private void said(KnownDog known, FirstTouchForm form, FirstTouch touch, Said said) {
        logs.say(form.id(), known.id(), LocalDate.now(clock), said, () -> {
            MayBegin may = trusts.may(known);
            if (form.outcome() != FirstTouch.Outcome.LEFT) {
                touch.subject()
                        .ifPresentOrElse(
                                subject -> Doors.refuse(may.practice(new Spot(subject, touch.section()))),
                                () -> touch.section()
                                        .ifPresent(section ->
                                                Doors.refuse("section", section.label(), may.closedAt(section))));
            }
        });
    }

    @Override
    public void dog(long dogId) {
        get(dogId);
    }
}
