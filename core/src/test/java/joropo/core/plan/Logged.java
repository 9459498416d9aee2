package joropo.core.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import joropo.core.arrangement.Arrangement;
import joropo.core.arrangement.Fact;
import joropo.core.arrangement.Origin;
import joropo.core.arrangement.Part;
import joropo.core.arrangement.Property;
import joropo.core.arrangement.View;
import joropo.core.plan.StripLog.Removed;

/** A strip log as an arrangement: each part by its number. */
final class Logged {
    private static final double RULE_MM = 0.3;

    private Logged() {}

    static View found(List<Removed> log) {
        return all(log).found();
    }

    /** Of which one is what is sealed: its key is its own. */
    static Arrangement all(List<Removed> log) {
        List<Fact<?>> facts = new ArrayList<>();
        List<Part> parts = IntStream.range(0, log.size())
                .mapToObj(i -> {
                    Removed r = log.get(i);
                    String key = "o" + (i + 1);
                    if (r.placeMm() != null) {
                        facts.add(new Fact<>(key, Property.PLACE, r.placeMm(), RULE_MM, Origin.STRIPPED, key));
                    }
                    if (r.thicknessMm() != null) {
                        facts.add(new Fact<>(key, Property.THICK, r.thicknessMm(), RULE_MM, Origin.STRIPPED, key));
                    }
                    if (r.faced() != null) {
                        facts.add(new Fact<>(key, Property.FACES, r.faced(), 0, Origin.STRIPPED, key));
                    }
                    if (r.line() != null) {
                        facts.add(new Fact<>(key, Property.LINE, r.line(), 0, Origin.STRIPPED, key));
                    }
                    return new Part(key, r.kind(), r.name(), i + 1, null, !r.leftOut());
                })
                .toList();
        return new Arrangement(parts, facts);
    }
}
