package rustictangle.server.frame;

import java.nio.file.Path;

/** The data file is not the one that was opened: nothing more is written, so that nothing is said into the void. */
class FileGone extends RuntimeException {

    private static final long serialVersionUID = 1L;

    /** @param what happened to it */
    FileGone(Path file, String what) {
        super("The data file " + file + " is not the one that was opened: " + what
                + ". Nothing more is written. Save a copy of what is still open, stop Rustic Tangle, look at the file, and "
                + "start again; --rustictangle.restore=/path/to/the-copy.db puts the copy in its place.");
    }
}
