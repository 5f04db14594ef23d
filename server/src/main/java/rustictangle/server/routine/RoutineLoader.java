package rustictangle.server.routine;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Component;
import rustictangle.core.Reason;
import rustictangle.core.dog.Section;
import rustictangle.core.kit.Kit;
import rustictangle.core.log.SessionEvent.SectionDone;
import rustictangle.core.rhythm.Forecast;
import rustictangle.core.rhythm.SectionRhythm;
import rustictangle.core.routine.MinutesPlan;
import rustictangle.core.routine.Pace;
import rustictangle.core.routine.Picture;
import rustictangle.core.routine.Routine;
import rustictangle.core.routine.Training;
import rustictangle.core.trust.Spot;
import rustictangle.core.trust.Trust;
import rustictangle.server.coat.KnownDog;
import rustictangle.server.frame.LastMade;
import rustictangle.server.kit.KitLoader;
import rustictangle.server.log.Logs;
import rustictangle.server.rhythm.ForecastLoader;
import rustictangle.server.trust.StandingView;
import rustictangle.server.trust.TrustLoader;

/** Loads the picture of a known dog today, and its routine. */
@Component
public class RoutineLoader {

    /** What of the dog a routine covers. */
    public enum Scope {
        DUE,
        WHOLE
    }

    /** What a picture is made of. */
    private record Facts(KnownDog known, Kit kit, Trust trust, Forecast forecast, List<SectionDone> times) {}

    private final ForecastLoader forecasts;
    private final TrustLoader trusts;
    private final KitLoader kits;
    private final Logs logs;
    private final LastMade made;

    RoutineLoader(ForecastLoader forecasts, TrustLoader trusts, KitLoader kits, Logs logs, LastMade made) {
        this.forecasts = forecasts;
        this.trusts = trusts;
        this.kits = kits;
        this.logs = logs;
        this.made = made;
    }

    public Picture picture(KnownDog known) {
        Facts facts = new Facts(
                known, kits.of(known), trusts.of(known), forecasts.of(known), Pace.times(logs.of(known.id())));
        return made.of(
                Picture.class,
                known.id(),
                facts,
                now -> Picture.of(known.dog(), known.coat(), now.kit, now.trust, now.forecast, now.times));
    }

    /**
     * @param inTraining where the dog is not ready to be brushed; left out of the routine unless asked for
     * @param season     what the shedding season asks for
     */
    record Today(Routine routine, List<StandingView> inTraining, Optional<Reason> why, Optional<Reason> season) {}

    /** @param all whether what is still in training is brushed all the same */
    Today today(KnownDog known, Scope scope, boolean all) {
        Picture dog = picture(known);
        List<Section> sections = scope == Scope.WHOLE
                ? dog.kit().brushed()
                : dog.rhythm().dueSections().stream()
                        .map(SectionRhythm::section)
                        .toList();
        Training training = Training.of(dog.trust(), sections);
        return new Today(
                dog.routine(all ? sections : training.brushed()),
                training.practised().stream()
                        .map(section -> StandingView.of(
                                new Spot(dog.trust().lead(section).orElseThrow(), Optional.of(section)),
                                dog.trust().at(section).orElseThrow()))
                        .toList(),
                training.why(),
                dog.forecast().season());
    }

    /** The best choice for every number of minutes, and how long what is left out can wait. */
    MinutesView minutes(KnownDog known, LocalDate today) {
        Picture dog = picture(known);
        return MinutesView.of(
                MinutesPlan.forEachMinute(dog.ready(), dog.rhythm().sections()), dog.rhythm(), today);
    }
}
