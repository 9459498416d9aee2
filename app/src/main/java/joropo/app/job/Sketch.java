package joropo.app.job;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import joropo.app.register.Position;
import joropo.app.settings.ShopGauge;
import joropo.core.lipseal.Layout;
import joropo.core.material.Dirt;
import joropo.core.material.Medium;
import joropo.core.section.Arranging;
import joropo.core.section.BoreItem;
import joropo.core.section.BoreItemSealBuilder;
import joropo.core.section.CaseType;
import joropo.core.section.Level;
import joropo.core.section.Section;
import joropo.core.section.SectionBuilder;
import joropo.core.section.ShaftItem;
import joropo.core.section.Space;
import joropo.core.shaft.Rotation;
import joropo.core.shaft.Side;
import joropo.core.sizes.SealSize;
import joropo.core.surface.SurfaceByEye;
import org.jspecify.annotations.Nullable;

/**
 * The section of a job as far as it is known, filled up with what is assumed so that it can be drawn at every moment.
 *
 * @param assumed what is in the section without having been read or decided
 */
public record Sketch(Section section, Set<Assumed> assumed) {
    /** A figure of the drawing that nobody has given yet. */
    public enum Assumed {
        SHAFT,
        BORE,
        WIDTH,
        FACING,
        DEPTH,
        STOP
    }

    /** Shown before anything is known (mm). */
    private static final SealSize USUAL = SealSize.all().stream()
            .filter(s -> s.words().equals("45x62x8"))
            .findFirst()
            .orElseThrow();
    /** Room left behind the seal when the stop is not known, for the picture only (mm). */
    private static final double USUAL_ROOM_MM = 2.5;
    /** Width of an old groove while nobody has measured it (mm, guide). */
    private static final double USUAL_GROOVE_MM = 1.2;

    static Sketch of(Position position, Values values, Measured measured) {
        Set<Assumed> assumed = EnumSet.noneOf(Assumed.class);
        SealSize chosen = values.size("size");
        SealSize found = measured.sizes() == null || measured.sizes().sizes().isEmpty()
                ? null
                : measured.sizes().sizes().get(0);
        SealSize size = chosen != null ? chosen : found != null ? found : USUAL;
        double shaft = either(
                chosen != null ? Double.valueOf(chosen.shaftMm()) : measured.shaftNominalMm(),
                size.shaftMm(),
                Assumed.SHAFT,
                assumed);
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
        Layout layout = values.choice("layout", Layout.class);
        CaseType caseType = values.choice("caseType", CaseType.class);
        if (layout != null && layout.isPair()) {
            // flush with the mouth: what is left between the two is room for grease
            items.add(BoreItemSealBuilder.builder()
                    .id("s2")
                    .fromMm(Math.min(0, from - width))
                    .widthMm(width)
                    .outsideDiameterMm(bore)
                    .caseType(caseType)
                    .mainLip(layout == Layout.TANDEM ? facing : facing.other())
                    .spring(true)
                    .build());
        }
        items.add(BoreItemSealBuilder.builder()
                .id("s1")
                .fromMm(from)
                .widthMm(width)
                .outsideDiameterMm(bore)
                .caseType(caseType)
                .mainLip(facing)
                .dustLip(layout != null && layout.hasDustLip() ? facing.other() : null)
                .spring(layout != Layout.PTFE)
                .build());
        if (values.number("leadInLength") != null) {
            items.add(new BoreItem.LeadIn(null, 0.0, values.number("leadInLength"), values.number("leadInAngle")));
        }
        if (stop != null) {
            items.add(new BoreItem.Shoulder("h1", stop, null, null));
        } else {
            assumed.add(Assumed.STOP);
        }
        if (turning != null) {
            items.add(new BoreItem.Bearing("b1", turning, null, turning));
        }
        Double play =
                values.number("playMeasured") != null ? values.number("playMeasured") : values.number("playBefore");
        ShopGauge depthGauge = values.gauge("depthGauge");
        return new Sketch(
                SectionBuilder.builder()
                        .name(position.machineName() + ", " + position.name())
                        .rotation(rotation(position, values))
                        .shaftDiameterMm(shaft)
                        .boreDiameterMm(bore)
                        .shaftEntersFrom(values.choice("entersFrom", Side.class))
                        .spaces(spaces(position, values, layout))
                        .boreItems(items)
                        .shaftItems(shaftItems(values, width))
                        .axialPlayMm(play)
                        .growthMm(values.number("growth"))
                        .cylindricalDepthMm(values.number("cylDepth"))
                        .totalDepthMm(stop)
                        .cornerRadiusMm(values.number("cornerRadius"))
                        .depthUncertaintyMm(depthGauge == null || stop == null ? null : depthGauge.uncertaintyMm(stop))
                        .build(),
                assumed);
    }

    /** The same entry with its innermost seal as it was found, as far as that was read. */
    static Section found(Section typed, Values values) {
        BoreItem.Seal seal = typed.seal();
        Side faced = values.choice("foundFacing", Side.class);
        Section turned = faced == null || faced == seal.mainLip()
                ? typed
                : Arranging.turned(typed, typed.boreItems().indexOf(seal)).section();
        Double depth = values.number("foundDepth");
        return depth == null ? turned : turned.withSealAt(depth, turned.depthUncertaintyMm());
    }

    /** A section that was arranged on the bench: nothing in it is assumed. */
    static Sketch arranged(Section section) {
        return new Sketch(section, EnumSet.noneOf(Assumed.class));
    }

    /** Where the stop would be drawn: as read, else a little behind the seal. */
    public double stopMm() {
        return section.boreItem(BoreItem.Shoulder.class)
                .map(BoreItem.Shoulder::fromMm)
                .orElse(section.seal().toMm() + USUAL_ROOM_MM);
    }

    /** The same sketch with the seal planned at another depth. */
    Sketch plannedAt(double fromMm) {
        Set<Assumed> known = EnumSet.noneOf(Assumed.class);
        known.addAll(assumed);
        known.remove(Assumed.DEPTH);
        return new Sketch(section.withSealAt(fromMm, section.depthUncertaintyMm()), known);
    }

    /** The same sketch with the old track worked off or covered. */
    Sketch withoutGroove() {
        return new Sketch(section.withoutGroove(), assumed);
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

    /** Between two seals grease is put, a third to a half, as the plan says. */
    private static List<Space> spaces(Position position, Values values, @Nullable Layout layout) {
        Space between = new Space(Medium.GREASE, null, null, Level.PARTIAL);
        return layout != null && layout.isPair()
                ? List.of(outside(position, values), between, inside(position, values))
                : List.of(outside(position, values), inside(position, values));
    }

    private static Space outside(Position position, Values values) {
        Dirt dirt = values.choice("dirt", Dirt.class);
        Medium medium = values.choice("outsideMedium", Medium.class);
        return new Space(
                medium == null ? Medium.AIR : medium,
                dirt == null ? position.dirt() : dirt,
                values.number("pressureOut"),
                null);
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

    /**
     * Where the old lip ran: from the depth and the way round of the old seal, taken to be as wide as the new one;
     * absent while they were not read.
     */
    static @Nullable Double oldLipMm(Values values, double width) {
        Double depth = values.number("foundDepth");
        Side faced = values.choice("foundFacing", Side.class);
        return depth == null || faced == null
                ? null
                : Double.valueOf(BoreItemSealBuilder.builder()
                        .id("old")
                        .fromMm(depth)
                        .widthMm(width)
                        .outsideDiameterMm(width)
                        .mainLip(faced)
                        .spring(true)
                        .build()
                        .lipMm());
    }

    private static Optional<ShaftItem> oldTrack(Values values, double width) {
        Double lip = oldLipMm(values, width);
        Double depth = values.number("grooveDepth");
        boolean worn =
                depth != null ? depth > 0 : values.choice("surface", SurfaceByEye.class) == SurfaceByEye.GROOVE_CATCHES;
        if (lip == null || !worn) {
            return Optional.empty();
        }
        Double read = values.number("grooveWidth");
        double half = (read == null || read == 0 ? USUAL_GROOVE_MM : read) / 2;
        return Optional.of(new ShaftItem.WearGroove(lip - half, lip + half, depth));
    }
}
