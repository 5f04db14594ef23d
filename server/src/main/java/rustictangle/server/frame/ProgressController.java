package rustictangle.server.frame;

import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** How far long work is. */
@RestController
record ProgressController(Progress progress) {

    /** What is under way; empty: nothing. */
    @GetMapping("/api/progress")
    List<Progress.Work> now() {
        return progress.now();
    }
}
