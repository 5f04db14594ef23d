package rustictangle.server.coat;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import rustictangle.core.Reason;
import rustictangle.core.coat.CoatKind;
import rustictangle.core.coat.Texture;
import rustictangle.core.coat.Unbrushed;

/** The kinds of coat, with how to tell them. */
@RestController
@RequestMapping("/api/coat-kinds")
class CoatKindController {

    record CoatKindInfo(
            CoatKind kind, Texture usualTexture, boolean usuallyUndercoat, boolean brushed, Optional<Reason> limits) {}

    private static final List<CoatKindInfo> ALL = Arrays.stream(CoatKind.values())
            .map(k -> new CoatKindInfo(
                    k,
                    k.usualTexture(),
                    k.usuallyUndercoat(),
                    k.brushed(),
                    k.brushed() ? Optional.empty() : Optional.of(Unbrushed.limits(k))))
            .toList();

    @GetMapping
    List<CoatKindInfo> all() {
        return ALL;
    }
}
