package rustictangle.server.plan;

import java.util.concurrent.TimeUnit;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.DataAccessException;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;
import rustictangle.server.frame.Busy;

/** What is looked after now and then, whoever asks for it or not. */
@Component
record Rounds(Reminders reminders, AskedDays askedDays) {

    private static final Logger LOG = LoggerFactory.getLogger("rustictangle");
    private static final int EVERY_MINUTES = 10;

    @Scheduled(fixedDelay = EVERY_MINUTES, initialDelay = EVERY_MINUTES, timeUnit = TimeUnit.MINUTES)
    void now() {
        try {
            askedDays.keep();
            reminders.look();
        } catch (Busy | DataAccessException later) {
            LOG.warn("Nothing could be kept or sent just now; the next round will: {}", later.getMessage());
        }
    }
}
