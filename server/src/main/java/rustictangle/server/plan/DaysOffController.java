package rustictangle.server.plan;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import rustictangle.core.Refused;
import rustictangle.core.plan.DaysOff;
import rustictangle.server.coat.DogLoader;
import rustictangle.server.dog.StoredDog;
import rustictangle.server.frame.ViewProbe;

/** Days on which nothing can be done with a dog. */
@RestController
@RequestMapping("/api/days-off")
record DaysOffController(DaysOffStore store, DogLoader dogs, Clock clock) implements ViewProbe {

    private static final int AHEAD_DAYS = 365;

    /** @param off those that are not over yet, by day */
    record DaysOffView(LocalDate today, List<Off> off) {}

    /** @param dogId absent: all of them */
    record Off(long id, Optional<Long> dogId, LocalDate first, LocalDate last, DaysOff.Why why) {}

    /**
     * @param dogId absent: all of them
     * @param first and {@code last}: both belong to them
     */
    record OffForm(
            @Nullable Long dogId,
            @NotNull(message = "Say from which day on.") LocalDate first,
            @NotNull(message = "Say until which day.") LocalDate last,
            @NotNull(message = "Say why: away, ill, or boarding.") DaysOff.Why why) {}

    @GetMapping
    DaysOffView all() {
        LocalDate today = LocalDate.now(clock);
        Set<Long> here = dogs.all().stream().map(StoredDog::id).collect(Collectors.toSet());
        return new DaysOffView(
                today,
                store.all().stream()
                        .filter(kept -> !kept.days().last().isBefore(today))
                        .filter(kept ->
                                kept.dog().filter(dog -> !here.contains(dog)).isEmpty())
                        .map(kept -> new Off(
                                kept.id(),
                                kept.dog(),
                                kept.days().first(),
                                kept.days().last(),
                                kept.days().why()))
                        .toList());
    }

    @PostMapping
    DaysOffView add(@Valid @RequestBody OffForm form) {
        LocalDate today = LocalDate.now(clock);
        Optional<Long> dog = Optional.ofNullable(form.dogId());
        dog.ifPresent(dogs::get);
        if (form.last().isBefore(form.first())) {
            throw new Refused("last", "The last day is before the first; choose " + form.first() + " or later.");
        }
        if (form.last().isBefore(today)) {
            throw new Refused("last", "These days are over; choose " + today + " or later.");
        }
        if (form.first().isBefore(today.minusDays(AHEAD_DAYS)) || form.last().isAfter(today.plusDays(AHEAD_DAYS))) {
            throw new Refused("last", "At most a year before or after today.");
        }
        store.add(dog, new DaysOff(form.first(), form.last(), form.why()));
        return all();
    }

    /** A repeat changes nothing. */
    @DeleteMapping("/{id}")
    DaysOffView remove(@PathVariable long id) {
        store.remove(id);
        return all();
    }

    @Override
    public void household() {
        all();
    }
}
