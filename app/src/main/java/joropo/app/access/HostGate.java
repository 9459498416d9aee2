package joropo.app.access;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.net.InetAddress;
import java.net.UnknownHostException;
import java.util.HashSet;
import java.util.Locale;
import java.util.Set;
import joropo.app.JoropoSettings;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Answers only to names that are its own: a page from elsewhere cannot make a browser take it for itself. An address in
 * figures is always its own; names are the machine's, and those that are set.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE)
class HostGate extends OncePerRequestFilter {
    private static final String FIGURES = "\\d{1,3}(\\.\\d{1,3}){3}|\\[[0-9a-f:.%]+]";

    private final Set<String> own = new HashSet<>(Set.of("localhost"));

    HostGate(JoropoSettings settings) {
        settings.hosts().forEach(h -> own.add(h.strip().toLowerCase(Locale.ROOT)));
        try {
            own.add(InetAddress.getLocalHost().getHostName().toLowerCase(Locale.ROOT));
        } catch (UnknownHostException e) {
            logger.debug("This machine has no name", e);
        }
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        String asked =
                request.getServerName() == null ? "" : request.getServerName().toLowerCase(Locale.ROOT);
        if (own.contains(asked) || asked.matches(FIGURES)) {
            chain.doFilter(request, response);
            return;
        }
        response.setStatus(HttpServletResponse.SC_BAD_REQUEST);
        response.setContentType("text/plain;charset=UTF-8");
        response.getWriter().write("Joropo does not answer to this name. Whoever runs it can set it: JOROPO_HOSTS.");
    }
}
