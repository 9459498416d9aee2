package joropo.core.plan;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import joropo.core.arrangement.PartKind;
import joropo.core.material.CureQuarter;
import joropo.core.material.ShelfLife;
import joropo.core.verdict.Status;
import org.jspecify.annotations.Nullable;

/**
 * Which lots of the store serve for a part, in the order in which they are to be used: the oldest first, those past
 * their date last (guide; dates by ISO 2230).
 */
public final class StockMatch {
    private static final Pattern INCH = Pattern.compile("(?i)\\bin(?:ch)?\\b|\\din\\b|\"");
    private static final Pattern NUMBER = Pattern.compile("\\d+(?:[.,]\\d+)?");

    private StockMatch() {}

    /**
     * A lot as it lies in the store. @param material code, absent for parts without rubber, @param family listed
     * material that it ages as, @param cured absent where nobody knows, @param onHand how many are there
     */
    @RecordBuilder
    public record Lot(
            long id,
            PartKind kind,
            String name,
            String size,
            @Nullable String material,
            @Nullable String family,
            @Nullable CureQuarter cured,
            boolean extended,
            int onHand,
            LocalDate receivedOn) {
        public ShelfLife life(LocalDate today) {
            return kind == PartKind.SEALANT && material == null
                    ? ShelfLife.byItsMaker()
                    : ShelfLife.of(family, cured, extended, today);
        }
    }

    /**
     * A lot that serves. @param enough whether there are as many as are wanted, @param needsLead whether it is past its
     * date, or its date is not known, @param untold what the lot does not tell of what it has to be, none: it is known
     * to be the part
     */
    public record Offer(Lot lot, ShelfLife life, boolean enough, boolean needsLead, List<String> untold) {
        /** Right only where all of it is known. */
        public Status status() {
            Status dated = life.finding().status();
            return untold.isEmpty() ? dated : dated.worse(Status.MISSING);
        }
    }

    /**
     * Lots of the same kind, size and material that hold at least one. A material that is not decided is not asked for;
     * a lot that says none serves for none that is. A lot that tells another layout, case or style serves not; one that
     * tells nothing of it serves, and has to be looked at.
     */
    public static List<Offer> of(Part part, List<Lot> lots, LocalDate today) {
        return lots.stream()
                .filter(l -> l.kind() == part.kind()
                        && l.onHand() > 0
                        && sameSize(l, part)
                        && (part.material() == null || part.material().equals(l.material()))
                        && part.told().stream().noneMatch(t -> Boolean.FALSE.equals(t.in(l.name()))))
                .map(l -> offer(l, part, today))
                .sorted(Comparator.comparing((Offer o) -> !o.untold().isEmpty())
                        .thenComparing(Offer::needsLead)
                        .thenComparing(o -> o.life().useBy(), Comparator.nullsLast(Comparator.naturalOrder()))
                        .thenComparing(o -> o.lot().receivedOn())
                        .thenComparing(o -> o.lot().id()))
                .toList();
    }

    private static Offer offer(Lot lot, Part part, LocalDate today) {
        ShelfLife life = lot.life(today);
        return new Offer(
                lot,
                life,
                lot.onHand() >= part.count(),
                needsLead(life),
                part.told().stream()
                        .filter(t -> t.in(lot.name()) == null)
                        .map(Part.Told::what)
                        .toList());
    }

    /** Past its date, or without one where there has to be one: a lead releases it with a reason. */
    public static boolean needsLead(ShelfLife life) {
        return life.finding().status() == Status.FAIL || life.finding().status() == Status.MISSING;
    }

    /**
     * The same figures in the same order, however they are parted; a part without figures goes by its name, among lots
     * that have none either.
     */
    private static boolean sameSize(Lot lot, Part part) {
        return part.size().isBlank()
                ? lot.size().isBlank()
                        && lot.name()
                                .toLowerCase(Locale.ROOT)
                                .contains(part.name().toLowerCase(Locale.ROOT))
                : sameFigures(lot.size(), part.size());
    }

    /** Under what sizes with the same figures in the same order and the same unit lie, however they are parted. */
    public static String figuresOf(String size) {
        return figures(size) + (INCH.matcher(size).find() ? " in" : "");
    }

    /** Whether two sizes have the same figures in the same order and the same unit, however they are parted. */
    public static boolean sameFigures(String one, String other) {
        return figuresOf(one).equals(figuresOf(other));
    }

    private static List<Double> figures(String size) {
        return NUMBER.matcher(size)
                .results()
                .map(MatchResult::group)
                .map(n -> Double.valueOf(n.replace(',', '.')))
                .toList();
    }
}
