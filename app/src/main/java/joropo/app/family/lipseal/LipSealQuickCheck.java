package joropo.app.family.lipseal;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.tags.Tag;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.stream.Stream;
import joropo.app.check.CheckAnswer;
import joropo.app.check.CheckChoices;
import joropo.app.check.CheckInput;
import joropo.app.check.QuickCheck;
import joropo.app.check.QuickForm;
import joropo.app.check.QuickResult;
import joropo.app.check.QuickResult.Entry;
import joropo.app.check.QuickResult.Listing;
import joropo.app.settings.Shop;
import joropo.app.ui.Field;
import joropo.app.ui.Figure;
import joropo.app.ui.Judged;
import joropo.app.ui.Show;
import joropo.core.lipseal.Layout;
import joropo.core.lipseal.LipSealCheck;
import joropo.core.lipseal.LipSealInput;
import joropo.core.lipseal.LipSealResult;
import joropo.core.lipseal.ShaftEnd;
import joropo.core.lipseal.Wetting;
import joropo.core.material.Dirt;
import joropo.core.material.Elastomer;
import joropo.core.material.Medium;
import joropo.core.section.CaseType;
import joropo.core.shaft.Rotation;
import joropo.core.sizes.SealSize;
import joropo.core.sizes.SealSystem;
import joropo.core.units.Length;
import joropo.core.units.LengthUnit;
import org.springframework.core.annotation.Order;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Which lip seal a place wants. */
@RestController
@Order(70)
@Tag(name = "checks")
class LipSealQuickCheck implements QuickCheck {
    private static final String PATH = "/api/v1/checks/lip-seal";
    private static final List<Field.Choice> LIPS = LipSealCheck.lipMaterials().stream()
            .map(m -> new Field.Choice(m, m + ", " + Elastomer.of(m).name()))
            .toList();
    private static final List<Field.Choice> SIDES = Field.pairs("OUT", "outside", "IN", "inside");
    private static final QuickForm FORM = QuickForm.of(
                    "lip-seal",
                    "Choosing a lip seal",
                    "Which layout, material and outside of the case stand this speed, heat, fluid and dirt.")
            .with(
                    "Place",
                    Field.size("shaftNominalMm", "shaft, nominal").need(),
                    Field.size("boreNominalMm", "bore, nominal").need(),
                    Field.size("widthMm", "width").need(),
                    Field.speed("speedRpm", "speed, rpm"),
                    Field.choice("housingMaterial", "housing of", CheckChoices.METALS),
                    Field.yesNo("splitHousing", "housing split"))
            .with(
                    "Duty",
                    Field.choice("insideMedium", "inside", Medium.class, Medium::words)
                            .need(),
                    Field.choice("insideFluid", "which, by name", CheckChoices.FLUIDS)
                            .with(Field.Own.FLUIDS)
                            .hint("empty: the worst it may be"),
                    Field.temperature("sumpTemperatureC", "sump temperature").need(),
                    Field.temperature("coldestC", "coldest start"),
                    Field.choice("wetting", "how the lip is wetted", Wetting.class, Wetting::words)
                            .need(),
                    Field.choice("dirt", "outside", Dirt.class, Dirt::words).need(),
                    Field.pressure("pressureInsideMpa", "pressure inside"),
                    Field.choice("rotation", "turns, seen from outside", Rotation.class, Rotation::words))
            .folded(
                    "Outside, swinging, run-out, track",
                    Field.choice("outsideMedium", "medium outside", Medium.class, Medium::words)
                            .hint("empty: air"),
                    Field.choice("outsideFluid", "which, by name", CheckChoices.FLUIDS)
                            .with(Field.Own.FLUIDS),
                    Field.pressure("pressureOutsideMpa", "pressure outside"),
                    Field.yesNo("corrosive", "salt or acid wash outside"),
                    Field.number("angleDeg", "swings: whole angle", "°", 0, 3600),
                    Field.number("perMinute", "swings: to and fro per minute", "", 0, 10_000),
                    Field.play("runoutTirMm", "run-out at the lip, TIR"),
                    Field.play("offsetMm", "offset of bore and shaft"),
                    Field.choice(
                            "heldOn",
                            "a stop holds it",
                            Field.pairs("IN", "inside", "OUT", "outside", "BOTH", "on both sides", "NONE", "nowhere")),
                    Field.number("raUm", "Ra on the track", "µm", 0, 100),
                    Field.number("hardnessHrc", "hardness", "HRC", 0, 80),
                    Field.choice("mainLip", "open side faces", SIDES),
                    Field.size("boreDepthMm", "depth of the seat"),
                    Field.choice("shaftEntersFrom", "shaft goes in from", SIDES),
                    Field.choice("shaftEnd", "shaft's end", ShaftEnd.class, ShaftEnd::words),
                    Field.yesNo("food", "food or drinking water"))
            .folded(
                    "What was decided, maker's values",
                    Field.choice("layout", "layout", Layout.class, Layout::words),
                    Field.choice("material", "material", LIPS).with(Field.Own.MATERIALS),
                    Field.choice("caseType", "outside of the case", CaseType.class, CaseType::words),
                    Field.number("makerSpeedMPerS", "maker: fastest", "m/s", 0, 200),
                    Field.temperature("makerLipLimitC", "maker: hottest lip"),
                    Field.pressure("makerPressureMpa", "maker: pressure"),
                    Field.play("makerRunoutMm", "maker: run-out, TIR"),
                    Field.size("sealOutsideMinMm", "seal's outside, least"),
                    Field.size("sealOutsideMaxMm", "seal's outside, most"),
                    Field.line("makerDocument", "document, edition, page"))
            .into(
                    "speedRpm:speed",
                    "housingMaterial:housing",
                    "splitHousing:split",
                    "insideMedium:medium",
                    "insideFluid:fluid",
                    "sumpTemperatureC:sump",
                    "coldestC:coldest",
                    "wetting",
                    "dirt",
                    "pressureInsideMpa:pressure",
                    "rotation",
                    "outsideMedium",
                    "pressureOutsideMpa:pressureOut",
                    "corrosive",
                    "angleDeg:swingAngle",
                    "perMinute:swingRate",
                    "runoutTirMm:runoutTir",
                    "offsetMm:offset",
                    "raUm:ra",
                    "hardnessHrc:hrc",
                    "layout",
                    "material",
                    "caseType",
                    "makerSpeedMPerS:makerSpeed",
                    "makerLipLimitC:makerLipLimit",
                    "makerPressureMpa:makerPressure",
                    "makerRunoutMm:makerRunout",
                    "sealOutsideMinMm:sealOutsideMin",
                    "sealOutsideMaxMm:sealOutsideMax",
                    "makerDocument");

    private final Show show;

    LipSealQuickCheck(Show show) {
        this.show = show;
    }

    @Override
    public QuickForm form() {
        return FORM;
    }

    @PostMapping(PATH)
    @Operation(
            summary = "Which lip seal a place wants: operating point, candidates ranked, others struck out with their "
                    + "reason")
    CheckAnswer<LipSealResult> check(@RequestBody LipSealInput input) {
        LipSealResult result = LipSealCheck.check(input);
        return CheckAnswer.of(kind(), result, result.findings());
    }

    @Override
    public QuickResult run(Map<String, Object> values, Shop shop) {
        LipSealResult r = LipSealCheck.check(input(values, shop));
        List<Figure> figures = new ArrayList<>(List.of(
                new Figure("surface speed", Length.show(r.surfaceSpeedMPerS(), 2), "m/s", null),
                new Figure("at the lip", Length.show(r.lipTemperatureC(), 0), "°C", null),
                new Figure("own rise", Length.show(r.temperatureRiseK(), 1), "K", null),
                new Figure("heat of one lip", Length.show(r.frictionLossW(), 0), "W", null),
                new Figure("thrust", Length.show(r.thrustN(), 0), "N", null)));
        if (r.interferenceMinMm() != null && r.interferenceMaxMm() != null) {
            figures.add(new Figure(
                    "interference",
                    Length.show(r.interferenceMinMm(), 3) + " to " + Length.show(r.interferenceMaxMm(), 3),
                    "mm",
                    null));
        }
        if (r.hotInterferenceMinMm() != null) {
            figures.add(QuickResult.mm("hot, least", r.hotInterferenceMinMm(), 3));
        }
        List<Entry> all = r.candidates().stream()
                .map(c -> new Entry(
                        show.mark(c.verdict(), Judged.ARRANGEMENT),
                        c.rank() + " " + c.words(),
                        String.join("; ", c.reasons())))
                .toList();
        List<Entry> struck = StruckOutLine.of(r.struckOut()).stream()
                .map(s -> new Entry(null, s.reason(), s.seals()))
                .toList();
        return QuickResult.of(
                show,
                r.findings(),
                figures,
                new Listing(
                        "Recommended first, then what else may be taken",
                        false,
                        all.stream().limit(QuickResult.BEST).toList()),
                new Listing(
                        "More that may be taken",
                        true,
                        all.stream().skip(QuickResult.BEST).toList()),
                new Listing("Struck out, and why", !all.isEmpty(), struck));
    }

    private static LipSealInput input(Map<String, Object> v, Shop shop) {
        Object angle = v.remove("angleDeg");
        Object perMinute = v.remove("perMinute");
        if (angle != null || perMinute != null) {
            Map<String, Object> swing = new HashMap<>();
            swing.put("angleDeg", angle);
            swing.put("perMinute", perMinute);
            v.put("swing", swing);
        }
        var own = shop.seals((String) v.get("material"), (String) v.get("insideFluid"), (String) v.get("outsideFluid"));
        v.put("ownMaterials", own.ownMaterials());
        v.put("ownFluids", own.ownFluids());
        v.put("practice", shop.practice().name());
        return CheckInput.of(v, LipSealInput.class);
    }

    /** Shaft, bore and width together are a size. */
    @Override
    public Map<String, String> intoJob(Map<String, Object> values, Map<String, String> texts) {
        Map<String, String> out = new LinkedHashMap<>(QuickCheck.super.intoJob(values, texts));
        List<String> size = Stream.of("shaftNominalMm", "boreNominalMm", "widthMm")
                .map(values::get)
                .filter(Objects::nonNull)
                .map(mm -> Length.show((Double) mm, 3))
                .toList();
        if (size.size() == 3) {
            SealSize seal = SealSize.parse(String.join("x", size), LengthUnit.MM);
            out.put(LipSealFields.SIZE.name(), seal.words() + (seal.system() == SealSystem.METRIC ? " mm" : ""));
        }
        return out;
    }
}
