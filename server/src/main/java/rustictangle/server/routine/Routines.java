package rustictangle.server.routine;

import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import org.springframework.stereotype.Component;
import rustictangle.core.Reason;
import rustictangle.core.coat.Coat;
import rustictangle.core.dog.Section;
import rustictangle.core.kit.Kit;
import rustictangle.core.rhythm.Forecast;
import rustictangle.core.rhythm.Rhythm;
import rustictangle.core.rhythm.SectionRhythm;
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
    public enum Scope {
        DUE,
        WHOLE
    }

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

    /** All that is reckoned of a dog for one look at it. */
    public record Dog(KnownDog known, Kit kit, Forecast forecast, Trust trust, Pace pace) {

        public Rhythm rhythm() {
            return forecast.rhythm();
        }

        /** In the minutes that this owner has shown to take. */
        public Routine routine(Collection<Section> sections) {
            return Routine.of(known.dog(), known.coat(), kit, trust, rhythm().sections(), sections)
                    .atPace(pace);
        }

        /** Everywhere that is brushed, not only practised. */
        public Routine ready() {
            return routine(Training.of(trust, kit.brushed()).brushed());
        }
    }

    public Dog dog(KnownDog known) {
        Kit kit = kits.of(known);
        Forecast forecast = rhythms.forecast(known);
        Trust trust = trusts.of(known, kit);
        Routine whole = Routine.of(
                known.dog(), known.coat(), kit, trust, forecast.rhythm().sections(), kit.brushed());
        return new Dog(known, kit, forecast, trust, Pace.learned(whole, times.of(known.id())));
    }

    /**
     * @param inTraining where the dog is not ready to be brushed; left out of the routine unless asked for
     * @param season     what the shedding season asks for
     */
    record Today(Routine routine, List<StandingView> inTraining, Optional<Reason> why, Optional<Reason> season) {}

    /** @param all whether what is still in training is brushed all the same */
    Today today(KnownDog known, Scope scope, boolean all) {
        Dog dog = dog(known);
        List<Section> sections = scope == Scope.WHOLE
                ? dog.kit.brushed()
                : dog.rhythm().dueSections().stream()
                        .map(SectionRhythm::section)
                        .toList();
        Training training = Training.of(dog.trust, sections);
        return new Today(
                dog.routine(all ? sections : training.brushed()),
                training.practised().stream()
                        .map(section -> StandingView.of(
                                new Spot(dog.trust.lead(section).orElseThrow(), Optional.of(section)),
                                dog.trust.at(section).orElseThrow()))
                        .toList(),
                training.why(),
                dog.forecast.season());
    }

    /** The best choice for every number of minutes, and how long what is left out can wait. */
    MinutesView minutes(KnownDog known, LocalDate today) {
        Dog dog = dog(known);
        return MinutesView.of(
                MinutesPlan.forEachMinute(dog.ready(), dog.rhythm().sections()), dog.rhythm(), today);
    }

    /** How everything that is brushed would be done if the coat were another one. */
    public Function<Coat, Routine> withCoat(KnownDog known) {
        Dog dog = dog(known);
        Function<Coat, Kit> kits = this.kits.withCoat(known);
        return coat -> {
            Kit kit = kits.apply(coat);
            return Routine.of(known.dog(), coat, kit, dog.trust, dog.rhythm().sections(), kit.brushed())
                    .atPace(dog.pace);
        };
    }

    /** How these sections are done, whatever is due. */
    public Routine of(KnownDog known, Collection<Section> sections) {
        return dog(known).routine(sections);
    }
}
