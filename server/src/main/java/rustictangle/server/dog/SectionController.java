package rustictangle.server.dog;

import java.util.Arrays;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import rustictangle.core.dog.Region;
import rustictangle.core.dog.Section;
import rustictangle.core.dog.Side;

/** The places on a dog, with the names to show. */
@RestController
@RequestMapping("/api/sections")
class SectionController {

    /** @param partLabel without its side */
    record SectionInfo(
            Section section,
            String label,
            String partLabel,
            Region region,
            String regionLabel,
            Side side,
            boolean priority,
            boolean oftenSkipped,
            int sensitivityRank) {}

    private static final List<SectionInfo> ALL = Arrays.stream(Section.values())
            .map(s -> new SectionInfo(
                    s,
                    s.label(),
                    s.part().label(),
                    s.region(),
                    s.region().label(),
                    s.side(),
                    s.priority(),
                    s.oftenSkipped(),
                    s.sensitivityRank()))
            .toList();

    @GetMapping
    List<SectionInfo> all() {
        return ALL;
    }
}
