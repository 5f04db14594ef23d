package rustictangle.server.trust;

import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import rustictangle.core.kit.Kit;
import rustictangle.core.kit.Tool;
import rustictangle.core.log.Subject;
import rustictangle.core.trust.Lesson;
import rustictangle.core.trust.Practice;
import rustictangle.core.trust.Trial;
import rustictangle.core.trust.Trust;
import rustictangle.server.coat.KnownDog;
import rustictangle.server.frame.LastMade;
import rustictangle.server.kit.KitLoader;
import rustictangle.server.log.Logs;

/** Loads where a known dog stands today. */
@Component
public class TrustLoader {

    private record Facts(KnownDog known, Kit kit, List<Trial> answers, LocalDate today) {}

    private final Logs logs;
    private final KitLoader kits;
    private final LastMade made;
    private final Clock clock;

    TrustLoader(Logs logs, KitLoader kits, LastMade made, Clock clock) {
        this.logs = logs;
        this.kits = kits;
        this.made = made;
        this.clock = clock;
    }

    public Trust of(KnownDog known) {
        LocalDate today = LocalDate.now(clock);
        Facts facts = new Facts(known, kits.of(known), Trust.answers(logs.of(known.id()), today), today);
        return made.of(Trust.class, known.id(), facts, now -> Trust.of(known.dog(), now.kit, now.answers, now.today));
    }

    public List<Practice> today(KnownDog known) {
        return Practice.today(known.dog(), of(known), owned());
    }

    /** What of the drawer a dog has to get used to. */
    Set<Subject> owned() {
        return kits.drawer().stream()
                .map(Tool::kind)
                .flatMap(kind -> Lesson.with(kind).stream())
                .collect(Collectors.toSet());
    }
}
