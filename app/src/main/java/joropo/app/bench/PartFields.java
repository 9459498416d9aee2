package joropo.app.bench;

import static joropo.app.ui.Field.Kind.LINE;
import static joropo.app.ui.Field.Kind.PLACE;
import static joropo.app.ui.Field.Kind.PLAY;
import static joropo.app.ui.Field.Kind.PRESSURE;
import static joropo.app.ui.Field.Kind.SIZE;
import static joropo.app.ui.Field.choice;
import static joropo.app.ui.Field.choices;
import static joropo.app.ui.Field.number;
import static joropo.app.ui.Field.of;
import static joropo.app.ui.Field.pairs;
import static joropo.app.ui.Field.yesNo;

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
    private static final List<Choice> SIDES = pairs("IN", "inside", "OUT", "outside");
    private static final Field ID = of("id", "name", LINE);
    private static final Field FROM = of("fromMm", "outer face at", PLACE).need();
    private static final Field ENTERS =
            choice("entersFrom", "goes in from", SIDES).hint("not said: outside");
    private static final Field BEFORE =
            of("beforeItem", "has to be in before", LINE).hint("name of a part");
    private static final Field TOLERANCE = of("toleranceMm", "tolerance, ±", PLAY);
    private static final Field DIAMETER = of("diameterMm", "diameter", SIZE);
    private static final Field ON = choice("on", "on", pairs("SHAFT", "the shaft", "HOUSING", "the housing"))
            .hint("not said: the shaft");

    /** @param folded how many of the last fields are folded away */
    record Fields(List<Field> all, int folded) {}

    private PartFields() {}

    static Fields inHand(Key key, Section section) {
        return switch (key.list()) {
            case 'b' -> bore(section.boreItems().get(key.index()));
            case 's' -> shaft(section.shaftItems().get(key.index()));
            case 'p' -> space();
            case 'j' -> joint(section);
            case 'c' ->
                new Fields(
                        List.of(
                                of("what", "what has to agree", LINE).need(),
                                number("clock", "o'clock, seen from outside", "", 0, 12)
                                        .need()),
                        0);
            default -> entry();
        };
    }

    private static Fields bore(BoreItem item) {
        if (item instanceof BoreItem.Seal) {
            return new Fields(
                    List.of(
                            ID.need(),
                            FROM,
                            of("widthMm", "width", SIZE).need(),
                            of("outsideDiameterMm", "outside", SIZE).need(),
                            choice("mainLip", "open side faces", SIDES).need(),
                            choice("dustLip", "dust lip faces", SIDES).hint("not said: none"),
                            of("insideDiameterMm", "inside", SIZE),
                            choice("caseType", "outside of the case", choices(CaseType.values(), CaseType::words)),
                            choice(
                                            "profile",
                                            "lip",
                                            pairs(
                                                    "STANDARD",
                                                    "standard",
                                                    "PRESSURE",
                                                    "for pressure",
                                                    "PTFE",
                                                    "PTFE",
                                                    "CASSETTE",
                                                    "cassette"))
                                    .hint("not said: standard"),
                            yesNo("spring", "spring").hint("not said: yes"),
                            choice(
                                    "ribs",
                                    "ribs, seen from its back",
                                    pairs(
                                            "NONE",
                                            "none",
                                            "CW",
                                            "clockwise",
                                            "CCW",
                                            "counter-clockwise",
                                            "BOTH",
                                            "both ways")),
                            of("lipOffsetMm", "lip from its open side", PLAY).hint("empty: 0.4 of the width"),
                            TOLERANCE.hint("empty: as usual for its width"),
                            choice("mount", "pressed", pairs("BORE", "into the bore", "SHAFT", "onto the shaft")),
                            of("flangeDiameterMm", "flange, diameter", SIZE),
                            of("flangeThicknessMm", "flange, thickness", SIZE),
                            yesNo("reversedOnPurpose", "turned for a reason").hint("not said: no"),
                            ENTERS,
                            BEFORE),
                    13);
        } else if (item instanceof BoreItem.Chevron) {
            return new Fields(
                    List.of(
                            ID,
                            FROM,
                            of("widthMm", "height of the set", SIZE).need(),
                            choice("lips", "open side faces", SIDES).need(),
                            number("rings", "rings", "", 1, 40),
                            TOLERANCE,
                            ENTERS,
                            BEFORE),
                    3);
        } else if (item instanceof BoreItem.Ring) {
            return new Fields(
                    List.of(
                            ID,
                            of("fromMm", "groove's outer wall at", PLACE).need(),
                            of("grooveWidthMm", "width of the groove", SIZE).need(),
                            of("thicknessMm", "thickness of the ring", SIZE).need(),
                            TOLERANCE.hint("of its thickness"),
                            ENTERS,
                            BEFORE),
                    2);
        } else if (item instanceof BoreItem.Spacer) {
            return new Fields(
                    List.of(
                            ID,
                            FROM,
                            of("thicknessMm", "thickness", SIZE).need(),
                            TOLERANCE,
                            of("insideDiameterMm", "opening", SIZE),
                            of("outsideDiameterMm", "outside", SIZE),
                            ENTERS,
                            BEFORE),
                    2);
        } else if (item instanceof BoreItem.Shoulder) {
            return new Fields(
                    List.of(
                            ID,
                            of("fromMm", "at", PLACE).need(),
                            of("insideDiameterMm", "opening", SIZE),
                            TOLERANCE.hint("of its distance to the ring's groove")),
                    0);
        } else if (item instanceof BoreItem.Port) {
            return new Fields(
                    List.of(
                            ID,
                            choice(
                                            "kind",
                                            "for",
                                            pairs(
                                                    "DRAIN",
                                                    "drain",
                                                    "GREASE",
                                                    "grease",
                                                    "BREATHER",
                                                    "breather",
                                                    "RELIEF",
                                                    "relief"))
                                    .need(),
                            of("fromMm", "from", PLACE).need(),
                            of("toMm", "to", PLACE).need(),
                            number("clock", "o'clock", "", 0, 12)),
                    0);
        } else if (item instanceof BoreItem.Bearing) {
            return new Fields(
                    List.of(
                            ID,
                            of("fromMm", "face of its still ring at", PLACE).need(),
                            of("ringInsideDiameterMm", "inside of that face", SIZE),
                            of("turningFromMm", "foremost turning part at", PLACE),
                            yesNo("sealed", "sealed for life"),
                            of("mateMm", "its mating part wants it at", PLACE),
                            ENTERS,
                            BEFORE),
                    2);
        } else if (item instanceof BoreItem.Cover) {
            return new Fields(List.of(ID, FROM, of("thicknessMm", "thickness", SIZE), ENTERS, BEFORE), 2);
        } else if (item instanceof BoreItem.Step) {
            return new Fields(
                    List.of(ID, of("fromMm", "from here inward", PLACE).need(), DIAMETER.need()), 0);
        }
        return new Fields(
                List.of(
                        ID,
                        of("fromMm", "from", PLACE).need(),
                        of("toMm", "to", PLACE).need(),
                        number("angleDeg", "angle", "°", 1, 89)),
                0);
    }

    private static Fields shaft(ShaftItem item) {
        Field from = of("fromMm", "from", PLACE).need();
        Field to = of("toMm", "to", PLACE);
        if (item instanceof ShaftItem.RunningSurface) {
            return new Fields(List.of(from, to.need(), DIAMETER, ON), 0);
        } else if (item instanceof ShaftItem.WearGroove) {
            return new Fields(List.of(from, to.need(), of("depthMm", "depth", PLAY), ON), 0);
        }
        return new Fields(List.of(from, to, DIAMETER), 0);
    }

    private static Fields space() {
        return new Fields(
                List.of(
                        choice("medium", "medium", choices(Medium.values(), Medium::words))
                                .need(),
                        choice("dirt", "dirt", choices(Dirt.values(), Dirt::words))
                                .hint("not said: clean"),
                        of("pressureMpa", "pressure", PRESSURE).hint("empty: none (0 MPa)"),
                        choice(
                                "level",
                                "stands",
                                pairs(
                                        "FULL",
                                        "full",
                                        "SPLASH",
                                        "splashed",
                                        "PARTIAL",
                                        "a third to a half",
                                        "DRY",
                                        "dry")),
                        choice("greaseFeed", "grease is fed", choices(GreaseFeed.values(), GreaseFeed::words))
                                .hint("not said: not fed"),
                        yesNo("vented", "vented or drained").hint("not said: no"),
                        choice(
                                "fluid",
                                "which, by name",
                                Fluid.all().stream()
                                        .map(f -> new Choice(f.key(), f.name()))
                                        .toList()),
                        yesNo("pulsing", "pressure pulses"),
                        number("amountMl", "one shot", "mL", 0, 5000)),
                3);
    }

    private static Fields joint(Section section) {
        List<Choice> spaces = IntStream.range(0, section.spaces().size())
                .mapToObj(i -> new Choice(String.valueOf(i), new Key('p', i).words(section)))
                .toList();
        return new Fields(
                List.of(
                        choice("kind", "way past the lip", choices(Joint.Kind.values(), Joint.Kind::words))
                                .need(),
                        choice("between0", "from", spaces).need(),
                        choice("between1", "to", spaces).need(),
                        choice(
                                        "sealedBy",
                                        "closed by",
                                        pairs(
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
                                .hint("not said: nothing"),
                        BEFORE),
                1);
    }

    private static Fields entry() {
        return new Fields(
                List.of(
                        of("name", "name", LINE),
                        of("shaftDiameterMm", "shaft", SIZE).need(),
                        of("boreDiameterMm", "bore", SIZE).need(),
                        choice("rotation", "turns, seen from outside", choices(Rotation.values(), Rotation::words)),
                        choice(
                                "attitude",
                                "attitude",
                                pairs(
                                        "HORIZONTAL",
                                        "horizontal",
                                        "OUTSIDE_UP",
                                        "outside up",
                                        "OUTSIDE_DOWN",
                                        "outside down")),
                        choice("motion", "motion", pairs("TURNING", "turning", "SWINGING", "swinging")),
                        of("axialPlayMm", "axial play, whole", PLAY),
                        of("growthMm", "growth when hot, + inward", PLACE),
                        choice("shaftEntersFrom", "shaft goes in from", SIDES),
                        of("boreFromMm", "mouth of the bore at", PLACE),
                        of("cylindricalDepthMm", "cylindrical depth", SIZE),
                        of("totalDepthMm", "total depth", SIZE),
                        of("cornerRadiusMm", "corner radius", PLAY),
                        of("depthUncertaintyMm", "uncertainty of depths, U", PLAY)),
                6);
    }
}
