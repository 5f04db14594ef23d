package rustictangle.server.rhythm;

import java.time.Clock;
import java.time.LocalDate;
import org.springframework.stereotype.Component;
import rustictangle.core.rhythm.Rhythm;
import rustictangle.server.coat.KnownDog;
import rustictangle.server.household.HouseholdStore;

/** A known dog's rhythm today. */
@Component
public class Rhythms {

    private final CombCheckStore checks;
    private final HouseholdStore household;
    private final Clock clock;

    Rhythms(CombCheckStore checks, HouseholdStore household, Clock clock) {
        this.checks = checks;
        this.household = household;
        this.clock = clock;
    }

    public Rhythm of(KnownDog known) {
        return Rhythm.of(known.dog(), known.coat(), household.get().comfort(), checks.of(known.id()),
                LocalDate.now(clock));
    }
}
