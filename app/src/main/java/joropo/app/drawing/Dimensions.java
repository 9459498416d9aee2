package joropo.app.drawing;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;
import joropo.core.section.BoreItem;
import joropo.core.section.Section;
import joropo.core.section.SectionResult.Band;
import joropo.core.section.ShaftItem;
import joropo.core.shaft.Rotation;
import joropo.core.units.Length;
import org.jspecify.annotations.Nullable;

/**
 * Names of the spaces, diameters, the chain of parts and the running sizes from the datum face. No text may touch
 * another.
 */
final class Dimensions {
    private static final double NUMBER = 14;
    private static final double NAME = 13.5;
    private static final double GAP = 6;
    /** Rows under the housing: the chain, the running sizes, the notes. */
    private static final double CHAIN_UNDER = 27;

    private static final double RUNNING_UNDER = 80;
    private static final double NOTES_UNDER = 135;
    /** Figures of the lip tracks over the shaft. */
    private static final double TRACKS_OVER = 44;
    /** What is kept free at both ends of a row. */
    private static final double ROW_LEFT = 70;

    private static final double ROW_RIGHT = 140;
    /** From one line of figures to the next. */
    private static final double LINE = 18;
    /** Shorter chain links than this have their figure beside them. */
    private static final double SHORT = 10;

    /** An old track is drawn deeper than it is. */
    private static final String DEEPER = "groove ×10 deep";

    private record Link(double fromMm, double toMm, String name) {}

    private record Mark(double mm, String name) {}

    private final SectionPicture drawn;
    private final Section section;
    private final Frame frame;
    private final Svg svg;
    private final double chainY;
    private final double runningY;
    private final double rowWidth;

    Dimensions(SectionPicture drawn, Frame frame, Svg svg) {
        this.drawn = drawn;
        this.section = drawn.section();
        this.frame = frame;
        this.svg = svg;
        this.chainY = frame.bottomY() + CHAIN_UNDER;
        this.runningY = frame.bottomY() + RUNNING_UNDER;
        this.rowWidth = frame.width() - ROW_LEFT - ROW_RIGHT;
    }

    /** @return stretches of the row over the shaft that have figures on them: no wire goes through those */
    List<Band> paint() {
        ends();
        diameters();
        if (frame.paper().hasChains()) {
            corner();
            if (drawn.depthRead()) {
                chain();
            }
            running();
            scaleBar();
        }
        return tracks();
    }

    /**
     * Where each lip runs, and that an old track is drawn deeper than it is; left and right of its line for one lip,
     * else in a row that leaves out what finds no room.
     */
    private List<Band> tracks() {
        double y = frame.shaftY() - TRACKS_OVER;
        List<Double> lips =
                drawn.tracks().stream().map(t -> (t.fromMm() + t.toMm()) / 2).toList();
        List<Double> grooves = section.shaftItems().stream()
                .filter(ShaftItem.WearGroove.class::isInstance)
                .map(g -> (g.fromMm() + g.toMm()) / 2)
                .toList();
        if (lips.size() == 1) {
            double right = frame.x(lips.get(0)) - 8;
            double number = Svg.width(show(lips.get(0)), NUMBER, Svg.CHARACTER_MONO);
            svg.number(Ink.NUMBER, right, y, NUMBER, "end", show(lips.get(0)));
            svg.words(Ink.NAME, right - number - 6, y, NAME, "end", "lip track");
            List<Band> written = new ArrayList<>(List.of(
                    new Band(right - number - 6 - Svg.width("lip track", NAME, Svg.CHARACTER_CONDENSED), right)));
            if (!grooves.isEmpty()) {
                svg.words(Ink.NAME, right + 16, y, NAME, "start", DEEPER);
                written.add(new Band(right + 16, right + 16 + Svg.width(DEEPER, NAME, Svg.CHARACTER_CONDENSED)));
            }
            return written;
        }
        List<Mark> all =
                new ArrayList<>(lips.stream().map(mm -> new Mark(mm, "")).toList());
        if (!lips.isEmpty()) {
            grooves.forEach(mm -> all.add(new Mark(mm, DEEPER)));
        }
        List<Mark> marks = fitting(all, rowWidth);
        List<Double> middles = RowLayout.place(
                marks.stream()
                        .map(m -> new RowLayout.Wish(frame.x(m.mm), width(m)))
                        .toList(),
                GAP,
                ROW_LEFT,
                ROW_LEFT + rowWidth);
        List<Band> written = new ArrayList<>();
        for (int i = 0; i < marks.size(); i++) {
            if (marks.get(i).name.isEmpty()) {
                svg.number(Ink.NUMBER, middles.get(i), y, NUMBER, "middle", show(marks.get(i).mm));
            } else {
                svg.words(Ink.NAME, middles.get(i), y, NAME, "middle", marks.get(i).name);
            }
            written.add(new Band(middles.get(i) - width(marks.get(i)) / 2, middles.get(i) + width(marks.get(i)) / 2));
        }
        return written;
    }

    private double width(Mark mark) {
        return Math.max(
                Svg.width(show(Math.abs(mark.mm)) + (mark.mm < 0 ? "-" : ""), NUMBER, Svg.CHARACTER_MONO),
                Svg.width(mark.name, NAME, Svg.CHARACTER_CONDENSED));
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
        String view = (drawn.look().view().isUpright() ? "half section, " : "lower half, ")
                + drawn.look().view().words();
        String turns = section.rotation() == null
                ? "turning direction not known"
                : "turns " + section.rotation().words()
                        + (section.rotation() == Rotation.BOTH ? "" : " seen from outside");
        boolean high = frame.centreY() > 50; // room for a second line over the centre line
        svg.words(Ink.NAME, 14, 24, 14, "start", high ? view : view + "; " + turns);
        if (high) {
            svg.words(Ink.NAME, 14, 43, 14, "start", turns);
        }
        if (!drawn.notes().isEmpty()) {
            svg.words(Ink.NAME, 14, frame.bottomY() + NOTES_UNDER, 14, "start", String.join("; ", drawn.notes()));
        }
    }

    private void ends() {
        if (!frame.paper().hasChains()) {
            svg.words(
                    Ink.STRONG,
                    10,
                    frame.bottomY() + 24,
                    14,
                    "start",
                    "outside: " + section.outside().words());
            svg.words(
                    Ink.STRONG,
                    frame.width() - 10,
                    frame.bottomY() + 24,
                    14,
                    "end",
                    "inside: " + section.inside().words());
            return;
        }
        double y = Math.max(frame.bottomY() - 48, frame.y(section.boreDiameterMm() / 2) + 40);
        plated(14, y, "start", "outside", section.outside().words());
        String inside = section.inside().words();
        String pressure = section.inside().mpa() == 0
                ? ""
                : ", " + Length.show(section.inside().mpa(), 2) + " MPa";
        plated(frame.width() - 14, frame.shaftY() + 28, "end", "inside", inside + pressure);
    }

    private void plated(double x, double y, String anchor, String head, String text) {
        double width =
                Math.max(Svg.width(head, 15.5, Svg.CHARACTER_CONDENSED), Svg.width(text, 14, Svg.CHARACTER_CONDENSED))
                        + 12;
        svg.rect(Ink.PLATE, anchor.equals("start") ? x - 6 : x - width + 6, y - 17, width, 42);
        svg.words(Ink.STRONG, x, y, 15.5, anchor, head);
        svg.words(Ink.NAME, x, y + 19, 14, anchor, text);
    }

    private void diameters() {
        double boreY = frame.y(section.boreDiameterMm() / 2);
        diameter(drawn.shaftLabel(), frame.shaftY(), frame.shaftY() + 18);
        double shaftLabel = frame.shaftY() + 18;
        diameter(
                drawn.boreLabel(),
                boreY,
                boreY - 7 < shaftLabel + LINE ? Math.max(boreY, shaftLabel) + LINE : boreY - 7);
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
        List<BoreItem.Stacked> parts = section.boreItems().stream()
                .filter(BoreItem.Stacked.class::isInstance)
                .map(BoreItem.Stacked.class::cast)
                .sorted(Comparator.comparing(BoreItem::fromMm))
                .toList();
        List<Link> out = new ArrayList<>();
        double first = parts.get(0).fromMm();
        if (first > 0.005) {
            out.add(new Link(0, first, "depth"));
        } else if (first < -0.005) {
            out.add(new Link(first, 0, "proud"));
        }
        double end = first;
        for (BoreItem.Stacked part : parts) {
            double to = part.fromMm() + part.thickMm();
            out.add(new Link(part.fromMm(), to, name(part)));
            end = Math.max(end, to);
        }
        if (drawn.stopRead() && drawn.stopMm() > end + 0.005) {
            out.add(new Link(end, drawn.stopMm(), "free"));
        }
        return out;
    }

    /** On a bench a part goes by its own name. */
    private String name(BoreItem.Stacked part) {
        return drawn.look().handles() && part.id() != null ? part.id() : part.shortly();
    }

    private void chain() {
        List<Link> links = links();
        double left = links.stream().mapToDouble(Link::fromMm).min().orElseThrow();
        double right = links.stream().mapToDouble(Link::toMm).max().orElseThrow();
        svg.line(Ink.THIN, frame.x(left) - 8, chainY, frame.x(right) + 8, chainY);
        var ticks = new StringBuilder();
        for (Link link : links) {
            for (double mm : new double[] {link.fromMm, link.toMm}) {
                ticks.append("M")
                        .append(Svg.n(frame.x(mm) - 4))
                        .append(' ')
                        .append(Svg.n(chainY + 5))
                        .append('l')
                        .append("8 -10");
            }
        }
        svg.path(Ink.MARK, ticks.toString());
        extension(links.stream()
                .flatMap(l -> Stream.of(l.fromMm, l.toMm))
                .distinct()
                .toList());
        boolean shortFree = links.get(links.size() - 1).name.equals("free")
                && length(links.get(links.size() - 1)) * frame.scale() < SHORT * 4;
        List<Link> under = new ArrayList<>(shortFree ? links.subList(0, links.size() - 1) : links);
        while (under.size() > 2
                && under.stream()
                                .mapToDouble(l -> Math.max(
                                                Svg.width(show(length(l)), NUMBER, Svg.CHARACTER_MONO),
                                                Svg.width(l.name, NAME, Svg.CHARACTER_CONDENSED))
                                        + GAP)
                                .sum()
                        > rowWidth) {
            under.remove(under.size() / 2);
        }
        labels(
                under.stream()
                        .map(l -> new Mark((l.fromMm + l.toMm) / 2, l.name))
                        .toList(),
                under.stream().map(l -> show(length(l))).toList(),
                chainY + 19,
                false);
        links.stream().filter(l -> shortFree && l.name.equals("free")).forEach(l -> {
            svg.number(Ink.STRONG, frame.x(right) + 16, chainY + 5, NUMBER, "start", show(l.toMm - l.fromMm));
            svg.words(
                    Ink.NAME,
                    frame.x(right) + 24 + Svg.width(show(l.toMm - l.fromMm), NUMBER, Svg.CHARACTER_MONO),
                    chainY + 5,
                    NAME,
                    "start",
                    "free");
        });
    }

    private static double length(Link link) {
        return Math.abs(link.toMm - link.fromMm);
    }

    private void extension(List<Double> places) {
        var d = new StringBuilder();
        places.forEach(mm -> d.append("M")
                .append(Svg.n(frame.x(mm)))
                .append(" " + Svg.n(frame.bottomY() + 9) + "V")
                .append(Svg.n(chainY + 4)));
        svg.path(Ink.HAIR, d.toString());
    }

    private void running() {
        List<BoreItem.Sealing> sealing = section.boreItems().stream()
                .filter(BoreItem.Sealing.class::isInstance)
                .map(BoreItem.Sealing.class::cast)
                .toList();
        List<Mark> all = new ArrayList<>();
        if (drawn.depthRead()) {
            sealing.stream()
                    .filter(s -> Math.abs(s.fromMm()) > 0.005)
                    .forEach(s -> all.add(new Mark(s.fromMm(), "outer face")));
            all.add(new Mark(sealing.get(sealing.size() - 1).toMm(), "inner face"));
        }
        if (drawn.stopRead()
                && (!drawn.depthRead()
                        || Math.abs(drawn.stopMm()
                                        - sealing.get(sealing.size() - 1).toMm())
                                > 0.005)) {
            all.add(new Mark(drawn.stopMm(), "shoulder"));
        }
        section.boreItem(BoreItem.Bearing.class).ifPresent(b -> all.add(new Mark(b.fromMm(), "turns")));
        List<Mark> marks = fitting(all, rowWidth);
        double right = marks.stream().mapToDouble(m -> frame.x(m.mm)).max().orElse(frame.x(0));
        double left = Math.min(
                frame.x(0), marks.stream().mapToDouble(m -> frame.x(m.mm)).min().orElse(frame.x(0)));
        svg.line(Ink.THIN, left, runningY, right + 8, runningY);
        svg.circle(Ink.BALL, frame.x(0), runningY, 4.5);
        svg.path(Ink.HAIR, "M" + Svg.n(frame.x(0)) + " " + Svg.n(frame.bottomY() + 10) + "v21m0 34v10");
        var ticks = new StringBuilder("M0 0");
        marks.forEach(m -> ticks.append("M")
                .append(Svg.n(frame.x(m.mm)))
                .append(' ')
                .append(Svg.n(runningY - 5))
                .append("v10"));
        svg.path(Ink.MARK, ticks.toString());
        svg.words(Ink.NAME, Math.min(frame.x(0), left) - 24, runningY + 5, NAME, "end", "datum face");
        svg.number(Ink.NUMBER, Math.min(frame.x(0), left) - 12, runningY + 5, NUMBER, "middle", "0");
        labels(marks, marks.stream().map(m -> show(m.mm)).toList(), runningY + 22, true);
    }

    /** Numbers with their names under them, each as near to its mark as its neighbours allow. */
    private void labels(List<Mark> marks, List<String> numbers, double y, boolean leaders) {
        List<RowLayout.Wish> wishes = new ArrayList<>();
        for (int i = 0; i < marks.size(); i++) {
            wishes.add(new RowLayout.Wish(
                    frame.x(marks.get(i).mm),
                    Math.max(
                            Svg.width(numbers.get(i), NUMBER, Svg.CHARACTER_MONO),
                            Svg.width(marks.get(i).name, NAME, Svg.CHARACTER_CONDENSED))));
        }
        List<Double> middles = RowLayout.place(wishes, GAP, ROW_LEFT, frame.width() - ROW_RIGHT);
        for (int i = 0; i < marks.size(); i++) {
            double middle = middles.get(i);
            double mark = frame.x(marks.get(i).mm);
            if (leaders && Math.abs(middle - mark) > 6) {
                svg.line(Ink.HAIR, mark, runningY + 5, middle, y - 13);
            }
            svg.number(Ink.NUMBER, middle, y, NUMBER, "middle", numbers.get(i));
            svg.words(Ink.NAME, middle, y + 15, NAME, "middle", marks.get(i).name);
        }
    }

    private void scaleBar() {
        double mm = frame.scale() >= 16 ? 5 : frame.scale() >= 4 ? 10 : frame.scale() >= 0.8 ? 50 : 1000;
        double from = frame.width() - 18 - mm * frame.scale();
        svg.path(
                Ink.MARK,
                "M" + Svg.n(from) + " " + Svg.n(runningY - 4) + "v8M" + Svg.n(frame.width() - 18) + " "
                        + Svg.n(runningY - 4) + "v8M" + Svg.n(from) + " " + Svg.n(runningY) + "H"
                        + Svg.n(frame.width() - 18));
        String text = Length.show(mm, 0) + " mm";
        double half = Svg.width(text, NUMBER, Svg.CHARACTER_MONO) / 2;
        svg.number(
                Ink.NUMBER,
                Math.min((from + frame.width() - 18) / 2, frame.width() - 10 - half),
                runningY + 21,
                NUMBER,
                "middle",
                text);
    }

    private static String show(double mm) {
        return Mm.show(mm, 2);
    }
}
