package joropo.app.check;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.tags.Tag;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import joropo.app.drawing.Dial;
import joropo.app.settings.Shop;
import joropo.app.ui.Field;
import joropo.app.ui.Figure;
import joropo.app.ui.Show;
import joropo.core.readings.SeatSquarenessCheck;
import joropo.core.readings.SeatSquarenessInput;
import joropo.core.readings.SeatSquarenessResult;
import joropo.core.units.Length;
import joropo.core.verdict.Finding;
import joropo.core.verdict.Status;
import org.springframework.core.annotation.Order;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** How far a fitted seal is out of square. */
@RestController
@Order(108)
@Tag(name = "checks")
class SeatSquarenessQuickCheck implements QuickCheck {
    private static final double DEGREES_AN_HOUR = 30;

    private static final String PATH = "/api/v1/checks/seat-squareness";
    private static final QuickForm FORM = QuickForm.of(
                    "seat-squareness", "Seat squareness", "How far a fitted seal is out of square, and where to tap.")
            .with(
                    "Depths",
                    Field.size("outsideDiameterMm", "outside of the seal").need(),
                    Field.size("gaugeCircleMm", "gauge circle").need(),
                    Field.place("depth12", "at 12"),
                    Field.place("depth3", "at 3"),
                    Field.place("depth6", "at 6"),
                    Field.place("depth9", "at 9"),
                    Field.play("uncertaintyMm", "uncertainty of a reading, k = 2"))
            .into("gaugeCircleMm:gaugeCircle", "depth12", "depth3", "depth6", "depth9");

    private final Show show;

    SeatSquarenessQuickCheck(Show show) {
        this.show = show;
    }

    @Override
    public QuickForm form() {
        return FORM;
    }

    @PostMapping(PATH)
    @Operation(summary = "Tilt of a fitted seal from depths round the circumference, and where to tap")
    CheckAnswer<SeatSquarenessResult> check(@RequestBody SeatSquarenessInput input) {
        SeatSquarenessResult result = SeatSquarenessCheck.check(input);
        return CheckAnswer.of(kind(), result, result.findings());
    }

    @Override
    public QuickResult run(Map<String, Object> values, Shop shop) {
        SeatSquarenessInput in = input(values);
        SeatSquarenessResult r = SeatSquarenessCheck.check(in);
        List<Figure> out = new ArrayList<>(
                List.of(QuickResult.mm("mean", r.meanMm(), 2), QuickResult.mm("tilt over the outside", r.tiltMm(), 3)));
        if (r.tapAtClock() != null) {
            out.add(new Figure("tap at", Length.show(r.tapAtClock(), 1), "o'clock", null));
        }
        return QuickResult.of(show, r.findings(), out)
                .drawn(Dial.svg(
                        in.readings().stream()
                                .map(d -> new Dial.Reading(d.clock() * DEGREES_AN_HOUR, d.depthMm()))
                                .toList(),
                        Finding.worst(r.findings()) == Status.PASS ? null : r.proudAngleDeg(),
                        "Depth round the circumference; touch a place to read it again",
                        "c-"));
    }

    private static SeatSquarenessInput input(Map<String, Object> v) {
        List<Map<String, Object>> readings = new ArrayList<>();
        for (int clock : new int[] {12, 3, 6, 9}) {
            Object depth = v.remove("depth" + clock);
            if (depth != null) {
                readings.add(Map.of("clock", (double) clock, "depthMm", depth));
            }
        }
        v.put("readings", readings);
        return CheckInput.of(v, SeatSquarenessInput.class);
    }
}
