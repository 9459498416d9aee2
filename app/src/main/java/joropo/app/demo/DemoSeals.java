package joropo.app.demo;

import joropo.app.access.Person;
import joropo.app.family.Stage;
import joropo.app.job.JobService;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.stereotype.Component;

/** Mechanical seals in several stages: a cartridge, a component seal and a bellows seal. */
@Component
@ConditionalOnProperty("joropo.demo")
class DemoSeals {
    private static final String SEEN =
            "symptom DRIPPING; since last week; levelSeen yes; breatherSeen yes; aboveSeen yes; ";
    private static final String SAFE = "isolated yes; locked yes; pressureOff yes; ";
    private static final String MACHINE =
            "sealRunOut 0.03; sealLift 0.03; sealAxialPlay 0.05; sealFaceTir 0.02; sealBoreTir 0.06; "
                    + "sealReadTo 0.002; ";

    private final JobService jobs;
    private final DemoSheets sheets;

    DemoSeals(JobService jobs, DemoSheets sheets) {
        this.jobs = jobs;
        this.sheets = sheets;
    }

    /** Decided, to be fitted. */
    void cartridge(long position, Person who) {
        String number = jobs.open(position, who).number();
        sheets.keep(
                number,
                Stage.INTAKE,
                who,
                SEEN + "sealBuild CARTRIDGE; sealFluid WATER_HOT; sealPressureMpa 0.4; sealTemperatureC 95; "
                        + "sealImpeller YES");
        sheets.keep(number, Stage.STRIP, who, SAFE + "sealClipsIn 3");
        sheets.keep(number, Stage.MEASURE, who, MACHINE + "sealRa 0.6");
        sheets.keep(
                number,
                Stage.DECIDE,
                who,
                "sealSame YES; sealFaces NEW; sealSeat SILICON_CARBIDE; sealRotor CARBON; sealElastomer EPDM; "
                        + "sealSprings STAINLESS; sealMakerMpa 1.6");
    }

    /** Its seat in, the unit at its line; the coupling is looked for its best place. */
    void component(long position, Person who) {
        String number = jobs.open(position, who).number();
        sheets.keep(
                number,
                Stage.INTAKE,
                who,
                SEEN + "sealBuild COMPONENT; sealFluid SYRUP_JUICE; sealPressureMpa 0.3; sealTemperatureC 60");
        sheets.keep(number, Stage.STRIP, who, SAFE + "sealClipsIn 2; sealOldScribe 47.4");
        sheets.keep(
                number,
                Stage.MEASURE,
                who,
                MACHINE
                        + "sealRa 0.3; sealMount O_RING; sealProtrusion 6; sealGasket 0.8; "
                        + "sealWorking 42.5; sealFree 46; "
                        + "sealMove 0; sealGrowth 0.15; dial0 0.021; dial30 0.018; dial60 0.012; "
                        + "dial90 0.001; dial120 -0.009; "
                        + "dial150 -0.016; dial180 -0.019; dial210 -0.017; dial240 -0.01; dial270 0; dial300 0.011; "
                        + "dial330 0.019; dialLimit 0.055; dialReadTo 0.004");
        sheets.keep(
                number,
                Stage.DECIDE,
                who,
                "sealSame YES; sealFaces NEW; sealSeat TUNGSTEN_CARBIDE; sealRotor SILICON_CARBIDE; "
                        + "sealElastomer EPDM; "
                        + "sealSprings STAINLESS; sealMakerMpa 1.2");
        sheets.type(
                number,
                Stage.FIT,
                who,
                "sealFacesSeen YES; sealSeatOutside 78; sealDepth12 4.02; sealDepth3 4.01; sealDepth6 4.00; "
                        + "sealDepth9 4.01; sealDepthTo 0.008; sealPlace 47.62");
        sheets.type(
                number,
                Stage.SET,
                who,
                "clockPlaces 8; clockTrials 0 0.072\n3 0.021\n5 0.051\n2 0.034; clockLimit 0.02; clockBalanced NO");
    }

    /** Stripped, its figures still to be taken. */
    void bellows(long position, Person who) {
        String number = jobs.open(position, who).number();
        sheets.keep(
                number,
                Stage.INTAKE,
                who,
                SEEN + "sealBuild BELLOWS; sealFluid WATER_COLD; sealPressureMpa 0.2; sealTemperatureC 30");
        sheets.keep(number, Stage.STRIP, who, SAFE + "sealClipsIn 0; sealOldScribe 31.2");
    }
}
