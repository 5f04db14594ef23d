package rustictangle.server.door;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.net.InetAddress;
import java.util.Optional;
import java.util.Set;
import org.springframework.http.ProblemDetail;
import org.springframework.web.filter.OncePerRequestFilter;
import rustictangle.server.frame.ProblemWriter;

/**
 * This machine's own door. Lets in only what comes from this machine, is addressed to it by its own name, was sent by one of
 * our own pages or by no page at all, and bears the owner's key.
 *
 * <p>The name keeps away pages that point a name of theirs at the loopback address; the origin, pages of others in the
 * same browser; the key, everybody else who uses this machine.
 */
final class OwnDoor extends OncePerRequestFilter {

    private static final Set<String> OWN_NAMES = Set.of("127.0.0.1", "localhost", "[::1]", "::1");

    private final ProblemWriter problems;
    private final OwnKey key;

    OwnDoor(ProblemWriter problems, OwnKey key) {
        this.problems = problems;
        this.key = key;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        Optional<ProblemDetail> refusal = refusal(request);
        if (refusal.isPresent()) {
            problems.write(response, refusal.get());
        } else {
            chain.doFilter(request, response);
        }
    }

    private Optional<ProblemDetail> refusal(HttpServletRequest request) throws IOException {
        if (!InetAddress.getByName(request.getRemoteAddr()).isLoopbackAddress()
                || !OWN_NAMES.contains(request.getServerName())) {
            return Optional.of(
                    Pages.forbidden("Rustic Tangle answers here only on the machine it runs on, by its own name."));
        }
        return Pages.refusal(request)
                .or(() -> Pages.api(request) && key.asked() && !open(request) && !key.borneBy(request)
                        ? Optional.of(Pages.who("Rustic Tangle opens to whoever starts it: start it again, or open the "
                                + "address in the file that ends in .way-in beside the data."))
                        : Optional.empty());
    }

    /** What lets one in, and what a program that keeps a calendar reads: its address has a key of its own. */
    private static boolean open(HttpServletRequest request) {
        String path = Pages.path(request);
        return path.equals("/api/enter") || path.startsWith("/api/calendar/") && Pages.reads(request);
    }
}
