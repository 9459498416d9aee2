package joropo.core.units;

import java.util.List;
import java.util.stream.Collectors;

/** Input that cannot be judged at all, with every field at fault; a part that is merely bad is a finding instead. */
public final class RefusedInput extends IllegalArgumentException {
    private final transient List<FieldError> errors;

    public RefusedInput(List<FieldError> errors) {
        super(errors.stream()
                .map(e -> e.field().isEmpty() ? e.message() : e.field() + ": " + e.message())
                .collect(Collectors.joining("; ")));
        this.errors = List.copyOf(errors);
    }

    public RefusedInput(String field, String message) {
        this(List.of(new FieldError(field, message)));
    }

    public List<FieldError> errors() {
        return errors;
    }
}
