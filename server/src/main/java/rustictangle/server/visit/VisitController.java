package rustictangle.server.visit;

import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Clock;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.temporal.ChronoUnit;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import rustictangle.core.Reason;
import rustictangle.core.Refused;
import rustictangle.core.coat.Coat;
import rustictangle.core.coat.Growth;
import rustictangle.core.dog.Region;
import rustictangle.core.kit.Kit;
import rustictangle.core.log.CareJob;
import rustictangle.core.log.Entry;
import rustictangle.core.log.Log;
import rustictangle.core.log.SeenBy;
import rustictangle.core.log.Visited;
import rustictangle.core.rhythm.Comfort;
import rustictangle.core.routine.Picture;
import rustictangle.core.routine.SetUp;
import rustictangle.core.session.Closed;
import rustictangle.core.visit.GroomPrice;
import rustictangle.core.visit.HandOver;
import rustictangle.core.visit.Interval;
import rustictangle.core.visit.Trade;
import rustictangle.core.visit.Visit;
import rustictangle.server.coat.DogLoader;
import rustictangle.server.coat.HairForm;
import rustictangle.server.coat.KnownDog;
import rustictangle.server.coat.Readings;
import rustictangle.server.frame.LastMade;
import rustictangle.server.frame.NotThere;
import rustictangle.server.frame.Shows;
import rustictangle.server.household.HouseholdLoader;
import rustictangle.server.kit.KitLoader;
import rustictangle.server.log.Logs;
import rustictangle.server.routine.RoutineLoader;

/** When a groomer sees the dog, what was done, and what it asks in length, minutes and money. */
@RestController
@RequestMapping("/api/dogs/{dogId}")
class VisitController implements Shows {

    private static final int MONTHS_AHEAD = 12;
    /** Where nothing is usual. Own choice. */
    private static final double USUAL_WEEKS = 8;
    /** Until the owner says what it costs. */
    private static final GroomPrice NOTHING_SAID = new GroomPrice(0, 0, 0, 0, 0);

    private static final String MOST = "At most 1000000; check the number.";

    /**
     * @param day  absent: none is to come
     * @param hour absent: only its day is known
     */
    record GroomView(Optional<LocalDate> day, Optional<LocalTime> hour) {}

    /**
     * @param next     absent: none is to come
     * @param nextHour of it; absent: only its day is known
     * @param unconfirmed appointments that were, today's included, of which nobody has said whether they took place
     * @param proposed when the next one would be usual; absent: this coat sees a groomer when needed
     * @param restart  how to begin again after a short clip; absent: it was not short, or is long ago
     * @param past     the newest first
     */
    record VisitsView(
            LocalDate today,
            Optional<LocalDate> next,
            Optional<LocalTime> nextHour,
            List<LocalDate> unconfirmed,
            Optional<Proposal> proposed,
            Optional<Reason> restart,
            List<VisitView> past,
            GroomPrice price,
            String currency) {}

    record Proposal(LocalDate day, int fromWeeks, int toWeeks, int atMost, Reason why) {}

    /** @param weeksSince the visit before it; absent: the first that is known */
    record VisitView(
            LocalDate day,
            Optional<Double> leftMillimetres,
            Optional<Double> price,
            String remarks,
            String found,
            boolean takeOver,
            Set<CareJob> care,
            Optional<Long> weeksSince) {}

    /**
     * @param leftMillimetres in [1, 400]; absent: not said
     * @param found           what the groomer found
     * @param care            what of the jobs at the table the groomer did; absent: nothing is said of that
     * @param takeOver        whether what was left becomes a reading of every region whose hair grows on
     */
    record VisitForm(
            @DecimalMin(value = HairForm.LEAST, message = HairForm.LIMITS)
                    @DecimalMax(value = HairForm.MOST, message = HairForm.LIMITS)
                    @Nullable
                    Double leftMillimetres,
            @DecimalMin(value = "0", message = "A price is 0 or more.")
                    @DecimalMax(value = "1000000", message = MOST)
                    @Nullable
                    Double price,
            @NotNull @Size(max = 1000, message = "At most {max} characters; shorten it.") String remarks,
            @NotNull @Size(max = 1000, message = "At most {max} characters; shorten it.") String found,
            boolean takeOver,
            @Nullable Set<CareJob> care) {}

    record PriceForm(
            @NotNull @DecimalMin(value = "0", message = "0 or more.") @DecimalMax(value = "1000000", message = MOST)
                    Double price,
            @NotNull @DecimalMin(value = "0", message = "0 or more.") @DecimalMax(value = "1000000", message = MOST)
                    Double tip,
            @NotNull @DecimalMin(value = "0", message = "0 or more.") @DecimalMax(value = "1000000", message = MOST)
                    Double credit,
            @NotNull @DecimalMin(value = "0", message = "0 or more.") @DecimalMax(value = "1000000", message = MOST)
                    Double membership,
            @NotNull @DecimalMin(value = "0", message = "0 or more.") @DecimalMax(value = "1000000", message = MOST)
                    Double surcharge) {}

    /**
     * @param clipped     whether a groomer clips this coat: it grows on, or a visit left a length
     * @param answer      this dog's own, in one sentence
     * @param perDay      how fast it grows, mm
     * @param minutes     a week that the last week before the visit asks, by the position of weeks and of length
     * @param mats        small ones to expect from one visit to the next, in the same way
     * @param yearly      cost of a year, by the position of weeks
     */
    record TradeView(
            boolean clipped,
            Reason answer,
            double perDay,
            List<Integer> lengths,
            List<Double> weeks,
            double[][] minutes,
            double[][] mats,
            List<Double> yearly,
            String currency) {}

    /** What length, minutes and weeks ask of one another follows from. */
    private record TradeFacts(Picture picture, Comfort comfort, double perDay, double setUp) {}

    private final DogLoader dogs;
    private final VisitStore store;
    private final VisitService service;
    private final Readings readings;
    private final RoutineLoader routines;
    private final KitLoader kits;
    private final HouseholdLoader households;
    private final LastMade made;
    private final Logs logs;
    private final Clock clock;

    VisitController(
            DogLoader dogs,
            VisitStore store,
            VisitService service,
            Readings readings,
            RoutineLoader routines,
            KitLoader kits,
            HouseholdLoader households,
            LastMade made,
            Logs logs,
            Clock clock) {
        this.logs = logs;
        this.dogs = dogs;
        this.store = store;
        this.service = service;
        this.readings = readings;
        this.routines = routines;
        this.kits = kits;
        this.households = households;
        this.made = made;
        this.clock = clock;
    }

    @PutMapping("/groom/{day}")
    GroomView set(@PathVariable long dogId, @PathVariable LocalDate day, @RequestParam Optional<LocalTime> hour) {
        dogs.get(dogId);
        LocalDate today = LocalDate.now(clock);
        if (!day.isAfter(today) || day.isAfter(today.plusMonths(MONTHS_AHEAD))) {
            throw new Refused(
                    "day",
                    "The next groom is after today, at most a year ahead; give a day from " + today.plusDays(1) + " to "
                            + today.plusMonths(MONTHS_AHEAD) + ".");
        }
        store.setNext(dogId, today, Optional.of(day), hour);
        return groom(dogId);
    }

    /** None is to come. A repeat changes nothing. */
    @DeleteMapping("/groom")
    GroomView unset(@PathVariable long dogId) {
        dogs.get(dogId);
        store.setNext(dogId, LocalDate.now(clock), Optional.empty(), Optional.empty());
        return groom(dogId);
    }

    private GroomView groom(long dogId) {
        Optional<VisitStore.Appointment> next = service.appointment(dogId, LocalDate.now(clock));
        return new GroomView(next.map(VisitStore.Appointment::day), next.flatMap(VisitStore.Appointment::hour));
    }

    @GetMapping("/visits")
    VisitsView visits(@PathVariable long dogId) {
        KnownDog known = dogs.get(dogId);
        LocalDate today = LocalDate.now(clock);
        List<Visit> past = service.past(dogId, today);
        return new VisitsView(
                today,
                service.next(dogId, today),
                service.appointment(dogId, today).flatMap(VisitStore.Appointment::hour),
                service.unconfirmed(dogId, today),
                proposal(known, past, today),
                past.stream().findFirst().flatMap(visit -> visit.said()
                        .left()
                        .flatMap(left -> HandOver.restart(known.coat(), visit.day(), left, today))),
                views(past),
                store.price(dogId).orElse(NOTHING_SAID),
                households.get().currency());
    }

    /** A place that only a groomer may open brings it forward. */
    private Optional<Proposal> proposal(KnownDog known, List<Visit> past, LocalDate today) {
        Log log = logs.of(known.id());
        Optional<Proposal> usual = Interval.of(known.coat())
                .map(interval -> new Proposal(
                        interval.proposed(
                                past.stream().findFirst().map(Visit::day),
                                log.standing()
                                        .map(Entry::day)
                                        .min(Comparator.naturalOrder())
                                        .orElse(today.with(DayOfWeek.MONDAY)),
                                today),
                        interval.fromWeeks(),
                        interval.toWeeks(),
                        interval.atMost(),
                        interval.why()));
        Optional<Closed> found = Closed.of(log, today).stream()
                .filter(one -> one.who() == SeenBy.Who.GROOMER)
                .min(Comparator.comparing(Closed::since));
        return found.map(one ->
                        new Proposal(Interval.soonAfter(one.since(), today), 1, 1, 1, Interval.whySoon(one.section())))
                .filter(soon ->
                        usual.filter(one -> one.day().isBefore(soon.day())).isEmpty())
                .or(() -> usual);
    }

    private static List<VisitView> views(List<Visit> past) {
        return IntStream.range(0, past.size())
                .mapToObj(i -> {
                    Visit visit = past.get(i);
                    return new VisitView(
                            visit.day(),
                            visit.said().left(),
                            visit.said().price(),
                            visit.said().remarks(),
                            visit.said().found(),
                            visit.said().tookOver(),
                            visit.said().care().orElse(Set.of()),
                            i + 1 < past.size()
                                    ? Optional.of(Math.round(ChronoUnit.DAYS.between(
                                                    past.get(i + 1).day(), visit.day())
                                            / 7.0))
                                    : Optional.empty());
                })
                .toList();
    }

    /** What is remembered of a visit that was; an appointment of that day is confirmed with it. */
    @PutMapping("/visits/{day}")
    VisitsView put(@PathVariable long dogId, @PathVariable LocalDate day, @Valid @RequestBody VisitForm form) {
        KnownDog known = dogs.get(dogId);
        if (day.isAfter(LocalDate.now(clock))) {
            throw new Refused(
                    "day", "A visit that was is today or earlier; set a day to come as the next appointment.");
        }
        service.put(
                known,
                day,
                new Visited(
                        Optional.ofNullable(form.leftMillimetres()),
                        Optional.ofNullable(form.price()),
                        form.remarks().strip(),
                        form.found().strip(),
                        form.takeOver() && form.leftMillimetres() != null,
                        Map.of(),
                        Optional.ofNullable(form.care())));
        return visits(dogId);
    }

    /** A repeat changes nothing. */
    @DeleteMapping("/visits/{day}")
    VisitsView remove(@PathVariable long dogId, @PathVariable LocalDate day) {
        dogs.get(dogId);
        service.remove(dogId, day);
        return visits(dogId);
    }

    /** The appointment did not take place. */
    @PutMapping("/appointments/{day}/missed")
    VisitsView missed(@PathVariable long dogId, @PathVariable LocalDate day) {
        return setMissed(dogId, day, true);
    }

    /** Undo: whether it took place is asked again. */
    @DeleteMapping("/appointments/{day}/missed")
    VisitsView notMissed(@PathVariable long dogId, @PathVariable LocalDate day) {
        return setMissed(dogId, day, false);
    }

    private VisitsView setMissed(long dogId, LocalDate day, boolean missed) {
        dogs.get(dogId);
        if (!store.setMissed(dogId, day, missed)) {
            throw new NotThere("appointment on " + day + " of dog", dogId);
        }
        return visits(dogId);
    }

    @PutMapping("/groom-price")
    VisitsView price(@PathVariable long dogId, @Valid @RequestBody PriceForm form) {
        dogs.get(dogId);
        store.setPrice(
                dogId, new GroomPrice(form.price(), form.tip(), form.credit(), form.membership(), form.surcharge()));
        return visits(dogId);
    }

    /** Length, minutes and money. */
    @GetMapping("/trade")
    TradeView trade(@PathVariable long dogId) {
        KnownDog known = dogs.get(dogId);
        var lengths = readings.of(dogId);
        double perDay = known.coat().regions().entrySet().stream()
                .filter(region -> region.getValue().growsOn())
                .mapToDouble(region -> Growth.of(region.getValue(), lengths.getOrDefault(region.getKey(), List.of()))
                        .millimetresPerDay())
                .average()
                .orElse(0);
        Picture picture = routines.picture(known);
        Function<Coat, Kit> others = kits.withCoat(known);
        Trade trade = made.of(
                Trade.class,
                dogId,
                new TradeFacts(picture, households.get().comfort(), perDay, SetUp.learned(logs.of(dogId))),
                facts -> Trade.of(
                        known.coat(),
                        picture.forecast(),
                        facts.comfort,
                        perDay,
                        facts.setUp,
                        coat -> picture.withCoat(coat, others.apply(coat))));
        GroomPrice price = store.price(dogId).orElse(NOTHING_SAID);
        List<Visit> past = service.past(dogId, LocalDate.now(clock));
        return new TradeView(
                known.coat().growsOn()
                        || past.stream().anyMatch(visit -> visit.said().left().isPresent()),
                trade.answer(minutesADay(trade, known), weeks(known)),
                perDay,
                trade.lengths(),
                trade.weeks(),
                trade.minutes(),
                trade.mats(),
                trade.weeks().stream().map(price::yearlyEvery).toList(),
                households.get().currency());
    }

    /** As many as were set, shared among the dogs; or as its hair takes now. */
    private double minutesADay(Trade trade, KnownDog known) {
        Collection<Integer> set = households.get().minutes().values();
        return set.isEmpty()
                ? trade.minutesADay(
                        known.coat().regions().get(Region.BODY).length().millimetres())
                : set.stream().mapToInt(one -> one).average().orElseThrow()
                        / Math.max(1, dogs.known().size());
    }

    /** To the next visit if it is some weeks off, else from it to the one after it, as usual. */
    private double weeks(KnownDog known) {
        LocalDate today = LocalDate.now(clock);
        return service.next(known.id(), today)
                .map(day -> ChronoUnit.DAYS.between(today, day) / 7.0)
                .filter(weeks -> weeks >= Trade.FEWEST_WEEKS)
                .or(() -> Interval.of(known.coat()).map(usual -> (usual.fromWeeks() + usual.toWeeks()) / 2.0))
                .orElse(USUAL_WEEKS);
    }

    @Override
    public void dog(long dogId) {
        visits(dogId);
        trade(dogId);
    }
}
