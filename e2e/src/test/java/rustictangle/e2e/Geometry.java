package rustictangle.e2e;

import static org.junit.jupiter.api.Assertions.assertEquals;

import com.microsoft.playwright.Page;
import java.util.ArrayList;
import java.util.List;

/** What a thumb needs at every size of screen: nothing wider than it, nothing cut off, nothing too small to touch. */
final class Geometry {

    private record Size(int width, int height) {}

    /** Phones on end and on their side, a laptop at twice its size, tablets, a desk. */
    private static final List<Size> SIZES = List.of(
            new Size(320, 640),
            new Size(360, 640),
            new Size(390, 844),
            new Size(640, 400),
            new Size(768, 1024),
            new Size(844, 390),
            new Size(1024, 768),
            new Size(1280, 800),
            new Size(1920, 1080));

    /**
     * A link within a sentence is as tall as its line, as WCAG 2.2 allows (2.5.8); the seven days of a week share the width
     * of the smallest phone, and are tall instead.
     */
    private static final String FAULTS =
            """
            () => {
              const faults = []
              const over = document.documentElement.scrollWidth - innerWidth
              if (over > 0) faults.push(`wider than the screen by ${over}`)
              for (const e of document.querySelectorAll(
                'main button, main a[href], header a, header button, main input, main select, main summary, main [role=slider]')) {
                const style = getComputedStyle(e)
                if (style.visibility === 'hidden' || style.display === 'none' || e.closest('[inert], [aria-hidden=true]')) continue
                const name = (e.getAttribute('aria-label') ?? e.textContent).trim().slice(0, 30)
                const touched = e.matches('input:not([type=range])')
                  ? (e.closest('label') ?? e.closest('.v-field') ?? document.querySelector(`label[for="${e.id}"]`) ?? e)
                  : e
                const { width, height } = touched.getBoundingClientRect()
                if (!width || !height || (e.matches('input') && style.opacity === '0')) continue
                const inSentence = style.display === 'inline'
                  && e.parentElement.textContent.trim().length > e.textContent.trim().length + 2
                const ofAWeek = e.matches('.cell, .column, .minutes input')
                // A short word within a sentence is as wide as it is.
                const word = e.matches('p button') && style.display === 'inline-block'
                if (!inSentence && !ofAWeek && Math.min(word ? height : width, height) < 43.5)
                  faults.push(`${Math.round(width)}x${Math.round(height)} ${e.tagName} "${name}"`)
                if (e.matches('button, a') && e.scrollWidth > e.clientWidth + 6 && style.display !== 'inline'
                  && ['hidden', 'clip'].includes(style.overflowX)) faults.push(`cut off: "${name}"`)
              }
              return [...new Set(faults)]
            }
            """;

    private Geometry() {}

    static void assertFits(Page page, String where) {
        List<String> faults = new ArrayList<>();
        for (Size size : SIZES) {
            page.setViewportSize(size.width, size.height);
            // Drawn anew at this width.
            page.evaluate("() => new Promise((drawn) => requestAnimationFrame(() => requestAnimationFrame(drawn)))");
            for (Object fault : (List<?>) page.evaluate(FAULTS)) {
                faults.add(size.width + ": " + fault);
            }
        }
        assertEquals(List.of(), faults, where);
    }
}
