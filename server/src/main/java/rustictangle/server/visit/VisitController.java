package rustictangle.server.visit;

import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Clock;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
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
import rustictangle.core.dog.Section;
import rustictangle.core.log.CareJob;
import rustictangle.core.log.Limits;
import rustictangle.core.log.VisitScope;
import rustictangle.core.log.Visited;
import rustictangle.core.visit.GroomPrice;
import rustictangle.core.visit.HandOver;
import rustictangle.core.visit.Proposal;
import rustictangle.core.visit.Visit;
import rustictangle.server.coat.DogLoader;
import rustictangle.server.coat.HairForm;
import rustictangle.server.coat.KnownDog;
import rustictangle.server.frame.NotThere;
import rustictangle.server.frame.ViewProbe;
import rustictangle.server.household.HouseholdLoader;
import rustictangle.server.log.Logs;

/** When a groomer sees the dog, what was done, and what it costs. */
@RestController
@RequestMapping("/api/dogs/{dogId}")
record VisitController(
        DogLoader dogs, VisitStore store, VisitService service, HouseholdLoader households, Logs logs, Clock clock)
        implements ViewProbe {

    private static final int MONTHS_AHEAD = 12;

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

    /** @param weeksSince the visit before it; absent: the first that is known */
    record VisitView(
            LocalDate day,
            Optional<Double> leftMillimetres,
            Optional<Double> price,
            String remarks,
            String found,
            boolean takeOver,
            Set<CareJob> care,
            VisitScope scope,
            Set<Section> places,
            Optional<Long> weeksSince) {}

    /**
     * @param leftMillimetres in [1, 400]; absent: not said
     * @param found           what the groomer found
     * @param care            what of the jobs at the table the groomer did; absent: nothing is said of that
     * @param takeOver        whether what was left becomes a reading of every region whose hair grows on
     * @param scope           what of the dog was gone through; absent: all of it
     * @param places          of single places; else absent
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
            @NotNull @Size(max = Limits.LONGEST_TEXT, message = "At most {max} characters; shorten it.") String remarks,
            @NotNull @Size(max = Limits.LONGEST_TEXT, message = "At most {max} characters; shorten it.") String found,
            boolean takeOver,
            @Nullable Set<CareJob> care,
            @Nullable VisitScope scope,
            @Nullable Set<@NotNull Section> places) {}

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
                Proposal.of(known.coat(), logs.of(dogId), past, today),
                HandOver.restart(known.coat(), past, today),
                views(past),
                service.price(dogId),
                households.get().currency());
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
                            visit.said().scope().orElse(VisitScope.FULL_GROOM),
                            visit.said().places().orElse(Set.of()),
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
                        Optional.ofNullable(form.care()),
                        Optional.ofNullable(form.scope()),
                        Optional.ofNullable(form.places())));
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

    @Override
    public void dog(long dogId) {
        visits(dogId);
    }
}
