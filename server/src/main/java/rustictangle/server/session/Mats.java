package rustictangle.server.session;

import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Component;
import rustictangle.core.rhythm.Diary;
import rustictangle.core.session.Mat;
import rustictangle.server.frame.LogReader;
import rustictangle.server.frame.PastLogStore;

/** The mats left in and not cleared since, by a comb or a groomer. */
@Component
public class Mats {

    private final LogReader<Mat.Look> looks;
    private final SessionStore sessions;
    private final Clock clock;

    Mats(EventStore events, SessionStore sessions, PastLogStore log, Clock clock) {
        this.sessions = sessions;
        this.looks = new LogReader<>(log, Diary.REMEMBERED_DAYS, events::looks);
        this.clock = clock;
    }

    public List<Mat> stillIn(long dogId) {
        LocalDate today = LocalDate.now(clock);
        Optional<LocalDate> groom = sessions.lastGroom(dogId, today);
        return Mat.stillIn(looks.of(dogId, today).stream()
                .filter(look -> groom.filter(day -> !look.day().isAfter(day)).isEmpty())
                .toList());
    }
}
