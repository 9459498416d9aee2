package joropo.core.section;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Scanner;
import joropo.core.material.Dirt;
import joropo.core.material.Medium;
import joropo.core.shaft.Attitude;
import joropo.core.shaft.Hand;
import joropo.core.shaft.Motion;
import joropo.core.shaft.Rotation;
import joropo.core.shaft.Side;
import org.jspecify.annotations.Nullable;

/**
 * Reads an arrangement from one line, parts parted by semicolons, spaces by commas before the first of them: {@code AIR
 * dust, OIL; seal 2+8 IN dust OUT; stop 10.5; ground 0-20; play 0.2}.
 */
final class Written {
    private final List<Space> spaces = new ArrayList<>();
    private final List<BoreItem> bore = new ArrayList<>();
    private final List<ShaftItem> shaft = new ArrayList<>();
    private final List<Joint> joints = new ArrayList<>();
    private @Nullable Rotation rotation;
    private @Nullable Motion motion;
    private @Nullable Attitude attitude;
    private @Nullable Double play;
    private @Nullable Double growth;
    private @Nullable Double shaftMm = 45.0;
    private @Nullable Double boreMm = 62.0;
    private @Nullable Double rpm;
    private @Nullable Double foundMm;
    private @Nullable Side enters;
    private int seals;

    static Section section(String line) {
        var out = new Written();
        List<String> parts = Arrays.stream(line.split(";")).map(String::strip).toList();
        Arrays.stream(parts.get(0).split(",")).forEach(s -> out.space(s.strip()));
        parts.stream().skip(1).filter(p -> !p.isEmpty()).forEach(out::part);
        Section section = SectionBuilder.builder()
                .name("written")
                .rotation(out.rotation)
                .motion(out.motion)
                .attitude(out.attitude)
                .shaftDiameterMm(out.shaftMm)
                .boreDiameterMm(out.boreMm)
                .spaces(out.spaces)
                .boreItems(out.bore)
                .shaftItems(out.shaft)
                .joints(out.joints)
                .axialPlayMm(out.play)
                .growthMm(out.growth)
                .speedRpm(out.rpm)
                .shaftEntersFrom(out.enters)
                .build();
        return out.foundMm == null ? section : section.comparedWith(section.withSealAt(out.foundMm, 0.0));
    }

    private void space(String text) {
        Dirt dirt = null;
        Double pressure = null;
        Level level = null;
        GreaseFeed feed = null;
        boolean vented = false;
        boolean pulsing = false;
        String fluid = null;
        String may = null;
        String[] words = text.split(" ");
        for (String w : Arrays.copyOfRange(words, 1, words.length)) {
            if (w.matches("-?[\\d.]+")) {
                pressure = Double.valueOf(w);
            } else if (w.equals("vented")) {
                vented = true;
            } else if (w.equals("pulsing")) {
                pulsing = true;
            } else if (w.equals("maytake")) {
                may = "the builder says so";
            } else if (w.startsWith("=")) {
                fluid = w.substring(1);
            } else if (Arrays.stream(Dirt.values()).anyMatch(d -> d.name().equalsIgnoreCase(w))) {
                dirt = Dirt.valueOf(w.toUpperCase());
            } else if (Arrays.stream(Level.values()).anyMatch(l -> l.name().equalsIgnoreCase(w))) {
                level = Level.valueOf(w.toUpperCase());
            } else {
                feed = GreaseFeed.valueOf(w.toUpperCase());
            }
        }
        spaces.add(SpaceBuilder.builder()
                .medium(Medium.valueOf(words[0]))
                .dirt(dirt)
                .pressureMpa(pressure)
                .level(level)
                .greaseFeed(feed)
                .vented(vented)
                .pulsing(pulsing)
                .fluid(fluid)
                .mayTakeGrease(may)
                .build());
    }

    private void part(String text) {
        var in = new Scanner(text);
        String kind = in.next();
        switch (kind) {
            case "CW", "CCW", "BOTH" -> rotation = Rotation.valueOf(kind);
            case "swings" -> motion = Motion.SWINGING;
            case "up" -> attitude = Attitude.OUTSIDE_UP;
            case "down" -> attitude = Attitude.OUTSIDE_DOWN;
            case "play" -> play = Double.valueOf(in.next());
            case "growth" -> growth = Double.valueOf(in.next());
            case "noshaft" -> shaftMm = null;
            case "nobore" -> boreMm = null;
            case "shaft" -> shaftMm = Double.valueOf(in.next());
            case "bore" -> boreMm = Double.valueOf(in.next());
            case "rpm" -> rpm = Double.valueOf(in.next());
            case "from" -> enters = Side.valueOf(in.next());
            case "found" -> foundMm = Double.valueOf(in.next());
            case "joint" -> joints.add(joint(List.of(text.split(" "))));
            default -> item(kind, in.next(), in.hasNextLine() ? in.nextLine() : "");
        }
    }

    /** {@code joint SPLINE 0 1 SEALANT before s1}: closed by and before are left out where there is none. */
    private static Joint joint(List<String> words) {
        int before = words.indexOf("before");
        boolean closed = words.size() > 4 && before != 4;
        return new Joint(
                Joint.Kind.valueOf(words.get(1)),
                List.of(Integer.valueOf(words.get(2)), Integer.valueOf(words.get(3))),
                closed ? Joint.Closure.valueOf(words.get(4)) : null,
                before < 0 ? null : words.get(before + 1));
    }

    private void item(String kind, String place, String more) {
        String[] ends = place.split("(?<=\\d)[+-]");
        double from = Double.parseDouble(ends[0]);
        Double second = ends.length > 1 ? Double.valueOf(ends[1]) : null;
        switch (kind) {
            case "seal" ->
                bore.add(BoreItemSealBuilder.builder()
                        .id("s" + ++seals)
                        .fromMm(from)
                        .widthMm(second)
                        .toleranceMm(number(more, "tol"))
                        .outsideDiameterMm(number(more, "od") == null ? 62.0 : number(more, "od"))
                        .insideDiameterMm(
                                more.contains("unmarked")
                                        ? null
                                        : number(more, "id") == null ? 45.0 : number(more, "id"))
                        .profile(word(more, "profile") == null ? null : Profile.valueOf(word(more, "profile")))
                        .decidedMm(number(more, "decided"))
                        .uncertaintyMm(number(more, "u"))
                        .mayStandProudMm(number(more, "proud"))
                        .mount(more.contains("onshaft") ? Mount.SHAFT : null)
                        .mainLip(side(more.strip().split(" ")[0]))
                        .dustLip(word(more, "dust") == null ? null : side(word(more, "dust")))
                        .spring(!more.contains("nospring"))
                        .ribs(word(more, "ribs") == null ? null : Ribs.valueOf(word(more, "ribs")))
                        .reversedOnPurpose(more.contains("onpurpose"))
                        .entersFrom(word(more, "enters") == null ? null : side(word(more, "enters")))
                        .beforeItem(word(more, "before"))
                        .flangeDiameterMm(number(more, "flange"))
                        .flangeThicknessMm(word(more, "flange") == null ? null : Double.valueOf(2))
                        .build());
            case "ring" ->
                bore.add(new BoreItem.Ring(
                        "r" + bore.size(), from, second, number(more, "t"), number(more, "tol"), null, null));
            case "washer" ->
                bore.add(new BoreItem.Spacer(
                        "w" + bore.size(),
                        from,
                        second,
                        number(more, "tol"),
                        read(more, "in", 50),
                        read(more, "out", 61.5),
                        null,
                        word(more, "before")));
            case "stop" ->
                bore.add(new BoreItem.Shoulder("h" + bore.size(), from, number(more, "tol"), read(more, "in", 55)));
            case "bearing" ->
                bore.add(new BoreItem.Bearing(
                        "b" + bore.size(),
                        from,
                        number(more, "in"),
                        number(more, "turns"),
                        more.contains("sealed"),
                        number(more, "mate"),
                        null,
                        null,
                        number(more, "wide"),
                        number(more, "turnsin"),
                        number(more, "turnsout")));
            case "port" ->
                bore.add(new BoreItem.Port(null, BoreItem.Port.Kind.valueOf(more.strip()), from, second, null));
            case "chevron" ->
                bore.add(new BoreItem.Chevron(
                        "c" + bore.size(),
                        from,
                        second,
                        null,
                        side(more.strip().split(" ")[0]),
                        word(more, "rings") == null ? Integer.valueOf(4) : Integer.valueOf(word(more, "rings")),
                        null,
                        null));
            case "cover" -> bore.add(new BoreItem.Cover("p" + bore.size(), from, second, null, null));
            case "step" -> bore.add(new BoreItem.Step(null, from, number(more, "d")));
            case "ground" ->
                shaft.add(new ShaftItem.RunningSurface(
                        from, second, number(more, "d"), more.contains("housing") ? ShaftItem.On.HOUSING : null));
            case "groove" -> shaft.add(new ShaftItem.WearGroove(from, second, 0.05));
            case "sleeve" -> shaft.add(new ShaftItem.Sleeve(from, second, number(more, "d")));
            case "keyway" -> shaft.add(new ShaftItem.Keyway(from, second, number(more, "d"), more.contains("covered")));
            case "shaftstep" -> shaft.add(new ShaftItem.Step(from, second, number(more, "d")));
            case "chamfer" -> shaft.add(new ShaftItem.Chamfer(from, second, number(more, "d"), number(more, "deg")));
            case "thread" ->
                shaft.add(new ShaftItem.Thread(
                        from,
                        second,
                        number(more, "d"),
                        more.contains("covered"),
                        word(more, "hand") == null ? null : Hand.valueOf(word(more, "hand")),
                        more.contains("returns")));
            case "hole" -> shaft.add(new ShaftItem.CrossHole(from, second, null));
            case "slinger" -> shaft.add(new ShaftItem.Slinger(from, second, null));
            default -> throw new IllegalArgumentException("No part is called " + kind);
        }
    }

    private static Side side(String word) {
        return Side.valueOf(word);
    }

    private static @Nullable String word(String text, String name) {
        List<String> words = List.of(text.strip().split(" "));
        int at = words.indexOf(name);
        return at < 0 ? null : words.get(at + 1);
    }

    /** A figure, or what is usual where it is not written; nobody has read it where that is written. */
    private static @Nullable Double read(String text, String name, double usual) {
        return text.contains("unread") ? null : number(text, name) == null ? Double.valueOf(usual) : number(text, name);
    }

    private static @Nullable Double number(String text, String name) {
        return word(text, name) == null ? null : Double.valueOf(word(text, name));
    }
}
