package rustictangle.server.demo;

import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.time.temporal.ChronoUnit;
import org.springframework.beans.factory.InitializingBean;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;
import rustictangle.server.dog.DogStore;
import rustictangle.server.frame.DataFile;
import rustictangle.server.frame.Settings;
import rustictangle.server.household.HouseholdStore;
import rustictangle.server.log.Logs;
import rustictangle.server.plan.AskedDayStore;
import rustictangle.server.visit.VisitStore;

/**
 * If asked to, puts the made-up household in the place of an empty data file, before anybody can ask for anything. Its
 * months were lived through when the product was built; here its days are only counted back from today.
 */
@Component
record DemoHousehold(
        DogStore dogs,
        HouseholdStore households,
        Logs logs,
        VisitStore visits,
        AskedDayStore askedDays,
        DataFile data,
        TransactionTemplate transactions,
        Settings settings,
        Clock clock)
        implements InitializingBean {

    /** The morning for which the household was made, in UTC. */
    static final String MADE_FOR = "2026-05-14T09:00:00Z";

    private static final String RESOURCE = "/rustictangle/demo/household.db";

    @Override
    public void afterPropertiesSet() throws IOException {
        if (settings.demo() && data.reading(dogs::all).isEmpty()) {
            settle();
        }
    }

    void settle() throws IOException {
        String key = data.reading(() -> households.calendarKey().orElseThrow());
        Path incoming =
                Files.createTempFile(data.file().getParent(), data.file().getFileName() + ".tmp-demo-", "");
        Path aside = incoming.resolveSibling(incoming.getFileName() + "-before");
        try (InputStream made = DemoHousehold.class.getResourceAsStream(RESOURCE)) {
            if (made == null) {
                throw new IOException("this build holds no demo household");
            }
            Files.copy(made, incoming, StandardCopyOption.REPLACE_EXISTING);
            data.replaceBy(incoming, aside);
        } finally {
            Files.deleteIfExists(incoming);
            Files.deleteIfExists(aside);
        }
        LocalDate then = LocalDate.ofInstant(Instant.parse(MADE_FOR), ZoneOffset.UTC);
        long days = ChronoUnit.DAYS.between(then, LocalDate.now(clock));
        // Half past six in the evening is so where the household lives, too.
        int offset = clock.getZone().getRules().getOffset(clock.instant()).getTotalSeconds();
        transactions.executeWithoutResult(status -> {
            households.keepCalendarKey(key);
            logs.moveAll(days, Duration.ofSeconds(-offset));
            visits.moveAll(days);
            askedDays.moveAll(days);
            dogs.moveAll(days);
        });
    }
}
