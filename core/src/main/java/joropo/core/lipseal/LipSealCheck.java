package joropo.core.lipseal;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.OptionalDouble;
import java.util.stream.Stream;
import joropo.core.fits.DiameterCheck;
import joropo.core.fits.DiameterResult;
import joropo.core.lipseal.LipSealResult.Candidate;
import joropo.core.lipseal.LipSealResult.StruckOut;
import joropo.core.material.Contact;
import joropo.core.material.Dirt;
import joropo.core.material.Medium;
import joropo.core.section.CaseType;
import joropo.core.shaft.Side;
import joropo.core.sizes.SealSize;
import joropo.core.surface.TrackFinish;
import joropo.core.surface.TrackRoundness;
import joropo.core.units.Length;
import joropo.core.verdict.Finding;
import joropo.core.verdict.FindingBuilder;
import joropo.core.verdict.Limits;
import joropo.core.verdict.Source;
import joropo.core.verdict.Status;
import org.jspecify.annotations.Nullable;

/**
 * Which lip seal a place wants: the operating point, every candidate judged and ranked, and what the place itself lacks
 * (guide).
 */
public final class LipSealCheck {
    private static final String GUIDE = "choosing lip seals";

    private final LipSealInput in;
    private final OperatingPoint at;
    private final CaseRule cases;
    private final List<Candidate> candidates;
    private final List<StruckOut> struckOut;
    private final @Nullable Candidate seal;
    private final List<Finding> findings = new ArrayList<>();

    private LipSealCheck(LipSealInput in) {
        this.in = in;
        at = OperatingPoint.of(in);
        cases = new CaseRule(in, at);
        DiameterResult shaft = in.shaft() == null ? null : DiameterCheck.check(in.shaft());
        boolean worn = shaft != null && read(shaft).status() == Status.FAIL && shaft.meanMm() < in.shaftNominalMm();
        var choosing = new Choosing(in, at, cases, worn);
        candidates = choosing.ranked();
        struckOut = choosing.struckOut();
        seal = candidates.stream().filter(this::isAsked).findFirst().orElse(null);
        if (shaft != null) {
            findings.add(size(shaft, in.shaftNominalMm(), SealSize.SHAFT_LESS_NOMINAL_MM)
                    .withId("shaft-size"));
            findings.add(TrackRoundness.judge(in.shaftNominalMm(), shaft.ovalityMm(), shaft.uncertaintyMm()));
        }
    }

    /** @throws joropo.core.units.RefusedInput when a fluid, a material or a class is not known */
    public static LipSealResult check(LipSealInput in) {
        if (in.material() != null) {
            in.materials().material(in.material(), "material");
        }
        var check = new LipSealCheck(in);
        PressFitResult fit = check.judge();
        return LipSealResultBuilder.builder()
                .surfaceSpeedMPerS(Length.snap(check.at.speedMPerS()))
                .temperatureRiseK(Length.snap(check.at.riseK()))
                .lipTemperatureC(Length.snap(check.at.lipC()))
                .frictionLossW(Length.snap(check.at.frictionW()))
                .interferenceMinMm(fit.interferenceMinMm())
                .interferenceMaxMm(fit.interferenceMaxMm())
                .hotInterferenceMinMm(fit.hotInterferenceMinMm())
                .thrustN(Length.snap(check.at.thrustN()))
                .candidates(check.candidates)
                .struckOut(check.struckOut)
                .findings(List.copyOf(check.findings))
                .build();
    }

    /** Codes of the listed materials that lips are made of, the cheapest first. */
    public static List<String> lipMaterials() {
        return MaterialRule.BY_PRICE;
    }

    private boolean isAsked(Candidate c) {
        return (in.layout() == null || c.layout() == in.layout())
                && (in.material() == null || c.material().equals(in.material()))
                && (in.caseType() == null || c.caseType() == in.caseType());
    }

    private PressFitResult judge() {
        findings.add(choice());
        findings.add(Finding.computed(
                "speed", "surface speed under the lip", Length.snap(at.speedMPerS()), "m/s", "From shaft and speed."));
        findings.add(heat());
        findings.add(Finding.computed(
                "friction", "heat made by one lip", Length.snap(at.frictionW()), "W", "A guide, without pressure."));
        fluids();
        findings.add(cold());
        PressFitResult fit = cases.fit(
                in.caseType() != null
                        ? in.caseType()
                        : !candidates.isEmpty() ? candidates.get(0).caseType() : CaseType.METAL);
        findings.addAll(fit.findings());
        if (in.bore() != null) {
            findings.add(size(DiameterCheck.check(in.bore()), in.boreNominalMm(), SealSize.BORE_LESS_NOMINAL_MM)
                    .withId("bore-size"));
        }
        place();
        findings.add(held());
        findings.add(pressure());
        findings.add(runOut());
        findings.add(offset());
        TrackFinish finish = LipSealSeatLimits.shaft(in.shaftNominalMm()).finish();
        findings.add(finish.judgeRoughness(
                in.raUm(), layout() == Layout.PTFE ? "PTFE" : seal == null ? "NBR" : seal.material()));
        findings.add(finish.judgeHardness(
                in.hardnessHrc(), at.speedMPerS(), in.dirt() != Dirt.CLEAN || layout() == Layout.PTFE, List.of()));
        if (in.runsBothWays()) {
            findings.add(guide(
                    "ribs",
                    Status.PASS,
                    "running both ways",
                    "The shaft runs both ways: only a plain lip or one with ribs for both ways.",
                    ""));
        }
        return fit;
    }

    /** What follows from the place: room, way round, edges, whether the size is listed, food. */
    private void place() {
        if (SealSize.all().stream().noneMatch(s -> s.is(in.shaftNominalMm(), in.boreNominalMm(), in.widthMm()))) {
            findings.add(guide(
                    "listed",
                    Status.CAUTION,
                    "size of the seal",
                    "This size is not listed: it may have to be made.",
                    "Look at the sizes near it."));
        }
        if (in.boreDepthMm() != null) {
            Limits limits = Limits.atLeast(Length.snap(in.widthMm() + LipSealSeatLimits.DEPTH_ROOM_MM));
            Status status = limits.judge(in.boreDepthMm(), 0);
            findings.add(guide(
                            "depth",
                            status,
                            "depth of the seat",
                            status == Status.PASS
                                    ? "The seat is deep enough for this width."
                                    : "The seat is too shallow for this width.",
                            status == Status.PASS ? "" : "Take a narrower seal.")
                    .withValue(in.boreDepthMm(), "mm")
                    .withLimits(limits, 0));
        }
        if (in.mainLip() != null) {
            findings.add(facing());
        }
        if (in.shaftEntersFrom() != null || in.shaftEnd() != null) {
            findings.add(ShaftEntry.judge(
                    in.shaftNominalMm(),
                    at.open(),
                    layout() != null && layout().hasDustLip(),
                    layout() == Layout.PTFE,
                    in.shaftEntersFrom(),
                    in.shaftEnd(),
                    null));
        }
        if (in.isFood()) {
            findings.add(guide(
                    "food",
                    Status.CAUTION,
                    "food or drinking water",
                    "Only a compound that is approved for this food, with its certificate kept, and a lubricant of "
                            + "food grade.",
                    "Keep the certificate with the record."));
        }
    }

    /** A lip that faces away from the only liquid leaks at once. */
    private Finding facing() {
        Contact kept = at.open() == Side.IN ? at.inside() : at.outside();
        Contact back = at.open() == Side.IN ? at.outside() : at.inside();
        boolean away = back.medium().isLiquid() && !kept.medium().isLiquid();
        return guide(
                "facing",
                away ? Status.FAIL : Status.PASS,
                "open side against the medium",
                away
                        ? "The " + back.medium().words() + " is at the lip's back: it will leak at once."
                        : "The open side faces " + at.open().words() + ".",
                away ? "Turn the seal." : "");
    }

    private static Finding read(DiameterResult result) {
        return result.findings().stream()
                .filter(f -> f.id().equals("size"))
                .findFirst()
                .orElseThrow();
    }

    /** Readings against their limits, and whether they belong to this nominal at all. */
    private static Finding size(DiameterResult result, double nominalMm, Limits band) {
        Finding read = read(result);
        if (!SealSize.belongs(band, result.meanMm(), nominalMm)) {
            return FindingBuilder.builder(read)
                    .status(Status.FAIL)
                    .message("Not this size: " + Length.show(result.meanMm(), 2) + " mm read, "
                            + Length.show(nominalMm, 2) + " mm nominal.")
                    .remedy("Look for the size that belongs to the readings.")
                    .build();
        }
        Finding gauge = result.findings().stream()
                .filter(f -> f.id().equals("gauge"))
                .findFirst()
                .orElseThrow();
        return read.status() == Status.PASS && gauge.status() == Status.CAUTION
                ? FindingBuilder.builder(read)
                        .status(Status.CAUTION)
                        .message(read.message() + " " + gauge.message())
                        .remedy(gauge.remedy())
                        .build()
                : read;
    }

    private Finding choice() {
        boolean asked = in.layout() != null || in.material() != null || in.caseType() != null;
        if (seal == null) {
            String reason = struckOut.stream()
                    .filter(s -> (in.layout() == null || s.layout() == in.layout())
                            && (in.material() == null || s.material().equals(in.material()))
                            && (in.caseType() == null || s.caseType() == in.caseType()))
                    .max(Comparator.comparing(this::likeRecommended))
                    .map(StruckOut::reason)
                    .orElse("it is not made");
            return guide(
                    "choice",
                    Status.FAIL,
                    "seal for this place",
                    asked && !candidates.isEmpty()
                            ? "What was decided is struck out: " + reason + "."
                            : "Every candidate is struck out" + (asked ? "; what was decided: " + reason + "." : "."),
                    "Change what speaks against it, or ask a maker for a seal made for this duty.");
        }
        String words = seal.layout().words() + ", " + seal.material() + ", "
                + seal.caseType().words();
        return seal.rank() == 1
                ? guide(
                        "choice",
                        seal.verdict(),
                        "seal for this place",
                        "Recommended: " + words
                                + (seal.verdict() == Status.PASS
                                        ? "."
                                        : "; " + seal.reasons().get(0) + ".")
                                + assumed(),
                        "")
                : guide(
                        "choice",
                        seal.verdict().worse(Status.CAUTION),
                        "seal for this place",
                        "Decided: " + words + ", number " + seal.rank() + " of " + candidates.size()
                                + (seal.verdict() == Status.PASS
                                        ? "."
                                        : "; " + seal.reasons().get(0) + "."),
                        "The reason for it is written down.");
    }

    /** What was taken for the place because nobody gave it, as a sentence. */
    private String assumed() {
        List<String> out = new ArrayList<>();
        if (in.shaft() == null) {
            out.add("shaft to its size");
        }
        if (in.bore() == null) {
            out.add("bore to H8");
        }
        if (in.shaftEntersFrom() == null && in.shaftEnd() == null) {
            out.add("no edge passes the lip");
        }
        if (in.outsideIsAssumed()) {
            out.add("air outside");
        }
        boolean inside = in.pressureInsideMpa() == null && in.insideMedium() != Medium.VACUUM;
        boolean outside = in.pressureOutsideMpa() == null && in.outsideMedium() != Medium.VACUUM;
        if (inside || outside) {
            out.add(inside && outside ? "no pressure" : inside ? "no pressure inside" : "no pressure outside");
        }
        if (in.corrosive() == null) {
            out.add("no salt or acid outside");
        }
        if (in.splitHousing() == null) {
            out.add("housing not split");
        }
        if (in.food() == null) {
            out.add("no food or drinking water");
        }
        if (in.rotation() == null && in.swing() == null) {
            out.add("the shaft turns one way");
        }
        return out.isEmpty() ? "" : " Assumed: " + String.join(", ", out) + ".";
    }

    /** How much of a struck-out seal is as recommended, so that the reason given is that of what was decided. */
    private int likeRecommended(StruckOut s) {
        return candidates.isEmpty()
                ? 0
                : (s.layout() == candidates.get(0).layout() ? 1 : 0)
                        + (s.material().equals(candidates.get(0).material()) ? 1 : 0);
    }

    private Finding heat() {
        boolean higher = Math.abs(at.pressureMpa()) > 0;
        return Finding.of(
                        "lip-temperature",
                        higher ? Status.CAUTION : Status.PASS,
                        "temperature at the lip",
                        "Sump " + Length.show(in.sumpTemperatureC(), 0) + " °C and " + Length.show(at.riseK(), 1)
                                + " K of its own" + (higher ? "; with pressure higher." : "."),
                        "",
                        Source.GUIDE,
                        GUIDE)
                .withValue(Length.snap(at.lipC()), "°C");
    }

    private void fluids() {
        if (!Boolean.TRUE.equals(in.insideAssumed())) {
            fluid(at.inside());
        }
        if (!Boolean.TRUE.equals(in.outsideAssumed())) {
            fluid(at.outside());
        }
    }

    private void fluid(Contact side) {
        if (side.unknown()) {
            findings.add(Finding.missing(
                    "fluid",
                    "fluid at the seal",
                    "The " + side.medium().words() + " is not named.",
                    "Name the fluid, or take its data sheet to a maker."));
        } else if (side.assumed()) {
            findings.add(guide(
                    "fluid",
                    Status.CAUTION,
                    "fluid at the seal",
                    "Fluid assumed: " + side.words() + ", the worst of them counts.",
                    "Name the fluid."));
        }
    }

    private Finding cold() {
        return in.coldestC() == null
                ? Finding.missing(
                        "cold",
                        "coldest start",
                        "The coldest start is not known: lips grow stiff in the cold.",
                        "Say how cold it may be.")
                : guide("cold", Status.PASS, "coldest start", "Materials that are stiff there are struck out.", "")
                        .withValue(in.coldestC(), "°C");
    }

    /** Why pressure cannot be judged yet; absent where it can. */
    private @Nullable String pressureIsMissing() {
        return at.vacuumIsMissing()
                ? "How deep the vacuum is, is not known."
                : at.openIsMissing() ? "Which way the seal will stand is not known, and pressure goes by it." : null;
    }

    /** What was taken for pressures and way round, as a sentence. */
    private String pressureAssumed() {
        List<String> out = new ArrayList<>();
        if (in.pressureInsideMpa() == null && in.insideMedium() != Medium.VACUUM) {
            out.add("0 MPa inside");
        }
        if (in.pressureOutsideMpa() == null && in.outsideMedium() != Medium.VACUUM) {
            out.add("0 MPa outside");
        }
        if (in.mainLip() == null) {
            out.add("open side to the " + at.open().words());
        }
        return out.isEmpty() ? "" : " Assumed: " + String.join(", ", out) + ".";
    }

    private Finding held() {
        if (pressureIsMissing() != null) {
            return Finding.missing(
                    "held", "held against pressure", pressureIsMissing(), "Read the pressure; decide the way round.");
        }
        double dp = at.open() == Side.IN ? at.pressureMpa() : -at.pressureMpa();
        String subject = "held against pressure";
        if (!LipSealRules.mustBeHeld(dp, in.shaftNominalMm(), in.boreNominalMm())) {
            return guide("held", Status.PASS, subject, "The press fit holds it." + pressureAssumed(), "")
                    .withValue(Length.snap(at.thrustN()), "N");
        }
        Side low = dp > 0 ? Side.OUT : Side.IN;
        String pushes = "Pressure pushes the seal " + low.words() + " with " + Length.show(at.thrustN(), 0) + " N";
        if (in.heldOn() == null) {
            return Finding.missing(
                    "held", subject, pushes + "; what holds it there is not known.", "Choose on which side a stop is.");
        }
        boolean holds = in.heldOn().holds(low);
        return guide(
                        "held",
                        holds ? Status.PASS : Status.FAIL,
                        subject,
                        pushes + (holds ? " and a stop takes it." + pressureAssumed() : " and nothing stops it there."),
                        holds
                                ? ""
                                : "A retaining ring or a cover on the " + low.words()
                                        + " of the seal; a stop on the other side counts as none.")
                .withValue(Length.snap(at.thrustN()), "N");
    }

    private Finding pressure() {
        double p = at.pressureMpa();
        String subject = "pressure at the lip against its speed";
        if (pressureIsMissing() != null) {
            return Finding.missing(
                    "pressure", subject, pressureIsMissing(), "Read the pressure; decide the way round.");
        }
        if (p < 0 && layout() != Layout.BACK_TO_BACK) {
            Status status = Limits.twoStep(-p, 0, 0, LayoutRule.BACK_MPA);
            return guide(
                            "pressure",
                            status,
                            "pressure on the lip's back",
                            status == Status.CAUTION
                                    ? "A little more pressure at the back than at the open side."
                                    : "Pressure at the back lifts the lip off the shaft.",
                            "Free the breather, or turn the seal.")
                    .withValue(-p, "MPa")
                    .withLimits(Limits.atMost(0), 0);
        }
        double own = Math.abs(p);
        boolean supported = layout() == Layout.PRESSURE;
        boolean maker = in.makerPressureMpa() != null;
        double most = maker
                ? in.makerPressureMpa()
                : supported
                        ? LipLimits.supportedPressureMpa(at.speedMPerS())
                        : at.standardPressureMpa().orElse(0);
        Status status = maker || supported ? Limits.atMost(most).judge(own, 0) : LayoutRule.standardProfile(at, own);
        String message =
                switch (status) {
                    case PASS ->
                        (own == 0 ? "No pressure on the lip." : "The profile stands this pressure at this speed.")
                                + pressureAssumed();
                    case CAUTION -> "At this speed the profile stands no pressure: a trace is borne.";
                    default -> "Pressure presses the lip onto the shaft: it runs hot and wears.";
                };
        Finding out = Finding.of(
                        "pressure",
                        status,
                        subject,
                        message,
                        status == Status.PASS ? "" : "Free the breather; else a profile for pressure.",
                        supported ? Source.GUIDE : Source.STANDARD,
                        supported ? GUIDE : "DIN 3760 class")
                .withValue(own, "MPa")
                .withLimits(Limits.atMost(most), 0);
        return maker ? byMaker(out) : out;
    }

    private Finding runOut() {
        OptionalDouble guide = LipLimits.runOutMm(family(), at.rpm());
        boolean maker = in.makerRunoutMm() != null;
        Finding out = play(
                "run-out",
                "run-out of the shaft at the lip (TIR)",
                in.runoutTirMm(),
                maker ? OptionalDouble.of(in.makerRunoutMm()) : guide,
                "The lip follows the shaft.",
                "The lip cannot follow the shaft and lifts at each turn.",
                "Bearings, coupling or a bent shaft want work first.");
        return maker ? byMaker(out) : out;
    }

    private Finding offset() {
        return play(
                "offset",
                "offset of shaft and bore",
                in.offsetMm(),
                LipLimits.offsetMm(family(), in.shaftNominalMm()),
                "The lip bridges the offset.",
                "The lip is pressed on one side and hardly touches on the other.",
                "Bring housing and shaft into line.");
    }

    private static Finding play(
            String id,
            String subject,
            @Nullable Double measured,
            OptionalDouble most,
            String holds,
            String fails,
            String remedy) {
        if (measured == null) {
            return Finding.missing(id, subject, "It has not been read.", "Read it with an indicator.");
        }
        if (most.isEmpty()) {
            return guide(id, Status.CAUTION, subject, "The table ends before this duty.", "Ask the seal's maker.")
                    .withValue(measured, "mm");
        }
        Limits limits = Limits.atMost(most.getAsDouble());
        Status status = limits.judge(measured, 0);
        return guide(id, status, subject, status == Status.PASS ? holds : fails, status == Status.PASS ? "" : remedy)
                .withValue(measured, "mm")
                .withLimits(limits, 0);
    }

    /** A maker's value goes before the guide; without its document it is good with caution at best. */
    private Finding byMaker(Finding f) {
        boolean unproved = in.makerDocument() == null;
        Finding out = unproved && f.status() == Status.PASS
                ? FindingBuilder.builder(f)
                        .status(Status.CAUTION)
                        .message(f.message() + " The maker's value is unproved: no document.")
                        .remedy("Name the maker's document.")
                        .build()
                : f;
        return out.withSource(Source.MAKER, unproved ? "typed, unproved: no document" : in.makerDocument());
    }

    private @Nullable Layout layout() {
        return in.layout() != null
                ? in.layout()
                : Stream.ofNullable(seal).map(Candidate::layout).findFirst().orElse(null);
    }

    /** Listed material by which run-out and offset are judged: the decided one's, the recommended one's, else NBR. */
    private String family() {
        String code = in.material() != null ? in.material() : seal != null ? seal.material() : "NBR";
        return in.materials().material(code, "material").family();
    }

    private static Finding guide(String id, Status status, String subject, String message, String remedy) {
        return Finding.of(id, status, subject, message, remedy, Source.GUIDE, GUIDE);
    }
}
