package joropo.app.section;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import joropo.core.section.BoreItem;
import joropo.core.section.ShaftItem;
import joropo.core.section.Space;
import joropo.core.shaft.Side;
import org.jspecify.annotations.Nullable;
import org.springframework.boot.jackson.autoconfigure.JsonMapperBuilderCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import tools.jackson.core.JsonParser;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.ValueDeserializer;
import tools.jackson.databind.annotation.JsonDeserialize;

/** How a section is written: each item says its type, and no dust lip is {@code NONE}. */
@Configuration(proxyBeanMethods = false)
class SectionJson {
    @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "type")
    @JsonSubTypes({
        @JsonSubTypes.Type(value = BoreItem.Seal.class, name = "SEAL"),
        @JsonSubTypes.Type(value = BoreItem.Ring.class, name = "RING"),
        @JsonSubTypes.Type(value = BoreItem.Spacer.class, name = "SPACER"),
        @JsonSubTypes.Type(value = BoreItem.Shoulder.class, name = "SHOULDER"),
        @JsonSubTypes.Type(value = BoreItem.Port.class, name = "PORT"),
        @JsonSubTypes.Type(value = BoreItem.Bearing.class, name = "BEARING"),
        @JsonSubTypes.Type(value = BoreItem.Chevron.class, name = "CHEVRON"),
        @JsonSubTypes.Type(value = BoreItem.Cover.class, name = "COVER"),
        @JsonSubTypes.Type(value = BoreItem.Step.class, name = "STEP"),
        @JsonSubTypes.Type(value = BoreItem.LeadIn.class, name = "LEAD_IN")
    })
    private interface BoreItems {}

    @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "type")
    @JsonSubTypes({
        @JsonSubTypes.Type(value = ShaftItem.RunningSurface.class, name = "RUNNING_SURFACE"),
        @JsonSubTypes.Type(value = ShaftItem.WearGroove.class, name = "WEAR_GROOVE"),
        @JsonSubTypes.Type(value = ShaftItem.Sleeve.class, name = "SLEEVE"),
        @JsonSubTypes.Type(value = ShaftItem.Keyway.class, name = "KEYWAY"),
        @JsonSubTypes.Type(value = ShaftItem.Spline.class, name = "SPLINE"),
        @JsonSubTypes.Type(value = ShaftItem.Thread.class, name = "THREAD"),
        @JsonSubTypes.Type(value = ShaftItem.RingGroove.class, name = "RING_GROOVE"),
        @JsonSubTypes.Type(value = ShaftItem.Step.class, name = "STEP"),
        @JsonSubTypes.Type(value = ShaftItem.Chamfer.class, name = "CHAMFER"),
        @JsonSubTypes.Type(value = ShaftItem.CrossHole.class, name = "CROSS_HOLE"),
        @JsonSubTypes.Type(value = ShaftItem.Slinger.class, name = "SLINGER"),
        @JsonSubTypes.Type(value = ShaftItem.LocatingRing.class, name = "LOCATING_RING")
    })
    private interface ShaftItems {}

    static final JsonSubTypes BORE_ITEMS = BoreItems.class.getAnnotation(JsonSubTypes.class);
    static final JsonSubTypes SHAFT_ITEMS = ShaftItems.class.getAnnotation(JsonSubTypes.class);

    private interface Seals {
        @JsonDeserialize(using = SideOrNone.class)
        Side dustLip();
    }

    private interface Spaces {
        @JsonDeserialize(using = ReasonOrYes.class)
        String mayTakeGrease();
    }

    /** A reason in words, or only that it may. */
    static final class ReasonOrYes extends ValueDeserializer<@Nullable String> {
        @Override
        public @Nullable String deserialize(JsonParser parser, DeserializationContext context) {
            return switch (parser.currentToken()) {
                case VALUE_TRUE -> "allowed, no reason given";
                case VALUE_FALSE -> null;
                default -> context.readValue(parser, String.class);
            };
        }
    }

    /** A side, or {@code NONE}. */
    static final class SideOrNone extends ValueDeserializer<@Nullable Side> {
        @Override
        public @Nullable Side deserialize(JsonParser parser, DeserializationContext context) {
            return "NONE".equals(parser.getString()) ? null : context.readValue(parser, Side.class);
        }
    }

    @Bean
    JsonMapperBuilderCustomizer sectionItems() {
        return builder -> builder.addMixIn(BoreItem.class, BoreItems.class)
                .addMixIn(ShaftItem.class, ShaftItems.class)
                .addMixIn(BoreItem.Seal.class, Seals.class)
                .addMixIn(Space.class, Spaces.class);
    }
}
