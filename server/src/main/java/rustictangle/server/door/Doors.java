package rustictangle.server.door;

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
import rustictangle.server.frame.DataFile;
import rustictangle.server.frame.OneStatePerRequest;
import rustictangle.server.frame.ProblemWriter;

/** Nobody else gets in: one chain for every request. See docs/decisions/0011-nobody-else-in-the-browser.md. */
@Configuration
class Doors {

    /** Styles are also set by the component library while it runs, and by print; scripts are only our own files. */
    private static final String CONTENT =
            "default-src 'self'; script-src 'self'; style-src 'self' 'unsafe-inline'; img-src 'self' data: blob:; "
                    + "font-src 'self'; connect-src 'self'; object-src 'none'; base-uri 'none'; form-action 'self'; frame-ancestors 'none'";

    @Bean
    SecurityFilterChain onlyFromHere(HttpSecurity http, ProblemWriter problems, DataFile data, OwnKey key) throws Exception {
        return http
                // The origin is looked at instead of a token: there is no session and no cookie to steal.
                .csrf(AbstractHttpConfigurer::disable)
                .logout(AbstractHttpConfigurer::disable)
                .requestCache(AbstractHttpConfigurer::disable)
                .securityContext(AbstractHttpConfigurer::disable)
                .anonymous(AbstractHttpConfigurer::disable)
                .sessionManagement(session -> session.sessionCreationPolicy(SessionCreationPolicy.STATELESS))
                .headers(headers -> headers.contentSecurityPolicy(policy -> policy.policyDirectives(CONTENT))
                        .frameOptions(frames -> frames.deny())
                        .referrerPolicy(referrer -> referrer.policy(ReferrerPolicy.NO_REFERRER))
                        .crossOriginResourcePolicy(resources -> resources.policy(CrossOriginResourcePolicy.SAME_ORIGIN))
                        .crossOriginOpenerPolicy(opener -> opener.policy(CrossOriginOpenerPolicy.SAME_ORIGIN)))
                .addFilterAfter(new OwnDoor(problems, key), HeaderWriterFilter.class)
                .addFilterAfter(new BodyLimit(problems), OwnDoor.class)
                .addFilterAfter(new OneStatePerRequest(data), BodyLimit.class)
                .build();
    }

    /** Whatever the surroundings say, the server is heard on this machine only. */
    @Bean
    @Order(Ordered.LOWEST_PRECEDENCE)
    WebServerFactoryCustomizer<ConfigurableServletWebServerFactory> onThisMachineOnly() {
        return factory -> factory.setAddress(InetAddress.getLoopbackAddress());
    }
}
