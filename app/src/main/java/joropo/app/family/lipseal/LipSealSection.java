package joropo.app.family.lipseal;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Function;
import joropo.app.family.WorkSection;
import joropo.app.ui.Field;
import joropo.core.lipseal.Layout;
import joropo.core.plan.StripLog;
import joropo.core.section.BoreItem;
import joropo.core.section.GreaseFeed;
import joropo.core.section.Mount;
import joropo.core.section.Section;
import joropo.core.section.Space;
import joropo.core.shaft.Side;
import joropo.core.units.Length;
import org.jspecify.annotations.Nullable;

/** The section of a lip seal's job between its sheets and the bench. */
final class LipSealSection implements WorkSection {
    /** What the seal runs in, by the fields that ask for it. */
    private static final Map<Field<?>, Function<Section, String>> DUTY = Map.of(
            LipSealFields.MEDIUM, s -> medium(s.inside()),
            LipSealFields.FLUID, s -> words(s.inside().fluid()),
            LipSealFields.PRESSURE, s -> pressure(s.inside()),
            LipSealFields.OUTSIDE_MEDIUM, s -> medium(s.outside()),
            LipSealFields.OUTSIDE_FLUID, s -> words(s.outside().fluid()),
            LipSealFields.PRESSURE_OUT, s -> pressure(s.outside()),
            LipSealFields.DIRT, s -> name(s.outside().dirt()),
            LipSealFields.ROTATION, s -> name(s.rotation()),
            LipSealFields.SPEED, s -> s.speedRpm() == null ? "" : plain(s.speedRpm()),
            LipSealFields.ENTERS_FROM, s -> name(s.shaftEntersFrom()));

    private static final Map<Field<?>, Function<BoreItem.Seal, String>> SEAL = Map.of(
            LipSealFields.MAIN_LIP, s -> name(s.mainLip()),
            LipSealFields.PLANNED_DEPTH, s -> plain(s.fromMm()),
            LipSealFields.CASE_TYPE, s -> name(s.caseType()),
            LipSealFields.MOUNT, s -> s.mount() == Mount.BORE ? "" : name(s.mount()),
            LipSealFields.PROUD, s -> s.mayStandProudMm() == null ? "" : plain(s.mayStandProudMm()));

    private static final Map<Field<?>, Function<Space, String>> BETWEEN = Map.of(
            LipSealFields.BETWEEN_MEDIUM, LipSealSection::medium,
            LipSealFields.BETWEEN_FLUID, s -> words(s.fluid()),
            LipSealFields.BETWEEN_LEVEL, s -> s.nobodySaid() ? "" : name(s.level()),
            LipSealFields.BETWEEN_FEED, s -> s.greaseFeed() == GreaseFeed.NONE ? "" : name(s.greaseFeed()));

    private final LipSealWork work;

    LipSealSection(LipSealWork work) {
        this.work = work;
    }

    @Override
    public String seal() {
        return work.typed().among().id();
    }

    @Override
    public Section typed() {
        return work.typed().section();
    }

    @Override
    public Section arranged() {
        return work.asArranged().section();
    }

    @Override
    public Section planned() {
        return work.entry().section();
    }

    @Override
    public Section fitted() {
        return work.left();
    }

    @Override
    public Section found() {
        return work.foundSection();
    }

    @Override
    public boolean isFound() {
        return !StripLog.seals(work.log()).isEmpty() || work.known().isRead();
    }

    /** Its place and the way it faced; its size where all three of it were read and none is decided. */
    @Override
    public Map<String, String> foundTexts() {
        LipSealFacts.Found old = work.known().found(work.alike().index());
        Double shaft = work.measured().shaft().nominalMm();
        Double bore = work.measured().bore().nominalMm();
        Map<String, String> out = new LinkedHashMap<>();
        if (old.placeMm() != null) {
            out.put(LipSealFields.PLANNED_DEPTH.name(), plain(old.placeMm()));
        }
        if (old.faced() != null) {
            out.put(LipSealFields.MAIN_LIP.name(), old.faced().name());
        }
        if (shaft != null
                && bore != null
                && old.widthMm() != null
                && work.read().get(LipSealFields.SIZE) == null) {
            out.put(LipSealFields.SIZE.name(), plain(shaft) + "x" + plain(bore) + "x" + plain(old.widthMm()));
        }
        return out;
    }

    @Override
    public Map<String, String> asTexts(Section before, Section wanted, boolean all) {
        String id = seal();
        Map<String, String> out = new LinkedHashMap<>();
        DUTY.forEach((field, of) -> say(out, field, of.apply(before), of.apply(wanted)));
        Optional<BoreItem.Seal> is = seal(wanted, id);
        Optional<BoreItem.Seal> was = all ? Optional.<BoreItem.Seal>empty() : seal(before, id);
        is.ifPresent(seal -> {
            SEAL.forEach((field, of) -> say(out, field, was.map(of).orElse(""), of.apply(seal)));
            say(out, LipSealFields.SIZE, was.map(w -> size(before, w)).orElse(""), size(wanted, seal));
            say(out, LipSealFields.LAYOUT, was.map(w -> layout(before, w)).orElse(""), layout(wanted, seal));
            if (!wanted.seal().equals(seal)) {
                Space between = wanted.beside(seal, Side.IN);
                Space old = was.filter(w -> !before.seal().equals(w))
                        .map(w -> before.beside(w, Side.IN))
                        .orElseGet(Space::unsaid);
                BETWEEN.forEach((field, of) -> say(out, field, of.apply(old), of.apply(between)));
            }
        });
        return out;
    }

    private static Optional<BoreItem.Seal> seal(Section section, String id) {
        return section.seals().stream().filter(s -> s.id().equals(id)).findFirst();
    }

    private static void say(Map<String, String> out, Field<?> field, String was, String is) {
        if (!is.equals(was)) {
            out.put(field.name(), is);
        }
    }

    private String size(Section section, BoreItem.Seal seal) {
        double shaft = work.alike().isAlone() || seal.insideDiameterMm() == null
                ? Objects.requireNonNullElse(section.shaftDiameterMm(), 0.0)
                : seal.insideDiameterMm();
        return plain(shaft) + "x" + plain(seal.outsideDiameterMm()) + "x" + plain(seal.widthMm());
    }

    private String layout(Section section, BoreItem.Seal seal) {
        return (work.alike().isAlone() ? Layout.of(section) : Layout.of(seal)).name();
    }

    private static String medium(Space space) {
        return space.nobodySaid() ? "" : name(space.medium());
    }

    private static String pressure(Space space) {
        return space.pressureMpa() == null ? "" : Length.show(space.pressureMpa(), 4) + " MPa";
    }

    private static String words(@Nullable String text) {
        return Objects.requireNonNullElse(text, "");
    }

    private static String name(@Nullable Enum<?> one) {
        return one == null ? "" : one.name();
    }

    private static String plain(double mm) {
        int decimals = isOf(mm, 1) ? 0 : isOf(mm, 100) ? 2 : 3;
        return Length.show(mm, decimals);
    }

    private static boolean isOf(double mm, int parts) {
        return Math.abs(mm * parts - Math.rint(mm * parts)) < 1e-6;
    }
}
