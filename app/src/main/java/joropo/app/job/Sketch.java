package joropo.app.job;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import joropo.app.register.Position;
import joropo.core.lipseal.CaseType;
import joropo.core.lipseal.Rotation;
import joropo.core.lipseal.Side;
import joropo.core.material.Dirt;
import joropo.core.material.Medium;
import joropo.core.readings.Gauge;
import joropo.core.section.BoreItem;
import joropo.core.section.Section;
import joropo.core.section.ShaftItem;
import joropo.core.section.Space;
import joropo.core.sizes.SealSize;
import joropo.core.surface.SurfaceByEye;
import org.jspecify.annotations.Nullable;

/**
 * The section of a job as far as it is known, filled up with what is assumed so that it can be drawn at every moment.
 * @param assumed what is in the section without having been read or decided
 */
public record Sketch(Section section, Set<Assumed> assumed) {
    /** A figure of the drawing that nobody has given yet. */
    public enum Assumed { SHAFT, BORE, WIDTH, FACING, DEPTH, STOP }

    /** Shown before anything is known (mm). */
    private static final SealSize USUAL = SealSize.all().stream().filter(s -> s.words().equals("45x62x8")).findFirst().orElseThrow();
    /** Room left behind the seal when the stop is not known, for the picture only (mm). */
    private static final double USUAL_ROOM_MM = 2.5;
    /** Width of an old groove while nobody has measured it (mm, guide). */
    private static final double USUAL_GROOVE_MM = 1.2;

    static Sketch of(Position position, Values values, Measured measured) {
        Set<Assumed> assumed = EnumSet.noneOf(Assumed.class);
        ChosenSize chosen = values.size("size");
        SealSize found = measured.sizes() == null || measured.sizes().sizes().isEmpty() ? null : measured.sizes().sizes().get(0);
        SealSize size = chosen != null ? chosen.size() : found != null ? found : USUAL;
        double shaft = either(measured.shaftNominalMm(), size.shaftMm(), Assumed.SHAFT, assumed);
        double bore = either(measured.boreNominalMm(), Math.max(size.boreMm(), shaft + 2), Assumed.BORE, assumed);
        bore = bore > shaft ? bore : shaft + 2;
        double width = size.widthMm();
        if (chosen == null) {
            assumed.add(Assumed.WIDTH);
        }
        Side facing = values.choice("mainLip", Side.class);
        if (facing == null) {
            assumed.add(Assumed.FACING);
            facing = Side.IN;
        }
        Double stop = values.number("stopDepth");
        Double turning = values.number("turningDepth");
        Double planned = values.number("plannedDepth");
        double from = planned != null ? planned : stop != null ? Math.max(0, stop - width) : 0;
        if (planned == null && stop == null) {
            assumed.add(Assumed.DEPTH);
        }
        List<BoreItem> items = new ArrayList<>();
        items.add(new BoreItem.Seal("s1", from, width, bore, values.choice("caseType", CaseType.class), facing,
                "OUT".equals(values.text("dustLip")) ? Side.OUT : null, true, null));
        if (stop != null) {
            items.add(new BoreItem.Shoulder("h1", stop, null));
        } else {
            assumed.add(Assumed.STOP);
        }
        if (turning != null) {
            items.add(new BoreItem.Bearing("b1", turning, null, turning));
        }
        Double play = values.number("playMeasured");
        Gauge depthGauge = values.choice("depthGauge", Gauge.class);
        return new Sketch(new Section(position.machineName() + ", " + position.name(), rotation(position, values), shaft, bore,
                values.choice("entersFrom", Side.class), List.of(outside(position, values), inside(position, values)), items, shaftItems(values, width),
                play, null, null, null, stop, null, depthGauge == null || stop == null ? null : depthGauge.uncertaintyMm(stop)), assumed);
    }

    /** Where the stop would be drawn: as read, else a little behind the seal. */
    public double stopMm() {
        return section.boreItem(BoreItem.Shoulder.class).map(BoreItem.Shoulder::fromMm).orElse(section.seal().toMm() + USUAL_ROOM_MM);
    }

    /** The same section with the seal where it really stands, as read with this uncertainty. */
    Section fittedAt(double fromMm, double u) {
        List<BoreItem> items = section.boreItems().stream().map(i -> i instanceof BoreItem.Seal s
                ? new BoreItem.Seal(s.id(), fromMm, s.widthMm(), s.outsideDiameterMm(), s.caseType(), s.mainLip(), s.dustLip(), s.spring(), s.lipOffsetMm()) : i)
                .toList();
        return new Section(section.name(), section.rotation(), section.shaftDiameterMm(), section.boreDiameterMm(), section.shaftEntersFrom(),
                section.spaces(), items, section.shaftItems(), section.axialPlayMm(), section.growthMm(), section.boreFromMm(),
                section.cylindricalDepthMm(), section.totalDepthMm(), section.cornerRadiusMm(), u);
    }

    private static double either(@Nullable Double known, double usual, Assumed what, Set<Assumed> assumed) {
        if (known == null) {
            assumed.add(what);
        }
        return known == null ? usual : known;
    }

    private static @Nullable Rotation rotation(Position position, Values values) {
        Rotation typed = values.choice("rotation", Rotation.class);
        return typed == null ? position.rotation() : typed;
    }

    private static Space outside(Position position, Values values) {
        Dirt dirt = values.choice("dirt", Dirt.class);
        return new Space(Medium.AIR, dirt == null ? position.dirt() : dirt, null, null);
    }

    private static Space inside(Position position, Values values) {
        Medium medium = values.choice("medium", Medium.class);
        return new Space(medium == null ? position.medium() : medium, null, values.number("pressure"), null);
    }

    private static List<ShaftItem> shaftItems(Values values, double width) {
        List<ShaftItem> out = new ArrayList<>();
        Double from = values.number("groundFrom");
        Double to = values.number("groundTo");
        if (from != null && to != null && to <= from) {
            values.refuse("groundTo", "must lie further in than where the ground surface begins");
        } else if (from != null && to != null) {
            out.add(new ShaftItem.RunningSurface(from, to));
        }
        oldTrack(values, width).ifPresent(out::add);
        return out;
    }

    /** Where the old lip ran, if a nail catches there: from the depth and the way round of the old seal, taken to be as wide as the new one. */
    private static Optional<ShaftItem> oldTrack(Values values, double width) {
        Double depth = values.number("foundDepth");
        Side faced = values.choice("foundFacing", Side.class);
        if (depth == null || faced == null || values.choice("surface", SurfaceByEye.class) != SurfaceByEye.GROOVE_CATCHES) {
            return Optional.empty();
        }
        double lip = new BoreItem.Seal("old", depth, width, width, null, faced, null, true, null).lipMm();
        return Optional.of(new ShaftItem.WearGroove(lip - USUAL_GROOVE_MM / 2, lip + USUAL_GROOVE_MM / 2, null));
    }
}
