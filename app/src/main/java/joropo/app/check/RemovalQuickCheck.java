package joropo.app.check;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.tags.Tag;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import joropo.app.check.QuickResult.Entry;
import joropo.app.check.QuickResult.Listing;
import joropo.app.settings.Shop;
import joropo.app.ui.Field;
import joropo.app.ui.Judged;
import joropo.app.ui.Show;
import joropo.core.removal.Cleaning;
import joropo.core.removal.RemovalCheck;
import joropo.core.removal.RemovalInput;
import joropo.core.removal.RemovalResult;
import org.springframework.core.annotation.Order;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Ways of taking a part out. */
@RestController
@Order(20)
@Tag(name = "checks")
class RemovalQuickCheck implements QuickCheck {
    private static final String PATH = "/api/v1/checks/removal";
    private static final QuickForm FORM = QuickForm.of(
                    "removal", "Taking out", "Which way a part comes out, and how each surface is cleaned after it.")
            .mind("Isolated, locked, proved dead; pressure off, weight held. Eye protection: pulled parts fly.")
            .with(
                    "What, and what is round it",
                    Field.choice("what", "what comes out", RemovalInput.What.class, RemovalInput.What::words)
                            .need(),
                    Field.yesNo("edgeReachable", "its edge can be reached").need(),
                    Field.yesNo("rimProud", "a rim stands proud"),
                    Field.size("spaceInLineMm", "room in line with the shaft"),
                    Field.size("toolLengthMm", "length of the slide hammer"),
                    Field.play("behindMm", "free depth behind it"),
                    Field.play("lipOpeningMm", "free opening inside the lip"),
                    Field.yesNo("besideBrittleFace", "brittle face or running surface beside it"),
                    Field.yesNo("otherSideAccess", "can be reached from behind"),
                    Field.yesNo("elastomersStay", "other elastomers stay in"),
                    Field.yesNo("flammable", "anything flammable near"),
                    Field.yesNo("pressureAllowed", "maker allows pressing out by oil"))
            .folded(
                    "Pressing out by oil; a bearing",
                    Field.yesNo("otherEndClosed", "shaft or plug closes the other end"),
                    Field.yesNo("allElseClosed", "everything else is closed"),
                    Field.yesNo("oilAndClear", "people stand clear; oil is used, never gas"),
                    Field.choice(
                            "tightRing",
                            "ring that is tight",
                            RemovalInput.TightRing.class,
                            RemovalInput.TightRing::words))
            .into(
                    "edgeReachable",
                    "rimProud",
                    "spaceInLineMm:lineRoom",
                    "toolLengthMm:toolLength",
                    "behindMm:behind",
                    "besideBrittleFace:brittleBeside",
                    "otherSideAccess:otherSide",
                    "elastomersStay",
                    "flammable",
                    "pressureAllowed");

    private final Show show;

    RemovalQuickCheck(Show show) {
        this.show = show;
    }

    @Override
    public QuickForm form() {
        return FORM;
    }

    @PostMapping(PATH)
    @Operation(summary = "Ways of taking a part out, ruled out by what is round it and ordered")
    CheckAnswer<RemovalResult> check(@RequestBody RemovalInput input) {
        RemovalResult result = RemovalCheck.check(input);
        return CheckAnswer.of(kind(), result, result.findings());
    }

    @Override
    public QuickResult run(Map<String, Object> values, Shop shop) {
        RemovalResult r = RemovalCheck.check(CheckInput.of(values, RemovalInput.class));
        List<Entry> ways = r.ways().stream()
                .map(w -> new Entry(
                        show.mark(w.verdict(), Judged.ARRANGEMENT),
                        w.way().words(),
                        String.join(
                                " ",
                                Stream.concat(Stream.of(w.reason() + "."), w.cautions().stream())
                                        .toList())))
                .toList();
        List<Entry> cleaning = Cleaning.all().stream()
                .map(c -> new Entry(null, c.surface(), c.use()))
                .toList();
        return QuickResult.of(
                show,
                r.findings(),
                List.of(),
                new Listing("Ways, the first that holds first", false, ways),
                new Listing("Cleaning afterwards", true, cleaning));
    }
}
