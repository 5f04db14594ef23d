package rustictangle.bench;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;

/** What lets the benchmarks in: a key laid down beside the data before the application makes one of its own. */
final class OwnersKey {

    private static final String KEY = "k".repeat(43);

    /** Of the header Authorization. */
    static final String BEARER = "Bearer " + KEY;

    private OwnersKey() {}

    static void layBeside(Path data) throws IOException {
        Files.writeString(
                data.resolveSibling(data.getFileName() + ".way-in"), "http://127.0.0.1:1/enter#" + KEY + "\n");
    }
}
