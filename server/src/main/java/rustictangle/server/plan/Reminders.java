package rustictangle.server.plan;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Component;
import rustictangle.core.log.CareJob;
import rustictangle.core.plan.PlanToday;
import rustictangle.core.plan.PlannedDog;
import rustictangle.core.plan.Race;
import rustictangle.core.plan.Reminder;
import rustictangle.core.session.SessionLog;
import rustictangle.core.trust.Practice;
import rustictangle.server.frame.DataFile;
import rustictangle.server.household.Household;
import rustictangle.server.household.HouseholdLoader;
import rustictangle.server.kit.KitLoader;
import rustictangle.server.log.Logs;

/** Looks whether something is worth a message. */
@Component
record Reminders(
        Plans plans, KitLoader kits, Logs logs, HouseholdLoader households, Outbox outbox, DataFile data, Clock clock) {

    /** Reckons first what is worth a message, and writes only that. */
    void look() {
        Instant now = clock.instant();
        data.reading(households::get);
        LocalDate today = LocalDate.ofInstant(now, clock.getZone());
        for (Worth one : data.reading(() -> worth(now, today))) {
            outbox.send(one.dogId(), today, now, one.reminder());
        }
    }

    /** @param dogId empty: about the household */
    private record Worth(Optional<Long> dogId, Reminder reminder) {}

    private List<Worth> worth(Instant now, LocalDate today) {
        Household household = households.get();
        LocalTime hour = LocalTime.ofInstant(now, clock.getZone());
        if (Reminder.quiet(hour, household.quietFrom(), household.quietTo())) {
            return List.of();
        }
        // At an hour at which nothing may be said nobody would be reminded.
        Optional<LocalTime> usual = Optional.ofNullable(household.usualHour())
                .filter(at -> !Reminder.quiet(at, household.quietFrom(), household.quietTo()));
        LocalDate since = today.minusDays(Reminder.NOT_AGAIN_DAYS);
        List<Worth> worth = new ArrayList<>();
        PlanToday plan = plans.now();
        for (PlannedDog member : plan.dogs()) {
            Optional<Long> id = Optional.of(member.id());
            Reminder.ofDog(
                            member.name(),
                            today,
                            member.groom(),
                            member.picture().forecast().season(),
                            due(plan, member),
                            lost(member),
                            care(plan, member),
                            outbox.sentSince(id, since))
                    .filter(reminder -> reminder.saidAt(hour, usual))
                    .ifPresent(reminder -> worth.add(new Worth(id, reminder)));
        }
        Reminder.ofTools(kits.drawer(), today, outbox.sentSince(Optional.empty(), since))
                .ifPresent(reminder -> worth.add(new Worth(Optional.empty(), reminder)));
        return worth;
    }

    private static List<CareJob> care(PlanToday plan, PlannedDog member) {
        return PlanCalendar.worthADay(plan, 0).stream()
                .filter(turn -> turn.dogId() == member.id())
                .map(HomeController.CareTurn::job)
                .toList();
    }

    private static int lost(PlannedDog member) {
        boolean practised = member.practices().stream().anyMatch(Practice::doneToday);
        return practised ? 0 : (int) member.races().stream().filter(Race::lost).count();
    }

    /** Places that the plan brushes today. Whoever has brushed today needs no reminder. */
    private int due(PlanToday plan, PlannedDog member) {
        long id = member.id();
        boolean brushed = SessionLog.lastDone(logs.of(id)).equals(Optional.of(plan.today()));
        return brushed ? 0 : plan.inOrder(plan.position(id), 0).size();
    }
}
