package rustictangle.bench;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;

/**
 * How long it takes to start on an empty household, until it answers over HTTP, against a bare application of the same
 * libraries with a class archive made in the same way. The two take turns.
 *
 * <p>Arguments: the class path of the bare application; then the command that starts Rustic Tangle.
 */
public final class Starts {

    private static final int TURNS = 9;
    private static final int PORT = 8498;

    private Starts() {}

    public static void main(String[] args) throws Exception {
        List<String> own = List.of(args).subList(1, args.length);
        Path folder = Files.createTempDirectory("rustic-tangle-starts");
        List<String> bare = bare(args[0], folder);
        List<Long> ownTimes = new ArrayList<>();
        List<Long> bareTimes = new ArrayList<>();
        for (int turn = 0; turn <= TURNS; turn++) {
            long bareTime = start(with(bare, "--spring.datasource.url=jdbc:sqlite:" + folder.resolve("bare.db")));
            long ownTime = start(with(own, "--rustictangle.data=" + folder.resolve("own.db")));
            // The first of each makes its files.
            if (turn > 0) {
                bareTimes.add(bareTime);
                ownTimes.add(ownTime);
            }
        }
        Collections.sort(bareTimes);
        Collections.sort(ownTimes);
        long ownHalf = ownTimes.get(TURNS / 2);
        long bareHalf = bareTimes.get(TURNS / 2);
        System.out.printf(
                "bare %d ms (%d to %d), Rustic Tangle %d ms (%d to %d): %.2f times as long%n",
                bareHalf,
                bareTimes.get(0),
                bareTimes.get(TURNS - 1),
                ownHalf,
                ownTimes.get(0),
                ownTimes.get(TURNS - 1),
                (double) ownHalf / bareHalf);
    }

    private static List<String> bare(String classPath, Path folder) throws IOException, InterruptedException {
        Path archive = folder.resolve("bare.jsa");
        List<String> settings =
                List.of("--spring.flyway.enabled=false", "--spring.main.banner-mode=off", "--logging.level.root=warn");
        List<String> main = List.of("-cp", classPath, "rustictangle.bench.bare.Bare");
        List<String> make = new ArrayList<>(List.of(
                "java", "-XX:+UseSerialGC", "-XX:ArchiveClassesAtExit=" + archive, "-Dspring.context.exit=onRefresh"));
        make.addAll(main);
        make.addAll(settings);
        make.addAll(List.of("--server.port=0", "--spring.datasource.url=jdbc:sqlite:" + folder.resolve("none.db")));
        if (quiet(make).start().waitFor() != 0 || !Files.exists(archive)) {
            throw new IOException("no class archive of the bare application");
        }
        List<String> command = new ArrayList<>(List.of(
                "java",
                "-XX:+UseSerialGC",
                "-XX:SharedArchiveFile=" + archive,
                "-Xshare:auto",
                "-Xlog:disable",
                "-Xlog:all=error:stderr"));
        command.addAll(main);
        command.addAll(settings);
        return command;
    }

    private static List<String> with(List<String> command, String... more) {
        List<String> whole = new ArrayList<>(command);
        whole.addAll(Arrays.asList(more));
        whole.add("--server.port=" + PORT);
        return whole;
    }

    /** @return milliseconds until it answers */
    private static long start(List<String> command) throws IOException, InterruptedException {
        long begun = System.nanoTime();
        Process app = quiet(command).start();
        HttpClient http = HttpClient.newHttpClient();
        HttpRequest ask = HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + PORT + "/api/household"))
                .build();
        try {
            while (app.isAlive()) {
                try {
                    http.send(ask, BodyHandlers.discarding());
                    return (System.nanoTime() - begun) / 1_000_000;
                } catch (IOException notYet) {
                    Thread.sleep(5);
                }
            }
        } finally {
            app.destroy();
            app.waitFor();
        }
        throw new IllegalStateException("it ended with " + app.exitValue() + ": " + command);
    }

    private static ProcessBuilder quiet(List<String> command) {
        return new ProcessBuilder(command).redirectErrorStream(true).redirectOutput(ProcessBuilder.Redirect.DISCARD);
    }
}
