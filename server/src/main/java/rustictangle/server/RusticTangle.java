package rustictangle.server;

import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.boot.context.properties.ConfigurationPropertiesScan;
import org.springframework.scheduling.annotation.EnableScheduling;

/** Rustic Tangle: HTTP in, core in the middle, SQLite out. */
@SpringBootApplication
@EnableScheduling
@ConfigurationPropertiesScan
public class RusticTangle {

    public static void main(String[] args) {
        SpringApplication.run(RusticTangle.class, args);
    }
}
