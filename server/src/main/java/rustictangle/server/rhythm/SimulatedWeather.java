package rustictangle.server.rhythm;

import java.time.LocalDate;
import java.util.random.RandomGeneratorFactory;
import org.springframework.stereotype.Component;

/** Stands in for the weather: about one wet day in four, always the same ones. */
@Component
class SimulatedWeather implements Weather {

    private static final double CHANCE_OF_RAIN = 0.25;

    @Override
    public boolean wet(LocalDate day) {
        return RandomGeneratorFactory.of("L64X128MixRandom")
                        .create(day.toEpochDay())
                        .nextDouble()
                < CHANCE_OF_RAIN;
    }

    @Override
    public boolean simulated() {
        return true;
    }
}
