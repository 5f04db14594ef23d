package rustictangle.server.door;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Duration;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseCookie;
import org.springframework.http.ResponseEntity;
import org.springframework.validation.annotation.Validated;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import rustictangle.core.Refused;

/** Lets a browser of this machine in. */
@RestController
record EnterController(OwnKey key) {

    /** As long as browsers keep one at all. */
    static final Duration KEPT = Duration.ofDays(400);

    record EnterForm(@NotNull @Size(max = 100) String key) {}

    /** @throws Refused when the key is not the one that stands in the file beside the data */
    @PostMapping("/api/enter")
    ResponseEntity<Void> enter(@Validated @RequestBody EnterForm form, HttpServletRequest request) {
        if (!key.fits(form.key())) {
            throw new Refused("That key does not fit. Start Rustic Tangle again: it opens the right page.");
        }
        ResponseCookie cookie = ResponseCookie.from(OwnKey.cookieName(request), form.key())
                .httpOnly(true)
                .sameSite("Strict")
                .path("/")
                .maxAge(KEPT)
                .build();
        return ResponseEntity.noContent()
                .header(HttpHeaders.SET_COOKIE, cookie.toString())
                .build();
    }
}
