package joropo.app.job;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import joropo.app.family.CommonFields;
import joropo.app.family.JobFinding;
import joropo.app.family.Summary;
import joropo.core.plan.Step;
import joropo.core.units.Length;
import joropo.core.verdict.Finding;
import joropo.core.verdict.Status;

/** What a signature stands for, in a few lines: what was fitted, how it was found, what was done. */
final class SignedSum {
    private SignedSum() {}

    static List<String> of(JobState state, JobWork work) {
        List<String> out = new ArrayList<>();
        work.items().forEach(i -> fitted(i, work.items().size() > 1, out));
        Set<String> done = state.done(work.plan(), work).keySet();
        List<Step> holds = work.plan().stream().filter(Step::hold).toList();
        if (!holds.isEmpty()) {
            out.add(holds.stream().filter(s -> done.contains(s.id())).count() + " of " + holds.size()
                    + " hold points done, or skipped with a reason.");
        }
        List<Finding> found = work.findings().stream().map(JobFinding::finding).toList();
        out.add(count(found, Status.FAIL, "out of limits or wrong") + ", "
                + count(found, Status.REMEASURE, "too close for the gauge")
                + ", " + count(found, Status.MISSING, "not measured or not known") + ", "
                + count(found, Status.CAUTION, "to take care of") + ", " + count(found, Status.PASS, "right") + ".");
        String concession = work.read().get(CommonFields.CONCESSION);
        if (concession != null) {
            out.add("Concession: " + concession);
        }
        return out;
    }

    private static void fitted(JobWork.Named item, boolean several, List<String> out) {
        Summary s = item.work().summary();
        String what = Stream.of(s.size(), s.words()).filter(Objects::nonNull).collect(Collectors.joining(", "));
        String depth = s.placedMm() == null
                ? s.targetMm() == null ? "" : "to stand at " + Length.show(s.targetMm(), 2) + " mm, not read"
                : "read at " + Length.show(s.placedMm(), 2) + " mm";
        String line = Stream.of(what.isEmpty() ? "not decided" : what, s.wayRound(), s.remedy(), depth)
                .filter(t -> t != null && !t.isEmpty())
                .map(t -> t.endsWith(".") ? t.substring(0, t.length() - 1) : t)
                .collect(Collectors.joining("; "));
        out.add((several ? item.name() + ": " : "") + line + ".");
    }

    private static String count(List<Finding> found, Status status, String words) {
        return found.stream().filter(f -> f.status() == status).count() + " " + words;
    }
}
