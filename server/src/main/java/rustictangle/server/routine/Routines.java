package rustictangle.server.routine;

import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import org.springframework.stereotype.Component;
import rustictangle.core.dog.Section;
import rustictangle.core.rhythm.Rhythm;
import rustictangle.core.rhythm.SectionRhythm;
import rustictangle.core.kit.Kit;
import rustictangle.core.routine.MinutesPlan;
import rustictangle.core.routine.Pace;
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
    private final SectionTimeStore times;

    Routines(Rhythms rhythms, TrialStore trials, Kits kits, SectionTimeStore times) {
        this.rhythms = rhythms;
        this.trials = trials;
        this.kits = kits;
        this.times = times;
    }

    public Routine of(KnownDog known, Scope scope) {
        Rhythm rhythm = rhythms.of(known);
        List<Section> sections = scope == Scope.WHOLE ? kits.of(known).brushed()
                : rhythm.dueSections().stream().map(SectionRhythm::section).toList();
        return of(known, rhythm, sections);
    }

    /** In the minutes that this owner has shown to take. */
    public Routine of(KnownDog known, Rhythm rhythm, Collection<Section> sections) {
        Kit kit = kits.of(known);
        Trust trust = Trust.of(known.dog(), trials.of(known.id()));
        Routine whole = Routine.of(known.dog(), known.coat(), kit, trust, rhythm.sections(), kit.brushed());
        return Routine.of(known.dog(), known.coat(), kit, trust, rhythm.sections(), sections)
                .atPace(Pace.learned(whole, times.of(known.id())));
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
