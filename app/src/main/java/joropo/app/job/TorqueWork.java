package joropo.app.job;

import java.util.List;
import java.util.stream.IntStream;
import joropo.core.assembly.TorquePlanCheck;
import joropo.core.assembly.TorquePlanInput;
import joropo.core.assembly.TorquePlanInput.FigureFor;
import joropo.core.assembly.TorquePlanInput.Threads;
import joropo.core.assembly.TorquePlanInput.TorqueUnit;
import joropo.core.assembly.TorquePlanResult;
import joropo.core.units.RefusedInput;
import org.jspecify.annotations.Nullable;

/**
 * The torque plan of a job and how far it has come, bolt by bolt, pass by pass.
 * @param plan absent while bolts, torque and unit are not all typed, @param ticks what was done, as pass and bolt
 */
record TorqueWork(@Nullable TorquePlanResult plan, List<Tick> ticks) {
    /** One bolt tightened in one pass, both counted from 1. */
    record Tick(int pass, int bolt) { }

    /** The plan that the texts make. */
    static @Nullable TorquePlanResult plan(Values values) {
        Double bolts = values.number("bolts");
        Double torque = values.number("boltTorque");
        TorqueUnit unit = values.choice("torqueUnit", TorqueUnit.class);
        if (bolts == null || torque == null || unit == null) {
            return null;
        }
        if (bolts != Math.rint(bolts)) {
            values.refuse("bolts", "must be a whole number");
            return null;
        }
        try {
            return TorquePlanCheck.check(new TorquePlanInput(bolts.intValue(), torque, unit, values.choice("figureFor", FigureFor.class), values.choice("threads", Threads.class),
                    values.number("wrenchLength"), values.number("extension"), values.yes("leftHand")));
        } catch (RefusedInput e) {
            values.refuse("boltTorque", e.errors().get(0).message());
            return null;
        }
    }

    /** What comes next; absent when there is no plan or all is done. */
    @Nullable Tick next() {
        return plan == null ? null : IntStream.range(0, plan.passesNm().size() * plan.sequence().size())
                .mapToObj(i -> new Tick(i / plan.sequence().size() + 1, plan.sequence().get(i % plan.sequence().size()))).filter(t -> !ticks.contains(t)).findFirst().orElse(null);
    }

    int left() {
        return plan == null ? 0 : plan.passesNm().size() * plan.sequence().size() - (int) ticks.stream().filter(t -> t.pass() <= plan.passesNm().size() && plan.sequence().contains(t.bolt())).count();
    }

    /** Bolts that are done in this pass. */
    List<Integer> done(int pass) {
        return ticks.stream().filter(t -> t.pass() == pass).map(Tick::bolt).toList();
    }
}
