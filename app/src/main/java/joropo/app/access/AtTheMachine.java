package joropo.app.access;

import jakarta.servlet.http.HttpServletRequest;
import java.net.InetAddress;
import java.net.UnknownHostException;

/** Whether a request comes from the machine itself, not through another program in front of it. */
final class AtTheMachine {
    private AtTheMachine() {}

    static boolean is(HttpServletRequest request) {
        try {
            return InetAddress.getByName(request.getRemoteAddr()).isLoopbackAddress()
                    && request.getHeader("X-Forwarded-For") == null
                    && request.getHeader("Forwarded") == null;
        } catch (UnknownHostException e) {
            return false;
        }
    }
}
