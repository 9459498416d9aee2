package joropo.app.access;

import org.springframework.context.event.EventListener;
import org.springframework.security.authentication.event.AbstractAuthenticationEvent;
import org.springframework.security.authentication.event.AuthenticationFailureBadCredentialsEvent;
import org.springframework.security.authentication.event.AuthenticationSuccessEvent;
import org.springframework.security.web.authentication.WebAuthenticationDetails;
import org.springframework.stereotype.Component;

/** Counts refused sign-ins, so that a caller waits after too many in a row. */
@Component
class SignInWatch {
    private final PeopleService people;

    SignInWatch(PeopleService people) {
        this.people = people;
    }

    @EventListener
    void refused(AuthenticationFailureBadCredentialsEvent event) {
        people.refused(event.getAuthentication().getName(), caller(event));
    }

    @EventListener
    void admitted(AuthenticationSuccessEvent event) {
        people.admitted(event.getAuthentication().getName(), caller(event));
    }

    private static String caller(AbstractAuthenticationEvent event) {
        return event.getAuthentication().getDetails() instanceof WebAuthenticationDetails web
                ? web.getRemoteAddress()
                : "";
    }
}
