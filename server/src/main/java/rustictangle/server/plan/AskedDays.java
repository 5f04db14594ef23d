package rustictangle.server.plan;

import java.util.concurrent.TimeUnit;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.DataAccessException;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;
import rustictangle.core.plan.PlanToday;
import rustictangle.server.frame.Busy;
import rustictangle.server.frame.DataFile;

/** Keeps now and then what today asks for. */
@Component
record AskedDays(Plans plans, AskedDayStore store, DataFile data) {

    private static final Logger LOG = LoggerFactory.getLogger("rustictangle");
    private static final int EVERY_MINUTES = 10;

    @Scheduled(fixedDelay = EVERY_MINUTES, initialDelay = EVERY_MINUTES, timeUnit = TimeUnit.MINUTES)
    void now() {
        try {
            keep();
        } catch (Busy | DataAccessException later) {
            LOG.warn("What today asks for could not be kept just now; the next round will: {}", later.getMessage());
        }
    }

    void keep() {
        PlanToday now = data.reading(plans::now);
        store.keep(now.today(), Math.round(60 * now.promise().plan().minutes(0)));
    }
}
