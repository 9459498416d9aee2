package joropo.app.database;

import org.jspecify.annotations.Nullable;
import org.springframework.boot.diagnostics.FailureAnalysis;
import org.springframework.boot.diagnostics.FailureAnalysisReporter;
import org.springframework.boot.diagnostics.FailureAnalyzer;

/** A start that fails says in a sentence why, and what to do; no stack, no frame round it. */
public final class StartFailure implements FailureAnalyzer, FailureAnalysisReporter {
    @Override
    public @Nullable FailureAnalysis analyze(Throwable failure) {
        return Failures.known(failure)
                .map(words -> new FailureAnalysis(words, null, failure))
                .orElse(null);
    }

    @Override
    public void report(FailureAnalysis analysis) {
        System.err.println(analysis.getDescription());
    }
}
