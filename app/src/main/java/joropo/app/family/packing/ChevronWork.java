package joropo.app.family.packing;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import joropo.app.drawing.ChevronDrawing;
import joropo.app.drawing.Paper;
import joropo.app.family.CommonFields;
import joropo.app.family.JobFacts;
import joropo.app.family.JobFinding;
import joropo.app.family.Picture;
import joropo.app.family.ReadFields;
import joropo.app.family.Stage;
import joropo.app.family.Summary;
import joropo.app.family.Work;
import joropo.app.register.Position;
import joropo.app.ui.Field;
import joropo.core.packing.ChevronSet;
import joropo.core.packing.ChevronSetBuilder;
import joropo.core.packing.PackingPlan;
import joropo.core.plan.Part;
import joropo.core.plan.Step;
import joropo.core.shaft.Side;
import joropo.core.units.Length;
import joropo.core.verdict.Finding;
import org.jspecify.annotations.Nullable;

/** What follows from the sheets of one chevron set. */
final class ChevronWork implements Work {
    private static final Set<String> OF_FITTING = Set.of("rim", "joints", "take-up");

    private final JobFacts facts;
    private final ReadFields read;
    private final boolean whole;
    private final ChevronSet set;

    ChevronWork(JobFacts facts) {
        this.facts = facts;
        read = facts.read();
        Double rings = read.get(ChevronFamily.RINGS);
        whole = rings == null || rings == Math.rint(rings);
        set = ChevronSetBuilder.builder()
                .rings(rings == null || !whole ? null : Integer.valueOf(rings.intValue()))
                .open(read.get(ChevronFamily.OPEN))
                .pressure(read.get(ChevronFamily.PRESSURE_SIDE))
                .bothSides(read.get(ChevronFamily.BOTH_SIDES))
                .pressureMpa(read.get(ChevronFamily.PRESSURE))
                .pitchMm(read.get(ChevronFamily.PITCH))
                .headersMm(read.get(ChevronFamily.HEADERS))
                .stackMm(read.get(ChevronFamily.STACK))
                .takeUpMm(read.get(ChevronFamily.TAKE_UP))
                .split(read.get(ChevronFamily.SPLIT))
                .jointsOffset(read.get(ChevronFamily.OFFSET))
                .rimSeen(read.get(ChevronFamily.RIM))
                .paired(isPaired())
                .build();
    }

    @Override
    public Map<String, String> errors() {
        return whole ? Map.of() : Map.of(ChevronFamily.RINGS.name(), "must be a whole number of rings");
    }

    /** Whether another set here looks the other way. */
    private boolean isPaired() {
        Side own = read.get(ChevronFamily.OPEN);
        return own != null
                && facts.alike().reads().stream()
                        .map(r -> r.get(ChevronFamily.OPEN))
                        .anyMatch(open -> open != null && open != own);
    }

    @Override
    public Optional<String> fieldOf(String rule) {
        return ChevronAnswers.of(rule).map(Field::name);
    }

    @Override
    public List<JobFinding> findings() {
        return set.findings().stream()
                .map(f -> new JobFinding(OF_FITTING.contains(f.id()) ? Stage.FIT : Stage.DECIDE, f))
                .toList();
    }

    private boolean isReady() {
        return set.rings() != null && set.open() != null;
    }

    @Override
    public Map<String, String> wanted(Stage stage) {
        Map<String, String> out = new HashMap<>();
        if (stage == Stage.DECIDE && set.rings() == null) {
            out.put(ChevronFamily.RINGS.name(), "How many V rings go in is not decided yet.");
        }
        if (stage == Stage.DECIDE && set.open() == null) {
            out.put(ChevronFamily.OPEN.name(), "Where their open side looks is not decided yet.");
        }
        return out;
    }

    @Override
    public List<Step> plan() {
        return isReady() ? set.steps() : List.of();
    }

    @Override
    public List<Field<?>> names(Step step) {
        return switch (step.rule()) {
            case "parts" -> List.of(ChevronFamily.RINGS);
            case "clean" -> List.of(ChevronFamily.RIM);
            case "gland" -> List.of(ChevronFamily.TAKE_UP);
            case "prove" -> List.of(CommonFields.FIRST_RUN);
            default -> List.of();
        };
    }

    @Override
    public List<Step> stripping() {
        return PackingPlan.stripping(PackingPlan.Gland.PLAIN, false).subList(0, 2);
    }

    @Override
    public List<Part> parts() {
        return isReady() ? set.parts(size()) : List.of();
    }

    private String size() {
        Position at = facts.position();
        return at.shaftMm() == null || at.boreMm() == null
                ? ""
                : Length.show(at.shaftMm(), 0) + "x" + Length.show(at.boreMm(), 0);
    }

    @Override
    public Optional<Picture> picture(Paper paper, List<Finding> numbered, @Nullable String next) {
        return isReady()
                ? Optional.of(new Picture(ChevronDrawing.of(set, paper == Paper.NARROW ? "n-" : "s-")))
                : Optional.empty();
    }

    @Override
    public Summary summary() {
        if (!isReady()) {
            return Summary.EMPTY;
        }
        String words = "chevron set, " + set.rings() + " V rings";
        return new Summary(
                size().isEmpty() ? null : size(),
                words,
                null,
                "Open side looks " + set.open().words() + ".",
                null,
                null,
                new Summary.FittedItem(words, size(), null));
    }
}
