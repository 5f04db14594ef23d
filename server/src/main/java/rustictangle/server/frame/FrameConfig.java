package rustictangle.server.frame;

import java.time.Clock;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.boot.web.server.context.WebServerApplicationContext;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.context.event.EventListener;

/** The clock, and the word that the application is ready. */
@Configuration
class FrameConfig {

    private static final Logger LOG = LoggerFactory.getLogger("rustictangle");

    @Bean
    Clock clock(Settings settings) {
        return settings.clockOrSystem();
    }

    @EventListener
    void ready(ApplicationReadyEvent event) {
        if (event.getApplicationContext() instanceof WebServerApplicationContext web
                && web.getWebServer() != null) {
            LOG.info("Rustic Tangle is ready: http://127.0.0.1:{}/", web.getWebServer().getPort());
        }
    }
}
