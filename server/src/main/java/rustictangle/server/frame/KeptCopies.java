package rustictangle.server.frame;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;

/**
 * The copies that are kept beside the data before something takes its place. Nothing of ours overwrites them; the newest
 * ones stay until somebody removes them.
 */
@Component
public class KeptCopies {

    /** @param at when it was kept */
    public record Copy(String name, Instant at, long bytes) {}

    /** More, and the oldest goes: they are as large as the data. Own choice. */
    public static final int MOST = 10;

    private static final List<String> BESIDE_IT = List.of("-wal", "-shm", "-journal");

    private final DataFile data;

    KeptCopies(DataFile data) {
        this.data = data;
    }

    /** The newest first. */
    public List<Copy> all() {
        String begin = data.file().getFileName() + ".before-";
        try (Stream<Path> beside = Files.list(data.file().getParent())) {
            return beside.filter(path -> path.getFileName().toString().startsWith(begin)
                            && BESIDE_IT.stream().noneMatch(path.toString()::endsWith))
                    .map(KeptCopies::copy)
                    .sorted(Comparator.comparing(Copy::at).reversed())
                    .toList();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static Copy copy(Path path) {
        try {
            return new Copy(
                    path.getFileName().toString(),
                    Files.getLastModifiedTime(path).toInstant(),
                    Files.size(path));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** @throws NotThere when there is no copy of this name beside the data */
    public Path find(String name) {
        return all().stream()
                .filter(copy -> copy.name().equals(name))
                .findFirst()
                .map(copy -> data.file().resolveSibling(copy.name()))
                .orElseThrow(() -> new NotThere("kept copy", name));
    }

    /**
     * Takes one away, for good.
     *
     * @throws NotThere when there is no copy of this name beside the data
     */
    public void remove(String name) {
        Path copy = find(name);
        try {
            Files.delete(copy);
            for (String end : BESIDE_IT) {
                Files.deleteIfExists(copy.resolveSibling(name + end));
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** So many are enough: the oldest go. */
    public void removeOldest() {
        all().stream().skip(MOST).forEach(copy -> remove(copy.name()));
    }

    /** What speaks against putting a copy in the place of the data; else it is brought to this version. */
    public Optional<String> problem(Path copy) {
        return Restore.problem(copy);
    }
}
