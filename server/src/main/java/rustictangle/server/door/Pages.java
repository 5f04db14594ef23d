package rustictangle.server.door;

import jakarta.servlet.http.HttpServletRequest;
import java.net.URI;
import java.util.Optional;
import java.util.Set;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ProblemDetail;
import org.springframework.web.util.UrlPathHelper;
import rustictangle.server.frame.Problems;

/** Whose page asks, and what it may be told. */
final class Pages {

    /** What a page of ours is told that nobody let in. */
    static final URI WHO = URI.create("urn:rustic-tangle:who");

    private static final Set<String> READING = Set.of("GET", "HEAD", "OPTIONS");

    private Pages() {}

    /** Whether it asks of the household; the pages themselves hold nothing of it. */
    static boolean api(HttpServletRequest request) {
        return path(request).startsWith("/api/");
    }

    /** As it is read by whoever answers: a letter that is written as its number is that letter. */
    static String path(HttpServletRequest request) {
        return UrlPathHelper.defaultInstance.getPathWithinApplication(request);
    }

    /** Whether it is sent by one of our own pages, or by a program that is no browser. */
    static boolean own(HttpServletRequest request) {
        String origin = request.getHeader(HttpHeaders.ORIGIN);
        if (origin != null && !origin.equals(request.getScheme() + "://" + request.getHeader(HttpHeaders.HOST))) {
            return false;
        }
        String site = request.getHeader("Sec-Fetch-Site");
        return site == null || site.equals("same-origin") || site.equals("none");
    }

    static boolean reads(HttpServletRequest request) {
        return READING.contains(request.getMethod());
    }

    /** An answer that could not be given must not follow on something that was done. */
    static boolean takesJson(HttpServletRequest request) {
        String accept = request.getHeader(HttpHeaders.ACCEPT);
        try {
            return accept == null
                    || MediaType.parseMediaTypes(accept).stream()
                            .anyMatch(type -> type.includes(MediaType.APPLICATION_JSON));
        } catch (IllegalArgumentException unreadable) {
            return false;
        }
    }

    /** What both doors refuse, whoever asks; empty: nothing. */
    static Optional<ProblemDetail> refusal(HttpServletRequest request) {
        if (api(request) && !own(request)) {
            return Optional.of(
                    forbidden("Only Rustic Tangle's own pages may ask or change anything. Nothing was changed."));
        }
        return reads(request) || takesJson(request)
                ? Optional.empty()
                : Optional.of(Problems.problem(
                        HttpStatus.NOT_ACCEPTABLE,
                        Problems.REFUSED,
                        "Not in that form",
                        "Answers are JSON; ask for application/json. Nothing was changed."));
    }

    static ProblemDetail forbidden(String why) {
        return Problems.problem(HttpStatus.FORBIDDEN, Problems.REFUSED, "Not from here", why);
    }

    static ProblemDetail who(String how) {
        return Problems.problem(HttpStatus.UNAUTHORIZED, WHO, "Who is it?", how);
    }
}
