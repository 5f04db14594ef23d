package rustictangle.server.demo;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.net.URI;
import java.net.URLConnection;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.attribute.FileTime;
import java.time.ZoneOffset;
import java.util.Arrays;
import java.util.TimeZone;
import java.util.stream.Stream;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.WebApplicationType;
import org.springframework.http.HttpHeaders;
import rustictangle.server.RusticTangle;

/**
 * Build step: writes what only the running code can tell. The OpenAPI document, from which the web's types are made; and
 * the data file that the demo begins with, by living through its household's months.
 */
final class GeneratedFiles {

    private GeneratedFiles() {}

    /** @param args the document, the data file, and the folders of classes that both are made by: they stay where they are newer */
    public static void main(String[] args) throws IOException {
        Path document = Path.of(args[0]).toAbsolutePath();
        Path household = Path.of(args[1]).toAbsolutePath();
        if (Files.exists(document) && Files.exists(household) && isNewer(household, args)) {
            return;
        }
        Files.createDirectories(household.getParent());
        Path lived = Files.createTempDirectory("demo").resolve("household.db");
        // At the hour that it says, wherever it is built.
        TimeZone.setDefault(TimeZone.getTimeZone(ZoneOffset.UTC));
        SpringApplication build = new SpringApplication(RusticTangle.class, DemoSimulation.class);
        build.setWebApplicationType(WebApplicationType.SERVLET);
        try (var running = build.run(
                "--server.port=0",
                "--rustictangle.data=" + lived,
                "--rustictangle.clock=" + DemoHousehold.MADE_FOR,
                "--logging.level.rustictangle=warn")) {
            String port = running.getEnvironment().getRequiredProperty("local.server.port");
            URLConnection asking = URI.create("http://127.0.0.1:" + port + "/api/openapi.json")
                    .toURL()
                    .openConnection();
            asking.setRequestProperty(HttpHeaders.AUTHORIZATION, "Bearer " + key(lived));
            try (InputStream asked = asking.getInputStream()) {
                Files.copy(asked, document, StandardCopyOption.REPLACE_EXISTING);
            }
        }
        Files.copy(lived, household, StandardCopyOption.REPLACE_EXISTING);
    }

    /** Out of the file beside the data, as a script of the owner does. */
    private static String key(Path data) throws IOException {
        return Files.readString(data.resolveSibling(data.getFileName() + ".way-in"))
                .strip()
                .split("#")[1];
    }

    private static boolean isNewer(Path file, String[] args) throws IOException {
        FileTime made = Files.getLastModifiedTime(file);
        for (String folder : Arrays.asList(args).subList(2, args.length)) {
            try (Stream<Path> classes = Files.walk(Path.of(folder))) {
                if (classes.filter(path -> path.toString().endsWith(".class")
                                || path.toString().endsWith(".txt"))
                        .anyMatch(path -> time(path).compareTo(made) > 0)) {
                    return false;
                }
            }
        }
        return true;
    }

    private static FileTime time(Path file) {
        try {
            return Files.getLastModifiedTime(file);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
