package rustictangle.server;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.HashSet;
import java.util.Set;
import org.springframework.boot.test.context.TestConfiguration;
import org.springframework.boot.webmvc.test.autoconfigure.MockMvcBuilderCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Primary;
import org.springframework.http.HttpHeaders;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;
import rustictangle.server.frame.HouseClock;
import rustictangle.server.rhythm.Weather;

/** In place of what lies outside, as a test sets it. */
@TestConfiguration
public class StandIns {

    /** Of this machine's own door. */
    public static final String KEY = "k".repeat(43);

    /** Whatever is asked bears the key, as what the owner's browser asks does. */
    @Bean
    MockMvcBuilderCustomizer letIn() {
        return builder -> builder.defaultRequest(
                MockMvcRequestBuilders.get("/").header(HttpHeaders.AUTHORIZATION, "Bearer " + KEY));
    }

    @Bean
    @Primary
    MovableClock movableClock() {
        return new MovableClock();
    }

    @Bean
    @Primary
    SettableWeather settableWeather() {
        return new SettableWeather();
    }

    /** It rains only when a test says so. */
    static final class SettableWeather implements Weather {
        final Set<LocalDate> wet = new HashSet<>();

        @Override
        public boolean wet(LocalDate day) {
            return wet.contains(day);
        }

        @Override
        public boolean simulated() {
            return true;
        }
    }

    static final class MovableClock extends HouseClock {
        Instant now = ServerTest.MORNING;

        MovableClock() {
            super(Clock.system(ZoneId.of("Europe/London")));
        }

        @Override
        public Instant instant() {
            return now;
        }

        @Override
        public Clock withZone(ZoneId zone) {
            throw new UnsupportedOperationException("the test household does not travel");
        }
    }
}
