package rustictangle.server.session;

import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
record KitchenScaleController(KitchenScale scale) {

    /** @param simulated whether the scale is only a stand-in */
    record Reading(double grams, boolean simulated) {}

    /** What lies on the scale now. */
    @GetMapping("/api/kitchen-scale")
    Reading read() {
        return new Reading(scale.grams(), scale.simulated());
    }
}
