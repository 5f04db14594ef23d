package rustictangle.server.routine;

import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Component;
import rustictangle.core.Reason;
import rustictangle.core.dog.Section;
import rustictangle.core.rhythm.Rhythm;
import rustictangle.core.rhythm.SectionRhythm;
import rustictangle.core.kit.Kit;
import rustictangle.core.routine.MinutesPlan;
import rustictangle.core.routine.Pace;
import rustictangle.core.routine.Routine;
import rustictangle.core.routine.Training;
import rustictangle.core.trust.Spot;
import rustictangle.core.trust.Trust;
import rustictangle.server.coat.KnownDog;
import rustictangle.server.kit.Kits;
import rustictangle.server.rhythm.Rhythms;
import rustictangle.server.trust.StandingView;
import rustictangle.server.trust.Trusts;

/** A known dog's routine today. */
@Component
public class Routines {

    /** What of the dog a routine covers. */
    public enum Scope { DUE, WHOLE }

    private final Rhythms rhythms;
    private final Trusts trusts;
    private final Kits kits;
    private final SectionTimeStore times;

    Routines(Rhythms rhythms, Trusts trusts, Kits kits, SectionTimeStore times) {
        this.rhythms = rhythms;
        this.trusts = trusts;
        this.kits = kits;
        this.times = times;
    }

    /**
     * @param inTraining where the dog is not ready to be brushed; left out of the routine unless asked for
     * @param rhythm     that it rests on
     * @param trust      that it rests on
     */
    public record Today(Routine routine, List<StandingView> inTraining, Optional<Reason> why, Rhythm rhythm, Trust trust) { }

    /** @param all whether what is still in training is brushed all the same */
    public Today today(KnownDog known, Scope scope, boolean all) {
        Kit kit = kits.of(known);
        Rhythm rhythm = rhythms.of(known);
        Trust trust = trusts.of(known, kit);
        List<Section> sections = scope == Scope.WHOLE ? kit.brushed()
                : rhythm.dueSections().stream().map(SectionRhythm::section).toList();
        Training training = Training.of(trust, sections);
        return new Today(of(known, kit, trust, rhythm, all ? sections : training.brushed()),
                training.practised().stream().map(section -> StandingView.of(
                        new Spot(trust.lead(section).orElseThrow(), Optional.of(section)), trust.at(section).orElseThrow())).toList(),
                training.why(), rhythm, trust);
    }

    /** In the minutes that this owner has shown to take. */
    private Routine of(KnownDog known, Kit kit, Trust trust, Rhythm rhythm, Collection<Section> sections) {
        Routine whole = Routine.of(known.dog(), known.coat(), kit, trust, rhythm.sections(), kit.brushed());
        return Routine.of(known.dog(), known.coat(), kit, trust, rhythm.sections(), sections)
                .atPace(Pace.learned(whole, times.of(known.id())));
    }

    /** The best choice for every number of minutes, and how long what is left out can wait. */
    MinutesView minutes(KnownDog known, LocalDate today) {
        Kit kit = kits.of(known);
        Rhythm rhythm = rhythms.of(known);
        Trust trust = trusts.of(known, kit);
        Routine whole = of(known, kit, trust, rhythm, Training.of(trust, kit.brushed()).brushed());
        return MinutesView.of(MinutesPlan.forEachMinute(whole, rhythm.sections()), rhythm, today);
    }

    /** How these sections are done, whatever is due. */
    public Routine of(KnownDog known, Collection<Section> sections) {
        Kit kit = kits.of(known);
        return of(known, kit, trusts.of(known, kit), rhythms.of(known), sections);
    }
}
