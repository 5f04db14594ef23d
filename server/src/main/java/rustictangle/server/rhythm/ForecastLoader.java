package rustictangle.server.rhythm;

import java.time.Clock;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.Map;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import rustictangle.core.rhythm.Comfort;
import rustictangle.core.rhythm.Diary;
import rustictangle.core.rhythm.Forecast;
import rustictangle.core.rhythm.Rhythm;
import rustictangle.server.coat.KnownDog;
import rustictangle.server.frame.LastMade;
import rustictangle.server.household.Household;
import rustictangle.server.household.HouseholdLoader;
import rustictangle.server.log.Logs;

/** Loads a known dog's rhythm today, and what is to come. */
@Component
public class ForecastLoader {

    private record Facts(KnownDog known, Diary diary, Comfort comfort, LocalDate today) {}

    private final Logs logs;
    private final HouseholdLoader households;
    private final LastMade made;
    private final Clock clock;

    ForecastLoader(Logs logs, HouseholdLoader households, LastMade made, Clock clock) {
        this.logs = logs;
        this.households = households;
        this.made = made;
        this.clock = clock;
    }

    public Rhythm rhythm(KnownDog known) {
        return of(known).rhythm();
    }

    public Forecast of(KnownDog known) {
        Household household = households.get();
        Facts facts = facts(known, household, household.comfort());
        return made.of(Forecast.class, known.id(), facts, ForecastLoader::forecast);
    }

    private record ByComfort(Map<Comfort, Forecast> forecasts) {}

    /** The same with whatever comfort. */
    Map<Comfort, Forecast> byComfort(KnownDog known) {
        Household household = households.get();
        return made.of(
                        ByComfort.class,
                        known.id(),
                        facts(known, household, household.comfort()),
                        facts -> new ByComfort(Arrays.stream(Comfort.values())
                                .collect(Collectors.toMap(
                                        comfort -> comfort,
                                        comfort -> forecast(new Facts(known, facts.diary, comfort, facts.today))))))
                .forecasts;
    }

    private static Forecast forecast(Facts facts) {
        return Forecast.of(facts.known.dog(), facts.known.coat(), facts.comfort, facts.diary, facts.today);
    }

    private Facts facts(KnownDog known, Household household, Comfort comfort) {
        LocalDate today = LocalDate.now(clock);
        return new Facts(known, Diary.of(logs.of(known.id()), household.latitude(), today), comfort, today);
    }
}
