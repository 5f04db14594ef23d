package rustictangle.server.exchange;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.Reader;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;

/** Reads a text that came from outside. */
final class Utf8 {

    private static final int BYTE_ORDER_MARK = 0xFEFF;

    private Utf8() {}

    /**
     * Strictly: what is no UTF-8 throws while it is read, instead of being mended or guessed. Without the mark that some
     * programs put before it.
     */
    static Reader reader(Path file) throws IOException {
        Reader text = new BufferedReader(
                new InputStreamReader(Files.newInputStream(file), StandardCharsets.UTF_8.newDecoder()));
        try {
            text.mark(1);
            if (text.read() != BYTE_ORDER_MARK) {
                text.reset();
            }
            return text;
        } catch (IOException e) {
            text.close();
            throw e;
        }
    }
}
