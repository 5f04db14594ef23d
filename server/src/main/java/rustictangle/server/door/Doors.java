package rustictangle.server.door;

import jakarta.servlet.Filter;
import java.net.InetAddress;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.boot.web.server.servlet.ConfigurableServletWebServerFactory;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.config.annotation.web.configurers.AbstractHttpConfigurer;
import org.springframework.security.config.http.SessionCreationPolicy;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.header.HeaderWriterFilter;
import org.springframework.security.web.header.writers.CrossOriginOpenerPolicyHeaderWriter.CrossOriginOpenerPolicy;
import org.springframework.security.web.header.writers.CrossOriginResourcePolicyHeaderWriter.CrossOriginResourcePolicy;
import org.springframework.security.web.header.writers.ReferrerPolicyHeaderWriter.ReferrerPolicy;
import rustictangle.server.frame.BodyLimit;
import rustictangle.server.frame.ChildsHand;
import rustictangle.server.frame.DataFile;
import rustictangle.server.frame.OneStatePerRequest;
import rustictangle.server.frame.ProblemWriter;

/**
 * Nobody else gets in: a chain for each of the two doors. See docs/decisions/0011-nobody-else-in-the-browser.md and
 * 0022-two-doors.md.
 */
@Configuration
class Doors {

    /** Styles are also set by the component library while it runs, and by print; scripts are only our own files. */
    private static final String CONTENT =
            "default-src 'self'; script-src 'self'; style-src 'self' 'unsafe-inline'; img-src 'self' data: blob:; "
                    + "font-src 'self'; connect-src 'self'; object-src 'none'; base-uri 'none'; form-action 'self'; frame-ancestors 'none'";

    @Bean
    @Order(1)
    SecurityFilterChain toTheHome(
            HttpSecurity http, ProblemWriter problems, DataFile data, HomeDoor door, HomeFile file, ChildsHand hands)
            throws Exception {
        http.securityMatcher(request -> door.isIts(request.getLocalPort()));
        return guarded(http, new HomeFilter(problems, data, door, file, hands), problems, data);
    }

    @Bean
    @Order(2)
    SecurityFilterChain own(HttpSecurity http, ProblemWriter problems, DataFile data, OwnKey key) throws Exception {
        return guarded(http, new OwnDoor(problems, key), problems, data);
    }

    private static SecurityFilterChain guarded(HttpSecurity http, Filter guard, ProblemWriter problems, DataFile data)
            throws Exception {
        return http
                // The origin is looked at instead of a token, and the cookie goes with requests of our own pages only.
                .csrf(AbstractHttpConfigurer::disable)
                .logout(AbstractHttpConfigurer::disable)
                .requestCache(AbstractHttpConfigurer::disable)
                .securityContext(AbstractHttpConfigurer::disable)
                .anonymous(AbstractHttpConfigurer::disable)
                .sessionManagement(session -> session.sessionCreationPolicy(SessionCreationPolicy.STATELESS))
                .headers(headers -> headers.contentSecurityPolicy(policy -> policy.policyDirectives(CONTENT))
                        // It would forbid to go on past the warning that a home's own certificate gives.
                        .httpStrictTransportSecurity(strict -> strict.disable())
                        .frameOptions(frames -> frames.deny())
                        .referrerPolicy(referrer -> referrer.policy(ReferrerPolicy.NO_REFERRER))
                        .crossOriginResourcePolicy(resources -> resources.policy(CrossOriginResourcePolicy.SAME_ORIGIN))
                        .crossOriginOpenerPolicy(opener -> opener.policy(CrossOriginOpenerPolicy.SAME_ORIGIN)))
                .addFilterAfter(guard, HeaderWriterFilter.class)
                .addFilterAfter(new BodyLimit(problems), guard.getClass())
                .addFilterAfter(new OneStatePerRequest(data), BodyLimit.class)
                .build();
    }

    /** Whatever the surroundings say, the machine's own door is heard on this machine only. */
    @Bean
    @Order(Ordered.LOWEST_PRECEDENCE)
    WebServerFactoryCustomizer<ConfigurableServletWebServerFactory> onThisMachineOnly() {
        return factory -> factory.setAddress(InetAddress.getLoopbackAddress());
    }
}
