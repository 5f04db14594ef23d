package rustictangle.server.frame;

import java.time.Instant;
import java.time.LocalDate;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.boot.web.server.context.WebServerApplicationContext;
import org.springframework.context.ApplicationContext;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.context.event.EventListener;
import org.springframework.format.FormatterRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/** The clock, and the word that the application is ready. */
@Configuration
class FrameConfig implements WebMvcConfigurer {

    private static final Logger LOG = LoggerFactory.getLogger("rustictangle");

    @Bean
    HouseClock clock(Settings settings) {
        return new HouseClock(settings.clockOrSystem());
    }

    /** The address with the key is for a person at a screen; what is kept of the output is read by others, too. */
    @EventListener
    void ready(ApplicationReadyEvent event) {
        ApplicationContext context = event.getApplicationContext();
        if (context instanceof WebServerApplicationContext web && web.getWebServer() != null) {
            int port = web.getWebServer().getPort();
            WayIn wayIn = context.getBean(WayIn.class);
            String address = wayIn.open(port);
            String page = "http://127.0.0.1:" + port + "/";
            boolean seen = System.console() != null || address.equals(page);
            LOG.info(
                    "Rustic Tangle is ready: {}",
                    seen ? address : page + " (the way in stands in " + wayIn.file() + ")");
            if (context.getBean(Settings.class).open()) {
                OwnersBrowser.open(address);
            }
        }
    }

    /** Days and moments that come in a path or a query are bounded like everything else. */
    @Override
    public void addFormatters(FormatterRegistry registry) {
        registry.addConverter(String.class, LocalDate.class, text -> bounded(LocalDate.parse(text)));
        registry.addConverter(String.class, Instant.class, text -> bounded(Instant.parse(text)));
    }

    private static LocalDate bounded(LocalDate day) {
        if (!Bounds.within(day)) {
            throw new IllegalArgumentException(day + " lies outside of " + Bounds.FIRST_DAY + " to " + Bounds.LAST_DAY);
        }
        return day;
    }

    private static Instant bounded(Instant moment) {
        if (!Bounds.within(moment)) {
            throw new IllegalArgumentException(
                    moment + " lies outside of " + Bounds.FIRST_DAY + " to " + Bounds.LAST_DAY);
        }
        return moment;
    }
}
