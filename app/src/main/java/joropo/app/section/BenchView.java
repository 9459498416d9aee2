package joropo.app.section;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import joropo.app.drawing.Orientation;
import joropo.app.drawing.Paper;
import joropo.app.ui.FindingLine;
import joropo.app.ui.FormField;
import joropo.app.ui.StatusMark;
import joropo.core.section.Schools.School;
import joropo.core.section.SectionResult.Shift;
import org.jspecify.annotations.Nullable;

/**
 * A section on the bench as its page shows it.
 *
 * @param seen number of the move that is shown, @param at what is in hand, @param part its name among the parts of the
 *     bore, empty: it has none, @param drawing, @param narrow the same for wide and narrow screens
 * @param undo, @param redo what would be undone or done again, in words; absent: nothing
 * @param drawn the section on a paper, empty while shaft or bore are not known, @param said what happened and what
 *     follows, for those who do not see it, @param notice what was not done and why, empty: nothing
 */
@RecordBuilder
public record BenchView(
        long id,
        String name,
        SectionRole role,
        @Nullable String jobNumber,
        boolean editable,
        long seen,
        String at,
        String part,
        Orientation view,
        Function<Paper, String> drawn,
        List<Row> rows,
        Panel panel,
        List<FindingLine> findings,
        StatusMark verdict,
        List<SchoolView> schools,
        @Nullable String undo,
        boolean redo,
        String order,
        String said,
        String notice,
        Map<String, String> kinds) {
    /**
     * One thing of the section in the list from outside to inside. @param sign absent where nothing was judged about it
     */
    public record Row(
            String key,
            String name,
            String place,
            String more,
            @Nullable StatusMark sign,
            boolean chosen,
            String group) {}

    /**
     * What is in hand. @param moves whether it has a place along the axis, @param turns whether it has an open
     * side, @param part whether it is a part of the bore
     */
    @RecordBuilder
    public record Panel(
            String title,
            boolean moves,
            boolean turns,
            boolean part,
            boolean takesOut,
            List<FormField> fields,
            List<FormField> folded,
            Map<String, String> errors,
            List<Shift> shifts) {}

    /** One school. @param number among those offered */
    public record SchoolView(int number, School school, StatusMark sign, List<String> against) {}

    /** @param paper name of one */
    public String drawing(String paper) {
        return drawn.apply(Paper.valueOf(paper));
    }

    public boolean isUpright() {
        return view.isUpright();
    }
}
