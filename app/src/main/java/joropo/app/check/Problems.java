package joropo.app.check;

import java.util.Arrays;
import java.util.Collection;
import java.util.List;
import java.util.stream.Collectors;
import joropo.core.units.FieldError;
import joropo.core.units.RefusedInput;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.HttpStatusCode;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.context.request.WebRequest;
import org.springframework.web.servlet.mvc.method.annotation.ResponseEntityExceptionHandler;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.DatabindException;
import tools.jackson.databind.exc.InvalidFormatException;
import tools.jackson.databind.exc.MismatchedInputException;
import tools.jackson.databind.exc.UnrecognizedPropertyException;

/** Refusals of the JSON interface: what was wrong, field by field, never a stack trace. */
@RestControllerAdvice(annotations = RestController.class)
class Problems extends ResponseEntityExceptionHandler {
    private static final int MOST_NAMED = 20;

    @Override
    protected ResponseEntity<Object> handleHttpMessageNotReadable(
            HttpMessageNotReadableException e, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        RefusedInput refused = cause(e, RefusedInput.class);
        DatabindException bound = cause(e, DatabindException.class);
        if (refused != null) {
            String path = bound == null ? "" : path(bound);
            List<FieldError> errors = refused.errors().stream()
                    .map(r -> new FieldError(join(path, r.field()), r.message()))
                    .toList();
            return answer(HttpStatus.UNPROCESSABLE_ENTITY, "Values that cannot be judged", errors);
        }
        if (cause(e, BodyTooLarge.class) != null) {
            return answer(HttpStatus.CONTENT_TOO_LARGE, BodyTooLarge.MESSAGE, List.of());
        }
        if (bound != null) {
            return answer(
                    HttpStatus.BAD_REQUEST,
                    "A field is not as expected",
                    List.of(new FieldError(path(bound), words(bound))));
        }
        return answer(
                HttpStatus.BAD_REQUEST,
                cause(e, JacksonException.class) == null ? "A JSON body is needed" : "The body is not JSON",
                List.of());
    }

    @ExceptionHandler
    ResponseEntity<Object> refused(RefusedInput e) {
        return answer(HttpStatus.UNPROCESSABLE_ENTITY, "Values that cannot be judged", e.errors());
    }

    @ExceptionHandler
    ResponseEntity<Object> unknown(UnknownKind e) {
        return answer(HttpStatus.NOT_FOUND, e.getMessage(), List.of());
    }

    private static ResponseEntity<Object> answer(HttpStatus status, String detail, List<FieldError> errors) {
        ProblemDetail problem = ProblemDetail.forStatusAndDetail(status, detail);
        problem.setProperty("errors", errors.stream().limit(MOST_NAMED).toList());
        return ResponseEntity.status(status).body(problem);
    }

    private static String words(DatabindException e) {
        if (e instanceof UnrecognizedPropertyException unknown) {
            return "is not known here; known are "
                    + unknown.getKnownPropertyIds().stream()
                            .map(String::valueOf)
                            .sorted()
                            .collect(Collectors.joining(", "));
        }
        if (e instanceof InvalidFormatException format
                && format.getTargetType() != null
                && format.getTargetType().isEnum()) {
            return "must be one of "
                    + Arrays.stream(format.getTargetType().getEnumConstants())
                            .map(String::valueOf)
                            .collect(Collectors.joining(", "));
        }
        if (e instanceof MismatchedInputException mismatch && mismatch.getTargetType() != null) {
            Class<?> wanted = mismatch.getTargetType();
            return Number.class.isAssignableFrom(wanted) || wanted.isPrimitive()
                    ? "must be a number"
                    : wanted == String.class
                            ? "must be a text"
                            : Collection.class.isAssignableFrom(wanted)
                                    ? "must be a list"
                                    : "is not of the expected form";
        }
        return "is not of the expected form";
    }

    private static String path(DatabindException e) {
        var out = new StringBuilder();
        e.getPath().forEach(r -> {
            if (r.getPropertyName() != null) {
                out.append(out.isEmpty() ? "" : ".").append(r.getPropertyName());
            } else {
                out.append('[').append(r.getIndex()).append(']');
            }
        });
        return out.toString();
    }

    private static String join(String path, String field) {
        return path.isEmpty() ? field : field.isEmpty() ? path : path + "." + field;
    }

    private static <T extends Throwable> @Nullable T cause(Throwable e, Class<T> kind) {
        for (Throwable t = e; t != null; t = t.getCause()) {
            if (kind.isInstance(t)) {
                return kind.cast(t);
            }
        }
        return null;
    }
}
