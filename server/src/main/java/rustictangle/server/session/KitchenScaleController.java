package rustictangle.server.session;

import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;
import rustictangle.core.kit.Pressure;
import rustictangle.core.log.HairOut;

@RestController
record KitchenScaleController(KitchenScale scale) {

    /**
     * @param hair      what so much is called
     * @param simulated whether the scale is only a stand-in
     */
    record Reading(double grams, HairOut hair, boolean simulated) {}

    /** @param simulated whether the scale is only a stand-in */
    record Pressed(double grams, Pressure pressure, boolean simulated) {}

    /** How hard a hand presses on it now. */
    @GetMapping("/api/kitchen-scale/pressed")
    Pressed pressed() {
        double grams = scale.pressed();
        return new Pressed(grams, Pressure.of(grams), scale.simulated());
    }

    /** What lies on the scale now. */
    @GetMapping("/api/kitchen-scale")
    Reading read() {
        double grams = scale.grams();
        return new Reading(grams, HairOut.weighing(grams), scale.simulated());
    }
}
