package rustictangle.server.frame;

import java.nio.file.Path;

/** Another Rustic Tangle is running on the same data file. */
class DataFileInUse extends RuntimeException {

    private static final long serialVersionUID = 1L;

    DataFileInUse(Path file) {
        super("Rustic Tangle is already running on " + file + ".");
    }
}
