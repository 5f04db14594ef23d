package rustictangle.server.demo;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.FileTime;
import java.time.ZoneOffset;
import java.util.Arrays;
import java.util.TimeZone;
import java.util.stream.Stream;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.WebApplicationType;
import rustictangle.server.RusticTangle;

/** Build step: lives through the demo household's months, and writes the data file that the demo begins with. */
final class DemoFile {

    private DemoFile() {}

    /** @param args the file to write, and the folders of classes that it is made by: it is left as it is where it is newer */
    public static void main(String[] args) throws IOException {
        Path file = Path.of(args[0]).toAbsolutePath();
        if (Files.exists(file) && isNewer(file, args)) {
            return;
        }
        Files.createDirectories(file.getParent());
        Path made = Files.createTempDirectory("demo").resolve("household.db");
        // At the hour that it says, wherever it is built.
        TimeZone.setDefault(TimeZone.getTimeZone(ZoneOffset.UTC));
        SpringApplication build = new SpringApplication(RusticTangle.class, DemoSimulation.class);
        build.setWebApplicationType(WebApplicationType.SERVLET);
        build.run(
                        "--server.port=0",
                        "--rustictangle.data=" + made,
                        "--rustictangle.clock=" + DemoHousehold.MADE_FOR,
                        "--logging.level.rustictangle=warn")
                .close();
        Files.copy(made, file, java.nio.file.StandardCopyOption.REPLACE_EXISTING);
    }

    private static boolean isNewer(Path file, String[] args) throws IOException {
        FileTime made = Files.getLastModifiedTime(file);
        for (String folder : Arrays.asList(args).subList(1, args.length)) {
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
