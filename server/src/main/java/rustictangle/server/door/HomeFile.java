package rustictangle.server.door;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HexFormat;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;
import rustictangle.core.Refused;
import rustictangle.server.frame.DataFile;
import rustictangle.server.frame.DeviceNames;
import rustictangle.server.frame.PrivateFiles;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.json.JsonMapper;

/**
 * Whether the door to the home is open, at which address, and who was let in: in a file of this machine beside the data, not
 * in it. A copy of the household that is taken in again brings nobody back who was put out.
 */
@Component
final class HomeFile implements DeviceNames {

    private static final Logger LOG = LoggerFactory.getLogger("rustictangle");
    private static final Duration NOTED_EVERY = Duration.ofHours(1);
    private static final int SECRET_BYTES = 32;
    private static final int MOST = 30;

    /**
     * @param address at which the door stands; null: it is shut
     * @param former  the names of those that were put out, by id: what they said still stands
     */
    private record Kept(@Nullable String address, List<Device> devices, Map<String, String> former) {

        private static final Kept NOTHING = new Kept(null, List.of(), Map.of());

        private Kept with(List<Device> others) {
            return new Kept(address, others, former);
        }
    }

    /** @param cookie what the device bears from now on */
    record LetIn(Device device, String cookie) {}

    private final JsonMapper json;
    private final Path data;
    private final Path file;
    private Kept kept;

    HomeFile(DataFile data, JsonMapper json) {
        this.json = json;
        this.data = data.file();
        this.file = this.data.resolveSibling(this.data.getFileName() + ".home.json");
        this.kept = read();
    }

    private Kept read() {
        try {
            return Files.exists(file) ? json.readValue(Files.readString(file), Kept.class) : Kept.NOTHING;
        } catch (IOException | JacksonException damaged) {
            LOG.warn("{} cannot be read: the door to the home stays shut, and devices are let in anew.", file);
            return Kept.NOTHING;
        }
    }

    private void keep(Kept now) {
        try {
            PrivateFiles.write(data, file, json.writeValueAsBytes(now));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        kept = now;
    }

    synchronized Optional<String> address() {
        return Optional.ofNullable(kept.address);
    }

    /** @param address null: shut */
    synchronized void stands(@Nullable String address) {
        keep(new Kept(address, kept.devices, kept.former));
    }

    synchronized List<Device> devices() {
        return kept.devices;
    }

    /** @throws Refused when there are as many as one household has */
    synchronized LetIn letIn(String name, Role role, Instant now) {
        if (kept.devices.size() >= MOST) {
            throw new Refused("At most " + MOST + " devices. Take one out that is not used any more.");
        }
        String secret = Secrets.fresh(SECRET_BYTES);
        Device device = new Device(UUID.randomUUID().toString(), name, role, hash(secret), now, now);
        List<Device> devices = new ArrayList<>(kept.devices);
        devices.add(device);
        keep(kept.with(devices));
        return new LetIn(device, device.id() + "." + secret);
    }

    /** From now on its cookie opens nothing. */
    synchronized void putOut(String id) {
        Map<String, String> former = new HashMap<>(kept.former);
        kept.devices.stream().filter(device -> device.id().equals(id)).forEach(device -> former.put(id, device.name()));
        keep(new Kept(
                kept.address,
                kept.devices.stream().filter(device -> !device.id().equals(id)).toList(),
                former));
    }

    /** Whose cookie this is; empty: nobody's, or of one that was put out. */
    synchronized Optional<Device> bearing(String cookie, Instant now) {
        int dot = cookie.indexOf('.');
        if (dot < 0) {
            return Optional.empty();
        }
        String id = cookie.substring(0, dot);
        byte[] given = bytes(hash(cookie.substring(dot + 1)));
        Optional<Device> device = kept.devices.stream()
                .filter(one -> one.id().equals(id) && MessageDigest.isEqual(bytes(one.hash()), given))
                .findFirst();
        device.filter(one -> one.lastUsed().plus(NOTED_EVERY).isBefore(now)).ifPresent(one -> noteUse(one, now));
        return device;
    }

    private void noteUse(Device used, Instant now) {
        try {
            keep(kept.with(kept.devices.stream()
                    .map(device -> device.equals(used) ? used.used(now) : device)
                    .toList()));
        } catch (UncheckedIOException full) {
            LOG.debug("The use of a device was not noted", full);
        }
    }

    @Override
    public synchronized Optional<String> nameOf(String device) {
        return kept.devices.stream()
                .filter(one -> one.id().equals(device))
                .map(Device::name)
                .findFirst()
                .or(() -> Optional.ofNullable(kept.former.get(device)));
    }

    private static String hash(String secret) {
        try {
            return HexFormat.of().formatHex(MessageDigest.getInstance("SHA-256").digest(bytes(secret)));
        } catch (NoSuchAlgorithmException everyJavaHasIt) {
            throw new IllegalStateException(everyJavaHasIt);
        }
    }

    private static byte[] bytes(String text) {
        return text.getBytes(StandardCharsets.UTF_8);
    }
}
