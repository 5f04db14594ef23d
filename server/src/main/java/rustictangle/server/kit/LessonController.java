package rustictangle.server.kit;

import java.time.Clock;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import rustictangle.core.Refused;
import rustictangle.core.kit.HandLessons;
import rustictangle.core.kit.Tool;
import rustictangle.core.log.HandTaught;
import rustictangle.core.log.ToolKind;
import rustictangle.server.frame.ViewProbe;
import rustictangle.server.log.Logs;

/** The hand's own lesson. */
@RestController
@RequestMapping("/api/lessons")
class LessonController implements ViewProbe {

    /**
     * @param owned  whether one lies in the drawer
     * @param taught when the hand had its lesson last; absent: not yet
     */
    record LessonView(ToolKind kind, String label, boolean owned, Optional<LocalDate> taught) {}

    private final KitLoader kits;
    private final Logs logs;
    private final Clock clock;

    LessonController(KitLoader kits, Logs logs, Clock clock) {
        this.kits = kits;
        this.logs = logs;
        this.clock = clock;
    }

    /** Of every kind that is drawn through hair, those of the drawer first. */
    @GetMapping
    List<LessonView> lessons() {
        Set<ToolKind> owned = kits.drawer().stream().map(Tool::kind).collect(Collectors.toSet());
        HandLessons taught = HandLessons.of(logs.ofHousehold());
        return HandLessons.kinds().stream()
                .map(kind -> new LessonView(kind, kind.label(), owned.contains(kind), taught.taught(kind)))
                .sorted(Comparator.comparing(LessonView::owned).reversed())
                .toList();
    }

    /** The hand has gone through it today; a repeat on the same day changes nothing. */
    @PutMapping("/{kind}")
    @Transactional
    public List<LessonView> taught(@PathVariable ToolKind kind) {
        if (!HandLessons.kinds().contains(kind)) {
            throw new Refused("kind", "There is no lesson for this: it is not drawn through hair.");
        }
        LocalDate today = LocalDate.now(clock);
        if (HandLessons.of(logs.ofHousehold())
                .taught(kind)
                .filter(today::equals)
                .isEmpty()) {
            logs.sayOfHousehold(today, new HandTaught(kind));
        }
        return lessons();
    }

    /** Undo of today’s. */
    @DeleteMapping("/{kind}")
    @Transactional
    public List<LessonView> notTaught(@PathVariable ToolKind kind) {
        LocalDate today = LocalDate.now(clock);
        logs.takeBackOfHousehold(entry ->
                entry.said().equals(new HandTaught(kind)) && entry.day().equals(today));
        return lessons();
    }

    @Override
    public void household() {
        lessons();
    }
}
