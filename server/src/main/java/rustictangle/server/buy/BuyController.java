package rustictangle.server.buy;

import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import rustictangle.core.Reason;
import rustictangle.core.buy.Purchase;
import rustictangle.core.buy.Purchases;
import rustictangle.core.buy.Purchases.Growing;
import rustictangle.core.coat.LengthOverTime;
import rustictangle.core.dog.Section;
import rustictangle.core.log.ToolKind;
import rustictangle.core.visit.Interval;
import rustictangle.server.coat.DogLoader;
import rustictangle.server.coat.KnownDog;
import rustictangle.server.coat.Readings;
import rustictangle.server.frame.ViewProbe;
import rustictangle.server.household.HouseholdLoader;
import rustictangle.server.kit.KitLoader;
import rustictangle.server.visit.VisitService;

/** The least to buy, and what it costs. */
@RestController
@RequestMapping("/api/dogs/{dogId}/purchases")
record BuyController(
        DogLoader dogs,
        KitLoader kits,
        ToolPriceStore prices,
        HouseholdLoader households,
        VisitService visits,
        Readings readings,
        Clock clock)
        implements ViewProbe {

    /** A tool to look for in a shop; what does not matter is absent. */
    record PurchaseView(
            ToolKind kind,
            Optional<Double> pinMillimetres,
            List<String> lookFor,
            Optional<Reason> caution,
            List<Section> serves,
            List<Section> makeshift,
            int forSteps) {}

    /** @param price as the household says; absent: nobody said */
    record PricedKind(ToolKind kind, Optional<Double> price) {}

    /** @param total of the cheapest set; absent while a price is missing */
    record ToPayView(List<PricedKind> kinds, List<PurchaseView> buy, Optional<Double> total, String currency) {}

    /** @param untilGroom said where the hair will be so long before it is cut again that it asks for other tools; else absent */
    record PurchasesView(
            List<PurchaseView> buy,
            Optional<PurchaseView> justOne,
            Optional<PurchaseView> better,
            int openSteps,
            int leftAtWillDo,
            Reason why,
            Optional<Reason> untilGroom,
            Optional<Reason> forSmallMats,
            ToPayView toPay) {}

    /** @param price in [0, 10000]; absent: it has none any more */
    record PriceForTool(
            Optional<@DecimalMin(value = "0", message = PRICE) @DecimalMax(value = "10000", message = PRICE) Double>
                    price) {}

    private static final String PRICE = "A tool costs 0 to 10000; check the number, or leave it empty.";

    @GetMapping
    PurchasesView purchases(@PathVariable long dogId) {
        KnownDog known = dogs.get(dogId);
        LocalDate until = untilCut(known);
        Growing coat = growing(known, until);
        Purchases purchases = Purchases.of(known.dog(), coat, kits.approach(dogId), kits.drawer());
        return new PurchasesView(
                purchases.buy().stream().map(BuyController::view).toList(),
                purchases.justOne().map(BuyController::view),
                purchases.better().map(BuyController::view),
                purchases.openSteps(),
                purchases.leftAtWillDo(),
                purchases.why(),
                coat.why(known.dog(), kits.approach(dogId), until),
                Purchases.forSmallMats(kits.of(known).match(), kits.drawer()),
                toPay(known, coat));
    }

    /** The next appointment; where none is set, as long as such a coat is left at most; where nobody cuts it, today. */
    private LocalDate untilCut(KnownDog known) {
        LocalDate today = LocalDate.now(clock);
        return visits.next(known.id(), today)
                .or(() -> Interval.of(known.coat()).map(interval -> today.plusWeeks(interval.toWeeks())))
                .orElse(today);
    }

    private Growing growing(KnownDog known, LocalDate until) {
        return new Growing(
                known.coat(), LengthOverTime.grown(known.coat(), readings.of(known.id()), LocalDate.now(clock), until));
    }

    private ToPayView toPay(KnownDog known, Growing coat) {
        Map<ToolKind, Double> said = prices.all();
        Purchases.ToPay pay = Purchases.toPay(known.dog(), coat, kits.approach(known.id()), kits.drawer(), said);
        return new ToPayView(
                pay.useful().stream()
                        .map(kind -> new PricedKind(kind, Optional.ofNullable(said.get(kind))))
                        .toList(),
                pay.buy().stream().map(BuyController::view).toList(),
                pay.unpriced().isEmpty() ? Optional.of(pay.total()) : Optional.empty(),
                households.get().currency());
    }

    @PutMapping("/prices/{kind}")
    PurchasesView price(@PathVariable long dogId, @PathVariable ToolKind kind, @Valid @RequestBody PriceForTool form) {
        dogs.get(dogId);
        prices.put(kind, form.price());
        return purchases(dogId);
    }

    private static PurchaseView view(Purchase purchase) {
        return new PurchaseView(
                purchase.tool().kind(),
                purchase.tool().pinMillimetres(),
                purchase.lookFor(),
                purchase.caution(),
                purchase.serves(),
                purchase.makeshift(),
                purchase.forSteps());
    }

    @Override
    public void dog(long dogId) {
        purchases(dogId);
    }
}
