package joropo.app.drawing;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.ColorScheme;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import joropo.app.Workshop;
import joropo.core.lipseal.CaseType;
import joropo.core.lipseal.Rotation;
import joropo.core.lipseal.Side;
import joropo.core.material.Dirt;
import joropo.core.material.Medium;
import joropo.core.section.BoreItem;
import joropo.core.section.Section;
import joropo.core.section.SectionCheck;
import joropo.core.section.ShaftItem;
import joropo.core.section.Space;
import joropo.core.sizes.SealSize;
import joropo.core.sizes.SealSystem;
import joropo.core.verdict.Status;
import org.junit.jupiter.api.Test;

/** Drawings of many seals and places in the real browser: no text touches another, all stays inside the picture. */
class SectionDrawingIT {
    private static final int DRAWINGS = 120;
    private static final int MANY_PARTS = 60;
    private static final String OVERLAPS = """
            () => {
              const out = [];
              for (const svg of document.querySelectorAll('svg.section')) {
                const frame = svg.getBoundingClientRect();
                const boxes = [...svg.querySelectorAll('text')].map(t => [t.textContent, t.getBoundingClientRect()]);
                boxes.forEach(([text, b], i) => {
                  if (b.left < frame.left - 1 || b.right > frame.right + 1 || b.bottom > frame.bottom + 1) out.push(svg.dataset.name + ': ' + text + ' leaves the picture');
                  boxes.slice(i + 1).forEach(([other, o]) => {
                    if (b.left < o.right - 1 && o.left < b.right - 1 && b.top + 3 < o.bottom - 3 && o.top + 3 < b.bottom - 3) out.push(svg.dataset.name + ': ' + text + ' touches ' + other);
                  });
                });
              }
              return out;
            }""";

    @Test
    void noTextTouchesAnotherWhateverTheFigures() {
        var random = new Random(45);
        List<SealSize> sizes = SealSize.all().stream().filter(s -> s.system() == SealSystem.METRIC).toList();
        var html = new StringBuilder("<body style='margin:0'>");
        for (int i = 0; i < DRAWINGS; i++) {
            SealSize size = sizes.get(random.nextInt(sizes.size()));
            Drawn drawn = drawn(size, random, i);
            html.append(SectionDrawing.svg(drawn, "p" + i + "-").replace("<svg ", "<svg width='780' height='520' data-name='" + i + " " + size.words() + "' "));
        }
        for (int i = 0; i < MANY_PARTS; i++) {
            html.append(SectionDrawing.svg(Drawn.of(manyParts(random, i)), "m" + i + "-").replace("<svg ", "<svg width='780' height='520' data-name='many parts " + i + "' "));
        }
        Page page = Workshop.stranger(ColorScheme.LIGHT, 800, 600);
        page.navigate(Workshop.address() + "/login");   // for the fonts of the pages
        page.evaluate("html => { document.body.innerHTML = html; }", html.toString());
        page.waitForFunction("() => document.fonts.status === 'loaded'");
        assertThat((List<?>) page.evaluate(OVERLAPS)).isEmpty();
        page.evaluate("() => { const t = document.querySelector('svg.section text'); t.after(t.cloneNode(true)); }");
        assertThat((List<?>) page.evaluate(OVERLAPS)).as("a text laid on another is seen").hasSize(1);
        assertThat((Integer) page.evaluate("() => document.querySelectorAll('svg.section').length")).isEqualTo(DRAWINGS + MANY_PARTS);
        page.context().close();
        Workshop.complaints();
    }

    /** Up to six parts that seal with rings, washers, ports, a cover and a shoulder, and features of the shaft. */
    private static Section manyParts(Random random, int i) {
        List<BoreItem> bore = new ArrayList<>();
        List<Space> spaces = new ArrayList<>(List.of(new Space(Medium.AIR, Dirt.values()[i % 4], null, null)));
        double x = random.nextInt(4) - 1;
        if (i % 3 == 0) {
            bore.add(new BoreItem.Cover("p", x - 3, 2.0, null, null));
        }
        if (i % 2 == 0) {
            bore.add(new BoreItem.Ring("r", x, 1.9, 1.75, null, null, null));
            x += 1.9;
        }
        int seals = 1 + random.nextInt(6);
        for (int n = 0; n < seals; n++) {
            if (random.nextBoolean()) {
                bore.add(new BoreItem.Spacer("w" + n, x, 2.5, null, random.nextBoolean() ? null : Double.valueOf(49), null, null, null));
                x += 2.5;
            }
            Side side = random.nextBoolean() ? Side.IN : Side.OUT;
            bore.add(random.nextInt(5) == 0 ? new BoreItem.Chevron("c" + n, x, 12.0, null, side, 4, null, null)
                    : new BoreItem.Seal("s" + n, x, 8.0, 62.0, CaseType.values()[n % 3], side, random.nextBoolean() ? side.other() : null, true, null));
            x = bore.get(bore.size() - 1).toMm() + random.nextInt(5);
            bore.add(new BoreItem.Port("q" + n, BoreItem.Port.Kind.DRAIN, x, x + 1.5, 6.0));
            x += 2;
            spaces.add(new Space(Medium.values()[random.nextInt(9)], null, i % 5 == 0 ? 0.05 : 0.0, null));
        }
        bore.add(new BoreItem.Shoulder("h", x, null, 55.0));
        return new Section("many parts", Rotation.BOTH, 45.0, 62.0, null, spaces, bore, List.of(new ShaftItem.RunningSurface(0.0, x), new ShaftItem.Sleeve(x + 4, x + 20, null), new ShaftItem.Slinger(-6.0, -4.0, null),
                new ShaftItem.Keyway(-30.0, -10.0, null), new ShaftItem.WearGroove(4.0, 5.2, 0.1)), 0.1, 0.1, null, null, null, null, null);
    }

    private static Drawn drawn(SealSize size, Random random, int i) {
        double from = switch (i % 4) {
            case 0 -> 0;
            case 1 -> -1.5 * random.nextDouble();
            default -> 12 * random.nextDouble();
        };
        double stop = Math.max(from, 0) + size.widthMm() + (i % 3 == 0 ? 0 : 6 * random.nextDouble());
        Side lip = random.nextBoolean() ? Side.IN : Side.OUT;
        List<BoreItem> items = new ArrayList<>(List.of(new BoreItem.Seal("s1", from, size.widthMm(), size.boreMm(), CaseType.values()[i % 3], lip,
                lip == Side.IN && random.nextBoolean() ? Side.OUT : null, true, null), new BoreItem.Shoulder("h1", stop, null, null)));
        if (random.nextBoolean()) {
            double turning = stop + 8 * random.nextDouble();
            items.add(new BoreItem.Bearing("b1", turning, null, turning));
        }
        Section section = new Section("drawing " + i, random.nextBoolean() ? Rotation.CCW : null, size.shaftMm(), size.boreMm(), Side.IN,
                List.of(new Space(Medium.AIR, Dirt.values()[i % 4], null, null), new Space(Medium.values()[i % 9], null, i % 5 == 0 ? 0.05 : 0.0, null)), items,
                List.of(new ShaftItem.RunningSurface(from - 4, stop + 4)), 0.2, 0.1, null, null, null, null, null);
        List<Pin> pins = new ArrayList<>();
        for (int n = 0; n < random.nextInt(13); n++) {
            pins.add(new Pin(n + 1, Status.values()[random.nextInt(5)], Pin.Spot.values()[random.nextInt(8)]));
        }
        return new Drawn(section, stop, i % 7 != 0, i % 5 != 1, List.of(SectionCheck.check(section).track()), "Ø " + size.words().split("x")[0] + " h11",
                "Ø " + size.words().split("x")[1] + " H8", i % 2 == 0 ? List.of() : List.of("not read or decided yet, drawn as usual: bore, way round, stop"), pins);
    }

    @Test
    void absurdFiguresStillGiveAPicture() {
        for (double[] f : new double[][] {{0.5, 0.9, 0.2, 0}, {900, 1000, 20, 4000}, {45, 62, 8, -4000}, {1, 999, 500, 0}}) {
            var section = new Section("absurd", null, f[0], f[1], null, List.of(new Space(Medium.AIR, null, null, null), new Space(Medium.OIL, null, null, null)),
                    List.of(new BoreItem.Seal("s1", f[3], f[2], f[1], null, Side.IN, null, true, null)), List.of(), null, null, null, null, null, null, null);
            String svg = SectionDrawing.svg(new Drawn(section, f[3] + f[2], false, true, List.of(), null, null, List.of(), List.of()), "x-");
            assertThat(svg).doesNotContain("NaN").doesNotContain("Infinity").endsWith("</svg>\n").hasSizeLessThan(120_000);
        }
    }
}
