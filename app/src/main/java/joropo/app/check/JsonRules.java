package joropo.app.check;

import com.fasterxml.jackson.annotation.JsonIgnoreProperties;
import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.annotation.JsonProperty;
import joropo.core.fits.Deviations;
import org.springframework.boot.jackson.autoconfigure.JsonMapperBuilderCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import tools.jackson.core.StreamReadFeature;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.MapperFeature;
import tools.jackson.databind.cfg.CoercionAction;
import tools.jackson.databind.cfg.CoercionInputShape;
import tools.jackson.databind.cfg.MapperConfig;
import tools.jackson.databind.introspect.Annotated;
import tools.jackson.databind.introspect.JacksonAnnotationIntrospector;
import tools.jackson.databind.type.LogicalType;

/**
 * JSON is taken as it is written: no unknown names, no numbers as texts, no field twice; what is absent is left out of
 * answers.
 */
@Configuration(proxyBeanMethods = false)
public class JsonRules {
    /** Findings of a check stand beside its result, not in it. */
    private static final class ResultsWithoutFindings extends JacksonAnnotationIntrospector {
        private static final JsonIgnoreProperties.Value WITHOUT =
                JsonIgnoreProperties.Value.forIgnoredProperties("findings", "at20");

        @Override
        public JsonIgnoreProperties.Value findPropertyIgnoralByName(MapperConfig<?> config, Annotated a) {
            Class<?> type = a.getRawType();
            boolean result = type != null
                    && type.getName().startsWith("joropo.core.")
                    && type.getSimpleName().endsWith("Result");
            return result ? WITHOUT : super.findPropertyIgnoralByName(config, a);
        }
    }

    /** Limits are written beside the deviations they come from. */
    private interface WithLimits {
        @JsonProperty
        double maxMm();

        @JsonProperty
        double minMm();
    }

    @Bean
    public JsonMapperBuilderCustomizer strictJson() {
        return b -> {
            b.enable(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES)
                    .disable(MapperFeature.ALLOW_COERCION_OF_SCALARS)
                    .disable(DeserializationFeature.ACCEPT_FLOAT_AS_INT)
                    .enable(StreamReadFeature.STRICT_DUPLICATE_DETECTION)
                    .changeDefaultPropertyInclusion(i -> i.withValueInclusion(JsonInclude.Include.NON_NULL));
            b.withCoercionConfig(
                    LogicalType.Textual, c -> c.setCoercion(CoercionInputShape.Integer, CoercionAction.Fail)
                            .setCoercion(CoercionInputShape.Float, CoercionAction.Fail)
                            .setCoercion(CoercionInputShape.Boolean, CoercionAction.Fail));
            b.withCoercionConfig(LogicalType.Enum, c -> c.setCoercion(CoercionInputShape.Integer, CoercionAction.Fail));
            b.addMixIn(Deviations.class, WithLimits.class);
            b.annotationIntrospector(new ResultsWithoutFindings());
        };
    }
}
