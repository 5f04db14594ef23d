package rustictangle.e2e;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.LoadState;

/** When a page is there: a check or a picture before that is one of nothing. */
final class There {

    /** Nothing waits, something is told, and it is written in our own letters. */
    private static final String SOMETHING_TOLD =
            """
            () => !document.querySelector('[aria-busy=true]')
               && document.querySelector('main, [data-test], h1, h2')
               && document.body.innerText.replace(document.querySelector('header')?.innerText ?? '', '').trim().length > 20
               && document.fonts.status === 'loaded'
            """;

    private There() {}

    static void isAll(Page page) {
        page.waitForLoadState(LoadState.NETWORKIDLE);
        page.evaluate("() => document.fonts.ready.then(() => true)");
        page.waitForFunction(SOMETHING_TOLD);
    }
}
