package rustictangle.server.exchange;

import java.util.List;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;
import rustictangle.core.Refused;
import rustictangle.server.exchange.StagingStore.Staging;
import rustictangle.server.frame.DataFile;
import rustictangle.server.frame.Progress;
import rustictangle.server.frame.Shows;
import rustictangle.server.session.SessionService;

/** Opens everything there is to show of a file beside the data: what could not be shown is not taken over. */
@Component
class Examination {

    private static final Logger LOG = LoggerFactory.getLogger("rustictangle");

    private final DataFile data;
    private final StagingStore stagings;
    private final SessionService sessions;
    private final List<Shows> views;

    Examination(DataFile data, StagingStore stagings, SessionService sessions, List<Shows> views) {
        this.data = data;
        this.stagings = stagings;
        this.sessions = sessions;
        this.views = views;
    }

    /** @throws Refused when something cannot be shown */
    void everything(Staging staging, Progress.Running running) {
        stagings.asIfNothingWereRemoved(staging, dogs -> {
            int all = views.size() * (1 + dogs.size());
            int looked = 0;
            for (Shows view : views) {
                running.at("looking it over", looked++, all);
                open(staging, "the household", view::household);
            }
            for (StagingStore.Known dog : dogs) {
                for (Shows view : views) {
                    running.at("looking over " + dog.name(), looked++, all);
                    open(staging, dog.name(), () -> view.dog(dog.id()));
                }
            }
        });
    }

    /** @throws Refused when a session cannot be gone through; of the rest there is nothing in the file */
    void sessions(Staging staging) {
        open(staging, "the sessions", sessions::household);
    }

    private void open(Staging staging, String whose, Runnable view) {
        try {
            staging.asTheData(data, view);
        } catch (Refused e) {
            throw StagingStore.refused(
                    0,
                    "what is in it of " + whose + " cannot be: "
                            + e.field().map(field -> field + ": ").orElse("") + e.getMessage());
        } catch (RuntimeException e) {
            LOG.debug("A file is refused, for what it holds cannot be shown", e);
            throw StagingStore.refused(0, "what is in it of " + whose + " does not fit together");
        }
    }
}
