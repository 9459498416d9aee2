package joropo.app.family.mechseal;

import java.util.Map;
import java.util.Optional;
import joropo.app.ui.Field;

/** Fields in which findings of a mechanical seal are answered. */
final class SealAnswers {
    private static final Map<String, Field<?>> AT = Map.ofEntries(
            Map.entry("listed-shaft", SealFields.SHAFT),
            Map.entry("listed-bore", SealFields.CHAMBER),
            Map.entry("faces", SealFields.FACES_SEEN),
            Map.entry("place", SealFields.PLACE),
            Map.entry("scribe", SealFields.PLACE),
            Map.entry("tilt", SealFields.DEPTHS.get(0)),
            Map.entry("suspicious", SealFields.DEPTHS.get(0)),
            Map.entry("clips", SealFields.CLIPS_OUT),
            Map.entry("moved", SealFields.MOVED),
            Map.entry("elastomer", SealFields.ELASTOMER),
            Map.entry("identity", SealFields.SAME),
            Map.entry("pair", SealFields.SEAT),
            Map.entry("pressure", SealFields.PRESSURE),
            Map.entry("reuse", SealFields.FACES),
            Map.entry("springs", SealFields.SPRINGS),
            Map.entry("air-test", SealFields.AIR),
            Map.entry("start", SealFields.FULL),
            Map.entry("axial-play", SealFields.AXIAL),
            Map.entry("band", SealFields.WORKING),
            Map.entry("compression", SealFields.FREE),
            Map.entry("concentricity", SealFields.BORE_TIR),
            Map.entry("radial-play", SealFields.LIFT),
            Map.entry("roughness", SealFields.RA),
            Map.entry("runout", SealFields.RUN_OUT),
            Map.entry("spring", SealFields.TIGHTENS),
            Map.entry("squareness", SealFields.FACE_TIR),
            Map.entry("barrier", SealFields.BARRIER),
            Map.entry("setting", SealFields.WORKING),
            Map.entry("drive", SealFields.COIL_DRIVES),
            Map.entry("chamber", SealFields.RUN_OUT),
            Map.entry("move", SealFields.MOVE),
            Map.entry("gauge", SealFields.READ_U));

    private SealAnswers() {}

    /** By the rule that found it; empty: none in particular. */
    static Optional<Field<?>> of(String rule) {
        return Optional.ofNullable(AT.get(rule));
    }
}
