package joropo.app.demo;

import joropo.app.access.Person;
import joropo.app.family.Stage;
import joropo.app.job.JobService;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.stereotype.Component;

/**
 * Packed boxes in several stages: two juice pumps, one of them running in, the stem of a steam valve, a ram with
 * chevrons.
 */
@Component
@ConditionalOnProperty("joropo.demo")
class DemoPacking {
    private static final String SEEN =
            "symptom DRIPPING; since last week; levelSeen yes; breatherSeen yes; aboveSeen yes; ";
    private static final String SAFE = "isolated yes; locked yes; pressureOff yes; ";

    private final JobService jobs;
    private final DemoSheets sheets;

    DemoPacking(JobService jobs, DemoSheets sheets) {
        this.jobs = jobs;
        this.sheets = sheets;
    }

    /** Packed, closed, and looked at four times since. */
    void pump(long position, Person who) {
        String number = jobs.open(position, who).number();
        sheets.keep(
                number,
                Stage.INTAKE,
                who,
                SEEN + "boxPressureMpa 0.35; boxTemperatureC 75; boxFluid SYRUP_JUICE; boxPh 6.5");
        sheets.keep(
                number,
                Stage.STRIP,
                who,
                SAFE
                        + "boxOldRings 5; boxOldWords the two at the gland hard, it leaked at 6, lantern over three; "
                        + "boxUnderSleeve NO; "
                        + "signPACKING_HARD SEEN");
        sheets.keep(
                number,
                Stage.MEASURE,
                who,
                "boxShaft 40; boxBore 60; boxDepth 88; boxLantern 16; boxSlot 8; boxPortFrom 36; boxPortTo 46; "
                        + "boxEntry 6; "
                        + "boxNose 20; boxRunOut 0.05; boxOffset 0.08; boxThroat 0.3; boxGroove 0; boxScored NO; "
                        + "boxOvality 0.02; boxRa 0.35; "
                        + "boxHardness 48");
        sheets.keep(number, Stage.DECIDE, who, "boxStyle PTFE_GRAPHITE; boxOrder SHAFT");
        sheets.type(number, Stage.FIT, who, "boxGap12 9.1; boxGap3 9.2; boxGap6 9.0; boxGap9 9.1");
        sheets.type(
                number,
                Stage.PROVE,
                who,
                "runInTravel 18; runInLooks 0 82 41\n6 80 42\n12 78 42 1\n22 60 45\n28 58 46 1\n38 44 48");
    }

    /** Stripped: the old rings are out, nothing is measured yet. */
    void leakingPump(long position, Person who) {
        String number = jobs.open(position, who).number();
        sheets.keep(
                number,
                Stage.INTAKE,
                who,
                SEEN + "boxPressureMpa 0.35; boxTemperatureC 75; boxFluid SYRUP_JUICE; boxPh 6.5");
        sheets.keep(
                number,
                Stage.STRIP,
                who,
                SAFE + "boxOldRings 5; boxOldWords soft, the inboard ones worn thin; boxUnderSleeve NO");
    }

    /** Measured, to be decided. */
    void stem(long position, Person who) {
        String number = jobs.open(position, who).number();
        sheets.keep(
                number,
                Stage.INTAKE,
                who,
                SEEN + "boxStem YES; boxPressureMpa 0.6; boxTemperatureC 165; boxFluid STEAM_150");
        sheets.keep(number, Stage.STRIP, who, SAFE + "boxOldRings 6; boxOldWords all of them hard");
        sheets.keep(
                number,
                Stage.MEASURE,
                who,
                "boxShaft 28; boxBore 44; boxDepth 52; boxEntry 4; boxOffset 0.05; boxThroat 0.2; boxGroove 0; "
                        + "boxScored NO; boxOvality 0.01; boxBend 0.03; boxRa 0.3");
    }

    /** The ram of a loading cylinder: a chevron set, decided. */
    void ram(long position, Person who) {
        String number = jobs.open(position, who).number();
        sheets.keep(
                number,
                Stage.INTAKE,
                who,
                SEEN + "setPressureMpa 18; setPressureSide IN; setBothSides NO; setFluid HLP_OIL");
        sheets.keep(number, Stage.STRIP, who, SAFE);
        sheets.keep(number, Stage.MEASURE, who, "setPitch 7.5; setHeaders 22");
        sheets.keep(number, Stage.DECIDE, who, "setRings 5; setOpen IN; setSplit NO");
    }
}
