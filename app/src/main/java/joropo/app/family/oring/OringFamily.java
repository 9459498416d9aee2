package joropo.app.family.oring;

import java.util.List;
import java.util.Optional;
import joropo.app.family.Card;
import joropo.app.family.Family;
import joropo.app.family.JobFacts;
import joropo.app.family.Stage;
import joropo.app.family.Work;
import joropo.core.oring.RingSize;
import joropo.core.plan.Part;
import joropo.core.plan.PartKind;
import joropo.core.units.LengthUnit;
import org.springframework.stereotype.Component;

/** Rings in grooves: one item is one ring in its place. */
@Component
class OringFamily implements Family {
    @Override
    public PartKind kind() {
        return PartKind.O_RING;
    }

    @Override
    public List<Card> cards(Stage stage) {
        return RingFields.cards(stage);
    }

    @Override
    public List<Card> further(Stage stage) {
        return RingFields.further(stage);
    }

    @Override
    public Work evaluate(JobFacts facts) {
        return new RingWork(facts);
    }

    @Override
    public Optional<Part> byHand(String size, LengthUnit unit, int count, String words) {
        if (size.isEmpty()) {
            return Optional.empty();
        }
        String named = RingSize.parse(size, "").designation();
        return Optional.of(new Part(
                "ring",
                count,
                kind(),
                kind().words() + " " + named + (words.isEmpty() ? "" : ", " + words),
                named,
                null,
                "",
                null));
    }
}
