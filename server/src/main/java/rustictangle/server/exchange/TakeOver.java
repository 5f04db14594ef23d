package rustictangle.server.exchange;

import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.time.Clock;
import java.util.List;
import java.util.Map;
import java.util.concurrent.locks.ReentrantLock;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import rustictangle.core.Refused;
import rustictangle.server.dog.DogStore;
import rustictangle.server.dog.StoredDog;
import rustictangle.server.exchange.StagingStore.Staging;
import rustictangle.server.frame.Busy;
import rustictangle.server.frame.DataFile;
import rustictangle.server.frame.KeptCopies;
import rustictangle.server.frame.PrivateFiles;
import rustictangle.server.frame.Progress;
import rustictangle.server.household.HouseholdStore;
import rustictangle.server.log.Logs;

/**
 * Takes files in. Each is read, checked and put together beside the data first, and then put in place in one short step;
 * the household reads and writes on meanwhile. See docs/decisions/0010-staging-of-imports.md.
 */
@Service
class TakeOver {

    private static final int CHUNK = 1 << 16;

    private final DataFile data;
    private final StagingStore stagings;
    private final JsonImportStore files;
    private final SectionImport sections;
    private final Logs logs;
    private final DogStore dogs;
    private final Examination examination;
    private final KeptCopies copies;
    private final HouseholdStore households;
    private final Progress progress;
    private final Clock clock;
    private final ReentrantLock one = new ReentrantLock();

    TakeOver(
            DataFile data,
            StagingStore stagings,
            JsonImportStore files,
            SectionImport sections,
            Logs logs,
            DogStore dogs,
            Examination examination,
            KeptCopies copies,
            HouseholdStore households,
            Progress progress,
            Clock clock) {
        this.data = data;
        this.stagings = stagings;
        this.files = files;
        this.sections = sections;
        this.logs = logs;
        this.dogs = dogs;
        this.examination = examination;
        this.copies = copies;
        this.households = households;
        this.progress = progress;
        this.clock = clock;
    }

    @FunctionalInterface
    private interface Work<T> {
        T on(Progress.Running running) throws IOException;
    }

    /**
     * An exported file takes the place of everything.
     *
     * @param length of the file in bytes, as the sender says; below 1: it does not say
     * @return under which name the data that was there is kept
     * @throws Refused when the file is not right as a whole; nothing was changed
     */
    String everything(InputStream file, long length) {
        return withReceived(
                file,
                length,
                upload -> alone("Taking over a file", running -> {
                    try (Staging staging = staged(upload, running)) {
                        examination.everything(staging, running);
                        return place(staging, "import");
                    }
                }));
    }

    private Staging staged(Path upload, Progress.Running running) throws IOException {
        Staging staging = Staging.beside(data.file());
        try {
            data.reading(() -> {
                stagings.makeTables(staging);
                return null;
            });
            data.giveBack();
            files.read(upload, staging, running);
            return staging;
        } catch (IOException | RuntimeException e) {
            staging.close();
            throw e;
        }
    }

    /** @return places that were added, and under which name the data as it was before is kept */
    Added places(InputStream table, long length) {
        return withReceived(
                table,
                length,
                upload -> alone("Taking over a table", running -> {
                    try (Staging staging = Staging.beside(data.file())) {
                        Map<String, List<Long>> named = data.reading(() -> {
                            stagings.makeTables(staging);
                            return dogs.all().stream()
                                    .collect(Collectors.groupingBy(
                                            dog -> dog.form().name(),
                                            Collectors.mapping(StoredDog::id, Collectors.toList())));
                        });
                        data.giveBack();
                        sections.read(upload, named, staging, running);
                        examination.sessions(staging);
                        Path aside = data.aside("import", clock);
                        running.at(
                                "keeping a copy",
                                () -> aside.toFile().length()
                                        / (double)
                                                Math.max(1, data.file().toFile().length()));
                        data.copyTo(aside);
                        running.at("putting it in place", 0, 1);
                        int[] added = new int[1];
                        staging.finish();
                        data.writingFrom(staging.file(), () -> added[0] = logs.addSessionsFromBeside());
                        copies.removeOldest();
                        return new Added(added[0], aside.getFileName().toString());
                    }
                }));
    }

    record Added(int places, String keptCopy) {}

    /** A copy that is kept beside the data takes its place again. @return under which name what was there is kept */
    String putBack(String name) {
        return alone("Putting a copy back", running -> {
            Path copy = PrivateFiles.temporary(data.file(), "copy");
            try {
                running.at(
                        "copying it",
                        () -> copy.toFile().length()
                                / (double)
                                        Math.max(1, copies.find(name).toFile().length()));
                Files.copy(copies.find(name), copy, StandardCopyOption.REPLACE_EXISTING);
                copies.problem(copy).ifPresent(why -> {
                    throw new Refused("name", "The copy was not put back: " + why + ". Nothing was changed.");
                });
                try (Staging staging = Staging.of(copy)) {
                    examination.everything(staging, running);
                    return place(staging, "restore");
                }
            } finally {
                Files.deleteIfExists(copy);
            }
        });
    }

    private String place(Staging staging, String why) {
        // The door key stays the household's own.
        String key = data.reading(() -> households.calendarKey().orElseThrow());
        data.giveBack();
        staging.asTheData(data, () -> households.keepCalendarKey(key));
        staging.finish();
        Path aside = data.aside(why, clock);
        data.replaceBy(staging.file(), aside);
        copies.removeOldest();
        return aside.getFileName().toString();
    }

    /** However slowly it comes: nobody waits for a file that is not here yet. */
    private <T> T withReceived(InputStream in, long length, Function<Path, T> work) {
        Path upload = null;
        try {
            upload = PrivateFiles.temporary(data.file(), "upload");
            receive(in, length, upload);
            return work.apply(upload);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } finally {
            delete(upload);
        }
    }

    private void receive(InputStream in, long length, Path upload) throws IOException {
        try (Progress.Running running = progress.begin("Receiving a file");
                OutputStream out = Files.newOutputStream(upload)) {
            byte[] chunk = new byte[CHUNK];
            long received = 0;
            for (int n = in.read(chunk); n >= 0; n = in.read(chunk)) {
                out.write(chunk, 0, n);
                received += n;
                running.at("receiving it", received, length);
            }
        }
    }

    private static void delete(@Nullable Path upload) {
        try {
            if (upload != null) {
                Files.deleteIfExists(upload);
            }
        } catch (IOException leftForTheNextStart) {
            // Leftovers are removed then.
        }
    }

    private <T> T alone(String what, Work<T> work) {
        if (!one.tryLock()) {
            throw new Busy(
                    "Another file is being taken over just now. Nothing was changed; try again when it is done.");
        }
        try (Progress.Running running = progress.begin(what)) {
            return work.on(running);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } finally {
            one.unlock();
        }
    }
}
