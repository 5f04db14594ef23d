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
import rustictangle.core.trust.Trust;
import rustictangle.server.coat.KnownDog;
import rustictangle.server.coat.KnownDogs;
import rustictangle.server.dog.StoredDog;
import rustictangle.server.frame.Settings;
import rustictangle.server.rhythm.Rhythms;
import rustictangle.server.routine.Routines;
import rustictangle.server.trust.PracticeView;
import rustictangle.server.trust.TrialStore;

/** What the owner sees first: each dog, what is due, one button to begin. */
@RestController
class HomeController {

    /** @param demo whether this is the made-up household */
    record Home(LocalDate today, boolean demo, List<HomeDog> dogs) { }

    /** @param known absent until the coat has been described */
    record HomeDog(long id, String name, Optional<HomeKnown> known) { }

    /**
     * @param brushed         whether anything is brushed on this dog at all
     * @param dueSeconds      minutes of work due today, as seconds
     * @param openSession     the session going on; absent: none
     * @param lastBrushed     absent: never
     */
    record HomeKnown(boolean brushed, LocalDate nextDate, Reason why, List<SectionBurrs> burrs, int dueCount, int overdueCount,
            int dueSeconds, Optional<UUID> openSession, Optional<LocalDate> lastBrushed, PracticeView practice) { }

    record SectionBurrs(Section section, int burrs) { }

    private final KnownDogs dogs;
    private final Rhythms rhythms;
    private final Routines routines;
    private final TrialStore trials;
    private final SessionStore sessions;
    private final Clock clock;
    private final Settings settings;

    HomeController(KnownDogs dogs, Rhythms rhythms, Routines routines, TrialStore trials, SessionStore sessions,
            Clock clock, Settings settings) {
        this.dogs = dogs;
        this.rhythms = rhythms;
        this.routines = routines;
        this.trials = trials;
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
        Rhythm rhythm = rhythms.of(known);
        List<SectionRhythm> due = rhythm.dueSections();
        int seconds = routines.of(known, rhythm, due.stream().map(SectionRhythm::section).toList()).totalSeconds();
        Trust trust = Trust.of(known.dog(), trials.of(known.id()));
        return new HomeKnown(rhythm.anythingBrushed(), rhythm.nextDate(), rhythm.reason(),
                rhythm.sections().stream().map(s -> new SectionBurrs(s.section(), s.burrs())).toList(),
                due.size(), (int) due.stream().filter(s -> s.burrs() == 4).count(), seconds,
                sessions.findOpen(known.id()).map(SessionStore.StoredSession::id),
                sessions.lastEnded(known.id()).map(at -> LocalDate.ofInstant(at, clock.getZone())),
                PracticeView.today(known.dog(), trust));
    }
}
