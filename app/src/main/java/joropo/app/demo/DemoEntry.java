package joropo.app.demo;

import java.util.LinkedHashMap;
import java.util.Map;
import joropo.app.access.Person;
import joropo.app.family.Stage;
import joropo.app.job.JobItems;
import joropo.app.job.JobService;
import joropo.app.job.JobSheets;
import joropo.app.job.JobSheets.Posted;
import joropo.core.plan.PartKind;
import joropo.core.units.LengthUnit;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.stereotype.Component;

/** Jobs of several seals or rings, decided and about to be fitted: an entry with three lip seals, a cylinder. */
@Component
@ConditionalOnProperty("joropo.demo")
class DemoEntry {
    private static final String TAB = "demo";

    private final JobService jobs;
    private final JobItems items;
    private final JobSheets sheets;

    DemoEntry(JobService jobs, JobItems items, JobSheets sheets) {
        this.jobs = jobs;
        this.items = items;
        this.sheets = sheets;
    }

    void make(long position, Person who) {
        String number = jobs.open(position, who).number();
        keep(
                number,
                Stage.INTAKE,
                who,
                "symptom DRIPPING; since two shifts; levelSeen yes; breatherSeen yes; aboveSeen yes; "
                        + "fluid EP_GEAR_OIL");
        items.label(number, 1, "inner seal", who);
        items.add(number, PartKind.LIP_SEAL, "middle seal", who);
        items.add(number, PartKind.LIP_SEAL, "outer seal", who);
        keep(
                number,
                Stage.STRIP,
                who,
                "isolated yes; locked yes; pressureOff yes; foundDepth 48; foundFacing IN; foundState HARD; "
                        + "i2-foundDepth 30; i2-foundFacing IN; i2-foundState WORN; "
                        + "i3-foundDepth 0; i3-foundFacing OUT; i3-foundState HARD");
        keep(
                number,
                Stage.MEASURE,
                who,
                "depthGauge DEPTH_MICROMETER; stopDepth 60; groundFrom -4; groundTo 70; shaftEnd FULL_CHAMFER; "
                        + "entersFrom IN; surface SMOOTH; i2-surface GROOVE_CATCHES; i2-grooveDepth 0.03; "
                        + "i2-grooveWidth 1.2; i3-surface SMOOTH; "
                        + diameters("", "84.962", "110.018") + diameters("i2-", "84.957", "110.021")
                        + diameters("i3-", "84.960", "110.024"));
        keep(
                number,
                Stage.DECIDE,
                who,
                seal("", "85x110x12", "HNBR", "IN") + seal("i2-", "85x110x10", "HNBR", "IN")
                        + seal("i3-", "85x110x13", "NBR", "OUT")
                        + "i2-plannedDepth 33; i2-betweenMedium GREASE; i2-betweenLevel PARTIAL; i3-plannedDepth 0; "
                        + "i3-betweenMedium GREASE; i3-betweenLevel PARTIAL; i2-remedy MOVE");
    }

    /** A cylinder head: its ring, the rod's U-cup, the wiper. */
    void cylinder(long position, Person who) {
        String number = jobs.open(position, who).number();
        keep(
                number,
                Stage.INTAKE,
                who,
                "symptom WET; since last week; levelSeen yes; breatherSeen yes; aboveSeen yes; ringFluid HLP_OIL; "
                        + "ringPressureMpa 16; ringPressureSide IN; ringPressureTurns NO; ringColdestC 10; "
                        + "ringHottestC 65");
        items.label(number, 1, "head ring", who);
        items.add(number, PartKind.O_RING, "rod U-cup", who);
        items.add(number, PartKind.O_RING, "wiper", who);
        keep(number, Stage.STRIP, who, "isolated yes; locked yes; pressureOff yes");
        keep(
                number,
                Stage.MEASURE,
                who,
                "ringGland PISTON; ringMotion STATIC; ringCounter 150; ringGroove 138.6; ringWidth 9.6; ringGap 0.1; "
                        + "ringReadTo 0.02; ringRa 0.8; ringNoMark YES; i2-ringSort U_CUP; i2-ringMotion RECIPROCATING; "
                        + "i2-ringCounter 140; i2-ringRa 0.3; i2-ringNoMark YES; i3-ringSort WIPER; "
                        + "i3-ringMotion RECIPROCATING; i3-ringCounter 140; i3-ringRa 0.3; i3-ringNoMark YES");
        keep(
                number,
                Stage.DECIDE,
                who,
                "ring 432; ringMaterial NBR; ringHardness 90; ringBackups 0; i2-ringMaterial AU; i2-ringFaces IN; "
                        + "i2-ringByMaker YES; i3-ringMaterial AU; i3-ringFaces OUT; i3-ringByMaker YES");
    }

    private static String diameters(String of, String shaft, String bore) {
        return of + "shaftGauge OUTSIDE_MICROMETER; " + of + "shaftA1 " + shaft + "; " + of + "shaftA2 " + shaft + "; "
                + of + "boreGauge BORE_GAUGE_3; " + of + "boreA1 " + bore + "; " + of + "boreA2 " + bore + "; ";
    }

    private static String seal(String of, String size, String material, String lip) {
        return of + "size " + size + "; " + of + "layout PLAIN; " + of + "material " + material + "; " + of
                + "caseType RUBBER; " + of + "mainLip " + lip + "; " + of + "chooseWhy as its builder fitted it; ";
    }

    /** @param texts field and text, parted by a blank, one after the other */
    private void keep(String number, Stage stage, Person who, String texts) {
        Map<String, String> form = new LinkedHashMap<>();
        for (String entry : texts.split("; ?")) {
            int blank = entry.indexOf(' ');
            form.put(entry.substring(0, blank), entry.substring(blank + 1));
        }
        if (!sheets.keep(number, stage, new Posted(TAB, 0, LengthUnit.MM, form), who)
                .isKept()) {
            throw new IllegalStateException(stage.title() + " of job " + number + " was not kept");
        }
    }
}
