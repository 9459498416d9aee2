package joropo.app.family.mechseal;

import java.util.List;
import joropo.app.family.Card;
import joropo.app.family.Family;
import joropo.app.family.JobFacts;
import joropo.app.family.Stage;
import joropo.app.family.Work;
import joropo.core.arrangement.PartKind;
import org.springframework.stereotype.Component;

/** Mechanical seals: one item is one seal with its seat, unit or cartridge. */
@Component
class MechanicalSealFamily implements Family {
    @Override
    public PartKind kind() {
        return PartKind.MECHANICAL_SEAL;
    }

    /** Its own card asks for the play, as narrow as a seal needs it. */
    @Override
    public List<PartKind> comesOff() {
        return List.of(
                PartKind.COUPLING,
                PartKind.KEY,
                PartKind.GLAND,
                PartKind.IMPELLER,
                PartKind.NUT,
                PartKind.ROTARY,
                PartKind.SEAT,
                PartKind.COLLAR,
                PartKind.SLEEVE,
                PartKind.COVER,
                PartKind.BOLT,
                PartKind.GASKET,
                PartKind.BEARING,
                PartKind.SHAFT,
                PartKind.RETAINING_RING);
    }

    @Override
    public boolean turns() {
        return false;
    }

    @Override
    public List<Card> cards(Stage stage) {
        return SealFields.cards(stage);
    }

    @Override
    public List<? extends Work> evaluate(List<JobFacts> alike) {
        return alike.stream().map(SealWork::new).toList();
    }
}
