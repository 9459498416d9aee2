package joropo.app.drawing;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.ColorScheme;
import java.io.StringReader;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import javax.xml.parsers.DocumentBuilderFactory;
import joropo.app.Workshop;
import joropo.core.lipseal.LipSealRules;
import joropo.core.material.Dirt;
import joropo.core.material.Medium;
import joropo.core.section.BoreItem;
import joropo.core.section.BoreItemSealBuilder;
import joropo.core.section.CaseType;
import joropo.core.section.Mount;
import joropo.core.section.Profile;
import joropo.core.section.Ribs;
import joropo.core.section.Section;
import joropo.core.section.SectionBuilder;
import joropo.core.section.ShaftItem;
import joropo.core.section.Space;
import joropo.core.shaft.Rotation;
import joropo.core.shaft.Side;
import joropo.core.sizes.SealSize;
import joropo.core.sizes.SealSystem;
import joropo.core.verdict.Status;
import org.junit.jupiter.api.Test;
import org.xml.sax.InputSource;

/** Drawings of many seals and places in the real browser: no text touches another, all stays inside the picture. */
class SectionDrawingIT {
    private static final int DRAWINGS = 120;
    private static final int RANDOM = 2_500;
    private static final int MANY_PARTS = 120;
    private static final String OVERLAPS = """
            () => {
              const out = [];
              for (const svg of document.querySelectorAll('svg.section')) {
                const frame = svg.getBoundingClientRect();
                const turned = frame.height > frame.width;
                const over = (a, b, slackX, slackY) => a.left + slackX < b.right - slackX
                  && b.left + slackX < a.right - slackX
                  && a.top + slackY < b.bottom - slackY && b.top + slackY < a.bottom - slackY;
                const boxes = [...svg.querySelectorAll('text')].map(t => [t.textContent, t.getBoundingClientRect()]);
                boxes.forEach(([text, b], i) => {
                  if (b.left < frame.left - 1 || b.right > frame.right + 1 || b.bottom > frame.bottom + 1)
                    out.push(svg.dataset.name + ': ' + text + ' leaves the picture');
                  boxes.slice(i + 1).forEach(([other, o]) => {
                    if (turned ? over(b, o, 3, 0.5) : over(b, o, 0.5, 3))
                      out.push(svg.dataset.name + ': ' + text + ' touches ' + other);
                  });
                });
              }
              return out;
            }""";

    @Test
    void noTextTouchesAnotherWhateverTheFigures() {
        var random = new Random(45);
        List<SealSize> sizes = SealSize.all().stream()
                .filter(s -> s.system() == SealSystem.METRIC)
                .toList();
        var html = new StringBuilder("<body style='margin:0'>");
        for (int i = 0; i < DRAWINGS; i++) {
            SealSize size = sizes.get(random.nextInt(sizes.size()));
            SectionPicture drawn = drawn(size, random, i);
            html.append(SectionDrawing.svg(drawn, "p" + i + "-")
                    .replace("<svg ", "<svg width='780' height='520' data-name='" + i + " " + size.words() + "' "));
        }
        var sections = new RandomSections(7);
        for (int i = 0; i < MANY_PARTS; i++) {
            Section section = sections.next(i < MANY_PARTS / 2 ? 3 : 7);
            List<Pin> pins = new ArrayList<>();
            LipSealRules.section(section).findings().stream()
                    .filter(f -> f.status() != Status.PASS)
                    .forEach(f -> pins.add(Pin.of(pins.size() + 1, f.status(), f.id(), f.part())));
            Paper paper = Paper.values()[i % 3];
            Orientation view = Orientation.values()[i % 4];
            var look = new DrawingStyle(paper, view, i % 2 == 0, i % 5);
            String size = view.isUpright()
                    ? "width='" + paper.height() + "' height='" + paper.width + "'"
                    : "width='" + paper.width + "' height='" + paper.height() + "'";
            html.append(SectionDrawing.svg(SectionPicture.of(section).with(pins).with(look), "m" + i + "-")
                    .replace("<svg ", "<svg " + size + " data-name='" + paper + " " + view + " " + i + "' "));
        }
        Page page = Workshop.stranger(ColorScheme.LIGHT, 800, 600);
        page.navigate(Workshop.address() + "/login"); // for the fonts of the pages
        page.evaluate("html => { document.body.innerHTML = html; }", html.toString());
        page.waitForFunction("() => document.fonts.status === 'loaded'");
        assertThat((List<?>) page.evaluate(OVERLAPS)).isEmpty();
        page.evaluate("() => { const t = document.querySelector('svg.section text'); t.after(t.cloneNode(true)); }");
        assertThat((List<?>) page.evaluate(OVERLAPS))
                .as("a text laid on another is seen")
                .hasSize(1);
        assertThat((Integer) page.evaluate("() => document.querySelectorAll('svg.section').length"))
                .isEqualTo(DRAWINGS + MANY_PARTS);
        Workshop.close(page);
    }

    private static SectionPicture drawn(SealSize size, Random random, int i) {
        double from =
                switch (i % 4) {
                    case 0 -> 0;
                    case 1 -> -1.5 * random.nextDouble();
                    default -> 12 * random.nextDouble();
                };
        double stop = Math.max(from, 0) + size.widthMm() + (i % 3 == 0 ? 0 : 6 * random.nextDouble());
        Side lip = random.nextBoolean() ? Side.IN : Side.OUT;
        List<BoreItem> items = new ArrayList<>(List.of(
                BoreItemSealBuilder.builder()
                        .id("s1")
                        .fromMm(from)
                        .widthMm(size.widthMm())
                        .outsideDiameterMm(size.boreMm())
                        .caseType(CaseType.values()[i % 3])
                        .mainLip(lip)
                        .dustLip(lip == Side.IN && random.nextBoolean() ? Side.OUT : null)
                        .spring(true)
                        .build(),
                new BoreItem.Shoulder("h1", stop, null, null)));
        if (random.nextBoolean()) {
            double turning = stop + 8 * random.nextDouble();
            items.add(BoreItem.Bearing.plain("b1", turning, null, turning));
        }
        Section section = SectionBuilder.builder()
                .name("drawing " + i)
                .rotation(random.nextBoolean() ? Rotation.CCW : null)
                .shaftDiameterMm(size.shaftMm())
                .boreDiameterMm(size.boreMm())
                .shaftEntersFrom(Side.IN)
                .spaces(List.of(
                        new Space(Medium.AIR, Dirt.values()[i % 4], null, null),
                        new Space(Medium.values()[i % 9], null, i % 5 == 0 ? 0.05 : 0.0, null)))
                .boreItems(items)
                .shaftItems(List.of(new ShaftItem.RunningSurface(from - 4, stop + 4)))
                .axialPlayMm(0.2)
                .growthMm(0.1)
                .build();
        List<Pin> pins = new ArrayList<>();
        for (int n = 0; n < random.nextInt(13); n++) {
            pins.add(new Pin(n + 1, Status.values()[random.nextInt(5)], Pin.Spot.values()[random.nextInt(8)], null));
        }
        return SectionPictureBuilder.builder()
                .section(section)
                .stopMm(stop)
                .stopRead(i % 7 != 0)
                .depthRead(i % 5 != 1)
                .tracks(List.of(
                        LipSealRules.section(section).track(section.seal().id())))
                .shaftLabel("Ø " + size.words().split("x")[0] + " h11")
                .boreLabel("Ø " + size.words().split("x")[1] + " H8")
                .notes(
                        i % 2 == 0
                                ? List.of()
                                : List.of("not read or decided yet, drawn as usual: bore, way round, stop"))
                .pins(pins)
                .look(DrawingStyle.SHEET)
                .build();
    }

    /** Whatever a section holds it is judged and drawn, whole and well formed, in every paper and view. */
    @Test
    void randomSectionsAreJudgedAndDrawnInEveryPaperAndView() {
        List<String> wrong = IntStream.range(0, RANDOM)
                .parallel()
                .mapToObj(SectionDrawingIT::judgedAndDrawn)
                .filter(s -> !s.isEmpty())
                .limit(3)
                .toList();
        assertThat(wrong).isEmpty();
    }

    private static String judgedAndDrawn(int n) {
        try {
            Section section = new RandomSections(n).next(4);
            String svg = SectionDrawing.svg(
                    SectionPicture.of(section)
                            .with(new DrawingStyle(Paper.values()[n % 3], Orientation.values()[n % 4], n % 2 == 0, 0)),
                    "x-");
            if (LipSealRules.section(section).findings().isEmpty()
                    || svg.contains("NaN")
                    || svg.contains("Infinity")
                    || svg.contains("null")) {
                return n + ": not whole";
            }
            if (n % 50 == 0) {
                DocumentBuilderFactory.newInstance().newDocumentBuilder().parse(new InputSource(new StringReader(svg)));
                assertThat(Dxf.of(SectionLines.of(SectionPicture.of(section))))
                        .contains("LINE")
                        .doesNotContain("NaN");
            }
            return "";
        } catch (Exception | AssertionError e) {
            return n + ": " + e;
        }
    }

    /** Left and right, up and down are the same picture turned: as many shapes, every text once. */
    @Test
    void turningThePaperChangesNoPart() {
        Section section = new RandomSections(3).next(3);
        List<String> pictures = Stream.of(Orientation.values())
                .map(v -> SectionDrawing.svg(
                        SectionPicture.of(section).with(new DrawingStyle(Paper.WIDE, v, false, null)), "t-"))
                .toList();
        for (String picture : pictures) {
            assertThat(count(picture, "<path")).isEqualTo(count(pictures.get(0), "<path"));
            assertThat(count(picture, "<text")).isEqualTo(count(pictures.get(0), "<text"));
        }
        assertThat(pictures).doesNotHaveDuplicates();
    }

    private static int count(String text, String part) {
        return text.split(part, -1).length - 1;
    }

    @Test
    void everyLayoutOfASealHasItsOwnPicture() {
        Set<String> pictures = new HashSet<>();
        int made = 0;
        for (Profile profile : Profile.values()) {
            for (CaseType type : CaseType.values()) {
                for (Ribs ribs : Ribs.values()) {
                    for (boolean flange : new boolean[] {false, true}) {
                        var seal = BoreItemSealBuilder.builder()
                                .id("s1")
                                .fromMm(2.0)
                                .widthMm(8.0)
                                .outsideDiameterMm(62.0)
                                .caseType(type)
                                .mainLip(Side.IN)
                                .dustLip(Side.OUT)
                                .spring(true)
                                .ribs(ribs)
                                .profile(profile)
                                .flangeDiameterMm(flange ? 70.0 : null)
                                .flangeThicknessMm(flange ? 2.0 : null)
                                .build();
                        pictures.add(new PartShapes(plain(seal), 0).of(seal).toString());
                        made++;
                    }
                }
            }
        }
        // bare and stainless metal look alike, a rolled PTFE lip has neither ribs nor rubber outside
        assertThat(pictures).hasSizeGreaterThan(made / 3);
        var onShaft = BoreItemSealBuilder.builder()
                .id("s1")
                .fromMm(2.0)
                .widthMm(8.0)
                .outsideDiameterMm(62.0)
                .mount(Mount.SHAFT)
                .mainLip(Side.IN)
                .spring(true)
                .build();
        assertThat(new LipProfile(onShaft, 22.5, 31).divide().get(0).y())
                .as("a seal on the shaft has its lip on the housing")
                .isEqualTo(31);
    }

    private static Section plain(BoreItem.Seal seal) {
        return SectionBuilder.builder()
                .name("")
                .shaftDiameterMm(45.0)
                .boreDiameterMm(62.0)
                .spaces(List.of(new Space(Medium.AIR, null, null, null), new Space(Medium.OIL, null, null, null)))
                .boreItems(List.of(seal))
                .shaftItems(List.of())
                .build();
    }

    @Test
    void absurdFiguresStillGiveAPicture() {
        for (double[] f :
                new double[][] {{0.5, 0.9, 0.2, 0}, {900, 1000, 20, 4000}, {45, 62, 8, -4000}, {1, 999, 500, 0}}) {
            var section = SectionBuilder.builder()
                    .name("absurd")
                    .shaftDiameterMm(f[0])
                    .boreDiameterMm(f[1])
                    .spaces(List.of(new Space(Medium.AIR, null, null, null), new Space(Medium.OIL, null, null, null)))
                    .boreItems(List.of(BoreItemSealBuilder.builder()
                            .id("s1")
                            .fromMm(f[3])
                            .widthMm(f[2])
                            .outsideDiameterMm(f[1])
                            .mainLip(Side.IN)
                            .spring(true)
                            .build()))
                    .shaftItems(List.of())
                    .build();
            String svg = SectionDrawing.svg(
                    SectionPictureBuilder.builder()
                            .section(section)
                            .stopMm(f[3] + f[2])
                            .stopRead(false)
                            .depthRead(true)
                            .tracks(List.of())
                            .notes(List.of())
                            .pins(List.of())
                            .look(DrawingStyle.SHEET)
                            .build(),
                    "x-");
            assertThat(svg)
                    .doesNotContain("NaN")
                    .doesNotContain("Infinity")
                    .endsWith("</svg>\n")
                    .hasSizeLessThan(120_000);
        }
    }
}
