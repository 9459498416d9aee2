package joropo.app.drawing;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import joropo.core.material.Dirt;
import joropo.core.material.Medium;
import joropo.core.section.BoreItem;
import joropo.core.section.BoreItemSealBuilder;
import joropo.core.section.CaseType;
import joropo.core.section.ClockMark;
import joropo.core.section.GreaseFeed;
import joropo.core.section.Joint;
import joropo.core.section.Level;
import joropo.core.section.Mount;
import joropo.core.section.Profile;
import joropo.core.section.Ribs;
import joropo.core.section.Section;
import joropo.core.section.SectionBuilder;
import joropo.core.section.ShaftItem;
import joropo.core.section.Space;
import joropo.core.section.SpaceBuilder;
import joropo.core.shaft.Attitude;
import joropo.core.shaft.Motion;
import joropo.core.shaft.Rotation;
import joropo.core.shaft.Side;

/** Any section that is one: every kind of part, feature, joint and space, few or many of them, from a fixed seed. */
public final class RandomSections {
    private final Random random;

    public RandomSections(long seed) {
        this.random = new Random(seed);
    }

    private <T> T any(T[] all) {
        return all[random.nextInt(all.length)];
    }

    private boolean one(int in) {
        return random.nextInt(in) == 0;
    }

    private Double perhaps(double value) {
        return random.nextBoolean() ? value : null;
    }

    /** @param most parts that seal */
    public Section next(int most) {
        double shaft = 8 + random.nextInt(190);
        double bore = shaft + 8 + random.nextInt(30);
        double width = 5 + random.nextInt(10);
        List<BoreItem> parts = new ArrayList<>();
        List<Space> spaces = new ArrayList<>(List.of(space()));
        double x = random.nextInt(60) / 10.0 - 3;
        int seals = 1 + random.nextInt(most);
        for (int i = 0; i < seals; i++) {
            x = before(parts, i, x, shaft, bore);
            parts.add(
                    one(6)
                            ? new BoreItem.Chevron(
                                    "c" + i,
                                    x,
                                    width + 4,
                                    null,
                                    any(Side.values()),
                                    one(2) ? null : 1 + random.nextInt(8),
                                    null,
                                    null)
                            : seal(i, x, width, bore));
            x = parts.get(parts.size() - 1).toMm() + random.nextInt(40) / 10.0;
            spaces.add(space());
            if (one(3)) {
                parts.add(new BoreItem.Port(null, any(BoreItem.Port.Kind.values()), x, x + 1.5, perhaps(6)));
            }
        }
        if (one(2)) {
            parts.add(new BoreItem.Shoulder("h", x + 0.4, perhaps(0.05), perhaps(shaft + 4)));
        }
        if (one(3)) {
            parts.add(new BoreItem.Bearing(
                    "b",
                    x + 3,
                    perhaps(bore - 2),
                    perhaps(x + 4),
                    one(2),
                    perhaps(x + 3),
                    null,
                    null,
                    perhaps(12),
                    perhaps(shaft + 6),
                    perhaps(bore + 4)));
        }
        List<Joint> joints = new ArrayList<>();
        for (int i = 0; i < random.nextInt(4); i++) {
            joints.add(new Joint(any(Joint.Kind.values()), List.of(0, seals), any(Joint.Closure.values()), null));
        }
        return SectionBuilder.builder()
                .name("random")
                .rotation(one(4) ? null : any(Rotation.values()))
                .motion(any(Motion.values()))
                .attitude(any(Attitude.values()))
                .shaftDiameterMm(shaft)
                .boreDiameterMm(bore)
                .shaftEntersFrom(one(3) ? null : any(Side.values()))
                .spaces(spaces)
                .boreItems(parts)
                .shaftItems(shaftItems(x))
                .joints(joints)
                .clockMarks(one(3) ? List.of(new ClockMark("port on top", 12.0)) : null)
                .axialPlayMm(perhaps(0.2))
                .growthMm(perhaps(-0.1))
                .boreFromMm(one(4) ? 1.0 : null)
                .cylindricalDepthMm(perhaps(10))
                .totalDepthMm(perhaps(14))
                .cornerRadiusMm(perhaps(0.4))
                .depthUncertaintyMm(perhaps(0.02))
                .build();
    }

    private double before(List<BoreItem> parts, int i, double from, double shaft, double bore) {
        double x = from;
        if (one(4)) {
            parts.add(new BoreItem.Ring("r" + i, x, 2.2, 2.0, perhaps(0.03), null, null));
            x += 2.2;
        }
        if (one(3)) {
            parts.add(new BoreItem.Spacer(
                    "w" + i, x, 2.5, perhaps(0.05), perhaps(shaft + 3), perhaps(bore - 0.5), null, null));
            x += 2.5;
        }
        if (one(9)) {
            parts.add(new BoreItem.Step("t" + i, x, bore + 1));
        }
        if (one(9)) {
            parts.add(new BoreItem.Cover("p" + i, x - 4, perhaps(4), null, null));
        }
        if (i == 0 && one(4)) {
            parts.add(new BoreItem.LeadIn(null, 0.0, 1.2, perhaps(20)));
        }
        return x;
    }

    private BoreItem seal(int i, double x, double width, double bore) {
        boolean flanged = i == 0 && one(6);
        return BoreItemSealBuilder.builder()
                .id("s" + i)
                .fromMm(x)
                .widthMm(width)
                .toleranceMm(perhaps(0.2))
                .outsideDiameterMm(bore)
                .mount(one(8) ? Mount.SHAFT : null)
                .caseType(any(CaseType.values()))
                .mainLip(any(Side.values()))
                .dustLip(one(2) ? any(Side.values()) : null)
                .spring(!one(4))
                .ribs(any(Ribs.values()))
                .profile(any(Profile.values()))
                .lipOffsetMm(perhaps(width * 0.35))
                .reversedOnPurpose(one(5))
                .flangeDiameterMm(flanged ? Double.valueOf(bore + 12) : null)
                .flangeThicknessMm(flanged ? Double.valueOf(2) : null)
                .build();
    }

    private Space space() {
        return SpaceBuilder.builder()
                .medium(any(Medium.values()))
                .dirt(any(Dirt.values()))
                .pressureMpa(one(3) ? 0.05 : 0.0)
                .pulsing(one(4))
                .level(any(Level.values()))
                .greaseFeed(any(GreaseFeed.values()))
                .vented(one(3))
                .amountMl(perhaps(4))
                .build();
    }

    private List<ShaftItem> shaftItems(double end) {
        List<ShaftItem> out = new ArrayList<>();
        if (one(2)) {
            out.add(new ShaftItem.RunningSurface(-2.0, end + 6, null, any(ShaftItem.On.values())));
        }
        if (one(2)) {
            double at = random.nextInt(200) / 10.0;
            out.add(new ShaftItem.WearGroove(at, at + 1.2, perhaps(0.05), any(ShaftItem.On.values()), one(2)));
        }
        if (one(3)) {
            out.add(new ShaftItem.Slinger(-9.0, -6.0, perhaps(120)));
        }
        for (int i = 0; i < random.nextInt(3); i++) {
            double at = random.nextInt(500) / 10.0 - 20;
            out.add(
                    switch (random.nextInt(9)) {
                        case 0 -> new ShaftItem.Keyway(at, at + 8, null);
                        case 1 -> new ShaftItem.Spline(at, at + 8, null);
                        case 2 -> new ShaftItem.Thread(at, at + 8, null);
                        case 3 -> new ShaftItem.RingGroove(at, at + 2, null);
                        case 4 -> new ShaftItem.Step(at, at + 2, null);
                        case 5 -> new ShaftItem.Chamfer(at, at + 2, null);
                        case 6 -> new ShaftItem.CrossHole(at, at + 3, null);
                        case 7 -> new ShaftItem.Sleeve(at, at + 10, null);
                        default -> new ShaftItem.LocatingRing(at, at + 2, null);
                    });
        }
        return out;
    }
}
