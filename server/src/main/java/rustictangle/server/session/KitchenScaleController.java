package rustictangle.server.session;

import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
class KitchenScaleController {

    /** @param simulated whether the scale is only a stand-in */
    record Reading(double grams, boolean simulated) {}

    private final KitchenScale scale;

    KitchenScaleController(KitchenScale scale) {
        this.scale = scale;
    }

    /** What lies on the scale now. */
    @GetMapping("/api/kitchen-scale")
    Reading read() {
        return new Reading(scale.grams(), scale.simulated());
    }
}
