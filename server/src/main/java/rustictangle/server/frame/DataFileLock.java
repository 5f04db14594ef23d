package rustictangle.server.frame;

import java.io.IOException;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import java.nio.channels.OverlappingFileLockException;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;

/** Keeps a second start away from a data file that is in use; the system drops it when we die. */
final class DataFileLock implements AutoCloseable {

    private final Path file;
    private final FileChannel channel;

    private DataFileLock(Path file, FileChannel channel) {
        this.file = file;
        this.channel = channel;
    }

    /** @throws AlreadyRunning when another Rustic Tangle holds it */
    static DataFileLock on(Path file) throws IOException {
        Path lockFile = file.resolveSibling(file.getFileName() + ".lock");
        FileChannel channel = FileChannel.open(PrivateFiles.create(lockFile), StandardOpenOption.WRITE);
        FileLock lock;
        try {
            lock = channel.tryLock();
        } catch (OverlappingFileLockException heldByThisProcess) {
            lock = null;
        }
        if (lock == null) {
            channel.close();
            throw new AlreadyRunning(file);
        }
        return new DataFileLock(file, channel);
    }

    Path file() {
        return file;
    }

    @Override
    public void close() throws IOException {
        channel.close();
    }
}
