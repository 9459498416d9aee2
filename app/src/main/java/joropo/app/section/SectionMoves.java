package joropo.app.section;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import joropo.core.lipseal.LipSealRules;
import joropo.core.section.Arranging;
import joropo.core.section.Arranging.Arranged;
import joropo.core.section.BoreItem;
import joropo.core.section.BoreItemSealBuilder;
import joropo.core.section.ClockMark;
import joropo.core.section.Joint;
import joropo.core.section.Schools;
import joropo.core.section.Section;
import joropo.core.section.ShaftItem;
import joropo.core.section.ShaftItem.RunningSurface;
import joropo.core.section.ShaftItem.WearGroove;
import joropo.core.shaft.Side;
import joropo.core.units.Length;
import joropo.core.units.LengthUnit;
import joropo.core.units.RefusedInput;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.node.ArrayNode;

/** Turns what was asked for on the page into one move on a section. */
final class SectionMoves {
    private static final double USUAL_WIDTH_MM = 8;
    private static final int MOST = 60;

    /** A section after a move, what is in hand then, and the move in words. */
    record Next(Section section, ItemRef at, String what) {}

    /** Kinds that can be put in, with what the page calls them. */
    static final Map<String, String> KINDS = Collections.unmodifiableMap(kinds());

    private final Section section;
    private final ItemRef at;
    private final LengthUnit unit;

    SectionMoves(Section section, ItemRef at, LengthUnit unit) {
        this.section = section;
        this.at = at;
        this.unit = unit;
    }

    private static Map<String, String> kinds() {
        Map<String, String> out = new LinkedHashMap<>();
        String[] all = {
            "SEAL",
            "lip seal",
            "RING",
            "retaining ring",
            "SPACER",
            "washer",
            "SHOULDER",
            "shoulder",
            "BEARING",
            "bearing",
            "COVER",
            "cover",
            "PORT",
            "port",
            "CHEVRON",
            "chevron set",
            "STEP",
            "step of the bore",
            "LEAD_IN",
            "lead-in",
            "RUNNING_SURFACE",
            "running surface",
            "WEAR_GROOVE",
            "wear groove",
            "SLEEVE",
            "sleeve",
            "KEYWAY",
            "keyway",
            "SPLINE",
            "splines",
            "THREAD",
            "thread",
            "RING_GROOVE",
            "ring groove",
            "SHAFT_STEP",
            "step of the shaft",
            "CHAMFER",
            "chamfer",
            "CROSS_HOLE",
            "cross hole",
            "SLINGER",
            "slinger",
            "LOCATING_RING",
            "locating ring",
            "JOINT",
            "joint beside the lip",
            "CLOCK_MARK",
            "clock mark"
        };
        for (int i = 0; i < all.length; i += 2) {
            out.put(all[i], all[i + 1]);
        }
        return out;
    }

    /**
     * To a place along the axis, typed or by so much. @throws RefusedInput when it cannot be read or the thing has no
     * place
     */
    Next place(@Nullable String fromText, @Nullable String byText) {
        double now = at.list() == 'b'
                ? section.boreItems().get(at.index()).fromMm()
                : at.list() == 's' ? section.shaftItems().get(at.index()).fromMm() : noPlace();
        double to = byText == null
                ? Length.parsePlace(fromText == null ? "" : fromText, unit).mm()
                : Length.snap(now + Length.parsePlace(byText, LengthUnit.MM).mm());
        String words = " at " + Length.show(to, 2) + " mm";
        if (at.list() == 's') {
            Section moved = Arranging.withShaftItem(
                    section, at.index(), section.shaftItems().get(at.index()).at(to));
            return new Next(moved, at, at.words(section) + words);
        }
        return arranged(Arranging.placed(section, at.index(), to), words);
    }

    private double noPlace() {
        throw new RefusedInput("", "has no place along the axis");
    }

    Next turn() {
        part();
        Arranged turned = Arranging.turned(section, at.index());
        return arranged(
                turned,
                " turned: faces "
                        + ((BoreItem.Sealing) turned.section().boreItems().get(turned.part()))
                                .open()
                                .words());
    }

    Next swap(Side towards) {
        part();
        return arranged(Arranging.swapped(section, at.index(), towards), " one place towards the " + towards.words());
    }

    private void part() {
        if (at.list() != 'b') {
            throw new RefusedInput("", "is no part of the bore: choose one first");
        }
    }

    private Next arranged(Arranged arranged, String words) {
        var key = new ItemRef('b', arranged.part());
        BoreItem item = arranged.section().boreItems().get(arranged.part());
        return new Next(arranged.section(), key, (item.id() == null ? item.words() : item.id()) + words);
    }

    Next takeOut(SectionText json) {
        String what = at.words(section) + " taken out";
        return switch (at.list()) {
            case 'b' -> new Next(Arranging.without(section, at.index()), ItemRef.ENTRY, what);
            case 's' -> new Next(Arranging.withoutShaftItem(section, at.index()), ItemRef.ENTRY, what);
            case 'j', 'c' -> {
                var tree = json.tree(section);
                ((ArrayNode) tree.get(at.property())).remove(at.index());
                yield new Next(json.read(tree), ItemRef.ENTRY, what);
            }
            default ->
                throw new RefusedInput(
                        "", at.list() == 'p' ? "goes with its seal: take that out" : "stays: it holds everything else");
        };
    }

    /** One more of a kind, behind what is in hand, with usual figures that are then changed. */
    Next add(String kind, SectionText json) {
        if (!KINDS.containsKey(kind)) {
            throw new RefusedInput("", "is no part that is known here");
        }
        if (section.boreItems().size() + section.shaftItems().size() >= MOST) {
            throw new RefusedInput("", "holds " + MOST + " parts, and more cannot be told apart");
        }
        String what = KINDS.get(kind) + " put in";
        if (kind.equals("JOINT") || kind.equals("CLOCK_MARK")) {
            var tree = json.tree(section);
            boolean joint = kind.equals("JOINT");
            List<?> list = joint ? section.joints() : section.clockMarks();
            Object one = joint
                    ? new Joint(Joint.Kind.SPLINE, List.of(0, section.spaces().size() - 1), null)
                    : new ClockMark("port on top", 12.0);
            ((ArrayNode) tree.get(joint ? "joints" : "clockMarks")).addPOJO(one);
            return new Next(json.read(json.plain(tree)), new ItemRef(joint ? 'j' : 'c', list.size()), what);
        }
        double after = at.list() == 'b'
                ? section.boreItems().get(at.index()).toMm()
                : at.list() == 's' ? section.shaftItems().get(at.index()).toMm() : 0;
        ShaftItem feature = feature(kind, after);
        if (feature != null) {
            return new Next(
                    Arranging.withShaftItem(section, null, feature),
                    new ItemRef('s', section.shaftItems().size()),
                    what);
        }
        Arranged added = Arranging.added(section, part(kind, after));
        return new Next(added.section(), new ItemRef('b', added.part()), what);
    }

    private BoreItem part(String kind, double from) {
        double bore = section.boreDiameterMm() == null
                ? section.seals().get(0).outsideDiameterMm()
                : section.boreDiameterMm();
        double width =
                section.seals().isEmpty() ? USUAL_WIDTH_MM : section.seal().widthMm();
        return switch (kind) {
            case "SEAL" ->
                BoreItemSealBuilder.builder()
                        .id(id("s"))
                        .fromMm(from)
                        .widthMm(width)
                        .outsideDiameterMm(bore)
                        .insideDiameterMm(section.shaftDiameterMm())
                        .mainLip(Side.IN)
                        .spring(true)
                        .build();
            case "RING" -> new BoreItem.Ring(id("r"), from, 2.2, 2.0, null, null, null);
            case "SPACER" -> new BoreItem.Spacer(id("w"), from, 2.5, null, null, null, null, null);
            case "SHOULDER" -> new BoreItem.Shoulder(id("h"), from, null, null);
            case "BEARING" -> BoreItem.Bearing.plain(id("b"), from, null, null);
            case "COVER" -> new BoreItem.Cover(id("p"), from - 4, 4.0, null, null);
            case "PORT" -> new BoreItem.Port(id("d"), BoreItem.Port.Kind.DRAIN, from + 1, from + 3, null);
            case "CHEVRON" -> new BoreItem.Chevron(id("c"), from, 12.0, null, Side.IN, 4, null, null);
            case "STEP" -> new BoreItem.Step(id("t"), from, bore + 2);
            default -> new BoreItem.LeadIn(id("l"), section.boreFromMm(), section.boreFromMm() + 1, 20.0);
        };
    }

    private String id(String letter) {
        return Arranging.freeId(section, letter);
    }

    private static @Nullable ShaftItem feature(String kind, double from) {
        return switch (kind) {
            case "RUNNING_SURFACE" -> new RunningSurface(from - 12, from + 12);
            case "WEAR_GROOVE" -> new WearGroove(from - 4, from - 2.8, null);
            case "SLEEVE" -> new ShaftItem.Sleeve(from - 12, from + 12, null);
            case "KEYWAY" -> new ShaftItem.Keyway(-30.0, -8.0, null);
            case "SPLINE" -> new ShaftItem.Spline(-30.0, -8.0, null);
            case "THREAD" -> new ShaftItem.Thread(-20.0, -8.0, null);
            case "RING_GROOVE" -> new ShaftItem.RingGroove(from + 10, from + 12, null);
            case "SHAFT_STEP" -> new ShaftItem.Step(-10.0, -8.0, null);
            case "CHAMFER" -> new ShaftItem.Chamfer(-8.0, -6.0, null);
            case "CROSS_HOLE" -> new ShaftItem.CrossHole(from + 8, from + 11, null);
            case "SLINGER" -> new ShaftItem.Slinger(-8.0, -5.0, null);
            case "LOCATING_RING" -> new ShaftItem.LocatingRing(-8.0, -6.0, null);
            default -> null;
        };
    }

    /** The section as one of its schools arranges it. @param number among those offered */
    Next school(int number) {
        List<Schools.School> schools = LipSealRules.schools(section);
        if (number < 0 || number >= schools.size()) {
            throw new RefusedInput("", "is not offered any more");
        }
        return new Next(schools.get(number).section(), at, schools.get(number).words());
    }
}
