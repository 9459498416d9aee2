package joropo.app.job;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.zip.CRC32;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;
import org.springframework.web.util.ContentCachingResponseWrapper;

/**
 * Marks each part of a job's page with what it says, so that an answer to a keystroke brings only the parts that say
 * something else by now. What a window shows is told by the window itself: what it missed comes again.
 */
@Component
class ChangedParts extends OncePerRequestFilter {
    /** As templates write it on each part that an answer may bring anew. */
    private static final String UNMARKED = " data-part=\"?\"";

    private static final Pattern ID = Pattern.compile(" id=\"([^\"]*)\"");
    /** What differs from answer to answer though the part says the same. */
    private static final Pattern TOKEN = Pattern.compile("name=\"_csrf\" value=\"[^\"]*\"");

    private static final Pattern PAGE = Pattern.compile("/jobs/[^/.]+(/(?!watch$)[^/.]+)*");

    @Override
    protected boolean shouldNotFilter(HttpServletRequest request) {
        return !PAGE.matcher(request.getRequestURI()).matches();
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        var whole = new ContentCachingResponseWrapper(response);
        chain.doFilter(request, whole);
        String type = whole.getContentType();
        if (type != null && type.startsWith("text/html")) {
            String html = new String(whole.getContentAsByteArray(), StandardCharsets.UTF_8);
            byte[] marked = marked(html, shown(request.getParameter("shown"))).getBytes(StandardCharsets.UTF_8);
            whole.resetBuffer();
            whole.getOutputStream().write(marked);
        }
        whole.copyBodyToResponse();
    }

    /** Parts as a window shows them, each {@code id:mark}. */
    private static Set<String> shown(@Nullable String told) {
        return told == null ? Set.of() : Arrays.stream(told.split(" ")).collect(Collectors.toSet());
    }

    /** @param html with parts that are not marked yet, @param shown parts that need not come again */
    static String marked(String html, Set<String> shown) {
        var out = new StringBuilder(html.length());
        int done = 0;
        for (int at = html.indexOf(UNMARKED); at >= 0; at = html.indexOf(UNMARKED, done)) {
            int start = html.lastIndexOf('<', at);
            int end = end(html, start);
            String part = html.substring(start, end);
            String mark = mark(part);
            out.append(html, done, start);
            if (!shown.contains(id(part) + ":" + mark) && !isNowhere(part, shown)) {
                out.append(part.replace(UNMARKED, " data-part=\"" + mark + "\""));
            }
            done = end;
        }
        return out.append(html, done, html.length()).toString();
    }

    /** Whether it would take the place of something that the window has not, such as a card that came since. */
    private static boolean isNowhere(String part, Set<String> shown) {
        String id = id(part) + ":";
        return !shown.isEmpty()
                && part.contains(" hx-swap-oob=\"true\"")
                && shown.stream().noneMatch(s -> s.startsWith(id));
    }

    private static String id(String part) {
        Matcher id = ID.matcher(part);
        return id.find() ? id.group(1) : "";
    }

    private static String mark(String part) {
        String says = part.replace(" hx-swap-oob=\"true\"", "");
        if (says.contains("_csrf")) {
            says = TOKEN.matcher(says).replaceAll("");
        }
        var sum = new CRC32();
        sum.update(says.getBytes(StandardCharsets.UTF_8));
        return Long.toString(sum.getValue(), Character.MAX_RADIX);
    }

    /** Where the element ends that begins here. */
    private static int end(String html, int start) {
        int nameEnd = start + 1;
        while (Character.isLetterOrDigit(html.charAt(nameEnd))) {
            nameEnd++;
        }
        String opens = html.substring(start, nameEnd);
        String closes = "</" + opens.substring(1) + ">";
        int depth = 1;
        int at = nameEnd;
        while (depth > 0) {
            int close = html.indexOf(closes, at);
            if (close < 0) {
                throw new IllegalStateException("A part that does not end: " + opens);
            }
            depth += count(html.substring(at, close), opens) - 1;
            at = close + closes.length();
        }
        return at;
    }

    /** How many elements of this name begin here, without those whose name only begins so. */
    private static int count(String within, String opens) {
        int count = 0;
        for (int at = within.indexOf(opens); at >= 0; at = within.indexOf(opens, at + opens.length())) {
            if (!Character.isLetterOrDigit(within.charAt(at + opens.length()))) {
                count++;
            }
        }
        return count;
    }
}
