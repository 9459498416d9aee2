package joropo.app.access;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import java.io.IOException;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.Semaphore;
import org.jspecify.annotations.Nullable;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.security.web.context.HttpSessionSecurityContextRepository;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Bodies that drip in, or never come, hold a few places and no more: what somebody sends waits beside what is read, so
 * that pages still answer. Strangers have {@link #OF_STRANGERS} places together, one address {@link #OF_ONE} of them;
 * who is signed in has places of their own, that no stranger can hold: {@link #OF_SIGNED_IN} together, one session
 * {@link #OF_SESSION}.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 1)
class BodyGate extends OncePerRequestFilter {
    static final int OF_ONE = 64;
    private static final int OF_STRANGERS = 128;
    private static final int OF_SIGNED_IN = 48;
    private static final int OF_SESSION = 12;
    private static final int TOO_MANY = 429;

    private final Places strangers = new Places(OF_STRANGERS, OF_ONE);
    private final Places signedIn = new Places(OF_SIGNED_IN, OF_SESSION);

    /** So many at once, and so many of one. */
    private static final class Places {
        private final Semaphore all;
        private final int ofOne;
        private final Map<String, Integer> held = new ConcurrentHashMap<>();

        Places(int all, int ofOne) {
            this.all = new Semaphore(all);
            this.ofOne = ofOne;
        }

        boolean enter(String who) {
            if (!all.tryAcquire()) {
                return false;
            }
            if (held.merge(who, 1, Integer::sum) > ofOne) {
                leave(who);
                return false;
            }
            return true;
        }

        void leave(String who) {
            held.computeIfPresent(who, (w, n) -> n == 1 ? null : n - 1);
            all.release();
        }
    }

    @Override
    protected boolean shouldNotFilter(HttpServletRequest request) {
        return request.getContentLengthLong() <= 0 && request.getHeader(HttpHeaders.TRANSFER_ENCODING) == null;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        String session = session(request);
        Places places = session == null ? strangers : signedIn;
        String who = session == null ? request.getRemoteAddr() : session;
        if (!places.enter(who)) {
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
            places.leave(who);
        }
        if (form) {
            chain.doFilter(request, response);
        }
    }

    /** Of who is signed in; absent: a stranger. */
    private static @Nullable String session(HttpServletRequest request) {
        HttpSession session = request.getSession(false);
        return session == null
                        || session.getAttribute(HttpSessionSecurityContextRepository.SPRING_SECURITY_CONTEXT_KEY)
                                == null
                ? null
                : session.getId();
    }
}
