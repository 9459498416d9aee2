package joropo.app.check;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.tags.Tag;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import joropo.app.settings.Shop;
import joropo.app.ui.Field;
import joropo.app.ui.Figure;
import joropo.app.ui.Show;
import joropo.core.assembly.EndPlayCheck;
import joropo.core.assembly.EndPlayInput;
import joropo.core.assembly.EndPlayResult;
import joropo.core.assembly.ShimPack;
import joropo.core.units.LengthUnit;
import joropo.core.units.RefusedInput;
import org.springframework.core.annotation.Order;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Axial play against its limits, and what the shim pack has to do with it. */
@RestController
@Order(112)
@Tag(name = "checks")
class EndPlayQuickCheck implements QuickCheck {
    private static final String PATH = "/api/v1/checks/end-play";
    private static final QuickForm FORM = QuickForm.of(
                    "end-play",
                    "Axial play and shims",
                    "Whether the play of a shaft lies in its limits, and what its shim pack has to become.")
            .with(
                    "Play",
                    Field.play("measuredMm", "axial play, total").need(),
                    Field.play("lowMm", "maker's minimum").need(),
                    Field.play("highMm", "maker's maximum").need(),
                    Field.yesNo("bearingsRenewed", "new bearings, or a new shaft, went in")
                            .need(),
                    Field.line("packMm", "shims of the pack, each").hint("such as 0.5 0.2 2x0.1"),
                    Field.yesNo("shimOpens", "a thicker pack gives more play"),
                    Field.play("uncertaintyMm", "uncertainty of a reading, k = 2")
                            .hint("empty: a dial indicator's"))
            .into("measuredMm:playBefore", "lowMm:endPlayLow", "highMm:endPlayHigh", "bearingsRenewed", "shimOpens");

    private final Show show;

    EndPlayQuickCheck(Show show) {
        this.show = show;
    }

    @Override
    public QuickForm form() {
        return FORM;
    }

    @PostMapping(PATH)
    @Operation(summary = "Axial play of a shaft against the maker's limits, and the change of its shim pack")
    CheckAnswer<EndPlayResult> check(@RequestBody EndPlayInput input) {
        EndPlayResult result = EndPlayCheck.check(input);
        return CheckAnswer.of(kind(), result, result.findings());
    }

    @Override
    public QuickResult run(Map<String, Object> values, Shop shop) {
        if (values.get("packMm") instanceof String pack) {
            try {
                values.put("packMm", ShimPack.parse(pack, LengthUnit.MM).shimsMm());
            } catch (RefusedInput e) {
                throw new RefusedInput("packMm", e.errors().get(0).message());
            }
        }
        EndPlayResult r = EndPlayCheck.check(CheckInput.of(values, EndPlayInput.class));
        List<Figure> figures = new ArrayList<>();
        if (r.changeMm() != null) {
            figures.add(QuickResult.mm("pack changes by", r.changeMm(), 2));
        }
        if (r.newPackMm() != null) {
            figures.add(QuickResult.mm("pack in all", r.newPackMm(), 2));
        }
        return QuickResult.of(show, r.findings(), figures);
    }
}
