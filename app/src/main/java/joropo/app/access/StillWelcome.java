package joropo.app.access;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.web.authentication.logout.SecurityContextLogoutHandler;
import org.springframework.web.filter.OncePerRequestFilter;

/** Ends the session of a person who was withdrawn, or whose password was changed, since they signed in. */
final class StillWelcome extends OncePerRequestFilter {
    private final PeopleService people;
    private final SignIns signIns;

    StillWelcome(PeopleService people, SignIns signIns) {
        this.people = people;
        this.signIns = signIns;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        Authentication signedIn = SecurityContextHolder.getContext().getAuthentication();
        if (signedIn != null && signedIn.getPrincipal() instanceof SignedIn then) {
            if (isWelcome(then)) {
                signIns.seen(request, then.getUsername());
            } else {
                new SecurityContextLogoutHandler().logout(request, response, signedIn);
            }
        }
        chain.doFilter(request, response);
    }

    private boolean isWelcome(SignedIn then) {
        return people.find(then.getUsername())
                .filter(now -> now.withdrawnWhy() == null
                        && now.role() == then.person().role())
                .filter(now -> now.passwordHash().equals(then.person().passwordHash()))
                .isPresent();
    }
}
