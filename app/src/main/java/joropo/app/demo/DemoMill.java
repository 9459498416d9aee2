package joropo.app.demo;

import java.util.HashMap;
import java.util.Map;
import joropo.app.register.NewPosition;
import joropo.app.register.NewPositionBuilder;
import joropo.app.register.RegisterService;
import joropo.core.arrangement.PartKind;
import joropo.core.material.Dirt;
import joropo.core.material.Medium;
import joropo.core.shaft.Rotation;
import org.jspecify.annotations.Nullable;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.stereotype.Component;

/** Machines of the made-up mill and the places where a shaft passes a wall. */
@Component
@ConditionalOnProperty("joropo.demo")
class DemoMill {
    private static final String BY = "jacinta";

    private final RegisterService register;
    private final Map<String, Long> ids = new HashMap<>();
    private String prefix = "";
    private long machine;

    DemoMill(RegisterService register) {
        this.register = register;
    }

    /** A position by its name, with a short name of its machine before it where it is not the first four's. */
    long id(String name) {
        return ids.get(name);
    }

    void make() {
        machine("", "Bagasse conveyor", "boiler house", "Gear motor on the shaft, 1450 rpm in, dusty all season.");
        lip("gear motor output", 45, 62, Dirt.DUST, Rotation.CW, 145);
        lip("gear motor input", 25, 40, Dirt.DUST, Rotation.CCW, 1450);
        machine("", "Mill 2 roll drive", "milling hall", "Reducer with splash oil; wash-down at each stop.");
        lip("reducer output", 120, 150, Dirt.MUD, Rotation.CW, 48);
        lip("reducer input", 70, 90, Dirt.DUST, Rotation.CW, 980);
        machine("", "Juice pump 3", "clarifying", "Bearing bracket with oil, pump end packed.");
        lip("bearing bracket, pump end", 35, 52, Dirt.MUD, Rotation.CCW, 1470);
        machine("", "Vacuum pump", "evaporators", "");
        lip("gear end", 30, 42, Dirt.CLEAN, Rotation.CW, 1480);

        machine("mill 1 ", "Mill 1 roll drive", "milling hall", "As mill 2, two years older.");
        lip("reducer output", 120, 150, Dirt.MUD, Rotation.CW, 48);
        lip("reducer input", 70, 90, Dirt.DUST, Rotation.CW, 980);
        lip("intermediate shaft", 85, 110, Dirt.DUST, Rotation.CCW, 210);
        machine("mill 3 ", "Mill 3 roll drive", "milling hall", "");
        lip("reducer output", 120, 150, Dirt.MUD, Rotation.CW, 48);
        lip("reducer input", 70, 90, Dirt.DUST, Rotation.CW, 980);
        lip("pinion, drive end", 130, 160, Dirt.MUD, Rotation.CCW, 48);
        lip("pinion, free end", 130, 160, Dirt.MUD, Rotation.CW, 48);
        machine("tail ", "Bagasse conveyor, tail", "boiler house", "Greased pulleys, bagasse on everything.");
        lip("tail pulley, drive side", 50, 68, Dirt.DUST, Rotation.CW, 60);
        lip("tail pulley, free side", 50, 68, Dirt.DUST, Rotation.CCW, 60);
        lip("take-up pulley", 50, 68, Dirt.DUST, Rotation.CW, 60);
        machine("juice 1 ", "Juice pump 1", "clarifying", "");
        lip("bracket, pump end", 35, 52, Dirt.MUD, Rotation.CCW, 1470);
        lip("bracket, drive end", 35, 52, Dirt.DUST, Rotation.CW, 1470);
        other(PartKind.PACKING, "packed box", 40, 60, Medium.PRODUCT, 1470.0);
        machine("condensate ", "Condensate pump", "evaporators", "Hot: 95 °C at the seal.");
        other(PartKind.MECHANICAL_SEAL, "mechanical seal", 32, 52, Medium.WATER, 2950.0);
        lip("bracket, drive end", 30, 47, Dirt.CLEAN, Rotation.CW, 2950);
        machine("molasses ", "Molasses pump", "sugar house", "Slow, thick, warm.");
        other(PartKind.MECHANICAL_SEAL, "mechanical seal", 55, 75, Medium.PRODUCT, 72.0);
        lip("gear case output", 60, 80, Dirt.DUST, Rotation.CCW, 72);
        lip("gear case input", 40, 55, Dirt.DUST, Rotation.CW, 960);
        machine(
                "hydraulics ",
                "Roll-loading hydraulics",
                "milling hall",
                "Accumulators: let go of the pressure first.");
        other(PartKind.CHEVRON, "rod seal, mill 1", 90, 110, Medium.OIL, null);
        other(PartKind.CHEVRON, "rod seal, mill 2", 90, 110, Medium.OIL, null);
        other(PartKind.O_RING, "cylinder head, mill 2", 140, 150, Medium.OIL, null);
        long hydraulics = machine;
        machine("valve ", "Steam valve, evaporator 1", "evaporators", "");
        other(PartKind.PACKING, "stem", 28, 44, Medium.STEAM, null);
        machine("knives ", "Cane knives", "cane yard", "Knives: locked and blocked before a hand goes in.");
        lip("drive end", 100, 125, Dirt.MUD, Rotation.CW, 590);
        lip("free end", 100, 125, Dirt.MUD, Rotation.CCW, 590);
        machine("centrifugal ", "Centrifugal 2", "sugar house", "");
        lip("spindle head", 75, 95, Dirt.DUST, Rotation.CW, 1000);
        lip("drive input", 45, 62, Dirt.DUST, Rotation.CW, 1480);
        lip("drive output", 50, 68, Dirt.DUST, Rotation.CCW, 1000);
        machine("stirrer ", "Crystalliser stirrer", "sugar house", "Backstop in the gear: never turned the other way.");
        oneWay("gear output", 65, 85, 3);
        lip("gear input", 40, 55, Dirt.CLEAN, Rotation.CCW, 950);
        lip("lower bearing", 80, 100, Dirt.MUD, Rotation.CW, 3);
        machine("fan ", "Boiler fan", "boiler house", "");
        lip("bearing, drive end", 65, 90, Dirt.DUST, Rotation.CW, 990);
        lip("bearing, fan end", 65, 90, Dirt.DUST, Rotation.CCW, 990);
        machine("juice 2 ", "Juice pump 2", "clarifying", "");
        other(PartKind.PACKING, "packed box", 40, 60, Medium.PRODUCT, 1470.0);
        machine("wash water ", "Wash water pump", "cane yard", "");
        other(PartKind.MECHANICAL_SEAL, "mechanical seal", 25, 44, Medium.WATER, 1470.0);
        machine("cooling ", "Cooling unit", "laboratory", "Refrigerant: licensed people only.");
        other(PartKind.MECHANICAL_SEAL, "shaft seal", 30, 50, Medium.REFRIGERANT, 1450.0);
        machine = hydraulics;
        prefix = "hydraulics ";
        other(PartKind.O_RING, "tank cover", 126, 134, Medium.OIL, null);
        other(PartKind.O_RING, "pump port", 24, 32, Medium.OIL, null);
    }

    private void machine(String shortName, String name, String place, String note) {
        prefix = shortName;
        machine = register.addMachine(name, place, note, BY);
    }

    private void lip(String name, double shaft, double bore, Dirt dirt, Rotation rotation, double speed) {
        add(new NewPosition(name, shaft, bore, Medium.OIL, dirt, rotation, speed));
    }

    private void oneWay(String name, double shaft, double bore, double speed) {
        add(NewPositionBuilder.builder()
                .kind(PartKind.LIP_SEAL)
                .name(name)
                .shaftMm(shaft)
                .boreMm(bore)
                .medium(Medium.OIL)
                .dirt(Dirt.DUST)
                .rotation(Rotation.CW)
                .speedRpm(speed)
                .oneWay(true)
                .note("Backstop behind the gear.")
                .build());
    }

    private void other(PartKind kind, String name, double shaft, double bore, Medium medium, @Nullable Double speed) {
        add(NewPositionBuilder.builder()
                .kind(kind)
                .name(name)
                .shaftMm(shaft)
                .boreMm(bore)
                .medium(medium)
                .dirt(Dirt.DUST)
                .speedRpm(speed)
                .oneWay(false)
                .note("")
                .build());
    }

    private void add(NewPosition position) {
        ids.put(prefix + position.name(), register.addPosition(machine, position, BY));
    }
}
