package joropo.app.access;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.Semaphore;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Bodies that drip in, or never come, hold a few places and no more: what somebody sends waits beside what is read, so
 * that pages still answer. One caller has {@link #OF_ONE} places, all together {@link #OF_ALL}.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 1)
class BodyGate extends OncePerRequestFilter {
    static final int OF_ONE = 64;
    private static final int OF_ALL = 128;
    private static final int TOO_MANY = 429;

    private final Semaphore all = new Semaphore(OF_ALL);
    private final Map<String, Integer> held = new ConcurrentHashMap<>();

    @Override
    protected boolean shouldNotFilter(HttpServletRequest request) {
        return request.getContentLengthLong() <= 0 && request.getHeader(HttpHeaders.TRANSFER_ENCODING) == null;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        String caller = request.getRemoteAddr();
        if (!enter(caller)) {
            response.setStatus(TOO_MANY);
            response.setContentType("text/plain;charset=UTF-8");
            response.setHeader(HttpHeaders.CONNECTION, "close");
            response.getWriter().write("Too much is being sent at once. Nothing of this was stored: send it again.");
            return;
        }
        boolean form = String.valueOf(request.getContentType()).startsWith(MediaType.APPLICATION_FORM_URLENCODED_VALUE);
        try {
            if (form) {
                request.getParameterMap(); // reads the body: what follows waits for nobody
            } else {
                chain.doFilter(request, response);
            }
        } finally {
            leave(caller);
        }
        if (form) {
            chain.doFilter(request, response);
        }
    }

    private boolean enter(String caller) {
        if (!all.tryAcquire()) {
            return false;
        }
        if (held.merge(caller, 1, Integer::sum) > OF_ONE) {
            leave(caller);
            return false;
        }
        return true;
    }

    private void leave(String caller) {
        held.computeIfPresent(caller, (c, n) -> n == 1 ? null : n - 1);
        all.release();
    }
}
