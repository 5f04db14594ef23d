package rustictangle.server.plan;

import java.time.Clock;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;
import rustictangle.core.Reason;
import rustictangle.core.plan.NotEnough;
import rustictangle.core.plan.Trade;
import rustictangle.server.coat.DogLoader;
import rustictangle.server.coat.KnownDog;
import rustictangle.server.household.Household;
import rustictangle.server.visit.VisitService;

/** Whether the minutes of the household suffice, and what would: one sentence for every page that tells of days to come. */
@RestController
record EnoughController(Plans plans, DogLoader dogs, Trades trades, VisitService visits, Clock clock) {

    /** @param not absent: they suffice */
    record EnoughView(Optional<NotEnoughView> not) {}

    /**
     * @param dogId of which most mats are to be expected
     * @param clipped whether a groomer clips that one
     * @param more  the minutes that would halve them; absent: none that can be set would
     */
    record NotEnoughView(Reason why, long dogId, String name, boolean clipped, Optional<More> more) {}

    /**
     * @param aDay    minutes more, on each day that has any
     * @param minutes of each day with those
     */
    record More(int aDay, Map<DayOfWeek, Integer> minutes) {}

    @GetMapping("/api/enough")
    EnoughView enough() {
        return new EnoughView(plans.notEnough().map(this::view));
    }

    private NotEnoughView view(NotEnough not) {
        List<KnownDog> all = dogs.known();
        KnownDog worst = all.get(not.worst());
        LocalDate today = LocalDate.now(clock);
        boolean clipped = worst.coat().growsOn() || visits.leftALength(worst.id(), today);
        OptionalInt keeps = OptionalInt.empty();
        if (clipped) {
            Trade trade = trades.of(worst);
            keeps = trade.keeps(
                    worst.coat(),
                    not.given().get(not.worst()),
                    trade.weeks(worst.coat(), visits.next(worst.id(), today), today));
        }
        List<String> names = new ArrayList<>();
        all.forEach(dog -> names.add(dog.name()));
        return new NotEnoughView(not.text(names, keeps), worst.id(), worst.name(), clipped, more(not));
    }

    /** Nobody is offered more than can be set aside for a day. */
    private static Optional<More> more(NotEnough not) {
        return not.more()
                .filter(minutes -> not.longer().values().stream().allMatch(each -> each <= Household.MOST_MINUTES))
                .map(minutes -> new More(minutes, not.longer()));
    }
}
