package rustictangle.server.coat;

import java.util.Arrays;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import rustictangle.core.coat.CoatKind;
import rustictangle.core.coat.Texture;

/** The kinds of coat, with how to tell them. */
@RestController
@RequestMapping("/api/coat-kinds")
class CoatKindController {

    record CoatKindInfo(CoatKind kind, String label, String recognisedBy, Texture usualTexture) { }

    private static final List<CoatKindInfo> ALL = Arrays.stream(CoatKind.values())
            .map(k -> new CoatKindInfo(k, k.label(), k.recognisedBy(), k.usualTexture()))
            .toList();

    @GetMapping
    List<CoatKindInfo> all() {
        return ALL;
    }
}
