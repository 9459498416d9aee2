package joropo.app.family.lipseal;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import joropo.app.family.CommonFields;
import joropo.app.family.ReadFields;
import joropo.app.register.Position;
import joropo.app.settings.ShopGauge;
import joropo.core.lipseal.Layout;
import joropo.core.lipseal.PairPlaces;
import joropo.core.material.Medium;
import joropo.core.section.Arranging;
import joropo.core.section.BoreItem;
import joropo.core.section.BoreItemSealBuilder;
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
 * @param assumed what is in the section without having been read or decided, @param errors by name of the field
 */
record AssumedSection(Section section, Set<Assumed> assumed, Map<String, String> errors) {
    /** A figure of the drawing that nobody has given yet. */
    enum Assumed {
        SHAFT("shaft"),
        BORE("bore"),
        WIDTH("width of the seal"),
        FACING("way round"),
        DEPTH("depth"),
        STOP("stop"),
        GROOVE("width of the old groove");

        private final String words;

        Assumed(String words) {
            this.words = words;
        }

        String words() {
            return words;
        }
    }

    /** Shown before anything is known (mm). */
    private static final SealSize USUAL = SealSize.all().stream()
            .filter(s -> s.words().equals("45x62x8"))
            .findFirst()
            .orElseThrow();
    /** Room left behind the seal when the stop is not known, for the picture only (mm). */
    private static final double USUAL_ROOM_MM = 2.5;
    /** Least wall that is drawn between shaft and bore (mm). */
    private static final double LEAST_WALL_MM = 2;
    /** Width of an old groove while nobody has measured it, for the picture only (mm). */
    private static final double USUAL_GROOVE_MM = 1.2;

    static AssumedSection of(Position position, ReadFields read, ShaftAndBoreReadings measured) {
        Set<Assumed> assumed = EnumSet.noneOf(Assumed.class);
        SealSize chosen = read.get(LipSealFields.SIZE);
        SealSize found = measured.sizes() == null || measured.sizes().sizes().isEmpty()
                ? null
                : measured.sizes().sizes().get(0);
        SealSize size = chosen != null ? chosen : found != null ? found : USUAL;
        double shaft = either(
                chosen != null
                        ? Double.valueOf(chosen.shaftMm())
                        : measured.shaft().nominalMm(),
                size.shaftMm(),
                Assumed.SHAFT,
                assumed);
        double known = either(
                measured.bore().nominalMm(), Math.max(size.boreMm(), shaft + LEAST_WALL_MM), Assumed.BORE, assumed);
        double bore = known > shaft ? known : shaft + LEAST_WALL_MM;
        if (chosen == null) {
            assumed.add(Assumed.WIDTH);
        }
        Double stop = read.get(LipSealFields.STOP_DEPTH);
        if (stop == null) {
            assumed.add(Assumed.STOP);
        }
        BoreItem.Seal seal = seal(read, bore, size.widthMm(), stop, assumed);
        Layout layout = read.get(LipSealFields.LAYOUT);
        boolean pair = layout != null && layout.isPair();
        List<BoreItem> items = new ArrayList<>();
        if (pair) {
            items.add(PairPlaces.outer("s2", seal, layout));
        }
        items.add(seal);
        items.addAll(housing(read, stop));
        ShopGauge depthGauge = read.gauge(LipSealFields.DEPTH_GAUGE);
        Double play = read.get(CommonFields.PLAY_MEASURED);
        boolean grounded = isGround(read);
        Section section = SectionBuilder.builder()
                .name(position.machineName() + ", " + position.name())
                .rotation(rotation(position, read))
                .shaftDiameterMm(shaft)
                .boreDiameterMm(bore)
                .shaftEntersFrom(read.get(LipSealFields.ENTERS_FROM))
                .spaces(
                        pair
                                ? List.of(outside(position, read), PairPlaces.between(), inside(position, read))
                                : List.of(outside(position, read), inside(position, read)))
                .boreItems(items)
                .shaftItems(shaftItems(read, size.widthMm(), grounded, assumed))
                .axialPlayMm(play != null ? play : read.get(LipSealFields.PLAY_BEFORE))
                .growthMm(read.get(LipSealFields.GROWTH))
                .cylindricalDepthMm(read.get(LipSealFields.CYL_DEPTH))
                .totalDepthMm(stop)
                .cornerRadiusMm(read.get(LipSealFields.CORNER_RADIUS))
                .depthUncertaintyMm(depthGauge == null || stop == null ? null : depthGauge.uncertaintyMm(stop))
                .build();
        boolean crossed =
                read.get(LipSealFields.GROUND_FROM) != null && read.get(LipSealFields.GROUND_TO) != null && !grounded;
        return new AssumedSection(
                section,
                assumed,
                crossed
                        ? Map.of(
                                LipSealFields.GROUND_TO.name(),
                                "must lie further in than where the ground surface begins")
                        : Map.of());
    }

    private static BoreItem.Seal seal(
            ReadFields read, double bore, double width, @Nullable Double stop, Set<Assumed> assumed) {
        Side facing = read.get(LipSealFields.MAIN_LIP);
        if (facing == null) {
            assumed.add(Assumed.FACING);
            facing = Side.IN;
        }
        Double planned = read.get(LipSealFields.PLANNED_DEPTH);
        if (planned == null && stop == null) {
            assumed.add(Assumed.DEPTH);
        }
        Layout layout = read.get(LipSealFields.LAYOUT);
        return BoreItemSealBuilder.builder()
                .id("s1")
                .fromMm(planned != null ? planned : stop != null ? Math.max(0, stop - width) : 0.0)
                .widthMm(width)
                .outsideDiameterMm(bore)
                .caseType(read.get(LipSealFields.CASE_TYPE))
                .mainLip(facing)
                .dustLip(layout != null && layout.hasDustLip() ? facing.other() : null)
                .spring(layout != Layout.PTFE)
                .build();
    }

    private static List<BoreItem> housing(ReadFields read, @Nullable Double stop) {
        List<BoreItem> out = new ArrayList<>();
        Double leadIn = read.get(LipSealFields.LEAD_IN_LENGTH);
        if (leadIn != null) {
            out.add(new BoreItem.LeadIn(null, 0.0, leadIn, read.get(LipSealFields.LEAD_IN_ANGLE)));
        }
        if (stop != null) {
            out.add(new BoreItem.Shoulder("h1", stop, null, null));
        }
        Double turning = read.get(LipSealFields.TURNING_DEPTH);
        if (turning != null) {
            out.add(new BoreItem.Bearing("b1", turning, null, turning));
        }
        return out;
    }

    /** The same entry with its innermost seal as it was found, as far as that was read. */
    static Section found(Section typed, ReadFields read) {
        BoreItem.Seal seal = typed.seal();
        Side faced = read.get(LipSealFields.FOUND_FACING);
        Section turned = faced == null || faced == seal.mainLip()
                ? typed
                : Arranging.turned(typed, typed.boreItems().indexOf(seal)).section();
        Double depth = read.get(LipSealFields.FOUND_DEPTH);
        return depth == null ? turned : turned.withSealAt(depth, turned.depthUncertaintyMm());
    }

    /** A section that was arranged on the bench: nothing in it is assumed. */
    static AssumedSection arranged(Section section) {
        return new AssumedSection(section, EnumSet.noneOf(Assumed.class), Map.of());
    }

    boolean assumes(Assumed what) {
        return assumed.contains(what);
    }

    /** Whether the seal itself is decided and only its place may still be open. */
    boolean knowsTheSeal() {
        return !assumes(Assumed.WIDTH) && !assumes(Assumed.FACING);
    }

    /** Where the stop would be drawn: as read, else a little behind the seal. */
    double stopMm() {
        return section.boreItem(BoreItem.Shoulder.class)
                .map(BoreItem.Shoulder::fromMm)
                .orElse(section.seal().toMm() + USUAL_ROOM_MM);
    }

    /** The same with the seal planned at another depth. */
    AssumedSection plannedAt(double fromMm) {
        Set<Assumed> left = EnumSet.noneOf(Assumed.class);
        left.addAll(assumed);
        left.remove(Assumed.DEPTH);
        return new AssumedSection(section.withSealAt(fromMm, section.depthUncertaintyMm()), left, errors);
    }

    /** The same with the old track worked off or covered. */
    AssumedSection withoutGroove() {
        return new AssumedSection(section.withoutGroove(), assumed, errors);
    }

    private static double either(@Nullable Double known, double usual, Assumed what, Set<Assumed> assumed) {
        if (known == null) {
            assumed.add(what);
        }
        return known == null ? usual : known;
    }

    private static @Nullable Rotation rotation(Position position, ReadFields read) {
        Rotation typed = read.get(LipSealFields.ROTATION);
        return typed == null ? position.rotation() : typed;
    }

    private static Space outside(Position position, ReadFields read) {
        return new Space(
                read.get(LipSealFields.OUTSIDE_MEDIUM, Medium.AIR),
                read.get(LipSealFields.DIRT, position.dirt()),
                read.get(LipSealFields.PRESSURE_OUT),
                null);
    }

    private static Space inside(Position position, ReadFields read) {
        return new Space(
                read.get(LipSealFields.MEDIUM, position.medium()), null, read.get(LipSealFields.PRESSURE), null);
    }

    private static boolean isGround(ReadFields read) {
        Double from = read.get(LipSealFields.GROUND_FROM);
        Double to = read.get(LipSealFields.GROUND_TO);
        return from != null && to != null && to > from;
    }

    private static List<ShaftItem> shaftItems(ReadFields read, double width, boolean ground, Set<Assumed> assumed) {
        List<ShaftItem> out = new ArrayList<>();
        if (ground) {
            out.add(new ShaftItem.RunningSurface(
                    read.get(LipSealFields.GROUND_FROM), read.get(LipSealFields.GROUND_TO)));
        }
        oldTrack(read, width).ifPresent(groove -> {
            out.add(groove);
            if (!groove.widthMeasured()) {
                assumed.add(Assumed.GROOVE);
            }
        });
        return out;
    }

    /**
     * Where the old lip ran: from the depth and the way round of the old seal, taken to be as wide as the new one;
     * absent while they were not read.
     */
    static @Nullable Double oldLipMm(ReadFields read, double width) {
        Double depth = read.get(LipSealFields.FOUND_DEPTH);
        Side faced = read.get(LipSealFields.FOUND_FACING);
        return depth == null || faced == null
                ? null
                : Double.valueOf(
                        BoreItem.Seal.pressed("old", depth, width, width, faced).lipMm());
    }

    private static Optional<ShaftItem.WearGroove> oldTrack(ReadFields read, double width) {
        Double lip = oldLipMm(read, width);
        Double depth = read.get(LipSealFields.GROOVE_DEPTH);
        boolean worn = depth != null ? depth > 0 : read.get(LipSealFields.SURFACE) == SurfaceByEye.GROOVE_CATCHES;
        if (lip == null || !worn) {
            return Optional.empty();
        }
        Double wide = read.get(LipSealFields.GROOVE_WIDTH);
        boolean measured = wide != null && wide > 0;
        double half = (measured ? wide : USUAL_GROOVE_MM) / 2;
        return Optional.of(new ShaftItem.WearGroove(lip - half, lip + half, depth, null, measured));
    }
}
