package joropo.app.job;

import java.util.List;
import java.util.Locale;
import java.util.Set;
import joropo.app.family.Card;
import joropo.app.family.Card.Shape;
import joropo.app.family.JobFinding;
import joropo.app.family.ReadFields;
import joropo.app.family.Stage;
import joropo.app.family.Work;
import joropo.app.ui.Field;
import joropo.core.arrangement.PartKind;
import joropo.core.section.Joint;

/** A bellows, boot or hose that was off: its card as it goes back, and the joint that it is until both are noted. */
final class BootCards {
    private static final Set<PartKind> KINDS = Set.of(PartKind.BELLOWS, PartKind.BOOT, PartKind.HOSE);
    private static final String ADHESIVE = "ADHESIVE";

    static final Field<Boolean> CLEAN = Field.yesNo("bootClean", "seat and mate clean: old adhesive, film off");
    static final Field<String> CLOSED = Field.choice(
            "bootClosed",
            "closed as its maker says, by",
            Field.pairs("CLAMP", "clamp", ADHESIVE, "adhesive", "BOTH", "adhesive and clamp"));
    static final Field<String> CLAMP =
            Field.line("bootClamp", "clamp's place and turn").hint("adhesive: start its cure as a timer");

    private static final Card CARD = Card.of("boot", "back on", Shape.LIST, CLEAN, CLOSED, CLAMP);

    private BootCards() {}

    /** Those of a log that have cards. */
    static List<StripPart> of(List<StripPart> log) {
        return log.stream().filter(p -> KINDS.contains(p.kind())).toList();
    }

    private static String prefix(StripPart boot) {
        return "h" + boot.number() + "-";
    }

    static List<Card> cards(Stage stage, List<StripPart> boots) {
        return stage != Stage.FIT
                ? List.of()
                : boots.stream()
                        .map(b -> CARD.under(prefix(b))
                                .titled(b.name().substring(0, 1).toUpperCase(Locale.ROOT)
                                        + b.name().substring(1) + " " + CARD.title()))
                        .toList();
    }

    /** What leaves through it until it is closed. @param work of what the job was opened for */
    static List<JobFinding> findings(StripPart boot, ReadFields all, Work work) {
        ReadFields read = all.under(prefix(boot), prefix(boot));
        String by = read.get(CLOSED);
        boolean closed = read.is(CLEAN) && by != null && (by.equals(ADHESIVE) || read.get(CLAMP) != null);
        return work.section()
                .map(s -> new Joint(
                        boot.kind() == PartKind.BELLOWS ? Joint.Kind.BELLOWS : Joint.Kind.BOOT,
                        List.of(0, s.planned().spaces().size() - 1),
                        closed ? Joint.Closure.SEALANT : Joint.Closure.NONE))
                .map(j -> work.beside(List.of(j)).stream()
                        .map(f -> new JobFinding(Stage.FIT, f.ofItem(prefix(boot), boot.name())))
                        .toList())
                .orElse(List.of());
    }
}
