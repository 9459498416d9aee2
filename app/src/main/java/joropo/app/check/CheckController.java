package joropo.app.check;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.tags.Tag;
import java.util.List;
import joropo.core.assembly.TorquePlanCheck;
import joropo.core.assembly.TorquePlanInput;
import joropo.core.assembly.TorquePlanResult;
import joropo.core.diagnosis.DiagnosisCheck;
import joropo.core.diagnosis.DiagnosisInput;
import joropo.core.diagnosis.DiagnosisResult;
import joropo.core.diagnosis.Symptom;
import joropo.core.fits.DiameterCheck;
import joropo.core.fits.DiameterInput;
import joropo.core.fits.DiameterResult;
import joropo.core.fits.LimitsAndFitsCheck;
import joropo.core.fits.LimitsAndFitsInput;
import joropo.core.fits.LimitsAndFitsResult;
import joropo.core.fits.ThermalFitCheck;
import joropo.core.fits.ThermalFitInput;
import joropo.core.fits.ThermalFitResult;
import joropo.core.lipseal.DriverCheck;
import joropo.core.lipseal.DriverInput;
import joropo.core.lipseal.DriverResult;
import joropo.core.lipseal.LipSealCheck;
import joropo.core.lipseal.LipSealInput;
import joropo.core.lipseal.LipSealResult;
import joropo.core.lipseal.LipSealRules;
import joropo.core.lipseal.LipSealSizeCheck;
import joropo.core.lipseal.LipSealSizeInput;
import joropo.core.lipseal.LipSealSizeResult;
import joropo.core.readings.SeatSquarenessCheck;
import joropo.core.readings.SeatSquarenessInput;
import joropo.core.readings.SeatSquarenessResult;
import joropo.core.removal.RemovalCheck;
import joropo.core.removal.RemovalInput;
import joropo.core.removal.RemovalResult;
import joropo.core.section.Section;
import joropo.core.section.SectionResult;
import joropo.core.surface.RunningSurfaceInput;
import joropo.core.surface.RunningSurfaceResult;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The checks of core by JSON: the body is the check's input, the answer its result. Nothing is stored. */
@RestController
@RequestMapping("/api/v1/checks")
@Tag(
        name = "checks",
        description = "One check each: input in, figures and findings out. Lengths in mm, names end in their unit.")
class CheckController {
    private static final String LIMITS_AND_FITS = "limits-and-fits";
    private static final String DIAMETER = "diameter";
    private static final String LIP_SEAL_SIZE = "lip-seal-size";
    private static final String SEAT_SQUARENESS = "seat-squareness";

    private static final String LIP_SEAL = "lip-seal";
    private static final String RUNNING_SURFACE = "running-surface";
    private static final String REMOVAL = "removal";
    private static final String DRIVER = "driver";
    private static final String THERMAL_FIT = "thermal-fit";
    private static final String SECTION = "section";
    private static final String DIAGNOSIS = "diagnosis";
    private static final String TORQUE_PLAN = "torque-plan";

    /** The kinds there are. */
    record Kinds(List<String> kinds) {}

    @GetMapping
    @Operation(summary = "Lists the kinds of check")
    Kinds kinds() {
        return new Kinds(List.of(
                LIMITS_AND_FITS,
                DIAMETER,
                THERMAL_FIT,
                LIP_SEAL_SIZE,
                LIP_SEAL,
                RUNNING_SURFACE,
                REMOVAL,
                DRIVER,
                SECTION,
                SEAT_SQUARENESS,
                TORQUE_PLAN,
                DIAGNOSIS));
    }

    @PostMapping("/" + LIMITS_AND_FITS)
    @Operation(summary = "Limits of size by tolerance class, and the fit of two (ISO 286)")
    CheckAnswer<LimitsAndFitsResult> limitsAndFits(@RequestBody LimitsAndFitsInput input) {
        LimitsAndFitsResult result = LimitsAndFitsCheck.check(input);
        return CheckAnswer.of(LIMITS_AND_FITS, result, result.findings());
    }

    @PostMapping("/" + DIAMETER)
    @Operation(summary = "A measured shaft or bore against a class or absolute limits, with the gauge's uncertainty")
    CheckAnswer<DiameterResult> diameter(@RequestBody DiameterInput input) {
        DiameterResult result = DiameterCheck.check(input);
        return CheckAnswer.of(DIAMETER, result, result.findings());
    }

    @PostMapping("/" + LIP_SEAL_SIZE)
    @Operation(summary = "Listed lip seal sizes for a measured shaft, bore and depth")
    CheckAnswer<LipSealSizeResult> lipSealSize(@RequestBody LipSealSizeInput input) {
        LipSealSizeResult result = LipSealSizeCheck.check(input);
        return CheckAnswer.of(LIP_SEAL_SIZE, result, result.findings());
    }

    @PostMapping("/" + SEAT_SQUARENESS)
    @Operation(summary = "Tilt of a fitted seal from depths round the circumference, and where to tap")
    CheckAnswer<SeatSquarenessResult> seatSquareness(@RequestBody SeatSquarenessInput input) {
        SeatSquarenessResult result = SeatSquarenessCheck.check(input);
        return CheckAnswer.of(SEAT_SQUARENESS, result, result.findings());
    }

    @PostMapping("/" + LIP_SEAL)
    @Operation(
            summary = "Which lip seal a place wants: operating point, candidates ranked, others struck out with their "
                    + "reason")
    CheckAnswer<LipSealResult> lipSeal(@RequestBody LipSealInput input) {
        LipSealResult result = LipSealCheck.check(input);
        return CheckAnswer.of(LIP_SEAL, result, result.findings());
    }

    @PostMapping("/" + RUNNING_SURFACE)
    @Operation(summary = "A worn or damaged running surface, and the remedies in the order offered")
    CheckAnswer<RunningSurfaceResult> runningSurface(@RequestBody RunningSurfaceInput input) {
        RunningSurfaceResult result = LipSealRules.surface(input);
        return CheckAnswer.of(RUNNING_SURFACE, result, result.findings());
    }

    @PostMapping("/" + REMOVAL)
    @Operation(summary = "Ways of taking a part out, ruled out by what is round it and ordered")
    CheckAnswer<RemovalResult> removal(@RequestBody RemovalInput input) {
        RemovalResult result = RemovalCheck.check(input);
        return CheckAnswer.of(REMOVAL, result, result.findings());
    }

    @PostMapping("/" + DRIVER)
    @Operation(summary = "Dimensions of the driver for a lip seal, and the one to take from the own set")
    CheckAnswer<DriverResult> driver(@RequestBody DriverInput input) {
        DriverResult result = DriverCheck.check(input);
        return CheckAnswer.of(DRIVER, result, result.findings());
    }

    @PostMapping("/" + THERMAL_FIT)
    @Operation(summary = "How hot or how cold a part has to be to join a press fit")
    CheckAnswer<ThermalFitResult> thermalFit(@RequestBody ThermalFitInput input) {
        ThermalFitResult result = ThermalFitCheck.check(input);
        return CheckAnswer.of(THERMAL_FIT, result, result.findings());
    }

    @PostMapping("/" + SECTION)
    @Operation(summary = "An arrangement of seals: which way, how deep, what is in the way, in which order")
    CheckAnswer<SectionResult> section(@RequestBody Section input) {
        SectionResult result = LipSealRules.section(input);
        return CheckAnswer.of(SECTION, result, result.findings());
    }

    @PostMapping("/" + TORQUE_PLAN)
    @Operation(summary = "Sequence, passes and wrench setting for a ring of bolts")
    CheckAnswer<TorquePlanResult> torquePlan(@RequestBody TorquePlanInput input) {
        TorquePlanResult result = TorquePlanCheck.check(input);
        return CheckAnswer.of(TORQUE_PLAN, result, result.findings());
    }

    @PostMapping("/" + DIAGNOSIS)
    @Operation(summary = "Causes that signs point to, and the sign that would tell most next")
    CheckAnswer<DiagnosisResult> diagnosis(@RequestBody DiagnosisInput input) {
        DiagnosisResult result = DiagnosisCheck.check(input);
        return CheckAnswer.of(DIAGNOSIS, result, result.findings());
    }

    @GetMapping("/" + DIAGNOSIS + "/signs")
    @Operation(summary = "Lists the signs that a diagnosis knows")
    List<Symptom> signs() {
        return Symptom.all();
    }

    @PostMapping("/{kind}")
    @Operation(hidden = true)
    void unknown(@PathVariable String kind) {
        throw new UnknownKind(kind);
    }
}
