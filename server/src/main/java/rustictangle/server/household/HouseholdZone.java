package rustictangle.server.household;

import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.dao.DataAccessException;
import org.springframework.stereotype.Component;
import rustictangle.server.frame.Busy;
import rustictangle.server.frame.DataFile;
import rustictangle.server.frame.HouseClock;

/** Gives the household the machine's zone, once, so that its days stay where they are when the machine travels. */
@Component
record HouseholdZone(HouseholdStore store, HouseholdLoader loader, DataFile data, HouseClock clock) {

    private static final Logger LOG = LoggerFactory.getLogger("rustictangle");

    @EventListener
    void ready(ApplicationReadyEvent started) {
        try {
            String machines = clock.ofTheMachine().getId();
            if (data.reading(loader::get).zone() == null && Household.ofAPlace(machines)) {
                store.keepZone(machines);
                data.reading(loader::get);
            }
        } catch (Busy | DataAccessException later) {
            LOG.warn("The zone could not be kept just now; the next start will: {}", later.getMessage());
        }
    }
}
