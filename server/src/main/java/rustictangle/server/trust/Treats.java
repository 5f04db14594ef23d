package rustictangle.server.trust;

import java.time.LocalDate;
import org.springframework.stereotype.Component;
import rustictangle.core.trust.Treat;
import rustictangle.core.trust.TreatAllowance;
import rustictangle.core.trust.TreatsToday;
import rustictangle.server.coat.KnownDog;
import rustictangle.server.frame.PastLogStore;

/** What is in a dog's treat bag, and what of it was given. */
@Component
public class Treats {

    private final TreatStore store;
    private final PastLogStore log;

    Treats(TreatStore store, PastLogStore log) {
        this.store = store;
        this.log = log;
    }

    /** As entered, or what is usual for this dog. */
    Treat of(KnownDog known) {
        return store.find(known.id()).orElseGet(() -> Treat.usual(TreatAllowance.of(known.dog())));
    }

    public TreatsToday on(KnownDog known, LocalDate today) {
        return TreatsToday.of(TreatAllowance.of(known.dog()), of(known), store.given(known.id(), log.beginning(today)));
    }
}
