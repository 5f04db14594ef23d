package rustictangle.server.plan;

import java.io.IOException;
import java.io.StringReader;
import java.time.Clock;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.format.DateTimeFormatter;
import java.time.temporal.Temporal;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import net.fortuna.ical4j.data.CalendarBuilder;
import net.fortuna.ical4j.data.ParserException;
import net.fortuna.ical4j.model.Content;
import net.fortuna.ical4j.model.Property;
import net.fortuna.ical4j.model.component.VEvent;
import net.fortuna.ical4j.model.property.DtStart;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import rustictangle.core.Refused;
import rustictangle.server.coat.DogLoader;
import rustictangle.server.frame.NotThere;
import rustictangle.server.household.HouseholdStore;
import rustictangle.server.visit.VisitService;
import rustictangle.server.visit.VisitStore;

/** The plan in the owner's own calendar, and a groomer's appointment out of theirs. */
@RestController
record CalendarController(
        Plans plans,
        DogLoader dogs,
        VisitStore visits,
        VisitService visitService,
        HouseholdStore households,
        Clock clock) {

    private static final String ICALENDAR = "text/calendar;charset=UTF-8";
    private static final Pattern WRITTEN_DAY = Pattern.compile("\\d{8}");
    /** Visits that were so long ago are no longer written. */
    private static final int PAST_MONTHS = 12;

    /** @param path of this server under which a calendar can subscribe; whoever knows it can read the plan */
    record CalendarView(String path) {}

    /**
     * @param day  that was taken over as the next groom
     * @param hour absent: it is a whole day
     */
    record Imported(LocalDate day, Optional<LocalTime> hour, String summary) {}

    @GetMapping("/api/calendar")
    CalendarView address() {
        return view(households.calendarKey().orElseThrow());
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
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_DISPOSITION, "inline; filename=\"rustic-tangle.ics\"")
                .body(PlanCalendar.of(
                        plans.now(),
                        visitService.since(LocalDate.now(clock).minusMonths(PAST_MONTHS)),
                        clock.getZone(),
                        clock.instant()));
    }

    /** The first event after today in a groomer's calendar file is the next groom. */
    @PostMapping(value = "/api/dogs/{dogId}/groom-calendar", consumes = "text/calendar")
    Imported take(@PathVariable long dogId, @RequestBody String file) {
        dogs.get(dogId);
        LocalDate today = LocalDate.now(clock);
        Imported first = events(file).stream()
                .flatMap(event -> appointment(event).stream())
                .filter(event -> event.day().isAfter(today) && !event.day().isAfter(today.plusYears(1)))
                .min(Comparator.comparing(Imported::day))
                .orElseThrow(() -> new Refused(
                        "file",
                        "No appointment after today, at most a year ahead, is in this file. Nothing was changed."));
        visits.setNext(dogId, today, Optional.of(first.day()), first.hour());
        return first;
    }

    private Optional<Imported> appointment(VEvent event) {
        return day(event)
                .map(day -> new Imported(
                        day,
                        hour(event),
                        event.getProperty(Property.SUMMARY)
                                .map(Content::getValue)
                                .orElse("")));
    }

    /** In a time zone that nobody knows an event is taken to be on the day that is written; empty: no day is. */
    private Optional<LocalDate> day(VEvent event) {
        try {
            return start(event).map(start -> PlanCalendar.day(start.getDate(), clock.getZone()));
        } catch (RuntimeException unknownZone) {
            return event.getProperty(Property.DTSTART)
                    .map(Content::getValue)
                    .map(WRITTEN_DAY::matcher)
                    .filter(Matcher::lookingAt)
                    .map(written -> LocalDate.parse(written.group(), DateTimeFormatter.BASIC_ISO_DATE));
        }
    }

    private static Optional<DtStart<Temporal>> start(VEvent event) {
        return event.getProperty(Property.DTSTART);
    }

    private Optional<LocalTime> hour(VEvent event) {
        try {
            return start(event).flatMap(start -> PlanCalendar.hour(start.getDate(), clock.getZone()));
        } catch (RuntimeException unknownZone) {
            return Optional.empty();
        }
    }

    private static List<VEvent> events(String file) {
        try {
            return new CalendarBuilder().build(new StringReader(file)).getComponents("VEVENT");
        } catch (ParserException | IOException | RuntimeException e) {
            throw new Refused("file", "This is no calendar file (.ics) that can be read. Nothing was changed.");
        }
    }
}
