package joropo.app.ui;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/** Takes out of everything that is typed what no page can show and no print can take. */
@Component
class PlainTextFilter extends OncePerRequestFilter {
    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        chain.doFilter(new Plain(request), response);
    }

    private static final class Plain extends HttpServletRequestWrapper {
        Plain(HttpServletRequest request) {
            super(request);
        }

        @Override
        public @Nullable String getParameter(String name) {
            String text = super.getParameter(name);
            return text == null ? null : PlainText.of(text);
        }

        @Override
        public String @Nullable [] getParameterValues(String name) {
            String[] texts = super.getParameterValues(name);
            return texts == null ? null : plain(texts);
        }

        @Override
        public Map<String, String[]> getParameterMap() {
            Map<String, String[]> out = new LinkedHashMap<>();
            super.getParameterMap().forEach((name, texts) -> out.put(name, plain(texts)));
            return out;
        }

        private static String[] plain(String[] texts) {
            return Arrays.stream(texts).map(PlainText::of).toArray(String[]::new);
        }
    }
}
