package joropo.core.section;

import static joropo.core.verdict.Status.CAUTION;
import static joropo.core.verdict.Status.PASS;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import joropo.core.section.BoreItem.Chevron;
import joropo.core.section.BoreItem.Part;
import joropo.core.section.BoreItem.Ring;
import joropo.core.section.BoreItem.Seal;
import joropo.core.section.BoreItem.Sealing;
import joropo.core.section.BoreItem.Spacer;
import joropo.core.units.Length;
import joropo.core.verdict.Finding;
import joropo.core.verdict.Source;
import joropo.core.verdict.Status;
import org.jspecify.annotations.Nullable;

/** The kit laid beside what was found, part by part from outside (S8, guide). */
final class Comparison {
    /** Thicknesses nearer than this are the same (mm, guide). */
    private static final double SAME_MM = 0.1;

    private final List<Finding> findings = new ArrayList<>();

    private Comparison() { }

    static List<Finding> judge(Section kit, Section found) {
        var out = new Comparison();
        List<Part> a = parts(kit);
        List<Part> b = parts(found);
        for (int i = 0; i < Math.max(a.size(), b.size()); i++) {
            out.pair(i < a.size() ? a.get(i) : null, i < b.size() ? b.get(i) : null);
        }
        double total = Length.snap(total(a) - total(b));
        if (Math.abs(total) > SAME_MM + 1e-9) {
            out.say(CAUTION, "The whole is " + Length.show(Math.abs(total), 2) + " mm " + (total > 0 ? "thicker" : "thinner") + " than what was found.", null);
        }
        if (out.findings.isEmpty()) {
            out.say(PASS, "Parts, widths, directions and openings are as found.", null);
        }
        return out.findings;
    }

    private static List<Part> parts(Section section) {
        return section.boreItems().stream().filter(i -> i instanceof Sealing || i instanceof Spacer || i instanceof Ring).map(Part.class::cast).sorted(Comparator.comparing(BoreItem::fromMm)).toList();
    }

    private static double total(List<Part> parts) {
        return parts.stream().mapToDouble(Comparison::thickness).sum();
    }

    private static double thickness(Part part) {
        return part instanceof Sealing s ? s.widthMm() : part instanceof Spacer s ? s.thicknessMm() : ((Ring) part).thicknessMm();
    }

    private void pair(@Nullable Part kit, @Nullable Part found) {
        if (kit == null || found == null) {
            say(CAUTION, kit == null ? "Found a " + kind(found) + " that is not in the kit." : "The kit has a " + kind(kit) + " that was not found.", kit == null ? null : kit.id());
        } else if (!kind(kit).equals(kind(found))) {
            say(CAUTION, "The kit has a " + kind(kit) + " where a " + kind(found) + " was found.", kit.id());
        } else {
            double more = Length.snap(thickness(kit) - thickness(found));
            if (Math.abs(more) > SAME_MM + 1e-9) {
                say(CAUTION, "The " + kind(kit) + " is " + Length.show(Math.abs(more), 2) + " mm " + (more > 0 ? "thicker" : "thinner") + " than the one found.", kit.id());
            }
            if (kit instanceof Sealing a && found instanceof Sealing b && a.open() != b.open()) {
                say(CAUTION, "It faces " + a.open().words() + "; the one found faced " + b.open().words() + ": somebody may have had a reason.", kit.id());
            }
            if (kit instanceof Seal a && found instanceof Seal b && a.dustLip() != b.dustLip()) {
                say(CAUTION, "Its dust lip is not as on the one found.", kit.id());
            }
            if (kit instanceof Spacer a && found instanceof Spacer b && !Objects.equals(a.insideDiameterMm(), b.insideDiameterMm())) {
                say(CAUTION, "The opening of the washer is not as on the one found.", kit.id());
            }
        }
    }

    private static String kind(Part part) {
        return part instanceof Seal ? "lip seal" : part instanceof Chevron ? "chevron set" : part instanceof Spacer ? "washer" : "retaining ring";
    }

    private void say(Status status, String message, @Nullable String part) {
        Finding out = Finding.of("S8", status, "kit against what was found", message, status == PASS ? "" : "Judge both by drawing; another design with a named document is an accepted revision.", Source.GUIDE, "stack and depth");
        findings.add(part == null ? out : out.withPart(part));
    }
}
