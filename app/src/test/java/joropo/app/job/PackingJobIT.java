package joropo.app.job;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Pattern;
import joropo.app.Workshop;
import joropo.app.access.Person;
import joropo.app.family.Stage;
import joropo.app.register.NewPositionBuilder;
import joropo.core.arrangement.PartKind;
import joropo.core.material.Dirt;
import joropo.core.material.Medium;
import joropo.core.plan.PartState;
import joropo.core.plan.Step;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.rendering.ImageType;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.junit.jupiter.api.Test;

/** A packed box is a job: measured, cut, packed, run in, signed. */
class PackingJobIT {
    private final Person person = JobMaker.person("marisol");

    static String opened() {
        String number = JobMaker.open(NewPositionBuilder.builder()
                .kind(PartKind.PACKING)
                .name("packed box")
                .shaftMm(70.0)
                .boreMm(102.0)
                .medium(Medium.WATER)
                .dirt(Dirt.DUST)
                .speedRpm(1450.0)
                .note("")
                .build());
        JobMaker.keep(
                number,
                Stage.INTAKE,
                ("symptom DRIPPING levelSeen yes breatherSeen yes aboveSeen yes boxPressureMpa 0.6 boxTemperatureC 60 "
                                + "boxFluid WATER_COLD")
                        .split(" "));
        JobMaker.keep(
                number, Stage.STRIP, "isolated", "yes", "locked", "yes", "pressureOff", "yes", "boxOldRings", "5");
        return number;
    }

    private static void at(Page page, String number, String stage) {
        page.navigate(Workshop.address() + "/jobs/" + number + "/" + stage);
    }

    /** Lengths of dark lines along a page, in tenths of a millimetre. */
    private static Set<Integer> runs(byte[] pdf) throws IOException {
        Set<Integer> out = new TreeSet<>();
        try (var document = Loader.loadPDF(pdf)) {
            BufferedImage page = new PDFRenderer(document).renderImageWithDPI(0, 254, ImageType.GRAY);
            for (int y = 0; y < page.getHeight(); y++) {
                int run = 0;
                for (int x = 0; x < page.getWidth(); x++) {
                    boolean dark = (page.getRGB(x, y) & 0xff) < 150;
                    run = dark ? run + 1 : 0;
                    if (run > 1500 && (x + 1 == page.getWidth() || (page.getRGB(x + 1, y) & 0xff) >= 150)) {
                        out.add(run);
                    }
                }
            }
        }
        return out;
    }

    private static void keep(Page page, String next) {
        page.click("#go button.keep");
        page.waitForURL("**/" + next);
    }

    @Test
    void aBoxFromTheReadingsToTheSignature() throws IOException {
        String number = opened();
        Page page = Workshop.page("marisol");
        at(page, number, "measure");
        Filling.fill(page, "boxDepth", "120", "boxLantern", "130");
        assertThat(page.locator("#echo-boxLantern .wrong")).containsText("Must be shorter than the room for it");
        Filling.fill(
                page, "boxLantern", "24", "boxSlot", "12", "boxPortFrom", "54", "boxPortTo", "66", "boxEntry", "6");
        assertThat(page.locator("#drawing")).containsText("Ø 70");
        Filling.fill(page, "boxNose", "20", "boxRunOut", "0.05", "boxOffset", "0.1", "boxThroat", "0.3");
        Filling.fill(page, "boxGroove", "0", "boxRa", "0.3", "boxHardness", "50");
        keep(page, "decide");
        page.click("#go button.keep");
        assertThat(page.locator("#echo-boxStyle .wrong")).containsText("No packing is decided yet.");
        page.click("#box-styles button:has-text('graphite-filled PTFE braid')");
        page.waitForURL("**/decide**");
        assertThat(page.locator("#boxStyle")).hasValue("PTFE_GRAPHITE");
        Filling.fill(page, "boxOrder", "SHAFT");
        keep(page, "fit");
        assertThat(page.locator("#steps"))
                .containsText("Lay out packing 16 mm, graphite-filled PTFE braid for 5 rings");
        Filling.fill(page, "boxGap12", "9", "boxGap3", "9.5", "boxGap6", "9.1", "boxGap9", "9.2");
        assertThat(page.locator("#rail")).containsText("The gland stands crooked");
        Filling.fill(page, "boxGap3", "9.1");
        assertThat(page.locator("#rail")).not().containsText("The gland stands crooked");
        keep(page, "set");
        assertThat(page.locator("#shaftline li").nth(Stage.FIT.ordinal()))
                .containsText(Pattern.compile("Fit, not measured, kept\\s+\\d+ wanted"));
        JobMaker.keep(
                number, Stage.SET, "tightened", "yes", "lockedUp", "yes", "countedOut", "yes", "guardsBack", "yes");
        at(page, number, "prove");
        Filling.fill(page, "handTurn", "EVEN", "firstRun", "DRY", "levelRight", "yes", "breatherFree", "yes");
        assertThat(page.locator("#rail")).containsText("A packed box that runs dry burns");
        Filling.fill(page, "firstRun", "DRIPPING");
        Filling.fill(page, "runInLooks", "0 100 41; 6 0 43");
        assertThat(page.locator("#rail")).containsText("No drop comes: nothing cools it, it burns.");
        Filling.fill(page, "runInLooks", "0 100 41; 6");
        assertThat(page.locator("#echo-runInLooks .wrong")).containsText("Needs minute and drops of each look");
        Filling.fill(page, "runInLooks", "0, 100, 41; 12 98 42 1 9 9.1 9 9.2; 24 30 45; 34 30 45; 54 30 46");
        assertThat(page.locator("#run-in-curve")).containsText("run in");
        keep(page, "sign");
        Workshop.close(page);

        JobWork work =
                Workshop.bean(JobWorks.class).of(Workshop.bean(JobStore.class).load(number));
        assertThat(work.plan())
                .extracting(Step::id)
                .containsSubsequence("parts", "ring-3", "lantern", "ring-4", "run-in");
        JobListsService lists = Workshop.bean(JobListsService.class);
        lists.decide(number, "packing", PartState.NEW, null, "from the reel in the store", "", person);
        JobService jobs = Workshop.bean(JobService.class);
        JobMaker.tickAll(number);
        Page sign = Workshop.page("marisol");
        at(sign, number, "sign");
        Workshop.sign(sign, "marisol");
        Workshop.close(sign);
        assertThat(jobs.snapshot(number).drawing()).contains("5 rings");
    }

    @Test
    void aChevronSetThatIsReversedIsCaught() {
        String number = JobMaker.open(NewPositionBuilder.builder()
                .kind(PartKind.CHEVRON)
                .name("rod seal")
                .shaftMm(90.0)
                .boreMm(110.0)
                .medium(Medium.OIL)
                .dirt(Dirt.DUST)
                .note("")
                .build());
        JobMaker.keep(
                number,
                Stage.INTAKE,
                "symptom DRIPPING levelSeen yes breatherSeen yes aboveSeen yes setPressureMpa 16 setPressureSide IN "
                        .concat("setBothSides NO")
                        .split(" "));
        JobMaker.keep(number, Stage.STRIP, "isolated", "yes", "locked", "yes", "pressureOff", "yes");
        JobMaker.keep(number, Stage.MEASURE, "setPitch", "8", "setHeaders", "20");
        Page page = Workshop.page("marisol");
        at(page, number, "decide");
        Filling.fill(page, "setRings", "5", "setOpen", "OUT");
        assertThat(page.locator("#rail")).containsText("Their backs look to the pressure: it leaks at once.");
        assertThat(page.locator("#drawing")).containsText("stack 60");
        Filling.fill(page, "setOpen", "IN");
        assertThat(page.locator("#rail")).not().containsText("Their backs look to the pressure");
        keep(page, "fit");
        assertThat(page.locator("#steps")).containsText("Lay out a whole new set: male ring, 5 V rings, female ring.");
        Workshop.close(page);
    }
}
