package rustictangle.server.plan;

import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import rustictangle.core.Reason;
import rustictangle.core.coat.Coat;
import rustictangle.core.kit.Kit;
import rustictangle.core.plan.Trade;
import rustictangle.core.plan.TradeAnswer;
import rustictangle.core.plan.TradeQuestion;
import rustictangle.core.rhythm.Comfort;
import rustictangle.core.routine.Picture;
import rustictangle.core.routine.SetUp;
import rustictangle.core.visit.GroomPrice;
import rustictangle.server.coat.DogLoader;
import rustictangle.server.coat.KnownDog;
import rustictangle.server.coat.Readings;
import rustictangle.server.frame.DerivedCache;
import rustictangle.server.frame.ScreenFacts;
import rustictangle.server.frame.ViewProbe;
import rustictangle.server.household.HouseholdLoader;
import rustictangle.server.kit.KitLoader;
import rustictangle.server.log.Logs;
import rustictangle.server.routine.RoutineLoader;
import rustictangle.server.visit.VisitService;

/** Length, minutes and money: of two that are chosen, the third. */
@RestController
@RequestMapping("/api/dogs/{dogId}/trade")
record TradeController(
        DogLoader dogs,
        VisitService visits,
        Readings readings,
        RoutineLoader routines,
        KitLoader kits,
        HouseholdLoader households,
        DerivedCache made,
        Logs logs,
        Clock clock)
        implements ViewProbe, ScreenFacts {

    /**
     * @param clipped whether a groomer clips this coat: it grows on, or a visit left a length
     * @param own     this dog's own answer, in one sentence
     * @param perDay  how fast it grows, mm
     * @param lengths that a clip may leave, mm, growing
     * @param weeks   between two visits, growing
     */
    record TradeView(
            boolean clipped,
            Reason own,
            double perDay,
            List<Integer> lengths,
            List<Double> weeks,
            TradeAnswer answer) {}

    /** What length, minutes and weeks ask of one another follows from. */
    private record TradeBasis(Picture picture, Comfort comfort, double perDay, double setUp) {}

    /** What is not chosen is as usual. */
    @GetMapping
    TradeView trade(
            @PathVariable long dogId,
            @RequestParam Optional<TradeQuestion.Tell> tell,
            @RequestParam Optional<@Min(0) @Max(Trade.MOST_MINUTES_A_WEEK) Integer> minutes,
            @RequestParam Optional<Double> weeks,
            @RequestParam Optional<Integer> millimetres) {
        KnownDog known = dogs.get(dogId);
        LocalDate today = LocalDate.now(clock);
        Trade trade = trade(known);
        TradeQuestion usual = trade.usual();
        GroomPrice price = visits.price(dogId);
        return new TradeView(
                known.coat().growsOn() || visits.leftALength(dogId, today),
                trade.own(
                        known.coat(),
                        households.get().minutes().values(),
                        Math.max(1, dogs.known().size()),
                        visits.next(dogId, today),
                        today),
                trade.perDay(),
                trade.lengths(),
                trade.weeks(),
                trade.answer(
                        new TradeQuestion(
                                tell.orElse(usual.tell()),
                                minutes.orElse(usual.minutesAWeek()),
                                weeks.orElse(usual.weeks()),
                                millimetres.orElse(usual.millimetres())),
                        price));
    }

    private Trade trade(KnownDog known) {
        Picture picture = routines.picture(known);
        Function<Coat, Kit> others = kits.withCoat(known);
        return made.of(
                Trade.class,
                known.id(),
                new TradeBasis(
                        picture,
                        households.get().comfort(),
                        Trade.growth(known.coat(), readings.of(known.id())),
                        SetUp.learned(logs.of(known.id()))),
                facts -> Trade.of(
                        known.coat(),
                        picture.forecast(),
                        facts.comfort,
                        facts.perDay,
                        facts.setUp,
                        coat -> picture.withCoat(coat, others.apply(coat))));
    }

    @Override
    public void dog(long dogId) {
        trade(dogId, Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty());
    }

    @Override
    public Map<String, Object> facts() {
        return Map.of("mostMinutesAWeek", Trade.MOST_MINUTES_A_WEEK);
    }
}
