package joropo.core.lipseal;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import joropo.core.verdict.Status;
import org.jspecify.annotations.Nullable;

/** What is said of one part of a candidate: reasons with their weight, or the first reason that strikes it out. */
final class Judgement {
    private record Reason(Status status, String words) {}

    private final List<Reason> reasons = new ArrayList<>();
    private @Nullable String struck;
    private Status status = Status.PASS;
    private boolean last;

    Judgement say(Status said, String words) {
        reasons.add(new Reason(said, words));
        status = status.worse(said);
        return this;
    }

    Judgement mind(String words) {
        return say(Status.CAUTION, words);
    }

    /** By its maker's word: good at best with caution while no document is named. */
    Judgement byMaker(String words, @Nullable String document) {
        return document == null ? mind(words + ", unproved: no document") : say(Status.PASS, words);
    }

    /** What rests on a figure that was only assumed strikes nothing out. */
    Judgement strikeUnless(@Nullable String assumed, String words) {
        return assumed == null ? strike(words) : mind(words + "; " + assumed).putLast();
    }

    Judgement strike(String words) {
        struck = struck == null ? words : struck;
        return this;
    }

    /** To be taken only when nothing else is left. */
    Judgement putLast() {
        last = true;
        return this;
    }

    @Nullable
    String struck() {
        return struck;
    }

    boolean isLast() {
        return last;
    }

    Status status() {
        return status;
    }

    boolean says(Status wanted) {
        return reasons.stream().anyMatch(r -> r.status == wanted);
    }

    /** The worst of what is known. */
    Status statusOfKnown() {
        return reasons.stream()
                .map(Reason::status)
                .filter(s -> s != Status.MISSING)
                .reduce(Status.PASS, Status::worse);
    }

    Judgement and(Judgement other) {
        var out = new Judgement();
        out.reasons.addAll(reasons);
        out.reasons.addAll(other.reasons);
        out.status = status.worse(other.status);
        out.struck = struck == null ? other.struck : struck;
        out.last = last || other.last;
        return out;
    }

    /** The doubts first, in the order said. */
    List<String> words() {
        return reasons.stream()
                .sorted(Comparator.comparing(Reason::status))
                .map(Reason::words)
                .toList();
    }
}
