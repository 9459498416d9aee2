package joropo.app.job;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Collectors;
import joropo.core.verdict.Finding;
import joropo.core.verdict.Status;

/**
 * Numbers that findings keep while their job lives: one is given to a finding when it is first more than right. @param
 * keys what has had one, in the order in which it came up
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

    /** With a number for each that has none yet and is not right. */
    Numbers with(List<Finding> findings) {
        List<String> out = new ArrayList<>(keys);
        findings.stream()
                .filter(f -> f.status() != Status.PASS)
                .map(Numbers::key)
                .filter(k -> !out.contains(k))
                .distinct()
                .forEach(out::add);
        return out.size() == keys.size() ? this : new Numbers(out);
    }

    /** From 1; 0 where it has none. */
    int of(Finding finding) {
        return keys.indexOf(key(finding)) + 1;
    }

    /** By number, so that the first has number 1. */
    List<Finding> inOrder(List<Finding> findings) {
        return keys.stream()
                .map(k -> findings.stream()
                        .filter(f -> key(f).equals(k))
                        .min((a, b) -> a.status().compareTo(b.status()))
                        .orElse(Finding.GONE))
                .collect(Collectors.toList());
    }

    private static String key(Finding f) {
        return f.id() + (f.part() == null ? "" : "@" + f.part());
    }
}
