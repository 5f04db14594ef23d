package rustictangle.core.rhythm;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import rustictangle.core.Reason;
import rustictangle.core.Sure;
import rustictangle.core.log.CareJob;
import rustictangle.core.log.Log;
import rustictangle.core.log.SeenBy.Who;
import rustictangle.core.log.Warning;

/**
 * A job at the table that is closed to the owner's hands until somebody has looked.
 *
 * @param since   the day it was found
 * @param who     must look; an adult of the household only reopens it
 * @param warning of the dog; empty: something was found
 * @param words   what was found, as it was said; may be empty
 */
public record ClosedJob(CareJob job, LocalDate since, Who who, Optional<Warning> warning, String words) {

    /** Every job that is closed, for its gravest reason. */
    public static List<ClosedJob> of(Log log, LocalDate today) {
        Map<CareJob, List<Closing>> closed = Closing.jobs(log, today);
        return Closing.inOrder(CareJob.values(), closed)
                .map(job -> {
                    Closing why = Sure.at(closed, job).get(0);
                    return new ClosedJob(job, why.since(), why.who(), why.warning(), why.words());
                })
                .toList();
    }

    /** Whether it is practised meanwhile, from a rung that was calm. */
    public boolean practised() {
        return who == Who.ADULT;
    }

    public Reason why() {
        return warning.map(did -> new Reason(
                        "rhythm.job-closed-warning",
                        "Closed since {" + since + " date}: the dog " + did.label() + " then. "
                                + (practised()
                                        ? "Only its next step is practised, with treats, until an adult opens it again; look for pain."
                                        : "A certified trainer or a vet first; look for pain.")))
                .orElseGet(() -> new Reason(
                        "rhythm.job-closed-vet",
                        "Something for the vet since {" + since + " date}"
                                + (words.isEmpty() ? "" : ": " + words)
                                + ". Nothing more is done there until it was seen."));
    }
}
