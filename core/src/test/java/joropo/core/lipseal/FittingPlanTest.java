package joropo.core.lipseal;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import joropo.core.arrangement.Arrangement;
import joropo.core.arrangement.Fact;
import joropo.core.arrangement.Origin;
import joropo.core.arrangement.PartKind;
import joropo.core.arrangement.Property;
import joropo.core.material.Elastomer;
import joropo.core.material.Medium;
import joropo.core.plan.Part;
import joropo.core.plan.PutIn;
import joropo.core.plan.Step;
import joropo.core.section.BoreItem;
import joropo.core.section.BoreItemSealBuilder;
import joropo.core.section.CaseType;
import joropo.core.section.ClockMark;
import joropo.core.section.GreaseFeed;
import joropo.core.section.Joint;
import joropo.core.section.Level;
import joropo.core.section.Section;
import joropo.core.section.SectionBuilder;
import joropo.core.section.Space;
import joropo.core.shaft.Rotation;
import joropo.core.shaft.Side;
import joropo.core.sizes.SealSize;
import joropo.core.surface.Remedy;
import joropo.core.surface.RunningSurfaceInputBuilder;
import joropo.core.units.LengthUnit;
import joropo.core.verdict.Finding;
import joropo.core.verdict.Status;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;

class FittingPlanTest {
    private static List<Step> plan(
            Side lip, @Nullable Side dustLip, CaseType type, @Nullable ShaftEnd end, @Nullable Double depth) {
        return FittingPlan.of(input(lip, dustLip, type, end, depth));
    }

    private static PlanInput input(
            Side lip, @Nullable Side dustLip, CaseType type, @Nullable ShaftEnd end, @Nullable Double depth) {
        Layout layout = dustLip == null ? Layout.PLAIN : Layout.DUST_LIP;
        Elastomer material = Elastomer.of("HNBR");
        return PlanInputBuilder.builder()
                .section(section(lip, dustLip))
                .buildOrder(LipSealRules.section(section(lip, dustLip)).buildOrder())
                .size(SealSize.parse("45x62x8", LengthUnit.MM))
                .layout(layout)
                .material(material)
                .caseType(type)
                .shaftEnd(end)
                .targetDepthMm(depth)
                .lubricants(Lubricants.of(material, Medium.OIL, layout, type, false, end == ShaftEnd.SPLINE))
                .runningSleeve(false)
                .oneWay(false)
                .build();
    }

    private static PlanInput with(
            PlanInput in,
            @Nullable EdgeCover cover,
            @Nullable Remedy remedy,
            double grooveMm,
            @Nullable DriverResult driver,
            boolean sleeve) {
        var surface = LipSealRules.surface(RunningSurfaceInputBuilder.builder()
                .nominalMm(45.0)
                .measuredMm(44.98)
                .uncertaintyMm(0.005)
                .grooveDepthMm(grooveMm)
                .grooveWidthMm(1.2)
                .shiftInwardMm(2.5)
                .shiftOutwardMm(0.0)
                .boreMm(62.0)
                .defects(List.of())
                .build());
        return PlanInputBuilder.builder()
                .section(in.section())
                .buildOrder(in.buildOrder())
                .size(in.size())
                .layout(in.layout())
                .material(in.material())
                .caseType(in.caseType())
                .shaftEnd(in.shaftEnd())
                .cover(cover)
                .targetDepthMm(in.targetDepthMm())
                .remedy(remedy == null ? null : surface.offer(remedy).orElseThrow())
                .lubricants(in.lubricants())
                .driver(driver)
                .runningSleeve(sleeve)
                .sleevePlaceMm(sleeve ? 12.5 : null)
                .oneWay(false)
                .build();
    }

    private static String wayRound(Section section) {
        return FittingPlan.wayRound(section, Among.alone(section));
    }

    private static String acts(PlanInput in) {
        return FittingPlan.of(in).stream()
                .map(s -> s.instruction() + " " + s.why() + " " + s.caution())
                .collect(Collectors.joining(" "));
    }

    private static Section section(Side lip, @Nullable Side dustLip) {
        return SectionBuilder.builder()
                .name("output")
                .rotation(Rotation.CCW)
                .shaftDiameterMm(45.0)
                .boreDiameterMm(62.0)
                .shaftEntersFrom(Side.IN)
                .spaces(List.of(new Space(Medium.AIR, null, null, null), new Space(Medium.OIL, null, null, null)))
                .boreItems(List.of(BoreItemSealBuilder.builder()
                        .id("s1")
                        .fromMm(2.0)
                        .widthMm(8.0)
                        .outsideDiameterMm(62.0)
                        .mainLip(lip)
                        .dustLip(dustLip)
                        .spring(true)
                        .build()))
                .shaftItems(List.of())
                .build();
    }

    private static Step step(List<Step> plan, String id) {
        return plan.stream().filter(s -> s.id().equals(id)).findFirst().orElseThrow();
    }

    @Test
    void runsInWorkingOrderWithItsHoldPoints() {
        List<Step> plan = plan(Side.IN, Side.OUT, CaseType.RUBBER, ShaftEnd.FULL_CHAMFER, 2.0);
        assertThat(plan)
                .extracting(Step::id)
                .containsExactly(
                        "parts",
                        "clean",
                        "dry-trial",
                        "way-round",
                        "outside",
                        "lip",
                        "between",
                        "edges",
                        "start",
                        "drive",
                        "depth",
                        "free",
                        "shaft",
                        "print",
                        "turn",
                        "fill",
                        "run");
        assertThat(plan)
                .filteredOn(Step::hold)
                .extracting(Step::id)
                .containsExactly("parts", "clean", "way-round", "depth", "free", "shaft", "turn", "run");
        assertThat(new HashSet<>(plan)).hasSameSizeAs(plan);
    }

    @Test
    void saysWhichWayRoundWithoutTheDrawing() {
        assertThat(wayRound(section(Side.IN, Side.OUT)))
                .isEqualTo("Open side, with the spring, faces inside, towards the oil; dust lip faces outside.");
        assertThat(wayRound(section(Side.OUT, null)))
                .isEqualTo("Open side, with the spring, faces outside, towards the air.");
    }

    @Test
    void followsFromWhatIsReallyThere() {
        List<Step> plan = plan(Side.IN, null, CaseType.METAL, ShaftEnd.KEYWAY_OR_THREAD, 2.5);
        assertThat(step(plan, "depth").instruction()).contains("to 2.50 mm from the face");
        assertThat(step(plan, "outside").instruction()).startsWith("Case outside: dry");
        assertThat(step(plan, "edges").instruction())
                .isEqualTo("Cover it: keyway or thread on the way. Lubricated assembly sleeve or tape; count it in.");
        assertThat(step(plan, "turn").instruction()).contains("first anticlockwise seen from outside");
        assertThat(step(plan(Side.IN, null, CaseType.RUBBER, ShaftEnd.FULL_CHAMFER, null), "edges")
                        .instruction())
                .contains("meets the open side first");
        assertThat(step(plan(Side.OUT, null, CaseType.RUBBER, ShaftEnd.ROUNDED, null), "edges")
                        .instruction())
                .contains("enters with the lip");
        assertThat(step(plan(Side.IN, Side.OUT, CaseType.RUBBER, null, null), "between")
                        .instruction())
                .contains("a third to a half");
    }

    @Test
    void takesRemedySleeveDriverAndCoverIntoItsSteps() {
        PlanInput base = input(Side.IN, Side.OUT, CaseType.RUBBER, ShaftEnd.SPLINE, 2.5);
        assertThat(acts(with(base, null, Remedy.MOVE, 0.04, null, false)))
                .contains("Move the lip: it takes 2.00 mm, play and growth assumed to be 0; inward there is room")
                .contains("goes to 2.50 mm from the face");
        assertThat(acts(with(base, null, Remedy.THIN_SLEEVE, 0.04, null, false)))
                .contains("Thin sleeve over the worn track")
                .contains("1.5 mm past the lip on both sides");
        assertThat(FittingPlan.of(with(base, null, Remedy.DRESS, 0.01, null, false)))
                .extracting(Step::id)
                .contains("remedy", "remedy-proof");
        assertThat(acts(with(base, EdgeCover.SLEEVE, null, 0, null, false)))
                .contains("assembly sleeve to Ø 46.00")
                .contains("blind splines are not filled");
        var driver = DriverCheck.check(DriverInputBuilder.builder()
                .shaftMm(45.0)
                .boreMm(62.0)
                .outsideDiameterMm(62.0)
                .proudMm(2.0)
                .shaftInPlace(true)
                .build());
        assertThat(acts(with(base, null, null, 0, driver, false)))
                .contains("plate Ø 72.0, bearing on the case from Ø 56.33 outward, recess 2.00 deep");
        assertThat(acts(with(base, null, null, 0, null, true)))
                .contains("at 12.50 mm from its shoulder, within 0.25 mm")
                .contains("never one alone");
    }

    @Test
    void thePartsListRenewsSleeveAndSealTogether() {
        PlanInput base = input(Side.IN, Side.OUT, CaseType.RUBBER, ShaftEnd.SPLINE, 2.5);
        assertThat(PartsList.of(base))
                .extracting(Part::name)
                .containsExactly("lip seal 45x62x8, lip with dust lip, HNBR, rubber-covered case");
        var sleeved = PartsList.of(with(base, EdgeCover.TAPE, null, 0, null, true));
        assertThat(sleeved)
                .extracting(Part::together)
                .as("what covers an edge is a tool: counted in and out, on no record as fitted")
                .containsExactly("running sleeve", "lip seal");
        assertThat(FittingPlan.of(with(base, EdgeCover.TAPE, null, 0, null, true)))
                .filteredOn(s -> s.countsIn() != null)
                .singleElement()
                .satisfies(s -> assertThat(s.tools()).isEqualTo(s.countsIn()));
        assertThat(PartsList.of(with(base, null, Remedy.THIN_SLEEVE, 0.4, null, false)))
                .extracting(Part::name)
                .anyMatch(n -> n.startsWith("thin repair sleeve for shaft 45.00, Ø 45.60"))
                .contains("metal-filled epoxy", "sealant film");
        assertThat(PartsList.of(with(base, null, Remedy.MOVE, 0.04, null, false)))
                .hasSize(1);
    }

    /** Leaving any of it out is never better than saying it. */
    @Test
    void whatLiesBetweenTwoSealsIsSaidWholeOrMissing() {
        assertThat(PairPlaces.betweenUnsaid(Medium.GREASE, Level.PARTIAL, GreaseFeed.NONE))
                .isEmpty();
        assertThat(PairPlaces.betweenUnsaid(Medium.AIR, null, null)).isEmpty();
        assertThat(PairPlaces.betweenUnsaid(Medium.OIL, Level.FULL, null)).isEmpty();
        assertThat(PairPlaces.betweenUnsaid(Medium.GREASE, Level.PARTIAL, null)
                        .orElseThrow()
                        .message())
                .endsWith("assumed: not fed.");
        assertThat(PairPlaces.betweenUnsaid(Medium.OIL, null, null)).isPresent();
        assertThat(PairPlaces.betweenUnsaid(null, null, null).orElseThrow().message())
                .isEqualTo("Nobody has said what lies there.");
    }

    /**
     * What nobody said is neither kept nor filled in, whichever way the two face and whatever stands on either side.
     */
    @Test
    void whatNobodySaidBetweenTwoSealsIsNotGrease() {
        for (Medium outside : Medium.values()) {
            for (Medium inside : Medium.values()) {
                List<Side[]> ways = new ArrayList<>(List.of(
                        new Side[] {Side.IN, Side.IN}, new Side[] {Side.OUT, Side.OUT}, new Side[] {Side.IN, Side.OUT
                        }));
                if (outside != inside) {
                    ways.add(new Side[] {Side.OUT, Side.IN}); // back to back in one medium each lip has it anyway
                }
                for (Side[] way : ways) {
                    assertThat(worst(pair(outside, Space.unsaid(), inside, way[0], way[1])))
                            .as(outside + ", " + inside + ", " + way[0] + ", " + way[1])
                            .isLessThanOrEqualTo(Status.MISSING);
                }
            }
        }
        Section unsaid = pair(Medium.AIR, Space.unsaid(), Medium.OIL, Side.IN, Side.IN);
        Section said = pair(Medium.AIR, new Space(Medium.OIL, null, null, Level.PARTIAL), Medium.OIL, Side.IN, Side.IN);
        assertThat(worst(said)).isEqualTo(Status.PASS);
        assertThat(FittingPlan.wayRound(unsaid, new Among("s1", "outer seal", false)))
                .contains("towards the other seal");
        assertThat(FittingPlan.wayRound(said, new Among("s1", "outer seal", false)))
                .contains("towards the oil");
        assertThat(LipSealRules.section(unsaid).findings())
                .extracting(Finding::message)
                .noneMatch(m -> m.contains("the grease"));
        assertThat(planned(unsaid))
                .contains("say first what lies in the room behind it")
                .doesNotContain("grease first");
    }

    private static Status worst(Section section) {
        return LipSealRules.section(section).findings().stream()
                .filter(f -> Set.of("D1", "D3", "D4").contains(f.id()))
                .map(Finding::status)
                .reduce(Status.PASS, Status::worse);
    }

    private static String planned(Section section) {
        PlanInput input = PlanInputBuilder.builder(input(Side.IN, null, CaseType.RUBBER, ShaftEnd.FULL_CHAMFER, 14.0))
                .section(section)
                .buildOrder(LipSealRules.section(section).buildOrder())
                .among(new Among("s1", "outer seal", false))
                .build();
        return FittingPlan.of(input).stream().map(Step::instruction).collect(Collectors.joining(" "));
    }

    private static Section pair() {
        return pair(Medium.AIR, new Space(Medium.GREASE, null, null, Level.PARTIAL), Medium.OIL, Side.OUT, Side.IN);
    }

    private static Section pair(Medium outside, Space between, Medium inside, Side outer, Side inner) {
        List<BoreItem> bore = List.of(
                new BoreItem.Ring("r1", 1.0, 2.2, 2.0, null, null, null),
                BoreItemSealBuilder.builder()
                        .id("s1")
                        .fromMm(3.0)
                        .widthMm(8.0)
                        .outsideDiameterMm(62.0)
                        .mainLip(outer)
                        .spring(true)
                        .build(),
                new BoreItem.Spacer("w1", 11.0, 2.5, null, null, null, null, null),
                BoreItemSealBuilder.builder()
                        .id("s2")
                        .fromMm(14.0)
                        .widthMm(8.0)
                        .outsideDiameterMm(62.0)
                        .mainLip(inner)
                        .spring(true)
                        .build(),
                new BoreItem.Shoulder("h1", 22.0, null, null));
        return SectionBuilder.builder()
                .name("pair")
                .rotation(Rotation.CW)
                .shaftDiameterMm(45.0)
                .boreDiameterMm(62.0)
                .shaftEntersFrom(Side.IN)
                .spaces(List.of(new Space(outside, null, null, null), between, new Space(inside, null, null, null)))
                .boreItems(bore)
                .shaftItems(List.of())
                .joints(List.of(
                        new Joint(Joint.Kind.SPLINE, List.of(0, 2), Joint.Closure.SEALANT, "s1"),
                        new Joint(Joint.Kind.GASKET, List.of(0, 2), Joint.Closure.GASKET),
                        new Joint(Joint.Kind.PLUG, List.of(0, 2), null)))
                .clockMarks(List.of(new ClockMark("port on top", 12.0)))
                .build();
    }

    /**
     * Each seal by its name, with what it takes alone; what is done once stands once, and all in the order of building.
     */
    @Test
    void ofSeveralSealsEachHasItsStepsByItsName() {
        Section section = pair();
        PlanInput base = input(Side.IN, null, CaseType.RUBBER, ShaftEnd.FULL_CHAMFER, 14.0);
        var both = PlanInputBuilder.builder(base)
                .section(section)
                .buildOrder(LipSealRules.section(section).buildOrder());
        List<Step> inner =
                FittingPlan.of(both.among(new Among("s2", "inner seal", true)).build());
        List<Step> outer = FittingPlan.of(both.among(new Among("s1", "outer seal", false))
                .targetDepthMm(3.0)
                .build());
        assertThat(outer).extracting(Step::id).doesNotContain("clean", "clock-1", "in-w1", "in-r1", "shaft", "run");
        Arrangement parts = new Arrangement(
                List.of(
                        joropo.core.arrangement.Part.added("i1", PartKind.LIP_SEAL, "inner seal"),
                        joropo.core.arrangement.Part.added("i2", PartKind.LIP_SEAL, "outer seal"),
                        joropo.core.arrangement.Part.added("n-w1", PartKind.SPACER, "washer w1"),
                        joropo.core.arrangement.Part.added("n-r1", PartKind.RETAINING_RING, "retaining ring r1")),
                Stream.of(Map.entry("i1", 14.0), Map.entry("i2", 3.0), Map.entry("n-w1", 11.0), Map.entry("n-r1", 1.0))
                        .<Fact<?>>map(e ->
                                new Fact<>(e.getKey(), Property.PLACE, e.getValue(), 0, Origin.DECIDED, e.getKey()))
                        .toList());
        Map<String, List<Step>> plans = new LinkedHashMap<>();
        plans.put("i1", inner);
        plans.put("i2", outer.stream().map(s -> s.under("i2-")).toList());
        List<Step> all = PutIn.plan(parts.planned(), List.of(), plans, Map.of("n-w1", "w1", "n-r1", "r1"), List.of());
        assertThat(all)
                .extracting(Step::id)
                .doesNotHaveDuplicates()
                .doesNotContain("in-s1")
                .containsSubsequence(
                        "way-round",
                        "i2-way-round",
                        "start",
                        "depth",
                        "in-w1",
                        "i2-start",
                        "i2-depth",
                        "in-r1",
                        "shaft");
        assertThat(step(all, "depth").instruction()).startsWith("Depth of the inner seal at four places, to 14.00 mm");
        assertThat(step(all, "i2-depth").instruction())
                .startsWith("Depth of the outer seal at four places, to 3.00 mm");
        assertThat(step(all, "i2-start").instruction()).contains("filled with grease first");
        assertThat(step(all, "i2-way-round").instruction()).contains("faces outside, towards the air");
    }

    /**
     * Two seals, a washer, a ring, splines closed before the outer seal, a port on top: each in its turn, with what it
     * is held against.
     */
    @Test
    void putsInEveryPartOfTheSectionInItsOrder() {
        Section section = pair();
        PlanInput base = input(Side.IN, null, CaseType.RUBBER, ShaftEnd.FULL_CHAMFER, 13.5);
        List<Step> plan = FittingPlan.of(PlanInputBuilder.builder()
                .section(section)
                .buildOrder(LipSealRules.section(section).buildOrder())
                .size(base.size())
                .layout(base.layout())
                .material(base.material())
                .caseType(base.caseType())
                .shaftEnd(base.shaftEnd())
                .targetDepthMm(13.5)
                .lubricants(base.lubricants())
                .runningSleeve(false)
                .oneWay(false)
                .build());
        assertThat(plan)
                .extracting(Step::id)
                .containsSubsequence(
                        "way-round",
                        "clock-1",
                        "joint-gasket-joint-between-outside-and-space-2",
                        "start",
                        "drive",
                        "depth",
                        "free",
                        "in-w1",
                        "joint-splines-between-outside-and-space-2",
                        "in-s1",
                        "in-r1",
                        "shaft");
        assertThat(plan).extracting(Step::id).as("an open joint is no step").noneMatch(id -> id.contains("plug"));
        assertThat(plan.stream().filter(s -> s.part() != null).map(Step::part))
                .containsExactly("s2", "s2", "w1", "s1", "r1");
        assertThat(step(plan, "in-s1").instruction())
                .isEqualTo("Then the lip seal s1: open side faces outside, outer face to 2.50 mm; the room behind it "
                        + "filled with grease first, a third to a half.");
        assertThat(step(plan, "in-s1").hold()).isTrue();
        assertThat(step(plan, "in-r1").caution()).contains("nobody in line with the ring");
        assertThat(step(plan, "clock-1").instruction()).contains("at 12 o'clock");
        assertThat(step(plan, "depth").instruction()).contains("to 13.50 mm from the face (the inner seal)");
    }

    /** A shaft that must not run back is never turned back, not even by hand. */
    @Test
    void whatRunsOneWayIsTurnedOneWay() {
        PlanInput in = input(Side.IN, null, CaseType.RUBBER, ShaftEnd.FULL_CHAMFER, 2.0);
        assertThat(step(FittingPlan.of(in), "turn").instruction()).contains("first anticlockwise seen from outside");
        PlanInput oneWay = PlanInputBuilder.builder()
                .section(in.section())
                .buildOrder(in.buildOrder())
                .size(in.size())
                .layout(in.layout())
                .material(in.material())
                .caseType(in.caseType())
                .shaftEnd(in.shaftEnd())
                .targetDepthMm(2.0)
                .lubricants(in.lubricants())
                .runningSleeve(false)
                .oneWay(true)
                .build();
        assertThat(step(FittingPlan.of(oneWay), "turn").instruction())
                .contains("anticlockwise seen from outside only, never back");
    }

    /** After a prohibition and a comma another act would read as an order. */
    @Test
    void noProhibitionOfAStepReadsAsAnOrder() {
        PlanInput in = input(Side.IN, Side.OUT, CaseType.RUBBER, ShaftEnd.SPLINE, 4.0);
        Stream<PlanInput> every = Stream.concat(
                Arrays.stream(Remedy.values())
                        .filter(r -> r != Remedy.RENEW_SLEEVE)
                        .map(r -> with(in, null, r, 0.1, null, true)),
                Arrays.stream(EdgeCover.values()).map(c -> with(in, c, null, 0.1, null, false)));
        assertThat(every.flatMap(i -> FittingPlan.of(i).stream()))
                .extracting(s -> s.instruction() + " " + s.why() + " " + s.caution())
                .noneMatch(m -> m.matches("(?s).*[Nn]ever [^.:]*?[,;] (?!and never |never |not even |it )[^.]*.*"));
    }
}
