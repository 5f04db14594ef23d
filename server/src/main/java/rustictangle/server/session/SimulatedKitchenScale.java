package rustictangle.server.session;

import java.util.concurrent.atomic.AtomicInteger;
import java.util.random.RandomGenerator;
import java.util.random.RandomGeneratorFactory;
import org.springframework.stereotype.Component;

/** Stands in for a scale: pass after pass brings out about half as much as the one before, then a new heap begins. */
@Component
class SimulatedKitchenScale implements KitchenScale {

    private static final double FIRST_PASS_GRAMS = 5.5;
    private static final int PASSES = 4;
    private static final double[] PRESSES = {260, 140, 80, 55, 45};

    private final RandomGenerator random =
            RandomGeneratorFactory.of("L64X128MixRandom").create(14);
    private final AtomicInteger readings = new AtomicInteger();
    private final AtomicInteger presses = new AtomicInteger();

    @Override
    public double grams() {
        int pass = readings.getAndIncrement() % PASSES;
        return Math.round(10 * FIRST_PASS_GRAMS * Math.pow(0.5, pass) * random.nextDouble(0.85, 1.15)) / 10.0;
    }

    /** A hand that learns: too hard first, then lighter. */
    @Override
    public double pressed() {
        return Math.round(PRESSES[presses.getAndIncrement() % PRESSES.length] * random.nextDouble(0.9, 1.1));
    }

    @Override
    public boolean simulated() {
        return true;
    }
}
