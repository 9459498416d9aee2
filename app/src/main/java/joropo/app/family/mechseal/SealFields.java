package joropo.app.family.mechseal;

import java.util.List;
import java.util.stream.Stream;
import joropo.app.check.CheckChoices;
import joropo.app.family.Card;
import joropo.app.family.Card.Shape;
import joropo.app.family.Stage;
import joropo.app.ui.Field;
import joropo.app.ui.SymptomFields;
import joropo.core.diagnosis.Symptom;
import joropo.core.material.Elastomer;
import joropo.core.mechseal.Build;
import joropo.core.mechseal.ChamberInput;
import joropo.core.mechseal.SealHolds;
import joropo.core.mechseal.SealIdentity;
import joropo.core.mechseal.SealSettingInput;

/** What is asked of a mechanical seal, and on which cards. */
final class SealFields {
    static final Field<Build> BUILD =
            Field.choice("sealBuild", "how it comes", Build.class, Build::words).stays();
    static final Field<String> FLUID =
            Field.choice("sealFluid", "fluid", CheckChoices.FLUIDS).stays();
    static final Field<Double> PRESSURE =
            Field.pressure("sealPressureMpa", "pressure in the chamber").stays();
    static final Field<Double> TEMPERATURE =
            Field.temperature("sealTemperatureC", "temperature at the faces").stays();
    static final Field<Boolean> DUAL = Field.yesNo("sealDual", "a second pair behind a barrier")
            .hint("empty: one pair")
            .stays();
    static final Field<Boolean> OUTSIDE = Field.yesNo("sealOutside", "it stands outside the chamber")
            .hint("empty: inside; else all is read outward")
            .stays();
    static final Field<Boolean> IMPELLER = Field.yesNo("sealImpeller", "an impeller comes off")
            .hint("empty: it stays")
            .stays();

    static final Field<Double> CLIPS_IN = Field.number(
                    "sealClipsIn", "holders, clips, jacking screws put in", "", 0, 60)
            .stays();
    static final Field<Double> OLD_SCRIBE = Field.place("sealOldScribe", "old unit from the chamber face");

    static final Field<Double> SHAFT = Field.size("sealShaft", "shaft where it sits")
            .hint("empty: as at the position")
            .stays();
    static final Field<Double> CHAMBER = Field.size("sealChamber", "chamber, bore")
            .hint("empty: as at the position")
            .stays();
    static final Field<Double> RUN_OUT = Field.play("sealRunOut", "run-out at the seal, whole reading");
    static final Field<Double> LIFT = Field.play("sealLift", "lift of the shaft");
    static final Field<Double> AXIAL = Field.play("sealAxialPlay", "axial play, whole");
    static final Field<Double> FACE_TIR = Field.play("sealFaceTir", "chamber face, whole reading");
    static final Field<Double> BORE_TIR = Field.play("sealBoreTir", "register or bore, whole reading");
    static final Field<Double> READ_U = Field.play("sealReadTo", "read to within")
            .hint("empty: a dial indicator's 0.008")
            .stays();
    static final Field<Double> RA = Field.number("sealRa", "roughness Ra where it sits", "µm", 0, 100);
    static final Field<ChamberInput.Mount> MOUNT = Field.choice(
                    "sealMount", "on the shaft sits", ChamberInput.Mount.class, ChamberInput.Mount::words)
            .hint("empty: by how it comes")
            .stays();

    static final Field<Double> PROTRUSION =
            Field.place("sealProtrusion", "seat's face, inward of the gland's mounting");
    static final Field<Double> GASKET = Field.play("sealGasket", "gasket as compressed")
            .hint("0: confined, or an O-ring")
            .stays();
    static final Field<Double> WORKING =
            Field.size("sealWorking", "working length, face to back").stays();
    static final Field<Double> FREE = Field.size("sealFree", "free length");
    static final Field<Double> MOVE =
            Field.place("sealMove", "rotor moves after, inward").hint("0: it stays");
    static final Field<Double> GROWTH = Field.place("sealGrowth", "grows inward when warm")
            .hint("outward: minus")
            .stays();
    static final Field<SealSettingInput.RotorAt> ROTOR_AT = Field.choice(
                    "sealRotorAt",
                    "rotor stood, while measured",
                    SealSettingInput.RotorAt.class,
                    SealSettingInput.RotorAt::words)
            .hint("empty: in the middle")
            .stays();
    static final Field<Double> TOLERANCE = Field.size("sealTolerance", "maker's band, either way")
            .hint("empty: by how it comes")
            .stays();
    static final Field<Boolean> COIL_DRIVES =
            Field.yesNo("sealCoilDrives", "the coil of the bellows drives it").stays();
    static final Field<Boolean> TIGHTENS =
            Field.yesNo("sealTightens", "turning winds the coil tighter").stays();

    static final Field<Boolean> SAME = Field.yesNo("sealSame", "code and drawing agree");
    static final Field<SealIdentity.Face> SEAT = Field.choice(
                    "sealSeat", "seat", SealIdentity.Face.class, SealIdentity.Face::words)
            .stays();
    static final Field<SealIdentity.Face> ROTOR = Field.choice(
                    "sealRotor", "turning face", SealIdentity.Face.class, SealIdentity.Face::words)
            .stays();
    static final Field<String> ELASTOMER = Field.choice(
                    "sealElastomer",
                    "elastomers",
                    Elastomer.all().stream()
                            .map(e -> new Field.Choice(e.code(), e.code() + ", " + e.name()))
                            .toList())
            .stays();
    static final Field<SealIdentity.Springs> SPRINGS = Field.choice(
                    "sealSprings", "springs", SealIdentity.Springs.class, SealIdentity.Springs::words)
            .stays();
    static final Field<Double> MAKER_PRESSURE =
            Field.pressure("sealMakerMpa", "its maker allows").stays();
    static final Field<SealHolds.Faces> FACES =
            Field.choice("sealFaces", "faces that go in", SealHolds.Faces.class, SealHolds.Faces::words);
    static final List<Field<Double>> BANDS = List.of(
            Field.number("sealBandsSeat", "light bands of the seat", "", 0, 200).hint("lapped again only"),
            Field.number("sealBandsRotor", "of the turning face", "", 0, 200));
    static final Field<Double> BARRIER =
            Field.pressure("sealBarrierMpa", "barrier, pressure").stays();
    static final Field<String> BARRIER_FLUID = Field.choice("sealBarrierFluid", "barrier, fluid", CheckChoices.FLUIDS)
            .stays();
    static final Field<Boolean> BARRIER_ABOVE = Field.yesNo("sealBarrierAbove", "barrier above the chamber, by design")
            .stays();

    static final Field<Boolean> FACES_SEEN = Field.yesNo("sealFacesSeen", "faces under a lamp: whole");
    static final Field<Double> SEAT_OUTSIDE = Field.size("sealSeatOutside", "seat, outside");
    static final List<Field<Double>> DEPTHS = List.of(
            Field.place("sealDepth12", "its depth at 12"),
            Field.place("sealDepth3", "at 3"),
            Field.place("sealDepth6", "at 6"),
            Field.place("sealDepth9", "at 9"));
    static final Field<Double> PLACE = Field.place("sealPlace", "back of the unit, screws tight");
    static final Field<Double> DEPTH_U = Field.play("sealDepthTo", "read to within")
            .hint("empty: a depth rod's 0.04")
            .stays();

    static final Field<Double> CLIPS_OUT = Field.number("sealClipsOut", "the same, counted out", "", 0, 60);
    static final Field<Double> MOVED =
            Field.place("sealMoved", "rotor moved since, inward").hint("0: it was not");

    static final Field<Boolean> FULL = Field.yesNo("sealFull", "chamber full");
    static final Field<Boolean> VENTED = Field.yesNo("sealVented", "vented at its highest point");
    static final Field<Boolean> FLUSH = Field.yesNo("sealFlush", "flush or barrier on at its figure");
    static final Field<Boolean> PORTS = Field.yesNo("sealPorts", "ports to the drawing, unused plugged");
    static final Field<SealHolds.AirTest> AIR =
            Field.choice("sealAir", "air at low pressure", SealHolds.AirTest.class, SealHolds.AirTest::words);

    static final String LENGTHS_CARD = "seal-lengths";
    static final String BARRIER_CARD = "seal-barrier";
    static final String SEAT_CARD = "seal-seat";

    private SealFields() {}

    static List<Card> cards(Stage stage) {
        return switch (stage) {
            case INTAKE ->
                List.of(Card.of(
                        "seal-duty",
                        "What it holds",
                        Shape.LIST,
                        BUILD,
                        FLUID,
                        PRESSURE,
                        TEMPERATURE,
                        DUAL,
                        OUTSIDE,
                        IMPELLER));
            case STRIP ->
                List.of(
                        Card.of("seal-old", "Before it moves", Shape.LIST, CLIPS_IN, OLD_SCRIBE),
                        Card.of("seal-signs", "What it shows", Shape.LIST, SymptomFields.of(Symptom.Group.FACES))
                                .fold()
                                .withCauses());
            case MEASURE ->
                List.of(
                        Card.of(
                                "seal-machine",
                                "The machine first",
                                Shape.LIST,
                                SHAFT,
                                CHAMBER,
                                RUN_OUT,
                                LIFT,
                                AXIAL,
                                FACE_TIR,
                                BORE_TIR,
                                READ_U,
                                RA,
                                MOUNT),
                        Card.of(
                                        LENGTHS_CARD,
                                        "Setting",
                                        Shape.LIST,
                                        PROTRUSION,
                                        GASKET,
                                        WORKING,
                                        FREE,
                                        MOVE,
                                        GROWTH,
                                        TIGHTENS,
                                        COIL_DRIVES,
                                        ROTOR_AT,
                                        TOLERANCE)
                                .fold());
            case DECIDE ->
                List.of(
                        Card.of(
                                "seal-which",
                                "Which seal it is",
                                Shape.LIST,
                                SAME,
                                FACES,
                                SEAT,
                                ROTOR,
                                ELASTOMER,
                                SPRINGS,
                                MAKER_PRESSURE,
                                BANDS.get(0),
                                BANDS.get(1)),
                        Card.of(BARRIER_CARD, "Barrier", Shape.LIST, BARRIER, BARRIER_FLUID, BARRIER_ABOVE)
                                .fold());
            case FIT ->
                List.of(Card.of(
                                SEAT_CARD,
                                "Seat and unit",
                                Shape.LIST,
                                Stream.concat(
                                                Stream.<Field<?>>of(FACES_SEEN, SEAT_OUTSIDE),
                                                Stream.concat(DEPTHS.stream(), Stream.of(PLACE, DEPTH_U)))
                                        .toList())
                        .fold());
            case SET -> List.of(Card.of("seal-set", "Seal", Shape.LIST, CLIPS_OUT, MOVED));
            case PROVE ->
                List.of(Card.of("seal-start", "Before the first turn", Shape.LIST, FULL, VENTED, FLUSH, PORTS, AIR));
            default -> List.of();
        };
    }
}
