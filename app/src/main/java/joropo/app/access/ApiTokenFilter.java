package joropo.app.access;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Optional;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.authority.AuthorityUtils;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.web.filter.OncePerRequestFilter;

/** Lets a bearer token in; in the demo also anybody who calls from the same machine. */
final class ApiTokenFilter extends OncePerRequestFilter {
    private static final String BEARER = "Bearer ";

    private final PeopleService people;
    private final boolean demo;

    ApiTokenFilter(PeopleService people, boolean demo) {
        this.people = people;
        this.demo = demo;
    }

    static void refuse(HttpServletResponse response) throws IOException {
        response.setStatus(HttpServletResponse.SC_UNAUTHORIZED);
        response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
        response.getWriter()
                .write("{\"title\":\"Unauthorized\",\"status\":401,\"detail\":\"Send a token of your account as "
                        + "Authorization: Bearer ...\",\"errors\":[]}");
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        Optional<String> caller = Optional.ofNullable(request.getHeader(HttpHeaders.AUTHORIZATION))
                .filter(h -> h.startsWith(BEARER))
                .flatMap(h -> people.ofToken(h.substring(BEARER.length()).strip()))
                .map(Person::name);
        if (caller.isEmpty() && demo && AtTheMachine.is(request)) {
            caller = Optional.of("demo");
        }
        caller.ifPresent(name -> {
            var context = SecurityContextHolder.createEmptyContext();
            context.setAuthentication(UsernamePasswordAuthenticationToken.authenticated(
                    name, "", AuthorityUtils.createAuthorityList("ROLE_API")));
            SecurityContextHolder.setContext(context);
        });
        chain.doFilter(request, response);
    }
}
