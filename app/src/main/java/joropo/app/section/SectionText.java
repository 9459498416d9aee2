package joropo.app.section;

import java.util.List;
import java.util.Map;
import joropo.core.section.Section;
import joropo.core.units.FieldError;
import joropo.core.units.RefusedInput;
import org.jspecify.annotations.Nullable;
import org.springframework.boot.jackson.autoconfigure.JsonMapperBuilderCustomizer;
import org.springframework.stereotype.Component;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.DatabindException;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/**
 * Sections as JSON text: the same section always gives the same bytes, so that a file that comes back is the file that
 * went out.
 */
@Component
public class SectionText {
    /** Version of the stored form; a later one has to be able to read this one. */
    static final int SCHEMA_VERSION = 1;
    /** Longest text that is taken (characters). */
    static final int LONGEST = 262_144;

    private final JsonMapper json;

    SectionText(JsonMapper json) {
        this.json = json.rebuild().enable(SerializationFeature.INDENT_OUTPUT).build();
    }

    /** The same where no server runs. @param rules how JSON is taken in this house */
    static SectionText atTheMachine(JsonMapperBuilderCustomizer rules) {
        JsonMapper.Builder builder = JsonMapper.builder();
        rules.customize(builder);
        new SectionJson().sectionItems().customize(builder);
        return new SectionText(builder.build());
    }

    public String write(Section section) {
        return json.writeValueAsString(section).replace("\r\n", "\n") + "\n";
    }

    /** @throws RefusedInput naming what is wrong, where it is known */
    public Section read(String text) {
        if (text.length() > LONGEST) {
            throw new RefusedInput("", "is longer than 256 KiB: no section is");
        }
        try {
            Section read = json.readValue(text, Section.class);
            if (read == null) {
                throw new RefusedInput("", "holds no section");
            }
            return read;
        } catch (JacksonException e) {
            throw refused(e);
        }
    }

    String write(JobSection.Written wrote) {
        return json.writeValueAsString(wrote);
    }

    /** @param text absent: nothing was written */
    JobSection.Written wrote(@Nullable String text) {
        return text == null
                ? new JobSection.Written(Map.of(), Map.of())
                : json.readValue(text, JobSection.Written.class);
    }

    ObjectNode tree(Section section) {
        return json.valueToTree(section);
    }

    /** A tree into which values were put, as plain JSON all through. */
    ObjectNode plain(ObjectNode tree) {
        return (ObjectNode) json.readTree(json.writeValueAsString(tree));
    }

    /** @throws RefusedInput with the names of the fields that are wrong */
    Section read(ObjectNode tree) {
        try {
            return json.treeToValue(tree, Section.class);
        } catch (JacksonException e) {
            throw refused(e);
        }
    }

    private static RefusedInput refused(JacksonException e) {
        for (Throwable t = e; t != null; t = t.getCause()) {
            if (t instanceof RefusedInput refused) {
                return new RefusedInput(refused.errors().stream()
                        .map(f -> new FieldError(f.field(), f.message()))
                        .toList());
            }
        }
        if (e instanceof DatabindException bound && !bound.getPath().isEmpty()) {
            var path = new StringBuilder();
            bound.getPath()
                    .forEach(r -> path.append(
                            r.getPropertyName() == null
                                    ? "[" + r.getIndex() + "]"
                                    : path.isEmpty() ? r.getPropertyName() : "." + r.getPropertyName()));
            return new RefusedInput(
                    List.of(new FieldError(path.toString(), "is not known here, or not of the expected form")));
        }
        return new RefusedInput("", "is not a section as JSON; the form is described at /api/v1/schemas/section");
    }
}
