package joropo.app.family;

import java.util.List;
import joropo.core.plan.PartKind;

/** One kind of sealing: what is asked of it and what follows. One bean each, found by its kind. */
public interface Family {
    PartKind kind();

    /** Its own cards of a stage, in their order; those that every job has stand before them. */
    List<Card> cards(Stage stage);

    /** What follows from what was typed; nothing is changed by it. */
    Work evaluate(JobFacts facts);
}
