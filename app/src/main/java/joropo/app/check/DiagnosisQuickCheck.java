package joropo.app.check;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.tags.Tag;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import joropo.app.check.QuickResult.Entry;
import joropo.app.check.QuickResult.Listing;
import joropo.app.settings.Shop;
import joropo.app.ui.Field;
import joropo.app.ui.Show;
import joropo.app.ui.SymptomFields;
import joropo.core.diagnosis.Cause;
import joropo.core.diagnosis.DiagnosisCheck;
import joropo.core.diagnosis.DiagnosisInput;
import joropo.core.diagnosis.DiagnosisResult;
import joropo.core.diagnosis.Symptom;
import joropo.core.units.Length;
import org.springframework.core.annotation.Order;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Which causes point to what is seen. */
@RestController
@Order(10)
@Tag(name = "checks")
class DiagnosisQuickCheck implements QuickCheck {
    private static final String PATH = "/api/v1/checks/diagnosis";
    private static final QuickForm FORM = askedInGroups();

    private final Show show;

    DiagnosisQuickCheck(Show show) {
        this.show = show;
    }

    @Override
    public QuickForm form() {
        return FORM;
    }

    @PostMapping(PATH)
    @Operation(summary = "Causes that signs point to, and the sign that would tell most next")
    CheckAnswer<DiagnosisResult> check(@RequestBody DiagnosisInput input) {
        DiagnosisResult result = DiagnosisCheck.check(input);
        return CheckAnswer.of(kind(), result, result.findings());
    }

    @Override
    public QuickResult run(Map<String, Object> values, Shop shop) {
        DiagnosisResult r = DiagnosisCheck.check(new DiagnosisInput(
                SymptomFields.answered(f -> (String) values.get(f.name()), SymptomFields.SEEN),
                SymptomFields.answered(f -> (String) values.get(f.name()), SymptomFields.ABSENT),
                null));
        List<Listing> lists = new ArrayList<>();
        if (r.nextCheck() != null) {
            Symptom next = Symptom.of(r.nextCheck()).orElseThrow();
            lists.add(new Listing(
                    "Look at this next", false, List.of(new Entry(null, next.words() + "?", next.check()))));
        }
        lists.add(new Listing(
                "What it points to, never certain",
                false,
                r.causes().stream()
                        .limit(QuickResult.BEST)
                        .map(c -> {
                            Cause cause = Cause.of(c.cause()).orElseThrow();
                            return new Entry(
                                    null,
                                    cause.words() + ", " + Length.show(c.score(), 1),
                                    String.join("; ", c.why()) + ". " + cause.remedy()
                                            + (cause.ofTheSeal() ? "." : ". Not the seal."));
                        })
                        .toList()));
        return QuickResult.of(show, r.findings(), List.of(), lists.toArray(Listing[]::new));
    }

    @GetMapping(PATH + "/signs")
    @Operation(summary = "Lists the signs that a diagnosis knows")
    List<Symptom> signs() {
        return Symptom.all();
    }

    private static QuickForm askedInGroups() {
        QuickForm form = QuickForm.of(
                        "diagnosis",
                        "Why does it leak?",
                        "What is seen, what is not, and which causes that points to; what to look at next.")
                .mind("Look with the machine stopped and locked; a jet under pressure goes through skin.");
        for (Symptom.Group group : Symptom.Group.values()) {
            Field<?>[] fields = SymptomFields.of(group).toArray(Field<?>[]::new);
            form = group == Symptom.Group.INNOCENT || group == Symptom.Group.RUNNING
                    ? form.with(group.words(), fields)
                    : form.folded(group.words(), fields);
        }
        return form.into(Symptom.all().stream()
                .filter(s -> s.group().compareTo(Symptom.Group.LIP) <= 0)
                .map(SymptomFields::name)
                .toArray(String[]::new));
    }
}
