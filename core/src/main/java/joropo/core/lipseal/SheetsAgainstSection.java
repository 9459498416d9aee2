package joropo.core.lipseal;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import joropo.core.section.BoreItem;
import joropo.core.section.Section;
import joropo.core.section.ShaftItem;
import joropo.core.shaft.Side;
import joropo.core.sizes.SealSize;
import joropo.core.units.Length;
import joropo.core.verdict.Finding;
import joropo.core.verdict.Source;
import joropo.core.verdict.Status;
import org.jspecify.annotations.Nullable;

/** Where the sheets of a job and its arranged section say two different things: neither is put right in silence. */
public final class SheetsAgainstSection {
    /** Figures nearer than this are the same (mm): a bench moves in tenths. */
    private static final double SAME_MM = 0.051;

    private final List<String> out = new ArrayList<>();

    private SheetsAgainstSection() {}

    /** What was decided on the sheets; each absent while it was not. */
    public record Said(
            @Nullable SealSize size,
            @Nullable Side mainLip,
            @Nullable Double depthMm) {}

    /**
     * One finding with all of them; empty where there is none.
     *
     * @param typed the section that the sheets make, @param section as it was arranged, @param seal id of the seal in
     *     it that the sheets speak of
     */
    public static Optional<Finding> judge(Said said, Section typed, Section section, String seal) {
        var all = new SheetsAgainstSection();
        all.decided(said, section.seal(seal), section);
        all.readings(typed, section);
        String words = String.join("; ", all.out);
        return words.isEmpty()
                ? Optional.empty()
                : Optional.of(Finding.of(
                        "section-differs",
                        Status.CAUTION,
                        "sheets against the section on the bench",
                        "They differ: " + words + ". The section is what is judged.",
                        "Take the section into the sheet, or bring the readings into the section.",
                        Source.COMPUTED,
                        ""));
    }

    private void decided(Said said, BoreItem.Seal seal, Section section) {
        SealSize size = said.size();
        if (size != null && section.shaftDiameterMm() != null) {
            differ("shaft of the seal", size.shaftMm(), section.shaftDiameterMm());
            differ("outside of the seal", size.boreMm(), seal.outsideDiameterMm());
            differ("width of the seal", size.widthMm(), seal.widthMm());
        }
        if (said.mainLip() != null && said.mainLip() != seal.mainLip()) {
            out.add("open side faces " + said.mainLip().words() + " on the sheet, "
                    + seal.mainLip().words() + " in the section");
        }
        differ("depth of its outer face", said.depthMm(), seal.fromMm());
    }

    /** A seal of the job that stands nowhere in the section on the bench. */
    public static Finding notInSection() {
        return Finding.missing(
                "section-differs",
                "sheets against the section on the bench",
                "This seal is not in the section: it is judged as its sheet puts it.",
                "Add it on the bench, or take it out of the job.");
    }

    /** Seals of the section that no item of the job stands for. @param count how many */
    public static Finding notInJob(long count) {
        return Finding.missing(
                "no-item",
                "seals of the section against the job",
                (count == 1 ? "One seal" : count + " seals")
                        + " of the section has no sheet of its own: its size, depth and batch are not read.",
                "Add it to the job.");
    }

    private void readings(Section typed, Section section) {
        differ("stop", place(typed, BoreItem.Shoulder.class), place(section, BoreItem.Shoulder.class));
        differ(
                "bearing",
                typed.boreItem(BoreItem.Bearing.class)
                        .map(BoreItem.Bearing::turningFromMm)
                        .orElse(null),
                section.boreItem(BoreItem.Bearing.class)
                        .map(b -> b.turningFromMm() == null ? b.fromMm() : b.turningFromMm())
                        .orElse(null));
        differ(
                "ground band from",
                stretch(typed, ShaftItem.RunningSurface.class),
                stretch(section, ShaftItem.RunningSurface.class));
        differ(
                "old groove from",
                stretch(typed, ShaftItem.WearGroove.class),
                stretch(section, ShaftItem.WearGroove.class));
        if (typed.inside().medium() != section.inside().medium()) {
            out.add(typed.inside().medium().words() + " inside on the sheets, "
                    + section.inside().medium().words() + " in the section");
        }
        if (!Objects.equals(typed.inside().mpa(), section.inside().mpa())) {
            out.add("pressure inside " + Length.show(typed.inside().mpa(), 2) + " MPa on the sheets, "
                    + Length.show(section.inside().mpa(), 2) + " in the section");
        }
    }

    private static @Nullable Double place(Section section, Class<? extends BoreItem> kind) {
        return section.boreItem(kind).map(BoreItem::fromMm).orElse(null);
    }

    private static @Nullable Double stretch(Section section, Class<? extends ShaftItem> kind) {
        return section.shaftItem(kind).map(ShaftItem::fromMm).orElse(null);
    }

    /** What was not typed does not differ. */
    private void differ(String what, @Nullable Double typed, @Nullable Double arranged) {
        if (typed != null && (arranged == null || Math.abs(typed - arranged) > SAME_MM)) {
            out.add(what + " " + Length.show(typed, 2) + " on the sheet, "
                    + (arranged == null ? "not in the section" : Length.show(arranged, 2) + " in the section"));
        }
    }
}
