package joropo.app.access;

import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Objects;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpMethod;
import org.springframework.http.MediaType;
import org.springframework.security.access.AccessDeniedException;
import org.springframework.security.core.AuthenticationException;
import org.springframework.security.web.AuthenticationEntryPoint;
import org.springframework.security.web.access.AccessDeniedHandler;
import org.springframework.security.web.savedrequest.HttpSessionRequestCache;

/**
 * What happens when a session has ended, or somebody does what they may not. Nothing typed is lost: a page with script
 * keeps it and offers the sign-in, a plain form gets its texts shown back.
 */
final class SessionGone implements AuthenticationEntryPoint, AccessDeniedHandler {
    /** Asked by the page's own script, which then keeps what was typed. */
    static final int STATUS_SIGNED_OUT = HttpServletResponse.SC_UNAUTHORIZED;

    private final HttpSessionRequestCache wanted = new HttpSessionRequestCache();

    @Override
    public void commence(HttpServletRequest request, HttpServletResponse response, AuthenticationException refused)
            throws IOException, ServletException {
        answer(request, response);
    }

    @Override
    public void handle(HttpServletRequest request, HttpServletResponse response, AccessDeniedException denied)
            throws IOException, ServletException {
        if (request.getUserPrincipal() != null && request.isRequestedSessionIdValid() && !isCsrf(denied)) {
            response.sendError(HttpServletResponse.SC_FORBIDDEN);
            return;
        }
        answer(request, response);
    }

    private void answer(HttpServletRequest request, HttpServletResponse response) throws IOException, ServletException {
        if (isAskedByAScript(request)) {
            response.setStatus(STATUS_SIGNED_OUT);
        } else if (MediaType.TEXT_EVENT_STREAM_VALUE.equals(request.getHeader(HttpHeaders.ACCEPT))) {
            response.setStatus(
                    HttpServletResponse
                            .SC_NO_CONTENT); // a stream that has nothing to say ends, and is not asked for again
        } else if (HttpMethod.GET.matches(request.getMethod())) {
            wanted.saveRequest(request, response);
            response.sendRedirect(request.getContextPath() + "/login");
        } else {
            response.setStatus(STATUS_SIGNED_OUT); // nothing was stored, which no answer of 200 may say
            request.getRequestDispatcher("/login/kept").forward(request, response);
        }
    }

    /** A script or another program goes by the status alone. */
    private static boolean isAskedByAScript(HttpServletRequest request) {
        String accepted = Objects.requireNonNullElse(request.getHeader(HttpHeaders.ACCEPT), "");
        String sent = Objects.requireNonNullElse(request.getContentType(), "");
        return "true".equals(request.getHeader("HX-Request"))
                || "true".equals(request.getHeader("X-Round"))
                || accepted.startsWith(MediaType.APPLICATION_JSON_VALUE)
                || sent.startsWith(MediaType.APPLICATION_JSON_VALUE);
    }

    private static boolean isCsrf(AccessDeniedException denied) {
        return denied.getClass().getPackageName().equals("org.springframework.security.web.csrf");
    }
}
