package rustictangle.server.frame;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.regex.Pattern;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/** Who speaks: the device that a request comes from, by the name it has given itself. */
@Component
public final class Sender extends OncePerRequestFilter {

    /** Optional; anything else is as if it were absent. */
    static final String HEADER = "X-Device";

    private static final Pattern NAME = Pattern.compile("[A-Za-z0-9-]{1,40}");
    private static final ThreadLocal<String> DEVICE = ThreadLocal.withInitial(() -> "");

    /** Of the request being answered; empty: not known. */
    public static String device() {
        return DEVICE.get();
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        String name = request.getHeader(HEADER);
        DEVICE.set(name != null && NAME.matcher(name).matches() ? name : "");
        try {
            chain.doFilter(request, response);
        } finally {
            DEVICE.remove();
        }
    }
}
