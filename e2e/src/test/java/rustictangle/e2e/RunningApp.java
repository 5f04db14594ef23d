package rustictangle.e2e;

import com.microsoft.playwright.options.Cookie;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.net.ServerSocket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.DirectoryStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;

/** The application as bin/start runs it, as a process of its own, on a data file that outlives it. */
public final class RunningApp implements AutoCloseable {

    private static final int READY_WITHIN_SECONDS = 240;
    /** The demo's, made for {@link Browsing#MORNING} when the application was built. */
    private static final Path HOUSEHOLD = Path.of("../server/target/classes/rustictangle/demo/household.db");
    /** Little is done often enough to be worth more than the first compiler. */
    private static final List<String> MACHINE = List.of("-XX:TieredStopAtLevel=1");

    /** Laid down beside the data before the application makes one of its own. */
    private static final String KEY = "k".repeat(43);

    /** What lets the owner's scripts in, in the header Authorization. */
    static final String BEARER = "Bearer " + KEY;

    /** Of all that were started. */
    private static final Set<Integer> PORTS = ConcurrentHashMap.newKeySet();

    private final Process process;
    private final Path data;
    private final Path clock;
    private final int port;
    private final int homePort;
    private final List<String> output = Collections.synchronizedList(new ArrayList<>());
    private final CountDownLatch readyOrGone = new CountDownLatch(1);
    private volatile boolean ready;

    private RunningApp(Path data, int port, String moment, boolean demo, String restore) throws IOException {
        this.port = port;
        PORTS.add(port);
        this.homePort = freePort();
        this.data = data;
        this.clock = data.resolveSibling(data.getFileName() + ".clock");
        at(moment);
        Files.writeString(wayIn(), "http://127.0.0.1:1/enter#" + KEY + "\n");
        List<String> command = new ArrayList<>(Command.OF_START);
        command.add(1, "-Duser.timezone=UTC");
        command.addAll(1, MACHINE);
        command.addAll(List.of(
                "--server.port=" + port,
                "--rustictangle.home.port=" + homePort,
                "--rustictangle.data=" + data,
                "--rustictangle.clock=file:" + clock,
                "--rustictangle.demo=" + demo,
                "--rustictangle.restore=" + restore));
        this.process = new ProcessBuilder(command).redirectErrorStream(true).start();
        Thread reader = new Thread(this::readOutput, "output of the application");
        reader.setDaemon(true);
        reader.start();
    }

    /** How bin/start starts it: unpacked, with its classes kept ready. */
    private static final class Command {

        private static final List<String> OF_START =
                of("""
                . ../bin/lib.sh; build >&2; printf '%s\\n' "${RUN[@]}"
                """);

        private static List<String> of(String script) {
            try {
                Process asked = new ProcessBuilder("bash", "-euc", script)
                        .redirectError(ProcessBuilder.Redirect.INHERIT)
                        .start();
                List<String> lines = new String(asked.getInputStream().readAllBytes(), StandardCharsets.UTF_8)
                        .lines()
                        .toList();
                if (asked.waitFor() != 0) {
                    throw new IllegalStateException("the start script ended with " + asked.exitValue());
                }
                return lines;
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            } catch (InterruptedException e) {
                Thread.currentThread().interrupt();
                throw new IllegalStateException(e);
            }
        }
    }

    /** @param moment an ISO instant at which time stands still, until it is moved */
    public static RunningApp start(Path data, String moment, boolean demo) throws IOException, InterruptedException {
        return start(data, freePort(), moment, demo);
    }

    public static RunningApp start(Path data, int port, String moment, boolean demo)
            throws IOException, InterruptedException {
        return ready(new RunningApp(data, port, moment, demo, ""));
    }

    private static RunningApp shared;

    /**
     * The application that all tests share, on its first morning: with the demo household, or with nothing. Whatever a test
     * before did to it is gone. It is not to be stopped.
     */
    public static RunningApp anew(boolean demo) throws IOException, InterruptedException {
        if (shared == null) {
            shared = start(Files.createTempDirectory("rustic-tangle").resolve("shared.db"), Browsing.MORNING, false);
            shared.copyDataTo(shared.nothing());
            Runtime.getRuntime().addShutdownHook(new Thread(shared.process::destroyForcibly));
        }
        shared.at(Browsing.MORNING).sql("restore from '" + (demo ? HOUSEHOLD : shared.nothing()) + "'");
        shared.forgetCopies();
        return shared;
    }

    /** The copies that it kept of what was taken over. */
    private void forgetCopies() throws IOException {
        try (DirectoryStream<Path> copies = Files.newDirectoryStream(data.getParent(), "*.before-*")) {
            for (Path copy : copies) {
                Files.delete(copy);
            }
        }
    }

    /** How its data was in the beginning. */
    private Path nothing() {
        return data.resolveSibling("nothing.db");
    }

    /** As it is now, for another one to start with. */
    void copyDataTo(Path file) {
        sql("backup to '" + file + "'");
    }

    /** Past the application: page by page, by SQLite's own backup. */
    private void sql(String statement) {
        try (Connection opened = DriverManager.getConnection("jdbc:sqlite:" + data + "?busy_timeout=20000");
                Statement run = opened.createStatement()) {
            run.executeUpdate(statement);
        } catch (SQLException e) {
            throw new IllegalStateException(e);
        }
    }

    /** The day goes on, or back: the next thing that is asked is answered then. */
    public RunningApp at(String moment) throws IOException {
        Path beside = Files.createTempFile(clock.getParent(), "clock", "");
        Files.writeString(beside, moment);
        Files.move(beside, clock, StandardCopyOption.ATOMIC_MOVE, StandardCopyOption.REPLACE_EXISTING);
        return this;
    }

    /** The file in which the address stands that lets the owner in. */
    Path wayIn() {
        return data.resolveSibling(data.getFileName() + ".way-in");
    }

    /** What a browser of this machine bears that was let in. */
    static List<Cookie> cookies() {
        return PORTS.stream()
                .map(port ->
                        new Cookie("door-" + port, KEY).setDomain("127.0.0.1").setPath("/"))
                .toList();
    }

    /** As the owner's scripts ask. */
    public static HttpRequest.Builder asking(URI address) {
        return HttpRequest.newBuilder(address).header("Authorization", BEARER);
    }

    /** The data file. */
    public Path data() {
        return data;
    }

    /** With a backup in the place of the data file. */
    static RunningApp restored(Path data, Path backup, String moment) throws IOException, InterruptedException {
        return ready(new RunningApp(data, freePort(), moment, false, backup.toString()));
    }

    private static RunningApp ready(RunningApp app) throws InterruptedException {
        if (!app.readyOrGone.await(READY_WITHIN_SECONDS, TimeUnit.SECONDS) || !app.ready) {
            app.kill();
            throw new IllegalStateException("the application did not become ready:\n" + app.output());
        }
        return app;
    }

    /** Starts it where it is expected to refuse, and returns all it said. */
    static String startExpectingRefusal(Path data) throws IOException, InterruptedException {
        RunningApp app = new RunningApp(data, freePort(), Browsing.MORNING, false, "");
        if (!app.process.waitFor(READY_WITHIN_SECONDS, TimeUnit.SECONDS)) {
            app.kill();
        }
        app.readyOrGone.await(5, TimeUnit.SECONDS);
        return app.output();
    }

    public String url() {
        return "http://127.0.0.1:" + port + "/";
    }

    /** Of the encrypted door to the home, where it is opened. */
    int homePort() {
        return homePort;
    }

    int port() {
        return port;
    }

    public String output() {
        return String.join("\n", output);
    }

    /** Pulls the plug: SIGKILL. */
    public void kill() throws InterruptedException {
        process.destroyForcibly().waitFor();
    }

    public String get(String path) throws IOException, InterruptedException {
        return answer(asking(URI.create(url() + path)).build());
    }

    String send(String method, String path, String json) throws IOException, InterruptedException {
        return answer(asking(URI.create(url() + path))
                .header("Content-Type", "application/json")
                .method(method, HttpRequest.BodyPublishers.ofString(json))
                .build());
    }

    /** Ends it, unless others share it. */
    @Override
    public void close() throws InterruptedException {
        if (this == shared) {
            return;
        }
        process.destroy();
        if (!process.waitFor(20, TimeUnit.SECONDS)) {
            kill();
        }
    }

    private static String answer(HttpRequest request) throws IOException, InterruptedException {
        HttpResponse<String> response = HttpClient.newHttpClient().send(request, HttpResponse.BodyHandlers.ofString());
        if (response.statusCode() >= 400) {
            throw new IOException(response.statusCode() + ": " + response.body());
        }
        return response.body();
    }

    private void readOutput() {
        try (BufferedReader lines =
                new BufferedReader(new InputStreamReader(process.getInputStream(), StandardCharsets.UTF_8))) {
            for (String line = lines.readLine(); line != null; line = lines.readLine()) {
                output.add(line);
                if (line.contains("Rustic Tangle is ready")) {
                    ready = true;
                    readyOrGone.countDown();
                }
            }
        } catch (IOException ended) {
            output.add("(output closed: " + ended.getMessage() + ")");
        }
        readyOrGone.countDown();
    }

    private static int freePort() throws IOException {
        try (ServerSocket socket = new ServerSocket(0)) {
            return socket.getLocalPort();
        }
    }
}
