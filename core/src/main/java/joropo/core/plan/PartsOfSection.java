package joropo.core.plan;

import java.util.Collection;
import java.util.LinkedHashSet;
import java.util.Optional;
import java.util.Set;
import joropo.core.arrangement.PartKind;
import joropo.core.section.BoreItem;
import joropo.core.section.Section;

/** Which kinds of part lie in a bore: what has to come off, and goes back in (guide). */
public final class PartsOfSection {
    private PartsOfSection() {}

    /** Each kind once, from the outside in; what belongs to the housing itself is no part. */
    public static Collection<PartKind> of(Section section) {
        Set<PartKind> out = new LinkedHashSet<>();
        section.boreItems().forEach(i -> kind(i).ifPresent(out::add));
        return out;
    }

    /** What it is, as it comes off and goes in; empty for what belongs to the housing itself. */
    public static Optional<PartKind> kind(BoreItem item) {
        return item.accept(new KindOf());
    }

    private static final class KindOf implements BoreItem.Visitor<Optional<PartKind>> {
        @Override
        public Optional<PartKind> seal(BoreItem.Seal seal) {
            return Optional.of(PartKind.LIP_SEAL);
        }

        @Override
        public Optional<PartKind> chevron(BoreItem.Chevron set) {
            return Optional.of(PartKind.CHEVRON);
        }

        @Override
        public Optional<PartKind> ring(BoreItem.Ring ring) {
            return Optional.of(PartKind.RETAINING_RING);
        }

        @Override
        public Optional<PartKind> spacer(BoreItem.Spacer spacer) {
            return Optional.of(PartKind.SPACER);
        }

        @Override
        public Optional<PartKind> shoulder(BoreItem.Shoulder shoulder) {
            return Optional.empty();
        }

        @Override
        public Optional<PartKind> port(BoreItem.Port port) {
            return Optional.empty();
        }

        @Override
        public Optional<PartKind> bearing(BoreItem.Bearing bearing) {
            return Optional.of(PartKind.BEARING);
        }

        @Override
        public Optional<PartKind> cover(BoreItem.Cover cover) {
            return Optional.of(PartKind.COVER);
        }

        @Override
        public Optional<PartKind> step(BoreItem.Step step) {
            return Optional.empty();
        }

        @Override
        public Optional<PartKind> leadIn(BoreItem.LeadIn leadIn) {
            return Optional.empty();
        }
    }
}
