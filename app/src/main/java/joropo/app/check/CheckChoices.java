package joropo.app.check;

import java.util.Arrays;
import java.util.List;
import joropo.app.ui.Field;
import joropo.core.assembly.TorquePlanInput;
import joropo.core.material.Fluid;
import joropo.core.material.ThermalExpansion;
import joropo.core.readings.Gauge;

/** Lists that several checks offer. */
public final class CheckChoices {
    /** Metals of shafts and housings. */
    public static final List<Field.Choice> METALS = ThermalExpansion.all().stream()
            .map(m -> new Field.Choice(m.code(), m.name()))
            .toList();

    public static final List<Field.Choice> FLUIDS =
            Fluid.all().stream().map(f -> new Field.Choice(f.key(), f.name())).toList();

    static final List<Field.Choice> GAUGES = Arrays.stream(Gauge.values())
            .filter(g -> g.serves(Gauge.Use.SHAFT) || g.serves(Gauge.Use.BORE))
            .map(g -> new Field.Choice(g.name(), g.words()))
            .toList();

    /** Property classes of the table of bolts. */
    public static final List<Field.Choice> BOLT_CLASSES = TorquePlanInput.BOLT_CLASSES.stream()
            .map(c -> new Field.Choice(c, c))
            .toList();

    private CheckChoices() {}
}
