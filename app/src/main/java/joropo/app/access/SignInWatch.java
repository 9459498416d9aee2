package joropo.app.access;

import org.springframework.context.event.EventListener;
import org.springframework.security.authentication.event.AuthenticationFailureBadCredentialsEvent;
import org.springframework.security.authentication.event.AuthenticationSuccessEvent;
import org.springframework.stereotype.Component;

/** Counts refused sign-ins, so that a name is locked after too many in a row. */
@Component
class SignInWatch {
    private final PeopleService people;

    SignInWatch(PeopleService people) {
        this.people = people;
    }

    @EventListener
    void refused(AuthenticationFailureBadCredentialsEvent event) {
        people.refused(event.getAuthentication().getName());
    }

    @EventListener
    void admitted(AuthenticationSuccessEvent event) {
        people.admitted(event.getAuthentication().getName());
    }
}
