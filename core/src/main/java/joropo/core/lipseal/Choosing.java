package joropo.core.lipseal;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import joropo.core.lipseal.LipSealResult.Candidate;
import joropo.core.lipseal.LipSealResult.StruckOut;
import joropo.core.material.Elastomer;
import joropo.core.material.Fluid;
import joropo.core.section.CaseType;
import joropo.core.verdict.Status;

/** Every candidate of layout, material and case: kept and ranked, or struck out with its reason. */
final class Choosing {
    private record Kept(Layout layout, Elastomer material, CaseType caseType, Judgement judgement) {}

    /** More than there are prices. */
    private static final int MOST_PRICES = 100;

    private final LipSealInput in;
    private final CaseRule cases;
    private final MaterialRule materialRule;
    private final OperatingPoint at;
    private final List<Kept> kept = new ArrayList<>();
    private final List<StruckOut> struckOut = new ArrayList<>();

    /** @param worn whether the shaft reads below its limits */
    Choosing(LipSealInput in, OperatingPoint at, CaseRule cases, boolean worn) {
        this.in = in;
        this.cases = cases;
        this.at = at;
        var layoutRule = new LayoutRule(in, at, worn);
        materialRule = new MaterialRule(in, at);
        Map<Layout, Judgement> layouts = new EnumMap<>(Layout.class);
        Map<CaseType, Judgement> caseTypes = new EnumMap<>(CaseType.class);
        for (CaseType type : CaseType.values()) {
            caseTypes.put(type, cases.judge(type));
        }
        List<Elastomer> byPrice = in.materials().materials().stream()
                .sorted(Comparator.comparingInt(MaterialRule::price).thenComparing(Elastomer::code))
                .toList();
        for (Layout layout : Layout.values()) {
            layouts.put(layout, layoutRule.judge(layout));
            for (Elastomer material : byPrice) {
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

    /** Verdict first, then rating in the fluids, layout, price of the material, case (guide). */
    List<Candidate> ranked() {
        boolean blind = kept.stream().allMatch(k -> k.judgement.says(Status.MISSING));
        List<Layout> layouts = Layout.orderFor(in.dirt());
        Map<Kept, Integer> place = new IdentityHashMap<>();
        kept.forEach(k -> place.put(
                k,
                ((group(k, blind) * (Fluid.UNSUITABLE + 1) + materialRule.rating(k.material)) * Layout.values().length
                                        + place(layouts, k.layout))
                                * MOST_PRICES
                        + MaterialRule.price(k.material)));
        List<Kept> order = kept.stream()
                .sorted(Comparator.<Kept>comparingInt(place::get)
                        .thenComparing(k -> !k.material.code().equals(k.material.family()))
                        .thenComparing(k -> k.material.code())
                        .thenComparingInt(k -> cases.order().indexOf(k.caseType)))
                .toList();
        List<Candidate> out = new ArrayList<>();
        for (Kept k : order) {
            out.add(new Candidate(
                    out.size() + 1,
                    k.layout,
                    k.material.code(),
                    k.caseType,
                    k.judgement.status(),
                    k.judgement.words()));
        }
        return out;
    }

    /** Where pressure asks for the lip that stands it, that one comes first. */
    private int place(List<Layout> layouts, Layout layout) {
        return layout == Layout.PRESSURE && at.asksForPressureLip() ? 0 : layouts.indexOf(layout);
    }

    /** Struck out ones by layout, price and case, whatever the order of the tables. */
    List<StruckOut> struckOut() {
        return List.copyOf(struckOut);
    }

    /** @param blind whether something is not known that concerns every candidate: it tells none of them apart */
    private static int group(Kept k, boolean blind) {
        Status status = blind ? k.judgement.statusOfKnown() : k.judgement.status();
        return k.judgement.isLast() ? 2 : status == Status.PASS ? 0 : 1;
    }
}
