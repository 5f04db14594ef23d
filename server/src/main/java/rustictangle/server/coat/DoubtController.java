package rustictangle.server.coat;

import jakarta.validation.Valid;
import java.util.List;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import rustictangle.core.coat.Doubt;

/** What about a coat should be asked before it is kept; nothing is stored here. */
@RestController
class DoubtController {

    @PostMapping("/api/coat-doubts")
    List<Doubt> about(@Valid @RequestBody CoatForm form) {
        return Doubt.about(form.coat());
    }
}
