package joropo.app.access;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.http.HttpMethod;
import org.springframework.web.filter.OncePerRequestFilter;

/** A caller who was refused too often waits, before any password is looked at. */
final class SignInGate extends OncePerRequestFilter {
    private final Tries tries;

    SignInGate(Tries tries) {
        this.tries = tries;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        String name = request.getParameter("username");
        if (name != null
                && HttpMethod.POST.matches(request.getMethod())
                && request.getRequestURI().equals(request.getContextPath() + "/login")
                && tries.mustWait(request.getRemoteAddr(), name)) {
            response.sendRedirect(request.getContextPath() + "/login?wait");
            return;
        }
        chain.doFilter(request, response);
    }
}
