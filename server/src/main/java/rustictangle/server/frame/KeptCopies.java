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

/** The copies that are kept beside the data before something takes its place. Nothing of ours overwrites or removes them. */
@Component
public class KeptCopies {

    /** @param at when it was kept */
    public record Copy(String name, Instant at, long bytes) {}

    private final DataFile data;

    KeptCopies(DataFile data) {
        this.data = data;
    }

    /** The newest first. */
    public List<Copy> all() {
        String begin = data.file().getFileName() + ".before-";
        try (Stream<Path> beside = Files.list(data.file().getParent())) {
            return beside.filter(path -> path.getFileName().toString().startsWith(begin)
                            && !path.toString().endsWith("-wal")
                            && !path.toString().endsWith("-shm")
                            && !path.toString().endsWith("-journal"))
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

    /** What speaks against putting a copy in the place of the data; else it is brought to this version. */
    public Optional<String> problem(Path copy) {
        return Restore.problem(copy);
    }
}
