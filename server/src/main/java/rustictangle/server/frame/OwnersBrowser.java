package rustictangle.server.frame;

import java.io.IOException;
import java.util.List;
import java.util.Locale;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/** The browser that the owner likes best, where there is a screen. */
public final class OwnersBrowser {

    private static final Logger LOG = LoggerFactory.getLogger("rustictangle");

    private OwnersBrowser() {}

    /** Shows the address; where that cannot be done, its owner opens it by hand. */
    public static void open(String address) {
        String system = System.getProperty("os.name", "").toLowerCase(Locale.ROOT);
        if (system.contains("win")) {
            run("rundll32", "url.dll,FileProtocolHandler", address);
        } else if (system.contains("mac")) {
            run("open", address);
        } else if (System.getenv("DISPLAY") != null || System.getenv("WAYLAND_DISPLAY") != null) {
            run("xdg-open", address);
        }
    }

    private static void run(String... command) {
        try {
            new ProcessBuilder(List.of(command))
                    .redirectErrorStream(true)
                    .redirectOutput(ProcessBuilder.Redirect.DISCARD)
                    .start();
        } catch (IOException e) {
            LOG.warn("No browser could be opened: {}.", e.getMessage());
        }
    }
}
