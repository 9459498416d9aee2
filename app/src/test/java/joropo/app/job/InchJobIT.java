package joropo.app.job;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import java.util.Arrays;
import java.util.List;
import java.util.regex.Pattern;
import joropo.app.Workshop;
import joropo.app.family.Stage;
import joropo.app.job.JobSheets.Posted;
import joropo.app.register.NewPositionBuilder;
import joropo.core.arrangement.PartKind;
import joropo.core.material.Dirt;
import joropo.core.material.Medium;
import joropo.core.shaft.Rotation;
import joropo.core.units.LengthUnit;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;

/** Who thinks in inches reads no millimetre first, from the register to the card. */
class InchJobIT {
    private static final Pattern MM = Pattern.compile("[^\n]*\\d ?mm\\b[^\n]*");
    /** What is seen, without what was typed and what stands as the second unit. */
    private static final String SEEN =
            "() => { const all = document.body.cloneNode(true); all.querySelectorAll('.as-is, input, textarea, script')"
                    + ".forEach(e => e.remove()); return all.textContent; }";

    private static void keep(String number, Stage stage, String... texts) {
        JobSheets.Keeping kept = Workshop.bean(JobSheets.class)
                .keep(
                        number,
                        stage,
                        new Posted("inch", 0, LengthUnit.INCH, JobMaker.texts(texts)),
                        JobMaker.person("tobias"));
        assertThat(kept.isKept()).as(stage.title()).isTrue();
    }

    private static void readsInches(Page page, String path) {
        page.navigate(Workshop.address() + path);
        assertThat(MM.matcher((String) page.evaluate(SEEN)).results().map(r -> r.group()
                        .strip()))
                .as(path)
                .isEmpty();
    }

    @Test
    void noMillimetreComesFirst() throws Exception {
        String number = JobMaker.open(NewPositionBuilder.builder()
                .kind(PartKind.LIP_SEAL)
                .name("output")
                .shaftMm(44.45)
                .boreMm(63.5)
                .widthMm(9.525)
                .medium(Medium.OIL)
                .dirt(Dirt.DUST)
                .rotation(Rotation.CW)
                .speedRpm(145.0)
                .note("")
                .build());
        Page page = Workshop.own("tobias");
        page.navigate(Workshop.address() + "/");
        page.click(".unit button");
        try {
            keep(number, Stage.INTAKE, "symptom DRIPPING levelSeen yes breatherSeen yes aboveSeen yes".split(" "));
            keep(
                    number,
                    Stage.STRIP,
                    ("isolated yes locked yes pressureOff yes foundDepth 0.1 foundFacing IN foundState WORN")
                            .split(" "));
            keep(
                    number,
                    Stage.MEASURE,
                    ("shaftGauge OUTSIDE_MICROMETER shaftA1 1.7495 shaftA2 1.7495 shaftB1 1.7498 shaftB2 1.7498 "
                                    + "boreGauge BORE_GAUGE_3 boreA1 2.5002 boreA2 2.5003 depthGauge DEPTH_MICROMETER "
                                    + "stopDepth 0.5 turningDepth 0.6 surface GROOVE_CATCHES grooveDepth 0.002 "
                                    + "grooveWidth 0.02 runoutTir 0.001 groundFrom -0.2 groundTo 0.7")
                            .split(" "));
            keep(
                    number,
                    Stage.DECIDE,
                    "size 1.75x2.5x0.375 layout DUST_LIP material HNBR caseType RUBBER mainLip IN remedy THIN_SLEEVE "
                            .split(" "));
            JobMaker.settle(number);
            keep(
                    number,
                    Stage.FIT,
                    "newOutside 2.508 newWidth 0.375 depth12 0.1 depth3 0.1 depth6 0.1 depth9 0.101".split(" "));
            keep(number, Stage.SET, "playMeasured 0.004 bolts 8 boltTorque 15 threads DRY figureFor DRY".split(" "));
            for (Stage stage : Stage.values()) {
                readsInches(page, "/jobs/" + number + "/" + stage.path());
            }
            assertThat(page.locator("#drawing").textContent()).contains("0.5000");
            for (String path : List.of("/", "/machines/1", "/machines/positions/1", "/store", "/start", "/settings")) {
                readsInches(page, path);
            }
            page.navigate(Workshop.address() + "/jobs/" + number + "/set");
            assertThat(page.locator("#torque").textContent()).contains("lbf·ft");
            byte[] card = page.context()
                    .request()
                    .get(Workshop.address() + "/jobs/" + number + "/card.pdf")
                    .body();
            try (var document = Loader.loadPDF(card)) {
                assertThat(MM.matcher(new PDFTextStripper().getText(document))
                                .results()
                                .map(r -> r.group()))
                        .allMatch(line -> Arrays.stream(line.split("mm")).count() > 0 && line.contains(" in"));
            }
        } finally {
            page.navigate(Workshop.address() + "/");
            page.waitForResponse("**/account/unit", () -> page.click(".unit button"));
            page.waitForLoadState(); // a page that is closed on its way to another may never answer
            Workshop.close(page);
        }
    }
}
