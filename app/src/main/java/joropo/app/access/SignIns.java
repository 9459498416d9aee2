package joropo.app.access;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpSession;
import jakarta.servlet.http.HttpSessionEvent;
import jakarta.servlet.http.HttpSessionListener;
import java.time.Instant;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.springframework.stereotype.Component;

/** Who is signed in where. Sign-ins live in memory: a restart ends them all. */
@Component
class SignIns implements HttpSessionListener {
    private static final int SHORT = 16;
    private static final int LONGEST_AGENT = 80;
    private static final Pattern BROWSER = Pattern.compile("(Firefox|Edg|Chrome|Safari)/[0-9]");
    private static final Pattern SYSTEM = Pattern.compile("\\((?:X11; )?([^;)]+)");

    private final Map<String, Open> open = new ConcurrentHashMap<>();

    private record Open(HttpSession session, String name, String agent) {}

    /**
     * A sign-in as its owner sees it.
     *
     * @param key what it is ended by, @param agent as the browser calls itself, @param own the one that asks
     */
    public record SignIn(String key, Instant since, Instant last, String agent, boolean own) {}

    void seen(HttpServletRequest request, String name) {
        HttpSession session = request.getSession(false);
        if (session != null) {
            open.computeIfAbsent(session.getId(), id -> new Open(session, name, agent(request)));
        }
    }

    private static String agent(HttpServletRequest request) {
        String told = request.getHeader("User-Agent");
        if (told == null) {
            return "";
        }
        Matcher known = BROWSER.matcher(told);
        Matcher system = SYSTEM.matcher(told);
        String words = (known.find() ? known.group(1) : "a browser") + (system.find() ? " on " + system.group(1) : "");
        return words.substring(0, Math.min(words.length(), LONGEST_AGENT));
    }

    @Override
    public void sessionDestroyed(HttpSessionEvent event) {
        open.remove(event.getSession().getId());
    }

    /** Those of one person, the one used last first. @param asking the session from which it is asked */
    public List<SignIn> of(String name, HttpSession asking) {
        return open.values().stream()
                .filter(o -> o.name().equals(name))
                .map(o -> new SignIn(
                        key(o),
                        Instant.ofEpochMilli(o.session().getCreationTime()),
                        Instant.ofEpochMilli(o.session().getLastAccessedTime()),
                        o.agent(),
                        o.session().getId().equals(asking.getId())))
                .sorted(Comparator.comparing(SignIn::last).reversed())
                .toList();
    }

    /** Ends one of a person's sign-ins. */
    public void end(String name, String key) {
        open.values().stream()
                .filter(o -> o.name().equals(name) && key(o).equals(key))
                .toList()
                .forEach(o -> o.session().invalidate());
    }

    private static String key(Open open) {
        return Sha256.of(open.session().getId()).substring(0, SHORT);
    }
}
