package rustictangle.server.routine;

import java.util.List;
import org.springframework.stereotype.Component;
import rustictangle.core.kit.Kit;
import rustictangle.core.log.Log;
import rustictangle.core.log.SessionEvent.SectionDone;
import rustictangle.core.rhythm.Forecast;
import rustictangle.core.routine.Pace;
import rustictangle.core.routine.Picture;
import rustictangle.core.trust.Trust;
import rustictangle.server.coat.KnownDog;
import rustictangle.server.frame.DerivedCache;
import rustictangle.server.kit.KitLoader;
import rustictangle.server.log.Logs;
import rustictangle.server.rhythm.ForecastLoader;
import rustictangle.server.trust.TrustLoader;

/** Loads the picture of a known dog today. */
@Component
public class RoutineLoader {

    /** What a picture is made of. */
    private record RoutineBasis(KnownDog known, Kit kit, Trust trust, Forecast forecast, List<SectionDone> times) {}

    private final ForecastLoader forecasts;
    private final TrustLoader trusts;
    private final KitLoader kits;
    private final Logs logs;
    private final DerivedCache made;

    RoutineLoader(ForecastLoader forecasts, TrustLoader trusts, KitLoader kits, Logs logs, DerivedCache made) {
        this.forecasts = forecasts;
        this.trusts = trusts;
        this.kits = kits;
        this.logs = logs;
        this.made = made;
    }

    public Picture picture(KnownDog known) {
        return picture(known, logs.of(known.id()));
    }

    /** As far as a log of its tells. */
    public Picture picture(KnownDog known, Log log) {
        RoutineBasis facts = new RoutineBasis(
                known, kits.of(known), trusts.of(known, log), forecasts.of(known, log), Pace.times(log));
        return made.of(
                Picture.class,
                known.id(),
                facts,
                now -> Picture.of(known.dog(), known.coat(), now.kit, now.trust, now.forecast, now.times));
    }
}
