package rustictangle.server.frame;

import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** How far long work is. */
@RestController
class ProgressController {

    private final Progress progress;

    ProgressController(Progress progress) {
        this.progress = progress;
    }

    /** What is under way; empty: nothing. */
    @GetMapping("/api/progress")
    List<Progress.Work> now() {
        return progress.now();
    }
}
