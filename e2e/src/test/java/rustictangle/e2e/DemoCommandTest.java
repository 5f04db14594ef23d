package rustictangle.e2e;

import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.net.ConnectException;
import java.net.Socket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;

/** The first of the two commands of the README. */
class DemoCommandTest {

    private static final int PORT = 18418;

    @Test
    @Timeout(value = 8, unit = TimeUnit.MINUTES)
    void theDemoPrintsItsAddressWhenItAnswersAndCtrlCEndsAllOfIt() throws Exception {
        // Run in the background, a test inherits that Ctrl-C is ignored; a terminal does not ignore it.
        ProcessBuilder builder =
                new ProcessBuilder("env", "--default-signal=INT", "../bin/demo").redirectErrorStream(true);
        builder.environment().put("PORT", String.valueOf(PORT));
        builder.environment().put("JAVA_TOOL_OPTIONS", "-XX:TieredStopAtLevel=1");
        Process demo = builder.start();
        try {
            printsItsAddressAndEndsOnCtrlC(demo);
        } finally {
            demo.descendants().forEach(ProcessHandle::destroyForcibly);
            demo.destroyForcibly();
        }
    }

    private static void printsItsAddressAndEndsOnCtrlC(Process demo) throws Exception {
        Path data = null;
        String address = null;
        BufferedReader output =
                new BufferedReader(new InputStreamReader(demo.getInputStream(), StandardCharsets.UTF_8));
        for (String line = output.readLine(); line != null; line = output.readLine()) {
            if (line.startsWith("Data is kept in ")) {
                data = Path.of(line.substring("Data is kept in ".length()));
            }
            if (line.startsWith("Rustic Tangle is ready: ")) {
                address = line.substring("Rustic Tangle is ready: ".length());
                break;
            }
        }
        HttpResponse<String> home = HttpClient.newHttpClient()
                .send(
                        HttpRequest.newBuilder(URI.create(address + "api/home")).build(),
                        HttpResponse.BodyHandlers.ofString());
        assertTrue(home.body().contains("Oakum"), home.body());
        assertFalse(data.startsWith(Path.of(System.getProperty("user.home"), ".local")), "the owner's folder: " + data);

        // What the terminal sends on Ctrl-C.
        new ProcessBuilder("kill", "-INT", String.valueOf(demo.pid())).start().waitFor();
        assertTrue(demo.waitFor(2, TimeUnit.MINUTES));
        assertThrows(ConnectException.class, DemoCommandTest::knock);
        assertFalse(Files.exists(data.getParent()), "left behind: " + data);
    }

    private static void knock() throws IOException {
        new Socket("127.0.0.1", PORT).close();
    }
}
