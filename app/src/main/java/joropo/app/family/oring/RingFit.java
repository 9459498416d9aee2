package joropo.app.family.oring;

import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.function.Supplier;
import joropo.app.family.JobFacts;
import joropo.app.ui.Field;
import joropo.core.oring.LoadedRingCheck;
import joropo.core.oring.LoadedRingInput;
import joropo.core.oring.LoadedRingInputBuilder;
import joropo.core.oring.LoadedRingResult;
import joropo.core.oring.OringGlandCheck;
import joropo.core.oring.OringGlandInput;
import joropo.core.oring.OringGlandInputBuilder;
import joropo.core.oring.OringGlandResult;
import joropo.core.oring.OringSizeCheck;
import joropo.core.oring.OringSizeInput;
import joropo.core.oring.OringSizeInputBuilder;
import joropo.core.oring.OringSizeResult;
import joropo.core.oring.RingMaterial;
import joropo.core.oring.RingShape;
import joropo.core.oring.RingSize;
import joropo.core.oring.RingSort;
import joropo.core.oring.StretchTools;
import joropo.core.units.Length;
import joropo.core.units.RefusedInput;
import org.jspecify.annotations.Nullable;

/** One ring in its groove, judged by the checks; what they refuse is said at the field of the sheet. */
final class RingFit {
    /** The fields of the sheets by those of the inputs, where a refusal is said. */
    private static final Map<String, Field<?>> SAID_AT = Map.ofEntries(
            Map.entry("gland", RingFields.GLAND),
            Map.entry("motion", RingFields.MOTION),
            Map.entry("counterDiameterMm", RingFields.COUNTER),
            Map.entry("grooveDiameterMm", RingFields.GROOVE),
            Map.entry("grooveWidthMm", RingFields.WIDTH),
            Map.entry("grooveDepthMm", RingFields.DEPTH),
            Map.entry("ring", RingFields.RING),
            Map.entry("ringInsideMm", RingFields.INSIDE),
            Map.entry("sectionMm", RingFields.SECTION),
            Map.entry("gapMm", RingFields.GAP),
            Map.entry("pressureMpa", RingFields.PRESSURE),
            Map.entry("coldestC", RingFields.COLDEST),
            Map.entry("hardnessShoreA", RingFields.HARDNESS),
            Map.entry("backups", RingFields.BACKUPS),
            Map.entry("backupThicknessMm", RingFields.BACKUP_THICK),
            Map.entry("slideThicknessMm", RingFields.SLIDE_THICK),
            Map.entry("slideWidthMm", RingFields.SLIDE_WIDE),
            Map.entry("tolerances", RingFields.READ_TO),
            Map.entry("ringShape", RingFields.SORT));

    private final JobFacts facts;
    private final RingReads read;
    private final RingSort sort;
    private final Map<String, String> errors = new HashMap<>();
    private final @Nullable OringGlandInput gland;
    private final @Nullable OringGlandResult result;
    private final @Nullable OringSizeResult sizes;
    private final @Nullable LoadedRingInput slideInput;
    private final @Nullable LoadedRingResult slide;

    RingFit(JobFacts facts, RingReads read) {
        this.facts = facts;
        this.read = read;
        sort = read.sort();
        boolean whole = isDecided() && isMeasured();
        gland = sort.isElastic() && whole ? glandInput() : null;
        result = gland == null ? null : OringGlandCheck.check(gland, 0);
        sizes = sort.isElastic() ? found() : null;
        slideInput = sort == RingSort.SLIDE && whole && read.counterMm() != null ? slideInput() : null;
        slide = slideInput == null ? null : tried(() -> LoadedRingCheck.check(slideInput));
    }

    /** By name of the field. */
    Map<String, String> errors() {
        return Map.copyOf(errors);
    }

    /** Of an elastic ring that is measured and decided. */
    @Nullable
    OringGlandInput gland() {
        return gland;
    }

    @Nullable
    OringGlandResult result() {
        return result;
    }

    /** Rings that belong; absent before something tells. */
    @Nullable
    OringSizeResult sizes() {
        return sizes;
    }

    /** Of a slide ring that is measured with its loader. */
    @Nullable
    LoadedRingResult slide() {
        return slide;
    }

    /** What a slide ring is brought over its land with. */
    Optional<StretchTools> tools() {
        return slide == null ? Optional.empty() : StretchTools.of(slideInput, slide);
    }

    private boolean isMeasured() {
        return read.gland() != null
                && read.motion() != null
                && read.get(RingFields.GROOVE) != null
                && read.get(RingFields.WIDTH) != null;
    }

    boolean isDecided() {
        return read.get(RingFields.RING) != null
                || read.get(RingFields.INSIDE) != null && read.get(RingFields.SECTION) != null;
    }

    /** Its material, where the tables know it. */
    private @Nullable String listed() {
        String material = read.get(RingFields.MATERIAL);
        return RingMaterial.BY_MAKER.equals(material) ? null : material;
    }

    private @Nullable OringGlandInput glandInput() {
        Double backups = read.get(RingFields.BACKUPS);
        if (backups != null && backups != Math.rint(backups)) {
            errors.put(RingFields.BACKUPS.name(), "must be 0, 1 or 2");
            return null;
        }
        return tried(() -> OringGlandInputBuilder.builder()
                .gland(read.gland())
                .motion(read.motion())
                .counterDiameterMm(read.counterMm())
                .grooveDiameterMm(read.get(RingFields.GROOVE))
                .grooveWidthMm(read.get(RingFields.WIDTH))
                .grooveDepthMm(read.get(RingFields.DEPTH))
                .ring(read.get(RingFields.RING))
                .ringInsideMm(read.get(RingFields.INSIDE))
                .sectionMm(read.get(RingFields.SECTION))
                .tolerances(read.tolerances())
                .ringShape(sort == RingSort.SQUARE ? RingShape.SQUARE : RingShape.O)
                .pressureMpa(read.get(RingFields.PRESSURE))
                .pressureTurns(read.duty().pressureTurns())
                .hardnessShoreA(read.get(RingFields.HARDNESS))
                .gapMm(read.gapMm())
                .speedRpm(facts.position().speedRpm())
                .strokeMm(read.get(RingFields.STROKE))
                .speedMPerS(read.get(RingFields.STROKE_SPEED))
                .material(listed())
                .fluid(read.get(RingFields.FLUID))
                .coldestC(read.get(RingFields.COLDEST))
                .hottestC(read.get(RingFields.HOTTEST))
                .backups(backups == null ? null : Integer.valueOf(backups.intValue()))
                .backupThicknessMm(read.get(RingFields.BACKUP_THICK))
                .passOverMm(read.get(RingFields.PASS_OVER))
                .leadInMm(read.leadInMm())
                .leadInAngleDeg(read.get(RingFields.LEAD_ANGLE))
                .build());
    }

    /** Slide ring and loader together; nothing before both are measured. */
    private @Nullable LoadedRingInput slideInput() {
        Double thick = read.get(RingFields.SLIDE_THICK);
        Double wide = read.get(RingFields.SLIDE_WIDE);
        if (thick == null || wide == null) {
            return null;
        }
        return tried(() -> {
            RingSize loader =
                    read.get(RingFields.RING) == null ? null : RingSize.parse(read.get(RingFields.RING), "ring");
            return LoadedRingInputBuilder.builder()
                    .gland(read.gland())
                    .counterDiameterMm(read.counterMm())
                    .grooveDepthMm(Length.snap(Math.abs(read.counterMm() - read.get(RingFields.GROOVE)) / 2))
                    .grooveWidthMm(read.get(RingFields.WIDTH))
                    .slideThicknessMm(thick)
                    .slideWidthMm(wide)
                    .ringInsideMm(loader == null ? read.get(RingFields.INSIDE) : Double.valueOf(loader.insideMm()))
                    .sectionMm(loader == null ? read.get(RingFields.SECTION) : Double.valueOf(loader.sectionMm()))
                    .tolerances(loader == null ? null : tolerances(loader))
                    .passOverMm(read.get(RingFields.PASS_OVER))
                    .slideMaterial(listed())
                    .build();
        });
    }

    private LoadedRingInput.@Nullable Tolerances tolerances(RingSize loader) {
        Double to = read.get(RingFields.READ_TO);
        return to == null
                ? null
                : new LoadedRingInput.Tolerances(
                        to, to, to, to, loader.insideToleranceMm(), loader.sectionToleranceMm(), to);
    }

    private <T> @Nullable T tried(Supplier<T> check) {
        try {
            return check.get();
        } catch (RefusedInput e) {
            e.errors()
                    .forEach(x -> errors.putIfAbsent(
                            SAID_AT.getOrDefault(x.field(), RingFields.RING).name(), x.message()));
            return null;
        }
    }

    /** Rings that belong: by the gland, else by the ring that was found. */
    private @Nullable OringSizeResult found() {
        if (isMeasured()) {
            return tried(() -> OringSizeCheck.check(OringSizeInputBuilder.builder()
                    .gland(read.gland())
                    .motion(read.motion())
                    .counterDiameterMm(read.counterMm())
                    .grooveDiameterMm(read.get(RingFields.GROOVE))
                    .grooveWidthMm(read.get(RingFields.WIDTH))
                    .grooveDepthMm(read.get(RingFields.DEPTH))
                    .build()));
        }
        return old().map(ring -> OringSizeCheck.check(
                        OringSizeInputBuilder.builder().measured(ring).build()))
                .orElse(null);
    }

    /** The ring that was found, as it measures. */
    private Optional<OringSizeInput.Measured> old() {
        Double inside = read.get(RingFields.FOUND_INSIDE);
        Double section = read.get(RingFields.FOUND_SECTION);
        return inside == null || section == null
                ? Optional.empty()
                : Optional.of(new OringSizeInput.Measured(inside, section));
    }

    /** What the old ring is looked for by, while no groove tells which it was. */
    Optional<OringSizeInput.Measured> lookedFor() {
        return sort.isElastic() && !isMeasured() ? old() : Optional.empty();
    }
}
