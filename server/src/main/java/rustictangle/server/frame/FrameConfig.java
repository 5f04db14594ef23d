package rustictangle.server.frame;

import java.time.Instant;
import java.time.LocalDate;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.boot.web.server.context.WebServerApplicationContext;
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

    @EventListener
    void ready(ApplicationReadyEvent event) {
        if (event.getApplicationContext() instanceof WebServerApplicationContext web && web.getWebServer() != null) {
            LOG.info(
                    "Rustic Tangle is ready: http://127.0.0.1:{}/",
                    web.getWebServer().getPort());
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
