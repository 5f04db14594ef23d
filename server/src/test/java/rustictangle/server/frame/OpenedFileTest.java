package rustictangle.server.frame;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.nio.channels.FileChannel;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Clock;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** The file behind the running program: what is said after it is gone would go nowhere, so nothing is. */
class OpenedFileTest {

    @TempDir
    private Path folder;

    private Path file;
    private DataFile data;

    @BeforeEach
    void open() throws SQLException {
        file = folder.resolve("data.db");
        Schema.bring(file);
        data = new DataFile(file);
        say("before");
    }

    @AfterEach
    void close() {
        data.close();
    }

    private void say(String name) throws SQLException {
        data.begin();
        try {
            Connections.run(
                    data.getConnection(),
                    "INSERT INTO dog (name, kilograms, life_stage, flat_face, skin, history, harness, dog_coat, swims, "
                            + "fields_or_sand, snow) VALUES ('" + name
                            + "', 10, 'ADULT', 0, 'SOUND', 'GENTLE', 0, 0, 0, 0, 0)");
            data.commit();
        } finally {
            data.end();
        }
    }

    /** What a sync program, a tidy hand or a full disk does. */
    private enum Mishap {
        DELETED,
        ANOTHER_IN_ITS_PLACE,
        CUT_TO_NOTHING,
        CUT_SHORT;

        void befalls(Path file) throws IOException {
            switch (this) {
                case DELETED -> Files.delete(file);
                case ANOTHER_IN_ITS_PLACE -> {
                    Path other = file.resolveSibling("other.db");
                    Schema.bring(other);
                    Files.move(other, file, StandardCopyOption.REPLACE_EXISTING);
                }
                case CUT_TO_NOTHING -> cut(file, 0);
                case CUT_SHORT -> cut(file, Files.size(file) - 1);
            }
        }

        private static void cut(Path file, long size) throws IOException {
            try (FileChannel open = FileChannel.open(file, StandardOpenOption.WRITE)) {
                open.truncate(size);
            }
        }
    }

    @ParameterizedTest
    @EnumSource(Mishap.class)
    void nothingIsSaidIntoAFileThatIsNotTheOneThatWasOpened(Mishap mishap) throws Exception {
        mishap.befalls(file);
        FileGone said = assertThrows(FileGone.class, () -> say("after"));
        assertTrue(said.getMessage().contains("Nothing more is written"), said.getMessage());
        assertThrows(FileGone.class, () -> data.reading(() -> data.getConnection()), "nor is another file shown as it");
        assertThrows(FileGone.class, () -> data.copyTo(folder.resolve("copy.db")), "no empty file is a copy");
        assertFalse(Files.exists(folder.resolve("copy.db")));
        if (mishap == Mishap.ANOTHER_IN_ITS_PLACE) {
            assertEquals(0, dogs(file), "what was put there stays as it was put");
        }
    }

    @ParameterizedTest
    @EnumSource(names = {"DELETED", "ANOTHER_IN_ITS_PLACE"})
    void whatIsStillOpenCanBeSavedElsewhere(Mishap mishap) throws Exception {
        mishap.befalls(file);
        assertThrows(FileGone.class, () -> say("after"));
        Path saved = folder.resolve("saved.db");
        data.rescueTo(saved);
        assertEquals(1, dogs(saved));
    }

    /** SQLite's own restore from another program is no mishap, though it makes the file shorter. */
    @Test
    void aSmallerHouseholdThatIsPutIntoItAsAWholeIsReadOn() throws Exception {
        Path small = folder.resolve("small.db");
        data.copyTo(small);
        for (int dog = 0; dog < 800; dog++) {
            say("Gannet " + dog);
        }
        data.close();
        data = new DataFile(file);
        long before = Files.size(file);
        try (Connection other = DriverManager.getConnection("jdbc:sqlite:" + file)) {
            other.createStatement().executeUpdate("restore from '" + small + "'");
            other.createStatement().execute("PRAGMA wal_checkpoint(TRUNCATE)");
        }
        say("after");
        assertTrue(Files.size(file) < before, before + " bytes before");
        assertEquals(2, dogs(file));
    }

    private static int dogs(Path file) throws SQLException {
        try (Connection open = DriverManager.getConnection("jdbc:sqlite:" + file);
                ResultSet count = open.createStatement().executeQuery("SELECT count(*) FROM dog")) {
            return count.getInt(1);
        }
    }

    /** A household that became nothing is no new household. */
    @Test
    void anEmptyFileThatIsThereIsNotTakenForANewHousehold() throws Exception {
        Path empty = Files.createFile(folder.resolve("empty.db"));
        Settings settings = new Settings(empty.toString(), "", false, "", false);
        Database database = new Database();
        try (DataFileLock lock = database.dataFileLock(settings)) {
            CannotStart refused =
                    assertThrows(CannotStart.class, () -> database.dataFile(lock, settings, Clock.systemUTC()));
            assertTrue(refused.getMessage().contains("is there, and empty"), refused.getMessage());
        }
        assertEquals(0, Files.size(empty));
        Files.delete(empty);
        try (DataFileLock lock = database.dataFileLock(settings);
                DataFile begun = database.dataFile(lock, settings, Clock.systemUTC())) {
            assertEquals(0, dogs(begun.file()), "where none is there one begins");
        }
    }
}
