package rustictangle.server.frame;

import java.nio.file.Path;
import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.Arrays;
import java.util.Comparator;
import org.flywaydb.core.Flyway;
import org.flywaydb.core.api.FlywayException;
import org.flywaydb.core.api.MigrationInfo;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/** Brings a data file to what this version reads and writes. */
public final class Schema {

    /** The file was written by a newer version, whose meaning this one cannot know. */
    public static final class Newer extends RuntimeException {

        private static final long serialVersionUID = 1L;

        Newer(String version) {
            super("it is of a newer version of Rustic Tangle (data " + version + ")");
        }
    }

    /** From so much on the owner is told that it takes a while. */
    private static final long LONG_WORK_BYTES = 50_000_000;
    /** An empty part of the file of more than a quarter is given back. */
    private static final int PART_TO_GIVE_BACK = 4;

    private static final Logger LOG = LoggerFactory.getLogger("rustictangle");

    private Schema() {}

    /** @throws Newer when the file is of a newer version; nothing was changed */
    public static void bring(Path file) {
        bring(file, "latest");
    }

    /** @param version as far as which the file is brought */
    public static void bring(Path file, String version) {
        Flyway flyway = Flyway.configure()
                .dataSource("jdbc:sqlite:" + file, null, null)
                .target(version)
                .load();
        Arrays.stream(flyway.info().all())
                .filter(one -> one.getState().isApplied() && !one.getState().isResolved() && one.getVersion() != null)
                .map(MigrationInfo::getVersion)
                .max(Comparator.naturalOrder())
                .ifPresent(newest -> {
                    throw new Newer(newest.toString());
                });
        if (flyway.info().pending().length > 0 && file.toFile().length() > LONG_WORK_BYTES) {
            LOG.info("The data is brought to this version; with so much of it that takes a minute or two.");
        }
        if (flyway.migrate().migrationsExecuted > 0) {
            giveBack(file);
        }
    }

    /** What moved to other tables leaves room behind that nothing else would ever use. */
    private static void giveBack(Path file) {
        try (Connection opened = new ConnectionSettings().plain(file)) {
            if (number(opened, "PRAGMA freelist_count") * PART_TO_GIVE_BACK > number(opened, "PRAGMA page_count")) {
                Connections.run(opened, "VACUUM");
            }
        } catch (SQLException e) {
            throw new FlywayException("The data file cannot be made smaller", e);
        }
    }

    private static long number(Connection opened, String pragma) throws SQLException {
        try (Statement ask = opened.createStatement();
                ResultSet answer = ask.executeQuery(pragma)) {
            return answer.getLong(1);
        }
    }
}
