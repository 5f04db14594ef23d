package rustictangle.e2e;

import static org.junit.jupiter.api.Assertions.assertTrue;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.function.Function;
import java.util.stream.Collectors;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import rustictangle.e2e.views.CoatMapView;
import rustictangle.e2e.views.FinderView;
import rustictangle.e2e.views.FirstPathView;
import rustictangle.e2e.views.RoutineView;
import rustictangle.e2e.views.SessionView;

/** Not a test: takes the pictures of docs/screenshots from the demo with a fixed clock (bin/screenshots). */
class Screenshots extends Browsing {

    private static final Path PICTURES = Path.of("../docs/screenshots");
    private static RunningApp app;

    private static final int FEWEST_COLOURS = 50;
    private static final double MOST_OF_ONE_COLOUR = 0.97;

    @BeforeAll
    static void start() throws Exception {
        app = RunningApp.start(folder.resolve("demo.db"), MORNING, true);
    }

    @AfterAll
    static void stop() throws Exception {
        app.close();
    }

    @Test
    void takeThemAll() throws Exception {
        Page laptop = atNoon(laptop());
        laptop.navigate(RunningApp.anew(false).url() + "dogs/new");
        FirstPathView path = new FirstPathView(laptop).who("Gannet").breed("Lagotto");
        path.on();
        path.answer("Two fingers").waitFor();
        snap(laptop, "first");
        take(laptop, app.url(), "home");
        Page phone = atNoon(phone());
        take(phone, app.url(), "phone-home");
        take(laptop, app.url() + "dogs/2/dog/coat", "coat");
        laptop.navigate(app.url() + "dogs/3/dog/coat/finder");
        new FinderView(laptop).keys("1", "3");
        laptop.getByText("What would decide").waitFor();
        snap(laptop, "coat-finder");
        take(laptop, app.url() + "drawer", "drawer");
        take(laptop, app.url() + "dogs/3/kit", "tools");
        CoatMapView.point(laptop, "CHEST");
        laptop.getByRole(AriaRole.ARTICLE).waitFor();
        snap(laptop, "tools-one-place");
        take(laptop, app.url() + "dogs/3/days", "when");
        take(laptop, app.url() + "dogs/3/days/thread", "thread");
        take(laptop, app.url() + "week", "week");
        take(laptop, app.url() + "dogs/4/dog/trust", "trust");
        take(laptop, app.url() + "dogs/4/practice?subject=WOODEN_PIN_BRUSH&section=BACK", "practice");
        take(laptop, app.url() + "dogs/2/today/table", "care");
        take(laptop, app.url() + "dogs/2/today/routine", "routine");

        // From here on something is done, and the day is another one.
        laptop.navigate(app.url() + "dogs/3/care/nails");
        laptop.getByText("The whole job").click();
        laptop.getByText("It lies ready").click();
        for (int toe = 0; toe <= 3; toe++) {
            laptop.getByText(toe == 0 ? "Left front paw, dew claw" : "Left front paw, toe " + toe)
                    .waitFor();
            laptop.getByText(toe == 2 ? "Leave this one" : "Its tip is off").click();
        }
        laptop.getByText("Left front paw, toe 4").waitFor();
        snap(laptop, "care-nails");
        phone.navigate(app.url() + "dogs/2/today/routine");
        new RoutineView(phone).begin();
        snap(phone, "phone-session");
        laptop.navigate(phone.url());
        new SessionView(laptop).next().waitFor();
        snap(laptop, "session");
        laptop.keyboard().press("c");
        laptop.keyboard().press("k");
        laptop.keyboard().press("1");
        laptop.keyboard().press("2");
        laptop.keyboard().press("1");
        laptop.keyboard().press("1");
        laptop.getByText("Tease it apart").waitFor();
        snap(laptop, "session-catch");
    }

    /** All pictures are of one moment, out of the quiet hours. */
    private static Page atNoon(Page page) {
        page.clock().setFixedTime("2026-05-14T12:00:00");
        return page;
    }

    private static void take(Page page, String url, String name) {
        page.navigate(url);
        snap(page, name);
    }

    /** A picture that is nearly of one colour, or holds less than half of the one before, is none. */
    private static void snap(Page page, String name) {
        There.isAll(page);
        byte[] picture = page.screenshot();
        Path file = PICTURES.resolve(name + ".png");
        try {
            assertTrue(colours(picture) >= FEWEST_COLOURS, name + " is nearly of one colour");
            assertTrue(
                    !Files.exists(file) || 2 * picture.length > Files.size(file),
                    name + " lost over half of what it showed; if that is right, remove the old picture first");
            Files.write(file, picture);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static long colours(byte[] png) throws IOException {
        BufferedImage image = ImageIO.read(new ByteArrayInputStream(png));
        int[] points = image.getRGB(0, 0, image.getWidth(), image.getHeight(), null, 0, image.getWidth());
        int most = Arrays.stream(points)
                .boxed()
                .collect(Collectors.groupingBy(Function.identity(), Collectors.summingInt(pixel -> 1)))
                .values()
                .stream()
                .max(Integer::compare)
                .orElseThrow();
        return most > MOST_OF_ONE_COLOUR * points.length
                ? 1
                : Arrays.stream(points).distinct().count();
    }
}
