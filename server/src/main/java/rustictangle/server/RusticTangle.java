package rustictangle.server;

import java.util.List;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.boot.context.properties.ConfigurationPropertiesScan;
import org.springframework.scheduling.annotation.EnableScheduling;
import rustictangle.server.door.LetIn;
import rustictangle.server.frame.AlreadyRunning;
import rustictangle.server.frame.Version;

/** Rustic Tangle: HTTP in, core in the middle, SQLite out. */
@SpringBootApplication
@EnableScheduling
@ConfigurationPropertiesScan
public class RusticTangle {

    public static void main(String[] args) {
        if (List.of(args).contains("--version")) {
            System.out.println("Rustic Tangle " + Version.TEXT);
            return;
        }
        if (LetIn.isAsked(List.of(args))) {
            System.exit(LetIn.run(List.of(args)));
        }
        try {
            SpringApplication.run(RusticTangle.class, args);
        } catch (RuntimeException notStarted) {
            if (!Boolean.parseBoolean(System.getenv("RUSTIC_TANGLE_OPEN")) || !AlreadyRunning.shows(notStarted)) {
                throw notStarted;
            }
        }
    }
}
