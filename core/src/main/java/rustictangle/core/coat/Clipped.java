package rustictangle.core.coat;

import rustictangle.core.dog.Region;

/** Whether a groomer keeps a dog's hair short. An attribute of its own, not a consequence of the kind. */
enum Clipped {
    NO,
    /** Body and neck; legs, head, ears and tail keep their length. */
    BODY,
    ALL;

    boolean at(Region region) {
        return this == ALL || this == BODY && (region == Region.BODY || region == Region.NECK);
    }
}
