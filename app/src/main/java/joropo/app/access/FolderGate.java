package joropo.app.access;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.BasicFileAttributes;
import joropo.app.JoropoSettings;
import org.jspecify.annotations.Nullable;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpMethod;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Nothing is taken while the database is not where it was: what is written into a file that has been deleted or moved
 * away under the running server would be acknowledged, and lost.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 2)
class FolderGate extends OncePerRequestFilter {
    private final Path database;
    private @Nullable Object known;

    FolderGate(JoropoSettings settings) {
        database = settings.databaseFile();
    }

    @Override
    protected boolean shouldNotFilter(HttpServletRequest request) {
        return HttpMethod.GET.matches(request.getMethod()) || HttpMethod.HEAD.matches(request.getMethod());
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        if (isThere()) {
            chain.doFilter(request, response);
            return;
        }
        response.setStatus(HttpServletResponse.SC_SERVICE_UNAVAILABLE);
        response.setContentType("text/plain;charset=UTF-8");
        response.getWriter()
                .write("The data folder is gone from where it was. Nothing of this was stored: bring the "
                        + "folder back, and"
                        + " start Joropo again.");
    }

    private synchronized boolean isThere() {
        try {
            Object now =
                    Files.readAttributes(database, BasicFileAttributes.class).fileKey();
            if (known == null) {
                known = now;
            }
            return now == null || now.equals(known);
        } catch (IOException e) {
            return false;
        }
    }
}
