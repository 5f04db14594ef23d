package rustictangle.server.frame;

import org.springframework.boot.diagnostics.AbstractFailureAnalyzer;
import org.springframework.boot.diagnostics.FailureAnalysis;

/** Tells a person, not a stack trace, that the application runs already. */
public class DataFileInUseAnalyzer extends AbstractFailureAnalyzer<DataFileInUse> {

    @Override
    protected FailureAnalysis analyze(Throwable root, DataFileInUse cause) {
        return new FailureAnalysis(cause.getMessage() + " Nothing was changed.",
                "Use the one that is running, or stop it first, or name another file in RUSTIC_TANGLE_DATA.",
                cause);
    }
}
