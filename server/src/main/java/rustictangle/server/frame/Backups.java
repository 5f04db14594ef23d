package rustictangle.server.frame;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.springframework.stereotype.Component;

/** A whole copy of the data file, taken while it is in use. */
@Component
public class Backups {

    private final DataFile data;
    private final Progress progress;

    Backups(DataFile data, Progress progress) {
        this.data = data;
        this.progress = progress;
    }

    /** As of one moment, while others read and write on. The caller deletes it. */
    public Path take() throws IOException {
        Path copy = PrivateFiles.temporary(data.file(), "backup");
        try {
            return take(copy);
        } catch (FileGone e) {
            // What is open is all that there is; beside the file it might go the same way.
            Files.deleteIfExists(copy);
            Path rescued = Files.createTempFile("rustic-tangle-", ".db");
            try {
                data.rescueTo(rescued);
                return rescued;
            } catch (RuntimeException nothingOpen) {
                Files.delete(rescued);
                throw nothingOpen;
            }
        }
    }

    private Path take(Path copy) throws IOException {
        try (Progress.Running running = progress.begin("Taking a copy")) {
            running.at(
                    "writing it",
                    () -> copy.toFile().length()
                            / (double) Math.max(1, data.file().toFile().length()));
            data.copyTo(copy);
            return copy;
        } catch (RuntimeException e) {
            Files.deleteIfExists(copy);
            throw e;
        }
    }
}
