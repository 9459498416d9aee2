package joropo.app.access;

import java.util.Collection;
import java.util.List;
import org.springframework.security.core.GrantedAuthority;
import org.springframework.security.core.authority.SimpleGrantedAuthority;
import org.springframework.security.core.userdetails.UserDetails;

/**
 * A person as the security filter knows them; pages read the person anew each time, so that a changed unit shows at
 * once.
 */
record SignedIn(Person person) implements UserDetails {
    @Override
    public Collection<? extends GrantedAuthority> getAuthorities() {
        return List.of(new SimpleGrantedAuthority("ROLE_" + person.role()));
    }

    @Override
    public String getPassword() {
        return person.passwordHash();
    }

    @Override
    public String getUsername() {
        return person.name();
    }

    @Override
    public boolean isEnabled() {
        return person.withdrawnWhy() == null;
    }
}
