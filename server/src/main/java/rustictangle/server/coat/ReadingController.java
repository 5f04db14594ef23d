package rustictangle.server.coat;

import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.NotNull;
import java.time.Clock;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import rustictangle.core.Refused;
import rustictangle.core.coat.Growth;
import rustictangle.core.coat.HairLength;
import rustictangle.core.coat.LengthReading;
import rustictangle.core.dog.Region;
import rustictangle.server.frame.NotThere;
import rustictangle.server.frame.ViewProbe;

/** The ruler's readings and the growth they show. */
@RestController
@RequestMapping("/api/dogs/{dogId}/readings")
record ReadingController(Readings readings, DogLoader dogs, Clock clock) implements ViewProbe {

    /** @param millimetres in [1, 400] */
    record ReadingForm(
            @NotNull(message = HairForm.MEASURE)
                    @DecimalMin(value = HairForm.LEAST, message = HairForm.LIMITS)
                    @DecimalMax(value = HairForm.MOST, message = HairForm.LIMITS)
                    Double millimetres) {}

    record ReadingView(LocalDate day, double millimetres) {}

    /** @param readings oldest first */
    record RegionReadings(Region region, double millimetres, Growth growth, List<ReadingView> readings) {}

    @GetMapping
    List<RegionReadings> all(@PathVariable long dogId) {
        KnownDog known = dogs.get(dogId);
        Map<Region, List<LengthReading>> read = readings.of(dogId);
        return Arrays.stream(Region.values())
                .map(region -> view(known, region, read.getOrDefault(region, List.of())))
                .toList();
    }

    @PutMapping("/{region}/{day}")
    List<RegionReadings> put(
            @PathVariable long dogId,
            @PathVariable Region region,
            @PathVariable LocalDate day,
            @Valid @RequestBody ReadingForm form) {
        dogs.get(dogId);
        if (day.isAfter(LocalDate.now(clock))) {
            throw new Refused("day", day + " is still to come; give the day you measured, today or before.");
        }
        readings.put(dogId, region, new LengthReading(day, new HairLength(form.millimetres())));
        return all(dogId);
    }

    /** Undo. */
    @DeleteMapping("/{region}/{day}")
    List<RegionReadings> remove(@PathVariable long dogId, @PathVariable Region region, @PathVariable LocalDate day) {
        dogs.get(dogId);
        if (!readings.remove(dogId, region, day)) {
            throw new NotThere("reading of " + day + " at " + region.label() + " of dog", dogId);
        }
        return all(dogId);
    }

    private static RegionReadings view(KnownDog known, Region region, List<LengthReading> readings) {
        return new RegionReadings(
                region,
                known.coat().at(region).length().millimetres(),
                Growth.of(known.coat().at(region), readings),
                readings.stream()
                        .map(r -> new ReadingView(r.day(), r.length().millimetres()))
                        .toList());
    }

    @Override
    public void dog(long dogId) {
        all(dogId);
    }
}
