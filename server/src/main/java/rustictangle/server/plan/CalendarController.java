package rustictangle.server.plan;

import java.io.IOException;
import java.io.StringReader;
import java.time.Clock;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import net.fortuna.ical4j.data.CalendarBuilder;
import net.fortuna.ical4j.data.ParserException;
import net.fortuna.ical4j.model.Content;
import net.fortuna.ical4j.model.Property;
import net.fortuna.ical4j.model.component.VEvent;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import rustictangle.server.coat.KnownDogs;
import rustictangle.server.frame.BadField;
import rustictangle.server.frame.NotThere;
import rustictangle.server.household.HouseholdStore;
import rustictangle.server.visit.VisitStore;

/** The plan in the owner's own calendar, and a groomer's appointment out of theirs. */
@RestController
class CalendarController {

    private static final String ICALENDAR = "text/calendar;charset=UTF-8";
    private static final int MOST_CHARACTERS = 2_000_000;
    /** Visits that were so long ago are no longer written. */
    private static final int PAST_MONTHS = 12;

    /** @param path of this server under which a calendar can subscribe; whoever knows it can read the plan */
    record CalendarView(String path) { }

    /** @param day that was taken over as the next groom */
    record Imported(LocalDate day, String summary) { }

    private final Plans plans;
    private final KnownDogs dogs;
    private final VisitStore visits;
    private final HouseholdStore households;
    private final Clock clock;

    CalendarController(Plans plans, KnownDogs dogs, VisitStore visits, HouseholdStore households, Clock clock) {
        this.plans = plans;
        this.dogs = dogs;
        this.visits = visits;
        this.households = households;
        this.clock = clock;
    }

    @GetMapping("/api/calendar")
    CalendarView address() {
        return view(households.calendarKey().orElseGet(this::newKey));
    }

    /** Another address; the old one is no longer answered. */
    @PostMapping("/api/calendar")
    CalendarView renew() {
        return view(newKey());
    }

    private String newKey() {
        String key = UUID.randomUUID().toString();
        households.setCalendarKey(key);
        return key;
    }

    private static CalendarView view(String key) {
        return new CalendarView("/api/calendar/" + key + ".ics");
    }

    @GetMapping(value = "/api/calendar/{key}.ics", produces = ICALENDAR)
    ResponseEntity<String> calendar(@PathVariable String key) {
        if (!households.calendarKey().equals(Optional.of(key))) {
            throw new NotThere("calendar", key);
        }
        return ResponseEntity.ok().header(HttpHeaders.CONTENT_DISPOSITION, "inline; filename=\"rustic-tangle.ics\"")
                .body(PlanCalendar.of(plans.now(), visits.since(LocalDate.now(clock).minusMonths(PAST_MONTHS)), clock.instant()));
    }

    /** The first event after today in a groomer's calendar file is the next groom. */
    @PostMapping(value = "/api/dogs/{dogId}/groom-calendar", consumes = "text/calendar")
    Imported take(@PathVariable long dogId, @RequestBody String file) {
        dogs.get(dogId);
        LocalDate today = LocalDate.now(clock);
        Imported first = events(file).stream()
                .flatMap(event -> event.getStartDate().map(start -> new Imported(PlanCalendar.day(start.getDate(), clock.getZone()),
                        event.getProperty(Property.SUMMARY).map(Content::getValue).orElse(""))).stream())
                .filter(event -> event.day().isAfter(today) && !event.day().isAfter(today.plusYears(1)))
                .min(Comparator.comparing(Imported::day))
                .orElseThrow(() -> new BadField("file", "No appointment after today, at most a year ahead, is in this file. Nothing was changed."));
        visits.setNext(dogId, today, Optional.of(first.day()));
        return first;
    }

    private static List<VEvent> events(String file) {
        if (file.length() > MOST_CHARACTERS) {
            throw new BadField("file", "A calendar file of at most 2 MB; this one is larger. Nothing was changed.");
        }
        try {
            return new CalendarBuilder().build(new StringReader(file)).getComponents("VEVENT");
        } catch (ParserException e) {
            throw new BadField("file", "This is no calendar file (.ics) that can be read: " + e.getMessage() + ". Nothing was changed.");
        } catch (IOException | RuntimeException e) {
            throw new BadField("file", "This is no calendar file (.ics) that can be read. Nothing was changed.");
        }
    }
}
