package joropo.app.section;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.stream.IntStream;
import joropo.app.access.Person;
import joropo.app.drawing.DrawingStyle;
import joropo.app.drawing.Orientation;
import joropo.app.drawing.Paper;
import joropo.app.drawing.Pin;
import joropo.app.drawing.SectionDrawing;
import joropo.app.drawing.SectionPicture;
import joropo.app.section.BenchView.Panel;
import joropo.app.section.BenchView.Row;
import joropo.app.section.BenchView.SchoolView;
import joropo.app.ui.FindingLine;
import joropo.app.ui.Judged;
import joropo.app.ui.Show;
import joropo.app.ui.StatusMark;
import joropo.core.lipseal.LipSealRules;
import joropo.core.section.BoreItem;
import joropo.core.section.GreaseFeed;
import joropo.core.section.Schools.School;
import joropo.core.section.Section;
import joropo.core.section.SectionResult;
import joropo.core.section.SectionResult.Band;
import joropo.core.section.SectionResult.Shift;
import joropo.core.section.ShaftItem;
import joropo.core.section.Space;
import joropo.core.units.Length;
import joropo.core.verdict.Finding;
import joropo.core.verdict.Status;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Makes the page of a section: judged, drawn, listed, with a form for what is in hand. */
@Component
class BenchPages {
    private final SectionText json;
    private final Show show;

    BenchPages(SectionText json, Show show) {
        this.json = json;
        this.show = show;
    }

    /**
     * What a page shows besides the section. @param typed texts that were refused, with their errors, @param what was
     * just done, in words
     */
    record Asked(
            ItemRef at,
            Orientation view,
            Map<String, String> typed,
            Map<String, String> errors,
            String what,
            String notice) {}

    BenchView view(
            StoredSection sheet, Section section, @Nullable Section found, boolean redo, Asked asked, Person person) {
        Section beside = found == null ? section : section.comparedWith(found);
        SectionResult result = LipSealRules.section(beside);
        List<Finding> findings = result.findings().stream()
                .sorted(Comparator.comparing(Finding::status))
                .toList();
        List<FindingLine> lines = IntStream.range(0, findings.size())
                .mapToObj(i -> show.line(i + 1, findings.get(i)))
                .toList();
        StatusMark verdict = show.verdict(findings);
        boolean editable = sheet.isOpen() && person.mayWork() && sheet.role() != SectionRole.AS_FOUND;
        return BenchViewBuilder.builder()
                .id(sheet.id())
                .name(section.name().isBlank() ? "Section " + sheet.id() : section.name())
                .role(sheet.role())
                .jobNumber(sheet.jobNumber())
                .editable(editable)
                .seen(sheet.atMove())
                .at(asked.at().toString())
                .part(asked.at().name(section))
                .view(asked.view())
                .drawn(paper -> drawing(beside, result, findings, asked, paper))
                .rows(rows(section, findings, asked.at()))
                .panel(panel(section, result, asked, person))
                .findings(lines)
                .verdict(verdict)
                .schools(schools(section))
                .undo(sheet.beforeId() == null ? null : sheet.what())
                .redo(redo)
                .order(String.join(", ", result.buildOrder()))
                .said(said(asked, lines))
                .notice(sheet.isOpen() && sheet.role() == SectionRole.AS_FOUND ? BenchMoves.FOLLOWS : asked.notice())
                .kinds(SectionMoves.KINDS)
                .build();
    }

    /** What happened, the verdict, and the worst that follows. */
    private String said(Asked asked, List<FindingLine> lines) {
        if (asked.what().isEmpty()) {
            return "";
        }
        FindingLine worst = lines.get(0);
        long failing =
                lines.stream().filter(l -> l.finding().status() == Status.FAIL).count();
        return asked.what() + ". "
                + (worst.finding().status() == Status.PASS
                        ? "Everything is right."
                        : (failing == 0 ? "Nothing is wrong" : failing + (failing == 1 ? " is wrong" : " are wrong"))
                                + "; first: " + worst.finding().subject() + ", "
                                + worst.sign().word() + ". " + worst.finding().message());
    }

    private static String drawing(
            Section section, SectionResult result, List<Finding> findings, Asked asked, Paper wanted) {
        if (section.shaftDiameterMm() == null || section.boreDiameterMm() == null) {
            return "";
        }
        List<Pin> pins = IntStream.range(0, findings.size())
                .filter(i -> findings.get(i).status() != Status.PASS)
                .mapToObj(i -> Pin.of(
                        i + 1,
                        findings.get(i).status(),
                        findings.get(i).id(),
                        findings.get(i).part()))
                .toList();
        List<Band> tracks = result.lipTracks().stream()
                .map(t -> new Band(t.fromMm(), t.toMm()))
                .toList();
        boolean upright = asked.view().isUpright();
        Paper paper = upright && wanted == Paper.WIDE ? Paper.WHOLE : wanted;
        Orientation view = upright && paper == Paper.NARROW ? Orientation.OUTSIDE_LEFT : asked.view();
        return SectionDrawing.svg(
                SectionPicture.of(section, tracks)
                        .with(pins)
                        .with(new DrawingStyle(
                                paper,
                                view,
                                true,
                                asked.at().list() == 'b' ? asked.at().index() : null)),
                paper == Paper.NARROW ? "n-" : "w-");
    }

    /** From outside to inside: each space, then the parts up to the next one; then the shaft, joints, marks. */
    private List<Row> rows(Section section, List<Finding> findings, ItemRef at) {
        Map<String, Status> worst = new HashMap<>();
        findings.forEach(f -> worst.merge(Objects.requireNonNullElse(f.part(), ""), f.status(), Status::worse));
        List<Row> out = new ArrayList<>();
        out.add(row(
                ItemRef.ENTRY,
                section,
                "",
                section.shaftDiameterMm() == null
                        ? ""
                        : "shaft " + plain(section.shaftDiameterMm())
                                + (section.boreDiameterMm() == null ? "" : ", bore " + plain(section.boreDiameterMm())),
                worst.get(""),
                at,
                "Entry"));
        int space = 0;
        out.add(space(section, space, worst, at));
        for (int i = 0; i < section.boreItems().size(); i++) {
            BoreItem item = section.boreItems().get(i);
            String more = item instanceof BoreItem.Sealing s
                    ? "faces " + s.open().words()
                            + (s instanceof BoreItem.Seal seal && seal.dustLip() != null
                                    ? ", dust lip " + seal.dustLip().words()
                                    : "")
                    : "";
            out.add(row(
                    new ItemRef('b', i),
                    section,
                    plain(item.fromMm()) + (item.toMm() > item.fromMm() ? " to " + plain(item.toMm()) : ""),
                    more,
                    item.id() == null ? null : worst.get(item.id()),
                    at,
                    ""));
            if (item instanceof BoreItem.Sealing) {
                out.add(space(section, ++space, worst, at));
            }
        }
        for (int i = 0; i < section.shaftItems().size(); i++) {
            ShaftItem item = section.shaftItems().get(i);
            out.add(row(
                    new ItemRef('s', i),
                    section,
                    plain(item.fromMm()) + " to " + plain(item.toMm()),
                    "",
                    null,
                    at,
                    i == 0 ? "Shaft" : ""));
        }
        for (int i = 0; i < section.joints().size(); i++) {
            var joint = section.joints().get(i);
            out.add(row(
                    new ItemRef('j', i),
                    section,
                    "",
                    new ItemRef('p', joint.between().get(0)).words(section) + " to "
                            + new ItemRef('p', joint.between().get(1)).words(section),
                    worst.get(joint.kind().name()),
                    at,
                    i == 0 ? "Joints" : ""));
        }
        for (int i = 0; i < section.clockMarks().size(); i++) {
            out.add(row(
                    new ItemRef('c', i),
                    section,
                    plain(section.clockMarks().get(i).clock()) + " o'clock",
                    section.clockMarks().get(i).what(),
                    null,
                    at,
                    i == 0 ? "Clock marks" : ""));
        }
        return out;
    }

    private Row space(Section section, int number, Map<String, Status> worst, ItemRef at) {
        Space s = section.spaces().get(number);
        String pressure = s.mpa() == 0 ? "" : ", " + Length.show(s.mpa(), 2) + " MPa";
        return row(
                new ItemRef('p', number),
                section,
                "",
                s.words()
                        + pressure
                        + (s.vented() ? ", vented" : "")
                        + (s.greaseFeed() == GreaseFeed.NONE
                                ? ""
                                : ", " + s.greaseFeed().words()),
                worst.get("space" + number),
                at,
                number == 0 ? "From outside to inside" : "");
    }

    private Row row(
            ItemRef key,
            Section section,
            String place,
            String more,
            @Nullable Status status,
            ItemRef at,
            String group) {
        return new Row(
                key.toString(),
                key.words(section),
                place,
                more,
                status == null ? null : show.mark(status, Judged.ARRANGEMENT),
                key.equals(at),
                group);
    }

    private static String plain(double mm) {
        return Length.show(mm, 2);
    }

    private Panel panel(Section section, SectionResult result, Asked asked, Person person) {
        ItemRef at = asked.at();
        var form = new PartForm(at, section, json, person.unit());
        BoreItem item = at.list() == 'b' ? section.boreItems().get(at.index()) : null;
        List<Shift> shifts = item instanceof BoreItem.Seal seal
                ? result.shifts().stream()
                        .filter(s -> s.seal().equals(seal.id()))
                        .toList()
                : List.of();
        return BenchViewPanelBuilder.builder()
                .title(at.words(section))
                .moves(at.list() == 'b' || at.list() == 's')
                .turns(item instanceof BoreItem.Sealing)
                .part(item instanceof BoreItem.Part)
                .takesOut(at.list() != 'e' && at.list() != 'p')
                .fields(form.shown(asked.typed(), asked.errors()))
                .folded(form.folded(asked.typed(), asked.errors()))
                .errors(asked.errors())
                .shifts(shifts)
                .build();
    }

    private List<SchoolView> schools(Section section) {
        List<School> schools = LipSealRules.schools(section);
        return IntStream.range(0, schools.size())
                .mapToObj(i -> new SchoolView(
                        i,
                        schools.get(i),
                        show.mark(schools.get(i).verdict(), Judged.ARRANGEMENT),
                        schools.get(i).findings().stream()
                                .filter(f -> f.status() != Status.PASS && f.status() != Status.MISSING)
                                .map(f -> f.id() + ": " + f.message())
                                .toList()))
                .toList();
    }
}
