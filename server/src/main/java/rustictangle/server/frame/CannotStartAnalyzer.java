package rustictangle.server.frame;

import org.springframework.boot.diagnostics.AbstractFailureAnalyzer;
import org.springframework.boot.diagnostics.FailureAnalysis;

/** Tells a person, not a stack trace, why the application does not start. */
public class CannotStartAnalyzer extends AbstractFailureAnalyzer<CannotStart> {

    @Override
    protected FailureAnalysis analyze(Throwable root, CannotStart cause) {
        return new FailureAnalysis(cause.getMessage() + " Nothing was changed.", cause.todo(), cause);
    }
}
