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

    /** A cylinder with the seven rings that usually stand in one, about to be fitted. */
    void cylinder(long position, Person who) {
        String number = jobs.open(position, who).number();
        keep(
                number,
                Stage.INTAKE,
                who,
                "symptom WET; since last week; levelSeen yes; breatherSeen yes; aboveSeen yes; ringFluid HLP_OIL; "
                        + "ringPressureMpa 16; ringPressureSide IN; ringPressureTurns YES; ringColdestC 10; "
                        + "ringHottestC 65; ringCleaner HLP_OIL");
        items.addSet(number, "cylinder", who);
        keep(number, Stage.STRIP, who, "isolated yes; locked yes; pressureOff yes");
        keep(
                number,
                Stage.MEASURE,
                who,
                "rodDiameter 100; rodGap 0.3; rodRa 0.25; rodNoMark YES; rodBend 0.04; rodShape 0.02; rodHardness 58; "
                        + "boreDiameter 150; boreGap 0.7; boreRa 0.3; boreNoMark YES; boreShape 0.03; rodLeadIn 5; boreLeadIn 6; ringAllByMaker YES; "
                        + "ringSort O_RING; ringGland PISTON; ringMotion STATIC; ringGroove 138.6; "
                        + "ringWidth 9.6; ringGap 0.1; ringReadTo 0.02; ringRa 0.8; ringNoMark YES; "
                        + "i2-ringSort GUIDE; i2-ringGland ROD; i2-ringMotion RECIPROCATING; i2-ringGroove 105.1; "
                        + "i2-ringWidth 10.2; i2-ringGuideThick 2.5; "
                        + "i3-ringSort U_CUP; i3-ringGland ROD; i3-ringMotion RECIPROCATING; i3-ringGroove 115; "
                        + "i3-ringWidth 13.5; i4-ringSort WIPER; i4-ringGland ROD; i4-ringMotion RECIPROCATING; "
                        + "i5-ringSort O_RING; i5-ringGland ROD; i5-ringMotion STATIC; i5-ringCounter 70; "
                        + "i5-ringGroove 75.7; i5-ringWidth 4.8; i5-ringGap 0.06; "
                        + "i6-ringSort SLIDE; i6-ringGland PISTON; i6-ringMotion RECIPROCATING; i6-ringGroove 136.5; "
                        + "i6-ringWidth 6.3; "
                        + "i7-ringSort GUIDE; i7-ringGland PISTON; i7-ringMotion RECIPROCATING; i7-ringGroove 144.9; "
                        + "i7-ringWidth 15.2; i7-ringGuideThick 2.5");
        keep(
                number,
                Stage.DECIDE,
                who,
                "ring 432; ringMaterial NBR; ringHardness 90; ringBackups 0; i2-ringMaterial OTHER; "
                        + "i3-ringMaterial AU; i3-ringHardness 92; i3-ringFaces IN; "
                        + "i4-ringMaterial AU; i4-ringFaces OUT; "
                        + "i5-ring 232; i5-ringMaterial NBR; i5-ringHardness 90; i5-ringBackups 0; "
                        + "i6-ring 359; i6-ringMaterial PTFE; i6-ringLoaderMaterial NBR; i6-ringSlideThick 2.5; "
                        + "i6-ringSlideWide 6.1; i7-ringMaterial OTHER");
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
        long seen = sheets.page(number, stage, who).window().seq();
        if (!sheets.keep(number, stage, new Posted(TAB, seen, LengthUnit.MM, form), who)
                .isKept()) {
            throw new IllegalStateException(stage.title() + " of job " + number + " was not kept");
        }
    }
}
