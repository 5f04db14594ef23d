package rustictangle.server.care;

import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.NotNull;
import java.time.Clock;
import java.time.LocalDate;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import rustictangle.core.Refused;
import rustictangle.core.dog.Mass;
import rustictangle.server.frame.NotThere;
import rustictangle.server.frame.ViewProbe;

/** What the scale said, and whether that asks for the vet. */
@RestController
@RequestMapping("/api/dogs/{dogId}/weights")
record WeightController(Weights weights, Clock clock) implements ViewProbe {

    /** @param kilograms in [0.3, 120] */
    record WeightForm(
            @NotNull(message = "Weigh the dog: " + Mass.RANGE + ".")
                    @DecimalMin(value = "0.3", message = Mass.LIMITS)
                    @DecimalMax(value = "120", message = Mass.LIMITS)
                    Double kilograms) {}

    @GetMapping
    Weights.WeightView get(@PathVariable long dogId) {
        return weights.view(dogId, LocalDate.now(clock));
    }

    /** A second weighing of a day takes the place of the first. */
    @PutMapping("/{day}")
    Weights.WeightView put(@PathVariable long dogId, @PathVariable LocalDate day, @Valid @RequestBody WeightForm form) {
        if (day.isAfter(LocalDate.now(clock))) {
            throw new Refused("day", day + " is still to come; give the day you weighed, today or before.");
        }
        weights.say(dogId, day, form.kilograms());
        return get(dogId);
    }

    /** Undo. */
    @DeleteMapping("/{day}")
    Weights.WeightView remove(@PathVariable long dogId, @PathVariable LocalDate day) {
        if (!weights.takeBack(dogId, day)) {
            throw new NotThere("weighing of " + day + " of dog", dogId);
        }
        return get(dogId);
    }

    @Override
    public void dog(long dogId) {
        get(dogId);
    }
}
