package rustictangle.server.rhythm;

import java.time.Clock;
import java.time.LocalDate;
import java.util.NavigableSet;
import java.util.function.Function;
import org.springframework.stereotype.Component;
import rustictangle.core.rhythm.CombCheck;
import rustictangle.core.rhythm.Comfort;
import rustictangle.core.rhythm.Diary;
import rustictangle.core.rhythm.Forecast;
import rustictangle.core.rhythm.Rhythm;
import rustictangle.core.rhythm.Season;
import rustictangle.server.coat.KnownDog;
import rustictangle.server.coat.ReadingStore;
import rustictangle.server.frame.LogReader;
import rustictangle.server.frame.PastLogStore;
import rustictangle.server.household.Household;
import rustictangle.server.household.HouseholdStore;

/** A known dog's rhythm today, and what is to come. */
@Component
public class Rhythms {

    /** So far back a dog's own seasons are looked for, years. */
    private static final int SEASONS_YEARS = 4;

    private final CombCheckStore store;
    private final LogReader<CombCheck> checks;
    private final LifeStore life;
    private final ReadingStore readings;
    private final HouseholdStore households;
    private final Clock clock;

    Rhythms(
            CombCheckStore store,
            PastLogStore log,
            LifeStore life,
            ReadingStore readings,
            HouseholdStore households,
            Clock clock) {
        this.store = store;
        this.checks = new LogReader<>(log, Diary.REMEMBERED_DAYS, store::of);
        this.life = life;
        this.readings = readings;
        this.households = households;
        this.clock = clock;
    }

    public Rhythm of(KnownDog known) {
        return forecast(known).rhythm();
    }

    public Forecast forecast(KnownDog known) {
        Household household = households.get();
        return forecasts(known, household).apply(household.comfort());
    }

    /** With whatever comfort; what is asked again is not read again. */
    Function<Comfort, Forecast> forecasts(KnownDog known, Household household) {
        LocalDate today = LocalDate.now(clock);
        NavigableSet<LocalDate> heaps = store.heaps(known.id(), today.minusYears(SEASONS_YEARS));
        LocalDate since = today.minusDays(Diary.REMEMBERED_DAYS);
        Diary diary = new Diary(
                checks.of(known.id(), today),
                life.of(known.id(), since),
                readings.of(known.id()),
                heaps,
                Season.about(household.latitude(), heaps, today),
                life.grooms(known.id(), since, today));
        return comfort -> Forecast.of(known.dog(), known.coat(), comfort, diary, today);
    }
}
