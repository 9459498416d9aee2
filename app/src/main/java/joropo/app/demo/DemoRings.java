package joropo.app.demo;

import joropo.app.access.Person;
import joropo.app.family.Stage;
import joropo.app.job.JobItems;
import joropo.app.job.JobService;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.stereotype.Component;

/** Rings in grooves in several stages: a cylinder, a cover, a boss joint, one found ring that nobody knows. */
@Component
@ConditionalOnProperty("joropo.demo")
class DemoRings {
    private static final String SEEN =
            "symptom WET; since last week; levelSeen yes; breatherSeen yes; aboveSeen yes; ringFluid HLP_OIL; "
                    + "ringCleaner HLP_OIL; ringPressureSide IN; ringColdestC 10; ringHottestC 65; ";
    private static final String SAFE = "isolated yes; locked yes; pressureOff yes";

    private final JobService jobs;
    private final JobItems items;
    private final DemoSheets sheets;

    DemoRings(JobService jobs, JobItems items, DemoSheets sheets) {
        this.jobs = jobs;
        this.items = items;
        this.sheets = sheets;
    }

    /** Under its cover lay a ring without a name; its groove is not measured yet. */
    void cover(long position, Person who) {
        String number = jobs.open(position, who).number();
        sheets.keep(number, Stage.INTAKE, who, SEEN + "ringPressureMpa 0.3; ringPressureTurns NO");
        sheets.keep(number, Stage.STRIP, who, SAFE + "; signO_RING_FLAT SEEN; signO_RING_NIBBLED ABSENT");
        sheets.type(number, Stage.MEASURE, who, "ringFoundSection 3.38; ringFoundInside 128.4");
    }

    /** The port of a pump, decided. */
    void boss(long position, Person who) {
        String number = jobs.open(position, who).number();
        sheets.keep(number, Stage.INTAKE, who, SEEN + "ringPressureMpa 16; ringPressureTurns NO");
        sheets.keep(number, Stage.STRIP, who, SAFE);
        sheets.keep(
                number,
                Stage.MEASURE,
                who,
                "ringGland BOSS; ringMotion STATIC; ringGroove 32.08; ringWidth 4.04; ringGap 0.05; ringReadTo 0.02; "
                        + "ringRa 0.8; ringNoMark YES");
        sheets.keep(number, Stage.DECIDE, who, "ring 912; ringMaterial NBR; ringHardness 90; ringBackups 0");
    }

    /** A cylinder with the seven rings that usually stand in one, about to be fitted. */
    void cylinder(long position, Person who) {
        String number = jobs.open(position, who).number();
        sheets.keep(number, Stage.INTAKE, who, SEEN + "ringPressureMpa 16; ringPressureTurns YES");
        items.addSet(number, "cylinder", who);
        sheets.keep(number, Stage.STRIP, who, SAFE);
        sheets.keep(
                number,
                Stage.MEASURE,
                who,
                "rodDiameter 100; rodGap 0.3; rodRa 0.25; rodNoMark YES; rodBend 0.04; rodShape 0.02; rodHardness 58; "
                        + "boreDiameter 150; boreGap 0.7; boreRa 0.3; boreNoMark YES; boreShape 0.03; rodLeadIn 5; "
                        + "boreLeadIn 6; ringAllByMaker YES; "
                        + "ringSort O_RING; ringGland PISTON; ringMotion STATIC; ringGroove 138.6; "
                        + "ringWidth 9.6; ringGap 0.1; ringReadTo 0.02; ringRa 0.8; ringNoMark YES; "
                        + "i2-ringSort GUIDE; i2-ringGland ROD; i2-ringMotion RECIPROCATING; i2-ringGroove 105.1; "
                        + "i2-ringWidth 10.2; i2-ringGuideThick 2.5; "
                        + "i3-ringSort U_CUP; i3-ringGland ROD; i3-ringMotion RECIPROCATING; i3-ringGroove 115; "
                        + "i3-ringWidth 13.5; i4-ringSort WIPER; i4-ringGland ROD; i4-ringMotion RECIPROCATING; "
                        + "i5-ringSort O_RING; i5-ringGland ROD; i5-ringMotion STATIC; i5-ringCounter 70; "
                        + "i5-ringGroove 75.7; i5-ringWidth 4.8; i5-ringGap 0.06; i5-ringLeadIn 3; "
                        + "i6-ringSort SLIDE; i6-ringGland PISTON; i6-ringMotion RECIPROCATING; i6-ringGroove 136.5; "
                        + "i6-ringWidth 6.3; "
                        + "i7-ringSort GUIDE; i7-ringGland PISTON; i7-ringMotion RECIPROCATING; i7-ringGroove 144.9; "
                        + "i7-ringWidth 15.2; i7-ringGuideThick 2.5");
        sheets.keep(
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
}
