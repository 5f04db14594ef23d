package rustictangle.server.door;

import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.validation.annotation.Validated;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import rustictangle.core.Refused;
import rustictangle.server.frame.NotThere;

/** The door to the home, as its owner opens and shuts it: at the machine itself only. */
@RestController
@RequestMapping("/api/home-door")
record HomeDoorController(HomeDoor door, HomeFile file, Pairing pairing) {

    /**
     * @param open      whether a phone reaches it now
     * @param chosen    where it was opened; with {@code open} false, the machine has that address no more
     * @param addresses of this machine in the home, of which one can be chosen
     * @param urls      under which it is reached, the surest first
     * @param fingerprint of the certificate, as a browser shows it
     */
    record HomeDoorView(
            boolean open,
            Optional<String> chosen,
            List<String> addresses,
            List<String> urls,
            Optional<String> fingerprint,
            Optional<OfferView> offer,
            List<DeviceView> devices) {}

    /**
     * @param url  with the code in it, to be scanned
     * @param code to be typed where nothing can be scanned
     */
    record OfferView(String name, Role role, String url, String code, Instant until) {}

    record DeviceView(String id, String name, Role role, Instant since, Instant lastUsed) {}

    /** @param address absent: shut */
    record HomeDoorForm(@Nullable @Size(max = 60) String address) {}

    record OfferForm(
            @NotBlank(message = "Give it a name, such as the phone on the shelf.")
                    @Size(max = 40, message = "At most 40 letters; shorten it.")
                    String name,
            @NotNull(message = "Say whose it is.") Role role) {}

    @GetMapping
    HomeDoorView shown() {
        Instant now = Instant.now();
        return new HomeDoorView(
                door.isOpen(),
                door.address(),
                Addresses.ofThisMachine(),
                door.urls(),
                door.certificate().filter(kept -> door.isOpen()).map(HomeCertificate::fingerprint),
                pairing.offered(now).filter(offer -> door.isOpen()).map(this::view),
                file.devices().stream()
                        .map(device -> new DeviceView(
                                device.id(), device.name(), device.role(), device.since(), device.lastUsed()))
                        .toList());
    }

    private OfferView view(Pairing.Offer offer) {
        return new OfferView(
                offer.name(),
                offer.role(),
                door.outerUrl(door.address().orElseThrow()) + "/pair#" + offer.code(),
                offer.code(),
                offer.until());
    }

    /** @throws Refused when it cannot be opened there */
    @PutMapping
    HomeDoorView stands(@Validated @RequestBody HomeDoorForm form) {
        if (form.address() == null) {
            pairing.withdraw();
            door.shut();
        } else {
            door.open(form.address());
        }
        return shown();
    }

    /** @throws Refused when the door is shut */
    @PostMapping("/offers")
    HomeDoorView offer(@Validated @RequestBody OfferForm form) {
        if (!door.isOpen()) {
            throw new Refused("Open the door to the home first.");
        }
        pairing.offer(form.name().strip(), form.role(), Instant.now());
        return shown();
    }

    @DeleteMapping("/offers")
    HomeDoorView withdraw() {
        pairing.withdraw();
        return shown();
    }

    /** From now on its cookie opens nothing. */
    @DeleteMapping("/devices/{id}")
    HomeDoorView putOut(@PathVariable String id) {
        if (file.devices().stream().noneMatch(device -> device.id().equals(id))) {
            throw new NotThere("device", id);
        }
        file.putOut(id);
        return shown();
    }
}
