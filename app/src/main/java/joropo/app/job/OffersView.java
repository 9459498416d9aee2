package joropo.app.job;

import java.util.List;
import joropo.app.ui.Figure;
import joropo.app.ui.Sign;
import joropo.app.ui.StruckOutLine;
import joropo.core.sizes.SealSize;
import org.jspecify.annotations.Nullable;

/**
 * What a stage offers and shows beside its fields; empty where it does not belong to the stage or nothing is known.
 *
 * @param seals the recommended one and the next best, @param more all others that may be taken, @param track the
 *     running surface as a picture
 */
public record OffersView(
        List<SealSize> sizes,
        List<SealView> seals,
        List<SealView> more,
        List<StruckOutLine> struckOut,
        List<RemedyView> remedies,
        List<WayView> ways,
        String wayNote,
        String track,
        @Nullable DriverView driver,
        @Nullable DiagnosisView diagnosis) {
    /** A seal that may be taken. @param take what its button sends */
    public record SealView(int rank, String words, String take, Sign sign, List<String> reasons, boolean taken) {}

    /** A remedy for the running surface. @param take what its button sends */
    public record RemedyView(
            String words,
            String take,
            Sign sign,
            String reason,
            String precondition,
            String caution,
            boolean taken,
            boolean ruledOut) {}

    /** A way of taking the old seal out. */
    public record WayView(String words, Sign sign, String reason, List<String> cautions) {}

    /** The driver in figures and as a picture. */
    public record DriverView(List<Figure> figures, String drawing) {}

    /** Why it leaks. @param next what to look at next, absent when nothing is left */
    public record DiagnosisView(
            List<CauseView> causes, @Nullable NextView next) {}

    /** A cause, never certain. */
    public record CauseView(String words, String score, boolean ofTheSeal, String why, String remedy) {}

    /** A sign to look at. @param field it is answered in */
    public record NextView(String words, String check, String field) {}
}
