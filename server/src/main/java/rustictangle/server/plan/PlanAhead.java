package rustictangle.server.plan;

import java.time.Duration;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.SmartLifecycle;
import org.springframework.stereotype.Component;
import rustictangle.server.frame.DataFile;
import rustictangle.server.frame.Settings;

/**
 * Reckons the plan while the rest starts. It is ready when its first page will come at once: with years of records it
 * waits for that, though not for long.
 */
@Component
class PlanAhead implements SmartLifecycle {

    private static final Logger LOG = LoggerFactory.getLogger("rustictangle");
    /** Whoever waits longer sees on the page how far it is. */
    private static final Duration MOST = Duration.ofSeconds(3);

    private final Thread ahead;
    private final Duration most;

    PlanAhead(Plans plans, DataFile data, Settings settings) {
        // Whoever only tries it out sees it at once, and how far the plan is on the page.
        most = settings.demo() ? Duration.ofMillis(1) : MOST;
        ahead = new Thread(
                () -> {
                    try {
                        data.reading(plans::now);
                    } catch (RuntimeException e) {
                        LOG.debug("Not reckoned ahead; whoever asks first is told what is wrong", e);
                    }
                },
                "plan-ahead");
        ahead.setDaemon(true);
        ahead.start();
    }

    /** Before the web server lets anybody in. */
    @Override
    public int getPhase() {
        return 0;
    }

    @Override
    public void start() {
        try {
            ahead.join(most.toMillis());
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }

    @Override
    public void stop() {}

    @Override
    public boolean isRunning() {
        return false;
    }
}
