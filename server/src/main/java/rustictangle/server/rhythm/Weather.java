package rustictangle.server.rhythm;

import java.time.LocalDate;

/** The weather where the household lives. */
public interface Weather {

    /** Whether it rained on that day so that a dog outside got wet. */
    boolean wet(LocalDate day);

    /** Whether it is only a stand-in for a real one; the interface says so. */
    boolean simulated();
}
