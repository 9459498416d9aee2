package joropo.core.lipseal;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import joropo.core.sizes.SealSize;
import joropo.core.units.Length;
import joropo.core.verdict.Finding;
import joropo.core.verdict.Source;
import joropo.core.verdict.Status;
import org.jspecify.annotations.Nullable;

/** What has to be known before a lip seal is decided, and whether it is (guide). */
public final class Deciding {
    /** Readings that many a job does without: named in one line while nobody has taken them. */
    private static final Set<String> OFTEN_UNREAD = Set.of("roughness", "hardness", "lead", "run-out", "offset");

    private Deciding() {}

    /** @param mPerS surface speed under the lip, absent: nothing says how fast the shaft turns */
    public static Finding speed(@Nullable Double mPerS) {
        return mPerS == null
                ? Finding.missing(
                        "speed",
                        "surface speed under the lip",
                        "Nothing says how fast the shaft turns: choosing a seal waits for it.",
                        "Read its speed, or its swing, from the machine's plate.")
                : Finding.computed(
                        "speed", "surface speed under the lip", Length.snap(mPerS), "m/s", "From shaft and speed.");
    }

    /** Findings of the place with those that nobody has read gathered into one. */
    public static List<Finding> gathered(List<Finding> ofThePlace) {
        List<Finding> out = new ArrayList<>();
        List<String> unread = new ArrayList<>();
        for (Finding f : ofThePlace) {
            if (f.status() == Status.MISSING && OFTEN_UNREAD.contains(f.id())) {
                unread.add(f.id());
            } else {
                out.add(f);
            }
        }
        if (!unread.isEmpty()) {
            out.add(Finding.missing(
                    "unread",
                    "further readings",
                    "Not read: " + String.join(", ", unread) + ".",
                    "Each may decide: read them where the case is in doubt."));
        }
        return out;
    }

    /**
     * @param open what is not decided of size, layout, material, outside of the case and way round, in words, @param
     *     size absent: that neither
     */
    public static List<Finding> decided(List<String> open, @Nullable SealSize size) {
        if (!open.isEmpty() || size == null) {
            return List.of(Finding.missing(
                    "decided",
                    "seal decided",
                    "Not decided yet: " + String.join(", ", open) + ".",
                    open.size() == 1 ? "Pick it." : "Pick them."));
        }
        return size.known()
                ? List.of()
                : List.of(Finding.of(
                        "decided",
                        Status.CAUTION,
                        "seal decided",
                        size.words() + " is not a listed size.",
                        "Make sure that it can be had.",
                        Source.GUIDE,
                        "list of sizes"));
    }
}
