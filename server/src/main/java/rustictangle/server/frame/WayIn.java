package rustictangle.server.frame;

import java.nio.file.Path;

/** How the owner comes in, once it answers. */
public interface WayIn {

    /** Where the address stands for the data of this file. */
    static Path beside(Path data) {
        return data.resolveSibling(data.getFileName() + ".way-in");
    }

    /** The address that lets a browser of this machine in; it stands in the {@link #file} from now on. */
    String open(int port);

    /** That only its owner can read. */
    Path file();
}
