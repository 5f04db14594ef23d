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
    private final LifeStore life;
    private final HouseholdStore household;
    private final Clock clock;

    Rhythms(CombCheckStore checks, LifeStore life, HouseholdStore household, Clock clock) {
        this.checks = checks;
        this.life = life;
        this.household = household;
        this.clock = clock;
    }

    public Rhythm of(KnownDog known) {
        return Rhythm.of(known.dog(), known.coat(), household.get().comfort(), checks.of(known.id()),
                life.of(known.id()), LocalDate.now(clock));
    }
}
