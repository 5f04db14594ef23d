package rustictangle.server.frame;

import java.util.Optional;

/** What the household calls a device that was let in, also one that was put out since. */
public interface DeviceNames {

    /** Empty: it is none of those; said at the machine itself. */
    Optional<String> nameOf(String device);
}
