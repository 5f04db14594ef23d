package rustictangle.server.frame;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.net.InetAddress;
import java.util.Set;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Lets in only what comes from this machine, is addressed to it by its own name, and, where it may write, was sent by one
 * of our own pages or by no page at all.
 *
 * <p>The name keeps away pages that point a name of theirs at the loopback address; the origin, pages of others in the
 * same browser.
 */
final class OnlyFromHere extends OncePerRequestFilter {

    private static final Set<String> OWN_NAMES = Set.of("127.0.0.1", "localhost", "[::1]", "::1");
    private static final Set<String> READING = Set.of("GET", "HEAD", "OPTIONS");

    private final ProblemWriter problems;

    OnlyFromHere(ProblemWriter problems) {
        this.problems = problems;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        if (!InetAddress.getByName(request.getRemoteAddr()).isLoopbackAddress()
                || !OWN_NAMES.contains(request.getServerName())) {
            refuse(response, "Rustic Tangle answers only on the machine it runs on, by its own name.");
        } else if (!READING.contains(request.getMethod()) && !ownPage(request)) {
            refuse(response, "Only Rustic Tangle's own pages may change anything. Nothing was changed.");
        } else if (!READING.contains(request.getMethod()) && !takesJson(request)) {
            problems.write(
                    response,
                    Problems.problem(
                            HttpStatus.NOT_ACCEPTABLE,
                            Problems.REFUSED,
                            "Not in that form",
                            "Answers are JSON; ask for application/json. Nothing was changed."));
        } else {
            chain.doFilter(request, response);
        }
    }

    private static boolean ownPage(HttpServletRequest request) {
        String origin = request.getHeader(HttpHeaders.ORIGIN);
        if (origin != null) {
            return origin.equals(request.getScheme() + "://" + request.getHeader(HttpHeaders.HOST));
        }
        String site = request.getHeader("Sec-Fetch-Site");
        return site == null || site.equals("same-origin") || site.equals("none");
    }

    /** An answer that could not be given must not follow on something that was done. */
    private static boolean takesJson(HttpServletRequest request) {
        String accept = request.getHeader(HttpHeaders.ACCEPT);
        try {
            return accept == null
                    || MediaType.parseMediaTypes(accept).stream()
                            .anyMatch(type -> type.includes(MediaType.APPLICATION_JSON));
        } catch (IllegalArgumentException unreadable) {
            return false;
        }
    }

    private void refuse(HttpServletResponse response, String why) throws IOException {
        problems.write(response, Problems.problem(HttpStatus.FORBIDDEN, Problems.REFUSED, "Not from here", why));
    }
}
