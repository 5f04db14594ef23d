package rustictangle.server.frame;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.time.Duration;
import java.time.Instant;
import java.util.regex.Pattern;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Who speaks, and since when: the device that a request comes from, by the name it has given itself, and how long what
 * it says has waited there.
 */
@Component
public final class Sender extends OncePerRequestFilter {

    /** Optional; anything else is as if it were absent. */
    static final String HEADER = "X-Device";

    /** The attribute of a request whose device was let in: then it is known, whatever the header says. */
    public static final String KNOWN = "rustictangle.device";

    /** Milliseconds since it was said, by the device's own clock, which need not be right. Optional, as above. */
    static final String AGO = "X-Ago";

    /** What waited longer is taken as said so long ago. */
    private static final Duration LONGEST_AGO = Duration.ofDays(31);

    /** What was only on its way is said now, so that what was said of one dog on two pages keeps its order. */
    private static final Duration ON_ITS_WAY = Duration.ofSeconds(10);

    private static final Pattern MILLISECONDS = Pattern.compile("\\d{1,15}");
    private static final Pattern NAME = Pattern.compile("[A-Za-z0-9-]{1,40}");
    private static final ThreadLocal<Duration> WAITED = ThreadLocal.withInitial(() -> Duration.ZERO);
    private static final ThreadLocal<String> DEVICE = ThreadLocal.withInitial(() -> "");

    /** Of the request being answered; empty: not known. */
    public static String device() {
        return DEVICE.get();
    }

    /** When what is being said was said: no time after now. */
    public static Instant said(Instant now) {
        return now.minus(WAITED.get());
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        String name = request.getAttribute(KNOWN) instanceof String known ? known : request.getHeader(HEADER);
        DEVICE.set(name != null && NAME.matcher(name).matches() ? name : "");
        String ago = request.getHeader(AGO);
        if (ago != null && MILLISECONDS.matcher(ago).matches()) {
            Duration waited = Duration.ofMillis(Long.parseLong(ago));
            if (waited.compareTo(ON_ITS_WAY) > 0) {
                WAITED.set(waited.compareTo(LONGEST_AGO) > 0 ? LONGEST_AGO : waited);
            }
        }
        try {
            chain.doFilter(request, response);
        } finally {
            DEVICE.remove();
            WAITED.remove();
        }
    }
}
