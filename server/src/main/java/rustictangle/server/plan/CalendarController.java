package rustictangle.server.plan;

import java.io.IOException;
import java.io.StringReader;
import java.time.Clock;
import java.time.DateTimeException;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.format.DateTimeFormatter;
import java.time.temporal.Temporal;
import java.util.Comparator;
import java.util.Optional;
import java.util.UUID;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import net.fortuna.ical4j.data.CalendarBuilder;
import net.fortuna.ical4j.data.ParserException;
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
    /** A moment as it is written, whatever its zone. */
    private static final Pattern WRITTEN = Pattern.compile("(?m)^DTSTART[^:\\r\\n]*:(\\d{8})(?:T(\\d{4}))?");

    private static final Pattern SUMMARY = Pattern.compile("(?m)^SUMMARY[^:\\r\\n]*:(.*)$");
    private static final Pattern EVENT = Pattern.compile("(?s)BEGIN:VEVENT\\r?\\n.*?END:VEVENT");
    private static final Pattern ZONE = Pattern.compile("(?s)BEGIN:VTIMEZONE\\r?\\n.*?END:VTIMEZONE");
    /** A long line goes on in the next one (RFC 5545, 3.1). */
    private static final Pattern FOLD = Pattern.compile("\\r?\\n[ \\t]");
    /** Visits that were so long ago are no longer written. */
    private static final int PAST_MONTHS = 12;

    /** @param path of this server under which a calendar can subscribe; whoever knows it can read the plan */
    record CalendarView(String path) {}

    /**
     * @param day  that was taken over as the next groom
     * @param hour absent: it is a whole day
     * @param zoneUnknown whether it was written in a zone that nobody here knows: taken as the household's
     */
    record Imported(LocalDate day, Optional<LocalTime> hour, String summary, boolean zoneUnknown) {}

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
                        Optional.ofNullable(households.get().usualHour()),
                        visitService.since(LocalDate.now(clock).minusMonths(PAST_MONTHS)),
                        clock.getZone(),
                        clock.instant()));
    }

    /** The first event after today in a groomer's calendar file is the next groom. */
    @PostMapping(value = "/api/dogs/{dogId}/groom-calendar", consumes = "text/calendar")
    Imported take(@PathVariable long dogId, @RequestBody String file) {
        dogs.get(dogId);
        LocalDate today = LocalDate.now(clock);
        String lines = FOLD.matcher(file).replaceAll("");
        String zones =
                ZONE.matcher(lines).results().map(zone -> zone.group() + "\r\n").collect(Collectors.joining());
        Imported first = EVENT.matcher(lines)
                .results()
                .flatMap(event -> appointment(event.group(), zones).stream())
                .filter(event -> event.day().isAfter(today) && !event.day().isAfter(today.plusYears(1)))
                .min(Comparator.comparing(Imported::day))
                .orElseThrow(() -> new Refused(
                        "file",
                        "No appointment after today, at most a year ahead, is in this file. Nothing was changed."));
        visits.setNext(dogId, today, Optional.of(first.day()), first.hour());
        return first;
    }

    /** Each by itself: a bad one spoils none beside it. Empty where no day is written, or one that no calendar has. */
    private Optional<Imported> appointment(String event, String zones) {
        try {
            VEvent read = (VEvent) new CalendarBuilder()
                    .build(new StringReader(
                            "BEGIN:VCALENDAR\r\nVERSION:2.0\r\nPRODID:x\r\n" + zones + event + "\r\nEND:VCALENDAR\r\n"))
                    .getComponents("VEVENT")
                    .get(0);
            Optional<DtStart<Temporal>> start = read.getProperty(Property.DTSTART);
            return start.map(begins -> new Imported(
                    PlanCalendar.day(begins.getDate(), clock.getZone()),
                    PlanCalendar.hour(begins.getDate(), clock.getZone()),
                    summary(event),
                    false));
        } catch (ParserException | IOException | RuntimeException unknownZone) {
            return asWritten(event);
        }
    }

    /** In a zone that nobody here knows: the day and the hour that are written. */
    private static Optional<Imported> asWritten(String event) {
        Matcher moment = WRITTEN.matcher(event);
        if (!moment.find()) {
            return Optional.empty();
        }
        try {
            return Optional.of(new Imported(
                    LocalDate.parse(moment.group(1), DateTimeFormatter.BASIC_ISO_DATE),
                    Optional.ofNullable(moment.group(2))
                            .map(hour -> LocalTime.parse(hour, DateTimeFormatter.ofPattern("HHmm"))),
                    summary(event),
                    true));
        } catch (DateTimeException noSuchDay) {
            return Optional.empty();
        }
    }

    private static String summary(String event) {
        Matcher summary = SUMMARY.matcher(event);
        return summary.find()
                ? summary.group(1).replaceAll("\\\\([,;\\\\])", "$1").strip()
                : "";
    }
}
