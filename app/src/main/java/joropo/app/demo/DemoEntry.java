package joropo.app.demo;

import joropo.app.access.Person;
import joropo.app.family.Stage;
import joropo.app.job.JobItems;
import joropo.app.job.JobService;
import joropo.core.arrangement.PartKind;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.stereotype.Component;

/** A job of several seals, decided and about to be fitted: an entry with three lip seals. */
@Component
@ConditionalOnProperty("joropo.demo")
class DemoEntry {
    private final JobService jobs;
    private final JobItems items;
    private final DemoSheets sheets;

    DemoEntry(JobService jobs, JobItems items, DemoSheets sheets) {
        this.jobs = jobs;
        this.items = items;
        this.sheets = sheets;
    }

    void make(long position, Person who) {
        String number = jobs.open(position, who).number();
        sheets.keep(
                number,
                Stage.INTAKE,
                who,
                "symptom DRIPPING; since two shifts; levelSeen yes; breatherSeen yes; aboveSeen yes; "
                        + "fluid EP_GEAR_OIL");
        items.label(number, 1, "inner seal", who);
        items.add(number, PartKind.LIP_SEAL, "middle seal", who);
        items.add(number, PartKind.LIP_SEAL, "outer seal", who);
        sheets.keep(
                number,
                Stage.STRIP,
                who,
                "isolated yes; locked yes; pressureOff yes; foundDepth 48; foundFacing IN; foundState HARD; "
                        + "i2-foundDepth 30; i2-foundFacing IN; i2-foundState WORN; "
                        + "i3-foundDepth 0; i3-foundFacing OUT; i3-foundState HARD");
        sheets.keep(
                number,
                Stage.MEASURE,
                who,
                "depthGauge DEPTH_MICROMETER; stopDepth 60; groundFrom -4; groundTo 70; shaftEnd FULL_CHAMFER; "
                        + "entersFrom IN; surface SMOOTH; i2-surface GROOVE_CATCHES; i2-grooveDepth 0.03; "
                        + "i2-grooveWidth 1.2; i3-surface SMOOTH; "
                        + diameters("", "84.962", "110.018") + diameters("i2-", "84.957", "110.021")
                        + diameters("i3-", "84.960", "110.024"));
        sheets.keep(
                number,
                Stage.DECIDE,
                who,
                seal("", "85x110x12", "HNBR", "IN") + seal("i2-", "85x110x10", "HNBR", "IN")
                        + seal("i3-", "85x110x13", "NBR", "OUT")
                        + "i2-plannedDepth 33; i2-betweenMedium GREASE; i2-betweenLevel PARTIAL; i3-plannedDepth 0; "
                        + "i3-betweenMedium GREASE; i3-betweenLevel PARTIAL; i2-remedy MOVE");
    }

    private static String diameters(String of, String shaft, String bore) {
        return of + "shaftGauge OUTSIDE_MICROMETER; " + of + "shaftA1 " + shaft + "; " + of + "shaftA2 " + shaft + "; "
                + of + "boreGauge BORE_GAUGE_3; " + of + "boreA1 " + bore + "; " + of + "boreA2 " + bore + "; ";
    }

    private static String seal(String of, String size, String material, String lip) {
        return of + "size " + size + "; " + of + "layout PLAIN; " + of + "material " + material + "; " + of
                + "caseType RUBBER; " + of + "mainLip " + lip + "; " + of + "chooseWhy as its builder fitted it; ";
    }
}
