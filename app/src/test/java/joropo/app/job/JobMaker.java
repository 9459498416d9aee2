package joropo.app.job;

import java.util.LinkedHashMap;
import java.util.Map;
import joropo.app.Workshop;
import joropo.app.access.PeopleService;
import joropo.app.access.Person;
import joropo.app.family.Stage;
import joropo.app.family.Typed;
import joropo.app.job.JobSheets.Posted;
import joropo.app.register.NewPosition;
import joropo.app.register.RegisterService;
import joropo.core.arrangement.PartKind;
import joropo.core.material.Dirt;
import joropo.core.material.Medium;
import joropo.core.plan.PartState;
import joropo.core.plan.Step;
import joropo.core.shaft.Rotation;
import joropo.core.units.LengthUnit;

/** Makes jobs through the services, so that a browser test can begin where it matters. */
final class JobMaker {
    private static int made;

    private JobMaker() {}

    static Person person(String name) {
        return Workshop.bean(PeopleService.class).find(name).orElseThrow();
    }

    /** An open job on a position of its own. */
    static String open() {
        return open(new NewPosition("output", 45.0, 62.0, Medium.OIL, Dirt.DUST, Rotation.CW, 145.0));
    }

    static synchronized String open(NewPosition asked) {
        long machine =
                Workshop.bean(RegisterService.class).addMachine("Test stand " + ++made, "workshop", "", "jacinta");
        long position = Workshop.bean(RegisterService.class).addPosition(machine, asked, "jacinta");
        return Workshop.bean(JobService.class).open(position, person("marisol")).number();
    }

    /** An open job that is made safe. */
    static String madeSafe() {
        return madeSafe(open());
    }

    static String madeSafe(String number) {
        keep(
                number,
                Stage.INTAKE,
                "symptom",
                "DRIPPING",
                "levelSeen",
                "yes",
                "breatherSeen",
                "yes",
                "aboveSeen",
                "yes");
        keep(number, Stage.STRIP, "isolated", "yes", "locked", "yes", "pressureOff", "yes");
        return number;
    }

    /** An open job that only wants its signature; the seal's open side faces as said. */
    static String readyToSign(String mainLip) {
        return readyToSign(mainLip, "OUTSIDE_MICROMETER");
    }

    static String readyToSign(String mainLip, String shaftGauge) {
        String number = madeSafe();
        keep(
                number,
                Stage.MEASURE,
                "shaftGauge",
                shaftGauge,
                "shaftA1",
                "44.96",
                "shaftA2",
                "44.96",
                "boreGauge",
                "BORE_GAUGE_3",
                "boreA1",
                "62.015",
                "boreA2",
                "62.015",
                "depthGauge",
                "DEPTH_MICROMETER",
                "stopDepth",
                "10.5",
                "groundFrom",
                "-4",
                "groundTo",
                "16",
                "surface",
                "SMOOTH",
                "shaftEnd",
                "FULL_CHAMFER",
                "entersFrom",
                "IN",
                "playLow",
                "0.05",
                "playHigh",
                "0.2");
        keep(
                number,
                Stage.DECIDE,
                "size",
                "45x62x8",
                "layout",
                "DUST_LIP",
                "material",
                "HNBR",
                "caseType",
                "RUBBER",
                "mainLip",
                mainLip);
        settle(number);
        keep(
                number,
                Stage.FIT,
                "fitGauge",
                "DEPTH_MICROMETER",
                "depth12",
                "2.5",
                "depth3",
                "2.5",
                "depth6",
                "2.5",
                "depth9",
                "2.5",
                "newOutside",
                "62.27",
                "newWidth",
                "8");
        tickAll(number);
        keep(
                number,
                Stage.SET,
                "playMeasured",
                "0.1",
                "tightened",
                "yes",
                "lockedUp",
                "yes",
                "countedOut",
                "yes",
                "guardsBack",
                "yes");
        keep(number, Stage.PROVE, "handTurn", "EVEN", "firstRun", "DRY", "levelRight", "yes", "breatherFree", "yes");
        return number;
    }

    /** Every step that a person ticks, one after the other; what was put in for a time is counted out in time. */
    static void tickAll(String number) {
        newSeals(number);
        strip(number);
        JobWork work =
                Workshop.bean(JobWorks.class).of(Workshop.bean(JobStore.class).load(number));
        for (Step step : work.plan()) {
            if (step.countsOut()) {
                countOut(number);
            }
            if (!step.isOfTheList() && !work.isAnswered(step)) {
                Workshop.bean(JobService.class).finishStep(number, step.id(), null, null, person("marisol"));
            }
        }
    }

    /** Each new seal in the hand reads as its size wants it. */
    static void newSeals(String number) {
        Map<String, String> read = new LinkedHashMap<>();
        for (JobWork.Named item : Workshop.bean(JobWorks.class)
                .of(Workshop.bean(JobStore.class).load(number))
                .items()) {
            if (item.item().kind() == PartKind.LIP_SEAL && item.work().summary().size() != null) {
                String[] size = item.work().summary().size().split("x");
                double bore = Double.parseDouble(size[1]);
                boolean rubber = String.valueOf(item.work().summary().words()).contains("rubber");
                double over = rubber ? bore <= 50 ? 0.22 : bore <= 80 ? 0.27 : 0.3 : 0.15;
                read.put(item.item().prefix() + "newOutside", String.valueOf(bore + over));
                read.put(item.item().prefix() + "newWidth", size[2]);
            }
        }
        Map<String, Typed> there = Workshop.bean(JobStore.class).load(number).sheet(Stage.FIT);
        read.keySet().removeIf(f -> !there.getOrDefault(f, Typed.NOTHING).isBlank());
        if (!read.isEmpty()) {
            Workshop.bean(JobSheets.class).fill(number, read, LengthUnit.MM, person("marisol"));
        }
    }

    /** Every step of taking apart. */
    static void strip(String number) {
        JobWork work =
                Workshop.bean(JobWorks.class).of(Workshop.bean(JobStore.class).load(number));
        work.stripping().forEach(s -> Workshop.bean(JobService.class)
                .finishStep(number, s.id(), null, null, person("marisol")));
    }

    static void countOut(String number) {
        Workshop.bean(JobStore.class).load(number).beside().things().stream()
                .filter(JobEntry::isOpen)
                .forEach(t ->
                        Workshop.bean(JobService.class).enter(number, t.kind(), t.what(), false, person("marisol")));
    }

    /** The seal was driven and reads as deep as its plan says. */
    static void depths(String number) {
        String mm = Workshop.bean(JobWorks.class)
                .of(Workshop.bean(JobStore.class).load(number))
                .plan()
                .stream()
                .filter(s -> s.id().equals("depth"))
                .map(s -> s.instruction().replaceAll("(?s).* to (-?[0-9.]+) mm from the face.*", "$1"))
                .findFirst()
                .orElseThrow();
        Workshop.bean(JobSheets.class)
                .fill(
                        number,
                        texts("fitGauge", "DEPTH_MICROMETER", "depth12", mm, "depth3", mm, "depth6", mm, "depth9", mm),
                        LengthUnit.MM,
                        person("marisol"));
    }

    /** The seal is in the hand. */
    static void settle(String number) {
        Workshop.bean(JobListsService.class)
                .decide(
                        number,
                        "lip-seal",
                        PartState.NEW,
                        null,
                        "bought in, batch T-1, cured 1Q2025",
                        "",
                        person("marisol"));
    }

    /** @param nameAndText in pairs */
    static Map<String, String> texts(String... nameAndText) {
        Map<String, String> texts = new LinkedHashMap<>();
        for (int i = 0; i < nameAndText.length; i += 2) {
            texts.put(nameAndText[i], nameAndText[i + 1]);
        }
        return texts;
    }

    static void keep(String number, Stage stage, String... nameAndText) {
        Map<String, String> texts = texts(nameAndText);
        JobSheets.Keeping kept = Workshop.bean(JobSheets.class)
                .keep(number, stage, new Posted("maker", 0, LengthUnit.MM, texts), person("marisol"));
        if (!kept.isKept()) {
            throw new AssertionError(stage + " was not kept: "
                    + kept.page().sheet().cards().stream()
                            .flatMap(c -> c.fields().stream())
                            .filter(f -> f.error() != null)
                            .map(f -> f.field().name() + ": " + f.error())
                            .toList()
                    + kept.page().head().held());
        }
    }
}
