package rustictangle.server.frame;

import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.channels.SeekableByteChannel;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.nio.file.attribute.BasicFileAttributes;
import java.util.Arrays;
import org.jspecify.annotations.Nullable;

/**
 * The data file as it was when it was opened. A program that deletes it, puts another in its place or cuts it short
 * would otherwise let everything that is said from then on go nowhere.
 *
 * @param key  by which the disk tells it from every other; absent where the system knows none
 * @param size in bytes
 */
record OpenedFile(Path file, @Nullable Object key, long size) {

    static OpenedFile of(Path file) throws IOException {
        BasicFileAttributes now = Files.readAttributes(file, BasicFileAttributes.class);
        return new OpenedFile(file, now.fileKey(), now.size());
    }

    /** Whether its name leads to another file, or to none. */
    boolean moved() {
        try {
            return key != null
                    && !key.equals(Files.readAttributes(file, BasicFileAttributes.class)
                            .fileKey());
        } catch (IOException e) {
            return !Files.exists(file);
        }
    }

    /** @throws FileGone when it is not the file that was opened any more */
    void check() {
        try {
            BasicFileAttributes now = Files.readAttributes(file, BasicFileAttributes.class);
            if (key != null && !key.equals(now.fileKey())) {
                throw new FileGone(file, "another file has taken its place");
            }
            // It grows while it is open; only what another program put into it as a whole may be shorter.
            if (now.size() < size && !whole(now.size())) {
                throw new FileGone(file, "it is shorter than it was");
            }
            if (!Files.isReadable(file)) {
                throw new FileGone(file, "it cannot be read any more");
            }
        } catch (NoSuchFileException e) {
            throw new FileGone(file, "it is not there any more");
        } catch (IOException e) {
            throw new FileGone(file, "it cannot be looked at: " + e.getMessage());
        }
    }

    private static final byte[] MAGIC = "SQLite format 3\0".getBytes(StandardCharsets.US_ASCII);
    private static final int HEADER = 32;
    private static final int PAGE_SIZE_AT = 16;
    private static final int PAGES_AT = 28;

    /** Whether it has all the pages that its header tells of (SQLite's file format, 1.3; from memory). */
    private boolean whole(long length) throws IOException {
        ByteBuffer header = ByteBuffer.allocate(HEADER);
        try (SeekableByteChannel open = Files.newByteChannel(file)) {
            while (header.hasRemaining() && open.read(header) >= 0) {
                // More of it.
            }
        }
        if (header.hasRemaining() || !Arrays.equals(MAGIC, Arrays.copyOf(header.array(), MAGIC.length))) {
            return false;
        }
        int written = Short.toUnsignedInt(header.getShort(PAGE_SIZE_AT));
        long pageSize = written == 1 ? 1 << 16 : written;
        return length >= pageSize * Integer.toUnsignedLong(header.getInt(PAGES_AT));
    }
}
