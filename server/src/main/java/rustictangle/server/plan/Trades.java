package rustictangle.server.plan;

import java.util.function.Function;
import org.springframework.stereotype.Component;
import rustictangle.core.coat.Coat;
import rustictangle.core.kit.Kit;
import rustictangle.core.plan.Trade;
import rustictangle.core.rhythm.Comfort;
import rustictangle.core.routine.Picture;
import rustictangle.core.routine.SetUp;
import rustictangle.server.coat.KnownDog;
import rustictangle.server.coat.Readings;
import rustictangle.server.frame.DerivedCache;
import rustictangle.server.household.HouseholdLoader;
import rustictangle.server.kit.KitLoader;
import rustictangle.server.log.Logs;
import rustictangle.server.routine.RoutineLoader;

/** Loads what length, minutes and weeks ask of one another, for one dog. */
@Component
record Trades(
        Readings readings,
        RoutineLoader routines,
        KitLoader kits,
        HouseholdLoader households,
        DerivedCache made,
        Logs logs) {

    private record TradeBasis(Picture picture, Comfort comfort, double perDay, double setUp) {}

    Trade of(KnownDog known) {
        Picture picture = routines.picture(known);
        Function<Coat, Kit> others = kits.withCoat(known);
        return made.of(
                Trade.class,
                known.id(),
                new TradeBasis(
                        picture,
                        households.get().comfort(),
                        Trade.growth(known.coat(), readings.of(known.id())),
                        SetUp.learned(logs.of(known.id()))),
                facts -> Trade.of(
                        known.coat(),
                        picture.forecast(),
                        facts.comfort,
                        facts.perDay,
                        facts.setUp,
                        coat -> picture.withCoat(coat, others.apply(coat))));
    }
}
