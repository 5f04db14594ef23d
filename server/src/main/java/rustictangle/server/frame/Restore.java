package rustictangle.server.frame;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;

/**
 * Puts a backup in the place of the data file, before anything has opened it.
 *
 * <p>What was there is kept beside it. The backup is looked over first and moved into place in one step: killed at any
 * moment, the data file is either the old one or the backup.
 */
final class Restore {

    private Restore() { }

    /**
     * @param file the data file, locked by us; it need not exist
     * @throws BadBackup when the backup is not one; nothing was changed
     */
    static void from(Path backup, Path file) throws IOException {
        Path incoming = file.resolveSibling(file.getFileName() + ".incoming");
        try {
            Files.copy(backup, incoming, StandardCopyOption.REPLACE_EXISTING);
        } catch (IOException e) {
            throw new BadBackup(backup, "it cannot be read");
        }
        try {
            check(backup, incoming);
            if (Files.exists(file)) {
                setAside(file);
            }
            Files.move(incoming, file, StandardCopyOption.ATOMIC_MOVE);
        } finally {
            Files.deleteIfExists(incoming);
        }
    }

    private static void check(Path backup, Path copy) throws IOException {
        try (Connection opened = DriverManager.getConnection("jdbc:sqlite:" + copy)) {
            if (!"ok".equals(one(opened, "PRAGMA integrity_check"))) {
                throw new BadBackup(backup, "it is damaged");
            }
            if (!"1".equals(one(opened, "SELECT count(*) FROM household"))) {
                throw new BadBackup(backup, "it is not of Rustic Tangle");
            }
            one(opened, "SELECT version FROM flyway_schema_history LIMIT 1");
        } catch (SQLException e) {
            throw new BadBackup(backup, "it is no data file of Rustic Tangle");
        }
    }

    /** A whole copy, of what is still in the write-ahead log, too. */
    private static void setAside(Path file) throws IOException {
        Path aside = file.resolveSibling(file.getFileName() + ".before-restore");
        Files.deleteIfExists(aside);
        try (Connection opened = DriverManager.getConnection("jdbc:sqlite:" + file);
                PreparedStatement copy = opened.prepareStatement("VACUUM INTO ?")) {
            copy.setString(1, aside.toString());
            copy.execute();
            // The log of the old file must not be taken for the new one's.
            one(opened, "PRAGMA wal_checkpoint(TRUNCATE)");
        } catch (SQLException e) {
            throw new IOException("the data there was cannot be set aside: " + e.getMessage(), e);
        }
        Files.deleteIfExists(file.resolveSibling(file.getFileName() + "-wal"));
        Files.deleteIfExists(file.resolveSibling(file.getFileName() + "-shm"));
    }

    private static String one(Connection opened, String sql) throws SQLException {
        try (PreparedStatement ask = opened.prepareStatement(sql); ResultSet answer = ask.executeQuery()) {
            return answer.next() ? answer.getString(1) : "";
        }
    }

    /** What was given is no backup of ours. */
    static final class BadBackup extends RuntimeException {

        private static final long serialVersionUID = 1L;

        BadBackup(Path backup, String why) {
            super("The backup " + backup + " was not taken over: " + why + ". Nothing was changed.");
        }
    }
}
