package rustictangle.server.frame;

import java.io.IOException;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.PreparedStatement;
import java.sql.SQLException;
import java.util.Arrays;
import java.util.Comparator;
import java.util.Optional;
import java.util.stream.Stream;
import org.flywaydb.core.Flyway;
import org.flywaydb.core.api.FlywayException;
import org.flywaydb.core.api.MigrationInfo;
import org.flywaydb.core.api.MigrationVersion;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/** Brings a data file to what this version reads and writes. From version 0.1 on every file comes along. */
public final class Schema {

    /** The file was written by a version whose meaning this one cannot know. */
    public static final class OtherVersion extends RuntimeException {

        private static final long serialVersionUID = 1L;

        OtherVersion(String message) {
            super(message);
        }
    }

    /** From so much on the owner is told that it takes a while. */
    private static final long LONG_WORK_BYTES = 50_000_000;

    static final String OWN = "classpath:db/migration";

    private static final MigrationVersion FIRST = MigrationVersion.fromVersion("1");

    private static final Logger LOG = LoggerFactory.getLogger("rustictangle");

    private Schema() {}

    /** @throws OtherVersion when the file is of a newer version, or of one before the first; nothing was changed */
    public static void bring(Path file) {
        bring(file, false, OWN);
    }

    /**
     * The same; where that changes how something is kept, a copy of what was there is laid beside first.
     *
     * @param locations of the steps from one version to the next
     */
    static void bringKeepingACopy(Path file, String... locations) {
        bring(file, true, locations);
    }

    private static void bring(Path file, boolean copies, String... locations) {
        Flyway flyway = Flyway.configure()
                .dataSource("jdbc:sqlite:" + file, null, null)
                .locations(locations)
                .load();
        MigrationInfo[] all = flyway.info().all();
        if (applied(all)
                .anyMatch(migration -> migration.getVersion().equals(FIRST) && !migration.isChecksumMatching())) {
            throw new OtherVersion("it was written before version 0.1, whose data is not kept");
        }
        Optional<MigrationVersion> newest = applied(all)
                .filter(migration -> !migration.getState().isResolved())
                .map(MigrationInfo::getVersion)
                .max(Comparator.naturalOrder());
        if (newest.isPresent()) {
            throw new OtherVersion("it is of a newer version of Rustic Tangle (data " + newest.get() + ")");
        }
        if (flyway.info().pending().length > 0 && file.toFile().length() > LONG_WORK_BYTES) {
            LOG.info("The data is brought to this version; with so much of it that takes a minute or two.");
        }
        if (copies
                && flyway.info().pending().length > 0
                && applied(all).findAny().isPresent()) {
            keepBeside(file);
        }
        flyway.migrate();
    }

    private static void keepBeside(Path file) {
        try {
            Path copy = file.resolveSibling(
                    file.getFileName() + ".before-version-" + Version.TEXT + "-" + System.currentTimeMillis());
            PrivateFiles.create(copy);
            try (Connection opened = DriverManager.getConnection("jdbc:sqlite:" + file);
                    PreparedStatement into = opened.prepareStatement("VACUUM INTO ?")) {
                into.setString(1, copy.toString());
                into.execute();
            }
            LOG.info("The data as it was is kept in {}", copy);
        } catch (IOException | SQLException e) {
            throw new FlywayException("The data was not brought to this version: no copy could be laid beside it.", e);
        }
    }

    private static Stream<MigrationInfo> applied(MigrationInfo[] all) {
        return Arrays.stream(all)
                .filter(migration -> migration.getState().isApplied() && migration.getVersion() != null);
    }
}
