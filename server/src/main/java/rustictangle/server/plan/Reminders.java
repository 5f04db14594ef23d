package rustictangle.server.plan;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import rustictangle.core.plan.Reminder;
import rustictangle.core.rhythm.SectionRhythm;
import rustictangle.core.routine.Training;
import rustictangle.server.household.Household;
import rustictangle.server.household.HouseholdStore;
import rustictangle.server.kit.Kits;
import rustictangle.server.session.SessionStore;

/** Looks now and then whether something is worth a message. */
@Component
class Reminders {

    private static final int EVERY_MINUTES = 10;

    private final Plans plans;
    private final Kits kits;
    private final SessionStore sessions;
    private final HouseholdStore households;
    private final Outbox outbox;
    private final Clock clock;

    Reminders(Plans plans, Kits kits, SessionStore sessions, HouseholdStore households, Outbox outbox, Clock clock) {
        this.plans = plans;
        this.kits = kits;
        this.sessions = sessions;
        this.households = households;
        this.outbox = outbox;
        this.clock = clock;
    }

    @Scheduled(fixedDelay = EVERY_MINUTES, initialDelay = EVERY_MINUTES, timeUnit = TimeUnit.MINUTES)
    @Transactional
    public void look() {
        Household household = households.get();
        Instant now = clock.instant();
        LocalDate today = LocalDate.ofInstant(now, clock.getZone());
        if (Reminder.quiet(LocalTime.ofInstant(now, clock.getZone()), household.quietFrom(), household.quietTo())) {
            return;
        }
        LocalDate since = today.minusDays(Reminder.NOT_AGAIN_DAYS);
        for (Plans.Member member : plans.now().members()) {
            Optional<Long> id = Optional.of(member.dog().known().id());
            Reminder.ofDog(member.dog().known().name(), today, member.groom(), member.dog().forecast().season(), due(member, today),
                    outbox.sentSince(id, since)).ifPresent(reminder -> outbox.send(id, today, now, reminder));
        }
        Reminder.ofTools(kits.drawer(), today, outbox.sentSince(Optional.empty(), since))
                .ifPresent(reminder -> outbox.send(Optional.empty(), today, now, reminder));
    }

    /** Whoever has brushed today needs no reminder. */
    private int due(Plans.Member member, LocalDate today) {
        boolean brushed = sessions.lastEnded(member.dog().known().id())
                .filter(at -> LocalDate.ofInstant(at, clock.getZone()).equals(today)).isPresent();
        return brushed ? 0 : Training.of(member.dog().trust(), member.dog().rhythm().dueSections().stream().map(SectionRhythm::section).toList())
                .brushed().size();
    }
}
