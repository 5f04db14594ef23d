package rustictangle.server.plan;

import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import rustictangle.core.Reason;
import rustictangle.core.plan.PlanToday;
import rustictangle.core.plan.Trade;
import rustictangle.core.plan.TradeAnswer;
import rustictangle.core.plan.TradeQuestion;
import rustictangle.core.visit.GroomPrice;
import rustictangle.server.coat.DogLoader;
import rustictangle.server.coat.KnownDog;
import rustictangle.server.frame.ScreenFacts;
import rustictangle.server.frame.ViewProbe;
import rustictangle.server.visit.VisitService;

/** Length, minutes and money: of two that are chosen, the third. */
@RestController
@RequestMapping("/api/dogs/{dogId}/trade")
record TradeController(DogLoader dogs, VisitService visits, Trades trades, Plans plans, Clock clock)
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
        Trade trade = trades.of(known);
        TradeQuestion usual = trade.usual();
        GroomPrice price = visits.price(dogId);
        double everyWeeks = trade.weeks(known.coat(), visits.next(dogId, today), today);
        PlanToday now = plans.now();
        int dog = now.position(dogId);
        Trade.InHand inHand = new Trade.InHand(
                now.plan().minutesAWeek(dog),
                now.plan().end(dog).mats().planned(),
                today.plusDays(now.at(dogId).work().daysTold()));
        return new TradeView(
                known.coat().growsOn() || visits.leftALength(dogId, today),
                Trade.own(
                        known.coat(),
                        inHand,
                        plans.notEnough().isPresent()
                                ? trade.keeps(known.coat(), inHand.minutesAWeek(), everyWeeks)
                                : OptionalInt.empty(),
                        everyWeeks),
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

    @Override
    public void dog(long dogId) {
        trade(dogId, Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty());
    }

    @Override
    public Map<String, Object> facts() {
        return Map.of("mostMinutesAWeek", Trade.MOST_MINUTES_A_WEEK);
    }
}
