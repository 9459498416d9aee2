package joropo.app.check;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.tags.Tag;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import joropo.app.drawing.TurnDrawings;
import joropo.app.settings.Shop;
import joropo.app.ui.Field;
import joropo.app.ui.Show;
import joropo.core.assembly.CentringCheck;
import joropo.core.assembly.CentringInput;
import joropo.core.assembly.CentringResult;
import joropo.core.units.Length;
import org.springframework.core.annotation.Order;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** A ring that is centred on its shaft. */
@RestController
@Order(124)
@Tag(name = "checks")
class CentringQuickCheck implements QuickCheck {
    private static final String PATH = "/api/v1/checks/centring";
    private static final QuickForm FORM = QuickForm.of(
                    "centring", "Centring by gaps", "Where a ring stands about its shaft, and what each screw does.")
            .with(
                    "Gaps",
                    Field.line("readings", "gaps round the shaft").need().hint(Readings.HINT),
                    Field.play("limitMm", "greatest less least, at most").hint("empty: 0.05"),
                    Field.play("leastGapMm", "every gap at least"),
                    Field.play("uncertaintyMm", "uncertainty of a gap, k = 2").hint("empty: feelers'"))
            .with(
                    "Screws",
                    Field.number("screwCount", "setting screws, evenly, one at 12", "", 1, 24),
                    Field.choice(
                            "screwsIn", "they sit in", CentringInput.ScrewsIn.class, CentringInput.ScrewsIn::words),
                    Field.size("screwPitchMm", "pitch of their thread"));

    private final Show show;

    CentringQuickCheck(Show show) {
        this.show = show;
    }

    @Override
    public QuickForm form() {
        return FORM;
    }

    @PostMapping(PATH)
    @Operation(summary = "A ring about its shaft from gaps, and the move of each screw")
    CheckAnswer<CentringResult> check(@RequestBody CentringInput input) {
        CentringResult result = CentringCheck.check(input);
        return CheckAnswer.of(kind(), result, result.findings());
    }

    @Override
    public QuickResult run(Map<String, Object> values, Shop shop) {
        Readings.round(values, "readings", "gapMm");
        Readings.whole(values, "screwCount");
        if (values.remove("screwCount") instanceof Integer count) {
            values.put(
                    "screws",
                    IntStream.range(0, count)
                            .mapToObj(i -> Map.of("angleDeg", 360.0 * i / count))
                            .toList());
        }
        CentringInput in = CheckInput.of(values, CentringInput.class);
        CentringResult r = CentringCheck.check(in);
        List<QuickResult.Entry> moves = r.screwMoves().stream()
                .map(m -> new QuickResult.Entry(
                        null,
                        Length.show(m.angleDeg(), 0) + "°",
                        (m.moveMm() < 0 ? "out " : "in ") + Length.show(Math.abs(m.moveMm()), 3) + " mm"
                                + (m.turnDeg() == null
                                        ? ""
                                        : ", " + Length.show(Math.abs(m.turnDeg()), 0) + "° of a turn")))
                .toList();
        return QuickResult.of(
                        show,
                        r.findings(),
                        List.of(
                                QuickResult.mm("mean gap", r.meanMm(), 3),
                                QuickResult.mm("off by", r.offsetMm(), 3),
                                QuickResult.mm("greatest less least", r.spreadMm(), 3)),
                        new QuickResult.Listing("each screw", false, moves))
                .drawn(TurnDrawings.centring(in, r, "t-"));
    }
}
