package rustictangle.server.frame;

import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.Statement;

/** A process of its own that has the data file open and writes for a while. */
final class HeldLock {

    private HeldLock() {}

    /** @param args the file, and for how many milliseconds */
    public static void main(String[] args) throws Exception {
        try (Connection connection = DriverManager.getConnection("jdbc:sqlite:" + args[0]);
                Statement statement = connection.createStatement()) {
            statement.execute("BEGIN IMMEDIATE");
            System.out.println("held");
            Thread.sleep(Long.parseLong(args[1]));
            statement.execute("ROLLBACK");
        }
    }

    /** Returns once the lock is held. */
    static Process in(java.nio.file.Path file, int milliseconds) throws Exception {
        Process process = new ProcessBuilder(
                        java.nio.file.Path.of(System.getProperty("java.home"), "bin", "java")
                                .toString(),
                        "-cp",
                        System.getProperty("java.class.path"),
                        HeldLock.class.getName(),
                        file.toString(),
                        String.valueOf(milliseconds))
                .redirectError(ProcessBuilder.Redirect.INHERIT)
                .start();
        // Whatever else is written there before.
        process.inputReader().lines().filter("held"::equals).findFirst().orElseThrow();
        return process;
    }
}
