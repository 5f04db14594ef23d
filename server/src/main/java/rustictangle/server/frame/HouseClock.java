package rustictangle.server.frame;

import java.time.Clock;
import java.time.Instant;
import java.time.ZoneId;
import org.jspecify.annotations.Nullable;

/** The clock on the household's wall: the machine's moment, in the zone of those who live here. */
public class HouseClock extends Clock {

    private final Clock machine;
    /** Absent: the machine's. */
    private volatile @Nullable ZoneId zone;

    public HouseClock(Clock machine) {
        this.machine = machine;
    }

    /** @param ofTheHousehold absent: as the machine's */
    public void goBy(@Nullable ZoneId ofTheHousehold) {
        zone = ofTheHousehold;
    }

    public ZoneId ofTheMachine() {
        return machine.getZone();
    }

    @Override
    public ZoneId getZone() {
        ZoneId own = zone;
        return own == null ? machine.getZone() : own;
    }

    @Override
    public Instant instant() {
        return machine.instant();
    }

    @Override
    public Clock withZone(ZoneId other) {
        return machine.withZone(other);
    }
}
