package joropo.app.job;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import joropo.app.family.Families;
import joropo.app.family.JobFacts;
import joropo.app.family.Stage;
import joropo.app.family.Typed;
import joropo.app.settings.SettingsService;
import joropo.core.section.Section;
import org.springframework.stereotype.Component;

/** Makes what follows from a job, with the families there are and the workshop as it is today. */
@Component
class JobWorks {
    private final Families families;
    private final SettingsService settings;
    private final SectionOnSheets onSheets;

    JobWorks(Families families, SettingsService settings, SectionOnSheets onSheets) {
        this.families = families;
        this.settings = settings;
        this.onSheets = onSheets;
    }

    JobWork of(JobState state) {
        return of(state, state.texts());
    }

    /** As if these texts stood in its sheets. */
    JobWork of(JobState state, Map<Stage, Map<String, Typed>> texts) {
        return following(state, whole(state, texts));
    }

    /** The texts of a job with what its section said while it was kept beside them. */
    Map<Stage, Map<String, Typed>> whole(JobState state, Map<Stage, Map<String, Typed>> texts) {
        Section planned = state.sections().planned();
        return planned == null ? texts : onSheets.older(texts, planned, t -> following(state, t));
    }

    /** What follows from these texts alone. */
    JobWork following(JobState state, Map<Stage, Map<String, Typed>> texts) {
        return JobWork.of(
                state.position(),
                state.items(),
                texts,
                state.beside().order(),
                new JobFacts.Arranged(
                        state.sections().found(),
                        state.sections().before(),
                        onSheets.moved(texts.getOrDefault(Stage.DECIDE, Map.of()))),
                settings.shop(),
                families);
    }

    /** What follows from one sheet by itself. */
    JobWork of(JobState state, Stage stage, Map<String, Typed> sheet) {
        return JobWork.of(
                state.position(),
                state.items(),
                Map.of(stage, sheet),
                List.of(),
                JobFacts.Arranged.NONE,
                settings.shop(),
                families);
    }

    JobCards cards(JobState state) {
        Map<String, Typed> texts = new HashMap<>();
        state.texts().values().forEach(texts::putAll);
        return new JobCards(
                state.items(), state.beside().order(), texts, state.position().medium(), families);
    }
}
