package rustictangle.server.exchange;

import java.util.ArrayList;
import java.util.List;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;
import rustictangle.core.Refused;
import rustictangle.server.coat.DogLoader;
import rustictangle.server.coat.KnownDog;
import rustictangle.server.dog.DogStore;
import rustictangle.server.exchange.StagingStore.Staging;
import rustictangle.server.frame.DataFile;
import rustictangle.server.frame.Progress;
import rustictangle.server.frame.ViewProbe;
import rustictangle.server.kit.ToolStore;
import rustictangle.server.log.Logs;
import rustictangle.server.session.SessionService;

/** Opens everything there is to show of a file beside the data: what could not be shown is not taken over. */
@Component
record Examination(
        DataFile data,
        StagingStore stagings,
        DogStore dogs,
        ToolStore tools,
        Logs logs,
        DogLoader loader,
        SessionService sessions,
        List<ViewProbe> views) {

    private static final Logger LOG = LoggerFactory.getLogger("rustictangle");

    /** @throws Refused when something does not fit together or cannot be shown */
    void everything(Staging staging, Progress.Running running) {
        stagings.checkReferences(staging);
        // What was removed can be brought back, and must be right then, too.
        stagings.onTrial(staging, () -> {
            List<KnownDog> known = new ArrayList<>();
            open(staging, "the household", () -> {
                dogs.restoreAll();
                tools.restoreAll();
                logs.problem().ifPresent(problem -> {
                    throw new Refused(problem);
                });
            });
            open(staging, "the dogs", () -> known.addAll(loader.known()));
            int all = views.size() * (1 + known.size());
            int looked = 0;
            for (ViewProbe view : views) {
                running.at("looking it over", looked++, all);
                open(staging, "the household", view::household);
            }
            for (KnownDog dog : known) {
                for (ViewProbe view : views) {
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
