package rustictangle.server.frame;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;

/** Another instance holds the data file: the owner who starts it once more wants to see that one. */
public final class AlreadyRunning extends CannotStart {

    private static final long serialVersionUID = 1L;
    private final transient Path data;

    AlreadyRunning(Path data) {
        super(
                "Rustic Tangle is already running on " + data + ".",
                "Use the one that is running, or stop it first, or name another file in RUSTIC_TANGLE_DATA.");
        this.data = data;
    }

    /** Whether this is why it did not start, and the browser shows the one that runs. */
    public static boolean shows(Throwable failure) {
        for (Throwable cause = failure; cause != null; cause = cause.getCause()) {
            if (cause instanceof AlreadyRunning running && running.data != null) {
                try {
                    OwnersBrowser.open(
                            Files.readString(WayIn.beside(running.data)).strip());
                    return true;
                } catch (IOException unreadable) {
                    return false;
                }
            }
        }
        return false;
    }
}
