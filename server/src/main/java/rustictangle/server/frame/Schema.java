package rustictangle.server.frame;

import java.nio.file.Path;
import java.util.Arrays;
import java.util.Comparator;
import org.flywaydb.core.Flyway;
import org.flywaydb.core.api.MigrationInfo;

/** Brings a data file to what this version reads and writes. */
public final class Schema {

    /** The file was written by a newer version, whose meaning this one cannot know. */
    public static final class Newer extends RuntimeException {

        private static final long serialVersionUID = 1L;

        Newer(String version) {
            super("it is of a newer version of Rustic Tangle (data " + version + ")");
        }
    }

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
        flyway.migrate();
    }
}
