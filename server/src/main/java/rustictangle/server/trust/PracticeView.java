package rustictangle.server.trust;

import java.util.List;
import rustictangle.core.Reason;
import rustictangle.core.dog.Dog;
import rustictangle.core.trust.Practice;
import rustictangle.core.trust.Trust;

/**
 * Today's short practice.
 *
 * @param atMostSeconds then stop, on a good moment
 * @param treatKcal     what its treats may hold together
 */
public record PracticeView(StandingView standing, String howTo, long atMostSeconds, double treatKcal,
        List<Reason> reasons) {

    public static PracticeView today(Dog dog, Trust trust) {
        Practice practice = Practice.today(dog, trust);
        return new PracticeView(StandingView.of(practice.section(), practice.standing()),
                practice.standing().rung().howTo(), practice.atMost().toSeconds(), practice.treatKcal(),
                practice.reasons());
    }
}
