package joropo.app.family.toy;

import java.util.List;
import java.util.Map;
import joropo.app.family.Card;
import joropo.app.family.Family;
import joropo.app.family.JobFacts;
import joropo.app.family.JobFinding;
import joropo.app.family.Panel;
import joropo.app.family.Stage;
import joropo.app.family.Summary;
import joropo.app.family.Work;
import joropo.app.ui.Field;
import joropo.app.ui.Figure;
import joropo.core.arrangement.PartKind;
import joropo.core.plan.Part;
import joropo.core.plan.Step;
import joropo.core.toy.GasketRule;
import joropo.core.toy.GasketRule.GasketInput;
import joropo.core.toy.GasketRule.GasketResult;
import joropo.core.units.Length;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.stereotype.Component;

/** A whole family in the tests: one card, one rule, one step, one panel. Nothing in the application knows of it. */
@Component
@ConditionalOnProperty("joropo.toy")
public class ToyFamily implements Family {
    static final Field<Double> THICKNESS = Field.size("thickness", "thickness of the gasket");

    @Override
    public PartKind kind() {
        return PartKind.GASKET;
    }

    @Override
    public List<Card> cards(Stage stage) {
        return stage == Stage.MEASURE ? List.of(Card.of("gasket", "Gasket", Card.Shape.LIST, THICKNESS)) : List.of();
    }

    @Override
    public List<? extends Work> evaluate(List<JobFacts> alike) {
        return alike.stream()
                .map(f -> new ToyWork(GasketRule.check(new GasketInput(f.read().get(THICKNESS)))))
                .toList();
    }

    private record ToyWork(GasketResult result) implements Work {
        @Override
        public List<JobFinding> findings() {
            return result.findings().stream()
                    .map(f -> new JobFinding(Stage.MEASURE, f))
                    .toList();
        }

        @Override
        public Map<String, String> wanted(Stage stage) {
            return stage == Stage.MEASURE && result.squeezedMm() == null
                    ? Map.of(THICKNESS.name(), "A gasket is measured.")
                    : Map.of();
        }

        @Override
        public List<Step> plan() {
            return List.of(new Step("lay", Step.When.FIT, "Lay the gasket dry.", "", false, "", null, ""));
        }

        @Override
        public List<Part> parts() {
            return List.of(new Part("gasket", 1, PartKind.GASKET, "gasket", "", null, "", null));
        }

        @Override
        public List<Figure> figures(String card) {
            return result.squeezedMm() == null
                    ? List.of()
                    : List.of(new Figure("squeezed to", Length.show(result.squeezedMm(), 2), "mm", null));
        }

        @Override
        public List<Panel> panels(Stage stage) {
            return stage == Stage.MEASURE
                    ? List.of(new Panel.Note("gasket-note", "gasket", "Of the same paper as the old one.", false))
                    : List.of();
        }

        @Override
        public Summary summary() {
            return Summary.EMPTY;
        }
    }
}
