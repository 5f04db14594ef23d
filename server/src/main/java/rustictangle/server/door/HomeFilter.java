package rustictangle.server.door;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.Cookie;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.net.InetAddress;
import java.time.Duration;
import java.time.Instant;
import java.util.Arrays;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.atomic.AtomicInteger;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.ProblemDetail;
import org.springframework.http.server.PathContainer;
import org.springframework.web.filter.OncePerRequestFilter;
import org.springframework.web.util.pattern.PathPattern;
import org.springframework.web.util.pattern.PathPatternParser;
import rustictangle.server.frame.ChildsHand;
import rustictangle.server.frame.DataFile;
import rustictangle.server.frame.ProblemWriter;
import rustictangle.server.frame.Problems;
import rustictangle.server.frame.Sender;

/**
 * The door to the home. Lets in only what comes from a private address, is addressed to this machine by one of its own
 * names, was sent by one of our own pages, bears the cookie of a device that was let in, and asks for what that device may.
 */
final class HomeFilter extends OncePerRequestFilter {

    /** Browsers keep it for the secure door of this one host only. */
    static final String COOKIE = "__Host-device";

    /** Of one device, in ten seconds: a page asks for twenty things, a hand on the keys for ten a second. */
    private static final int MOST_REQUESTS = 400;

    private static final Duration COUNTED_FOR = Duration.ofSeconds(10);

    /** What stands before the door: how one is let in, and what that page is drawn with. */
    private static final Set<String> BEFORE_THE_DOOR =
            Set.of("/pair", "/burr.svg", "/api/pair", "/api/pair/root.cer", "/favicon.ico");

    private static final PathPattern CHILDS_SESSIONS =
            PathPatternParser.defaultInstance.parse("/api/dogs/{dogId}/sessions/**");

    private final ProblemWriter problems;
    private final DataFile data;
    private final HomeDoor door;
    private final HomeFile file;
    private final ChildsHand hands;
    private final Cache<String, AtomicInteger> asked = Caffeine.newBuilder()
            .maximumSize(1000)
            .expireAfterWrite(COUNTED_FOR)
            .build();

    HomeFilter(ProblemWriter problems, DataFile data, HomeDoor door, HomeFile file, ChildsHand hands) {
        this.problems = problems;
        this.data = data;
        this.door = door;
        this.file = file;
        this.hands = hands;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        Optional<Device> device = bearer(request);
        Optional<ProblemDetail> stranger = stranger(request).or(() -> tooMuch(device, request));
        if (stranger.isPresent()) {
            problems.write(response, stranger.get());
        } else if (!request.isSecure()) {
            response.setStatus(HttpStatus.PERMANENT_REDIRECT.value());
            response.setHeader(HttpHeaders.LOCATION, door.url(request.getServerName()) + request.getRequestURI());
        } else if (BEFORE_THE_DOOR.contains(Pages.path(request))
                || Pages.path(request).startsWith("/assets/")) {
            chain.doFilter(request, response);
        } else {
            let(device, request, response, chain);
        }
    }

    private void let(
            Optional<Device> device, HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        if (device.isEmpty() && !Pages.api(request)) {
            // The page that lets one in, and says so: nothing of the household is in it.
            response.setStatus(HttpStatus.UNAUTHORIZED.value());
            request.getRequestDispatcher("/pair").forward(request, response);
        } else if (device.isEmpty()) {
            problems.write(
                    response,
                    Pages.who("This device was not let in, or was put out. At the machine on which Rustic Tangle runs, "
                            + "open the settings, “Also in our home”, and scan the code there."));
        } else {
            Optional<ProblemDetail> forbidden = forbidden(device.get(), request);
            if (forbidden.isPresent()) {
                problems.write(response, forbidden.get());
            } else {
                request.setAttribute(Sender.KNOWN, device.get().id());
                chain.doFilter(request, response);
            }
        }
    }

    /** Why nobody is even asked who it is; empty: somebody of this home may stand there. */
    private Optional<ProblemDetail> stranger(HttpServletRequest request) throws IOException {
        InetAddress from = InetAddress.getByName(request.getRemoteAddr());
        if (!Addresses.isPrivate(from) && !from.isLoopbackAddress()) {
            return Optional.of(Pages.forbidden("Rustic Tangle answers in the home only."));
        }
        if (!door.hosts().contains(request.getServerName())) {
            return Optional.of(Pages.forbidden("Rustic Tangle is not called that. The settings show its address."));
        }
        return Pages.refusal(request);
    }

    /** Who was let in is counted alone: a stranger who asks without end slows down nobody else. */
    private Optional<ProblemDetail> tooMuch(Optional<Device> device, HttpServletRequest request) {
        AtomicInteger count =
                asked.get(device.map(Device::id).orElse(request.getRemoteAddr()), nobody -> new AtomicInteger());
        return count.incrementAndGet() <= MOST_REQUESTS
                ? Optional.empty()
                : Optional.of(Problems.problem(
                        HttpStatus.TOO_MANY_REQUESTS, Problems.BUSY, "Too much at once", "Ask again in ten seconds."));
    }

    private Optional<Device> bearer(HttpServletRequest request) {
        return Arrays.stream(Optional.ofNullable(request.getCookies()).orElse(new Cookie[0]))
                .filter(cookie -> cookie.getName().equals(COOKIE))
                .findFirst()
                .flatMap(cookie -> file.bearing(cookie.getValue(), Instant.now()));
    }

    private Optional<ProblemDetail> forbidden(Device device, HttpServletRequest request) {
        String path = Pages.path(request);
        if (!Pages.api(request) || path.equals("/api/me")) {
            return Optional.empty();
        }
        if (Role.atTheMachine(path)) {
            return Optional.of(Pages.forbidden(
                    "That is done at the machine on which Rustic Tangle runs, and nowhere else. Nothing was changed."));
        }
        if (!device.role().may(request.getMethod(), path)) {
            return Optional.of(
                    Pages.forbidden("This is " + device.role().words().label() + " device: it "
                            + device.role().words().hint() + ". Nothing was changed."));
        }
        PathContainer asked = PathContainer.parsePath(path);
        return device.role() == Role.CHILDS && !Pages.reads(request)
                ? Optional.ofNullable(CHILDS_SESSIONS.matchAndExtract(asked))
                        .map(found -> found.getUriVariables().get("dogId"))
                        .filter(dog ->
                                !dog.matches("\\d{1,15}") || !data.reading(() -> hands.chosenFor(Long.parseLong(dog))))
                        .map(dog ->
                                Pages.forbidden("A child brushes a dog for which an adult chose a child’s hand: on its "
                                        + "page Kit, “Your hand”. Nothing was changed."))
                : Optional.empty();
    }
}
