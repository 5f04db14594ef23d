package rustictangle.e2e;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import java.util.Locale;

/**
 * How long an owner takes who reads everything: each touch a second and a half, each letter a quarter of one, and every word
 * of a screen once, 220 in a minute.
 */
final class Stopwatch {

    private static final double SECONDS_A_TOUCH = 1.5;
    private static final double SECONDS_A_LETTER = 0.25;
    private static final double WORDS_A_MINUTE = 220;

    private final Page page;
    private String screen = "";
    private int touches;
    private int letters;
    private int words;
    private int screens;

    Stopwatch(Page page) {
        this.page = page;
    }

    /** Reads the screen, if it is a new one. */
    void read() {
        There.isAll(page);
        String title = page.locator("h1").first().innerText();
        if (!title.equals(screen)) {
            screen = title;
            screens++;
            words += page.locator("main").innerText().trim().split("\\s+").length;
        }
    }

    void touch(Locator what) {
        read();
        what.click();
        touches++;
    }

    /** A field is touched, and written in. */
    void write(Locator field, String text) {
        touch(field);
        field.pressSequentially(text);
        letters += text.length();
    }

    int touches() {
        return touches;
    }

    double seconds() {
        return SECONDS_A_TOUCH * touches + SECONDS_A_LETTER * letters + 60 * words / WORDS_A_MINUTE;
    }

    @Override
    public String toString() {
        return String.format(
                Locale.ROOT,
                "%d touches, %d letters, %d words on %d screens: %.0f s",
                touches,
                letters,
                words,
                screens,
                seconds());
    }
}
