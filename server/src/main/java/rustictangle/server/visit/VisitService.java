package rustictangle.server.visit;

import java.time.LocalDate;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import rustictangle.core.coat.HairLength;
import rustictangle.core.coat.LengthReading;
import rustictangle.server.coat.KnownDog;
import rustictangle.server.coat.ReadingStore;

/** Keeps a visit together with the lengths it left, and takes both back. */
@Service
class VisitService {

    private final VisitStore visits;
    private final ReadingStore readings;

    VisitService(VisitStore visits, ReadingStore readings) {
        this.visits = visits;
        this.readings = readings;
    }

    /** What was left is how long the hair was that day, wherever it grows on. */
    @Transactional
    public void put(KnownDog known, VisitStore.Visit visit) {
        readings.takeBackOfVisit(known.id(), visit.day());
        visits.put(known.id(), visit);
        if (visit.tookOver() && visit.leftMillimetres() != null) {
            LengthReading left = new LengthReading(visit.day(), new HairLength(visit.leftMillimetres()));
            known.coat().regions().forEach((region, hair) -> {
                if (hair.kind().growsOn()) {
                    readings.putOfVisit(known.id(), region, left);
                }
            });
        }
    }

    /** It was none. A repeat changes nothing. */
    @Transactional
    public void remove(long dogId, LocalDate day) {
        readings.takeBackOfVisit(dogId, day);
        visits.remove(dogId, day);
    }
}
