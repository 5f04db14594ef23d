package rustictangle.server.session;

import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;
import rustictangle.core.Reason;
import rustictangle.core.dog.Section;
import rustictangle.core.rhythm.Rhythm;
import rustictangle.core.rhythm.SectionRhythm;
import rustictangle.server.coat.KnownDog;
import rustictangle.server.coat.KnownDogs;
import rustictangle.server.dog.StoredDog;
import rustictangle.server.frame.Settings;
import rustictangle.server.routine.Routines;
import rustictangle.server.trust.PracticeView;
import rustictangle.server.trust.Trusts;

/** What the owner sees first: each dog, what is due, one button to begin. */
@RestController
class HomeController {

    /** @param demo whether this is the made-up household */
    record Home(LocalDate today, boolean demo, List<HomeDog> dogs) { }

    /** @param known absent until the coat has been described */
    record HomeDog(long id, String name, Optional<HomeKnown> known) { }

    /**
     * @param brushed         whether anything is brushed on this dog at all
     * @param dueCount        places to brush today
     * @param dueSeconds      minutes of work due today, as seconds
     * @param inTraining      places that are due and practised, not brushed
     * @param practice        one or two for today; none where nothing is brushed
     * @param openSession     the session going on; absent: none
     * @param lastBrushed     absent: never
     */
    record HomeKnown(boolean brushed, LocalDate nextDate, Reason why, List<SectionBurrs> burrs, int dueCount, int overdueCount,
            int dueSeconds, int inTraining, Optional<UUID> openSession, Optional<LocalDate> lastBrushed, List<PracticeView> practice) { }

    record SectionBurrs(Section section, int burrs) { }

    private final KnownDogs dogs;
    private final Routines routines;
    private final Trusts trusts;
    private final SessionStore sessions;
    private final Clock clock;
    private final Settings settings;

    HomeController(KnownDogs dogs, Routines routines, Trusts trusts, SessionStore sessions,
            Clock clock, Settings settings) {
        this.dogs = dogs;
        this.routines = routines;
        this.trusts = trusts;
        this.sessions = sessions;
        this.clock = clock;
        this.settings = settings;
    }

    @GetMapping("/api/home")
    Home home() {
        return new Home(LocalDate.now(clock), settings.demo(), dogs.all().stream().map(this::dog).toList());
    }

    private HomeDog dog(StoredDog dog) {
        return new HomeDog(dog.id(), dog.form().name(), dogs.known(dog).map(this::known));
    }

    private HomeKnown known(KnownDog known) {
        Routines.Today today = routines.today(known, Routines.Scope.DUE, false);
        Rhythm rhythm = today.rhythm();
        List<SectionRhythm> due = rhythm.dueSections();
        return new HomeKnown(rhythm.anythingBrushed(), rhythm.nextDate(), rhythm.reason(),
                rhythm.sections().stream().map(s -> new SectionBurrs(s.section(), s.burrs())).toList(),
                today.routine().steps().size(), (int) due.stream().filter(s -> s.burrs() == 4).count(), today.routine().totalSeconds(),
                today.inTraining().size(),
                sessions.findOpen(known.id()).map(SessionStore.StoredSession::id),
                sessions.lastEnded(known.id()).map(at -> LocalDate.ofInstant(at, clock.getZone())),
                trusts.today(known, today.trust()).stream().map(PracticeView::of).toList());
    }
}
