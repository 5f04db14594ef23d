package rustictangle.bench.bare;

import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.boot.security.autoconfigure.UserDetailsServiceAutoConfiguration;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** Nothing but the libraries that Rustic Tangle uses, started: the yardstick of its own start. */
@SpringBootApplication(exclude = UserDetailsServiceAutoConfiguration.class)
@RestController
public class Bare {

    public static void main(String[] args) {
        SpringApplication.run(Bare.class, args);
    }

    @GetMapping("/api/household")
    String here() {
        return "here";
    }
}
