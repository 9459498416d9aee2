package joropo.app.family.packing;

import java.util.List;
import joropo.app.check.CheckChoices;
import joropo.app.family.Card;
import joropo.app.family.Card.Shape;
import joropo.app.family.Family;
import joropo.app.family.JobFacts;
import joropo.app.family.Stage;
import joropo.app.family.Work;
import joropo.app.ui.Field;
import joropo.app.ui.SymptomFields;
import joropo.core.arrangement.PartKind;
import joropo.core.diagnosis.Symptom;
import joropo.core.shaft.Side;
import org.springframework.stereotype.Component;

/** Chevron sets: one item is one set in its box. */
@Component
class ChevronFamily implements Family {
    static final Field<Double> PRESSURE = Field.pressure("setPressureMpa", "pressure, peaks too");
    static final Field<Side> PRESSURE_SIDE = Field.choice("setPressureSide", "it comes from", Side.class, Side::words);
    static final Field<Boolean> BOTH_SIDES = Field.yesNo("setBothSides", "from both sides");
    static final Field<String> FLUID = Field.choice("setFluid", "fluid", CheckChoices.FLUIDS);
    static final Field<Double> PITCH = Field.size("setPitch", "V ring to V ring");
    static final Field<Double> HEADERS = Field.size("setHeaders", "both header rings, high");
    static final Field<Double> STACK = Field.size("setStack", "stack, high").hint("empty: by its rings");
    static final Field<Double> RINGS = Field.number("setRings", "V rings", "", 1, 40);
    static final Field<Side> OPEN = Field.choice("setOpen", "open side looks", Side.class, Side::words);
    static final Field<Boolean> SPLIT = Field.yesNo("setSplit", "rings are cut");
    static final Field<Boolean> OFFSET = Field.yesNo("setOffset", "their joints stand apart");
    static final Field<Boolean> RIM = Field.yesNo("setRim", "every rim looked at, whole");
    static final Field<Double> TAKE_UP = Field.play("setTakeUp", "the gland takes up");

    @Override
    public PartKind kind() {
        return PartKind.CHEVRON;
    }

    /** A rod runs in and out. */
    @Override
    public boolean turns() {
        return false;
    }

    @Override
    public List<Card> cards(Stage stage) {
        return switch (stage) {
            case INTAKE ->
                List.of(Card.of("set-duty", "What it holds", Shape.LIST, PRESSURE, PRESSURE_SIDE, BOTH_SIDES, FLUID));
            case STRIP ->
                List.of(Card.of("set-signs", "What they show", Shape.LIST, SymptomFields.of(Symptom.Group.PACKING))
                        .fold()
                        .withCauses());
            case MEASURE -> List.of(Card.of("set-stack", "Stack", Shape.LIST, PITCH, HEADERS, STACK));
            case DECIDE -> List.of(Card.of("set-rings", "Set", Shape.LIST, RINGS, OPEN, SPLIT));
            case FIT -> List.of(Card.of("set-in", "In its box", Shape.LIST, RIM, OFFSET, TAKE_UP));
            default -> List.of();
        };
    }

    @Override
    public List<? extends Work> evaluate(List<JobFacts> alike) {
        return alike.stream().map(ChevronWork::new).toList();
    }
}
