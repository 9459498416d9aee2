package joropo.app.job;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.stream.Stream;
import joropo.app.family.Card;
import joropo.app.family.Card.Shape;
import joropo.app.family.CommonFields;
import joropo.app.family.JobFinding;
import joropo.app.family.ReadFields;
import joropo.app.family.Stage;
import joropo.app.family.Typed;
import joropo.app.settings.ShopGauge;
import joropo.app.ui.Field;
import joropo.core.arrangement.PartKind;
import joropo.core.bearing.BearingCheck;
import joropo.core.bearing.BearingInput;
import joropo.core.bearing.BearingInputBuilder;
import joropo.core.bearing.BearingSign;
import joropo.core.bearing.Duty;
import joropo.core.bearing.Force;
import joropo.core.bearing.Ring;
import joropo.core.bearing.Soap;
import joropo.core.fits.DiameterInput;
import joropo.core.fits.DiameterInputBuilder;
import joropo.core.readings.DiameterReadings;
import joropo.core.readings.Gauge;
import joropo.core.units.RefusedInput;
import joropo.core.verdict.Finding;
import org.jspecify.annotations.Nullable;

/** A bearing that came off on the way to the seal: its cards as found, inspected and as fitted, and what follows. */
final class BearingCards {
    private static final String NOTHING = "NOTHING";
    private static final List<Field.Choice> SIGNS = Stream.concat(
                    Stream.of(new Field.Choice(NOTHING, "nothing")),
                    Field.choices(BearingSign.values(), BearingSign::words).stream())
            .toList();

    static final Field<Ring> TURNING = Field.choice("turningRing", "which ring turns", Ring.class, Ring::words)
            .stays();
    static final Field<Boolean> LOAD_TURNS = Field.yesNo("loadTurns", "the load turns with it")
            .hint("not known: it stands still")
            .stays();
    static final Field<Ring> NO_RING = Field.choice("noRing", "a ring that it has not", Ring.class, Ring::words)
            .hint("empty: it has both")
            .stays();
    static final Field<Boolean> SEALED =
            Field.yesNo("sealed", "sealed or shielded").stays();
    static final Field<Double> BORE = Field.size("bearingBore", "its bore").stays();
    static final Field<Double> OUTSIDE =
            Field.size("bearingOutside", "its outside").stays();
    static final Field<Double> WIDTH = Field.size("bearingWidth", "its width")
            .hint("empty: as noted when it came off")
            .stays();
    static final Field<Duty> DUTY =
            Field.choice("bearingDuty", "duty", Duty.class, Duty::words).stays();
    static final Field<String> SIGN_1 = Field.choice("sign1", "seen on it, washed and turned dry", SIGNS);
    static final Field<String> SIGN_2 = Field.choice("sign2", "seen too", SIGNS);
    static final Field<Soap> GREASE_OLD = Field.choice("greaseOld", "grease that is in it", Soap.class, Soap::words);
    static final Field<String> SHAFT_CLASS =
            Field.line("seatShaftClass", "its shaft's class").hint("such as k5").stays();
    static final Field<Double> SHAFT_1 = Field.size("seatShaft1", "its shaft, 12 to 6");
    static final Field<Double> SHAFT_2 = Field.size("seatShaft2", "its shaft, 3 to 9");
    static final Field<String> BORE_CLASS =
            Field.line("seatBoreClass", "its bore's class").hint("such as H7").stays();
    static final Field<Double> BORE_1 = Field.size("seatBore1", "its bore in the housing, 12 to 6");
    static final Field<Double> BORE_2 = Field.size("seatBore2", "its bore in the housing, 3 to 9");
    static final Field<Force> FORCE = Field.choice("forceOn", "the tool bears on", Force.class, Force::words);
    static final Field<Double> MEASURED =
            Field.place("bearingDepth", "its outer face, read").hint("home is where it stood");
    static final Field<String> MARKING_NEW =
            Field.line("markingNew", "marking of a new one").hint("empty: the same goes back");
    static final Field<Soap> GREASE_NEW = Field.choice("greaseNew", "grease that goes in", Soap.class, Soap::words);

    private static final Map<Stage, Card> CARDS = Map.of(
            Stage.STRIP,
            Card.of("bearing", "as found", Shape.LIST, TURNING, LOAD_TURNS, NO_RING, SEALED)
                    .fold(),
            Stage.MEASURE,
            Card.of(
                            "bearing",
                            "inspected",
                            Shape.LIST,
                            BORE,
                            OUTSIDE,
                            WIDTH,
                            DUTY,
                            SIGN_1,
                            SIGN_2,
                            GREASE_OLD,
                            SHAFT_CLASS,
                            SHAFT_1,
                            SHAFT_2,
                            BORE_CLASS,
                            BORE_1,
                            BORE_2)
                    .fold(),
            Stage.FIT,
            Card.of("bearing", "as fitted", Shape.LIST, FORCE, MEASURED, MARKING_NEW, GREASE_NEW)
                    .fold());

    private BearingCards() {}

    /** Those of a log that have cards. */
    static List<StripPart> of(List<StripPart> log) {
        return log.stream().filter(p -> p.kind() == PartKind.BEARING).toList();
    }

    /**
     * Last time's texts under this time's names: a bearing is told by its name, its number in the log is another.
     *
     * @param before what came off then, @param now what came off
     */
    static Map<String, Typed> renumbered(Map<String, Typed> last, List<StripPart> before, List<StripPart> now) {
        Map<String, Typed> out = new HashMap<>(last);
        out.keySet().removeIf(f -> of(before).stream().anyMatch(b -> f.startsWith(prefix(b))));
        for (StripPart bearing : of(now)) {
            of(before).stream()
                    .filter(b -> b.name().equals(bearing.name()))
                    .map(BearingCards::prefix)
                    .forEach(old -> last.forEach((field, text) -> {
                        if (field.startsWith(old)) {
                            out.put(prefix(bearing) + field.substring(old.length()), text);
                        }
                    }));
        }
        return out;
    }

    private static String prefix(StripPart bearing) {
        return "b" + bearing.number() + "-";
    }

    static List<Card> cards(Stage stage, List<StripPart> bearings) {
        Card card = CARDS.get(stage);
        return card == null
                ? List.of()
                : bearings.stream()
                        .map(b -> card.under(prefix(b)).titled(capital(b.name()) + " " + card.title()))
                        .toList();
    }

    private static String capital(String name) {
        return name.substring(0, 1).toUpperCase() + name.substring(1);
    }

    /**
     * What follows for one of them.
     *
     * @param errors where a refusal is said, by name of the field on the sheet
     */
    static List<JobFinding> findings(StripPart bearing, ReadFields all, Map<String, String> errors) {
        ReadFields read = all.under(prefix(bearing), prefix(bearing));
        boolean renewed = bearing.back() == StripPart.Back.RENEWED;
        List<JobFinding> out = new ArrayList<>();
        BearingInput in;
        try {
            in = input(bearing, read);
        } catch (RefusedInput e) {
            errors.put(
                    prefix(bearing) + fieldOf(e.errors().get(0).field()),
                    e.errors().get(0).message());
            return List.of();
        }
        if (in == null) {
            List<String> wanted = wanted(bearing, read).map(Field::label).toList();
            boolean asFound = read.get(TURNING) == null;
            return List.of(
                    new JobFinding(asFound ? Stage.STRIP : Stage.MEASURE, named(BearingCheck.unread(wanted), bearing)));
        }
        for (Finding f : BearingCheck.check(in).findings()) {
            boolean ofTheOld = f.id().equals("look") || f.id().equals("reuse");
            if (!renewed || !ofTheOld) {
                out.add(new JobFinding(stage(f.id()), named(f, bearing)));
            }
        }
        return out;
    }

    private static Finding named(Finding f, StripPart bearing) {
        return f.ofItem(prefix(bearing), bearing.name());
    }

    private static Stage stage(String rule) {
        return switch (rule) {
            case "look", "seat", "feed" -> Stage.MEASURE;
            default -> Stage.FIT;
        };
    }

    /** The field at which a refused input is said. */
    private static String fieldOf(String input) {
        return switch (input) {
            case "outsideMm" -> OUTSIDE.name();
            case "widthMm" -> WIDTH.name();
            case "forceOn" -> FORCE.name();
            case "shaftFit" -> SHAFT_1.name();
            case "boreFit" -> BORE_1.name();
            case "toleranceClass" -> SHAFT_CLASS.name();
            default -> BORE.name();
        };
    }

    /** What every check of it needs and nobody has said, as found first. */
    private static Stream<Field<?>> wanted(StripPart bearing, ReadFields read) {
        return Stream.<Field<?>>of(TURNING, BORE, OUTSIDE, WIDTH, DUTY)
                .filter(f -> read.get(f) == null)
                .filter(f -> f != WIDTH || bearing.removed().thicknessMm() == null);
    }

    /** Absent while what every check of a bearing needs is not known. */
    private static @Nullable BearingInput input(StripPart bearing, ReadFields read) {
        Double bore = read.get(BORE);
        Double outside = read.get(OUTSIDE);
        Double width =
                read.get(WIDTH) != null ? read.get(WIDTH) : bearing.removed().thicknessMm();
        Ring turning = read.get(TURNING);
        Duty duty = read.get(DUTY);
        if (wanted(bearing, read).findAny().isPresent()) {
            return null;
        }
        List<String> seen = Stream.of(read.get(SIGN_1), read.get(SIGN_2))
                .filter(Objects::nonNull)
                .toList();
        ShopGauge depths = read.gauge(CommonFields.FIT_GAUGE);
        Double measured = read.get(MEASURED);
        return BearingInputBuilder.builder()
                .boreMm(bore)
                .outsideMm(outside)
                .widthMm(width)
                .turningRing(turning)
                .loadTurns(read.get(LOAD_TURNS))
                .noRing(read.get(NO_RING))
                .forceOn(read.get(FORCE))
                .sealed(read.get(SEALED))
                .shaftFit(seat(DiameterInput.Part.SHAFT, bore, read.get(SHAFT_CLASS), read, List.of(SHAFT_1, SHAFT_2)))
                .boreFit(seat(DiameterInput.Part.BORE, outside, read.get(BORE_CLASS), read, List.of(BORE_1, BORE_2)))
                .homeDepthMm(bearing.removed().placeMm())
                .measuredDepthMm(measured)
                .uncertaintyMm(
                        depths == null || measured == null
                                ? null
                                : Double.valueOf(depths.uncertaintyMm(Math.max(1, Math.abs(measured)))))
                .signs(
                        seen.isEmpty()
                                ? null
                                : seen.stream()
                                        .filter(s -> !s.equals(NOTHING))
                                        .map(BearingSign::valueOf)
                                        .distinct()
                                        .toList())
                .duty(duty)
                .markingOld(blank(bearing.text(StripPart.MARKING)))
                .markingNew(read.get(MARKING_NEW))
                .greaseOld(read.get(GREASE_OLD))
                .greaseNew(read.get(GREASE_NEW))
                .build();
    }

    private static @Nullable String blank(String text) {
        return text.isBlank() ? null : text;
    }

    /** A seat as read; absent until class and one reading at least are there. */
    private static @Nullable DiameterInput seat(
            DiameterInput.Part part,
            double nominalMm,
            @Nullable String limits,
            ReadFields read,
            List<Field<Double>> fields) {
        List<Double> mm =
                fields.stream().map(read::get).filter(Objects::nonNull).toList();
        if (limits == null || mm.isEmpty()) {
            return null;
        }
        ShopGauge gauge =
                read.gauge(part == DiameterInput.Part.SHAFT ? CommonFields.SHAFT_GAUGE : CommonFields.BORE_GAUGE);
        return DiameterInputBuilder.builder()
                .part(part)
                .nominalMm(nominalMm)
                .toleranceClass(limits)
                .gauge(gauge == null ? null : Gauge.valueOf(gauge.kind().name()))
                .uncertaintyMm(gauge == null ? null : gauge.certificateMm())
                .partTemperatureC(read.get(CommonFields.PART_C))
                .gaugeTemperatureC(read.get(CommonFields.GAUGE_C))
                .planes(List.of(new DiameterReadings.Plane(null, mm)))
                .build();
    }
}
