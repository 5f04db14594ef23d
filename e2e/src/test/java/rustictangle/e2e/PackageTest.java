package rustictangle.e2e;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.net.ServerSocket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** An owner without any tools unpacks a folder, starts it, and sees the dogs. */
class PackageTest {

    private static final int PATIENCE_SECONDS = 240;
    private static final int SECOND_MS = 1000;

    @TempDir
    private Path folder;

    /** All that there is on this machine to run, but for the package. */
    private Path bareMachine() throws IOException {
        Path tools = Files.createDirectory(folder.resolve("bin"));
        for (String tool : List.of("sh", "dirname", "readlink")) {
            Files.createSymbolicLink(tools.resolve(tool), Path.of("/bin", tool));
        }
        Path browser = tools.resolve("xdg-open");
        Files.writeString(browser, "#!/bin/sh\necho \"$1\" >> '" + shown() + "'\n");
        Files.setPosixFilePermissions(browser, PosixFilePermissions.fromString("rwx------"));
        return tools;
    }

    /** What the browser was asked to show. */
    private Path shown() {
        return folder.resolve("shown");
    }

    private Process start(Path unpacked, Path tools, Path data, int port, String... more) throws IOException {
        List<String> command = new ArrayList<>(List.of(
                unpacked.resolve("rustic-tangle").toString(),
                "--rustictangle.clock=" + Browsing.MORNING,
                "--rustictangle.home.port=" + freePort()));
        command.addAll(List.of(more));
        ProcessBuilder start = new ProcessBuilder(command)
                .redirectErrorStream(true)
                .redirectOutput(folder.resolve("output").toFile());
        start.environment().clear();
        start.environment()
                .putAll(Map.of(
                        "PATH", tools.toString(),
                        "HOME", folder.toString(),
                        "DISPLAY", ":7",
                        "TZ", "UTC",
                        "PORT", String.valueOf(port),
                        "RUSTIC_TANGLE_DATA", data.toString()));
        return start.start();
    }

    /** @return the address that the browser was asked to show, as the n-th one */
    private String shown(int n, Process app) throws IOException, InterruptedException {
        for (int second = 0; second < PATIENCE_SECONDS; second++) {
            List<String> all = Files.exists(shown()) ? Files.readAllLines(shown()) : List.of();
            if (all.size() >= n) {
                return all.get(n - 1);
            }
            assertTrue(app.isAlive() || n > 1, Files.readString(folder.resolve("output")));
            Thread.sleep(SECOND_MS);
        }
        throw new AssertionError("no browser was opened:\n" + Files.readString(folder.resolve("output")));
    }

    private static int freePort() throws IOException {
        try (ServerSocket socket = new ServerSocket(0)) {
            return socket.getLocalPort();
        }
    }

    private static void run(String... command) throws IOException, InterruptedException {
        Process process = new ProcessBuilder(command).redirectErrorStream(true).start();
        String said = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        assertEquals(0, process.waitFor(), said);
    }

    @Test
    void itRunsWhereNothingIsInstalledAndTakesTheDataAlong() throws Exception {
        run("../bin/package");
        Path archive;
        try (var made = Files.list(Path.of("../dist"))) {
            archive = made.filter(path -> path.toString().endsWith(".tar.gz"))
                    .findFirst()
                    .orElseThrow();
        }
        run("tar", "-xzf", archive.toString(), "-C", folder.toString());
        Path unpacked = folder.resolve(archive.getFileName().toString().replace(".tar.gz", ""));
        assertTrue(Files.size(unpacked.resolve("app/classes.jsa")) > 0, "its classes are kept ready");
        assertTrue(Files.readString(unpacked.resolve("parts-java.json")).contains("spring-security-web"));
        assertTrue(Files.readString(unpacked.resolve("parts-web.json")).contains("vue-router"));
        // Years that an older version kept.
        Path data = folder.resolve("household.db");
        Files.copy(Path.of("../server/target/classes/rustictangle/demo/household.db"), data);
        Path tools = bareMachine();
        int port = freePort();
        Process app = start(unpacked, tools, data, port);
        try {
            String wayIn = shown(1, app);
            assertTrue(wayIn.startsWith("http://127.0.0.1:" + port + "/enter#"), wayIn);
            assertEquals(wayIn, Files.readString(Path.of(data + ".way-in")).strip());
            HttpResponse<String> home = HttpClient.newHttpClient()
                    .send(
                            HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + port + "/api/home"))
                                    .header("Authorization", "Bearer " + wayIn.split("#")[1])
                                    .build(),
                            HttpResponse.BodyHandlers.ofString());
            assertTrue(home.body().contains("Gannet"), home.body());
            // A second double click shows the one that runs.
            Process again = start(unpacked, tools, data, freePort());
            assertEquals(wayIn, shown(2, again));
            assertTrue(again.waitFor(PATIENCE_SECONDS, TimeUnit.SECONDS));
            assertEquals(0, again.exitValue());
            assertTrue(app.isAlive());
            // A code for a phone, by its owner on the command line: not while the door to the home is shut.
            Process code = start(unpacked, tools, data, port, "--let-in", "the phone", "helpers");
            assertTrue(code.waitFor(PATIENCE_SECONDS, TimeUnit.SECONDS));
            assertEquals(1, code.exitValue());
            assertTrue(Files.readString(folder.resolve("output")).contains("Open the door to the home first."));
        } finally {
            app.destroy();
            assertTrue(app.waitFor(PATIENCE_SECONDS, TimeUnit.SECONDS));
        }
        assertFalse(Files.exists(Path.of(data + "-wal")), "stopped cleanly, nothing left beside");
    }
}
