package rustictangle.server.frame;

import java.io.IOException;
import java.nio.channels.FileChannel;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.time.Clock;
import java.time.ZoneOffset;
import java.time.format.DateTimeFormatter;
import java.util.List;

/**
 * Puts a file in the place of the data file, keeping what was there.
 *
 * <p>Killed at any moment, the data file is either the old one or the new one: a note says what was under way, and the
 * next start ends it.
 */
final class ReplacedFile {

    private static final DateTimeFormatter MOMENT =
            DateTimeFormatter.ofPattern("yyyyMMdd'T'HHmmss'Z'").withZone(ZoneOffset.UTC);

    private ReplacedFile() {}

    /** A name beside the data file that nothing has yet. */
    static Path aside(Path file, String why, Clock clock) {
        String name = file.getFileName() + ".before-" + why + "-" + MOMENT.format(clock.instant());
        Path aside = file.resolveSibling(name);
        for (int n = 2; Files.exists(aside); n++) {
            aside = file.resolveSibling(name + "-" + n);
        }
        return aside;
    }

    /**
     * Nobody else may have the file open.
     *
     * @param aside must not exist
     */
    static void put(Path incoming, Path file, Path aside) throws IOException {
        force(incoming);
        if (Files.exists(file)) {
            keep(file, aside);
            // What it had not yet taken in; read together with the copy, whatever state it is in.
            if (Files.exists(wal(file)) && Files.size(wal(file)) > 0) {
                Files.copy(wal(file), PrivateFiles.create(wal(aside)), StandardCopyOption.REPLACE_EXISTING);
                force(wal(aside));
            }
        }
        Path note = note(file);
        Files.writeString(PrivateFiles.create(note), incoming.getFileName().toString());
        force(note);
        forceFolder(PrivateFiles.folder(file));
        finish(file);
    }

    /** What is still open goes on with it, whatever it is called. */
    static void leaveLogAside(OpenedFile opened) {
        Path file = opened.file();
        if (!opened.moved()) {
            return;
        }
        for (Path log : List.of(wal(file), file.resolveSibling(file.getFileName() + "-shm"))) {
            try {
                Files.move(log, log.resolveSibling(log.getFileName() + ".of-the-file-before"));
            } catch (IOException notThereOrDoneAlready) {
                // One that lies there already is of the same file.
            }
        }
    }

    /** Ends what a killed instance had begun. */
    static void finish(Path file) throws IOException {
        Path note = note(file);
        if (!Files.exists(note)) {
            return;
        }
        String name = Files.readString(note);
        Path incoming = file.resolveSibling(name);
        if (!name.isBlank() && Files.exists(incoming)) {
            // The log of the old file must not be taken for the new one's.
            Files.deleteIfExists(wal(file));
            Files.deleteIfExists(file.resolveSibling(file.getFileName() + "-shm"));
            Files.move(incoming, file, StandardCopyOption.ATOMIC_MOVE, StandardCopyOption.REPLACE_EXISTING);
            forceFolder(PrivateFiles.folder(file));
        }
        Files.delete(note);
    }

    private static void keep(Path file, Path aside) throws IOException {
        try {
            Files.createLink(aside, file);
        } catch (UnsupportedOperationException | IOException noLinksHere) {
            PrivateFiles.create(aside);
            Files.copy(file, aside, StandardCopyOption.REPLACE_EXISTING);
            force(aside);
        }
    }

    private static Path wal(Path file) {
        return file.resolveSibling(file.getFileName() + "-wal");
    }

    private static Path note(Path file) {
        return file.resolveSibling(file.getFileName() + ".replacing");
    }

    /** So that the new name survives a power cut; not every system can. */
    private static void forceFolder(Path folder) {
        try (FileChannel channel = FileChannel.open(folder, StandardOpenOption.READ)) {
            channel.force(true);
        } catch (IOException notHere) {
            // The file itself is whole, under one name or the other.
        }
    }

    private static void force(Path file) throws IOException {
        try (FileChannel channel = FileChannel.open(file, StandardOpenOption.WRITE)) {
            channel.force(true);
        }
    }
}
