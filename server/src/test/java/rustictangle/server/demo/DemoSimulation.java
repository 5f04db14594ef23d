package rustictangle.server.demo;

import java.time.Clock;
import java.time.DayOfWeek;
import java.time.Duration;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.random.RandomGenerator;
import java.util.random.RandomGeneratorFactory;
import java.util.stream.Stream;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.transaction.support.TransactionTemplate;
import rustictangle.core.kit.Approach;
import rustictangle.core.kit.Kit;
import rustictangle.core.kit.Match;
import rustictangle.core.log.Entry;
import rustictangle.core.rhythm.Comfort;
import rustictangle.server.care.CareStore;
import rustictangle.server.coat.CoatStore;
import rustictangle.server.coat.KnownDog;
import rustictangle.server.dog.DogStore;
import rustictangle.server.household.Household;
import rustictangle.server.household.HouseholdStore;
import rustictangle.server.kit.ToolStore;
import rustictangle.server.kit.Tools;
import rustictangle.server.log.Logs;
import rustictangle.server.plan.AskedDayStore;
import rustictangle.server.visit.VisitStore;

/** Fills an empty data file with the made-up household, its records counted back from today. */
class DemoSimulation implements ApplicationRunner {

    private static final LocalTime GROOM_HOUR = LocalTime.of(10, 30);

    private static final long SEED = 431;

    private static final int WEEKDAY_MINUTES = 40;
    private static final int WEEKEND_MINUTES = 60;

    private final DogStore dogs;
    private final CoatStore coats;
    private final HouseholdStore household;
    private final Logs logs;
    private final ToolStore tools;
    private final Tools checks;
    private final TransactionTemplate transactions;
    private final VisitStore visits;
    private final CareStore care;
    private final AskedDayStore askedDays;
    private final Clock clock;

    DemoSimulation(
            DogStore dogs,
            CoatStore coats,
            HouseholdStore household,
            Logs logs,
            ToolStore tools,
            Tools checks,
            VisitStore visits,
            CareStore care,
            AskedDayStore askedDays,
            TransactionTemplate transactions,
            Clock clock) {
        this.dogs = dogs;
        this.coats = coats;
        this.household = household;
        this.logs = logs;
        this.tools = tools;
        this.checks = checks;
        this.transactions = transactions;
        this.visits = visits;
        this.care = care;
        this.askedDays = askedDays;
        this.clock = clock;
    }

    /** Lived through first, then written in one go. */
    @Override
    public void run(ApplicationArguments args) {
        LocalDate today = LocalDate.now(clock);
        List<DemoDog> all = DemoDog.household();
        List<Of> said = new ArrayList<>();
        for (DemoDog demo : all) {
            long id = all.indexOf(demo) + 1;
            KnownDog known = new KnownDog(
                    id,
                    demo.form().name(),
                    demo.form().dog(),
                    demo.coatOn(today).coat());
            Kit kit = Kit.of(Match.of(known.dog(), known.coat(), Approach.USUAL), DemoDrawer.tools(today));
            List<Entry> besides = Stream.of(
                            DemoReadings.of(demo, today),
                            DemoVisits.of(demo, today),
                            DemoCare.of(all.indexOf(demo), today))
                    .flatMap(List::stream)
                    .toList();
            besides.forEach(entry -> said.add(new Of(id, entry)));
            RandomGenerator random =
                    RandomGeneratorFactory.of("L64X128MixRandom").create(SEED + id);
            new DemoMonths(known, demo, kit, besides, Household.LATITUDE, random, clock.getZone())
                    .live(today)
                    .forEach(entry -> said.add(new Of(id, entry)));
        }
        said.sort(Comparator.comparing(told -> told.entry.at()));
        transactions.executeWithoutResult(status -> {
            household.put(new Household(
                    "Mooring 14",
                    Comfort.BALANCED,
                    Household.LengthUnit.MILLIMETRES,
                    Household.MassUnit.KILOGRAMS,
                    DayOfWeek.MONDAY,
                    Household.DateFormat.DAY_MONTH,
                    Household.LATITUDE,
                    minutes(),
                    Household.CURRENCY,
                    Household.QUIET_FROM,
                    Household.QUIET_TO,
                    null,
                    null));
            DemoDrawer.fill(tools, checks, today);
            DemoCare.fill(care);
            all.forEach(demo -> settle(demo, all.indexOf(demo) + 1, today));
            said.forEach(told -> logs.append(told.dog, told.entry));
            today.minusMonths(1)
                    .datesUntil(today)
                    .forEach(day -> askedDays.keep(
                            day,
                            Duration.ofMinutes(minutes().get(day.getDayOfWeek()))
                                    .toSeconds()));
        });
    }

    private record Of(long dog, Entry entry) {}

    private static Map<DayOfWeek, Integer> minutes() {
        Map<DayOfWeek, Integer> minutes = new EnumMap<>(DayOfWeek.class);
        for (DayOfWeek day : DayOfWeek.values()) {
            minutes.put(day, day.compareTo(DayOfWeek.SATURDAY) < 0 ? WEEKDAY_MINUTES : WEEKEND_MINUTES);
        }
        return minutes;
    }

    /** The dog itself, its coat and its groomer; ids count up in an empty file. */
    private void settle(DemoDog demo, long id, LocalDate today) {
        dogs.add(demo.form());
        coats.put(id, demo.coatOn(today));
        if (demo.clipped()) {
            visits.setPrice(id, DemoVisits.PRICE);
            demo.groomInDays()
                    .ifPresent(days ->
                            visits.setNext(id, today, Optional.of(today.plusDays(days)), Optional.of(GROOM_HOUR)));
        }
    }
}
