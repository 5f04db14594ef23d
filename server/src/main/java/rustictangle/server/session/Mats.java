package rustictangle.server.session;

import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import org.springframework.stereotype.Component;
import rustictangle.core.rhythm.Diary;
import rustictangle.core.session.Mat;
import rustictangle.server.frame.LogReader;
import rustictangle.server.frame.PastLogStore;

/** The mats left in and not cleared since. */
@Component
public class Mats {

    private final LogReader<Mat.Look> looks;
    private final Clock clock;

    Mats(EventStore events, PastLogStore log, Clock clock) {
        this.looks = new LogReader<>(log, Diary.REMEMBERED_DAYS, events::looks);
        this.clock = clock;
    }

    public List<Mat> stillIn(long dogId) {
        return Mat.stillIn(looks.of(dogId, LocalDate.now(clock)));
    }
}
