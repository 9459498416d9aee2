package joropo.core.bearing;

import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import joropo.core.tables.CsvTable;
import joropo.core.verdict.Status;

/** What is seen on a bearing that was turned dry and clean (guide, {@code bearing-signs.csv}). */
public enum BearingSign {
    STAINED,
    TRACK_FAINT,
    ROUGH,
    TIGHT,
    LOOSE,
    TRACK_UNEVEN,
    SPALLED,
    BRINELLED,
    BLUED,
    CAGE_BENT,
    CRACKED,
    RUST_ON_TRACK,
    DEBRIS,
    TOUCHES_SHAFT_RING;

    private record Line(BearingSign sign, String name, Map<Duty, Status> states, String message) {
        Line(CsvTable.Row row) {
            this(
                    BearingSign.valueOf(row.text("sign")),
                    row.text("name"),
                    Map.of(
                            Duty.SLOW, Status.valueOf(row.text("slow")),
                            Duty.CONTINUOUS, Status.valueOf(row.text("continuous")),
                            Duty.CRITICAL, Status.valueOf(row.text("critical"))),
                    row.text("message"));
        }
    }

    /** Read on first use, since an enum's own constants come first. */
    private static final class Table {
        private static final Map<BearingSign, Line> LINES = CsvTable.rows("bearing-signs", Line::new).stream()
                .collect(Collectors.toMap(Line::sign, Function.identity()));
    }

    private Line line() {
        return Table.LINES.get(this);
    }

    public String words() {
        return line().name;
    }

    /** Whether it may go on with this duty. */
    Status allows(Duty duty) {
        return line().states.get(duty);
    }

    String message() {
        return line().message;
    }
}
