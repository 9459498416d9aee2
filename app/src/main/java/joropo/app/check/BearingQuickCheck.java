package joropo.app.check;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.tags.Tag;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.stream.Stream;
import joropo.app.settings.Shop;
import joropo.app.settings.ShopGauge;
import joropo.app.ui.Field;
import joropo.app.ui.Figure;
import joropo.app.ui.Show;
import joropo.core.bearing.BearingCheck;
import joropo.core.bearing.BearingInput;
import joropo.core.bearing.BearingResult;
import joropo.core.bearing.BearingSign;
import joropo.core.bearing.Duty;
import joropo.core.bearing.Force;
import joropo.core.bearing.Ring;
import joropo.core.bearing.Soap;
import joropo.core.units.Length;
import org.springframework.core.annotation.Order;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** A bearing on the way to a seal: which ring takes the force, its seat, its home, and whether it goes back. */
@RestController
@Order(114)
@Tag(name = "checks")
class BearingQuickCheck implements QuickCheck {
    private static final String PATH = "/api/v1/checks/bearing";
    private static final String NOTHING = "NOTHING";
    private static final List<Field.Choice> SIGNS = Stream.concat(
                    Stream.of(new Field.Choice(NOTHING, "nothing")),
                    Field.choices(BearingSign.values(), BearingSign::words).stream())
            .toList();
    private static final QuickForm FORM = QuickForm.of(
                    "bearing",
                    "Bearing on the way",
                    "Which ring takes the force, whether seat and home hold, and whether it may go back.")
            .mind("Hardened rings splinter: eye protection, a soft drift, never a hammer on the ring itself.")
            .with(
                    "Bearing",
                    Field.size("boreMm", "its bore").need(),
                    Field.size("outsideMm", "its outside").need(),
                    Field.size("widthMm", "its width").need(),
                    Field.choice("turningRing", "which ring turns", Ring.class, Ring::words)
                            .need(),
                    Field.yesNo("loadTurns", "the load turns with it").hint("not known: it stands still"),
                    Field.choice("noRing", "a ring that it has not", Ring.class, Ring::words)
                            .hint("empty: it has both"),
                    Field.choice("forceOn", "the tool bears on", Force.class, Force::words),
                    Field.yesNo("sealed", "sealed or shielded"),
                    Field.choice("duty", "duty", Duty.class, Duty::words).need())
            .with(
                    "Looked at, turned dry and clean",
                    Field.choice("sign1", "seen on it", SIGNS),
                    Field.choice("sign2", "seen too", SIGNS),
                    Field.line("markingOld", "marking of the old one"),
                    Field.line("markingNew", "marking of the new one").hint("empty: the same goes back"),
                    Field.choice("greaseOld", "grease that is in it", Soap.class, Soap::words),
                    Field.choice("greaseNew", "grease that goes in", Soap.class, Soap::words))
            .folded(
                    "Seats and home",
                    Field.line("shaftClass", "shaft's class").hint("such as k5"),
                    Field.size("shaft1", "shaft, 12 to 6"),
                    Field.size("shaft2", "shaft, 3 to 9"),
                    Field.choice("shaftGauge", "gauge of the shaft", CheckChoices.GAUGES)
                            .with(Field.Own.GAUGES),
                    Field.line("boreClass", "bore's class").hint("such as H7"),
                    Field.size("bore1", "bore, 12 to 6"),
                    Field.size("bore2", "bore, 3 to 9"),
                    Field.choice("boreGauge", "gauge of the bore", CheckChoices.GAUGES)
                            .with(Field.Own.GAUGES),
                    Field.temperature("partTemperatureC", "of the parts"),
                    Field.place("homeDepthMm", "depth when it is home"),
                    Field.place("measuredDepthMm", "depth as read"),
                    Field.play("uncertaintyMm", "uncertainty of that depth, k = 2")
                            .hint("empty: a caliper's depth rod"));

    private final Show show;

    BearingQuickCheck(Show show) {
        this.show = show;
    }

    @Override
    public QuickForm form() {
        return FORM;
    }

    @PostMapping(PATH)
    @Operation(summary = "A bearing on the way to a seal: force, seat, home, inspection, marking, grease")
    CheckAnswer<BearingResult> check(@RequestBody BearingInput input) {
        BearingResult result = BearingCheck.check(input);
        return CheckAnswer.of(kind(), result, result.findings());
    }

    @Override
    public QuickResult run(Map<String, Object> values, Shop shop) {
        Object temperature = values.remove("partTemperatureC");
        seat(values, "shaft", "boreMm", temperature, shop);
        seat(values, "bore", "outsideMm", temperature, shop);
        List<Object> seen = Stream.of("sign1", "sign2")
                .map(values::remove)
                .filter(Objects::nonNull)
                .toList();
        if (!seen.isEmpty()) {
            values.put(
                    "signs",
                    seen.stream().filter(s -> !NOTHING.equals(s)).distinct().toList());
        }
        BearingResult r = BearingCheck.check(CheckInput.of(values, BearingInput.class));
        List<Figure> figures = new ArrayList<>(List.of(
                new Figure("tight", r.tightRing().words(), "", null),
                new Figure("one shot of grease", Length.show(r.greaseShotG(), 1), "g", null)));
        if (r.interferenceMinMm() != null && r.interferenceMaxMm() != null) {
            figures.add(new Figure(
                    "interference",
                    Length.show(r.interferenceMinMm(), 3) + " to " + Length.show(r.interferenceMaxMm(), 3),
                    "mm",
                    null));
        }
        return QuickResult.of(show, r.findings(), figures);
    }

    /** The readings of one seat as the input wants them. */
    private static void seat(Map<String, Object> values, String part, String nominal, Object temperature, Shop shop) {
        List<Object> read = Stream.of(part + "1", part + "2")
                .map(values::remove)
                .filter(Objects::nonNull)
                .toList();
        Object limits = values.remove(part + "Class");
        ShopGauge gauge = shop.gauge((String) values.remove(part + "Gauge"));
        if (read.isEmpty()) {
            return;
        }
        Map<String, Object> seat = new HashMap<>();
        seat.put("part", part.toUpperCase());
        seat.put("nominalMm", values.get(nominal));
        seat.put("toleranceClass", limits);
        seat.put("gauge", gauge == null ? null : gauge.kind().name());
        seat.put("uncertaintyMm", gauge == null ? null : gauge.certificateMm());
        seat.put("partTemperatureC", temperature);
        seat.put("planes", List.of(Map.of("readingsMm", read)));
        values.put(part + "Fit", seat);
    }
}
