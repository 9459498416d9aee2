package joropo.app.job;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.CopyOnWriteArrayList;
import org.jspecify.annotations.Nullable;
import org.springframework.context.event.ContextClosedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.HandlerInterceptor;
import org.springframework.web.servlet.HandlerMapping;
import org.springframework.web.servlet.config.annotation.InterceptorRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/**
 * Windows that look at a job, and are told when another one has changed it. Typing is not told: each window keeps its
 * own.
 */
@Component
class JobWatches implements HandlerInterceptor, WebMvcConfigurer {
    private static final long LONGEST_MS = 30L * 60 * 1000;

    private final Map<String, List<SseEmitter>> open = new ConcurrentHashMap<>();

    SseEmitter watch(String number) {
        var emitter = new SseEmitter(LONGEST_MS);
        // in one step: between finding the list and adding to it, the last window may take the list away
        open.compute(number, (n, windows) -> {
            List<SseEmitter> all = windows == null ? new CopyOnWriteArrayList<>() : windows;
            all.add(emitter);
            return all;
        });
        emitter.onCompletion(() -> gone(number, emitter));
        emitter.onTimeout(emitter::complete);
        emitter.onError(e -> gone(number, emitter));
        send(number, emitter, "watching", "");
        return emitter;
    }

    @Override
    public void addInterceptors(InterceptorRegistry registry) {
        registry.addInterceptor(this).addPathPatterns("/jobs/*/**").excludePathPatterns("/jobs/*/*/draft");
    }

    /** What was posted is on the disk by now. */
    @Override
    public void afterCompletion(
            HttpServletRequest request, HttpServletResponse response, Object handler, @Nullable Exception failed) {
        if (request.getMethod().equals("POST")
                && failed == null
                && request.getAttribute(HandlerMapping.URI_TEMPLATE_VARIABLES_ATTRIBUTE) instanceof Map<?, ?> variables
                && variables.get("number") instanceof String number) {
            String window = Objects.requireNonNullElse(request.getHeader("X-Window"), "");
            open.getOrDefault(number, List.of())
                    .forEach(e -> send(number, e, "changed", window.matches("[0-9a-z]{1,20}") ? window : ""));
        }
    }

    /** Open streams would hold the end of the application up. */
    @EventListener(ContextClosedEvent.class)
    void close() {
        open.values().forEach(windows -> windows.forEach(SseEmitter::complete));
    }

    private void send(String number, SseEmitter emitter, String event, String text) {
        try {
            emitter.send(SseEmitter.event().name(event).data(text));
        } catch (IOException | IllegalStateException e) {
            gone(number, emitter); // the window was closed
        }
    }

    private void gone(String number, SseEmitter emitter) {
        open.computeIfPresent(number, (n, windows) -> windows.remove(emitter) && windows.isEmpty() ? null : windows);
    }
}
