package joropo.app.access;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.security.authentication.DisabledException;
import org.springframework.security.core.AuthenticationException;
import org.springframework.security.web.authentication.AuthenticationFailureHandler;

/** Back to the sign-in page with the kind of refusal; it never says whether the name or the password was wrong. */
final class SignInFailure implements AuthenticationFailureHandler {
    @Override
    public void onAuthenticationFailure(
            HttpServletRequest request, HttpServletResponse response, AuthenticationException refused)
            throws IOException {
        response.sendRedirect(request.getContextPath()
                + (refused instanceof DisabledException ? "/login?withdrawn" : "/login?refused"));
    }
}
