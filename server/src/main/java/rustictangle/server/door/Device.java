package rustictangle.server.door;

import java.time.Instant;

/**
 * One that was let in.
 *
 * @param hash     SHA-256 of the secret that its cookie carries, in hexadecimal digits; the secret itself is kept nowhere
 * @param lastUsed within the hour
 */
record Device(String id, String name, Role role, String hash, Instant since, Instant lastUsed) {

    Device used(Instant now) {
        return new Device(id, name, role, hash, since, now);
    }
}
