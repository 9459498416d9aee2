package joropo.core.lipseal;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import joropo.core.lipseal.LipSealResult.Candidate;
import joropo.core.lipseal.LipSealResult.StruckOut;
import joropo.core.material.Elastomer;
import joropo.core.verdict.Status;

/** Every candidate of layout, material and case: kept and ranked, or struck out with its reason. */
final class Choosing {
    private record Kept(Layout layout, Elastomer material, CaseType caseType, Judgement judgement) { }

    private final LipSealInput in;
    private final CaseRule cases;
    private final List<Kept> kept = new ArrayList<>();
    private final List<StruckOut> struckOut = new ArrayList<>();

    /** @param worn whether the shaft reads below its limits */
    Choosing(LipSealInput in, OperatingPoint at, CaseRule cases, boolean worn) {
        this.in = in;
        this.cases = cases;
        var layoutRule = new LayoutRule(in, at, worn);
        var materialRule = new MaterialRule(in, at);
        Map<Layout, Judgement> layouts = new EnumMap<>(Layout.class);
        Map<CaseType, Judgement> caseTypes = new EnumMap<>(CaseType.class);
        for (CaseType type : CaseType.values()) {
            caseTypes.put(type, cases.judge(type));
        }
        for (Layout layout : Layout.values()) {
            layouts.put(layout, layoutRule.judge(layout));
            for (Elastomer material : in.materials().materials()) {
                if (MaterialRule.belongsTo(material, layout)) {
                    Judgement both = layouts.get(layout).and(materialRule.judge(material, layout));
                    caseTypes.forEach((type, judged) -> add(layout, material, type, both.and(judged)));
                }
            }
        }
    }

    private void add(Layout layout, Elastomer material, CaseType type, Judgement judgement) {
        if (judgement.struck() != null) {
            struckOut.add(new StruckOut(layout, material.code(), type, judgement.struck()));
        } else {
            kept.add(new Kept(layout, material, type, judgement));
        }
    }

    /** Verdict first, then layout, price of the material, case (guide). */
    List<Candidate> ranked() {
        List<Layout> layouts = Layout.orderFor(in.dirt());
        Map<Layout, Integer> layoutPlace = new HashMap<>();
        layouts.forEach(l -> layoutPlace.put(l, layouts.indexOf(l)));
        boolean blind = kept.stream().allMatch(k -> k.judgement.says(Status.MISSING));
        List<Kept> order = kept.stream().sorted(Comparator.<Kept>comparingInt(k -> group(k, blind)).thenComparing(k -> layoutPlace.get(k.layout))
                .thenComparing(k -> MaterialRule.price(k.material)).thenComparing(k -> !k.material.code().equals(k.material.family()))
                .thenComparing(k -> k.material.code()).thenComparing(k -> cases.order().indexOf(k.caseType))).toList();
        List<Candidate> out = new ArrayList<>();
        for (Kept k : order) {
            out.add(new Candidate(out.size() + 1, k.layout, k.material.code(), k.caseType, k.judgement.status(), k.judgement.words()));
        }
        return out;
    }

    /** Struck out ones by layout, price and case, whatever the order of the tables. */
    List<StruckOut> struckOut() {
        Map<String, Integer> price = new HashMap<>();
        in.materials().materials().forEach(m -> price.put(m.code(), MaterialRule.price(m)));
        return struckOut.stream().sorted(Comparator.comparing(StruckOut::layout).thenComparing(s -> price.get(s.material()))
                .thenComparing(StruckOut::material).thenComparing(StruckOut::caseType)).toList();
    }

    /** @param blind whether something is not known that concerns every candidate: it tells none of them apart */
    private static int group(Kept k, boolean blind) {
        Status status = blind ? k.judgement.statusOfKnown() : k.judgement.status();
        return k.judgement.isLast() ? 2 : status == Status.PASS ? 0 : 1;
    }
}
