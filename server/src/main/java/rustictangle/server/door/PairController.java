package rustictangle.server.door;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.util.Optional;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseCookie;
import org.springframework.http.ResponseEntity;
import org.springframework.validation.annotation.Validated;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import rustictangle.core.Refused;
import rustictangle.server.frame.NotThere;
import rustictangle.server.frame.Problems;
import rustictangle.server.frame.Sender;

/** How a device is let in, and what it is told of itself. */
@RestController
record PairController(HomeDoor door, HomeFile file, Pairing pairing) {

    /** @param fingerprint of the certificate, to be held against what the machine itself shows; absent: the door is shut */
    record DoorView(Optional<String> fingerprint) {}

    record PairForm(@NotNull @Size(max = 40) String code) {}

    /**
     * Who asks.
     *
     * @param role absent: at the machine itself
     */
    record MeView(Optional<Role> role, Optional<String> name) {}

    @GetMapping("/api/pair")
    DoorView before() {
        return new DoorView(door.certificate().map(HomeCertificate::fingerprint));
    }

    /** The household's root, which a phone may take in: then its browser trusts this door, and only doors of a home. */
    @GetMapping("/api/pair/root.cer")
    ResponseEntity<byte[]> root() {
        byte[] root = door.certificate()
                .map(HomeCertificate::root)
                .orElseThrow(() -> new NotThere("certificate", "of a door that is shut"));
        return ResponseEntity.ok()
                .contentType(MediaType.parseMediaType("application/x-x509-ca-cert"))
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=rustic-tangle-root.cer")
                .body(root);
    }

    /** @throws Refused when the code is wrong or spent, or too many were tried */
    @PostMapping("/api/pair")
    ResponseEntity<MeView> pair(@Validated @RequestBody PairForm form, HttpServletRequest request) {
        Instant now = Instant.now();
        Pairing.Offer offer = pairing.redeem(form.code(), request.getRemoteAddr(), now);
        HomeFile.LetIn letIn = file.letIn(offer.name(), offer.role(), now);
        ResponseCookie cookie = ResponseCookie.from(HomeFilter.COOKIE, letIn.cookie())
                .httpOnly(true)
                .secure(true)
                .sameSite("Strict")
                .path("/")
                .maxAge(EnterController.KEPT)
                .build();
        return ResponseEntity.ok()
                .header(HttpHeaders.SET_COOKIE, cookie.toString())
                .body(me(letIn.device()));
    }

    @ExceptionHandler(Pairing.Wait.class)
    ResponseEntity<ProblemDetail> wait(Pairing.Wait e) {
        return ResponseEntity.status(HttpStatus.TOO_MANY_REQUESTS)
                .body(Problems.problem(
                        HttpStatus.TOO_MANY_REQUESTS, Problems.BUSY, "Wait a little", String.valueOf(e.getMessage())));
    }

    @GetMapping("/api/me")
    MeView me(HttpServletRequest request) {
        Object known = request.getAttribute(Sender.KNOWN);
        return file.devices().stream()
                .filter(device -> device.id().equals(known))
                .findFirst()
                .map(PairController::me)
                .orElse(new MeView(Optional.empty(), Optional.empty()));
    }

    private static MeView me(Device device) {
        return new MeView(Optional.of(device.role()), Optional.of(device.name()));
    }
}
