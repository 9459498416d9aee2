package joropo.app.ui;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpServletResponseWrapper;
import java.io.IOException;
import java.io.PrintWriter;
import java.io.StringWriter;
import joropo.core.units.LengthUnit;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/** Pages for people who think in inches; for everybody else it does nothing. */
@Component
public class InchPagesFilter extends OncePerRequestFilter {
    /** Where a request keeps the unit of who asks, once that is known. */
    public static final String UNIT = "joropo.unit";

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        var page = new Page(request, response);
        chain.doFilter(request, page);
        page.send();
    }

    /** Gathers what is written as long as the person thinks in inches. */
    private static final class Page extends HttpServletResponseWrapper {
        private final HttpServletRequest request;
        private @Nullable StringWriter gathered;
        private @Nullable PrintWriter writer;

        Page(HttpServletRequest request, HttpServletResponse response) {
            super(response);
            this.request = request;
        }

        @Override
        public PrintWriter getWriter() throws IOException {
            String type = getContentType();
            if (writer == null
                    && request.getAttribute(UNIT) == LengthUnit.INCH
                    && type != null
                    && type.startsWith("text/html")) {
                gathered = new StringWriter();
                writer = new PrintWriter(gathered);
            }
            return writer == null ? super.getWriter() : writer;
        }

        @Override
        public void flushBuffer() throws IOException {
            if (gathered == null) {
                super.flushBuffer();
            }
        }

        void send() throws IOException {
            if (gathered != null) {
                super.getWriter().write(InInches.page(gathered.toString()));
                super.flushBuffer();
            }
        }
    }
}
