package joropo.core.section;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import java.util.Set;
import joropo.core.lipseal.LipSealRules;
import joropo.core.material.Dirt;
import joropo.core.material.Medium;
import joropo.core.shaft.Attitude;
import joropo.core.shaft.Motion;
import joropo.core.shaft.Rotation;
import joropo.core.shaft.Side;
import joropo.core.verdict.Finding;
import joropo.core.verdict.Status;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;

/** What holds for every section: mirrored, moved, given more room, or with a figure left out. */
class SectionPropertiesTest {
    private static final int SECTIONS = 10_000;
    private static final Set<String> MIRRORED =
            Set.of("D1", "D2", "D3", "D4", "D7", "D8", "D9", "D11", "D13", "S1", "S3", "S4", "S5", "S10", "S11");

    private final Random random = new Random(1963);

    private <T> T any(T[] of) {
        return of[random.nextInt(of.length)];
    }

    private @Nullable Double perhaps(double mm) {
        return random.nextInt(4) == 0 ? null : Double.valueOf(mm);
    }

    private double tenths(int most) {
        return random.nextInt(most * 10) / 10.0;
    }

    private Space space() {
        Medium medium = any(Medium.values());
        return SpaceBuilder.builder()
                .medium(medium)
                .dirt(random.nextInt(3) == 0 ? any(Dirt.values()) : null)
                .pressureMpa(random.nextInt(3) == 0 ? tenths(1) / 5 : 0)
                .level(any(Level.values()))
                .greaseFeed(any(GreaseFeed.values()))
                .vented(random.nextBoolean())
                .build();
    }

    /** Parts from outside to inside, gaps between them; only such items as a mirror knows. */
    private Section section(boolean mirrored) {
        List<BoreItem> bore = new ArrayList<>();
        List<Space> spaces = new ArrayList<>(List.of(space()));
        int seals = 1 + random.nextInt(4);
        double x = tenths(3);
        if (random.nextBoolean()) {
            bore.add(new BoreItem.Ring("r", x, 1.9, 1.75, perhaps(0.03), null, null));
            x += 1.9;
        }
        for (int i = 0; i < seals; i++) {
            if (random.nextInt(3) == 0) {
                bore.add(new BoreItem.Spacer(
                        "w" + i, x, 2.0, perhaps(0.05), perhaps(40 + tenths(15)), null, null, null));
                x += 2;
            }
            if (random.nextInt(8) == 0) {
                bore.add(new BoreItem.Chevron("c" + i, x, 12.0, 0.3, any(Side.values()), 4, null, null));
                x += 12;
            } else {
                bore.add(BoreItemSealBuilder.builder()
                        .id("s" + i)
                        .fromMm(x)
                        .widthMm(8.0)
                        .outsideDiameterMm(62.0)
                        .mainLip(any(Side.values()))
                        .dustLip(random.nextInt(3) == 0 ? any(Side.values()) : null)
                        .ribs(any(Ribs.values()))
                        .build());
                x += 8;
            }
            x += random.nextInt(3) * tenths(2);
            if (random.nextInt(3) == 0) {
                bore.add(new BoreItem.Port("p" + i, any(BoreItem.Port.Kind.values()), x, x + 1, null));
                x += 1;
            }
            spaces.add(space());
        }
        if (random.nextBoolean()) {
            bore.add(new BoreItem.Shoulder("h", x, perhaps(0.05), 55.0));
        } else if (!mirrored) {
            bore.add(new BoreItem.Bearing(
                    "b",
                    x,
                    perhaps(40 + tenths(30)),
                    perhaps(x + tenths(2)),
                    random.nextBoolean(),
                    perhaps(x),
                    null,
                    null,
                    perhaps(15),
                    perhaps(30),
                    perhaps(70)));
        }
        List<ShaftItem> shaft = new ArrayList<>();
        if (random.nextBoolean()) {
            shaft.add(new ShaftItem.RunningSurface(tenths(5), 5 + tenths(30)));
        }
        if (random.nextInt(3) == 0) {
            double g = tenths(20);
            shaft.add(new ShaftItem.WearGroove(g, g + 1.2, 0.05));
        }
        if (random.nextInt(4) == 0) {
            double k = tenths(30);
            shaft.add(new ShaftItem.Keyway(k, k + 5, null));
        }
        List<Joint> joints = random.nextInt(3) == 0
                ? List.of(
                        new Joint(any(Joint.Kind.values()), List.of(0, spaces.size() - 1), any(Joint.Closure.values())))
                : List.of();
        return SectionBuilder.builder()
                .name("random")
                .rotation(random.nextInt(4) == 0 ? null : any(Rotation.values()))
                .motion(any(Motion.values()))
                .attitude(mirrored ? null : any(Attitude.values()))
                .shaftDiameterMm(perhaps(45))
                .boreDiameterMm(perhaps(62))
                .shaftEntersFrom(any(Side.values()))
                .spaces(spaces)
                .boreItems(bore)
                .shaftItems(shaft)
                .joints(joints)
                .axialPlayMm(perhaps(0.1))
                .growthMm(perhaps(0.1))
                .build();
    }

    private static BoreItem mirror(BoreItem item) {
        if (item instanceof BoreItem.Seal s) {
            return BoreItemSealBuilder.builder()
                    .id(s.id())
                    .fromMm(-s.toMm())
                    .widthMm(s.widthMm())
                    .toleranceMm(s.toleranceMm())
                    .outsideDiameterMm(s.outsideDiameterMm())
                    .insideDiameterMm(s.insideDiameterMm())
                    .mount(s.mount())
                    .caseType(s.caseType())
                    .mainLip(s.mainLip().other())
                    .dustLip(s.dustLip() == null ? null : s.dustLip().other())
                    .spring(s.spring())
                    .ribs(s.ribs())
                    .profile(s.profile())
                    .lipOffsetMm(s.lipOffsetMm())
                    .reversedOnPurpose(s.reversedOnPurpose())
                    .entersFrom(s.entersFrom())
                    .beforeItem(s.beforeItem())
                    .build();
        }
        if (item instanceof BoreItem.Chevron c) {
            return new BoreItem.Chevron(
                    c.id(), -c.toMm(), c.widthMm(), c.toleranceMm(), c.lips().other(), c.rings(), null, null);
        }
        if (item instanceof BoreItem.Ring r) {
            return new BoreItem.Ring(
                    r.id(), -r.toMm(), r.grooveWidthMm(), r.thicknessMm(), r.toleranceMm(), null, null);
        }
        if (item instanceof BoreItem.Spacer w) {
            return new BoreItem.Spacer(
                    w.id(),
                    -w.toMm(),
                    w.thicknessMm(),
                    w.toleranceMm(),
                    w.insideDiameterMm(),
                    w.outsideDiameterMm(),
                    null,
                    null);
        }
        if (item instanceof BoreItem.Shoulder h) {
            return new BoreItem.Shoulder(h.id(), -h.fromMm(), h.toleranceMm(), h.insideDiameterMm());
        }
        if (item instanceof BoreItem.Port p) {
            return new BoreItem.Port(p.id(), p.kind(), -p.toMm(), -p.fromMm(), p.clock());
        }
        throw new IllegalArgumentException("Not mirrored: " + item);
    }

    private static ShaftItem mirror(ShaftItem item) {
        if (item instanceof ShaftItem.RunningSurface r) {
            return new ShaftItem.RunningSurface(-r.toMm(), -r.fromMm());
        }
        if (item instanceof ShaftItem.WearGroove g) {
            return new ShaftItem.WearGroove(-g.toMm(), -g.fromMm(), g.depthMm());
        }
        return new ShaftItem.Keyway(-item.toMm(), -item.fromMm(), null);
    }

    private static Section mirror(Section s) {
        List<Space> spaces = new ArrayList<>(s.spaces());
        Collections.reverse(spaces);
        List<BoreItem> bore = new ArrayList<>(
                s.boreItems().stream().map(SectionPropertiesTest::mirror).toList());
        Collections.reverse(bore);
        int last = spaces.size() - 1;
        Rotation turned =
                s.rotation() == Rotation.CW ? Rotation.CCW : s.rotation() == Rotation.CCW ? Rotation.CW : s.rotation();
        return SectionBuilder.builder()
                .name(s.name())
                .rotation(turned)
                .motion(s.motion())
                .shaftDiameterMm(s.shaftDiameterMm())
                .boreDiameterMm(s.boreDiameterMm())
                .shaftEntersFrom(s.shaftEntersFrom().other())
                .spaces(spaces)
                .boreItems(bore)
                .shaftItems(s.shaftItems().stream()
                        .map(SectionPropertiesTest::mirror)
                        .toList())
                .joints(s.joints().stream()
                        .map(j -> new Joint(
                                j.kind(),
                                List.of(
                                        last - j.between().get(0),
                                        last - j.between().get(1)),
                                j.sealedBy()))
                        .toList())
                .axialPlayMm(s.axialPlayMm())
                .growthMm(s.growthMm() == null ? null : Double.valueOf(-s.growthMm()))
                .build();
    }

    private static List<String> judged(Section section, Set<String> rules) {
        return LipSealRules.section(section).findings().stream()
                .filter(f -> rules.contains(f.id()))
                .map(f -> f.id() + " "
                        + (f.id().equals("D4") || f.id().equals("D5") || f.id().equals("D8") ? "" : f.part()) + " "
                        + f.status())
                .sorted()
                .toList();
    }

    @Test
    void aMirrorChangesNoRuleThatKnowsNoOutside() {
        for (int i = 0; i < SECTIONS; i++) {
            Section s = section(true);
            assertThat(judged(mirror(s), MIRRORED)).as("%s", s).isEqualTo(judged(s, MIRRORED));
        }
    }

    /** The whole moved along the axis, the mouth of the bore with it. */
    @Test
    void theDatumChangesNothing() {
        for (int i = 0; i < 2000; i++) {
            Section s = section(true);
            Section moved = moved(s, 7.3);
            assertThat(LipSealRules.section(moved).findings())
                    .extracting(f -> f.id() + f.part() + f.status())
                    .as("%s", s)
                    .isEqualTo(LipSealRules.section(s).findings().stream()
                            .map(f -> f.id() + f.part() + f.status())
                            .toList());
        }
    }

    private static BoreItem moved(BoreItem i, double by) {
        if (i instanceof BoreItem.Seal a) {
            return a.at((by + a.fromMm()));
        }
        if (i instanceof BoreItem.Chevron c) {
            return new BoreItem.Chevron(
                    c.id(), (by + c.fromMm()), c.widthMm(), c.toleranceMm(), c.lips(), c.rings(), null, null);
        }
        if (i instanceof BoreItem.Ring r) {
            return new BoreItem.Ring(
                    r.id(), (by + r.fromMm()), r.grooveWidthMm(), r.thicknessMm(), r.toleranceMm(), null, null);
        }
        if (i instanceof BoreItem.Spacer w) {
            return new BoreItem.Spacer(
                    w.id(),
                    (by + w.fromMm()),
                    w.thicknessMm(),
                    w.toleranceMm(),
                    w.insideDiameterMm(),
                    w.outsideDiameterMm(),
                    null,
                    null);
        }
        if (i instanceof BoreItem.Shoulder h) {
            return new BoreItem.Shoulder(h.id(), (by + h.fromMm()), h.toleranceMm(), h.insideDiameterMm());
        }
        if (i instanceof BoreItem.Port p) {
            return new BoreItem.Port(p.id(), p.kind(), (by + p.fromMm()), (by + p.toMm()), p.clock());
        }
        throw new IllegalArgumentException("Not moved: " + i);
    }

    private static ShaftItem moved(ShaftItem i, double by) {
        if (i instanceof ShaftItem.RunningSurface r) {
            return new ShaftItem.RunningSurface(r.fromMm() + by, r.toMm() + by);
        }
        if (i instanceof ShaftItem.WearGroove g) {
            return new ShaftItem.WearGroove(g.fromMm() + by, g.toMm() + by, g.depthMm());
        }
        return new ShaftItem.Keyway(i.fromMm() + by, i.toMm() + by, null);
    }

    private static Section moved(Section s, double by) {
        List<BoreItem> bore = s.boreItems().stream().map(i -> moved(i, by)).toList();
        List<ShaftItem> shaft = s.shaftItems().stream().map(i -> moved(i, by)).toList();
        return SectionBuilder.builder()
                .name(s.name())
                .rotation(s.rotation())
                .motion(s.motion())
                .attitude(s.attitude())
                .shaftDiameterMm(s.shaftDiameterMm())
                .boreDiameterMm(s.boreDiameterMm())
                .shaftEntersFrom(s.shaftEntersFrom())
                .spaces(s.spaces())
                .boreItems(bore)
                .shaftItems(shaft)
                .joints(s.joints())
                .axialPlayMm(s.axialPlayMm())
                .growthMm(s.growthMm())
                .boreFromMm(by)
                .build();
    }

    @Test
    void tenThousandSectionsAreJudgedWithoutError() {
        for (int i = 0; i < SECTIONS; i++) {
            Section s = section(false);
            SectionResult result = LipSealRules.section(s);
            assertThat(result.findings()).allSatisfy(f -> {
                assertThat(f.message()).isNotBlank().doesNotContain("NaN", "null", "Infinity");
                assertThat(f.status() == Status.FAIL && f.remedy().isBlank())
                        .as("%s", f)
                        .isFalse();
            });
            assertThat(result.lipTracks())
                    .hasSameSizeAs(s.boreItems().stream()
                            .filter(BoreItem.Seal.class::isInstance)
                            .toList());
        }
    }

    /** A stop, a turning part and a running surface moved away from the seal: nothing gets worse. */
    @Test
    void moreRoomNeverMakesADepthWorse() {
        Status depth = Status.FAIL;
        Status track = Status.FAIL;
        for (double room = 0; room <= 4; room += 0.1) {
            Section s = Written.section(String.format(
                    Locale.ROOT,
                    "AIR, OIL; seal 2+8 IN; port %.2f-30 DRAIN; stop %.2f; bearing %.2f turns %.2f; ground "
                            + "%.2f-%.2f; groove %.2f-40",
                    9 + room,
                    9.5 + room,
                    9.5 + room,
                    9.5 + room,
                    6.4 - room,
                    7.2 + room,
                    6.9 + room));
            depth = notWorse(depth, s, "S2");
            track = notWorse(track, s, "S4");
        }
        assertThat(List.of(depth, track)).containsOnly(Status.PASS);
    }

    private static Status notWorse(Status before, Section section, String rule) {
        Status now = status(section, rule);
        assertThat(now.compareTo(before)).as(rule).isGreaterThanOrEqualTo(0);
        return now;
    }

    private static Status status(Section section, String rule) {
        return LipSealRules.section(section).findings().stream()
                .filter(f -> f.id().equals(rule))
                .map(Finding::status)
                .reduce(Status::worse)
                .orElseThrow();
    }

    /** Each figure left out makes its own rule MISSING and changes no other. */
    @Test
    void aFigureThatIsNotThereTouchesItsOwnRuleOnly() {
        String whole =
                "AIR, OIL 0.05; ring 0+1.9 t 1.75 tol 0.03; seal 1.9+8 IN ribs CW; stop 10.2 tol 0.05; ground 0-20; CW";
        List<Finding> all = LipSealRules.section(Written.section(whole)).findings();
        List<String[]> without = List.of(
                new String[] {"; CW", "D7"}, new String[] {" tol 0.05", "S1"}, new String[] {"; ground 0-20", "S4"});
        for (String[] w : without) {
            List<Finding> less = LipSealRules.section(Written.section(whole.replace(w[0], "")))
                    .findings();
            assertThat(less)
                    .filteredOn(f -> f.id().equals(w[1]))
                    .extracting(Finding::status)
                    .containsOnly(Status.MISSING);
            assertThat(less.stream().filter(f -> !f.id().equals(w[1])).map(f -> f.id() + f.part() + f.status()))
                    .containsExactlyElementsOf(all.stream()
                            .filter(f -> !f.id().equals(w[1]))
                            .map(f -> f.id() + f.part() + f.status())
                            .toList());
        }
        List<Finding> noShaft =
                LipSealRules.section(Written.section(whole + "; noshaft")).findings();
        assertThat(noShaft)
                .filteredOn(f -> f.status() == Status.MISSING)
                .extracting(Finding::id)
                .containsOnly("D9", "D13", "S10", "S11");
    }

    /** Worked case 4: gap 0.30, worst case 0.62, root-sum-square 0.306. */
    @Test
    void theStackByBothWaysOfAdding() {
        SectionResult r = LipSealRules.section(Written.section(
                "AIR, AIR, OIL; ring 0+2.2 t 2 tol 0.03; washer 2.2+2.5 tol 0.05; seal 4.7+10 IN tol 0.2; "
                        + "seal 14.7+10 IN tol 0.2; washer 24.7+7.2 tol 0.08; stop 32 tol 0.06"));
        assertThat(r.gapMinMm()).isEqualTo(-0.32);
        assertThat(r.gapMaxMm()).isEqualTo(0.92);
        assertThat(r.gapRssMinMm()).isCloseTo(-0.006, within(0.0005));
        assertThat(r.gapRssMaxMm()).isCloseTo(0.606, within(0.0005));
        assertThat(r.buildOrder()).containsExactly("w4", "s2", "s1", "w1", "r0");
        assertThat(r.depthWindows()).extracting(SectionResult.DepthWindow::seal).containsExactly("s1", "s2");
    }

    @Test
    void aKitIsLaidBesideWhatWasFound() {
        Section found = Written.section("AIR, OIL; washer 0+3 in 50; seal 3+8 OUT; stop 11.5");
        Section kit = Written.section("AIR, OIL; washer 0+3 in 49; seal 3+10 IN; stop 13.5");
        List<Finding> s8 = compared(kit, found);
        assertThat(s8)
                .extracting(Finding::message)
                .anyMatch(m -> m.contains("opening"))
                .anyMatch(m -> m.contains("2.00 mm thicker than the one found"))
                .anyMatch(m -> m.contains("faced outside"))
                .anyMatch(m -> m.startsWith("The whole is 2.00 mm thicker"));
        assertThat(compared(found, found)).extracting(Finding::status).containsExactly(Status.PASS);
        assertThat(compared(kit, Written.section("AIR, OIL; seal 3+10 IN")))
                .extracting(Finding::message)
                .anyMatch(m -> m.contains("was not found"));
    }

    private static List<Finding> compared(Section s, Section found) {
        Section both = SectionBuilder.builder()
                .name(s.name())
                .rotation(s.rotation())
                .motion(s.motion())
                .attitude(s.attitude())
                .shaftDiameterMm(s.shaftDiameterMm())
                .boreDiameterMm(s.boreDiameterMm())
                .spaces(s.spaces())
                .boreItems(s.boreItems())
                .shaftItems(s.shaftItems())
                .joints(s.joints())
                .clockMarks(s.clockMarks())
                .asFound(found)
                .build();
        return LipSealRules.section(both).findings().stream()
                .filter(f -> f.id().equals("S8"))
                .toList();
    }

    /** 399 seals behind one another: what takes a hundred seconds when each looks at all the others for all of them. */
    @Test
    void fourHundredPartsAreJudgedInTime() {
        List<BoreItem> bore = new ArrayList<>();
        List<Space> spaces = new ArrayList<>(List.of(new Space(Medium.AIR, null, null, null)));
        for (int i = 0; i < 399; i++) {
            bore.add(BoreItem.Seal.pressed("s" + i, i * 10.0, 8.0, 62.0, i % 2 == 0 ? Side.IN : Side.OUT));
            spaces.add(new Space(i % 3 == 0 ? Medium.GREASE : Medium.OIL, null, 0.01, null));
        }
        bore.add(new BoreItem.Shoulder("h", 4000.0, 0.05, 55.0));
        Section many = SectionBuilder.builder()
                .shaftDiameterMm(45.0)
                .boreDiameterMm(62.0)
                .speedRpm(900.0)
                .spaces(spaces)
                .boreItems(bore)
                .shaftItems(List.of(new ShaftItem.RunningSurface(-10.0, 4010.0)))
                .build();
        assertThat(LipSealRules.section(many).findings()).hasSizeGreaterThan(3000);
    }
}
