package joropo.app.section;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import joropo.app.Workshop;
import joropo.app.drawing.RandomSections;
import joropo.app.drawing.SectionDrawing;
import joropo.app.drawing.SectionPicture;
import joropo.app.ui.FormField;
import joropo.core.lipseal.LipSealRules;
import joropo.core.material.Medium;
import joropo.core.section.BoreItem;
import joropo.core.section.Section;
import joropo.core.section.Space;
import joropo.core.shaft.Side;
import joropo.core.units.LengthUnit;
import joropo.core.units.RefusedInput;
import joropo.core.verdict.Finding;
import joropo.core.verdict.Status;
import org.junit.jupiter.api.Test;

/**
 * Moves of the hand and figures in forms, on the real JSON of the application: what is not touched stays to the last
 * digit, what goes in comes out again.
 */
class SectionMovesIT {
    private static final int SECTIONS = 300;

    private static SectionText json() {
        return Workshop.bean(SectionText.class);
    }

    private static Section single() {
        return json().read(StarterArrangement.SINGLE.json());
    }

    private static List<ItemRef> keys(Section s) {
        List<ItemRef> out = new ArrayList<>(List.of(ItemRef.ENTRY));
        Map<Character, Integer> sizes = Map.of(
                'b',
                s.boreItems().size(),
                's',
                s.shaftItems().size(),
                'p',
                s.spaces().size(),
                'j',
                s.joints().size(),
                'c',
                s.clockMarks().size());
        sizes.forEach((list, size) -> IntStream.range(0, size).forEach(i -> out.add(new ItemRef(list, i))));
        return out;
    }

    private static Map<String, String> texts(PartForm form) {
        Map<String, String> out = new LinkedHashMap<>();
        Stream.concat(form.shown(Map.of(), Map.of()).stream(), form.folded(Map.of(), Map.of()).stream())
                .forEach(f -> out.put(f.name(), f.text()));
        return out;
    }

    /** What nobody has said stands empty until somebody says it, if it is what it was drawn as. */
    @Test
    void aMediumThatNobodySaidIsAskedFor() {
        Section unsaid = single().withParts(single().boreItems(), List.of(Space.unsaid(), single().inside()));
        var form = new PartForm(new ItemRef('p', 0), unsaid, json(), LengthUnit.MM);
        assertThat(texts(form)).containsEntry("medium", "");
        assertThat(form.read(Map.of("dirt", "DUST"), json()).outside().nobodySaid())
                .isTrue();
        Section said = form.read(Map.of("medium", "WATER"), json());
        for (Section one : List.of(said, said.withReadings(unsaid), unsaid.withReadings(said))) {
            assertThat(one.outside().medium()).isEqualTo(Medium.WATER);
            assertThat(one.outside().nobodySaid()).isFalse();
        }
    }

    @Test
    void whatAFormShowsAndNobodyTouchesComesBackTheSame() {
        for (int n = 0; n < SECTIONS; n++) {
            Section section = new RandomSections(n).next(3);
            LengthUnit unit = LengthUnit.values()[n % 2];
            for (ItemRef key : keys(section)) {
                var form = new PartForm(key, section, json(), unit);
                assertThat(form.read(texts(form), json()))
                        .as("section %s, %s in %s", n, key, unit)
                        .isEqualTo(section);
            }
        }
    }

    @Test
    void figuresAreReadInTheUnitOfThePersonAndEmptyOnesAreLeftOut() {
        Section section = single();
        var form = new PartForm(new ItemRef('b', 0), section, json(), LengthUnit.INCH);
        assertThat(texts(form)).containsEntry("widthMm", "0.315").containsEntry("outsideDiameterMm", "2.4409");
        Section changed =
                form.read(Map.of("fromMm", "0.1", "dustLip", "OUT", "lipOffsetMm", "", "spring", "NO"), json());
        BoreItem.Seal seal = changed.seal();
        assertThat(seal.fromMm()).isEqualTo(2.54);
        assertThat(seal.widthMm()).as("not touched").isEqualTo(8);
        assertThat(seal.dustLip()).isEqualTo(Side.OUT);
        assertThat(seal.spring()).isFalse();
        assertThat(new PartForm(new ItemRef('b', 0), changed, json(), LengthUnit.MM)
                        .read(Map.of("dustLip", ""), json())
                        .seal()
                        .dustLip())
                .isNull();
        List<FormField> refused = form.shown(Map.of("fromMm", "deep"), Map.of("fromMm", "Is not understood."));
        assertThat(refused)
                .filteredOn(f -> f.name().equals("fromMm"))
                .singleElement()
                .satisfies(f -> {
                    assertThat(f.text()).isEqualTo("deep");
                    assertThat(f.error()).isEqualTo("Is not understood.");
                    assertThat(f.echo()).isEmpty();
                });
    }

    @Test
    void everyRefusalStandsAtItsField() {
        var form = new PartForm(new ItemRef('b', 0), single(), json(), LengthUnit.MM);
        for (String[] wrong : new String[][] {
            {"fromMm", "deep"},
            {"widthMm", "0"},
            {"widthMm", ""},
            {"id", ""},
            {"lipOffsetMm", "9"},
            {"mainLip", "UP"},
            {"flangeDiameterMm", "70"},
            {"fromMm", "6000"}
        }) {
            assertThatExceptionOfType(RefusedInput.class)
                    .as(String.join(" ", wrong))
                    .isThrownBy(() -> form.read(Map.of(wrong[0], wrong[1]), json()))
                    .satisfies(e -> assertThat(form.errors(e))
                            .containsOnlyKeys(wrong[0].equals("flangeDiameterMm") ? "flangeThicknessMm" : wrong[0]));
        }
        Section two = new SectionMoves(single(), new ItemRef('b', 0), LengthUnit.MM)
                .add("SEAL", json())
                .section();
        var twice = new PartForm(new ItemRef('b', 1), two, json(), LengthUnit.MM);
        assertThatExceptionOfType(RefusedInput.class)
                .isThrownBy(() -> twice.read(Map.of("id", "s1"), json()))
                .satisfies(e -> assertThat(twice.errors(e)).containsEntry("id", "Another part has this name."));
    }

    @Test
    void whatIsPutInIsInHandAndComesOutAgain() {
        for (String kind : SectionMoves.KINDS.keySet()) {
            SectionMoves.Next in = new SectionMoves(single(), new ItemRef('b', 0), LengthUnit.MM).add(kind, json());
            assertThat(in.what()).isEqualTo(SectionMoves.KINDS.get(kind) + " put in");
            assertThat(in.section()).isNotEqualTo(single());
            assertThat(LipSealRules.section(in.section()).findings()).as(kind).isNotEmpty();
            assertThat(SectionDrawing.svg(SectionPicture.of(in.section()), "x-"))
                    .as(kind)
                    .endsWith("</svg>\n");
            assertThat(new SectionMoves(in.section(), in.at(), LengthUnit.MM)
                            .takeOut(json())
                            .section())
                    .as(kind)
                    .isEqualTo(single());
        }
        assertThatExceptionOfType(RefusedInput.class)
                .isThrownBy(() -> new SectionMoves(single(), ItemRef.ENTRY, LengthUnit.MM).add("RIVET", json()));
        assertThatExceptionOfType(RefusedInput.class)
                .isThrownBy(() -> new SectionMoves(single(), ItemRef.ENTRY, LengthUnit.MM).takeOut(json()))
                .withMessageContaining("it holds everything else");
        assertThatExceptionOfType(RefusedInput.class)
                .isThrownBy(() -> new SectionMoves(single(), new ItemRef('p', 1), LengthUnit.MM).takeOut(json()))
                .withMessageContaining("goes with its seal");
        assertThatExceptionOfType(RefusedInput.class)
                .isThrownBy(() -> new SectionMoves(single(), new ItemRef('p', 1), LengthUnit.MM).place("3", null))
                .withMessageContaining("no place along the axis");
        assertThatExceptionOfType(RefusedInput.class)
                .isThrownBy(() -> new SectionMoves(single(), new ItemRef('s', 0), LengthUnit.MM).turn())
                .withMessageContaining("is no part of the bore");
    }

    /** There and back: placing by some and by the same less, turning twice, past a neighbour and back. */
    @Test
    void everyMoveHasItsWayBack() {
        for (int n = 0; n < SECTIONS; n++) {
            Section section = thereAndBack(new RandomSections(n).next(3), new ItemRef('b', 0));
            for (ItemRef key : keys(section)) {
                if (key.list() == 's') {
                    Section once = thereAndBack(section, key);
                    assertThat(thereAndBack(once, key))
                            .as("section %s %s", n, key)
                            .isEqualTo(once);
                } else if (key.list() == 'b' && section.boreItems().get(key.index()) instanceof BoreItem.Sealing) {
                    SectionMoves.Next there = new SectionMoves(section, key, LengthUnit.MM).turn();
                    assertThat(new SectionMoves(there.section(), there.at(), LengthUnit.MM)
                                    .turn()
                                    .section())
                            .as("section %s %s", n, key)
                            .isEqualTo(section);
                }
            }
        }
    }

    /** A tenth of a mm inward and outward again; parts stand in their order and places are rounded since. */
    private static Section thereAndBack(Section section, ItemRef key) {
        SectionMoves.Next there = new SectionMoves(section, key, LengthUnit.MM).place(null, "0.1");
        return new SectionMoves(there.section(), there.at(), LengthUnit.MM)
                .place(null, "-0.1")
                .section();
    }

    @Test
    void everyStartingArrangementIsSoundAndItsFileIsCanonical() {
        for (StarterArrangement start : StarterArrangement.values()) {
            Section section = json().read(start.json());
            List<Finding> findings = LipSealRules.section(section).findings();
            assertThat(findings)
                    .as(start.title())
                    .noneMatch(f -> f.status() == Status.FAIL || f.status() == Status.MISSING);
            assertThat(findings)
                    .as(start.title())
                    .filteredOn(f -> f.id().startsWith("D"))
                    .allMatch(f -> f.status() == Status.PASS);
            String written = json().write(section);
            assertThat(json().read(written)).as(start.title()).isEqualTo(section);
            assertThat(json().write(json().read(written))).as(start.title()).isEqualTo(written);
            assertThat(StarterArrangement.ofPath(start.path())).contains(start);
        }
        for (int n = 0; n < SECTIONS; n++) {
            Section section = new RandomSections(n).next(4);
            assertThat(json().read(json().write(section))).as("section %s", n).isEqualTo(section);
        }
    }

    @Test
    void keysNameWhatIsThereAndNothingElse() {
        Section section = single();
        for (ItemRef key : keys(section)) {
            assertThat(ItemRef.of(key.toString(), section)).isEqualTo(key);
            assertThat(key.words(section)).isNotBlank();
        }
        for (String wrong : new String[] {"b9", "x0", "b", "", "b-1", "s1000000000", "e1"}) {
            assertThat(ItemRef.of(wrong, section)).as(wrong).isEqualTo(ItemRef.ENTRY);
        }
        assertThat(ItemRef.of(null, section)).isEqualTo(ItemRef.ENTRY);
    }
}
