package joropo.app.check;

import com.fasterxml.jackson.annotation.JsonIgnoreProperties;
import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.annotation.JsonProperty;
import java.util.List;
import joropo.core.assembly.TorquePlanResult;
import joropo.core.diagnosis.DiagnosisResult;
import joropo.core.fits.Deviations;
import joropo.core.fits.DiameterResult;
import joropo.core.fits.LimitsAndFitsResult;
import joropo.core.fits.ThermalFitResult;
import joropo.core.lipseal.DriverResult;
import joropo.core.lipseal.LipSealResult;
import joropo.core.lipseal.LipSealSizeResult;
import joropo.core.readings.SeatSquarenessResult;
import joropo.core.removal.RemovalResult;
import joropo.core.section.SectionResult;
import joropo.core.surface.RunningSurfaceResult;
import org.springframework.boot.jackson.autoconfigure.JsonMapperBuilderCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import tools.jackson.core.StreamReadFeature;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.MapperFeature;
import tools.jackson.databind.cfg.CoercionAction;
import tools.jackson.databind.cfg.CoercionInputShape;
import tools.jackson.databind.type.LogicalType;

/**
 * JSON is taken as it is written: no unknown names, no numbers as texts, no field twice; what is absent is left out of
 * answers.
 */
@Configuration(proxyBeanMethods = false)
class JsonRules {
    private static final List<Class<?>> CHECK_RESULTS = List.of(
            LimitsAndFitsResult.class,
            DiameterResult.class,
            ThermalFitResult.class,
            LipSealSizeResult.class,
            LipSealResult.class,
            RunningSurfaceResult.class,
            RemovalResult.class,
            DriverResult.class,
            SeatSquarenessResult.class,
            SectionResult.class,
            TorquePlanResult.class,
            DiagnosisResult.class);

    /** Findings stand beside the results, not in them. */
    @JsonIgnoreProperties({"findings", "at20"})
    private interface WithoutFindings {}

    /** Limits are written beside the deviations they come from. */
    private interface WithLimits {
        @JsonProperty
        double maxMm();

        @JsonProperty
        double minMm();
    }

    @Bean
    JsonMapperBuilderCustomizer strictJson() {
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
            SectionJson.addTo(b);
            CHECK_RESULTS.forEach(r -> b.addMixIn(r, WithoutFindings.class));
        };
    }
}
