package rustictangle.server.trust;

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

    TreatLoader(TreatStore store, Logs logs) {
        this.store = store;
        this.logs = logs;
    }

    /** As entered, or what is usual for this dog. */
    Treat of(KnownDog known) {
        return store.find(known.id()).orElseGet(() -> Treat.usual(TreatAllowance.of(known.dog())));
    }

    public TreatsToday today(KnownDog known) {
        return TreatsToday.of(TreatAllowance.of(known.dog()), of(known), logs.of(known.id()));
    }
}
