package rustictangle.server.trust;

import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import rustictangle.core.kit.Kit;
import rustictangle.core.trust.Practice;
import rustictangle.core.trust.Subject;
import rustictangle.core.trust.Trial;
import rustictangle.core.trust.Trust;
import rustictangle.server.coat.KnownDog;
import rustictangle.server.frame.LogReader;
import rustictangle.server.frame.PastLogStore;
import rustictangle.server.kit.Kits;

/** Where a known dog stands today. */
@Component
public class Trusts {

    private final TrialStore store;
    private final LogReader<Trial> trials;
    private final Kits kits;
    private final Clock clock;

    Trusts(TrialStore store, PastLogStore log, Kits kits, Clock clock) {
        this.store = store;
        this.trials = new LogReader<>(log, Trust.REMEMBERED_DAYS, store::of, Trust::newest);
        this.kits = kits;
        this.clock = clock;
    }

    public Trust of(KnownDog known) {
        return of(known, kits.of(known));
    }

    /** @param kit of this dog, where it is known already */
    public Trust of(KnownDog known, Kit kit) {
        LocalDate today = LocalDate.now(clock);
        return Trust.of(known.dog(), kit, trials.of(known.id(), today), today);
    }

    /** Undoes an answer in practice. */
    void takeBack(UUID trialId, long dogId) {
        store.removePractice(trialId, dogId);
        trials.forget(dogId);
    }

    public List<Practice> today(KnownDog known, Trust trust) {
        return Practice.today(known.dog(), trust, owned());
    }

    /** What of the drawer a dog has to get used to. */
    Set<Subject> owned() {
        return kits.drawer().stream()
                .flatMap(tool -> Subject.of(tool.kind()).stream())
                .collect(Collectors.toSet());
    }
}
