package rustictangle.server.demo;

import java.time.Clock;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.random.RandomGenerator;
import java.util.random.RandomGeneratorFactory;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;
import rustictangle.core.coat.LengthReading;
import rustictangle.core.kit.Approach;
import rustictangle.core.kit.Kit;
import rustictangle.core.kit.Match;
import rustictangle.core.rhythm.Comfort;
import rustictangle.server.coat.CoatStore;
import rustictangle.server.coat.KnownDog;
import rustictangle.server.coat.ReadingStore;
import rustictangle.server.dog.DogStore;
import rustictangle.server.frame.DataFile;
import rustictangle.server.household.Household;
import rustictangle.server.household.HouseholdStore;
import rustictangle.server.kit.ToolStore;
import rustictangle.server.session.EventStore;
import rustictangle.server.session.SessionStore;
import rustictangle.server.trust.TrialStore;
import rustictangle.server.visit.VisitStore;

/** Fills an empty data file with the made-up household, its records counted back from today. */
@Component
@ConditionalOnProperty("rustictangle.demo")
class DemoHousehold implements ApplicationRunner {

    private static final long SEED = 14;

    private final DogStore dogs;
    private final CoatStore coats;
    private final HouseholdStore household;
    private final SessionStore sessions;
    private final EventStore events;
    private final TrialStore trials;
    private final ToolStore tools;
    private final ReadingStore readings;
    private final DataFile data;
    private final TransactionTemplate transactions;
    private final VisitStore visits;
    private final Clock clock;

    DemoHousehold(
            DogStore dogs,
            CoatStore coats,
            HouseholdStore household,
            SessionStore sessions,
            EventStore events,
            TrialStore trials,
            ToolStore tools,
            ReadingStore readings,
            VisitStore visits,
            DataFile data,
            TransactionTemplate transactions,
            Clock clock) {
        this.dogs = dogs;
        this.coats = coats;
        this.household = household;
        this.sessions = sessions;
        this.events = events;
        this.trials = trials;
        this.tools = tools;
        this.readings = readings;
        this.data = data;
        this.transactions = transactions;
        this.visits = visits;
        this.clock = clock;
    }

    /** Lived through first, then written in one go. */
    @Override
    public void run(ApplicationArguments args) {
        if (!data.reading(dogs::all).isEmpty()) {
            return;
        }
        LocalDate today = LocalDate.now(clock);
        RandomGenerator random = RandomGeneratorFactory.of("L64X128MixRandom").create(SEED);
        List<Runnable> writes = new ArrayList<>();
        long id = 0;
        for (DemoDog demo : DemoDog.household()) {
            id++;
            writes.addAll(household(demo, id, today));
            KnownDog known = new KnownDog(
                    id, demo.form().name(), demo.form().dog(), demo.coat().coat());
            Kit kit = Kit.of(Match.of(known.dog(), known.coat(), Approach.USUAL), DemoDrawer.tools(today));
            writes.addAll(
                    new DemoMonths(known, demo, kit, random, sessions, events, trials, clock.getZone()).live(today));
        }
        transactions.executeWithoutResult(status -> {
            household.put(new Household(
                    "Mooring 14",
                    Comfort.BALANCED,
                    Household.LengthUnit.MILLIMETRES,
                    Household.MassUnit.KILOGRAMS,
                    DayOfWeek.MONDAY,
                    Household.DateFormat.DAY_MONTH,
                    Household.LATITUDE,
                    Map.of(),
                    Household.CURRENCY,
                    Household.QUIET_FROM,
                    Household.QUIET_TO));
            DemoDrawer.fill(tools, today);
            writes.forEach(Runnable::run);
        });
    }

    /** The dog itself, its coat, its readings and its visits; ids count up in an empty file. */
    private List<Runnable> household(DemoDog demo, long id, LocalDate today) {
        return List.of(
                () -> dogs.add(demo.form()),
                () -> coats.put(id, demo.coat()),
                () -> DemoReadings.of(demo, today)
                        .forEach((day, lengths) -> lengths.forEach(
                                (region, length) -> readings.put(id, region, new LengthReading(day, length)))),
                () -> DemoVisits.of(demo, id, today, visits));
    }
}
