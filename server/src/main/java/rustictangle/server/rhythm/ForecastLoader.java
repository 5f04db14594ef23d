package rustictangle.server.rhythm;

import java.time.Clock;
import java.time.LocalDate;
import org.springframework.stereotype.Component;
import rustictangle.core.log.Log;
import rustictangle.core.rhythm.Conditions;
import rustictangle.core.rhythm.Diary;
import rustictangle.core.rhythm.Forecast;
import rustictangle.server.coat.KnownDog;
import rustictangle.server.frame.DerivedCache;
import rustictangle.server.household.Household;
import rustictangle.server.household.HouseholdLoader;
import rustictangle.server.log.Logs;

/** Loads a known dog's rhythm today, and what is to come. */
@Component
public class ForecastLoader {

    private record ForecastBasis(Conditions conditions, Diary diary) {}

    private record Days(KnownDog known, Diary diary, LocalDate today) {}

    private final Logs logs;
    private final HouseholdLoader households;
    private final DerivedCache made;
    private final Clock clock;

    ForecastLoader(Logs logs, HouseholdLoader households, DerivedCache made, Clock clock) {
        this.logs = logs;
        this.households = households;
        this.made = made;
        this.clock = clock;
    }

    public Forecast of(KnownDog known) {
        return of(known, logs.of(known.id()));
    }

    /** As far as a log of its tells. */
    public Forecast of(KnownDog known, Log log) {
        return made.of(
                Forecast.class, known.id(), facts(known, log), facts -> Forecast.of(facts.conditions, facts.diary));
    }

    private ForecastBasis facts(KnownDog known, Log log) {
        Household household = households.get();
        LocalDate today = LocalDate.now(clock);
        Diary diary = Diary.of(log, household.latitude(), today);
        Conditions conditions = made.of(
                Conditions.class,
                known.id(),
                new Days(known, diary.withoutChecks(), today),
                days -> Conditions.of(known.dog(), known.coat(), days.diary, today));
        return new ForecastBasis(conditions, diary);
    }
}
