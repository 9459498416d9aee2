package joropo.app.family.oring;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import joropo.app.family.Card;
import joropo.app.family.Family;
import joropo.app.family.ItemSet;
import joropo.app.family.JobFacts;
import joropo.app.family.Stage;
import joropo.app.family.Work;
import joropo.core.arrangement.PartKind;
import joropo.core.oring.Gland;
import joropo.core.oring.RingMotion;
import joropo.core.oring.RingSize;
import joropo.core.oring.RingSort;
import joropo.core.plan.Part;
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
    public List<PartKind> comesOff() {
        return List.of(
                PartKind.ROD,
                PartKind.NUT,
                PartKind.PISTON,
                PartKind.HEAD,
                PartKind.COVER,
                PartKind.BOLT,
                PartKind.GASKET,
                PartKind.RETAINING_RING,
                PartKind.BEARING,
                PartKind.PIN);
    }

    @Override
    public boolean turns() {
        return false;
    }

    @Override
    public List<ItemSet> sets() {
        return List.of(
                new ItemSet(
                        "cylinder",
                        "the seven rings of a cylinder",
                        List.of(
                                ring("head ring", RingSort.O_RING, Gland.PISTON, RingMotion.STATIC),
                                ring("rod guide", RingSort.GUIDE, Gland.ROD, RingMotion.RECIPROCATING),
                                ring("rod U-cup", RingSort.U_CUP, Gland.ROD, RingMotion.RECIPROCATING),
                                ring("wiper", RingSort.WIPER, Gland.ROD, RingMotion.RECIPROCATING),
                                ring("ring under piston", RingSort.O_RING, Gland.ROD, RingMotion.STATIC),
                                ring("piston ring", RingSort.SLIDE, Gland.PISTON, RingMotion.RECIPROCATING),
                                ring("piston guide", RingSort.GUIDE, Gland.PISTON, RingMotion.RECIPROCATING))),
                new ItemSet(
                        "rotary-joint",
                        "the rings of a rotary joint with one port",
                        List.of(
                                ring("inner ring", RingSort.SLIDE, Gland.ROD, RingMotion.ROTARY),
                                ring("outer ring", RingSort.SLIDE, Gland.ROD, RingMotion.ROTARY),
                                wiper("near wiper", "NO"),
                                wiper("far wiper", "YES"))));
    }

    private static ItemSet.Member wiper(String name, String farEnd) {
        Map<String, String> texts = new HashMap<>(
                ring(name, RingSort.WIPER, Gland.ROD, RingMotion.ROTARY).texts());
        texts.put(RingFields.FAR_END.name(), farEnd);
        return new ItemSet.Member(name, texts);
    }

    private static ItemSet.Member ring(String name, RingSort sort, Gland gland, RingMotion motion) {
        return new ItemSet.Member(
                name,
                Map.of(
                        RingFields.SORT.name(), sort.name(),
                        RingFields.GLAND.name(), gland.name(),
                        RingFields.MOTION.name(), motion.name()));
    }

    @Override
    public List<? extends Work> evaluate(List<JobFacts> alike) {
        return alike.stream().map(RingWork::new).toList();
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
