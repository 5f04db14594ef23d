package rustictangle.server.frame;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ReadListener;
import jakarta.servlet.ServletException;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Map;
import org.springframework.http.HttpStatus;
import org.springframework.http.ProblemDetail;
import org.springframework.web.filter.OncePerRequestFilter;

/** No more is read of a request than it may have, whether it says its length or not. */
public final class BodyLimit extends OncePerRequestFilter {

    private static final long KB = 1024;
    private static final long MB = KB * KB;
    private static final long USUAL = MB;
    /** What comes as a file, by how its path ends. Ten years of ten dogs are under 300 MB of JSON. */
    private static final Map<String, Long> FILES = Map.of(
            "/api/import.json",
            1024 * MB,
            "/api/import/sections.csv",
            64 * MB,
            "/groom-calendar",
            2 * MB,
            // A photo; in Base64 it takes a third more.
            "/looks",
            16 * MB);

    /** More than may be read. */
    static final class TooLarge extends IOException {

        private static final long serialVersionUID = 1L;

        TooLarge(long limit) {
            super("At most " + (limit / MB)
                    + " MB can be taken over at once; this is more. Make it smaller; nothing was changed.");
        }

        ProblemDetail problem() {
            return Problems.problem(HttpStatus.CONTENT_TOO_LARGE, Problems.REFUSED, "Too large", Problems.words(this));
        }
    }

    private final ProblemWriter problems;

    public BodyLimit(ProblemWriter problems) {
        this.problems = problems;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        long limit = FILES.entrySet().stream()
                .filter(file -> request.getRequestURI().endsWith(file.getKey()))
                .mapToLong(Map.Entry::getValue)
                .findFirst()
                .orElse(USUAL);
        if (request.getContentLengthLong() > limit) {
            problems.write(response, new TooLarge(limit).problem());
        } else {
            chain.doFilter(new Limited(request, limit), response);
        }
    }

    private static final class Limited extends HttpServletRequestWrapper {

        private final long limit;

        Limited(HttpServletRequest request, long limit) {
            super(request);
            this.limit = limit;
        }

        @Override
        public ServletInputStream getInputStream() throws IOException {
            return new Counting(super.getInputStream(), limit);
        }
    }

    private static final class Counting extends ServletInputStream {

        private final ServletInputStream in;
        private final long limit;
        private long read;

        Counting(ServletInputStream in, long limit) {
            this.in = in;
            this.limit = limit;
        }

        @Override
        public int read() throws IOException {
            return (int) counted(in.read(), 1);
        }

        @Override
        public int read(byte[] bytes, int from, int length) throws IOException {
            int n = in.read(bytes, from, length);
            return (int) counted(n, n);
        }

        private long counted(int result, long n) throws IOException {
            read += result < 0 ? 0 : n;
            if (read > limit) {
                throw new TooLarge(limit);
            }
            return result;
        }

        @Override
        public boolean isFinished() {
            return in.isFinished();
        }

        @Override
        public boolean isReady() {
            return in.isReady();
        }

        @Override
        public void setReadListener(ReadListener listener) {
            in.setReadListener(listener);
        }
    }
}
