package rustictangle.server.routine;

import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import org.springframework.stereotype.Component;
import rustictangle.core.dog.Section;
import rustictangle.core.rhythm.Rhythm;
import rustictangle.core.rhythm.SectionRhythm;
import rustictangle.core.routine.MinutesPlan;
import rustictangle.core.routine.Routine;
import rustictangle.core.trust.Trust;
import rustictangle.server.coat.KnownDog;
import rustictangle.server.kit.Kits;
import rustictangle.server.rhythm.Rhythms;
import rustictangle.server.trust.TrialStore;

/** A known dog's routine today. */
@Component
public class Routines {

    /** What of the dog a routine covers. */
    public enum Scope { DUE, WHOLE }

    private final Rhythms rhythms;
    private final TrialStore trials;
    private final Kits kits;

    Routines(Rhythms rhythms, TrialStore trials, Kits kits) {
        this.rhythms = rhythms;
        this.trials = trials;
        this.kits = kits;
    }

    public Routine of(KnownDog known, Scope scope) {
        Rhythm rhythm = rhythms.of(known);
        List<Section> sections = scope == Scope.WHOLE ? kits.of(known).brushed()
                : rhythm.dueSections().stream().map(SectionRhythm::section).toList();
        return of(known, rhythm, sections);
    }

    public Routine of(KnownDog known, Rhythm rhythm, Collection<Section> sections) {
        return Routine.of(known.dog(), known.coat(), kits.of(known), Trust.of(known.dog(), trials.of(known.id())),
                rhythm.sections(), sections);
    }

    /** The best choice for every number of minutes, and how long what is left out can wait. */
    MinutesView minutes(KnownDog known, LocalDate today) {
        Rhythm rhythm = rhythms.of(known);
        Routine whole = of(known, rhythm, kits.of(known).brushed());
        return MinutesView.of(MinutesPlan.forEachMinute(whole, rhythm.sections()), rhythm, today);
    }

    /** How one section is done, whatever is due. */
    public Routine of(KnownDog known, Collection<Section> sections) {
        return of(known, rhythms.of(known), sections);
    }
}
