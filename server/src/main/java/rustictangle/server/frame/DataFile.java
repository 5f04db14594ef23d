package rustictangle.server.frame;

import static rustictangle.server.frame.Connections.run;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.SQLException;
import java.sql.SQLTransientException;
import java.time.Clock;
import java.time.Duration;
import java.util.Objects;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicLong;
import java.util.concurrent.locks.ReentrantLock;
import java.util.concurrent.locks.ReentrantReadWriteLock;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.datasource.AbstractDataSource;
import org.springframework.jdbc.datasource.SmartDataSource;

/**
 * The one data file: one connection that writes, a few that read. See docs/decisions/0008-one-writer.md.
 *
 * <p>Everything is read and written in a unit of one thread. A unit that reads sees one state of the data, however many
 * questions it asks, on one connection that it takes with the first of them. A write takes its turn, is one transaction,
 * and is the state that the same unit reads afterwards.
 */
public final class DataFile extends AbstractDataSource implements SmartDataSource, AutoCloseable {

    /** So long a write waits for its turn, then it is answered "try again". */
    static final Duration PATIENCE = Duration.ofSeconds(4);
    /** Whoever puts another file in the place waits longer: a copy may be under way. */
    private static final Duration PATIENCE_TO_REPLACE = Duration.ofSeconds(30);

    private static final Duration ASKED_FOR = Duration.ofMillis(200);

    /** Tells one state of the data from another; a file that took the place of another is another epoch. */
    public record Version(long epoch, long number) {}

    /** What one thread has in hand. */
    private static final class Unit {
        private int depth;
        private @Nullable Connection held;
        private @Nullable Version version;
        private boolean writing;
        private boolean partFailed;
        private boolean foreign;
    }

    private final Path file;
    private final ReentrantLock turn = new ReentrantLock(true);
    /** Shared by all that use the file, had alone by whoever puts another in its place. */
    private final ReentrantReadWriteLock place = new ReentrantReadWriteLock(true);

    private final ThreadLocal<Unit> unit = new ThreadLocal<>();
    private final AtomicLong epochs = new AtomicLong();
    private long epoch;
    private Connections open;
    /** The file as it was when it was opened. */
    private OpenedFile asOpened;

    /** @param file made and migrated already */
    DataFile(Path file) throws SQLException {
        this.file = file;
        open();
    }

    public Path file() {
        return file;
    }

    /** One state of the data for all that this work reads. */
    public <T> T reading(Supplier<T> work) {
        try (Reading open = reading()) {
            return work.get();
        }
    }

    /** Until it is closed, all that this thread reads is one state of the data. */
    public Reading reading() {
        Unit here = unit.get();
        if (here == null) {
            here = new Unit();
            unit.set(here);
        }
        here.depth++;
        return this::leave;
    }

    /** The end of a unit that reads. */
    public interface Reading extends AutoCloseable {
        @Override
        void close();
    }

    private void leave() {
        Unit here = unit.get();
        if (--here.depth == 0) {
            giveBack();
            unit.remove();
        }
    }

    /** What this unit read is done with: the connection serves others, a later question sees a newer state. */
    public void giveBack() {
        Unit here = unit.get();
        if (here == null || here.held == null || here.writing || here.foreign) {
            return;
        }
        try (Connection done = here.held) {
            run(done, "COMMIT");
        } catch (SQLException e) {
            // It might still hold its state: no other unit may get it.
            open.evict(here.held);
        } finally {
            here.held = null;
            here.version = null;
            place.readLock().unlock();
        }
    }

    /** Tells a file beside from the data and from every other. */
    public long newEpoch() {
        return epochs.incrementAndGet();
    }

    /**
     * The work reads from a file beside, as if it were the data; nothing of it can write.
     *
     * @param besideEpoch its own, for as long as it stays as it is
     */
    public <T> T staged(Connection beside, long besideEpoch, Supplier<T> work) {
        Unit own = unit.get();
        Unit here = new Unit();
        here.depth = 1;
        here.held = beside;
        here.foreign = true;
        here.version = new Version(besideEpoch, 0);
        unit.set(here);
        try {
            return work.get();
        } finally {
            unit.set(own);
        }
    }

    /** Of the state that this unit reads: what is read may be newer than it says, never older. */
    public Version version() {
        return Objects.requireNonNull(taken().version);
    }

    private Unit taken() {
        Unit here = unit.get();
        if (here == null) {
            throw new IllegalStateException("read outside of a unit, need DataFile.reading or a transaction");
        }
        if (here.held == null) {
            place.readLock().lock();
            try {
                checkFile();
                // Asked before the state is taken, so that it is never ahead of it.
                Connections now = opened();
                here.version = new Version(epoch, now.dataVersion());
                here.held = now.snapshot();
            } catch (SQLTransientException e) {
                throw new Busy();
            } catch (SQLException e) {
                throw new DataTrouble(e);
            } finally {
                if (here.held == null) {
                    here.version = null;
                    place.readLock().unlock();
                }
            }
        }
        return here;
    }

    @Override
    public Connection getConnection() {
        return Objects.requireNonNull(taken().held);
    }

    @Override
    public Connection getConnection(String user, String password) {
        return getConnection();
    }

    /** The unit keeps it for the next question. */
    @Override
    public boolean shouldClose(Connection connection) {
        return false;
    }

    /** Whether this unit writes: what it reads then may still be taken back. */
    public boolean writing() {
        return unit.get() != null && unit.get().writing;
    }

    /** Whether a file beside is looked at. */
    public boolean beside() {
        return unit.get() != null && unit.get().foreign;
    }

    /** @throws Busy when the turn did not come, here or because another process writes; nothing is left behind */
    void begin() {
        if (unit.get() != null && unit.get().foreign) {
            throw new IllegalStateException("a write while a file beside is looked at");
        }
        giveBack();
        long until = System.nanoTime() + PATIENCE.toNanos();
        takeTurn(PATIENCE);
        place.readLock().lock();
        boolean begun = false;
        try {
            checkFile();
            run(
                    opened().writer(),
                    "PRAGMA busy_timeout = " + Math.max(1, TimeUnit.NANOSECONDS.toMillis(until - System.nanoTime())));
            run(open.writer(), "BEGIN IMMEDIATE");
            begun = true;
        } catch (SQLException e) {
            open.abandonWriter();
            throw busy(e) ? new Busy() : new DataTrouble(e);
        } finally {
            if (!begun) {
                place.readLock().unlock();
                turn.unlock();
            }
        }
        Unit here = unit.get();
        if (here == null) {
            here = new Unit();
            unit.set(here);
        }
        here.depth++;
        here.held = writer();
        here.version = new Version(epoch, -1);
        here.writing = true;
    }

    private void takeTurn(Duration patience) {
        try {
            if (!turn.tryLock(patience.toMillis(), TimeUnit.MILLISECONDS)) {
                throw new Busy();
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new Busy();
        }
    }

    /** A part of the transaction failed: the whole of it must not stand. */
    void markFailed() {
        unit.get().partFailed = true;
    }

    void commit() {
        if (unit.get().partFailed) {
            throw new IllegalStateException("a part of the transaction failed, and what failed was passed over");
        }
        try {
            run(writer(), "COMMIT");
        } catch (SQLException e) {
            throw busy(e) ? new Busy() : new DataTrouble(e);
        }
    }

    void rollback() {
        try {
            run(writer(), "ROLLBACK");
        } catch (SQLException alreadyRolledBackOrBroken) {
            open.abandonWriter();
        }
    }

    /** After commit or rollback. */
    void end() {
        Unit here = unit.get();
        here.writing = false;
        here.partFailed = false;
        here.held = null;
        here.version = null;
        if (--here.depth == 0) {
            unit.remove();
        }
        place.readLock().unlock();
        turn.unlock();
    }

    private Connection writer() {
        try {
            return open.writer();
        } catch (SQLException e) {
            throw new DataTrouble(e);
        }
    }

    /** A whole copy as of one moment, while others read and write on. */
    public void copyTo(Path copy) {
        place.readLock().lock();
        try {
            checkFile();
            PrivateFiles.create(copy);
            try (Connection own = new ConnectionSettings().plain(file)) {
                copy(own, copy);
            }
        } catch (SQLException e) {
            throw new DataTrouble(e);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } finally {
            place.readLock().unlock();
        }
    }

    /** @throws FileGone when it is not the file that was opened any more */
    private void checkFile() {
        try {
            asOpened.check();
        } catch (FileGone e) {
            // SQLite would take the log of the old file for the new one's, and damage it.
            ReplacedFile.leaveLogAside(asOpened);
            throw e;
        }
    }

    private static void copy(Connection from, Path copy) throws SQLException {
        try (var into = from.prepareStatement("VACUUM INTO ?")) {
            into.setString(1, copy.toString());
            into.execute();
        }
    }

    /** The same of what is still open, though the file is gone: by the connection that wrote it last. */
    void rescueTo(Path copy) {
        takeTurn(PATIENCE);
        place.readLock().lock();
        try {
            // One that is opened now would be on another file.
            copy(open.writerThatIsOpen().orElseThrow(() -> new FileGone(file, "and nothing of it is open")), copy);
        } catch (SQLException e) {
            throw new DataTrouble(e);
        } finally {
            place.readLock().unlock();
            turn.unlock();
        }
    }

    /** A name beside the data under which a copy is kept that nothing overwrites. */
    public Path aside(String why, Clock clock) {
        return ReplacedFile.aside(file, why, clock);
    }

    /**
     * Writes with the tables of another file at hand, under the name {@code beside}.
     *
     * @param work one transaction
     */
    public void writingFrom(Path other, Runnable work) {
        giveBack();
        takeTurn(PATIENCE);
        try {
            Connection attached = opened().writer();
            try (var attach = attached.prepareStatement("ATTACH ? AS beside")) {
                attach.setString(1, other.toString());
                attach.execute();
            }
            try {
                work.run();
            } finally {
                if (attached == open.writer()) {
                    run(attached, "DETACH beside");
                }
            }
        } catch (SQLException e) {
            open.abandonWriter();
            throw new DataTrouble(e);
        } finally {
            turn.unlock();
        }
    }

    /**
     * Puts another file in the place of this one, in a moment in which nobody reads or writes.
     *
     * @param incoming of the same schema; moved
     * @param aside    where the data that was there is kept
     */
    public void replaceBy(Path incoming, Path aside) {
        giveBack();
        takeTurn(PATIENCE_TO_REPLACE);
        try {
            long until = System.nanoTime() + PATIENCE_TO_REPLACE.toNanos();
            // Whoever wants to read waits only for this long at a time, whatever is under way.
            while (!place.writeLock().tryLock(ASKED_FOR.toMillis(), TimeUnit.MILLISECONDS)) {
                if (System.nanoTime() > until) {
                    throw new Busy();
                }
            }
            try {
                open.close();
                ReplacedFile.put(incoming, file, aside);
            } finally {
                reopen();
                place.writeLock().unlock();
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new Busy();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } finally {
            turn.unlock();
        }
    }

    private void reopen() {
        try {
            opened();
        } catch (SQLException e) {
            // Whoever asks next tries again.
            throw new DataTrouble(e);
        }
    }

    /** What is open; closed by trouble with the file, it is opened anew. */
    private synchronized Connections opened() throws SQLException {
        if (open.closed()) {
            open();
        }
        return open;
    }

    private void open() throws SQLException {
        epoch = epochs.incrementAndGet();
        open = new Connections(file, PATIENCE);
        try {
            asOpened = OpenedFile.of(file);
        } catch (IOException e) {
            throw new SQLException("the data file cannot be looked at", e);
        }
    }

    @Override
    public void close() {
        open.close();
    }

    private static boolean busy(SQLException e) {
        return Trouble.of(e) == Trouble.BUSY;
    }
}
