package joropo.app.family.lipseal;

import java.util.List;
import java.util.Optional;
import joropo.app.family.Card;
import joropo.app.family.Family;
import joropo.app.family.JobFacts;
import joropo.app.family.Stage;
import joropo.app.family.Work;
import joropo.app.ui.Show;
import joropo.core.arrangement.PartKind;
import joropo.core.lipseal.PartsList;
import joropo.core.plan.Part;
import joropo.core.sizes.SealSize;
import joropo.core.units.LengthUnit;
import org.springframework.stereotype.Component;

/** Lip seals on a shaft: measured, chosen, driven in, read round the circumference. */
@Component
class LipSealFamily implements Family {
    private final Show show;

    LipSealFamily(Show show) {
        this.show = show;
    }

    @Override
    public PartKind kind() {
        return PartKind.LIP_SEAL;
    }

    @Override
    public List<Card> cards(Stage stage) {
        return LipSealCards.of(stage);
    }

    @Override
    public List<Card> among(Stage stage) {
        return LipSealCards.among(stage);
    }

    @Override
    public List<Card> further(Stage stage) {
        return LipSealCards.further(stage);
    }

    @Override
    public List<? extends Work> evaluate(List<JobFacts> alike) {
        return LipSealWork.of(alike, show);
    }

    @Override
    public Optional<Part> byHand(String size, LengthUnit unit, int count, String words) {
        if (size.isEmpty()) {
            return Optional.empty();
        }
        SealSize seal = SealSize.parse(size, unit);
        return Optional.of(new Part(
                PartsList.SEAL,
                count,
                kind(),
                kind().words() + " " + seal.words() + (words.isEmpty() ? "" : ", " + words),
                seal.words(),
                null,
                "",
                kind().together()));
    }
}
