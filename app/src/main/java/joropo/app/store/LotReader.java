package joropo.app.store;

import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.function.Supplier;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import joropo.app.settings.Shop;
import joropo.app.ui.Errors;
import joropo.core.arrangement.PartKind;
import joropo.core.material.CureQuarter;
import joropo.core.material.Elastomer;
import joropo.core.sizes.SealSize;
import joropo.core.units.FieldError;
import joropo.core.units.LengthUnit;
import joropo.core.units.RefusedInput;
import org.jspecify.annotations.Nullable;

/** Reads a lot from texts, from the form as from a line of a file; each text that will not do is named. */
final class LotReader {
    static final List<String> FIELDS =
            List.of("kind", "name", "size", "material", "batch", "cured", "count", "place", "source");
    private static final String KINDS =
            Arrays.stream(PartKind.values()).map(PartKind::words).collect(Collectors.joining(", "));
    private static final int LONGEST = 60;
    private static final int MOST = 10_000;
    private static final Pattern WHOLE = Pattern.compile("\\d{1,6}");

    private final Map<String, String> texts;
    private final LengthUnit unit;
    private final Shop shop;
    private final Map<String, String> errors = new LinkedHashMap<>();

    private LotReader(Map<String, String> texts, LengthUnit unit, Shop shop) {
        this.texts = texts;
        this.unit = unit;
        this.shop = shop;
    }

    /** @throws RefusedInput naming every field that will not do */
    static NewLot read(Map<String, String> texts, LengthUnit unit, Shop shop) {
        return new LotReader(texts, unit, shop).lot();
    }

    /** What the next lot has from the one before: where it lies and who brought it, no word of what it is. */
    static Map<String, String> beside(Lot lot) {
        return Map.of("place", lot.place(), "source", lot.source());
    }

    /** Another tin of the same, asked for as such: its batch and its cure date are read from that tin. */
    static Map<String, String> like(Lot lot) {
        Map<String, String> out = texts(lot);
        out.keySet().removeAll(Set.of("batch", "cured"));
        return out;
    }

    /** The texts of a lot as they were written. */
    static Map<String, String> texts(Lot lot) {
        Map<String, String> out = new LinkedHashMap<>();
        out.put("batch", lot.batch());
        out.put("kind", lot.kind().name());
        out.put("name", lot.name());
        out.put("size", lot.size());
        out.put("material", Objects.requireNonNullElse(lot.material(), ""));
        out.put("cured", lot.cured() == null ? "" : lot.cured().toString());
        out.put("count", String.valueOf(lot.onHand()));
        out.put("place", lot.place());
        out.put("source", lot.source());
        return out;
    }

    private NewLot lot() {
        PartKind kind = Arrays.stream(PartKind.values())
                .filter(k -> k.name().equals(text("kind")) || k.words().equalsIgnoreCase(text("kind")))
                .findFirst()
                .orElse(null);
        if (kind == null) {
            errors.put(
                    "kind",
                    text("kind").isEmpty()
                            ? "is needed"
                            : "is none of the kinds: " + text("kind") + "; write " + KINDS);
        }
        FIELDS.stream()
                .filter(f -> text(f).length() > LONGEST)
                .forEach(f -> errors.put(f, "has room for " + LONGEST + " characters"));
        String size = size(kind);
        String material = material(kind);
        CureQuarter cured = text("cured").isEmpty() ? null : refusing("cured", () -> CureQuarter.parse(text("cured")));
        if (cured != null && !cured.hasBegun(shop.today())) {
            errors.put("cured", "has not come yet: read the bag again");
        }
        if (text("batch").isEmpty()) {
            errors.putIfAbsent("batch", "is needed: the maker will ask for it");
        }
        if (text("place").isEmpty()) {
            errors.putIfAbsent("place", "is needed: where it lies");
        }
        int count = WHOLE.matcher(text("count")).matches() ? Integer.parseInt(text("count")) : 0;
        if (count < 1 || count > MOST) {
            errors.putIfAbsent("count", "must be a whole number from 1 to " + MOST);
        }
        if (!errors.isEmpty()) {
            throw new RefusedInput(errors.entrySet().stream()
                    .map(e -> new FieldError(e.getKey(), e.getValue()))
                    .toList());
        }
        return NewLotBuilder.builder()
                .kind(kind)
                .name(text("name"))
                .size(size)
                .material(material)
                .batch(text("batch"))
                .cured(cured)
                .place(text("place"))
                .source(text("source"))
                .count(count)
                .build();
    }

    private String size(@Nullable PartKind kind) {
        if (kind == PartKind.LIP_SEAL) {
            SealSize size = refusing("size", () -> SealSize.parse(text("size"), unit));
            return size == null ? "" : size.words();
        }
        return text("size");
    }

    /** What is made of rubber says of which. */
    private @Nullable String material(@Nullable PartKind kind) {
        String code = text("material");
        if (code.isEmpty()) {
            if (kind == PartKind.LIP_SEAL || kind == PartKind.O_RING) {
                errors.putIfAbsent("material", "is needed: its date follows from it");
            }
            return null;
        }
        if (Elastomer.all().stream().noneMatch(m -> m.code().equals(code))
                && shop.materials().stream().noneMatch(m -> m.code().equals(code))) {
            errors.putIfAbsent("material", "is no seal material: " + code);
        }
        return code;
    }

    private <T> @Nullable T refusing(String field, Supplier<T> reader) {
        try {
            return reader.get();
        } catch (RefusedInput e) {
            errors.putIfAbsent(field, e.errors().get(0).message());
            return null;
        }
    }

    private String text(String field) {
        return texts.getOrDefault(field, "").strip();
    }

    /** One sentence of all that was refused. */
    static String sentence(RefusedInput refused) {
        return String.join(
                " ",
                refused.errors().stream()
                        .map(e -> Errors.sentence(e.field() + " " + e.message()))
                        .toList());
    }
}
