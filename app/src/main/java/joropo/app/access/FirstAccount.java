package joropo.app.access;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.SecureRandom;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/**
 * Who may make the first account of an empty shop: whoever sits at the machine itself, or knows the code that its log
 * shows at the start.
 */
@Component
class FirstAccount {
    private static final Logger LOG = LoggerFactory.getLogger(FirstAccount.class);
    private static final int CODES = 100_000_000;

    private final PeopleService people;
    private final String code = "%08d".formatted(new SecureRandom().nextInt(CODES));

    FirstAccount(PeopleService people) {
        this.people = people;
    }

    @EventListener(ApplicationReadyEvent.class)
    void say() {
        if (people.isEmpty()) {
            LOG.info("Nobody can sign in yet. Code for the first account, from another machine: {}", code);
        }
    }

    boolean knows(String typed) {
        return MessageDigest.isEqual(
                typed.strip().getBytes(StandardCharsets.UTF_8), code.getBytes(StandardCharsets.UTF_8));
    }
}
