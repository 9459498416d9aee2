package joropo.app.family.lipseal;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.tags.Tag;
import java.util.Map;
import joropo.app.check.CheckAnswer;
import joropo.app.check.CheckInput;
import joropo.app.check.QuickCheck;
import joropo.app.check.QuickForm;
import joropo.app.check.QuickResult;
import joropo.app.drawing.LineDrawing;
import joropo.app.settings.Shop;
import joropo.app.ui.Field;
import joropo.app.ui.Show;
import joropo.core.lipseal.DriverCheck;
import joropo.core.lipseal.DriverInput;
import joropo.core.lipseal.DriverResult;
import joropo.core.units.Length;
import org.springframework.core.annotation.Order;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** What a seal is driven in with. */
@RestController
@Order(90)
@Tag(name = "checks")
class DriverQuickCheck implements QuickCheck {
    private static final String PATH = "/api/v1/checks/driver";
    private static final QuickForm FORM = QuickForm.of(
                    "driver", "Driver", "What a seal is driven in with, as a drawing for the lathe.")
            .mind("Hands clear of the driver; eye protection under the hammer.")
            .with(
                    "Seal and place",
                    Field.size("shaftMm", "shaft").need(),
                    Field.size("boreMm", "bore").need(),
                    Field.size("outsideDiameterMm", "outside of the seal").need(),
                    Field.choice(
                                    "pressSide",
                                    "tool meets",
                                    Field.pairs("CLOSED", "the closed side", "OPEN", "the open side"))
                            .hint("empty: the closed side"),
                    Field.choice("mount", "its case grips", Field.pairs("BORE", "the bore", "SHAFT", "the shaft"))
                            .hint("empty: the bore"),
                    Field.play("sunkMm", "stands below the face by"),
                    Field.play("proudMm", "stands proud by"),
                    Field.yesNo("flush", "flush with the face"),
                    Field.yesNo("shaftInPlace", "shaft's end is there while it is driven"),
                    Field.play("standsOutMm", "stands out of the face: shaft, dowels, studs"))
            .into("sunkMm:plannedDepth", "shaftInPlace", "standsOutMm:standsOut", "mount");

    private final Show show;

    DriverQuickCheck(Show show) {
        this.show = show;
    }

    @Override
    public QuickForm form() {
        return FORM;
    }

    @PostMapping(PATH)
    @Operation(summary = "Dimensions of the driver for a lip seal, and the one to take from the own set")
    CheckAnswer<DriverResult> check(@RequestBody DriverInput input) {
        DriverResult result = DriverCheck.check(input);
        return CheckAnswer.of(kind(), result, result.findings());
    }

    @Override
    public QuickResult run(Map<String, Object> values, Shop shop) {
        values.put("availableMm", shop.driversFor(null));
        DriverInput in = CheckInput.of(values, DriverInput.class);
        DriverResult r = DriverCheck.check(in);
        LineDrawing drawing =
                DriverSheet.of(r, "Driver for a seal of outside " + Length.show(in.outsideDiameterMm(), 2));
        return QuickResult.of(show, r.findings(), DriverFigures.of(r))
                .drawn(drawing.svg("d-", "Driver, cut along its axis"), drawing);
    }
}
