package joropo.app.family.lipseal;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import joropo.app.family.CommonFields;
import joropo.app.family.JobFinding;
import joropo.app.family.ReadFields;
import joropo.app.family.Stage;
import joropo.app.settings.ShopGauge;
import joropo.app.ui.Field;
import joropo.core.arrangement.Fact;
import joropo.core.arrangement.PartKind;
import joropo.core.diagnosis.DrainedOil;
import joropo.core.lipseal.BoreFinish;
import joropo.core.lipseal.Deciding;
import joropo.core.lipseal.LipSealResult;
import joropo.core.lipseal.LipSealRules;
import joropo.core.lipseal.NewSealCheck;
import joropo.core.lipseal.PairPlaces;
import joropo.core.lipseal.PairRoom;
import joropo.core.lipseal.PressFitCheck;
import joropo.core.lipseal.SealsInOnePlace;
import joropo.core.lipseal.ShaftEntry;
import joropo.core.lipseal.ShaftSeat;
import joropo.core.material.Elastomer;
import joropo.core.material.Materials;
import joropo.core.plan.StripLog;
import joropo.core.readings.Gauge;
import joropo.core.readings.GaugeDue;
import joropo.core.removal.Cleaning;
import joropo.core.section.AsFound;
import joropo.core.section.BoreItem;
import joropo.core.section.CaseType;
import joropo.core.section.Section;
import joropo.core.shaft.Side;
import joropo.core.surface.RunningSurfaceCheck;
import joropo.core.surface.SleevePlace;
import joropo.core.verdict.Finding;
import joropo.core.verdict.Limits;
import joropo.core.verdict.Status;

/** What the checks of a lip seal find, by the stage whose readings each rests on. */
final class LipSealFindings {
    /** Rules that are judged again with the depth where the seal really stands. */
    private static final Set<String> FITTED = Set.of("S2", "S4", "S5", "S9");
    /** What the shaft's own readings say already. */
    private static final Set<String> READ_ALREADY = Set.of("size", "roundness");
    /** Findings of the choice that are judged with the readings, or said elsewhere on the sheet. */
    private static final Set<String> OF_THE_CHOICE =
            Set.of("choice", "lip-temperature", "fluid", "cold", "held", "pressure", "ribs", "food");

    private static final Set<String> OF_THE_SHAFT = Set.of("run-out", "offset");
    private static final Set<String> OF_THE_DRIVER = Set.of("edge", "own", "stop");

    private final LipSealWork work;
    private final ReadFields read;
    private final TrackAssessment track;
    private final Section section;
    private final BoreItem.Seal seal;
    private final Decided decided;
    private final List<JobFinding> findings = new ArrayList<>();

    private LipSealFindings(LipSealWork work) {
        this.work = work;
        read = work.read();
        track = work.track();
        section = work.entry().section();
        seal = work.entry().seal();
        decided = work.decided();
    }

    /** @param otherwise the same where two words contradict, with the other one: the worse of each rule stands */
    static List<JobFinding> of(LipSealWork work, List<LipSealWork> otherwise) {
        Map<String, List<JobFinding>> out = byRule(of(work));
        otherwise.forEach(w -> byRule(w.findings())
                .forEach((rule, found) -> out.merge(rule, found, (a, b) -> worst(b).compareTo(worst(a)) < 0 ? b : a)));
        return out.values().stream().flatMap(List::stream).toList();
    }

    private static Map<String, List<JobFinding>> byRule(List<JobFinding> found) {
        return found.stream()
                .collect(Collectors.groupingBy(f -> f.stage() + f.key(), LinkedHashMap::new, Collectors.toList()));
    }

    private static Status worst(List<JobFinding> found) {
        return found.stream().map(JobFinding::status).reduce(Status::worse).orElseThrow();
    }

    private static List<JobFinding> of(LipSealWork work) {
        var out = new LipSealFindings(work);
        out.add(Stage.INTAKE, Deciding.speed(work.speedMPerS()));
        out.strip();
        out.measure();
        out.decide();
        out.fit();
        return List.copyOf(out.findings);
    }

    private void strip() {
        LipSealFacts.Found found = work.entry().found();
        Side faced = found.faced();
        DrainedOil drained = read.get(LipSealFields.DRAINED);
        if (drained != null) {
            drained.finding().ifPresent(f -> add(Stage.INTAKE, f));
        }
        clashes();
        work.lastTime()
                .map(left -> AsFound.changedSince(left, found.placeMm(), faced))
                .ifPresent(all -> all.forEach(f -> add(Stage.STRIP, f)));
        if (work.entry().among().leads()) {
            AsFound.count(
                            StripLog.seals(work.log()).stream()
                                    .filter(r -> !r.leftOut())
                                    .count(),
                            section.seals().size())
                    .ifPresent(f -> add(Stage.DECIDE, f));
        }
        if (faced != null) {
            add(Stage.STRIP, AsFound.judge(faced, work.entry().inside()));
        }
        if (work.removal() != null) {
            work.removal().findings().stream().filter(f -> f.id().equals("way")).forEach(f -> add(Stage.STRIP, f));
        }
    }

    /** Two words for one figure of the old seal: each is said at its own place. */
    private void clashes() {
        String key = work.alike().key();
        work.known().arrangement().clashes().stream()
                .filter(c -> c.drawn().part().equals(key))
                .forEach(c -> List.of(c.drawn(), c.other())
                        .forEach(f -> add(Stage.STRIP, c.finding(ruleOf(f), PartKind.LIP_SEAL.words()))));
    }

    /** Of the list of what came off by its row, of the sheet by what it asks. */
    private static String ruleOf(Fact<?> fact) {
        return fact.at().startsWith("off")
                ? fact.at()
                : "found-" + fact.property().name().replace(' ', '-');
    }

    private void measure() {
        work.measured()
                .findings()
                .forEach(f -> add(
                        Stage.MEASURE,
                        f.id().equals("shaft-size") || f.id().equals("roundness") ? track.answered(f) : f));
        List<Finding> ofThePlace = new ArrayList<>(track.findings().stream()
                .filter(f -> !READ_ALREADY.contains(f.id()) && !f.id().equals("remedy"))
                .toList());
        ofThePlace.addAll(chosen(OF_THE_SHAFT));
        Deciding.gathered(ofThePlace).forEach(f -> add(Stage.MEASURE, f));
        add(
                Stage.MEASURE,
                ShaftEntry.judge(
                        section.shaftDiameterMm(),
                        decided.mainLip() == null ? Side.IN : decided.mainLip(),
                        seal.dustLip() != null,
                        decided.isPtfe(),
                        read.get(LipSealFields.ENTERS_FROM),
                        read.get(LipSealFields.SHAFT_END),
                        read.get(LipSealFields.EDGE_COVER)));
        Double boreRa = read.get(LipSealFields.BORE_RA);
        if (boreRa != null) {
            boolean rubber = decided.caseTypeOrRecommended()
                    .filter(c -> c == CaseType.RUBBER)
                    .isPresent();
            add(Stage.MEASURE, BoreFinish.judge(boreRa, seal.widthMm(), rubber));
        }
        solvent();
        inDate(Stage.MEASURE, CommonFields.SHAFT_GAUGE);
        inDate(Stage.MEASURE, CommonFields.BORE_GAUGE);
        inDate(Stage.MEASURE, LipSealFields.DEPTH_GAUGE);
    }

    private void solvent() {
        String code = read.get(LipSealFields.SOLVENT);
        if (code != null) {
            Materials known = read.shop().seals(read.get(LipSealFields.RUBBER_STAYS), code);
            List<Elastomer> stays = Stream.of(
                            read.get(LipSealFields.RUBBER_STAYS) == null
                                    ? null
                                    : known.material(read.get(LipSealFields.RUBBER_STAYS), "rubberStays"),
                            decided.material())
                    .filter(Objects::nonNull)
                    .distinct()
                    .toList();
            add(Stage.MEASURE, Cleaning.solvent(known.fluid(code, "solvent"), stays));
        }
    }

    /** What the choice of a seal found under these names; nothing while the speed is not known. */
    private List<Finding> chosen(Set<String> ids) {
        LipSealResult choosing = decided.choosing();
        return choosing == null
                ? List.of()
                : choosing.findings().stream().filter(f -> ids.contains(f.id())).toList();
    }

    private void inDate(Stage stage, Field<String> field) {
        ShopGauge gauge = read.gauge(field);
        if (gauge != null && gauge.dueOn() != null) {
            add(stage, GaugeDue.judge(gauge.words(), gauge.dueOn(), read.shop().today()));
        }
    }

    private void decide() {
        chosen(OF_THE_CHOICE).forEach(f -> add(Stage.DECIDE, f));
        if (work.measured().sizes() != null) {
            work.measured().sizes().findings().forEach(f -> add(Stage.DECIDE, f));
        }
        Deciding.decided(decided.open(), decided.size()).forEach(f -> add(Stage.DECIDE, f));
        if (work.isOnShaft()) {
            add(Stage.DECIDE, ShaftSeat.interference());
        }
        if (work.pressFit() != null) {
            work.pressFit().findings().forEach(f -> add(Stage.DECIDE, f));
        }
        track.findings().stream().filter(f -> f.id().equals("remedy")).forEach(f -> add(Stage.DECIDE, f));
        if (track.remedy() != null && decided.size() != null) {
            add(Stage.DECIDE, RunningSurfaceCheck.leadsTo(track.remedy(), decided.size()));
        }
        if (work.alike().isAlone()
                && decided.layout() != null
                && decided.layout().isPair()) {
            add(Stage.DECIDE, PairRoom.judge(seal.widthMm(), read.get(LipSealFields.STOP_DEPTH), section.depthU()));
        }
        arranged();
        if (!work.alike().isAlone()) {
            SealsInOnePlace.judge(section, work.entry().among().id()).ifPresent(f -> add(Stage.DECIDE, f));
        }
        if (work.decidedSection() != null) {
            work.decidedSection().findings().stream()
                    .filter(work::concerns)
                    .filter(f -> !isJudgedOnTheSheet(f))
                    .forEach(f -> add(Stage.DECIDE, f));
        }
        if (work.fitting().driver() != null) {
            work.fitting().driver().findings().stream()
                    .filter(f -> OF_THE_DRIVER.contains(f.id()))
                    .forEach(f -> add(Stage.DECIDE, f.withId("driver-" + f.id())));
        }
    }

    /** Edges on the shaft are asked for on the sheet, and a maker's word for the pressure goes before the tables. */
    private boolean isJudgedOnTheSheet(Finding found) {
        return switch (found.id()) {
            case "S11" -> !work.isRearranged() || found.status() == Status.MISSING;
            case "D13" -> read.get(LipSealFields.MAKER_PRESSURE) != null;
            default -> false;
        };
    }

    /** What lies between it and the next one, and seals that the section has and the job has not. */
    private void arranged() {
        if (!work.alike().isAlone() && !work.entry().facesTheMachine()) {
            PairPlaces.betweenUnsaid(
                            read.get(LipSealFields.BETWEEN_MEDIUM),
                            read.get(LipSealFields.BETWEEN_LEVEL),
                            read.get(LipSealFields.BETWEEN_FEED))
                    .ifPresent(f -> add(Stage.DECIDE, f));
        }
        int more = section.seals().size() - work.typed().section().seals().size();
        if (more > 0 && work.entry().among().leads()) {
            add(Stage.DECIDE, PairPlaces.withoutItem(more));
        }
    }

    private void fit() {
        SeatDepths seat = work.seat();
        seat.findings().forEach(f -> add(Stage.FIT, f));
        if (seat.square() != null) {
            LipSealRules.section(work.fitted()).findings().stream()
                    .filter(f -> FITTED.contains(f.id()) && work.concerns(f))
                    .forEach(f -> add(Stage.FIT, f.withId(f.id() + "-fitted")));
        }
        newSeal();
        if (work.hasRunningSleeve()) {
            add(
                    Stage.FIT,
                    SleevePlace.judge(
                            read.get(LipSealFields.SLEEVE_PLACE_OLD),
                            read.get(LipSealFields.SLEEVE_PLACE_NEW),
                            seat.uncertaintyMm()));
        }
        inDate(Stage.FIT, CommonFields.FIT_GAUGE);
    }

    private void newSeal() {
        Double outside = read.get(LipSealFields.NEW_OUTSIDE);
        Double width = read.get(LipSealFields.NEW_WIDTH);
        if (decided.size() == null || outside == null && width == null) {
            return;
        }
        CaseType caseType = decided.caseTypeOrRecommended().orElse(null);
        Limits limits = caseType == null
                ? null
                : PressFitCheck.outsideLimits(
                        work.duty().pressFit(read, work.measured(), section.boreDiameterMm(), caseType));
        ShopGauge gauge = read.gauge(LipSealFields.NEW_GAUGE, CommonFields.SHAFT_GAUGE);
        double largest = outside == null ? decided.size().boreMm() : outside;
        double uncertaintyMm = gauge == null ? Gauge.CALIPER.uncertaintyMm(largest) : gauge.uncertaintyMm(largest);
        NewSealCheck.check(
                        limits,
                        outside,
                        decided.size().widthMm(),
                        BoreItem.Sealing.usualToleranceMm(decided.size().widthMm()),
                        width,
                        uncertaintyMm)
                .forEach(f -> add(Stage.FIT, f));
        inDate(Stage.FIT, LipSealFields.NEW_GAUGE);
    }

    private void add(Stage stage, Finding finding) {
        findings.add(new JobFinding(stage, finding));
    }
}
