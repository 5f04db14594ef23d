package rustictangle.server.door;

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
import rustictangle.server.frame.ProblemWriter;
import rustictangle.server.frame.Problems;

/**
 * Lets in only what comes from this machine, is addressed to it by its own name, was sent by one of our own pages or by no
 * page at all, and bears the owner's key.
 *
 * <p>The name keeps away pages that point a name of theirs at the loopback address; the origin, pages of others in the
 * same browser; the key, everybody else who uses this machine.
 */
final class OwnDoor extends OncePerRequestFilter {

    private static final Set<String> OWN_NAMES = Set.of("127.0.0.1", "localhost", "[::1]", "::1");
    private static final Set<String> READING = Set.of("GET", "HEAD", "OPTIONS");

    private final ProblemWriter problems;
    private final OwnKey key;

    OwnDoor(ProblemWriter problems, OwnKey key) {
        this.problems = problems;
        this.key = key;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        if (!InetAddress.getByName(request.getRemoteAddr()).isLoopbackAddress()
                || !OWN_NAMES.contains(request.getServerName())) {
            refuse(response, "Rustic Tangle answers only on the machine it runs on, by its own name.");
        } else if (Pages.api(request) && !Pages.own(request)) {
            refuse(response, "Only Rustic Tangle's own pages may ask or change anything. Nothing was changed.");
        } else if (!READING.contains(request.getMethod()) && !takesJson(request)) {
            problems.write(
                    response,
                    Problems.problem(
                            HttpStatus.NOT_ACCEPTABLE,
                            Problems.REFUSED,
                            "Not in that form",
                            "Answers are JSON; ask for application/json. Nothing was changed."));
        } else if (key.asked() && Pages.api(request) && !open(request) && !key.borneBy(request)) {
            problems.write(
                    response,
                    Problems.problem(
                            HttpStatus.UNAUTHORIZED,
                            Pages.WHO,
                            "Who is it?",
                            "Rustic Tangle opens to whoever starts it: start it again, or open the address in the file "
                                    + "that ends in .way-in beside the data."));
        } else {
            chain.doFilter(request, response);
        }
    }

    /** What lets one in, and what a program that keeps a calendar reads: its address has a key of its own. */
    private static boolean open(HttpServletRequest request) {
        String path = Pages.path(request);
        return path.equals("/api/enter")
                || path.startsWith("/api/calendar/") && READING.contains(request.getMethod());
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
