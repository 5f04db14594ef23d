package rustictangle.server.trust;

import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import rustictangle.core.dog.Dog;
import rustictangle.core.kit.Kit;
import rustictangle.core.kit.Tool;
import rustictangle.core.log.Log;
import rustictangle.core.log.Subject;
import rustictangle.core.log.ToolKind;
import rustictangle.core.rhythm.Forecast;
import rustictangle.core.trust.Agreed;
import rustictangle.core.trust.MayBegin;
import rustictangle.core.trust.Practice;
import rustictangle.core.trust.Spot;
import rustictangle.core.trust.Trial;
import rustictangle.core.trust.Trust;
import rustictangle.server.coat.KnownDog;
import rustictangle.server.frame.DerivedCache;
import rustictangle.server.frame.ReadCache;
import rustictangle.server.kit.KitLoader;
import rustictangle.server.log.Logs;
import rustictangle.server.rhythm.ForecastLoader;

/** Loads where a known dog stands today. */
@Component
public class TrustLoader {

    /** So far ahead it is looked where practice is most pressing. Own choice. */
    private static final int AHEAD_DAYS = 14;

    private record TrustBasis(KnownDog known, Kit kit, List<Trial> answersBefore, LocalDate today) {}

    private record ThisMorning(Trust trust) {}

    private record Today(ThisMorning morning, List<Trial> answers, Agreed agreed) {}

    private final Logs logs;
    private final KitLoader kits;
    private final ForecastLoader forecasts;
    private final AgreedStore words;
    private final ReadCache reads;
    private final DerivedCache made;
    private final Clock clock;

    TrustLoader(
            Logs logs,
            KitLoader kits,
            ForecastLoader forecasts,
            AgreedStore words,
            ReadCache reads,
            DerivedCache made,
            Clock clock) {
        this.forecasts = forecasts;
        this.logs = logs;
        this.kits = kits;
        this.words = words;
        this.reads = reads;
        this.made = made;
        this.clock = clock;
    }

    public Trust of(KnownDog known) {
        return of(known, logs.of(known.id()));
    }

    /** As far as a log of its tells. */
    public Trust of(KnownDog known, Log log) {
        LocalDate today = LocalDate.now(clock);
        ThisMorning morning = made.of(
                ThisMorning.class,
                known.id(),
                new TrustBasis(known, kits.of(known), Trust.answersBefore(log, today), today),
                facts -> new ThisMorning(Trust.of(known.dog(), facts.kit, facts.answersBefore, today)));
        return made.of(
                Trust.class,
                known.id(),
                new Today(morning, log.readToday(Trial.ANSWERS), agreed(known.id())),
                now -> now.morning.trust.after(now.answers).with(now.agreed));
    }

    /** What is agreed with a dog. */
    Agreed agreed(long dogId) {
        return reads.of(AgreedStore.class, words::all).getOrDefault(dogId, Agreed.NOTHING);
    }

    /** What may be begun with it now: asked at every door. */
    public MayBegin may(KnownDog known) {
        return may(known, logs.of(known.id()));
    }

    /** As far as a log of its tells. */
    public MayBegin may(KnownDog known, Log log) {
        return MayBegin.of(
                known.dog(),
                known.coat(),
                kits.of(known),
                of(known, log),
                log,
                kits.approach(known.id()).hand(),
                LocalDate.now(clock));
    }

    private record ForSpots(Dog dog, Trust trust, Forecast forecast, Set<Subject> owned, MayBegin may) {}

    private record Spots(Set<Spot> today) {}

    private record ForPractice(Dog dog, Trust trust, Spots spots, MayBegin may) {}

    private record Practices(List<Practice> today) {}

    public List<Practice> today(KnownDog known) {
        return today(known, logs.of(known.id()));
    }

    /** As far as a log of its tells: what was chosen as the day began, and how it stands now. */
    public List<Practice> today(KnownDog known, Log log) {
        Log begun = log.morning().begun();
        Spots spots = made.of(
                Spots.class,
                known.id(),
                new ForSpots(known.dog(), of(known, begun), forecasts.of(known, begun), owned(), may(known, begun)),
                TrustLoader::spots);
        return made.of(
                        Practices.class,
                        known.id(),
                        new ForPractice(known.dog(), of(known, log), spots, may(known, log)),
                        facts -> new Practices(Practice.today(facts.dog, facts.trust, facts.spots.today, facts.may)))
                .today;
    }

    private static Spots spots(ForSpots facts) {
        return new Spots(Practice.spots(
                facts.dog,
                facts.trust,
                facts.owned,
                section -> facts.forecast
                        .at(section)
                        .map(outlook -> (outlook.mats(AHEAD_DAYS) - outlook.mats(0)) / AHEAD_DAYS)
                        .orElse(0.0),
                facts.may));
    }

    /** What of the drawer a dog has to get used to. */
    Set<Subject> owned() {
        return kits.drawer().stream()
                .map(Tool::kind)
                .filter(ToolKind::isLearned)
                .collect(Collectors.toSet());
    }
}
