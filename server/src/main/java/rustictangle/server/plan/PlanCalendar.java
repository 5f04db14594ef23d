package rustictangle.server.plan;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.OffsetDateTime;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.time.temporal.ChronoUnit;
import java.time.temporal.Temporal;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.Property;
import net.fortuna.ical4j.model.component.VEvent;
import net.fortuna.ical4j.model.property.Description;
import net.fortuna.ical4j.model.property.DtStamp;
import net.fortuna.ical4j.model.property.ProdId;
import net.fortuna.ical4j.model.property.Uid;
import net.fortuna.ical4j.model.property.immutable.ImmutableTransp;
import net.fortuna.ical4j.model.property.immutable.ImmutableVersion;
import rustictangle.core.plan.PlanToday;
import rustictangle.server.visit.VisitService.Appointment;

/**
 * The plan and the appointments as a calendar (RFC 5545).
 *
 * <p>Where the household has no usual hour, days with a brush are whole days, as are appointments without an hour, which
 * no change of clocks can move; all else is a moment. The same day, and the same appointment, always has
 * the same UID, so that a calendar that reads it again has nothing twice.
 */
final class PlanCalendar {

    private static final String PRODUCT = "-//Rustic Tangle//Plan and appointments//EN";
    private static final String AT = "@rustic-tangle.localhost";

    private PlanCalendar() {}

    /** @param usualHour when the dogs are usually brushed; empty: at no hour in particular */
    static String of(
            PlanToday now,
            Optional<LocalTime> usualHour,
            List<Appointment> appointments,
            ZoneId here,
            Instant written) {
        Calendar calendar = new Calendar();
        calendar.add(new ProdId(PRODUCT));
        calendar.add(ImmutableVersion.VERSION_2_0);
        for (int day = 0; day < now.daysTold(); day++) {
            LocalDate date = now.today().plusDays(day);
            List<HomeController.PickView> picks = HomeController.picks(now, day);
            List<HomeController.CareTurn> care = worthADay(now, day);
            Optional<ZonedDateTime> start =
                    usualHour.map(hour -> date.atTime(hour).atZone(here));
            Duration brushing = Duration.ofSeconds(Math.round(60 * now.plan().minutes(day)));
            if (!picks.isEmpty()) {
                add(
                        calendar,
                        "brush-" + date,
                        date,
                        start,
                        brushing,
                        "Brush " + picks.stream().map(pick -> name(now, pick)).collect(Collectors.joining(", ")),
                        picks.stream()
                                .map(pick -> name(now, pick) + ": " + minutes(pick))
                                .collect(Collectors.joining("\n")),
                        written);
            }
            if (!care.isEmpty()) {
                add(
                        calendar,
                        "care-" + date,
                        date,
                        start.map(hour -> hour.plus(brushing)),
                        Duration.ofSeconds(Math.round(care.stream()
                                .mapToDouble(turn -> 60 * turn.minutes())
                                .sum())),
                        care.stream()
                                .map(turn -> name(now, turn.dogId()) + ": "
                                        + turn.job().label())
                                .collect(Collectors.joining(", ")),
                        care.stream()
                                .map(turn -> name(now, turn.dogId()) + ", "
                                        + turn.job().label() + ": " + Math.max(1, Math.round(turn.minutes())) + " min")
                                .collect(Collectors.joining("\n")),
                        written);
            }
        }
        appointments.forEach(visit -> {
            String id = "visit-" + visit.id();
            String summary = "Groomer: " + visit.dog();
            visit.hour()
                    .ifPresentOrElse(
                            hour -> finish(
                                    calendar, at(visit.day().atTime(hour).atZone(here), A_GROOM, summary), id, written),
                            () -> finish(calendar, wholeDay(visit.day(), summary, ""), id, written));
        });
        return calendar.toString();
    }

    /** What is done every day or two is no date. */
    private static final int SELDOM_FROM_DAYS = 3;

    static List<HomeController.CareTurn> worthADay(PlanToday now, int day) {
        return HomeController.care(now, day).stream()
                .filter(turn -> {
                    int gap = now.dogs()
                            .get(now.position(turn.dogId()))
                            .care()
                            .get(turn.job().ordinal())
                            .gap();
                    return gap == 0 || gap >= SELDOM_FROM_DAYS;
                })
                .toList();
    }

    private static String name(PlanToday now, HomeController.PickView pick) {
        return name(now, pick.dogId());
    }

    private static String name(PlanToday now, long dogId) {
        return now.dogs().get(now.position(dogId)).name();
    }

    private static String minutes(HomeController.PickView pick) {
        int places = pick.sections().size();
        return Math.max(1, Math.round(pick.seconds() / 60)) + " min, " + places + (places == 1 ? " place" : " places");
    }

    /** A groom takes about so long. Own estimate. */
    private static final Duration A_GROOM = Duration.ofMinutes(90);

    /** In universal time, so that it is right whatever the clocks do between now and then. */
    private static VEvent at(ZonedDateTime start, Duration takes, String summary) {
        return new VEvent(start.toInstant(), start.plus(takes).toInstant(), summary);
    }

    private static VEvent wholeDay(LocalDate day, String summary, String description) {
        VEvent event = new VEvent(day, summary);
        if (!description.isEmpty()) {
            event.add(new Description(description));
        }
        // A whole day with the brush in it is not a day away.
        event.add(ImmutableTransp.TRANSPARENT);
        return event;
    }

    /** @param start empty: at no hour in particular */
    private static void add(
            Calendar calendar,
            String id,
            LocalDate day,
            Optional<ZonedDateTime> start,
            Duration takes,
            String summary,
            String description,
            Instant written) {
        VEvent event = start.map(hour -> {
                    VEvent timed = at(hour, takes, summary);
                    timed.add(new Description(description));
                    return timed;
                })
                .orElseGet(() -> wholeDay(day, summary, description));
        finish(calendar, event, id, written);
    }

    private static void finish(Calendar calendar, VEvent event, String id, Instant written) {
        event.add(new Uid(id + AT));
        Optional<DtStamp> stamp = event.getProperty(Property.DTSTAMP);
        stamp.ifPresentOrElse(known -> known.setDate(written), () -> event.add(new DtStamp(written)));
        calendar.add(event);
    }

    /** The hour here at which something written in any of the ways of a calendar begins; empty: a whole day. */
    static Optional<LocalTime> hour(Temporal start, ZoneId here) {
        if (start instanceof Instant instant) {
            return Optional.of(LocalTime.ofInstant(instant, here));
        }
        if (start instanceof ZonedDateTime zoned) {
            return Optional.of(zoned.withZoneSameInstant(here).toLocalTime());
        }
        if (start instanceof OffsetDateTime offset) {
            return Optional.of(offset.atZoneSameInstant(here).toLocalTime());
        }
        return start.isSupported(ChronoUnit.MINUTES) ? Optional.of(LocalTime.from(start)) : Optional.empty();
    }

    /** The day here on which something written in any of the ways of a calendar begins. */
    static LocalDate day(Temporal start, ZoneId here) {
        if (start instanceof Instant instant) {
            return LocalDate.ofInstant(instant, here);
        }
        if (start instanceof ZonedDateTime zoned) {
            return zoned.withZoneSameInstant(here).toLocalDate();
        }
        if (start instanceof OffsetDateTime offset) {
            return offset.atZoneSameInstant(here).toLocalDate();
        }
        return LocalDate.from(start);
    }
}
