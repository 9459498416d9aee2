package joropo.app.job;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import joropo.app.family.JobFinding;
import joropo.core.verdict.Finding;
import joropo.core.verdict.Status;

/**
 * Numbers that findings keep while their job lives, in page, picture, card and record: one is given to a finding when
 * it is first more than right. @param keys what has had one, in the order in which it came up
 */
record Numbers(List<String> keys) {
    private static final String BETWEEN = "\n";

    /** @param stored as {@link #text} gives it */
    static Numbers of(String stored) {
        return new Numbers(stored.isEmpty() ? List.of() : Arrays.asList(stored.split(BETWEEN)));
    }

    String text() {
        return String.join(BETWEEN, keys);
    }

    /** With a number for each that has none yet and is not right. @param findings of all stages, in working order */
    Numbers with(List<JobFinding> findings) {
        List<String> out = new ArrayList<>(keys);
        findings.stream()
                .filter(f -> f.status() != Status.PASS && of(f) == 0)
                .map(JobFinding::key)
                .distinct()
                .forEach(out::add);
        return out.size() == keys.size() ? this : new Numbers(out);
    }

    /** From 1; 0 where it has none. */
    int of(JobFinding finding) {
        return keys.indexOf(finding.key()) + 1;
    }

    /** By number, so that the first has number 1. */
    List<Finding> inOrder(List<JobFinding> findings) {
        return keys.stream()
                .map(k -> findings.stream()
                        .filter(f -> f.key().equals(k))
                        .min(Comparator.comparing(JobFinding::status))
                        .map(JobFinding::finding)
                        .orElse(Finding.GONE))
                .toList();
    }
}
