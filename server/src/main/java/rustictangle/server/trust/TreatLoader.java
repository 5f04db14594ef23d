package rustictangle.server.trust;

import java.time.Clock;
import java.time.LocalDate;
import org.springframework.stereotype.Component;
import rustictangle.core.trust.Treat;
import rustictangle.core.trust.TreatAllowance;
import rustictangle.core.trust.TreatsToday;
import rustictangle.server.coat.KnownDog;
import rustictangle.server.log.Logs;

/** Loads what is in a dog's treat bag, and what of it was given. */
@Component
public class TreatLoader {

    private final TreatStore store;
    private final Logs logs;
    private final Clock clock;

    TreatLoader(TreatStore store, Logs logs, Clock clock) {
        this.store = store;
        this.logs = logs;
        this.clock = clock;
    }

    /** As entered, or what is usual for this dog. */
    Treat of(KnownDog known) {
        return store.find(known.id()).orElseGet(() -> Treat.usual(allowance(known)));
    }

    TreatAllowance allowance(KnownDog known) {
        return TreatAllowance.of(known.dog(), LocalDate.now(clock));
    }

    public TreatsToday today(KnownDog known) {
        return TreatsToday.of(allowance(known), of(known), logs.of(known.id()));
    }
}
