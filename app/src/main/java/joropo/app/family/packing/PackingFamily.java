package joropo.app.family.packing;

import java.util.List;
import joropo.app.family.Card;
import joropo.app.family.Family;
import joropo.app.family.JobFacts;
import joropo.app.family.Stage;
import joropo.app.family.Work;
import joropo.core.arrangement.PartKind;
import org.springframework.stereotype.Component;

/** Packed boxes: one item is one box with its rings. */
@Component
class PackingFamily implements Family {
    @Override
    public PartKind kind() {
        return PartKind.PACKING;
    }

    /** Its run-out is read; the play of its bearings is not what packing asks for. */
    @Override
    public List<PartKind> comesOff() {
        return List.of(
                PartKind.GLAND,
                PartKind.NUT,
                PartKind.LANTERN,
                PartKind.BUSH,
                PartKind.BOLT,
                PartKind.COVER,
                PartKind.GASKET,
                PartKind.SLEEVE,
                PartKind.COUPLING,
                PartKind.KEY,
                PartKind.BEARING,
                PartKind.SHAFT);
    }

    @Override
    public boolean turns() {
        return false;
    }

    @Override
    public List<Card> cards(Stage stage) {
        return BoxFields.cards(stage);
    }

    @Override
    public List<? extends Work> evaluate(List<JobFacts> alike) {
        return alike.stream().map(BoxWork::new).toList();
    }
}
