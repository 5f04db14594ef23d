package rustictangle.server.frame;

import org.springframework.boot.diagnostics.AbstractFailureAnalyzer;
import org.springframework.boot.diagnostics.FailureAnalysis;

/** Tells a person, not a stack trace, that a backup was not taken over. */
public class BadBackupAnalyzer extends AbstractFailureAnalyzer<Restore.BadBackup> {

    @Override
    protected FailureAnalysis analyze(Throwable root, Restore.BadBackup cause) {
        return new FailureAnalysis(cause.getMessage(), "Name a file that was taken with \"A copy of everything\" in the settings.", cause);
    }
}
