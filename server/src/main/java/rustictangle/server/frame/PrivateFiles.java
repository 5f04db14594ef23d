package rustictangle.server.frame;

import java.io.IOException;
import java.nio.file.FileAlreadyExistsException;
import java.nio.file.FileStore;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.attribute.PosixFilePermission;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Stream;

/** Files and folders for the owner's eyes only, where the system knows such a thing. */
public final class PrivateFiles {

    private static final Set<PosixFilePermission> FILE = PosixFilePermissions.fromString("rw-------");
    private static final Set<PosixFilePermission> FOLDER = PosixFilePermissions.fromString("rwx------");

    private PrivateFiles() {}

    /** In which a file lies. */
    static Path folder(Path file) {
        return Objects.requireNonNull(file.toAbsolutePath().getParent(), () -> file + " is no file");
    }

    /** A folder that is there already stays as its owner made it. */
    static void createFolders(Path folder) throws IOException {
        if (Files.isDirectory(folder)) {
            return;
        }
        Path existing = folder.getParent();
        while (existing != null && !Files.exists(existing)) {
            existing = existing.getParent();
        }
        if (existing != null && knowsOwners(existing)) {
            Files.createDirectories(folder, PosixFilePermissions.asFileAttribute(FOLDER));
        } else {
            Files.createDirectories(folder);
        }
    }

    /** Makes an empty file, or takes one that is there. */
    public static Path create(Path file) throws IOException {
        boolean owned = knowsOwners(folder(file));
        try {
            if (owned) {
                Files.createFile(file, PosixFilePermissions.asFileAttribute(FILE));
            } else {
                Files.createFile(file);
            }
        } catch (FileAlreadyExistsException there) {
            if (owned) {
                Files.setPosixFilePermissions(file, FILE);
            }
        }
        return file;
    }

    /** Leftovers of an instance that was killed; only we use the file now. */
    static void removeLeftovers(Path file) throws IOException {
        String begin = temporaryPrefix(file);
        try (Stream<Path> all = Files.list(file.getParent())) {
            for (Path one : all.filter(path -> path.getFileName().toString().startsWith(begin))
                    .toList()) {
                Files.deleteIfExists(one);
            }
        }
    }

    /** A new name beside the data file for something that is gone when the work is done. */
    public static Path temporary(Path file, String what) throws IOException {
        Path path = Files.createTempFile(file.getParent(), temporaryPrefix(file) + what + "-", "");
        return create(path);
    }

    /**
     * All of it or, whatever happens, what stood there before.
     *
     * @param data the file beside which it lies
     */
    public static void write(Path data, Path file, byte[] content) throws IOException {
        Path beside = temporary(data, "new");
        Files.write(beside, content);
        Files.move(beside, file, StandardCopyOption.ATOMIC_MOVE, StandardCopyOption.REPLACE_EXISTING);
    }

    private static String temporaryPrefix(Path file) {
        return file.getFileName() + ".tmp-";
    }

    private static boolean knowsOwners(Path folder) throws IOException {
        FileStore store = Files.getFileStore(folder);
        return store.supportsFileAttributeView("posix");
    }
}
