package joropo.app.drawing;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;
import joropo.core.lipseal.Rotation;
import joropo.core.section.BoreItem;
import joropo.core.section.Section;
import joropo.core.units.Length;
import org.jspecify.annotations.Nullable;

/** Names of the spaces, diameters, the chain of parts and the running sizes from the datum face. No text may touch another. */
final class Dimensions {
    private static final double NUMBER = 14;
    private static final double NAME = 13.5;
    private static final double GAP = 6;
    private static final double CHAIN_Y = 405;
    private static final double RUNNING_Y = 458;
    private static final double NUMBER_ROW = 560;
    /** From one line of figures to the next. */
    private static final double LINE = 18;
    /** Shorter chain links than this have their figure beside them. */
    private static final double SHORT = 10;

    private record Link(double fromMm, double toMm, String name) { }

    private record Mark(double mm, String name) { }

    private final Drawn drawn;
    private final Section section;
    private final Frame frame;
    private final Svg svg;

    Dimensions(Drawn drawn, Frame frame, Svg svg) {
        this.drawn = drawn;
        this.section = drawn.section();
        this.frame = frame;
        this.svg = svg;
    }

    void paint() {
        ends();
        diameters();
        svg.raw("<g class=\"chains\">");   // left out where the screen is narrow
        corner();
        if (drawn.depthRead()) {
            chain();
        }
        running();
        scaleBar();
        svg.raw("</g>");
        tracks();
    }

    /** Where each lip runs; left of its line while there is one, else in a row that leaves out what finds no room. */
    private void tracks() {
        List<Double> lips = drawn.tracks().stream().map(t -> (t.fromMm() + t.toMm()) / 2).toList();
        if (lips.size() == 1) {
            double right = frame.x(lips.get(0)) - 8;
            svg.number(Ink.NUMBER, right, 132, NUMBER, "end", show(lips.get(0)));
            svg.words(Ink.NAME, right - Svg.width(show(lips.get(0)), NUMBER, Svg.CHARACTER_MONO) - 6, 132, NAME, "end", "lip track");
            return;
        }
        List<Mark> marks = fitting(lips.stream().map(mm -> new Mark(mm, "")).toList(), NUMBER_ROW);
        List<Double> middles = RowLayout.place(marks.stream().map(m -> new RowLayout.Wish(frame.x(m.mm), width(m))).toList(), GAP, 70, 70 + NUMBER_ROW);
        for (int i = 0; i < marks.size(); i++) {
            svg.number(Ink.NUMBER, middles.get(i), 132, NUMBER, "middle", show(marks.get(i).mm));
        }
    }

    private double width(Mark mark) {
        return Math.max(Svg.width(show(Math.abs(mark.mm)) + (mark.mm < 0 ? "-" : ""), NUMBER, Svg.CHARACTER_MONO), Svg.width(mark.name, NAME, Svg.CHARACTER_CONDENSED));
    }

    /** As many as find room in a row of this width, the first and the last of them last to go. */
    private List<Mark> fitting(List<Mark> all, double room) {
        List<Mark> out = new ArrayList<>(all);
        while (out.size() > 2 && out.stream().mapToDouble(m -> width(m) + GAP).sum() > room) {
            out.remove(out.size() / 2);
        }
        return out;
    }

    private void corner() {
        svg.words(Ink.NAME, 14, 24, 14, "start", "lower half, outside left");
        svg.words(Ink.NAME, 14, 43, 14, "start", section.rotation() == null ? "turning direction not said"
                : "turns " + section.rotation().words() + (section.rotation() == Rotation.BOTH ? "" : " seen from outside"));
        if (!drawn.notes().isEmpty()) {
            svg.words(Ink.NAME, 14, 513, 14, "start", String.join("; ", drawn.notes()));
        }
    }

    private void ends() {
        double y = Math.max(330, frame.y(section.boreDiameterMm() / 2) + 40);
        plated(14, y, "start", "outside", section.outside().words());
        String inside = section.inside().words();
        String pressure = section.inside().pressureMpa() == 0 ? "" : ", " + Length.show(section.inside().pressureMpa(), 2) + " MPa";
        plated(766, 204, "end", "inside", inside + pressure);
    }

    private void plated(double x, double y, String anchor, String head, String text) {
        double width = Math.max(Svg.width(head, 15.5, Svg.CHARACTER_CONDENSED), Svg.width(text, 14, Svg.CHARACTER_CONDENSED)) + 12;
        svg.rect(Ink.PLATE, anchor.equals("start") ? x - 6 : x - width + 6, y - 17, width, 42);
        svg.words(Ink.STRONG, x, y, 15.5, anchor, head);
        svg.words(Ink.NAME, x, y + 19, 14, anchor, text);
    }

    private void diameters() {
        double boreY = frame.y(section.boreDiameterMm() / 2);
        diameter(drawn.shaftLabel(), Frame.SHAFT_Y, Frame.SHAFT_Y + 18);
        double shaftLabel = Frame.SHAFT_Y + 18;
        diameter(drawn.boreLabel(), boreY, boreY - 7 < shaftLabel + LINE ? Math.max(boreY, shaftLabel) + LINE : boreY - 7);
    }

    private void diameter(@Nullable String label, double lineY, double textY) {
        if (label == null) {
            return;
        }
        svg.line(Ink.HAIR, 10, lineY, frame.x(0), lineY);
        double width = Svg.width(label, NUMBER, Svg.CHARACTER_MONO) + 8;
        svg.rect(Ink.PLATE, 12, textY - 13, width, 17);
        svg.number(Ink.NUMBER, 16, textY, NUMBER, "start", label);
    }

    /** From the datum face to the outermost part, each part of the stack, what is left before the stop. */
    private List<Link> links() {
        List<BoreItem> parts = section.boreItems().stream().filter(i -> i instanceof BoreItem.Sealing || i instanceof BoreItem.Ring || i instanceof BoreItem.Spacer)
                .sorted(Comparator.comparing(BoreItem::fromMm)).toList();
        List<Link> out = new ArrayList<>();
        double first = parts.get(0).fromMm();
        if (first > 0.005) {
            out.add(new Link(0, first, "depth"));
        } else if (first < -0.005) {
            out.add(new Link(first, 0, "proud"));
        }
        double end = first;
        for (BoreItem part : parts) {
            double to = part instanceof BoreItem.Ring r ? r.fromMm() + r.thicknessMm() : part.toMm();
            out.add(new Link(part.fromMm(), to, part instanceof BoreItem.Seal ? "seal" : part instanceof BoreItem.Ring ? "ring" : part instanceof BoreItem.Spacer ? "washer" : "set"));
            end = Math.max(end, to);
        }
        if (drawn.stopRead() && drawn.stopMm() > end + 0.005) {
            out.add(new Link(end, drawn.stopMm(), "free"));
        }
        return out;
    }

    private void chain() {
        List<Link> links = links();
        double left = links.stream().mapToDouble(Link::fromMm).min().orElseThrow();
        double right = links.stream().mapToDouble(Link::toMm).max().orElseThrow();
        svg.line(Ink.THIN, frame.x(left) - 8, CHAIN_Y, frame.x(right) + 8, CHAIN_Y);
        var ticks = new StringBuilder();
        for (Link link : links) {
            for (double mm : new double[] {link.fromMm, link.toMm}) {
                ticks.append("M").append(Svg.n(frame.x(mm) - 4)).append(' ').append(Svg.n(CHAIN_Y + 5)).append('l').append("8 -10");
            }
        }
        svg.path(Ink.MARK, ticks.toString());
        extension(links.stream().flatMap(l -> Stream.of(l.fromMm, l.toMm)).distinct().toList());
        boolean shortFree = links.get(links.size() - 1).name.equals("free") && length(links.get(links.size() - 1)) * frame.scale() < SHORT * 4;
        List<Link> under = new ArrayList<>(shortFree ? links.subList(0, links.size() - 1) : links);
        while (under.size() > 2 && under.stream().mapToDouble(l -> Math.max(Svg.width(show(length(l)), NUMBER, Svg.CHARACTER_MONO), Svg.width(l.name, NAME, Svg.CHARACTER_CONDENSED)) + GAP).sum() > NUMBER_ROW) {
            under.remove(under.size() / 2);
        }
        labels(under.stream().map(l -> new Mark((l.fromMm + l.toMm) / 2, l.name)).toList(), under.stream().map(l -> show(length(l))).toList(), CHAIN_Y + 19, false);
        links.stream().filter(l -> shortFree && l.name.equals("free")).forEach(l -> {
            svg.number(Ink.STRONG, frame.x(right) + 16, CHAIN_Y + 5, NUMBER, "start", show(l.toMm - l.fromMm));
            svg.words(Ink.NAME, frame.x(right) + 24 + Svg.width(show(l.toMm - l.fromMm), NUMBER, Svg.CHARACTER_MONO), CHAIN_Y + 5, NAME, "start", "free");
        });
    }

    private static double length(Link link) {
        return Math.abs(link.toMm - link.fromMm);
    }

    private void extension(List<Double> places) {
        var d = new StringBuilder();
        places.forEach(mm -> d.append("M").append(Svg.n(frame.x(mm))).append(" 387V").append(Svg.n(CHAIN_Y + 4)));
        svg.path(Ink.HAIR, d.toString());
    }

    private void running() {
        List<BoreItem.Sealing> sealing = section.boreItems().stream().filter(BoreItem.Sealing.class::isInstance).map(BoreItem.Sealing.class::cast).toList();
        List<Mark> all = new ArrayList<>();
        if (drawn.depthRead()) {
            sealing.stream().filter(s -> Math.abs(s.fromMm()) > 0.005).forEach(s -> all.add(new Mark(s.fromMm(), "outer face")));
            all.add(new Mark(sealing.get(sealing.size() - 1).toMm(), "inner face"));
        }
        if (drawn.stopRead() && (!drawn.depthRead() || Math.abs(drawn.stopMm() - sealing.get(sealing.size() - 1).toMm()) > 0.005)) {
            all.add(new Mark(drawn.stopMm(), "shoulder"));
        }
        section.boreItem(BoreItem.Bearing.class).ifPresent(b -> all.add(new Mark(b.fromMm(), "turns")));
        List<Mark> marks = fitting(all, NUMBER_ROW);
        double right = marks.stream().mapToDouble(m -> frame.x(m.mm)).max().orElse(frame.x(0));
        double left = Math.min(frame.x(0), marks.stream().mapToDouble(m -> frame.x(m.mm)).min().orElse(frame.x(0)));
        svg.line(Ink.THIN, left, RUNNING_Y, right + 8, RUNNING_Y);
        svg.circle(Ink.BALL, frame.x(0), RUNNING_Y, 4.5);
        svg.path(Ink.HAIR, "M" + Svg.n(frame.x(0)) + " 388V409M" + Svg.n(frame.x(0)) + " 443V453");
        var ticks = new StringBuilder("M0 0");
        marks.forEach(m -> ticks.append("M").append(Svg.n(frame.x(m.mm))).append(' ').append(Svg.n(RUNNING_Y - 5)).append("v10"));
        svg.path(Ink.MARK, ticks.toString());
        svg.words(Ink.NAME, Math.min(frame.x(0), left) - 24, RUNNING_Y + 5, NAME, "end", "datum face");
        svg.number(Ink.NUMBER, Math.min(frame.x(0), left) - 12, RUNNING_Y + 5, NUMBER, "middle", "0");
        labels(marks, marks.stream().map(m -> show(m.mm)).toList(), RUNNING_Y + 22, true);
    }

    /** Numbers with their names under them, each as near to its mark as its neighbours allow. */
    private void labels(List<Mark> marks, List<String> numbers, double y, boolean leaders) {
        List<RowLayout.Wish> wishes = new ArrayList<>();
        for (int i = 0; i < marks.size(); i++) {
            wishes.add(new RowLayout.Wish(frame.x(marks.get(i).mm), Math.max(Svg.width(numbers.get(i), NUMBER, Svg.CHARACTER_MONO),
                    Svg.width(marks.get(i).name, NAME, Svg.CHARACTER_CONDENSED))));
        }
        List<Double> middles = RowLayout.place(wishes, GAP, 70, 640);
        for (int i = 0; i < marks.size(); i++) {
            double middle = middles.get(i);
            double mark = frame.x(marks.get(i).mm);
            if (leaders && Math.abs(middle - mark) > 6) {
                svg.line(Ink.HAIR, mark, RUNNING_Y + 5, middle, y - 13);
            }
            svg.number(Ink.NUMBER, middle, y, NUMBER, "middle", numbers.get(i));
            svg.words(Ink.NAME, middle, y + 15, NAME, "middle", marks.get(i).name);
        }
    }

    private void scaleBar() {
        double mm = frame.scale() >= 4 ? 10 : frame.scale() >= 0.8 ? 50 : 1000;
        double from = 762 - mm * frame.scale();
        svg.path(Ink.MARK, "M" + Svg.n(from) + " 454v8M762 454v8M" + Svg.n(from) + " 458H762");
        double middle = Math.min((from + 762) / 2, 740);
        svg.number(Ink.NUMBER, middle + 2, 479, NUMBER, "end", Length.show(mm, 0));
        svg.words(Ink.NAME, middle + 7, 479, NAME, "start", "mm");
    }

    private static String show(double mm) {
        return Length.show(mm, 2);
    }
}
