package rustictangle.server.household;

import org.springframework.stereotype.Component;
import rustictangle.server.frame.DataFile;
import rustictangle.server.frame.HouseClock;
import rustictangle.server.frame.ReadCache;

/** Loads who lives here and how they want it; their clock goes by it. */
@Component
public class HouseholdLoader {

    private final HouseholdStore store;
    private final ReadCache reads;
    private final DataFile data;
    private final HouseClock clock;

    HouseholdLoader(HouseholdStore store, ReadCache reads, DataFile data, HouseClock clock) {
        this.store = store;
        this.reads = reads;
        this.data = data;
        this.clock = clock;
    }

    public Household get() {
        Household here = reads.of(Household.class, store::get);
        if (!data.beside()) {
            clock.goBy(here.zoneId());
        }
        return here;
    }
}
