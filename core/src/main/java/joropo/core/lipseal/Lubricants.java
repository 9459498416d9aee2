package joropo.core.lipseal;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import joropo.core.material.Elastomer;
import joropo.core.material.Fluid;
import joropo.core.material.Medium;
import joropo.core.section.CaseType;
import org.jspecify.annotations.Nullable;

/** What goes where before a lip seal is driven in, as far as medium and material allow it (guide). */
public final class Lubricants {
    /** Greases that a workshop has, the usual first. */
    private static final List<String> GREASES = List.of("MINERAL_GREASE", "SILICONE_GREASE");

    private Lubricants() {}

    /** A place with what belongs there. @param words one sentence, what must not be there too */
    public record Zone(Place place, String words) {}

    /** Where lubricant belongs, or must stay away. */
    public enum Place {
        LIP,
        BETWEEN_LIPS,
        CASE,
        SPLINES
    }

    /**
     * @param inside what the lip keeps, absent: not known, @param food whether the plant makes food, @param splines
     *     whether splines or a coupling end pass here
     */
    public static List<Zone> of(
            Elastomer material,
            @Nullable Medium inside,
            Layout layout,
            CaseType caseType,
            boolean food,
            boolean splines) {
        String grease = grease(material)
                .map(f -> f.name() + (food ? ", food-grade" : ""))
                .orElse(null);
        List<Zone> out = new ArrayList<>();
        String own = inside == null || inside == Medium.AIR || inside == Medium.VACUUM
                ? ""
                : "the " + inside.words() + " itself";
        out.add(new Zone(
                Place.CASE,
                caseType == CaseType.RUBBER
                        ? "Case outside: a light film of " + (grease == null ? asMaker(material) : grease)
                                + "; no sealant in a sound bore."
                        : "Case outside: dry, or a light sealant as its maker says, kept off the lip."));
        out.add(new Zone(
                Place.LIP,
                "Lip and running surface: "
                        + Stream.of(own, grease == null ? asMaker(material) : grease)
                                .filter(s -> !s.isEmpty())
                                .reduce((a, b) -> a + ", or " + b)
                                .orElse("")
                        + (forbidsMineral(material) ? "; never mineral oil or grease on " + material.code() : "")
                        + ". Never dry at the first turn."));
        if (layout.hasDustLip() || layout.isPair()) {
            out.add(new Zone(
                    Place.BETWEEN_LIPS,
                    "Between the lips: " + (grease == null ? asMaker(material) : grease)
                            + ", a third to a half of the room."));
        }
        if (splines) {
            out.add(new Zone(
                    Place.SPLINES,
                    "Splines: their own grease, on the side that it may reach; blind splines are not "
                            + "filled: a clean line is left as an air path, or they push back like a cylinder."));
        }
        return out;
    }

    /** A grease that the material stands without doubt: rating 1 or 2. */
    static Optional<Fluid> grease(Elastomer material) {
        return GREASES.stream()
                .map(Fluid::of)
                .filter(f -> f.rating(material).map(r -> r <= Fluid.CONDITIONS).orElse(false))
                .findFirst();
    }

    private static boolean forbidsMineral(Elastomer material) {
        return Fluid.of(GREASES.get(0))
                .rating(material)
                .map(r -> r >= Fluid.DOUBTFUL)
                .orElse(true);
    }

    private static String asMaker(Elastomer material) {
        return "what the maker of the " + material.code() + " seal names";
    }
}
