package rustictangle.server.household;

import org.springframework.stereotype.Component;
import rustictangle.server.frame.ReadCache;

/** Loads who lives here and how they want it. */
@Component
public class HouseholdLoader {

    private final HouseholdStore store;
    private final ReadCache reads;

    HouseholdLoader(HouseholdStore store, ReadCache reads) {
        this.store = store;
        this.reads = reads;
    }

    public Household get() {
        return reads.of(Household.class, store::get);
    }
}
