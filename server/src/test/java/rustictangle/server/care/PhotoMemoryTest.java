package rustictangle.server.care;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.awt.image.BufferedImage;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Large pictures come from telephones, and several may come at once. */
class PhotoMemoryTest {

    /** Nearly the most that is taken: 60 million points, 59 MB where one byte holds a point. */
    private static final int SIDE = 7_700;
    /** Less than one of them as it is. */
    private static final String MEMORY = "-Xmx48m";

    private static final int AT_ONCE = 8;

    @Test
    void eightLargePicturesAtOnceAreDrawnInLessMemoryThanOneOfThemHas(@TempDir Path folder) throws Exception {
        BufferedImage large = new BufferedImage(SIDE, SIDE, BufferedImage.TYPE_BYTE_GRAY);
        List<String> command = new ArrayList<>(List.of(
                ProcessHandle.current().info().command().orElseThrow(),
                MEMORY,
                "-cp",
                System.getProperty("java.class.path"),
                PhotoMemoryTest.class.getName()));
        for (String format : List.of("jpeg", "png")) {
            Path file = folder.resolve("large." + format);
            ImageIO.write(large, format, file.toFile());
            command.add(file.toString());
        }
        Path said = folder.resolve("said.txt");
        Process drawing = new ProcessBuilder(command)
                .redirectErrorStream(true)
                .redirectOutput(said.toFile())
                .start();
        assertEquals(0, drawing.waitFor(), () -> {
            try {
                return Files.readString(said, StandardCharsets.UTF_8);
            } catch (java.io.IOException e) {
                return e.toString();
            }
        });
    }

    /** @param files the pictures to be drawn */
    public static void main(String[] files) throws Exception {
        ExecutorService hands = Executors.newFixedThreadPool(AT_ONCE);
        try {
            List<Future<byte[]>> drawn = new ArrayList<>();
            for (int n = 0; n < AT_ONCE; n++) {
                byte[] sent = Files.readAllBytes(Path.of(files[n % files.length]));
                drawn.add(hands.submit(() -> Photo.small(sent)));
            }
            for (Future<byte[]> one : drawn) {
                if (one.get().length == 0) {
                    throw new IllegalStateException("nothing was drawn");
                }
            }
        } finally {
            hands.shutdownNow();
        }
    }
}
