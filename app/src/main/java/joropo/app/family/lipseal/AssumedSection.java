package joropo.app.family.lipseal;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import joropo.app.family.CommonFields;
import joropo.app.family.JobFacts;
import joropo.app.family.ReadFields;
import joropo.app.register.Position;
import joropo.app.settings.ShopGauge;
import joropo.core.lipseal.Among;
import joropo.core.lipseal.FoundSection;
import joropo.core.lipseal.Layout;
import joropo.core.lipseal.PairPlaces;
import joropo.core.material.Fluid;
import joropo.core.material.Medium;
import joropo.core.section.BoreItem;
import joropo.core.section.BoreItemSealBuilder;
import joropo.core.section.Mount;
import joropo.core.section.Profile;
import joropo.core.section.Section;
import joropo.core.section.SectionBuilder;
import joropo.core.section.ShaftItem;
import joropo.core.section.Space;
import joropo.core.section.SpaceBuilder;
import joropo.core.shaft.Rotation;
import joropo.core.shaft.Side;
import joropo.core.sizes.SealSize;
import joropo.core.surface.SurfaceByEye;
import joropo.core.units.Length;
import org.jspecify.annotations.Nullable;

/**
 * The section of a job as far as it is known, filled up with what is assumed so that it can be drawn at every moment;
 * seen from one of its seals.
 *
 * @param among which seal that is, @param found where its old one stood, @param goesByFound whether its place follows
 *     from that and is nobody's decision, @param grooves of the shaft that its old lip ran in
 * @param assumed what is in the section without having been read or decided, @param asLastTime whether that is as the
 *     last job that was signed here left it, @param errors by name of the field
 */
record AssumedSection(
        Section section,
        Among among,
        LipSealFacts.Found found,
        boolean goesByFound,
        List<ShaftItem.WearGroove> grooves,
        Set<Assumed> assumed,
        boolean asLastTime,
        Map<String, String> errors) {
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

    /** One that stood further from the stop than this last time does not stand on it now (mm). */
    private static final double ON_STOP_MM = 0.5;

    /** The name in the section of an item's seal. @param index of the item among its like */
    static String id(int index) {
        return "s" + (index + 1);
    }

    /** As if it stood alone in its entry. */
    static AssumedSection of(JobFacts facts, LipSealFacts known, ShaftAndBoreReadings measured) {
        Position position = facts.position();
        ReadFields read = facts.read();
        int index = facts.alike().index();
        Set<Assumed> assumed = EnumSet.noneOf(Assumed.class);
        SealSize chosen = read.get(LipSealFields.SIZE);
        SealSize measuredSize =
                measured.sizes() == null || measured.sizes().sizes().isEmpty()
                        ? null
                        : measured.sizes().sizes().get(0);
        Optional<BoreItem.Seal> last = lastTime(facts);
        SealSize like = chosen != null ? chosen : measuredSize != null ? measuredSize : USUAL;
        boolean byLast = chosen == null && measuredSize == null;
        double usualShaft =
                last.filter(s -> byLast).map(BoreItem.Seal::insideDiameterMm).orElse(like.shaftMm());
        double usualBore =
                last.filter(s -> byLast).map(BoreItem.Seal::outsideDiameterMm).orElse(like.boreMm());
        double width = last.filter(s -> byLast).map(BoreItem.Seal::widthMm).orElse(like.widthMm());
        double shaft = either(
                chosen != null
                        ? Double.valueOf(chosen.shaftMm())
                        : measured.shaft().nominalMm(),
                usualShaft,
                Assumed.SHAFT,
                assumed);
        double boreRead =
                either(measured.bore().nominalMm(), Math.max(usualBore, shaft + LEAST_WALL_MM), Assumed.BORE, assumed);
        double bore = boreRead > shaft ? boreRead : shaft + LEAST_WALL_MM;
        if (chosen == null) {
            assumed.add(Assumed.WIDTH);
        }
        Double stop = read.get(LipSealFields.STOP_DEPTH);
        if (stop == null) {
            assumed.add(Assumed.STOP);
        }
        LipSealFacts.Found found = known.found(index);
        boolean onStop = stop != null
                && found.placeMm() == null
                && known.fromInside(index) == 0
                && known.stood().mayStandOn(id(index), stop)
                && last.filter(s -> s.toMm() < stop - ON_STOP_MM).isEmpty();
        BoreItem.Seal seal =
                seal(read, found, last.orElse(null), index, shaft, bore, width, onStop ? stop : null, assumed);
        Layout layout = read.get(LipSealFields.LAYOUT);
        boolean pair = facts.alike().isAlone() && layout != null && layout.isPair();
        List<BoreItem> items = new ArrayList<>();
        if (pair) {
            items.add(PairPlaces.outer("s2", seal, layout));
        }
        items.add(seal);
        items.addAll(housing(read, stop, (shaft + bore) / 2));
        FoundSection off = known.stood();
        List<BoreItem> logged = off.placed(read.get(LipSealFields.TURNING_DEPTH));
        if (logged.stream().anyMatch(BoreItem.Bearing.class::isInstance)) {
            items.removeIf(BoreItem.Bearing.class::isInstance);
        }
        items.addAll(logged);
        ShopGauge depthGauge = read.gauge(LipSealFields.DEPTH_GAUGE);
        Double before = read.get(CommonFields.PLAY_BEFORE);
        Double afterwards = read.get(CommonFields.PLAY_MEASURED);
        boolean grounded = isGround(read);
        List<ShaftItem> onShaft = shaftItems(read, found, width, grounded, assumed);
        onShaft.addAll(off.onShaft());
        Section section = SectionBuilder.builder()
                .name(position.machineName() + ", " + position.name())
                .rotation(rotation(position, read))
                .shaftDiameterMm(shaft)
                .boreDiameterMm(bore)
                .shaftEntersFrom(read.get(LipSealFields.ENTERS_FROM))
                .speedRpm(read.get(LipSealFields.SPEED, position.speedRpm()))
                .spaces(
                        pair
                                ? List.of(outside(position, read), PairPlaces.between(), inside(position, read))
                                : List.of(outside(position, read), inside(position, read)))
                .boreItems(lined(items))
                .shaftItems(onShaft)
                .axialPlayMm(afterwards == null || isSeated(read) ? before : afterwards)
                .growthMm(read.get(LipSealFields.GROWTH))
                .cylindricalDepthMm(read.get(LipSealFields.CYL_DEPTH))
                .totalDepthMm(stop)
                .cornerRadiusMm(read.get(LipSealFields.CORNER_RADIUS))
                .depthUncertaintyMm(depthGauge == null || stop == null ? null : depthGauge.uncertaintyMm(stop))
                .build();
        Map<String, String> errors = new HashMap<>();
        if (read.get(LipSealFields.GROUND_FROM) != null && read.get(LipSealFields.GROUND_TO) != null && !grounded) {
            errors.put(LipSealFields.GROUND_TO.name(), "must lie further in than where the ground surface begins");
        }
        Double foundDepth = read.get(LipSealFields.FOUND_DEPTH);
        if (foundDepth != null && (foundDepth <= -width || stop != null && foundDepth >= stop)) {
            errors.put(
                    LipSealFields.FOUND_DEPTH.name(),
                    stop != null && foundDepth >= stop
                            ? "lies behind the shoulder, which is at " + Length.show(stop, 2) + " mm"
                            : "lies outside the bore: the whole seal would stand out");
        }
        return new AssumedSection(
                section,
                among(facts.alike(), section),
                found,
                read.get(LipSealFields.PLANNED_DEPTH) == null && found.placeMm() != null,
                grooves(section),
                assumed,
                last.isPresent(),
                errors);
    }

    /** The same seal as the last job that was signed here left it. */
    static Optional<BoreItem.Seal> lastTime(JobFacts facts) {
        Section before = facts.sections().before();
        return before == null
                ? Optional.empty()
                : before.seals().stream()
                        .filter(s -> s.id().equals(id(facts.alike().index())))
                        .findFirst();
    }

    /**
     * A place that somebody decided goes first, then that of the old seal, then the stop, then that of last time.
     *
     * @param ownStop the stop, where this seal is the one that stands on it
     */
    private static BoreItem.Seal seal(
            ReadFields read,
            LipSealFacts.Found found,
            BoreItem.@Nullable Seal last,
            int index,
            double shaft,
            double bore,
            double width,
            @Nullable Double ownStop,
            Set<Assumed> assumed) {
        Side facing = read.get(LipSealFields.MAIN_LIP);
        if (facing == null) {
            assumed.add(Assumed.FACING);
            facing = last == null ? Side.IN : last.mainLip();
        }
        Double planned = read.get(LipSealFields.PLANNED_DEPTH);
        if (planned == null && ownStop == null && found.placeMm() == null) {
            assumed.add(Assumed.DEPTH);
        }
        Layout layout = read.get(LipSealFields.LAYOUT);
        return BoreItemSealBuilder.builder()
                .id(id(index))
                .fromMm(
                        planned != null
                                ? planned
                                : ownStop != null ? Math.max(0, ownStop - width) : placeMm(found, last))
                .widthMm(width)
                .outsideDiameterMm(bore)
                .insideDiameterMm(shaft)
                .profile(profile(layout))
                .caseType(read.get(LipSealFields.CASE_TYPE))
                .mainLip(facing)
                .mount(read.get(LipSealFields.MOUNT))
                .mayStandProudMm(read.get(LipSealFields.PROUD))
                .dustLip(layout != null && layout.hasDustLip() ? facing.other() : null)
                .spring(layout != Layout.PTFE)
                .build();
    }

    private static double placeMm(LipSealFacts.Found found, BoreItem.@Nullable Seal last) {
        return found.placeMm() != null ? found.placeMm() : last == null ? 0 : last.fromMm();
    }

    private static @Nullable Profile profile(@Nullable Layout layout) {
        return layout == null
                ? null
                : switch (layout) {
                    case PRESSURE -> Profile.PRESSURE;
                    case PTFE -> Profile.PTFE;
                    case CASSETTE -> Profile.CASSETTE;
                    default -> null;
                };
    }

    /** The sheet asks for the shoulder that the case lands on, so its opening is small enough. */
    private static List<BoreItem> housing(ReadFields read, @Nullable Double stop, double opening) {
        List<BoreItem> out = new ArrayList<>();
        Double leadIn = read.get(LipSealFields.LEAD_IN_LENGTH);
        if (leadIn != null) {
            out.add(new BoreItem.LeadIn(null, 0.0, leadIn, read.get(LipSealFields.LEAD_IN_ANGLE)));
        }
        if (stop != null) {
            out.add(new BoreItem.Shoulder("h1", stop, null, opening));
        }
        Double turning = read.get(LipSealFields.TURNING_DEPTH);
        if (turning != null) {
            out.add(BoreItem.Bearing.plain("b1", turning, null, turning));
        }
        return out;
    }

    private static Among among(JobFacts.Alike alike, Section section) {
        return alike.isAlone() ? Among.alone(section) : new Among(id(alike.index()), alike.name(), alike.index() == 0);
    }

    private static List<ShaftItem.WearGroove> grooves(Section section) {
        return section.shaftItems().stream()
                .filter(ShaftItem.WearGroove.class::isInstance)
                .map(ShaftItem.WearGroove.class::cast)
                .toList();
    }

    /** The same among all seals of its entry, outermost first; shaft and bore are those at this seal. */
    AssumedSection among(List<Standing> seals, List<Integer> order) {
        List<Standing> all = Standing.placed(seals, order);
        List<Space> spaces = new ArrayList<>(List.of(section.outside()));
        all.subList(0, all.size() - 1).forEach(s -> spaces.add(s.between()));
        spaces.add(section.inside());
        List<BoreItem> items = new ArrayList<>(all.stream().map(Standing::seal).toList());
        section.boreItems().stream()
                .filter(i -> !(i instanceof BoreItem.Sealing))
                .forEach(items::add);
        List<ShaftItem> shaft = new ArrayList<>(section.shaftItems().stream()
                .filter(i -> !(i instanceof ShaftItem.WearGroove))
                .toList());
        seals.forEach(s -> shaft.addAll(s.grooves()));
        return in(SectionBuilder.builder(section)
                .spaces(spaces)
                .boreItems(lined(items))
                .shaftItems(shaft)
                .build());
    }

    /** The same of another section. */
    AssumedSection in(Section other) {
        return new AssumedSection(other, among, found, goesByFound, grooves, assumed, asLastTime, errors);
    }

    /**
     * Whether the new seal is driven and read all round: what is read later is judged against it and moves it no more.
     */
    private static boolean isSeated(ReadFields read) {
        return LipSealFields.DEPTHS.stream().allMatch(f -> read.get(f) != null);
    }

    /** With what was arranged on the bench beyond the sheets: an old track is worked off with the lip it lies under. */
    AssumedSection arranged(UnaryOperator<Section> moved) {
        Section arranged = moved.apply(section);
        return arranged.equals(section)
                ? this
                : new AssumedSection(
                        arranged,
                        among,
                        found,
                        goesByFound,
                        grooves(arranged).stream()
                                .filter(g -> among.isAlone()
                                        || nearest(arranged, g).id().equals(among.id()))
                                .toList(),
                        assumed,
                        asLastTime,
                        errors);
    }

    /** Parts in the order in which they stand, outside first; two that seal in one place keep theirs. */
    private static List<BoreItem> lined(List<BoreItem> items) {
        return items.stream().sorted(Comparator.comparing(BoreItem::fromMm)).toList();
    }

    private static BoreItem.Seal nearest(Section section, ShaftItem.WearGroove groove) {
        double middle = (groove.fromMm() + groove.toMm()) / 2;
        return section.seals().stream()
                .min(Comparator.comparingDouble(s -> Math.abs(s.lipMm() - middle)))
                .orElseThrow();
    }

    /** The seal that it is seen from. */
    BoreItem.Seal seal() {
        return section.seal(among.id());
    }

    /** What lies inward of it: of one that stands for a whole entry, inward of all of them. */
    Space inside() {
        return among.isAlone() ? section.inside() : section.beside(seal(), Side.IN);
    }

    Space outside() {
        return among.isAlone() ? section.outside() : section.beside(seal(), Side.OUT);
    }

    /** Whether its main lip is what keeps the dirt out: others behind it keep the medium (guide, D6 judges it). */
    boolean isItsOwnExcluder() {
        return !among.isAlone() && seal().mainLip() == Side.OUT;
    }

    /** Whether nothing stands between it and what is in the machine. */
    boolean facesTheMachine() {
        return seal().id().equals(section.seal().id());
    }

    /** Whether nothing stands between it and what is outside. */
    boolean facesOutside() {
        return seal().id().equals(section.seals().get(0).id());
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
        return at(fromMm, left, false);
    }

    /** The same with the seal where the rules aim, in place of where the old one stood. */
    AssumedSection aimedAt(double fromMm) {
        return at(fromMm, assumed, true);
    }

    private AssumedSection at(double fromMm, Set<Assumed> left, boolean byFound) {
        return new AssumedSection(
                among.isAlone() ? section.withSealAt(fromMm, section.depthU()) : section.withSealAt(among.id(), fromMm),
                among,
                found,
                byFound,
                grooves,
                left,
                asLastTime,
                errors);
    }

    /** The same with the old track worked off or covered. */
    AssumedSection withoutGroove() {
        Section left = section;
        for (ShaftItem.WearGroove groove : grooves) {
            left = left.without(groove);
        }
        return new AssumedSection(left, among, found, goesByFound, List.of(), assumed, asLastTime, errors);
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
        return SpaceBuilder.builder()
                .medium(read.get(LipSealFields.OUTSIDE_MEDIUM, Medium.AIR))
                .fluid(listed(read.get(LipSealFields.OUTSIDE_FLUID)))
                .dirt(read.get(LipSealFields.DIRT, position.dirt()))
                .pressureMpa(read.get(LipSealFields.PRESSURE_OUT))
                .build();
    }

    private static Space inside(Position position, ReadFields read) {
        return SpaceBuilder.builder()
                .medium(read.get(LipSealFields.MEDIUM, position.medium()))
                .fluid(listed(read.get(LipSealFields.FLUID)))
                .pressureMpa(read.get(LipSealFields.PRESSURE))
                .build();
    }

    /** A section names fluids of the table; the workshop's own are judged by the choice of the seal. */
    private static @Nullable String listed(@Nullable String fluid) {
        return fluid != null && Fluid.isListed(fluid) ? fluid : null;
    }

    private static boolean isGround(ReadFields read) {
        Double from = read.get(LipSealFields.GROUND_FROM);
        Double to = read.get(LipSealFields.GROUND_TO);
        return from != null && to != null && to > from;
    }

    private static List<ShaftItem> shaftItems(
            ReadFields read, LipSealFacts.Found found, double width, boolean ground, Set<Assumed> assumed) {
        List<ShaftItem> out = new ArrayList<>();
        if (ground) {
            out.add(new ShaftItem.RunningSurface(
                    read.get(LipSealFields.GROUND_FROM),
                    read.get(LipSealFields.GROUND_TO),
                    null,
                    read.get(LipSealFields.MOUNT) == Mount.SHAFT ? ShaftItem.On.HOUSING : null));
        }
        oldTrack(read, found, width).ifPresent(groove -> {
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
    static @Nullable Double oldLipMm(LipSealFacts.Found found, double width) {
        return found.placeMm() == null || found.faced() == null
                ? null
                : Double.valueOf(BoreItem.Seal.pressed("old", found.placeMm(), width, width, found.faced())
                        .lipMm());
    }

    private static Optional<ShaftItem.WearGroove> oldTrack(ReadFields read, LipSealFacts.Found found, double width) {
        Double lip = oldLipMm(found, width);
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
