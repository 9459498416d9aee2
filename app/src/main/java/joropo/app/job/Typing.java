package joropo.app.job;

import java.time.Instant;
import joropo.app.family.Stage;
import joropo.core.verdict.Status;

/**
 * A row of typing: a kept sheet, or a draft of a window. @param revision 0: a draft, @param tab, @param seq, @param
 * aside of a draft only
 */
record Typing(
        Stage stage,
        int revision,
        String tab,
        long seq,
        boolean aside,
        String texts,
        Status verdict,
        long personId,
        String personName,
        Instant at) {
    boolean isDraft() {
        return revision == 0;
    }

    JobMapper.StageDraft draft() {
        return JobMapperStageDraftBuilder.builder()
                .stage(stage)
                .tab(tab)
                .seq(seq)
                .aside(aside)
                .texts(texts)
                .verdict(verdict)
                .personId(personId)
                .personName(personName)
                .savedAt(at)
                .build();
    }

    Revision kept() {
        return new Revision(stage, revision, texts, verdict, personName, at);
    }
}
