package rustictangle.e2e;

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
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;

/** The application as bin/start runs it, as a process of its own, on a data file that outlives it. */
public final class RunningApp implements AutoCloseable {

    private static final int READY_WITHIN_SECONDS = 240;

    private final Process process;
    private final int port;
    private final List<String> output = Collections.synchronizedList(new ArrayList<>());
    private final CountDownLatch readyOrGone = new CountDownLatch(1);
    private volatile boolean ready;

    private RunningApp(Path data, int port, String clock, boolean demo, String restore) throws IOException {
        this.port = port;
        List<String> command = new ArrayList<>(Command.OF_START);
        // Little is done often enough here to be worth more than the first compiler.
        command.addAll(1, List.of("-Duser.timezone=UTC", "-XX:TieredStopAtLevel=1"));
        command.addAll(List.of(
                "--server.port=" + port,
                "--rustictangle.data=" + data,
                "--rustictangle.clock=" + clock,
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

    /** @param clock an ISO instant at which time stands still; empty: the machine's clock */
    public static RunningApp start(Path data, String clock, boolean demo) throws IOException, InterruptedException {
        return start(data, freePort(), clock, demo);
    }

    public static RunningApp start(Path data, int port, String clock, boolean demo)
            throws IOException, InterruptedException {
        if (demo && !Files.exists(data)) {
            copyDemo(clock, data);
        }
        return ready(new RunningApp(data, port, clock, demo, ""));
    }

    /** With a backup in the place of the data file. */
    static RunningApp restored(Path data, Path backup, String clock) throws IOException, InterruptedException {
        return ready(new RunningApp(data, freePort(), clock, false, backup.toString()));
    }

    /** The months of the demo household, lived through once for each clock and then only copied. */
    private static final Map<String, Path> DEMOS = new ConcurrentHashMap<>();

    /** Puts the demo household as it is on this clock's day in place, without starting anything on it. */
    static void copyDemo(String clock, Path data) throws IOException {
        Files.copy(DEMOS.computeIfAbsent(clock, RunningApp::demoAt), data);
    }

    private static Path demoAt(String clock) {
        try {
            Path data = Files.createTempDirectory("rustic-tangle-demo").resolve("demo.db");
            ready(new RunningApp(data, freePort(), clock, true, "")).close();
            return data;
        } catch (IOException | InterruptedException e) {
            throw new IllegalStateException("no demo household", e);
        }
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
        RunningApp app = new RunningApp(data, freePort(), "", false, "");
        if (!app.process.waitFor(READY_WITHIN_SECONDS, TimeUnit.SECONDS)) {
            app.kill();
        }
        app.readyOrGone.await(5, TimeUnit.SECONDS);
        return app.output();
    }

    public String url() {
        return "http://127.0.0.1:" + port + "/";
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
        return answer(HttpRequest.newBuilder(URI.create(url() + path)).build());
    }

    String send(String method, String path, String json) throws IOException, InterruptedException {
        return answer(HttpRequest.newBuilder(URI.create(url() + path))
                .header("Content-Type", "application/json")
                .method(method, HttpRequest.BodyPublishers.ofString(json))
                .build());
    }

    @Override
    public void close() throws InterruptedException {
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
