package rustictangle.server.frame;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;

/** Which version of Rustic Tangle this is. */
public final class Version {

    /** As the build has set it, such as 0.1.0. */
    public static final String TEXT = read();

    private Version() {}

    private static String read() {
        try (InputStream in = Version.class.getResourceAsStream("/rustictangle/version.txt")) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8).strip();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
