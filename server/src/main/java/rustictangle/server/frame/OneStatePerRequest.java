package rustictangle.server.frame;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.jspecify.annotations.Nullable;
import org.springframework.core.MethodParameter;
import org.springframework.http.MediaType;
import org.springframework.http.converter.HttpMessageConverter;
import org.springframework.http.server.ServerHttpRequest;
import org.springframework.http.server.ServerHttpResponse;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.filter.OncePerRequestFilter;
import org.springframework.web.servlet.mvc.method.annotation.ResponseBodyAdvice;

/** What a request reads is one state of the data; who is slow to take the answer holds nothing of it. */
public final class OneStatePerRequest extends OncePerRequestFilter {

    private final DataFile data;

    public OneStatePerRequest(DataFile data) {
        this.data = data;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        try (DataFile.Reading open = data.reading()) {
            chain.doFilter(request, response);
        }
    }

    /** The answer is put together: from here on it is only written out. */
    @RestControllerAdvice
    static class BeforeWriting implements ResponseBodyAdvice<Object> {

        private final DataFile data;

        BeforeWriting(DataFile data) {
            this.data = data;
        }

        @Override
        public boolean supports(MethodParameter returned, Class<? extends HttpMessageConverter<?>> converter) {
            return true;
        }

        @Override
        public @Nullable Object beforeBodyWrite(
                @Nullable Object body,
                MethodParameter returned,
                MediaType type,
                Class<? extends HttpMessageConverter<?>> converter,
                ServerHttpRequest request,
                ServerHttpResponse response) {
            data.giveBack();
            return body;
        }
    }
}
