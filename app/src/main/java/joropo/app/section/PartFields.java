package joropo.app.section;

import java.util.List;
import java.util.stream.IntStream;
import joropo.app.ui.Field;
import joropo.app.ui.Field.Choice;
import joropo.core.material.Dirt;
import joropo.core.material.Fluid;
import joropo.core.material.Medium;
import joropo.core.section.BoreItem;
import joropo.core.section.CaseType;
import joropo.core.section.GreaseFeed;
import joropo.core.section.Joint;
import joropo.core.section.Section;
import joropo.core.section.ShaftItem;
import joropo.core.shaft.Rotation;

/**
 * Fields of everything that can be taken in hand; their names are those of the section's JSON. The first ones always
 * show, the others are folded away.
 */
final class PartFields {
    private static final List<Choice> SIDES = Field.pairs("IN", "inside", "OUT", "outside");
    private static final Field<String> ID = Field.line("id", "name");
    private static final Field<Double> FROM =
            Field.place("fromMm", "outer face at").need();
    private static final Field<String> ENTERS =
            Field.choice("entersFrom", "goes in from", SIDES).hint("empty: outside");
    private static final Field<String> BEFORE =
            Field.line("beforeItem", "has to be in before").hint("name of a part");
    private static final Field<Double> TOLERANCE = Field.play("toleranceMm", "tolerance, ±");
    private static final Field<Double> DIAMETER = Field.size("diameterMm", "diameter");
    private static final Field<String> ON = Field.choice(
                    "on", "on", Field.pairs("SHAFT", "the shaft", "HOUSING", "the housing"))
            .hint("empty: the shaft");

    /** @param folded how many of the last fields are folded away */
    record Fields(List<Field<?>> all, int folded) {}

    private PartFields() {}

    static Fields inHand(ItemRef key, Section section) {
        return switch (key.list()) {
            case 'b' -> section.boreItems().get(key.index()).accept(new OfBore());
            case 's' -> section.shaftItems().get(key.index()).accept(new OfShaft());
            case 'p' -> space();
            case 'j' -> joint(section);
            case 'c' ->
                new Fields(
                        List.of(
                                Field.line("what", "what has to agree").need(),
                                Field.number("clock", "o'clock, seen from outside", "", 0, 12)
                                        .need()),
                        0);
            default -> entry();
        };
    }

    private static final class OfBore implements BoreItem.Visitor<Fields> {
        @Override
        public Fields seal(BoreItem.Seal seal) {
            return new Fields(
                    List.of(
                            ID.need(),
                            FROM,
                            Field.size("widthMm", "width").need(),
                            Field.size("outsideDiameterMm", "outside").need(),
                            Field.choice("mainLip", "open side faces", SIDES).need(),
                            Field.choice("dustLip", "dust lip faces", SIDES).hint("empty: none"),
                            Field.size("insideDiameterMm", "inside"),
                            Field.choice("caseType", "outside of the case", CaseType.class, CaseType::words),
                            Field.choice(
                                            "profile",
                                            "lip",
                                            Field.pairs(
                                                    "STANDARD",
                                                    "standard",
                                                    "PRESSURE",
                                                    "for pressure",
                                                    "PTFE",
                                                    "PTFE",
                                                    "CASSETTE",
                                                    "cassette"))
                                    .hint("empty: standard"),
                            Field.yesNo("spring", "spring").hint("empty: yes"),
                            Field.choice(
                                    "ribs",
                                    "ribs, seen from its back",
                                    Field.pairs(
                                            "NONE",
                                            "none",
                                            "CW",
                                            "clockwise",
                                            "CCW",
                                            "counter-clockwise",
                                            "BOTH",
                                            "both ways")),
                            Field.play("lipOffsetMm", "lip from its open side").hint("empty: 0.4 of the width"),
                            TOLERANCE.hint("empty: as usual for its width"),
                            Field.choice(
                                    "mount",
                                    "pressed",
                                    Field.pairs("BORE", "into the bore", "SHAFT", "onto the shaft")),
                            Field.size("flangeDiameterMm", "flange, diameter"),
                            Field.size("flangeThicknessMm", "flange, thickness"),
                            Field.yesNo("reversedOnPurpose", "turned for a reason")
                                    .hint("empty: no"),
                            Field.place("decidedMm", "depth that was decided"),
                            Field.play("uncertaintyMm", "its depth read, gauge ±"),
                            Field.play("mayStandProudMm", "may stand proud by"),
                            ENTERS,
                            BEFORE),
                    13);
        }

        @Override
        public Fields chevron(BoreItem.Chevron set) {
            return new Fields(
                    List.of(
                            ID,
                            FROM,
                            Field.size("widthMm", "height of the set").need(),
                            Field.choice("lips", "open side faces", SIDES).need(),
                            Field.number("rings", "rings", "", 1, 40),
                            TOLERANCE,
                            ENTERS,
                            BEFORE),
                    3);
        }

        @Override
        public Fields ring(BoreItem.Ring ring) {
            return new Fields(
                    List.of(
                            ID,
                            Field.place("fromMm", "groove's outer wall at").need(),
                            Field.size("grooveWidthMm", "width of the groove").need(),
                            Field.size("thicknessMm", "thickness of the ring").need(),
                            TOLERANCE.hint("of its thickness"),
                            ENTERS,
                            BEFORE),
                    2);
        }

        @Override
        public Fields spacer(BoreItem.Spacer spacer) {
            return new Fields(
                    List.of(
                            ID,
                            FROM,
                            Field.size("thicknessMm", "thickness").need(),
                            TOLERANCE,
                            Field.size("insideDiameterMm", "opening"),
                            Field.size("outsideDiameterMm", "outside"),
                            ENTERS,
                            BEFORE),
                    2);
        }

        @Override
        public Fields shoulder(BoreItem.Shoulder shoulder) {
            return new Fields(
                    List.of(
                            ID,
                            Field.place("fromMm", "at").need(),
                            Field.size("insideDiameterMm", "opening"),
                            TOLERANCE.hint("of its distance to the ring's groove")),
                    0);
        }

        @Override
        public Fields port(BoreItem.Port port) {
            return new Fields(
                    List.of(
                            ID,
                            Field.choice(
                                            "kind",
                                            "for",
                                            Field.pairs(
                                                    "DRAIN",
                                                    "drain",
                                                    "GREASE",
                                                    "grease",
                                                    "BREATHER",
                                                    "breather",
                                                    "RELIEF",
                                                    "relief"))
                                    .need(),
                            Field.place("fromMm", "from").need(),
                            Field.place("toMm", "to").need(),
                            Field.number("clock", "o'clock", "", 0, 12)),
                    0);
        }

        @Override
        public Fields bearing(BoreItem.Bearing bearing) {
            return new Fields(
                    List.of(
                            ID,
                            Field.place("fromMm", "face of its still ring at").need(),
                            Field.size("ringInsideDiameterMm", "inside of that face"),
                            Field.place("turningFromMm", "nearest rotating part at"),
                            Field.yesNo("sealed", "sealed for life"),
                            Field.place("mateMm", "its mating part wants it at"),
                            Field.size("widthMm", "width"),
                            Field.size("turningInsideMm", "what rotates, inside diameter"),
                            Field.size("turningOutsideMm", "what rotates, outside diameter"),
                            ENTERS,
                            BEFORE),
                    2);
        }

        @Override
        public Fields cover(BoreItem.Cover cover) {
            return new Fields(List.of(ID, FROM, Field.size("thicknessMm", "thickness"), ENTERS, BEFORE), 2);
        }

        @Override
        public Fields step(BoreItem.Step step) {
            return new Fields(
                    List.of(ID, Field.place("fromMm", "from here inward").need(), DIAMETER.need()), 0);
        }

        @Override
        public Fields leadIn(BoreItem.LeadIn leadIn) {
            return new Fields(
                    List.of(
                            ID,
                            Field.place("fromMm", "from").need(),
                            Field.place("toMm", "to").need(),
                            Field.number("angleDeg", "angle", "°", 1, 89)),
                    0);
        }
    }

    private static final class OfShaft implements ShaftItem.Visitor<Fields> {
        private static final Field<Double> BEGINS =
                Field.place("fromMm", "from").need();
        private static final Field<Double> ENDS = Field.place("toMm", "to");
        private static final Field<Boolean> COVERED =
                Field.yesNo("covered", "covered while it passes a lip").hint("empty: no");

        @Override
        public Fields runningSurface(ShaftItem.RunningSurface item) {
            return new Fields(List.of(BEGINS, ENDS.need(), DIAMETER, ON), 0);
        }

        @Override
        public Fields wearGroove(ShaftItem.WearGroove item) {
            return new Fields(
                    List.of(
                            BEGINS,
                            ENDS.need(),
                            Field.play("depthMm", "depth"),
                            Field.yesNo("widthMeasured", "its width was measured")
                                    .hint("empty: yes"),
                            ON),
                    1);
        }

        @Override
        public Fields sleeve(ShaftItem.Sleeve item) {
            return new Fields(List.of(BEGINS, ENDS, DIAMETER), 0);
        }

        @Override
        public Fields keyway(ShaftItem.Keyway item) {
            return new Fields(List.of(BEGINS, ENDS, DIAMETER, COVERED), 0);
        }

        @Override
        public Fields spline(ShaftItem.Spline item) {
            return new Fields(List.of(BEGINS, ENDS, DIAMETER, COVERED), 0);
        }

        @Override
        public Fields thread(ShaftItem.Thread item) {
            return new Fields(
                    List.of(
                            BEGINS,
                            ENDS,
                            DIAMETER,
                            COVERED,
                            Field.yesNo("returns", "carries back what creeps out"),
                            Field.choice("hand", "hand", Field.pairs("LEFT", "left", "RIGHT", "right"))),
                    3);
        }

        @Override
        public Fields ringGroove(ShaftItem.RingGroove item) {
            return new Fields(List.of(BEGINS, ENDS, DIAMETER, COVERED), 0);
        }

        @Override
        public Fields step(ShaftItem.Step item) {
            return new Fields(List.of(BEGINS, ENDS, DIAMETER, COVERED), 0);
        }

        @Override
        public Fields chamfer(ShaftItem.Chamfer item) {
            return new Fields(List.of(BEGINS, ENDS, DIAMETER, Field.number("angleDeg", "angle", "°", 1, 89)), 0);
        }

        @Override
        public Fields crossHole(ShaftItem.CrossHole item) {
            return new Fields(List.of(BEGINS, ENDS, DIAMETER, COVERED), 0);
        }

        @Override
        public Fields slinger(ShaftItem.Slinger item) {
            return new Fields(List.of(BEGINS, ENDS, DIAMETER), 0);
        }

        @Override
        public Fields locatingRing(ShaftItem.LocatingRing item) {
            return new Fields(List.of(BEGINS, ENDS, DIAMETER), 0);
        }
    }

    private static Fields space() {
        return new Fields(
                List.of(
                        Field.choice("medium", "medium", Medium.class, Medium::words)
                                .need(),
                        Field.choice("dirt", "dirt", Dirt.class, Dirt::words).hint("empty: clean"),
                        Field.pressure("pressureMpa", "pressure").hint("empty: 0 MPa assumed, not for a vacuum"),
                        Field.choice(
                                "level",
                                "stands",
                                Field.pairs(
                                        "FULL",
                                        "full",
                                        "SPLASH",
                                        "splashed",
                                        "PARTIAL",
                                        "a third to a half",
                                        "DRY",
                                        "dry")),
                        Field.choice("greaseFeed", "grease is fed", GreaseFeed.class, GreaseFeed::words)
                                .hint("empty: not fed"),
                        Field.yesNo("vented", "vented or drained").hint("empty: no"),
                        Field.choice(
                                "fluid",
                                "which, by name",
                                Fluid.all().stream()
                                        .map(f -> new Choice(f.key(), f.name()))
                                        .toList()),
                        Field.yesNo("pulsing", "pressure pulses"),
                        Field.number("amountMl", "one shot", "mL", 0, 5000),
                        Field.line("mayTakeGrease", "old grease may lie here, because")),
                3);
    }

    private static Fields joint(Section section) {
        List<Choice> spaces = IntStream.range(0, section.spaces().size())
                .mapToObj(i -> new Choice(String.valueOf(i), new ItemRef('p', i).words(section)))
                .toList();
        return new Fields(
                List.of(
                        Field.choice("kind", "way past the lip", Joint.Kind.class, Joint.Kind::words)
                                .need(),
                        Field.choice("between0", "from", spaces).need(),
                        Field.choice("between1", "to", spaces).need(),
                        Field.choice(
                                        "sealedBy",
                                        "closed by",
                                        Field.pairs(
                                                "NONE",
                                                "nothing",
                                                "SEALANT",
                                                "sealant",
                                                "O_RING",
                                                "O-ring",
                                                "GASKET",
                                                "gasket",
                                                "BLIND",
                                                "blind: no way out"))
                                .hint("empty: nothing"),
                        BEFORE),
                1);
    }

    private static Fields entry() {
        return new Fields(
                List.of(
                        Field.line("name", "name"),
                        Field.size("shaftDiameterMm", "shaft").need(),
                        Field.size("boreDiameterMm", "bore").need(),
                        Field.choice("rotation", "turns, seen from outside", Rotation.class, Rotation::words),
                        Field.choice(
                                "attitude",
                                "attitude",
                                Field.pairs(
                                        "HORIZONTAL",
                                        "horizontal",
                                        "OUTSIDE_UP",
                                        "outside up",
                                        "OUTSIDE_DOWN",
                                        "outside down")),
                        Field.choice("motion", "motion", Field.pairs("TURNING", "turning", "SWINGING", "swinging")),
                        Field.speed("speedRpm", "speed, rpm"),
                        Field.play("axialPlayMm", "axial play"),
                        Field.place("growthMm", "growth when hot, + inward"),
                        Field.choice("shaftEntersFrom", "shaft goes in from", SIDES),
                        Field.place("boreFromMm", "mouth of the bore at"),
                        Field.size("cylindricalDepthMm", "cylindrical depth"),
                        Field.size("totalDepthMm", "total depth"),
                        Field.play("cornerRadiusMm", "corner radius"),
                        Field.play("depthUncertaintyMm", "depths read, gauge ±")),
                7);
    }
}
