package rustictangle.server.plan;

import org.springframework.stereotype.Component;
import rustictangle.core.plan.PlanToday;
import rustictangle.server.frame.DataFile;

/** Keeps what today asks for. */
@Component
record AskedDays(Plans plans, AskedDayStore store, DataFile data) {

    void keep() {
        PlanToday now = data.reading(plans::now);
        store.keep(now.today(), Math.round(60 * now.promise().plan().minutes(0)));
    }
}
